import { dayNumber } from '../base/day';
import { wholeNumber } from '../base/checks';
import { refuse } from '../base/errors';
import { lifetimeQuantity } from '../brief';
import { cautionsFor, WHO_DECIDES } from '../catalogue/cautions';
import { PROCESSES, type ProcessStep } from '../catalogue/process-steps';
import { lotRun } from '../cost';
import { methodOf, type Method } from '../method';
import { daysWithHolidays } from '../schedule';
import { bestLayout, type Study } from '../study';
import { LOT_PHASES, STEP_VALUES, WHO } from './settings.data';
import type { StopPoint, Traveller, TravellerStep, TravellerValue } from './types';

const UNITS: Readonly<Record<string, string>> = {
  ...{
    'shell-investment': 'tree',
    'flask-investment': 'flask',
    spin: 'pour',
    'gravity-die': 'pour',
    'permanent-mould': 'pour',
  },
  ...{ 'pressure-die': 'shot', 'green-sand': 'mould', 'bonded-sand': 'mould', plaster: 'mould' },
};
/** Routes whose mould is broken for each pour. */
const MOULD_EACH: readonly string[] = ['green-sand', 'bonded-sand', 'plaster', 'shell-investment', 'flask-investment'];
const MOST_GOOD = 1_000_000;

/** What a traveller is made for. */
export interface TravellerAsked {
  readonly laneId: string;
  /** Good pieces promised. */
  readonly good: number;
  /** ISO date on which the lot starts. */
  readonly startDate: string;
}

/**
 * The sheet that goes with a lot: its quantities, its steps filled with this part’s values, and where it stops before the pour.
 *
 * @param study made ready; asked lane, good pieces promised, day of the start
 * @returns plain data, to be kept as it was issued
 * @throws {CoreError} E_KEY for a lane that is not there, E_NO_VALUE for one without money, E_RANGE for pieces beyond one to a million,
 *   E_DATE for an unreal date
 * @example
 * travellerOf(study, { laneId: 'gravity-die/hand', good: 50, startDate: '2027-01-04' }).quantity.castings >= 50 // true
 */
export function travellerOf(study: Study, { laneId, good, startDate }: TravellerAsked): Traveller {
  const pieces = wholeNumber('good', good, 1);
  if (pieces > MOST_GOOD) refuse('E_RANGE', 'good', good, `one to ${MOST_GOOD} pieces`);
  dayNumber('startDate', startDate);
  const entry = study.lanes.find((l) => l.lane.id === laneId);
  if (entry === undefined) return refuse('E_KEY', 'laneId', laneId, study.lanes.map((l) => l.lane.id).join(' | '));
  // The tool and its layout are those of the programme, however small the lot.
  const q = lifetimeQuantity(study.brief) ?? pieces;
  const best = bestLayout(entry, q);
  if (best === null || entry.model === null || study.facts === null)
    return refuse('E_NO_VALUE', 'laneId', laneId, 'a route that pours the alloy, and a brief with its figures');
  const { model } = entry;
  const { plan } = best.cost;
  const { facts } = study;
  const own = facts.brief.overrides.method?.[laneId] ?? {};
  const method = methodOf(study, laneId, q, own);
  const run = lotRun(model, plan, model.fresh, pieces);
  const routeId = laneId.split('/')[0] ?? laneId;
  const cast_kg = run.castings * facts.m;
  return {
    ...{
      title: facts.brief.title,
      laneId,
      alloy: facts.alloy.name,
      alloyCode: facts.alloy.id.toUpperCase(),
      startDate,
    },
    quantity: {
      ...{ good: pieces, castings: Math.ceil(run.castings), pours: Math.ceil(run.filled), positions: plan.n },
      ...{ melt_kg: run.kg, returns_kg: Math.max(0, run.kg * (1 - model.meltLoss) - cast_kg) },
      moulds: MOULD_EACH.includes(routeId) ? Math.ceil(run.filled) : 1,
    },
    unit: UNITS[routeId] ?? 'pour',
    sizes: method.sizes.map(({ name, finished_mm, raw_mm, tool_mm }) => ({ name, finished_mm, raw_mm, tool_mm })),
    tool: method.tool,
    stops: stopsOf(method, routeId),
    steps: stepsOf(study, method, laneId, startDate, q),
    whoDecides: WHO_DECIDES,
  };
}

/** The steps of a lot, each with its values, time and cautions. */
function stepsOf(study: Study, method: Method, laneId: string, startDate: string, q: number): TravellerStep[] {
  const routeId = laneId.split('/')[0] ?? laneId;
  const process = PROCESSES.find((p) => p.id === routeId);
  const entry = study.lanes.find((l) => l.lane.id === laneId);
  const best = entry === undefined ? null : bestLayout(entry, q);
  const time = entry?.model == null || best === null ? null : study.timeOf(entry.model, best.cost.plan);
  const shut = (days: number): number => daysWithHolidays(startDate, days, study.rates.calendar);
  const starts = new Map<string, number>();
  let day = 0;
  for (const step of time?.steps ?? []) {
    starts.set(step.id, day);
    day += step.days;
  }
  const cautions = cautionsFor(routeId, study.alloy);
  const told = new Set<string>();
  return (process?.steps ?? []).filter(inLot).map((step): TravellerStep => {
    const at = time?.steps.find((s) => s.id === step.timeModelStep);
    // A step of the time model is told once, at the first step of the list that it stands for.
    const first = at !== undefined && !told.has(at.id);
    if (at !== undefined) told.add(at.id);
    return {
      ...{
        id: step.id,
        n: step.n,
        name: step.name,
        phase: step.phase,
        what: step.what,
        who: WHO[step.phase] ?? 'foundry',
      },
      values: valuesOf(method, step),
      checks: step.checks,
      time:
        at === undefined || !first
          ? null
          : { work_h: at.touch_h, wait_h: at.wait_h, from_d: shut(starts.get(at.id) ?? 0), days: at.days },
      ...{ tool: step.toolOrMaterial, ifSkipped: step.ifSkipped, mark: step.mark },
      cautions: cautions
        .filter((c) => step.cautions.includes(c.id))
        .map(({ title, precautions }) => ({ title, precautions })),
    };
  });
}

const inLot = ({ phase, once }: ProcessStep): boolean => LOT_PHASES.includes(phase) && once === undefined;

function valuesOf(method: Method, step: ProcessStep): TravellerValue[] {
  const wanted = STEP_VALUES[step.id.split('.')[1] ?? ''] ?? [];
  return wanted.flatMap((id): TravellerValue[] => {
    const given = method.givens.find((g) => g.id === id);
    if (given !== undefined)
      return [
        {
          ...{ id, what: given.meaning.replace(/^./, (x) => x.toUpperCase()), unit: given.unit, value: given.value },
          range: given.from === 'own' ? null : given.range,
        },
      ];
    const figure = method.figures.find((f) => f.id === id);
    return figure === undefined
      ? []
      : [{ id, what: figure.title, unit: figure.unit, value: figure.value, range: null }];
  });
}

/** What must be so before metal is poured, each to be ticked. */
function stopsOf(method: Method, routeId: string): StopPoint[] {
  const all = new Map([...method.givens, ...method.figures].map((x) => [x.id, x.value]));
  const at = (id: string): number => all.get(id) ?? NaN;
  const level = (id: string): string | undefined => method.findings.find((f) => f.id === id)?.level;
  const stops: StopPoint[] = [];
  const stop = (id: string, text: string, finding = id): void =>
    void stops.push({ id: `stop.${id}`, text, refused: level(finding) === 'refused' });
  const least = at('preheatLeast');
  stop(
    'dry',
    Number.isFinite(least)
      ? `Mould dry and warm through: at least ${least} °C, ${at('moisture') > 0 ? `at most ${(100 * at('moisture')).toFixed(1)} % of moisture` : 'no moisture at all'}`
      : 'Mould dry and warm through',
    'preheat',
  );
  if (routeId === 'plaster')
    stop('weighed', 'Plaster proved dry by weighing: three weighings an hour apart within 0.5 %');
  if (all.has('clamps')) stop('clamps', `Clamps set and tight: ${at('clamps')}, or weights of the same hold`, 'clamps');
  if (all.has('chaplets'))
    stop('cores', `Cores set, ${at('chaplets')} chaplets each, vents of the cores open`, 'core-held');
  if (all.has('machine')) stop('lock', `Machine set to lock with ${at('machine').toFixed(0)} kN; guards shut`, 'lock');
  if (all.has('discClamp'))
    stop('disc', 'Disc balanced, uncracked, clamped; lid locked until it stands still', 'disc-clamp');
  stop('metal', `Metal at the mould at ${at('pour').toFixed(0)} °C, skimmed, its alloy code read`, 'pour-cold');
  stop('tools', 'Ladle, skimmer and thermocouple dry and warm');
  if (method.findings.some((f) => f.id === 'magnesium'))
    stop('cover', 'Cover gas or flux on melt and in the mould; dry sand at hand; no water anywhere near');
  stop('water', 'No water, damp floor or drinks within 3 m', 'water');
  stop('people', 'Face shield, apron, spats, gloves on; way clear; nobody under or before the mould');
  const others = method.findings.filter(
    (f) =>
      f.level === 'refused' &&
      !['preheat', 'clamps', 'core-held', 'lock', 'disc-clamp', 'pour-cold', 'water'].includes(f.id),
  );
  for (const f of others) stops.push({ id: `stop.refused.${f.id}`, text: f.text, refused: true });
  return stops;
}
