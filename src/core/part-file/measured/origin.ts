import type { Brief } from '../../brief';
import { MEASURED_FIELDS } from './fields.data';
import type { MeasuredField } from './geometry';

/** Where a value of the brief's geometry comes from. */
export type Origin = 'measured' | 'overridden' | 'typed' | 'unknown';

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * Where a geometry value comes from: measured and left so, typed over what was measured, typed, or not there.
 *
 * @example
 * originOf(brief, 'volume_cm3') // 'typed'
 */
export function originOf(brief: Brief, field: MeasuredField): Origin {
  const value = brief.geometry[field];
  const measured = brief.model?.measured[field] ?? null;
  if (value === null) return 'unknown';
  if (measured === null) return 'typed';
  return same(value, measured) ? 'measured' : 'overridden';
}

/**
 * The brief with a model's measures: fields that were not known, or that held what an earlier measure said, take the
 * new one; what somebody typed stays, and is then shown as typed over.
 * @param take fields whose typed value is given up for the measured one
 * @example
 * withMeasures(brief, { ...brief.model, measured: geometry }, ['volume_cm3']).geometry.volume_cm3 // 1
 */
export function withMeasures(
  brief: Brief,
  model: NonNullable<Brief['model']>,
  take: readonly MeasuredField[] = [],
): Brief {
  const geometry: Record<string, unknown> = { ...brief.geometry };
  for (const field of MEASURED_FIELDS) {
    const origin = originOf(brief, field);
    const kept = (origin === 'typed' || origin === 'overridden') && !take.includes(field);
    const measured = model.measured[field];
    if (kept) continue;
    if (measured !== null || origin === 'measured') geometry[field] = measured;
  }
  const filled = MEASURED_FIELDS.filter((field) => model.measured[field] !== null).map((field) => `geometry.${field}`);
  return {
    ...brief,
    geometry: geometry as Brief['geometry'],
    model,
    assumed: brief.assumed.filter((path) => !filled.includes(path)),
  };
}

/**
 * The brief without its model: values stay, and count as typed from then on.
 *
 * @example
 * withoutModel(brief).model // null
 */
export const withoutModel = (brief: Brief): Brief => ({ ...brief, model: null });
