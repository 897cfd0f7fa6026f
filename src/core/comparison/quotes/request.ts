import { laneWords } from '../../catalogue/routes';
import { lifetimeQuantity } from '../../brief';
import { scopeStates, type Asked } from '../../quotes';
import type { Study } from '../../study';
import { boardAt } from '../board';
import { askedOf } from './asked';

/** A toleranced dimension as a request lists it; lengths in mm. */
export interface RequestedFeature {
  readonly id: string;
  readonly name: string;
  readonly nominal_mm: number;
  /** Total width. */
  readonly tol_mm: number;
  readonly critical: boolean;
  readonly mayMachine: boolean;
  readonly acrossParting: boolean;
}

/** What is asked of foundries, as it was asked. Masses in kg, lengths in mm. */
export interface QuoteRequest {
  readonly title: string;
  readonly alloy: { readonly id: string; readonly name: string } | null;
  readonly asked: Asked;
  readonly years: number | null;
  readonly mass_kg: number | null;
  readonly box_mm: readonly [number, number, number] | null;
  readonly firstDelivery: string | null;
  readonly features: readonly RequestedFeature[];
  readonly holes: readonly {
    readonly dia_mm: number;
    readonly depth_mm: number;
    readonly count: number;
    readonly thread: boolean;
  }[];
  /** Lines of work to be quoted one by one. */
  readonly scope: readonly string[];
  readonly leftToFoundry: readonly string[];
  /** Questions whose answers decide. */
  readonly questions: readonly string[];
}

/** What the drawing leaves to whoever casts it. */
const LEFT: readonly string[] = [
  'where the parting line runs, where it is gated and fed, and how the metal is let in',
  'draft where the drawing has none, within the tolerances',
  'machining stock on faces that are machined',
  'cores, positions in a mould and their layout',
  'heat of pouring and how the mould is prepared',
];

const QUESTIONS: readonly string[] = [
  'Where does the parting line run, and where do gates leave a mark?',
  'How much stock is left on machined faces?',
  'Who owns the tool, how many good parts does it last, and what does the next one cost?',
  'Which lots are priced, and from how many pieces does the price fall?',
  'What is in the price, line by line, and what is not?',
  'Which route would you choose yourself, and why?',
];
/** Questions of the rules, at most. */
const MOST_OF_RULES = 8;

/**
 * What a study asks of foundries: the part, its tolerances, quantities and work, what is left to them, and the questions
 * that decide, among them whatever strains a rule on the lanes asked for.
 *
 * @param study made ready
 * @param laneIds lanes that are asked for
 * @param q pieces of the programme; the brief's where not said
 * @example
 * quoteRequest(study, []).questions.length > 3 // true
 */
export function quoteRequest(study: Study, laneIds: readonly string[], q?: number): QuoteRequest {
  const { brief, facts, alloy } = study;
  const need = q ?? lifetimeQuantity(brief) ?? 1;
  const lanes = boardAt(study, need).lanes.filter((lane) => laneIds.includes(lane.id));
  const strained = new Set(
    lanes.flatMap((lane) =>
      lane.findings
        .filter((f) => f.status === 'special' || f.status === 'tight' || f.status === 'blocked')
        .map(
          (f) =>
            `${laneWords(lane.id).route}: ${f.subject === '' ? '' : `${f.subject}: `}${f.reason} What do you hold?`,
        ),
    ),
  );
  const lines = lanes.flatMap((lane) => (lane.money === null ? [] : [lane.money.lines]));
  const scope = new Set(lines.flatMap((of) => scopeStates({ scope: [] }, of, []).map((s) => s.line)));
  return {
    title: brief.title,
    alloy: alloy === null ? null : { id: alloy.id, name: alloy.name },
    asked: { ...askedOf(brief), need },
    years: brief.quantity.years,
    mass_kg: facts?.m ?? null,
    box_mm: brief.geometry.box_mm,
    firstDelivery: brief.quantity.firstDelivery,
    features: brief.features.map((f) => ({
      ...{ id: f.id, name: f.name, nominal_mm: f.nominal_mm, tol_mm: f.tol_mm },
      ...{ critical: f.critical, mayMachine: f.mayMachine, acrossParting: f.acrossParting },
    })),
    holes: brief.holes.map(({ dia_mm, depth_mm, count, thread }) => ({ dia_mm, depth_mm, count, thread })),
    scope: scope.size === 0 ? ['casting', 'fettling'] : [...scope],
    leftToFoundry: LEFT,
    questions: [...QUESTIONS, ...[...strained].slice(0, MOST_OF_RULES)],
  };
}
