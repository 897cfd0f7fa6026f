import { above, below, finding, type Finding, type FindingUnit, type AdviceText, type Status } from '..';
import { ADVICE_TEXTS } from './advice.data';

const TEXTS: ReadonlyMap<string, AdviceText> = new Map(ADVICE_TEXTS.map((t) => [t.id, t]));

/**
 * The words of a piece of advice, or undefined for a rule that bars.
 *
 * @example
 * adviceText('no such advice') // undefined
 */
export const adviceText = (id: string): AdviceText | undefined => TEXTS.get(id);

/** One comparison that advice makes; `value` null where the drawing has not been read for it. */
export interface Point {
  readonly rule: string;
  readonly value: number | null;
  readonly limit: number;
  /** The part should stay at or below, or reach, the limit. */
  readonly side: 'at-most' | 'at-least';
  readonly unit: FindingUnit;
  readonly fields: readonly string[];
  readonly kept: string;
  readonly broken: string;
  readonly subject?: string;
  /** Verdict when broken; advice never bars a lane. */
  readonly gravest?: Status;
}

/** A comparison as a finding; a value of nothing is shown as a thing to look for on the drawing. */
export function asFinding(p: Point): Finding {
  const text = TEXTS.get(p.rule);
  const fixes = text?.fixes ?? [];
  if (p.value === null)
    return finding({
      rule: p.rule,
      column: 'shape',
      status: 'not-known',
      unit: p.unit,
      limit: p.limit,
      fields: p.fields,
      reason: text?.statement ?? '',
      fixes: ['Read it off the drawing and give it in the brief'],
    });
  const room = p.side === 'at-most' ? below(p.value, p.limit) : above(p.value, p.limit);
  const broken = room.margin < -1e-9;
  return finding({
    rule: p.rule,
    column: 'shape',
    status: broken ? (p.gravest ?? 'tight') : 'fits',
    unit: p.unit,
    value: p.value,
    limit: p.limit,
    ...room,
    fields: p.fields,
    reason: broken ? p.broken : p.kept,
    fixes: broken ? fixes : [],
    ...(p.subject === undefined ? {} : { subject: p.subject }),
  });
}

/** A ratio, or null where one of the two is not known. */
export const over = (a: number | null, b: number | null): number | null =>
  a === null || b === null || b === 0 ? null : a / b;

/** Paths of details of the drawing. */
export const detail = (...names: string[]): string[] => names.map((name) => `detail.${name}`);
