import { displayScale, TONF_PER_MN, type UnitSystem } from '@/core/base/units';
import type { ProfileSlot } from '@/core/foundries';
import { readIn, showIn, unitIn } from '../fields/numbers';
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
  if (digits === null) return showIn(x, unit, units);
  const { factor, zero } = displayScale(unit, units);
  return significant(x * factor + zero, digits);
};

/** Said, and there are none. */
const NONE = 'none';

type Row = Readonly<Record<string, string | number | undefined>>;

/** Rows of a list as text: each as it is typed. */
const WRITTEN: Readonly<Partial<Record<ProfileSlot['kind'], (row: Row, units: UnitSystem) => string>>> = {
  reasons: ({ what, why }) => `${String(what)}: ${String(why)}`,
  instead: ({ asked, offered, why }) => `${String(asked)} → ${String(offered)}: ${String(why)}`,
  machines: ({ n, kind, clamp_MN: clamp, detail }, units) =>
    [
      `${String(n)} × ${String(kind)}`,
      clamp === undefined ? '' : `${showIn(Number(clamp), 'MN', units)} ${unitIn('MN', units)}`,
      detail ?? '',
    ]
      .filter(Boolean)
      .join(', '),
};

/** A row read from its text; the text itself where it is none. */
const READ: Readonly<Partial<Record<ProfileSlot['kind'], (text: string) => unknown>>> = {
  reasons: (text) => {
    const [, what, why] = /^([^:]+):\s*(.*)$/.exec(text) ?? [];
    return what === undefined ? text : { what: what.trim(), why: why ?? '' };
  },
  instead: (text) => {
    const [, asked, offered, why] = /^([^:→>]+?)\s*(?:→|->|>)\s*([^:]+):\s*(.*)$/.exec(text) ?? [];
    return asked === undefined ? text : { asked: asked.trim(), offered: (offered ?? '').trim(), why: why ?? '' };
  },
  machines: (text) => {
    const [, n, rest = ''] = /^(\d+)\s*[×x*]\s*(.+)$/.exec(text) ?? [];
    if (n === undefined) return text;
    const [kind = '', ...more] = rest.split(',').map((part) => part.trim());
    const clamp = more.find((part) => /^[\d.]+\s*(MN|tonf)$/.test(part));
    const detail = more.filter((part) => part !== clamp).join(', ');
    return {
      kind,
      n: Number(n),
      ...(clamp === undefined ? {} : { clamp_MN: Number.parseFloat(clamp) / (clamp.endsWith('MN') ? 1 : TONF_PER_MN) }),
      ...(detail === '' ? {} : { detail }),
    };
  },
};

/** What stands in a slot, as a text to be typed over (`digits` null), or to be read. */
export function slotText(value: unknown, slot: ProfileSlot, units: UnitSystem, digits: number | null = null): string {
  if (value === undefined || value === null) return '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return shown(value, slot, units, digits);
  if (typeof value === 'string') return value;
  if (!Array.isArray(value)) return '';
  const write = WRITTEN[slot.kind];
  if (write !== undefined) return value.length === 0 ? NONE : value.map((row) => write(row as Row, units)).join(' | ');
  return slot.kind === 'band'
    ? value.map((x) => shown(Number(x), slot, units, digits)).join(digits === null ? ' / ' : '–')
    : value.length === 0
      ? NONE
      : value.map(String).join('; ');
}

/** A text read as what the slot holds; undefined for nothing, the text itself where it cannot be read. */
export function readSlot(text: string, slot: ProfileSlot, units: UnitSystem): unknown {
  const said = text.trim();
  if (said === '') return undefined;
  const number = (one: string): unknown => readIn(one, slot.unit, units) ?? one;
  const row = READ[slot.kind];
  if (row !== undefined)
    return said
      .split(/\s*\|\s*|\n/)
      .map((one) => one.trim())
      .filter((one) => one !== '' && one !== NONE)
      .map(row);
  switch (slot.kind) {
    case 'maker':
      return said;
    case 'flag':
      return said === 'yes' ? true : said === 'no' ? false : said;
    case 'list':
      return said
        .split(said.includes(';') ? /[;\n]+/ : /[,\n]+/)
        .map((word) => word.trim())
        .filter((word) => word !== '' && word !== NONE);
    case 'band': {
      const parts = said.split('/').map((one) => number(one.trim()));
      return parts.length === 1 ? parts[0] : parts;
    }
    default:
      return number(said);
  }
}
