import type { Requirement } from '@/core/comparison/requirements';
import { inUnitsOf, type UnitSystem } from '@/core/base/units';
import { plainDate, significant } from '../format';

/** How much a requirement asks, in the units of the screen; empty for a plain yes. */
export function askedWords({ asked, unit }: Pick<Requirement, 'asked' | 'unit'>, system: UnitSystem): string {
  if (typeof asked === 'string')
    return asked === 'yes' ? '' : /^\d{4}-\d\d-\d\d$/.test(asked) ? plainDate(asked) : asked;
  if (unit === null || unit === 'pieces') return significant(asked, 4);
  if (unit === 'deg') return `${significant(asked, 3)}°`;
  const shown = inUnitsOf(asked, unit, system) ?? { value: asked, unit };
  return `${significant(shown.value, 4)} ${shown.unit}`;
}
