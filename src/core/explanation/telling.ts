import type { Working } from '../equations';

/** A figure as it stands in a sentence, with what opens behind it. */
export interface ToldFigure {
  readonly text: string;
  /** Lane or baseline the figure is of. */
  readonly laneId: string;
  /** Name of the figure whose working opens; null opens the reasons of the lane. */
  readonly figure: string | null;
  /** Pieces the figure is told at, where that is not the quantity of the whole sentence. */
  readonly q?: number;
  /** Its working where it is carried along: of what was drawn or searched for. */
  readonly made?: Working;
  /** Whose figure it is where a sentence tells of two studies: the signed one, or it at today's rates. */
  readonly at?: 'signed' | 'today';
}

/** A sentence in pieces: plain words, and figures that open. */
export type Telling = readonly (string | ToldFigure)[];

/** A figure for a sentence. @param q pieces, where other than the sentence's own */
export const figure = (text: string, laneId: string, name: string | null, q?: number): ToldFigure => ({
  text,
  laneId,
  figure: name,
  ...(q === undefined ? {} : { q }),
});

/** A figure for a sentence that carries its own working. */
export const madeFigure = (text: string, laneId: string, made: Working): ToldFigure => ({
  text,
  laneId,
  figure: made.figure,
  made,
});

/** A figure of one of the two studies that a sentence tells of. */
export const figureOf = (at: 'signed' | 'today', text: string, laneId: string, name: string): ToldFigure => ({
  ...figure(text, laneId, name),
  at,
});

/** Template tag: strings, numbers and tellings are joined, figures kept. Neighbouring words become one piece. */
export function tell(
  words: TemplateStringsArray,
  ...between: readonly (string | number | ToldFigure | Telling)[]
): Telling {
  const out: (string | ToldFigure)[] = [];
  const add = (piece: string | ToldFigure): void => {
    const last = out.at(-1);
    if (typeof piece === 'string' && typeof last === 'string') out[out.length - 1] = last + piece;
    else if (piece !== '') out.push(piece);
  };
  words.forEach((text, i) => {
    add(text);
    const next = between[i];
    if (next === undefined) return;
    if (typeof next === 'number') add(String(next));
    else if (typeof next === 'string' || !isTelling(next)) add(next);
    else next.forEach(add);
  });
  return out;
}

const isTelling = (x: ToldFigure | Telling): x is Telling => Array.isArray(x);

/** Parts one after another, with the same words between each two. */
export const listed = (parts: readonly (string | ToldFigure | Telling)[], between: string): Telling =>
  parts.reduce<Telling>((before, part, i) => (i === 0 ? tell`${part}` : tell`${before}${between}${part}`), []);

/** The sentence as plain text. */
export const plain = (told: Telling): string =>
  told.map((piece) => (typeof piece === 'string' ? piece : piece.text)).join('');
