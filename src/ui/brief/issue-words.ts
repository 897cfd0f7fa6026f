import type { BriefIssue } from '@/core/brief';

/** Names of the brief's fields, by path. */
export const FIELD_NAMES: Readonly<Record<string, string>> = {
  plan: 'Plan in two steps',
  'plan.first': 'Plan, first on',
  'plan.then': 'Plan, then on',
  'plan.pieces': 'Plan, pieces before the switch',
  leads: 'Ranking method that leads',
  title: 'Title',
  alloy: 'Alloy',
  alloyMode: 'The alloy is',
  'alloyLimits.yieldMin_MPa': 'Yield strength, at least',
  'alloyLimits.elongationMin_pct': 'Elongation, at least',
  'alloyLimits.densityMax_kg_m3': 'Density, at most',
  'alloyLimits.priceMax_USD_kg': 'Metal price, at most',
  'geometry.volume_cm3': 'Volume',
  'geometry.area_cm2': 'Whole surface',
  'geometry.box_mm': 'Box',
  'geometry.wallMin_mm': 'Thinnest wall',
  'geometry.sectionMax_mm': 'Thickest section',
  'geometry.projected_cm2': 'Projected area',
  'geometry.undercuts': 'Undercuts',
  'geometry.passages': 'Inner passages',
  'geometry.coredHoles': 'Holes wanted cast',
  'geometry.draftAllowed': 'Draft allowed',
  'quantity.perYear': 'Pieces a year',
  'quantity.years': 'Years',
  'quantity.lot': 'Lot',
  'quantity.demand': 'Demand',
  'quantity.prototypes': 'Prototypes',
  'quantity.prototypeDate': 'Prototypes by',
  'quantity.orderDate': 'Order placed',
  'quantity.firstDelivery': 'First delivery',
  'surface.Ra_um': 'Roughness',
  'needs.environment': 'Where it lives',
  'needs.pressureTight': 'Must hold pressure',
  'needs.heatTreated': 'Heat treated',
  'needs.welded': 'Welded later',
  'needs.leadFree': 'Free of lead',
  'needs.inserts': 'Inserts cast in',
  'needs.castThread': 'Threads cast',
  'today.cost_USD': 'Costs today',
  'today.parts': 'Parts in it',
  'today.partCost_USD': 'Those parts cost',
  'today.joints.weld': 'Welds',
  'today.joints.bolt': 'Bolts',
  'today.joints.rivet': 'Rivets',
  'today.joints.bond': 'Bonds',
  'today.joints.press': 'Press fits',
  bends: 'Bends if stamped',
  machiningSetups: 'Set-ups to machine the casting',
  nominal_mm: 'Nominal',
  tol_mm: 'Total tolerance',
  area_cm2: 'Area cut',
  depth_mm: 'Depth',
  dia_mm: 'Diameter',
  count: 'How many',
};

/** An issue in words: the field, the value and what would be accepted. */
export function issueWords({ path, value, message }: BriefIssue): string {
  const name =
    FIELD_NAMES[path] ?? FIELD_NAMES[path.replace(/\.\d+$/, '')] ?? FIELD_NAMES[path.split('.').at(-1) ?? ''] ?? path;
  const given =
    value === undefined || value === null || value === ''
      ? 'empty'
      : typeof value === 'object'
        ? ''
        : `“${JSON.stringify(value).replace(/^"|"$/g, '')}”`;
  return `${name}${given === '' ? '' : ` ${given}`}: ${message}.`;
}
