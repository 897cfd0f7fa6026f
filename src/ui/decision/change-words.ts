import { inUnitsOf, type UnitSystem } from '@/core/base/units';
import { FIELD_NAMES } from '../brief/issue-words';
import { significant } from '../format';

/** Units as the end of a stored name spells them. */
const SPELT: Readonly<Record<string, string>> = {
  cm2: 'cm²',
  cm3: 'cm³',
  um: 'µm',
  pct: '%',
  kg_m3: 'kg/m³',
  USD_kg: 'USD/kg',
};
/** What an entry of a list of the brief is called. */
const ENTRY: Readonly<Record<string, string>> = { features: 'Dimension', holes: 'Hole', candidates: 'Candidate' };

/** Unit a stored figure carries in the end of its name: "geometry.wallMin_mm" carries mm. */
const suffixOf = (path: string): string => /_(kg_m3|USD_kg|[a-zA-Z0-9]+)(\.\d+)?$/.exec(path)?.[1] ?? '';

/** A changed field in the words of the brief; what has no such words keeps its path. */
export function changeName(path: string): string {
  const known = FIELD_NAMES[path];
  if (known !== undefined) return known;
  const [, list = '', at = '', field = ''] = /^([a-zA-Z]+)\.(\d+)(?:\.(.+))?$/.exec(path) ?? [];
  const entry = ENTRY[list];
  if (entry !== undefined) {
    const head = `${entry} ${Number(at) + 1}`;
    return field === '' ? head : `${head}, ${(FIELD_NAMES[field] ?? field).toLowerCase()}`;
  }
  const [, whole = '', place = ''] = /^(.+)\.(\d+)$/.exec(path) ?? [];
  const part = FIELD_NAMES[whole];
  return part === undefined ? path : `${part}, figure ${Number(place) + 1}`;
}

/**
 * A changed value with its unit, in the units of the screen.
 * @param value as stored: mm, cm², cm³, kg, µm, USD; or words
 */
export function changeValue(path: string, value: string | number, system: UnitSystem): string {
  if (typeof value === 'string') return value;
  const suffix = suffixOf(path);
  const shown = inUnitsOf(value, SPELT[suffix] ?? suffix, system);
  if (shown !== null) return `${significant(shown.value, 6)} ${shown.unit}`;
  return suffix === 'USD' || suffix === 'pct'
    ? `${significant(value, 6)} ${SPELT[suffix] ?? suffix}`
    : significant(value, 7);
}
