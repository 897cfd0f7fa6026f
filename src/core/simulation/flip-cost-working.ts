import { shortName } from '../catalogue/routes';
import { computed, type Working, type WorkingSymbol } from '../equations';
import type { BriefFlip, FlipCost } from './brief-flips';
import { figureWords } from './words';

/**
 * Where a lane or a plan and another change places as something of the brief moves, by both programmes on either side.
 * @param flip of the brief, with its looks
 * @param k which of the places it tells
 * @param leads lane, or the plan, whose flip it is
 * @param code of the study's currency
 * @param told the figure as it is told, where that is the last before the place
 * @returns null where the flip keeps no looks: figures of its own tell it
 * @example
 * flipCostWorking(ofBrief.find((f) => f.kind === 'tooling'), 0, board.leader, 'USD') // null
 */
export function flipCostWorking(
  flip: BriefFlip,
  k: number,
  leads: string,
  code: string,
  told?: number,
): Working | null {
  const [looks, x] = [flip.looks?.[k], told ?? flip.at[k]];
  if (looks === undefined || x === undefined) return null;
  const [within, beyond] = looks;
  const other = flip.against === null ? 'no other' : shortName(flip.against);
  const given =
    flip.kind === 'tolerance' ? ({ source: 'brief', path: flip.key } as const) : { source: 'choice' as const };
  const programme = (symbol: string, name: string, total: number | null, at: number): WorkingSymbol[] =>
    total === null ? [] : [computed(symbol, `programme of ${name} at ${figureWords(at, flip.unit)}`, total, code)];
  const both = (look: FlipCost, n: 1 | 2): WorkingSymbol[] => [
    ...programme(`a${n}`, shortName(leads), look.own, look.x),
    ...programme(`b${n}`, other, look.other, look.x),
  ];
  return {
    figure: `flip.${flip.kind}`,
    title: `${flip.words.replace(/^./, (c) => c.toUpperCase())}: where it changes`,
    equation: 'Each looked at in turn, with everything else as it is, and the change narrowed down between two looks',
    expression: 'x',
    value: x,
    unit: flip.unit,
    symbols: [
      { ...computed('x', `${flip.words}, where it changes`, x, flip.unit), source: 'choice' },
      { ...computed('now', `${flip.words}, now`, flip.now, flip.unit), ...given },
      ...both(within, 1),
      ...(beyond === null ? [] : both(beyond, 2)),
    ],
    note:
      [within, ...(beyond === null ? [] : [beyond])].flatMap((l) => sideWords(l, flip, leads, code)).join(' ') || null,
  };
}

/** What holds at one place: by how much it is ahead or behind, what is late, or why it cannot be made. */
function sideWords({ x, own, other, words }: FlipCost, flip: BriefFlip, leads: string, code: string): string[] {
  const at = `At ${figureWords(x, flip.unit)}`;
  if (own === null) return [`${at} ${shortName(leads)} cannot be made${words === null ? '' : `: ${words}`}.`];
  const gap =
    other === null ? [] : [`${own <= other ? 'ahead' : 'behind'} by ${figureWords(Math.abs(other - own), code)}`];
  const told = [...gap, ...(words === null ? [] : [words])];
  return told.length === 0 ? [] : [`${at}: ${told.join('; ')}.`];
}
