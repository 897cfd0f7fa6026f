import { refuse } from '../base/errors';
import type { Working } from '../equations';
import type { PartFacts } from '../part';
import type { RateSet } from '../rates';
import * as D from './equations/damage';
import type { OfDamage } from './equations/damage';

/** What damage costs where one casting stands in place of an assembly. Money in the study's currency. */
export interface OneForMany {
  /** A year and part: the casting in one, and with bolted ends. */
  readonly year: number;
  readonly endsYear: number;
  /** A part: fitting the ends, and what they save over the years, less that. */
  readonly fitting: number;
  readonly worth: number;
  /** Share of parts damaged in a year from which ends pay; null where they never do. */
  readonly paysFrom: number | null;
}

/** Bolted ends and years of service that are reckoned with, at most. */
export const MOST_ENDS = 12;
export const MOST_SERVICE_YEARS = 60;

/** Each after those it reads. */
const STEPS = [D.OUT, D.ONCE, D.YEAR, D.END, D.ENDS_YEAR, D.FITTING, D.WORTH, D.PAYS_FROM];

/**
 * What equations of damage read, with every figure worked out.
 * @throws {CoreError} E_RANGE for ends or years outside what is reckoned with
 */
function caseOf(facts: PartFacts, rates: RateSet, u: number, ends: number, years: number): OfDamage {
  if (!(Number.isInteger(ends) && ends >= 1 && ends <= MOST_ENDS))
    refuse('E_RANGE', 'ends', ends, `a whole number from 1 to ${MOST_ENDS}`);
  if (!(years > 0 && years <= MOST_SERVICE_YEARS))
    refuse('E_RANGE', 'years', years, `above 0, at most ${MOST_SERVICE_YEARS}`);
  const of: Record<string, number> = {};
  const c: OfDamage = {
    ...{ name: '', facts, alloy: facts.alloy, rates, q: NaN, lot: NaN, N: NaN, ground: false, of },
    joining: { joints: facts.brief.today.joints, parts: facts.brief.today.parts ?? 1 },
    ...{ u, ends, years },
  };
  for (const step of STEPS) of[step.figure] = step.value(c);
  return c;
}

/**
 * What damage of one casting costs that stands in place of an assembly, and whether bolted ends pay (equations 9.10–9.12).
 *
 * @param u total cost per part of the casting, in the study's currency
 * @param ends bolted ends, a whole number from 1 to 12
 * @param years of service, above 0
 * @throws {CoreError} E_RANGE for ends or years outside what is reckoned with
 * @example
 * oneForMany(facts, rates, 180, 2, 10).year > 0 // true
 */
export function oneForMany(facts: PartFacts, rates: RateSet, u: number, ends: number, years: number): OneForMany {
  const { of } = caseOf(facts, rates, u, ends, years);
  const at = (name: string): number => of[name] ?? NaN;
  const from = at('damage.paysFrom');
  return {
    year: at('damage.year'),
    endsYear: at('damage.endsYear'),
    fitting: at('damage.fitting'),
    worth: at('damage.worth'),
    paysFrom: Number.isFinite(from) && from > 0 ? from : null,
  };
}

const NAME = /^(damage\.[a-zA-Z]+)@(\d+)\.(\d+(?:\.\d+)?)$/;

/**
 * Whether a name is one of a figure of damage: `damage.worth@2.10`.
 *
 * @example
 * isDamageFigure('damage.worth@2.10') // true
 */
export const isDamageFigure = (figure: string): boolean => NAME.test(figure);

/**
 * How a figure of damage comes about.
 *
 * @param u total cost per part of the casting, in the study's currency
 * @param figure such as `damage.worth@2.10`: of two ends and ten years
 * @throws {CoreError} E_KEY for no such figure, E_RANGE as oneForMany
 * @example
 * damageWorking(facts, rates, 180, 'damage.worth@2.10').figure // 'damage.worth@2.10'
 */
export function damageWorking(facts: PartFacts, rates: RateSet, u: number, figure: string): Working {
  const [, name, ends, years] = NAME.exec(figure) ?? [];
  const step = STEPS.find((one) => one.figure === name);
  if (step === undefined) return refuse('E_KEY', 'figure', figure, STEPS.map((s) => `${s.figure}@2.10`).join(' | '));
  return { ...step.working(caseOf(facts, rates, u, Number(ends), Number(years))), figure };
}
