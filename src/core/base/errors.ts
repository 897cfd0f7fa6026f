/** The refusal codes of the formula book. The first that applies, in this order, is the one given. */
export const REFUSALS = {
  E_NOT_A_NUMBER: 'missing, text, NaN or infinite where a number is due',
  E_KEY: 'unknown word, or an id given twice',
  E_SIGN: 'must be above zero (or not below it) and is not',
  E_RANGE: 'outside the stated range, or a count that is not whole',
  E_ORDER: 'two inputs contradict each other',
  E_EMPTY: 'empty list',
  E_LENGTH: 'lists of unequal or wrong length',
  E_UNIT: 'units missing or not cancelling to the wanted unit',
  E_DATE: 'not a real ISO date',
  E_CYCLE: 'the network feeds back on itself',
  E_NO_VALUE: 'the table has no figure in that cell',
  E_NO_SOLUTION: 'the equations have no answer for these inputs',
  E_TOO_LARGE: 'beyond the stated amount of work',
  E_MESH_EMPTY: 'no facet at all',
  E_MESH_FORMAT: 'not a file of this kind, or a figure in it that is none',
  E_MESH_TRUNCATED: 'the file ends before its contents do',
  E_MESH_OPEN: 'a surface with an edge that only one facet has',
  E_MESH_NONMANIFOLD: 'an edge that more than two facets share, or a surface with one side',
} as const;

export type RefusalCode = keyof typeof REFUSALS;

/** What was refused: a code, the input it concerns, the value given and what would be accepted. */
export interface CoreIssue {
  readonly code: RefusalCode;
  readonly field: string;
  readonly value: unknown;
  readonly accepted: string;
}

/** A value as text, whatever it is. */
function shown(value: unknown): string {
  if (typeof value === 'object' && value !== null) return JSON.stringify(value).slice(0, 120);
  return typeof value === 'symbol' ? 'a symbol' : `${value as string | number | undefined}`;
}

/** The only error the core throws. Workers and routes pass on `issue`, never the text. */
export class CoreError extends Error {
  override readonly name = 'CoreError';
  constructor(readonly issue: CoreIssue) {
    super(`${issue.code}: ${issue.field} = ${shown(issue.value)}; accepted: ${issue.accepted}`);
  }
}

/**
 * Throws a CoreError; usable in expressions.
 *
 * @param code what kind of refusal
 * @param field path of the field, as the user knows it
 * @param value what was given
 * @param accepted what would be accepted, in words
 * @throws {CoreError} always
 * @example
 * (() => { try { return refuse('E_RANGE', 'share', 1.2, '0 to 1'); } catch (e) { return e.issue.code; } })()
 * // 'E_RANGE'
 */
export function refuse(code: RefusalCode, field: string, value: unknown, accepted: string = REFUSALS[code]): never {
  throw new CoreError({ code, field, value, accepted });
}
