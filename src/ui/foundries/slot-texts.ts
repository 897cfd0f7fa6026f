import { dimensionOf, toDisplay, type UnitSystem } from '@/core/base/units';
import type { ProfileSlot } from '@/core/foundries';
import { readFigure } from '../fields/numbers';
import { significant } from '../format';

/** A value inside a value, by its names. */
export const slotOf = (value: unknown, at: readonly string[]): unknown =>
  at.reduce<unknown>(
    (node, name) =>
      typeof node === 'object' && node !== null ? (node as Readonly<Record<string, unknown>>)[name] : undefined,
    value,
  );

/** The value with another one put in at a place; a place that is a number makes a list. */
export function withSlot(value: unknown, at: readonly string[], inner: unknown): unknown {
  const [name, ...rest] = at;
  if (name === undefined) return inner;
  const list = /^\d+$/.test(name);
  const was: Record<string, unknown> =
    typeof value === 'object' && value !== null ? { ...(value as Record<string, unknown>) } : {};
  const next = withSlot(was[name], rest, inner);
  if (next === undefined) Reflect.deleteProperty(was, name);
  else was[name] = next;
  if (!list) return Object.keys(was).length === 0 ? undefined : was;
  const places = Object.keys(was).map(Number);
  if (places.length === 0) return undefined;
  return Array.from({ length: Math.max(...places) + 1 }, (_, i) => was[String(i)]);
}

const shown = (x: number, { unit }: ProfileSlot, units: UnitSystem, digits: number | null): string => {
  const dimension = dimensionOf(unit);
  const inUnits = dimension === null ? x : toDisplay(x, dimension, units);
  return digits === null
    ? String(Number(inUnits.toPrecision(dimension === null || units === 'si' ? 12 : 6)))
    : significant(inUnits, digits);
};

/** What stands in a slot, as a text to be typed over (`digits` null), or to be read. */
export function slotText(value: unknown, slot: ProfileSlot, units: UnitSystem, digits: number | null = null): string {
  if (value === undefined || value === null) return '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return shown(value, slot, units, digits);
  if (typeof value === 'string') return value;
  if (!Array.isArray(value)) return '';
  return slot.kind === 'band'
    ? value.map((x) => shown(Number(x), slot, units, digits)).join(digits === null ? ' / ' : '–')
    : value.map(String).join(', ');
}

/** A text read as what the slot holds; undefined for nothing, the text itself where it cannot be read. */
export function readSlot(text: string, slot: ProfileSlot, units: UnitSystem): unknown {
  const said = text.trim();
  if (said === '') return undefined;
  const number = (one: string): unknown => readFigure(one, dimensionOf(slot.unit), units) ?? one;
  switch (slot.kind) {
    case 'flag':
      return said === 'yes' ? true : said === 'no' ? false : said;
    case 'list':
      return said
        .split(/[,;\n]+/)
        .map((word) => word.trim())
        .filter(Boolean);
    case 'band': {
      const parts = said.split('/').map((one) => number(one.trim()));
      return parts.length === 1 ? parts[0] : parts;
    }
    default:
      return number(said);
  }
}
