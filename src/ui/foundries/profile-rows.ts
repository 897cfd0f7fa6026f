import {
  LINE_FIELDS,
  SHOP_FIELDS,
  type FoundryProfile,
  type ProfileField,
  type ProfileSlot,
  type Said,
} from '@/core/foundries';
import type { UnitSystem } from '@/core/base/units';
import { unitWords } from '../process-sets/value-words';
import { slotOf, slotText } from './slot-texts';

/** A slot of one value: for a value told by metal, of one metal. */
export interface RowSlot extends ProfileSlot {
  readonly metal: string | null;
}

/** Slots of a value as they are typed: those of each metal that is told. */
export function slotsOf(field: ProfileField, value: unknown, metals: readonly string[] = []): readonly RowSlot[] {
  if (field.byMetal !== true) return field.slots.map((slot) => ({ ...slot, metal: null }));
  const told = typeof value === 'object' && value !== null ? Object.keys(value) : [];
  return [...new Set([...told, ...metals])].flatMap((metal) =>
    field.slots.map((slot) => ({ ...slot, at: [metal, ...slot.at], metal })),
  );
}

/** A value of a profile in words: “usual 14 kg, most 28 kg”. */
export function saidText(field: ProfileField, value: unknown, units: UnitSystem): string {
  if (field.key === 'size_mm') {
    const side = (step: string): string =>
      [0, 1, 2].map((i) => slotText(slotOf(value, [step, String(i)]), { ...SIDE, at: [] }, units, 4)).join(' × ');
    return `usual ${side('usual')}, most ${side('most')} ${unitWords('mm', units)}`;
  }
  if (/^lead/.test(field.key) && Array.isArray(value)) return `${value.join('–')} days`;
  let last: string | null = null;
  return slotsOf(field, value)
    .flatMap((slot) => {
      const inner = slotOf(value, slot.at);
      if (inner === undefined) return [];
      const metal = slot.metal === null || slot.metal === last ? '' : `${slot.metal.replaceAll('-', ' ')}: `;
      last = slot.metal;
      const text = slotText(inner, slot, units, 4);
      if (slot.kind === 'flag') return inner === true ? [`${metal}${slot.words}`] : [];
      if (slot.kind === 'list') return text === '' ? [] : [`${metal}${text.replaceAll('-', ' ')}`];
      const unit = unitWords(slot.unit, units);
      return [`${metal}${field.slots.length > 1 ? `${slot.words} ` : ''}${text} ${unit}`.trim()];
    })
    .join(', ');
}
const SIDE: ProfileSlot = { at: [], words: '', unit: 'mm', kind: 'number' };

/** What a profile says of itself, or of one variant: every field with its value. */
export interface ProfileRow {
  readonly field: ProfileField;
  readonly said: Said<unknown> | undefined;
}

const rowsOf = (fields: readonly ProfileField[], holder: object): ProfileRow[] =>
  fields.map((field) => ({ field, said: (holder as Readonly<Record<string, Said<unknown> | undefined>>)[field.key] }));

export const shopRows = (profile: FoundryProfile): ProfileRow[] => rowsOf(SHOP_FIELDS, profile);
export const lineRows = (line: FoundryProfile['lines'][number]): ProfileRow[] => rowsOf(LINE_FIELDS, line);
