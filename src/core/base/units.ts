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

/**
 * What a unit that figures are stored in measures; null for one no system has a unit of its own for, and for one that is
 * not stored as it is written (dm², g).
 *
 * @example
 * dimensionOf('mm') // 'length'
 */
export function dimensionOf(unit: string): Dimension | null {
  const written = WRITTEN[unit];
  return written?.[1] === 1 ? written[0] : null;
}

/**
 * A figure written in an SI unit, in the units of a system.
 * @param unit as written: mm, cm², dm², cm³, dm³, g, kg, µm, MPa, kg/m³, USD/kg, MN, °C, K, °C/h, bar, kPa, m/s
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
  if (written === undefined) return null;
  const [dimension, stored] = written;
  return { value: toDisplay(value * stored, dimension, system), unit: DISPLAY_UNITS[system][dimension].unit };
}
