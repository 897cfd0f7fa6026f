import { readStoredBrief, type Brief, type Feature, type Hole, type StoredBrief } from '@/core/brief';
import type { Bound } from '../db';
import {
  BRIEF_FIELDS,
  FEATURE_FIELDS,
  FEATURE_FLAGS,
  HOLE_FIELDS,
  HOLE_FLAGS,
  NEED_FLAGS,
  type Group,
} from './brief-columns.data';

/** A row of `briefs`, `features` or `holes`, as read. Booleans come as 0 and 1, dates as text. */
export type BriefRow = Readonly<Record<string, string | number | null | object>>;
type Holder = Record<string, unknown>;

/** Fields that take several columns: how they are spread over them, and put together again. */
const SPREAD: readonly {
  readonly group: Group;
  readonly field: string;
  readonly columns: readonly string[];
  readonly take: (b: Brief) => readonly Bound[];
  readonly put: (values: readonly unknown[]) => unknown;
}[] = [
  {
    group: 'geometry',
    field: 'box_mm',
    columns: ['box_l_mm', 'box_w_mm', 'box_h_mm'],
    take: (b) => b.geometry.box_mm ?? [null, null, null],
    put: (sides) => (sides[0] === null ? null : sides),
  },
  {
    group: 'geometry',
    field: 'draftAllowed',
    columns: ['draft_allowed', 'draft_deg'],
    take: ({ geometry: { draftAllowed: d } }) => [typeof d === 'boolean' ? d : null, typeof d === 'number' ? d : null],
    put: ([allowed, degrees]) => degrees ?? flag(allowed),
  },
  {
    group: 'quantity',
    field: 'demand',
    columns: ['demand_low', 'demand_likely', 'demand_high'],
    take: (b) => b.quantity.demand ?? [null, null, null],
    put: (demand) => (demand[0] === null ? null : demand),
  },
];

const GROUPS = Object.keys(BRIEF_FIELDS) as Group[];
/** Group, field and column of each field with one column. */
const SINGLE = GROUPS.flatMap((group) =>
  Object.entries(BRIEF_FIELDS[group]).map(([field, column]) => ({ group, field, column })),
);

/** The holder of a group's fields; made where it is missing. */
function groupOf(holder: Holder, group: Group): Holder {
  if (group === '') return holder;
  const found = holder[group];
  if (typeof found === 'object' && found !== null) return found as Holder;
  return (holder[group] = {});
}

/** Names of the brief's own columns, in the order of `briefValues`. */
export const BRIEF_COLUMNS: readonly string[] = [
  ...SINGLE.map((s) => s.column),
  ...SPREAD.flatMap((s) => s.columns),
  'details',
];

/** Values for BRIEF_COLUMNS. */
export const briefValues = (brief: Brief): Bound[] => [
  ...SINGLE.map(({ group, field }) => groupOf({ ...brief }, group)[field] as Bound),
  ...SPREAD.flatMap((s) => s.take(brief)),
  JSON.stringify(detailsOf(brief)),
];

/** All of a brief that has no column or table of its own. */
function detailsOf(brief: Brief): object {
  const rest: Holder = structuredClone(brief);
  for (const { group, field } of [...SINGLE, ...SPREAD]) Reflect.deleteProperty(groupOf(rest, group), field);
  delete rest['features'];
  delete rest['holes'];
  return rest;
}

/** Columns and values of a record that has a column for every field; what is not said is null. */
function columnsOf<T extends object>(of: T, fields: Readonly<Record<keyof T, string>>): [string[], Bound[]] {
  const keys = Object.keys(fields) as (keyof T)[];
  return [keys.map((key) => fields[key]), keys.map((key) => (of[key] ?? null) as Bound)];
}

export const featureColumns = (f: Feature): [string[], Bound[]] => columnsOf(f, FEATURE_FIELDS);
export const holeColumns = (h: Hole): [string[], Bound[]] => columnsOf(h, HOLE_FIELDS);

/** A record from its row: flags are true or false again, and what is null was not said. */
const recordOf = (row: BriefRow, fields: Readonly<Record<string, string>>, flags: object): Holder =>
  Object.fromEntries(
    Object.entries(fields).map(([field, column]) => {
      const value = row[column] ?? undefined;
      return [field, field in flags ? Boolean(value) : value];
    }),
  );

const flag = (v: unknown): boolean | null => (v === null || v === undefined ? null : Boolean(v));

/** The JSON of a row as an object; an empty one where it holds anything else. */
function detailsRead(raw: unknown): Holder {
  const read: unknown = typeof raw === 'string' ? JSON.parse(raw) : raw;
  if (typeof read !== 'object' || read === null || Array.isArray(read)) return {};
  const { variants, ...details } = read as Holder;
  // Earlier builds kept the variants of the quantity beside it.
  if (variants !== undefined) groupOf(details, 'quantity')['variants'] ??= variants;
  return details;
}

/** A brief from its rows. What is stored always opens: what this build does not take is left out and reported. */
export function briefFromRows(row: BriefRow, features: readonly BriefRow[], holes: readonly BriefRow[]): StoredBrief {
  const raw = detailsRead(row['details']);
  for (const { group, field, column } of SINGLE) groupOf(raw, group)[field] = row[column];
  for (const { group, field, columns, put } of SPREAD)
    groupOf(raw, group)[field] = put(columns.map((column) => row[column] ?? null));
  const needs = groupOf(raw, 'needs');
  for (const field of NEED_FLAGS) if (field in BRIEF_FIELDS.needs) needs[field] = flag(needs[field]);
  return readStoredBrief({
    ...raw,
    features: features.map((f) => recordOf(f, FEATURE_FIELDS, FEATURE_FLAGS)),
    holes: holes.map((h) => recordOf(h, HOLE_FIELDS, HOLE_FLAGS)),
  });
}
