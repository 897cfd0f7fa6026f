import type { Working } from '../equations';

/** A figure as it stands in a sentence, with what opens behind it. */
export interface ExplainedFigure {
  readonly text: string;
  /** Lane or baseline the figure is of. */
  readonly laneId: string;
  /** Name of the figure whose working opens; null opens the reasons of the lane. */
  readonly figure: string | null;
  /** Pieces the figure is shown at, where that is not the quantity of the whole sentence. */
  readonly q?: number;
  /** Its working where it is carried along: of what was drawn or searched for. */
  readonly working?: Working;
  /** Whose figure it is where a sentence tells of two studies: the signed one, or it at today's rates. */
  readonly at?: 'signed' | 'today';
}

/** A sentence in pieces: plain words, and figures that open. */
export type Explanation = readonly (string | ExplainedFigure)[];

/**
 * A figure for a sentence. @param q pieces, where other than the sentence's own
 * @example
 * figure('8.10 USD', 'gravity-die/hand', 'allIn').figure // 'allIn'
 */
export const figure = (text: string, laneId: string, name: string | null, q?: number): ExplainedFigure => ({
  text,
  laneId,
  figure: name,
  ...(q === undefined ? {} : { q }),
});

/**
 * A figure for a sentence that carries its own working.
 *
 * @example
 * computedFigure('8.10 USD', 'gravity-die/hand', workings.working(board.leader, 'allIn')).figure // 'allIn'
 */
export const computedFigure = (text: string, laneId: string, made: Working): ExplainedFigure => ({
  text,
  laneId,
  figure: made.figure,
  working: made,
});

/**
 * A figure of one of the two studies that a sentence tells of.
 *
 * @example
 * figureOf('signed', '8.10 USD', 'gravity-die/hand', 'allIn').at // 'signed'
 */
export const figureOf = (at: 'signed' | 'today', text: string, laneId: string, name: string): ExplainedFigure => ({
  ...figure(text, laneId, name),
  at,
});

/**
 * Template tag: strings, numbers and tellings are joined, figures kept. Neighbouring words become one piece.
 *
 * @example
 * plain(explain`it costs ${figure('8.10 USD', 'gravity-die/hand', 'allIn')} a part`) // 'it costs 8.10 USD a part'
 */
export function explain(
  words: TemplateStringsArray,
  ...between: readonly (string | number | ExplainedFigure | Explanation)[]
): Explanation {
  const out: (string | ExplainedFigure)[] = [];
  const add = (piece: string | ExplainedFigure): void => {
    const last = out.at(-1);
    if (typeof piece === 'string' && typeof last === 'string') out[out.length - 1] = last + piece;
    else if (piece !== '') out.push(piece);
  };
  words.forEach((text, i) => {
    add(text);
    const next = between[i];
    if (next === undefined) return;
    if (typeof next === 'number') add(String(next));
    else if (typeof next === 'string' || !isExplanation(next)) add(next);
    else next.forEach(add);
  });
  return out;
}

const isExplanation = (x: ExplainedFigure | Explanation): x is Explanation => Array.isArray(x);

/**
 * Parts one after another, with the same words between each two.
 *
 * @example
 * plain(listed(['sand', 'plaster'], ', ')) // 'sand, plaster'
 */
export const listed = (parts: readonly (string | ExplainedFigure | Explanation)[], between: string): Explanation =>
  parts.reduce<Explanation>(
    (before, part, i) => (i === 0 ? explain`${part}` : explain`${before}${between}${part}`),
    [],
  );

/**
 * The sentence as plain text.
 *
 * @example
 * plain(['it costs ', { text: '8.10 USD', laneId: 'x', figure: null }]) // 'it costs 8.10 USD'
 */
export const plain = (explanation: Explanation): string =>
  explanation.map((piece) => (typeof piece === 'string' ? piece : piece.text)).join('');
