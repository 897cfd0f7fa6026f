import { RULE_FIXES } from './rule-fixes.data';
import type { Column, Finding, FindingUnit, Status } from './types';

interface Draft {
  readonly rule: string;
  readonly column: Column;
  readonly status: Status;
  readonly reason: string;
  readonly unit: FindingUnit;
  readonly fields: readonly string[];
  readonly subject?: string;
  readonly value?: number | string | null;
  readonly limit?: number | string | null;
  readonly margin?: number | null;
  readonly spare?: number | null;
  readonly strains?: boolean;
  readonly who?: string | null;
  readonly source?: Finding['source'];
  readonly fixes?: readonly string[];
}

/**
 * A finding with its gaps filled: fixes come from the rule's words unless given.
 *
 * @example
 * finding({ rule: 'dr-mass', column: 'shape', status: 'fits', reason: 'In range.', fields: [] }).fixes // []
 */
export function finding(draft: Draft): Finding {
  return {
    subject: '',
    value: null,
    limit: null,
    margin: null,
    spare: null,
    strains: false,
    who: null,
    ...draft,
    fixes: draft.fixes ?? (draft.status === 'fits' ? [] : (RULE_FIXES[draft.rule] ?? [])),
  };
}

/** A finding for a value the brief does not give: never passed, never failed. */
export function notKnown(rule: string, column: Column, unit: FindingUnit, field: string, what: string): Finding {
  return finding({
    rule,
    column,
    status: 'not-known',
    unit,
    fields: [field],
    reason: `${what} is not given, so this rule cannot be judged.`,
    fixes: [`Give ${what.charAt(0).toLowerCase()}${what.slice(1)} in the brief`],
  });
}

/**
 * Room below an upper limit: margin in the unit, spare as a share of the limit.
 *
 * @example
 * below(4, 5) // { margin: 1, spare: 0.19999999999999996 }
 */
export function below(value: number, limit: number): { margin: number; spare: number } {
  return { margin: limit - value, spare: limit > 0 ? clampSpare(1 - value / limit) : value > 0 ? -1 : 0 };
}

/**
 * Room above a lower limit.
 *
 * @example
 * above(4, 3) // { margin: 1, spare: 0.33333333333333326 }
 */
export function above(value: number, limit: number): { margin: number; spare: number } {
  return { margin: value - limit, spare: limit > 0 ? clampSpare(value / limit - 1) : 1 };
}

const clampSpare = (x: number): number => Math.max(-1, Math.min(1, x));
