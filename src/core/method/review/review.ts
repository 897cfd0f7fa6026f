import { refuse } from '../../base/errors';
import { laneMoney } from '../../cost';
import { bestLayout, type Study } from '../../study';
import { MOULD_OF_ROUTE } from '../data/moulds.data';
import { MethodSheet } from '../sheet';
import type { Method, MethodFigure, MethodGiven } from '../types';
import { QUESTIONS, type ReviewTool } from './questions.data';

/** A question to a tool that was made elsewhere. */
export interface ReviewQuestion {
  readonly id: string;
  /** Feature of the tool that it is about. */
  readonly feature: string;
  readonly question: string;
  /** What this part asks for, with its figures, in stored units; empty where nothing is known. */
  readonly here: string;
  readonly how: string;
  readonly missed: string;
  /** Figure of what it costs if it is missed, USD. */
  readonly cost: string;
  readonly cost_USD: number;
}

/** The list of questions, dearest first, with the values and workings that its costs are made of. */
export interface Review {
  readonly laneId: string;
  readonly tool: ReviewTool;
  readonly questions: readonly ReviewQuestion[];
  readonly givens: readonly MethodGiven[];
  readonly figures: readonly MethodFigure[];
}

/** Growth of tool steel and of tooling board, share a kelvin. Basis: handbook. */
const GROWTH = { die: 12e-6, pattern: 23e-6 } as const;
const ROOM_C = 20;

/** Kind of tool of a lane; null where nothing is made that lasts. */
function toolOf(laneId: string): ReviewTool | null {
  if (laneId.endsWith('/printed')) return null;
  const kind = MOULD_OF_ROUTE[laneId.split('/')[0] ?? ''];
  if (kind === 'die' || kind === 'pressureDie') return 'die';
  return kind === 'shell' ? 'waxDie' : kind === 'block' || kind === 'rubber' ? 'master' : 'pattern';
}

/**
 * Questions to ask of a tool that was bought or inherited, filled from the part and its method: how each is checked, and what it costs if it
 * is missed. The costs are what mending takes at the shop’s rate, or the castings that are lost until it is found.
 *
 * @param study made ready; method of the lane at the same pieces; q pieces of the programme
 * @returns questions, dearest first; null where the route has no tool that lasts
 * @throws {CoreError} E_KEY for a method of a lane that the study has not
 * @example
 * reviewOf(study, method, 500).questions.length > 8 // true
 */
export function reviewOf(study: Study, method: Method, q: number): Review | null {
  const { laneId } = method;
  const tool = toolOf(laneId);
  if (tool === null) return null;
  const entry = study.lanes.find((l) => l.lane.id === laneId);
  const best = entry === undefined ? null : bestLayout(entry, q);
  if (entry?.model == null || best === null || study.facts === null)
    return refuse('E_KEY', 'laneId', laneId, 'a lane of the study with money');
  const { facts } = study;
  const sheet = new MethodSheet({});
  const usd = study.rates.currency.code;
  sheet.give('toolHour', 'safety', 'an hour of the tool maker', `${usd}/h`, entry.model.R.tool, 'route');
  sheet.give('castingCost', 'safety', 'one casting', usd, laneMoney(best.cost, q).unit, 'layout');
  const all = new Map([...method.givens, ...method.figures].map((x) => [x.id, x.value]));
  const at = (id: string): number => all.get(id) ?? NaN;
  const here: Readonly<Record<string, string>> = {
    guides: Number.isFinite(at('mouldTemp'))
      ? `From cold to ${at('mouldTemp').toFixed(0)} °C a tool of ${Math.max(facts.L, facts.W).toFixed(0)} mm grows by ${(GROWTH[tool === 'die' ? 'die' : 'pattern'] * Math.max(facts.L, facts.W) * (at('mouldTemp') - ROOM_C)).toFixed(2)} mm.`
      : '',
    pulls:
      facts.nH + facts.nP > 0
        ? `${facts.nH} cored holes and ${facts.nP} passages; ${facts.H.toFixed(0)} mm along the draw.`
        : 'No cored hole is in the brief.',
    loose: facts.nU > 0 ? `${facts.nU} undercuts: ${facts.nU} pieces or slides.` : 'No undercut is in the brief.',
    vents: Number.isFinite(at('vents')) ? `${at('vents').toFixed(0)} mm² in all.` : '',
    draft: `${facts.H.toFixed(0)} mm deep at most.`,
    feeder: Number.isFinite(at('feederLeast'))
      ? `At least ${at('feederLeast').toFixed(0)} mm across for a modulus of ${at('modulusHeavy').toFixed(1)} mm.`
      : '',
    gates: Number.isFinite(at('gatesArea')) ? `${at('gatesArea').toFixed(0)} mm² in all.` : '',
    shrink: method.sizes
      .slice(0, 3)
      .map((s) => `${s.name}: ${s.tool_mm.toFixed(2)} mm`)
      .join('; '),
    metal: `${facts.alloy.name} against the tool’s metal.`,
    machine: Number.isFinite(at('lock')) ? `${at('lock').toFixed(0)} kN of lock.` : '',
    ejectors: `${facts.L.toFixed(0)} × ${facts.W.toFixed(0)} mm of face.`,
  };
  const questions = QUESTIONS.filter((x) => x.tools.includes(tool)).map((x): ReviewQuestion => {
    const cost = `${x.id}.cost`;
    if (x.hours !== undefined) {
      sheet.give(`${x.id}.hours`, 'safety', `hours to mend: ${x.feature}`, 'h', x.hours, 'handbook', 'assumed');
      const hours = `${x.id}Hours`;
      sheet.work(hours, 'safety', `Hours to mend: ${x.feature}`, 'h', String(sheet.at(`${x.id}.hours`)));
      sheet.work(cost, 'safety', `If missed: ${x.feature}`, usd, `${hours} * toolHour`);
    } else {
      const lost = `${x.id}Lost`;
      sheet.work(lost, 'safety', `Castings lost before it is found: ${x.feature}`, '1', String(x.castings));
      sheet.work(cost, 'safety', `If missed: ${x.feature}`, usd, `${lost} * castingCost`);
    }
    return {
      ...{ id: x.id, feature: x.feature, question: x.question, here: here[x.id] ?? '', how: x.how, missed: x.missed },
      ...{ cost, cost_USD: sheet.at(cost) },
    };
  });
  return {
    ...{ laneId, tool, questions: questions.toSorted((a, b) => b.cost_USD - a.cost_USD) },
    ...{ givens: [...sheet.givens.values()], figures: [...sheet.figures.values()] },
  };
}
