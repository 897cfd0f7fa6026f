import { inOrder, oneOf, positives } from '../../base/checks';
import { refuse } from '../../base/errors';
import { formula } from '../formula';
import { castingTolerance } from '../tolerance';
import { ALLOWANCE_GRADES, ALLOWANCES } from './machining.data';

/** Grades of required machining allowance. */
export const MACHINING_GRADES = ALLOWANCE_GRADES;
const KINDS = ['one-side', 'outside-both', 'inside-both', 'step'] as const;
/** Which faces of a size are machined. */
export type MachinedKind = (typeof KINDS)[number];

export const RAW_SIZE = /* @__PURE__ */ formula({
  id: 'shrink.machining',
  out: 'raw_mm',
  title: 'Raw size with its machining allowance',
  unit: 'mm',
  expression: {
    'one-side': 'F + rma + ct / 2',
    'outside-both': 'F + 2 * rma + ct / 2',
    'inside-both': 'F - 2 * rma - ct / 2',
    step: 'F + ct / 2',
  },
  symbols: {
    F: ['finished size', 'mm'],
    rma: ['required machining allowance of a face', 'mm'],
    ct: ['casting tolerance of the raw size', 'mm'],
  },
});

/** Rounds until the raw size stands in the range its tolerance is of; it alternates between two at most. */
const ROUNDS = 8;

/**
 * Raw size to put on the drawing of a casting (formula shrink.machining). The tolerance is that of the raw size itself; where two
 * ranges alternate the wider is taken. Add draft after this.
 *
 * @param input.finished_mm; input.largest_mm finished dimension of the casting; input.ctGrade; input.rmaGrade A to K; input.kind faces
 *   machined: one-side, outside-both, inside-both (a bore), step
 * @returns allowance of a face, tolerance and raw size, mm
 * @throws {CoreError} E_KEY for an unknown grade or kind, E_ORDER for a size above the largest, E_RANGE for a raw size of nothing (cast
 *   it solid), E_NO_VALUE where the tables are empty
 * @example
 * rawSize({ finished_mm: 150, largest_mm: 320, ctGrade: 10, rmaGrade: 'G', kind: 'outside-both' }).raw_mm // 158.8
 */
export function rawSize(input: {
  readonly finished_mm: number;
  readonly largest_mm: number;
  readonly ctGrade: number;
  readonly rmaGrade: string;
  readonly kind: string;
}): { rma_mm: number; ct_mm: number; raw_mm: number } {
  const v = positives(input, 'finished_mm', 'largest_mm');
  const grade = oneOf('rmaGrade', input.rmaGrade, ALLOWANCE_GRADES);
  const kind = oneOf('kind', input.kind, KINDS);
  inOrder(v.finished_mm <= v.largest_mm, 'finished_mm', v.finished_mm, `at most the largest, ${v.largest_mm} mm`);
  const row = ALLOWANCES.find(({ upTo_mm }) => v.largest_mm <= upTo_mm);
  const rma = row?.mm[ALLOWANCE_GRADES.indexOf(grade)];
  if (rma === undefined) return refuse('E_NO_VALUE', 'largest_mm', v.largest_mm, 'a dimension of the table');
  const rawAt = (ct: number): number => RAW_SIZE.of({ F: v.finished_mm, rma, ct }, kind);
  const toleranceAt = (raw: number): number => {
    if (!(raw > 0)) return refuse('E_RANGE', 'finished_mm', v.finished_mm, 'more than its allowance: cast it solid');
    return castingTolerance({ nominal_mm: raw, grade: input.ctGrade }).total_mm;
  };
  let ct = toleranceAt(v.finished_mm);
  for (let i = 0; i < ROUNDS; i++) {
    const next = toleranceAt(rawAt(ct));
    if (next === ct) break;
    // It alternates between two ranges: the wider holds.
    if (toleranceAt(rawAt(next)) === ct) {
      ct = Math.max(ct, next);
      break;
    }
    ct = next;
  }
  const raw_mm = rawAt(ct);
  toleranceAt(raw_mm);
  return { rma_mm: rma, ct_mm: ct, raw_mm };
}
