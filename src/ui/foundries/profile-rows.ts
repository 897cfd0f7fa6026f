import {
  LINE_FIELDS,
  SHOP_FIELDS,
  type FoundryProfile,
  type ProfileField,
  type ProfileSlot,
  type Said,
} from '@/core/foundries';
import { findAlloy } from '@/core/catalogue/alloys';
import type { UnitSystem } from '@/core/base/units';
import { significant, whole } from '../format';
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

type Values = Readonly<Record<string, unknown>>;
const at = (value: unknown, name: string): unknown => slotOf(value, [name]);

/** Values whose figures make a phrase of their own. */
const PHRASES: Readonly<Record<string, (value: unknown, units: UnitSystem) => string>> = {
  size_mm: (value, units) => {
    const side = (step: string): string =>
      [0, 1, 2].map((i) => slotText(slotOf(value, [step, String(i)]), SIDE, units, 4)).join(' × ');
    return `usual ${side('usual')}, most ${side('most')} ${unitWords('mm', units)}`;
  },
  shifts: (value) => {
    const { n, hours, daysPerWeek } = value as Values;
    return `${String(n)} × ${String(hours)} h a day, ${String(daysPerWeek)} days a week`;
  },
  tolCritical: widthWords,
  tolOther: widthWords,
  positions: (value) => `usual ${String(at(value, 'usual'))}, reliable ${String(at(value, 'reliable'))}`,
  volumePerYear: (value) => `${whole(Number(at(value, 'least')))} to ${whole(Number(at(value, 'most')))} pieces`,
  scrap: (value) => `new ${shareWords(at(value, 'new'))}, settled ${shareWords(at(value, 'settled'))}`,
  yield: shareWords,
  toolroom: (value) =>
    `${at(value, 'own') === true ? 'its own' : 'outside'}, a change of the tool takes ${String(at(value, 'changeDays'))} working days`,
  alloys: (value) => {
    const { poured, refused, offeredInstead } = value as NonNullable<FoundryProfile['alloys']>['v'];
    const name = (id: string): string => findAlloy(id)?.name ?? id.replaceAll('-', ' ');
    return [
      poured.length === 0 ? 'none' : poured.map(name).join(', '),
      ...refused.map(({ what, why }) => `refuses ${name(what)}: ${why}`),
      ...offeredInstead.map(({ asked, offered, why }) => `offers ${name(offered)} instead of ${name(asked)}: ${why}`),
    ].join('; ');
  },
  cores: (value) => (at(value, 'maker') === 'bought' ? 'bought' : 'made in the house'),
  licences: (value) => (Array.isArray(value) && value.length > 0 ? value.map(String).join(', ') : 'none'),
  leadFirstArticle_d: (value) => `${(value as readonly number[]).join('–')} days`,
  leadLot_d: (value) => `${(value as readonly number[]).join('–')} days`,
};

/** A share, or its band, in per cent. */
function shareWords(value: unknown): string {
  const percent = (x: unknown): string => significant(100 * Number(x), 3);
  return `${Array.isArray(value) ? value.map(percent).join('–') : percent(value)} %`;
}

function widthWords(value: unknown, units: UnitSystem): string {
  const mm = (name: string): string => slotText(at(value, name), SIDE, units, 3);
  const unit = unitWords('mm', units);
  return `${mm('totalBase_mm')} ${unit} in total up to ${mm('upTo_mm')} ${unit}, then ${significant(Number(at(value, 'perMm')), 3)} ${unit} more for each ${unit}`;
}

/** A value of a profile in words: “usual 14 kg, most 28 kg”. */
export function saidText(field: ProfileField, value: unknown, units: UnitSystem): string {
  const phrase = PHRASES[field.key];
  if (phrase !== undefined && value !== undefined && value !== null) return phrase(value, units);
  let last: string | null = null;
  const words = slotsOf(field, value)
    .flatMap((slot) => {
      const inner = slotOf(value, slot.at);
      if (inner === undefined) return [];
      const metal = slot.metal === null || slot.metal === last ? '' : `${slot.metal.replaceAll('-', ' ')}: `;
      last = slot.metal;
      const text = slotText(inner, slot, units, 4);
      if (slot.kind === 'flag') return inner === true ? [`${metal}${slot.words}`] : [];
      if (slot.kind === 'list') return text === '' ? [] : [`${metal}${text}`];
      const unit = unitWords(slot.unit, units);
      return [`${metal}${field.slots.length > 1 ? `${slot.words} ` : ''}${text} ${unit}`.trim()];
    })
    .join(', ');
  return words === '' ? 'none' : words;
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
