import type { BriefIssue } from '@/core/brief';

/** Names of the brief's fields, by path. */
export const FIELD_NAMES: Readonly<Record<string, string>> = {
  plan: 'Two-step plan',
  'plan.first': 'Plan, first route',
  'plan.then': 'Plan, second route',
  'plan.pieces': 'Plan, pieces before the switch',
  leads: 'Ranking method',
  title: 'Title',
  alloy: 'Alloy',
  alloyMode: 'Alloy choice',
  'alloyLimits.yieldMin_MPa': 'Yield strength, at least',
  'alloyLimits.elongationMin_pct': 'Elongation, at least',
  'alloyLimits.densityMax_kg_m3': 'Density, at most',
  'alloyLimits.priceMax_USD_kg': 'Metal price, at most',
  'geometry.volume_cm3': 'Volume',
  'geometry.area_cm2': 'Surface area',
  'geometry.box_mm': 'Box',
  'geometry.wallMin_mm': 'Thinnest wall',
  'geometry.sectionMax_mm': 'Thickest section',
  'geometry.projected_cm2': 'Projected area',
  'geometry.undercuts': 'Undercuts',
  'geometry.passages': 'Inner passages',
  'geometry.coredHoles': 'Cored holes',
  'geometry.draftAllowed': 'Draft allowed',
  'quantity.perYear': 'Pieces a year',
  'quantity.years': 'Years',
  'quantity.lot': 'Lot size',
  'quantity.demand': 'Demand',
  'quantity.prototypes': 'Prototypes',
  'quantity.prototypeDate': 'Prototypes by',
  'quantity.orderDate': 'Order placed',
  'quantity.firstDelivery': 'First delivery',
  'surface.Ra_um': 'Roughness',
  'surface.Rq_um': 'Roughness as root mean square',
  'geometry.flatFace': 'One flat face may lie open',
  'needs.coating': 'Coats',
  'needs.grain': 'Grain',
  'needs.hardness_HRC': 'Hardness',
  'cores.maker': 'Cores are made by',
  'tool.variant': 'Tool at hand, for',
  'tool.lifeLeft': 'Shots it has left',
  'tool.share': 'Share this part pays',
  'tool.fitUp_USD': 'Fitting it up',
  'tool.storagePerYear_USD': 'Keeping the tool',
  'toolOption.id': 'Tool made another way',
  'today.repairPerYear_USD': 'Repairs a year',
  'needs.environment': 'Environment',
  'needs.pressureTight': 'Must hold pressure',
  'needs.heatTreated': 'Heat treated',
  'needs.welded': 'Welded later',
  'needs.leadFree': 'Lead-free',
  'needs.inserts': 'Inserts cast in',
  'needs.castThread': 'Threads cast',
  'today.cost_USD': 'Cost today',
  'today.parts': 'Number of parts',
  'today.partCost_USD': 'Cost of those parts',
  'today.joints.weld': 'Welds',
  'today.joints.bolt': 'Bolts',
  'today.joints.rivet': 'Rivets',
  'today.joints.bond': 'Bonds',
  'today.joints.press': 'Press fits',
  bends: 'Bends if stamped',
  machiningSetups: 'Set-ups to machine the casting',
  nominal_mm: 'Nominal',
  tol_mm: 'Total tolerance',
  area_cm2: 'Area machined',
  depth_mm: 'Depth',
  dia_mm: 'Diameter',
  count: 'Count',
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
