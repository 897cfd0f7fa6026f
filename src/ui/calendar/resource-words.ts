/** Crews and stations of a shop, and the limits of heat and arms, in words. */
const WORDS: Readonly<Record<string, string>> = {
  pour: 'pouring crew',
  mould: 'moulders',
  core: 'core makers',
  wax: 'wax hands',
  dip: 'dippers',
  finish: 'fettlers',
  machine: 'machinists',
  inspect: 'inspectors',
  die: 'die or machine',
  oven: 'oven',
  kiln: 'kiln',
  floor: 'mould floor',
  dryRack: 'drying rack',
  printer: 'printer',
  htFurnace: 'heat-treatment furnace',
  toolroom: 'toolroom',
  capPours: 'pours a shift that a crew can stand',
  capKg: 'kilograms a shift that a crew can carry',
};

/** What a crew, station or limit is called. */
export const resourceWords = (id: string): string => WORDS[id] ?? id;

/** A length of calendar time in the unit that reads best: days, hours below one day, minutes below one hour. */
export function span(days: number): { readonly value: number; readonly unit: 'd' | 'h' | 'min' } {
  if (days >= 1) return { value: days, unit: 'd' };
  return days * 24 >= 1 ? { value: days * 24, unit: 'h' } : { value: days * 1440, unit: 'min' };
}
