/**
 * Display and entry units. The core stores mm, cm², cm³, kg, °C and µm only; inches and pounds
 * are a choice of the eye and the hand, converted exactly at the edge and never stored.
 */
export type UnitSystem = 'si' | 'inch';

/** Exact by definition (international inch). */
export const MM_PER_INCH = 25.4;
/** Exact by definition (international pound). */
export const KG_PER_POUND = 0.45359237;

/** Exact by definition (pound-force a square inch). */
export const MPA_PER_KSI = 6.894757293168361;

/** Short tons-force in a meganewton: 2,000 pounds at standard gravity. */
export const TONF_PER_MN = 1e6 / (2000 * KG_PER_POUND * 9.80665);

export type Dimension =
  | 'force'
  | 'length'
  | 'area'
  | 'volume'
  | 'mass'
  | 'roughness'
  | 'stress'
  | 'density'
  | 'metalPrice'
  | 'temperature'
  | 'temperatureStep'
  | 'temperatureRate'
  | 'pressure'
  | 'speed';

/** Exact by definition (bar in pounds-force a square inch). */
const PSI_PER_BAR = 0.1 / (MPA_PER_KSI / 1000);

interface DisplayUnit {
  readonly unit: string;
  /** Stored value × factor, and the zero of the scale, = displayed value. */
  readonly factor: number;
  readonly zero?: number;
  /** Digits after the point that make sense for a typed or shown figure. */
  readonly digits: number;
}

/** Display units per dimension. Stored: mm, cm², cm³, kg, µm, MPa, kg/m³, USD/kg, MN, °C, K, °C/h, bar, m/s. */
export const DISPLAY_UNITS: Readonly<Record<UnitSystem, Readonly<Record<Dimension, DisplayUnit>>>> = {
  si: {
    length: { unit: 'mm', factor: 1, digits: 3 },
    area: { unit: 'cm²', factor: 1, digits: 2 },
    volume: { unit: 'cm³', factor: 1, digits: 2 },
    mass: { unit: 'kg', factor: 1, digits: 3 },
    roughness: { unit: 'µm', factor: 1, digits: 2 },
    stress: { unit: 'MPa', factor: 1, digits: 0 },
    density: { unit: 'kg/m³', factor: 1, digits: 0 },
    metalPrice: { unit: 'USD/kg', factor: 1, digits: 2 },
    force: { unit: 'MN', factor: 1, digits: 2 },
    temperature: { unit: '°C', factor: 1, digits: 0 },
    temperatureStep: { unit: 'K', factor: 1, digits: 0 },
    temperatureRate: { unit: '°C/h', factor: 1, digits: 0 },
    pressure: { unit: 'bar', factor: 1, digits: 2 },
    speed: { unit: 'm/s', factor: 1, digits: 2 },
  },
  inch: {
    length: { unit: 'in', factor: 1 / MM_PER_INCH, digits: 4 },
    area: { unit: 'in²', factor: 100 / (MM_PER_INCH * MM_PER_INCH), digits: 3 },
    volume: { unit: 'in³', factor: 1000 / (MM_PER_INCH * MM_PER_INCH * MM_PER_INCH), digits: 3 },
    mass: { unit: 'lb', factor: 1 / KG_PER_POUND, digits: 3 },
    roughness: { unit: 'µin', factor: 1000 / MM_PER_INCH, digits: 1 },
    stress: { unit: 'ksi', factor: 1 / MPA_PER_KSI, digits: 1 },
    density: { unit: 'lb/in³', factor: (MM_PER_INCH * MM_PER_INCH * MM_PER_INCH) / 1e9 / KG_PER_POUND, digits: 3 },
    metalPrice: { unit: 'USD/lb', factor: KG_PER_POUND, digits: 2 },
    force: { unit: 'tonf', factor: TONF_PER_MN, digits: 0 },
    temperature: { unit: '°F', factor: 1.8, zero: 32, digits: 0 },
    temperatureStep: { unit: 'F°', factor: 1.8, digits: 0 },
    temperatureRate: { unit: '°F/h', factor: 1.8, digits: 0 },
    pressure: { unit: 'psi', factor: PSI_PER_BAR, digits: 1 },
    speed: { unit: 'ft/s', factor: 1000 / (12 * MM_PER_INCH), digits: 2 },
  },
};

/**
 * Stored value to the display unit of a system.
 *
 * @param stored in the stored unit of its dimension
 * @param dimension length, area …
 * @param system SI or inch
 * @returns in the unit shown
 * @example
 * toDisplay(25.4, 'length', 'inch') // 1
 */
export function toDisplay(stored: number, dimension: Dimension, system: UnitSystem): number {
  const { factor, zero = 0 } = DISPLAY_UNITS[system][dimension];
  return stored * factor + zero;
}

/**
 * Value typed in a display unit to the stored unit.
 *
 * @param shown in the unit shown
 * @param dimension length, area …
 * @param system SI or inch
 * @returns in the stored unit of its dimension
 * @example
 * toStored(1, 'length', 'inch') // 25.4
 */
export function toStored(shown: number, dimension: Dimension, system: UnitSystem): number {
  const { factor, zero = 0 } = DISPLAY_UNITS[system][dimension];
  return (shown - zero) / factor;
}

/** SI units a figure may be written in: what it measures, and stored units in one of it. */
const WRITTEN: Readonly<Record<string, readonly [Dimension, number]>> = {
  mm: ['length', 1],
  'mm²': ['area', 0.01],
  'cm²': ['area', 1],
  'dm²': ['area', 100],
  'cm³': ['volume', 1],
  'dm³': ['volume', 1000],
  g: ['mass', 0.001],
  kg: ['mass', 1],
  µm: ['roughness', 1],
  MPa: ['stress', 1],
  'kg/m³': ['density', 1],
  'USD/kg': ['metalPrice', 1],
  MN: ['force', 1],
  '°C': ['temperature', 1],
  K: ['temperatureStep', 1],
  '°C/h': ['temperatureRate', 1],
  bar: ['pressure', 1],
  kPa: ['pressure', 0.01],
  'm/s': ['speed', 1],
};

/** What a figure is multiplied by, and what is added to it, to stand in a unit of the screen. */
export interface DisplayScale {
  readonly unit: string;
  readonly factor: number;
  readonly zero: number;
}

/** Exact by definition (international table): kJ/kg in a Btu/lb, kJ/(kg·K) in a Btu/(lb·°F). */
const KJ_KG_PER_BTU_LB = 2.326;
const KJ_KGK_PER_BTU_LBF = 4.1868;
/** W/(m·K) in a Btu/(h·ft·°F), and W/(m²·K) in a Btu/(h·ft²·°F). */
const W_MK_PER_BTU_HFTF = 1.730734666;
const W_M2K_PER_BTU_HFT2F = 5.678263341;
/** J in a horsepower-minute: 550 foot-pounds a second for a minute. */
const J_PER_HP_MIN = 550 * 0.3048 * KG_PER_POUND * 9.80665 * 60;

/** Units that inches and pounds have a name of their own for: the name, and how much of it one is. */
const NAMED: Readonly<Record<string, readonly [string, number]>> = {
  'J/kg': ['Btu/lb', 1 / (1000 * KJ_KG_PER_BTU_LB)],
  'J/kgK': ['Btu/(lb·°F)', 1 / (1000 * KJ_KGK_PER_BTU_LBF)],
  'W/mK': ['Btu/(h·ft·°F)', 1 / W_MK_PER_BTU_HFTF],
  'W/m²K': ['Btu/(h·ft²·°F)', 1 / W_M2K_PER_BTU_HFT2F],
  N: ['lbf', 1 / (KG_PER_POUND * 9.80665)],
  kN: ['tonf', TONF_PER_MN / 1000],
  'kJ/kg': ['Btu/lb', 1 / KJ_KG_PER_BTU_LB],
  'kJ/(kg·K)': ['Btu/(lb·°F)', 1 / KJ_KGK_PER_BTU_LBF],
  'W/(m·K)': ['Btu/(h·ft·°F)', 1 / W_MK_PER_BTU_HFTF],
  'W/(m²·K)': ['Btu/(h·ft²·°F)', 1 / W_M2K_PER_BTU_HFT2F],
  'J/mm³': ['hp·min/in³', MM_PER_INCH ** 3 / J_PER_HP_MIN],
};

/** Measures that a unit may be made of: what each is, and stored units in one of it. */
const PARTS: Readonly<Record<string, readonly [Dimension, number]>> = {
  ...Object.fromEntries(
    ['mm', 'cm²', 'dm²', 'cm³', 'dm³', 'g', 'kg', 'µm', 'MN', 'bar', 'kPa'].map((unit) => [
      unit,
      WRITTEN[unit] ?? (['length', 1] as const),
    ]),
  ),
  dm: ['length', 100],
  'mm³': ['volume', 0.001],
  mbar: ['pressure', 0.001],
};

/** “kg poured per shift”, “min/dm² of casting surface”, “USD/h per MN clamp”. */
const MADE_UP = /^(Ra )?([^\s/,]+)(?:\/([^\s/,()]+))?(.*)$/u;
const PER = / per ([^\s/,]+)/u;

/** A unit that is made of others, in inches and pounds; null where nothing in it has a unit of its own in them. */
function madeUp(unit: string): DisplayScale | null {
  const [, roughness = '', head = '', under, rest = ''] = MADE_UP.exec(unit) ?? [];
  const perUnit = PER.exec(rest)?.[1];
  const [over, below, per] = [PARTS[head], PARTS[under ?? ''], PARTS[perUnit ?? '']];
  // A length for each length is a ratio: it stays as it is.
  const isRatio = [below, per].some((part) => part !== undefined && part[0] === over?.[0]) || /per \d/.test(rest);
  if (isRatio || (over === undefined && below === undefined && per === undefined)) return null;
  const in1 = (part: readonly [Dimension, number] | undefined): number =>
    part === undefined ? 1 : DISPLAY_UNITS.inch[part[0]].factor * part[1];
  const named = (part: readonly [Dimension, number] | undefined, written: string): string =>
    part === undefined ? written : DISPLAY_UNITS.inch[part[0]].unit;
  const tail = per === undefined ? rest : rest.replace(PER, ` per ${named(per, perUnit ?? '')}`);
  return {
    unit: `${roughness}${named(over, head)}${under === undefined ? '' : `/${named(below, under)}`}${tail}`,
    factor: in1(over) / in1(below) / in1(per),
    zero: 0,
  };
}

const SCALES = new Map<string, DisplayScale | null>();

function scaleInInches(unit: string): DisplayScale | null {
  const written = WRITTEN[unit];
  if (written !== undefined) {
    const { unit: shown, factor, zero = 0 } = DISPLAY_UNITS.inch[written[0]];
    return { unit: shown, factor: factor * written[1], zero };
  }
  const named = NAMED[unit];
  return named === undefined ? madeUp(unit) : { unit: named[0], factor: named[1], zero: 0 };
}

/**
 * How figures of a unit stand on the screen, to be read and typed: in SI as they are written, in inches and pounds in the
 * unit these have for it, also where the unit is made of others (min/dm², kg per shift, kJ/kg).
 *
 * @param unit as written
 * @param system SI or inch
 * @returns the unit as it is, times one, where the system has no other
 * @example
 * displayScale('min/dm² of casting surface', 'inch').unit // 'min/in² of casting surface'
 */
export function displayScale(unit: string, system: UnitSystem): DisplayScale {
  if (system === 'si') return { unit, factor: 1, zero: 0 };
  let scale = SCALES.get(unit);
  if (scale === undefined) SCALES.set(unit, (scale = scaleInInches(unit)));
  return scale ?? { unit, factor: 1, zero: 0 };
}

/**
 * A figure written in an SI unit, in the units of a system.
 *
 * @param unit as written: mm, cm², dm², cm³, dm³, g, kg, µm, MPa, kg/m³, USD/kg, MN, °C, K, °C/h, bar, kPa, m/s, thermal
 *   units, or one made of these (min/dm² of surface)
 * @returns null where the unit measures nothing a system has its own unit for (hours, money, a ratio)
 * @example
 * inUnitsOf(25.4, 'mm', 'inch') // { value: 0.9999999999999999, unit: 'in' }
 */
export function inUnitsOf(
  value: number,
  unit: string,
  system: UnitSystem,
): { readonly value: number; readonly unit: string } | null {
  const written = WRITTEN[unit];
  if (written !== undefined) {
    const [dimension, stored] = written;
    return { value: toDisplay(value * stored, dimension, system), unit: DISPLAY_UNITS[system][dimension].unit };
  }
  if (system === 'si') return null;
  const scale = displayScale(unit, system);
  return scale.unit === unit ? null : { value: value * scale.factor, unit: scale.unit };
}
