import { readStoredBrief, type Brief, type StoredBrief } from '@/core/brief';
import type { Bound } from '../db';

/** A row of `briefs`, as read. Booleans come as 0 and 1, dates as text. */
export type BriefRow = Readonly<Record<string, string | number | null | object>>;

/** Column of `briefs` and how its value is taken from a brief. */
const COLUMNS: readonly (readonly [column: string, value: (b: Brief) => Bound])[] = [
  ['title', (b) => b.title],
  ['alloy', (b) => b.alloy],
  ['alloy_mode', (b) => b.alloyMode],
  ['volume_cm3', (b) => b.geometry.volume_cm3],
  ['area_cm2', (b) => b.geometry.area_cm2],
  ['box_l_mm', (b) => b.geometry.box_mm?.[0] ?? null],
  ['box_w_mm', (b) => b.geometry.box_mm?.[1] ?? null],
  ['box_h_mm', (b) => b.geometry.box_mm?.[2] ?? null],
  ['wall_min_mm', (b) => b.geometry.wallMin_mm],
  ['section_max_mm', (b) => b.geometry.sectionMax_mm],
  ['projected_cm2', (b) => b.geometry.projected_cm2],
  ['undercuts', (b) => b.geometry.undercuts],
  ['passages', (b) => b.geometry.passages],
  ['cored_holes', (b) => b.geometry.coredHoles],
  ['draft_allowed', (b) => (typeof b.geometry.draftAllowed === 'boolean' ? b.geometry.draftAllowed : null)],
  ['draft_deg', (b) => (typeof b.geometry.draftAllowed === 'number' ? b.geometry.draftAllowed : null)],
  ['form', (b) => b.geometry.form],
  ['per_year', (b) => b.quantity.perYear],
  ['years', (b) => b.quantity.years],
  ['lot', (b) => b.quantity.lot],
  ['prototypes', (b) => b.quantity.prototypes],
  ['prototype_date', (b) => b.quantity.prototypeDate],
  ['first_delivery', (b) => b.quantity.firstDelivery],
  ['order_date', (b) => b.quantity.orderDate],
  ['demand_low', (b) => b.quantity.demand?.[0] ?? null],
  ['demand_likely', (b) => b.quantity.demand?.[1] ?? null],
  ['demand_high', (b) => b.quantity.demand?.[2] ?? null],
  ['ra_um', (b) => b.surface.Ra_um],
  ['environment', (b) => b.needs.environment],
  ['pressure_tight', (b) => b.needs.pressureTight],
  ['heat_treated', (b) => b.needs.heatTreated],
  ['welded', (b) => b.needs.welded],
  ['lead_free', (b) => b.needs.leadFree],
  ['inserts', (b) => b.needs.inserts],
  ['cast_thread', (b) => b.needs.castThread],
  ['cosmetic_face', (b) => b.needs.cosmeticFace],
  ['details', (b) => JSON.stringify(detailsOf(b))],
];

/** Names of the brief's own columns, in the order of `briefValues`. */
export const BRIEF_COLUMNS = COLUMNS.map(([name]) => name);

/** Values for BRIEF_COLUMNS. */
export const briefValues = (brief: Brief): Bound[] => COLUMNS.map(([, value]) => value(brief));

/** What has no column of its own: words, lists and rare needs. */
function detailsOf(b: Brief): object {
  const { leak_cm3_min, testPressure_bar, heatTreatOptional, nonMagnetic, coated, xray } = b.needs;
  return {
    what: b.what,
    candidates: b.candidates,
    alloyNeeds: b.alloyNeeds,
    alloyLimits: b.alloyLimits,
    alloyWhy: b.alloyWhy,
    variants: b.quantity.variants,
    surface: { cosmetic: b.surface.cosmetic, polishAllowed: b.surface.polishAllowed },
    needs: { leak_cm3_min, testPressure_bar, heatTreatOptional, nonMagnetic, coated, xray },
    today: b.today,
    detail: b.detail,
    held: b.held,
    leads: b.leads,
    plan: b.plan,
    split: b.split,
    model: b.model,
    bends: b.bends,
    machiningSetups: b.machiningSetups,
    assumed: b.assumed,
  };
}

/** The JSON of a row as an object; an empty one where it holds anything else. */
function detailsRead(raw: unknown): Record<string, unknown> {
  const read: unknown = typeof raw === 'string' ? JSON.parse(raw) : raw;
  return typeof read === 'object' && read !== null ? (read as Record<string, unknown>) : {};
}

const flag = (v: unknown): boolean | null => (v === null || v === undefined ? null : Boolean(v));

/** A brief from its rows. What is stored always opens: what this build does not take is left out and told. */
export function briefFromRows(row: BriefRow, features: readonly BriefRow[], holes: readonly BriefRow[]): StoredBrief {
  const raw = row['details'];
  const d = detailsRead(raw);
  return readStoredBrief({
    title: row['title'],
    what: d['what'],
    alloy: row['alloy'],
    alloyMode: row['alloy_mode'],
    candidates: d['candidates'],
    alloyNeeds: d['alloyNeeds'],
    alloyLimits: d['alloyLimits'],
    alloyWhy: d['alloyWhy'],
    geometry: {
      volume_cm3: row['volume_cm3'],
      area_cm2: row['area_cm2'],
      box_mm: row['box_l_mm'] === null ? null : [row['box_l_mm'], row['box_w_mm'], row['box_h_mm']],
      wallMin_mm: row['wall_min_mm'],
      sectionMax_mm: row['section_max_mm'],
      projected_cm2: row['projected_cm2'],
      undercuts: row['undercuts'],
      passages: row['passages'],
      coredHoles: row['cored_holes'],
      draftAllowed: row['draft_deg'] ?? flag(row['draft_allowed']),
      form: row['form'],
    },
    quantity: {
      perYear: row['per_year'],
      years: row['years'],
      lot: row['lot'],
      prototypes: row['prototypes'],
      prototypeDate: row['prototype_date'],
      firstDelivery: row['first_delivery'],
      orderDate: row['order_date'],
      demand: row['demand_low'] === null ? null : [row['demand_low'], row['demand_likely'], row['demand_high']],
      variants: d['variants'],
    },
    features: features.map((f) => ({
      id: f['feature_id'],
      name: f['name'],
      kind: f['kind'],
      nominal_mm: f['nominal_mm'],
      tol_mm: f['tol_mm'],
      acrossParting: Boolean(f['across_parting']),
      acrossCore: Boolean(f['across_core']),
      mayMachine: Boolean(f['may_machine']),
      mustMachine: Boolean(f['must_machine']),
      critical: Boolean(f['critical']),
      area_cm2: f['area_cm2'] ?? undefined,
      depth_mm: f['depth_mm'] ?? undefined,
      count: f['count'] ?? undefined,
      Ra_um: f['ra_um'] ?? undefined,
    })),
    holes: holes.map((h) => ({
      dia_mm: h['dia_mm'],
      depth_mm: h['depth_mm'],
      count: h['count'],
      thread: Boolean(h['thread']),
      through: Boolean(h['through']),
      tol_mm: h['tol_mm'] ?? undefined,
    })),
    surface: { Ra_um: row['ra_um'], ...(d['surface'] as object) },
    needs: {
      environment: row['environment'],
      pressureTight: flag(row['pressure_tight']),
      heatTreated: flag(row['heat_treated']),
      welded: flag(row['welded']),
      leadFree: flag(row['lead_free']),
      inserts: flag(row['inserts']),
      castThread: flag(row['cast_thread']),
      cosmeticFace: flag(row['cosmetic_face']),
      ...(d['needs'] as object),
    },
    today: d['today'],
    detail: d['detail'],
    held: d['held'],
    leads: d['leads'],
    plan: d['plan'],
    split: d['split'],
    model: d['model'],
    bends: d['bends'],
    machiningSetups: d['machiningSetups'],
    assumed: d['assumed'],
  });
}
