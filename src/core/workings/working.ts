import type { Study } from '../board/study';
import { refuse } from '../errors';
import { contextOf } from './context';
import { differenceWorking, isDifference } from './difference';
import { isRuleFigure, ruleWorking } from './held';
import { holidayTerm } from './holiday-term';
import { LINES } from './lines';
import { PIECE } from './piece';
import { POUR } from './pour';
import { SHAPE_FACTS } from './shape-facts';
import { computed, chosen } from './symbols';
import { TIME } from './time';
import { TOOLING } from './tooling';
import { TOTALS } from './totals';
import { WASTE } from './waste';
import type { Working } from './types';

const BUILDERS = { ...TOTALS, ...TOOLING, ...LINES, ...POUR, ...PIECE, ...SHAPE_FACTS, ...TIME, ...WASTE };

/** Figures that have a working on a casting lane. */
export const FIGURES: readonly string[] = Object.keys(BUILDERS);

/**
 * The working of one figure of one lane at one quantity. Nothing of it is made until it is asked for.
 *
 * @param laneId lane or baseline id
 * @param figure one of FIGURES, of the rules (mass, pourMass, sectionRatio, clamp, width.N for feature N), or a difference (diff.FIGURE.LANE, underToday); a baseline has allIn, unit, total, tooling, firstArticle and lastPart
 * @throws {CoreError} E_KEY for an unknown lane or figure, E_NO_VALUE for a lane without money
 */
export function workingOf(study: Study, laneId: string, q: number, figure: string): Working {
  if (isDifference(figure))
    return { figure, ...differenceWorking(study, laneId, figure, (id, name) => workingOf(study, id, q, name)) };
  const baseline = study.baselines.find((b) => b.id === laneId);
  if (baseline !== undefined) return { figure, ...baselineWorking(study, baseline, q, figure) };
  if (isRuleFigure(figure)) {
    const entry = study.lanes.find((e) => e.lane.id === laneId);
    if (entry === undefined) return refuse('E_KEY', 'lane', laneId, 'the id of a lane');
    return { figure, ...ruleWorking(study, entry, figure) };
  }
  const build = BUILDERS[figure];
  if (build === undefined) return refuse('E_KEY', 'figure', figure, FIGURES.join(' | '));
  return { figure, ...build(contextOf(study, laneId, q)) };
}

function baselineWorking(
  study: Study,
  b: Study['baselines'][number],
  q: number,
  figure: string,
): Omit<Working, 'figure'> {
  const cur = study.rates.currency.code;
  const symbols = Object.entries(b.symbols).map(([k, v]) => computed(k, k.replaceAll('_', ', '), v, ''));
  const q1 = chosen('q', 'pieces in the whole programme', q, 'pieces');
  const equation = {
    machined: 'Cost model 9.1 to 9.4',
    stamped: 'Cost model 9.5',
    fabricated: 'Cost model 9.6',
    split: 'Cost model 8 for the cast piece, 9 for the other, 9.6 for the joining',
  }[b.id];
  switch (figure) {
    case 'allIn':
      return {
        title: `${b.name}: all in, a part`,
        equation,
        expression: 'T / q',
        value: b.total(q) / q,
        unit: `${cur}/part`,
        symbols: [computed('T', 'total of the programme', b.total(q), cur, 'total'), q1],
        note: null,
      };
    case 'total':
      return {
        title: `${b.name}: total`,
        equation,
        expression: 'tools + parts',
        value: b.total(q),
        unit: cur,
        symbols: [
          computed('tools', 'programs and fixtures', b.tooling(q), cur, 'tooling'),
          computed('parts', 'lots and pieces', b.total(q) - b.tooling(q), cur, 'unit'),
        ],
        note: null,
      };
    case 'tooling':
      return {
        title: `${b.name}: tooling`,
        equation,
        expression: 'tools',
        value: b.tooling(q),
        unit: cur,
        symbols: [
          computed('tools', 'programs, fixtures or press tool, mark-up included', b.tooling(q), cur),
          ...symbols,
        ],
        note: null,
      };
    case 'unit': {
      const lines = Object.entries(b.lines(q));
      return {
        title: `${b.name}: price of a part`,
        equation,
        expression: lines.map(([k]) => k).join(' + '),
        value: b.unit(q),
        unit: `${cur}/part`,
        symbols: [
          ...lines.map(([k, v]) => computed(k, k, v, `${cur}/part`)),
          ...symbols.filter((s) => !lines.some(([k]) => k === s.symbol)),
        ],
        note: 'The further symbols are those the lines are made of.',
      };
    }
    case 'firstArticle':
    case 'lastPart': {
      const days = b.dayOf(figure === 'lastPart' ? q : 1, q);
      const off = holidayTerm(study, days);
      return {
        title: `${b.name}: ${figure === 'lastPart' ? 'last part' : 'first part'}`,
        equation: 'Time model T13',
        expression: `D${off.term}`,
        value: days + off.days,
        unit: 'days from the order',
        symbols: [
          computed('D', 'queue, material, set-ups and minutes a piece', days, 'days'),
          ...off.symbols,
          ...symbols,
        ],
        note: null,
      };
    }
    default:
      return refuse('E_KEY', 'figure', figure, 'allIn | total | tooling | unit | firstArticle | lastPart');
  }
}
