import { CoreError, refuse } from '../base/errors';
import { bestLayout, type Study } from '../study';
import { putCores } from './cores';
import { putFeeding } from './feeding';
import { putDisc, putFlask, putShellStrength } from './forces';
import { putDie, putMould, putShell, putThickMould } from './freezing';
import { putGating, putPoured } from './gating';
import { putFlaws } from './flaws';
import { putHeavy } from './heavy';
import { kindOf } from './kind';
import { putMetal } from './metal';
import { putCoats, putDewax, putPlaster } from './moulding';
import { putPart } from './part';
import { putLowPressure, putPressureDie } from './pressed';
import { putReach, putTree } from './reach';
import { putSafety } from './safety';
import { MethodSheet } from './sheet';
import { putSizes } from './sizes';
import type { MethodSubject } from './subject';
import type { Method, OwnValues } from './types';

/** Runner of a tree and of a disc: speed in it, m/s, and twice its modulus, mm. Basis: assumed. */
const RUNNERS = {
  shell: { speed: 0.6, wall: 18 },
  block: { speed: 0.8, wall: 9 },
  rubber: { speed: 1.2, wall: 5 },
} as const;

/** Every figure of a subject’s sheet, in the order in which each needs those before it. */
function fill(subject: MethodSubject): string {
  const kind = kindOf(subject);
  putMetal(subject);
  putPart(subject);
  putHeavy(subject);
  putMould(subject);
  const tool = putSizes(subject);
  putFeeding(subject);
  if (kind === 'shell' || kind === 'block' || kind === 'rubber') putTree(subject, RUNNERS[kind]);
  putPoured(subject);
  switch (kind) {
    case 'sand':
    case 'plaster':
      if (kind === 'plaster') putPlaster(subject);
      putThickMould(subject);
      putGating(subject, 'sand');
      putFlask(subject);
      break;
    case 'shell':
      putCoats(subject);
      putThickMould(subject);
      putShell(subject);
      putReach(subject);
      putShellStrength(subject);
      break;
    case 'block':
      putDewax(subject, 'flash');
      putThickMould(subject);
      putReach(subject);
      break;
    case 'rubber':
      putThickMould(subject);
      putReach(subject);
      putDisc(subject);
      break;
    case 'die':
      putDie(subject);
      if (subject.lane.id === 'permanent-mould/low-pressure') putLowPressure(subject);
      else putGating(subject, 'die');
      break;
    case 'pressureDie':
      putDie(subject);
      putPressureDie(subject);
      break;
  }
  putCores(subject);
  putSafety(subject);
  putFlaws(subject);
  return tool;
}

/**
 * The method of a part on one route and variant: how it is sized, fed, gated, frozen and held, with every figure’s working and
 * what each says. Screens only: it never releases a job.
 *
 * @param study made ready
 * @param laneId route and variant
 * @param q pieces of the programme: the layout that costs least then is taken
 * @param own values of the study’s own in place of the usual ones, in the units of the sheet
 * @returns givens, figures with their workings, findings, places of a tree or disc, and the sizes of the tool
 * @throws {CoreError} E_KEY for a route that is not there, E_NO_VALUE for one without money: an alloy it does not pour, a brief that
 *   lacks figures
 * @example
 * methodOf(study, 'gravity-die/hand', 500).figures.some((f) => f.id === 'dwell') // true
 */
export function methodOf(study: Study, laneId: string, q: number, own: OwnValues = {}): Method {
  const entry = study.lanes.find((l) => l.lane.id === laneId);
  if (entry === undefined) return refuse('E_KEY', 'laneId', laneId, study.lanes.map((l) => l.lane.id).join(' | '));
  const best = bestLayout(entry, q);
  if (best === null || entry.model === null || study.facts === null)
    return refuse('E_NO_VALUE', 'laneId', laneId, 'a route that pours the alloy, and a brief with its figures');
  const sheet = new MethodSheet(own);
  const { facts } = study;
  const subject = { facts, alloy: facts.alloy, lane: entry.lane, model: entry.model, plan: best.cost.plan, sheet };
  let tool = '';
  try {
    tool = fill(subject);
  } catch (error) {
    // What was typed contradicts itself: what stands before it is shown, with the reason.
    if (!(error instanceof CoreError)) throw error;
    sheet.say(
      'stopped',
      'safety',
      'refused',
      `The method stops here: ${error.message}.`,
      [],
      'Change what was typed for this study.',
    );
  }
  return {
    ...{ laneId, tool, places: sheet.places, heavy: sheet.heavy, sizes: sheet.sizes, findings: sheet.findings },
    givens: [...sheet.givens.values()],
    figures: [...sheet.figures.values()],
  };
}

/**
 * How a figure of a method comes about.
 *
 * @returns its working; null for a figure that the method has not
 * @example
 * methodWorking(methodOf(study, 'gravity-die/hand', 500), 'no-such') // null
 */
export const methodWorking = (method: Pick<Method, 'figures'>, id: string) =>
  method.figures.find((f) => f.id === id)?.working ?? null;
