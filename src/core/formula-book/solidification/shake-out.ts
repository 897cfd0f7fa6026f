import { finite, inOrder, oneOf, positive, positives } from '../../base/checks';
import { formula } from '../formula';
import { KNOCK_OUT_C, KNOCK_OUT_FACTOR } from './shake-out.data';

const FAMILIES = Object.keys(KNOCK_OUT_C) as (keyof typeof KNOCK_OUT_C)[];
const GRADES = ['even', 'graded', 'abrupt'] as const;
const LAWS = ['half-space', 'exponential', 'film'] as const;

/** How a casting cools in its mould once it is frozen: a thick mould, the shop’s own constant, or a film to the air. */
export type CoolingLaw = (typeof LAWS)[number];

export const SHAKE_OUT_TIME = /* @__PURE__ */ formula({
  id: 'sol.shake-out',
  out: 'time_s',
  title: 'From the pour until the mould may be opened',
  unit: 's',
  expression: {
    'half-space':
      'tf * pow((1 + cSolid * (Tf - T0) / Leff * (1 - theta)) * (2 / PI + (1 - 2 / PI) * pow(theta, 1.3)) / theta, 2)',
    exponential: 'tf - K * M * M * ln(theta)',
    film: 'tf - rho * cSolid * M / 1000 / h * ln(theta)',
  },
  symbols: {
    tf: ['freezing time', 's'],
    PI: ['π', '1'],
    theta: ['share of the way from mould to freezing at which it is opened', '1'],
    cSolid: ['specific heat of the casting', 'J/kgK'],
    Tf: ['freezing temperature', '°C'],
    T0: ['mould, or the air', '°C'],
    Leff: ['heat of freezing with the superheat in it', 'J/kg'],
    K: ['cooling constant of the shop', 's/mm²'],
    M: ['modulus', 'mm'],
    rho: ['density of the metal', 'kg/m³'],
    h: ['film between casting and air', 'W/m²K'],
  },
});

/**
 * When a mould of sand, plaster, block or shell may be opened (formula sol.shake-out). The thick mould keeps its heat: thin,
 * moist or vented moulds open sooner. Hot core sand and gas remain a hazard after this time.
 *
 * @param input freeze_s of part 2; law; tFreeze_C, tMould_C (of a film: the air); tKnock_C, or family and grade of the sections
 *   (even where not said); half-space: latentEff_J_kg, cSolid_J_kgK; exponential: coolConstant_s_mm2, modulus_mm; film:
 *   hCool_W_m2K, rhoMetal_kg_m3, cSolid_J_kgK, modulus_mm
 * @returns temperature at which it is opened, °C; time after freezing and from the pour, s; as a multiple of the freezing time
 * @throws {CoreError} E_KEY for an unknown word, E_ORDER for an opening temperature not between mould and freezing
 * @example
 * shakeOut({ law: 'half-space', freeze_s: 155, tFreeze_C: 585, tMould_C: 25, family: 'aluminium', grade: 'graded', latentEff_J_kg: 530000, cSolid_J_kgK: 1020 }).tKnock_C
 * // 255
 */
export function shakeOut(input: {
  readonly freeze_s: number;
  readonly law?: CoolingLaw;
  readonly tFreeze_C: number;
  readonly tMould_C: number;
  readonly tKnock_C?: number;
  readonly family?: string;
  readonly grade?: string;
  readonly latentEff_J_kg?: number;
  readonly cSolid_J_kgK?: number;
  readonly coolConstant_s_mm2?: number;
  readonly modulus_mm?: number;
  readonly hCool_W_m2K?: number;
  readonly rhoMetal_kg_m3?: number;
}): { tKnock_C: number; cool_s: number; time_s: number; multiple: number } {
  const tf = positive('freeze_s', input.freeze_s);
  const law = oneOf('law', input.law ?? 'half-space', LAWS);
  const Tf = finite('tFreeze_C', input.tFreeze_C);
  const T0 = finite('tMould_C', input.tMould_C);
  const knock =
    input.tKnock_C === undefined
      ? KNOCK_OUT_C[oneOf('family', input.family, FAMILIES)] *
        KNOCK_OUT_FACTOR[oneOf('grade', input.grade ?? 'even', GRADES)]
      : finite('tKnock_C', input.tKnock_C);
  const own = { cSolid: 0, Leff: 1, K: 0, M: 0, rho: 0, h: 1 };
  const values =
    law === 'half-space'
      ? { ...own, ...renamed(positives(input, 'latentEff_J_kg', 'cSolid_J_kgK')) }
      : law === 'exponential'
        ? { ...own, ...renamed(positives(input, 'coolConstant_s_mm2', 'modulus_mm')) }
        : { ...own, ...renamed(positives(input, 'hCool_W_m2K', 'rhoMetal_kg_m3', 'cSolid_J_kgK', 'modulus_mm')) };
  inOrder(knock > T0 && knock < Tf, 'tKnock_C', knock, `between the mould’s ${T0} °C and freezing at ${Tf} °C`);
  const theta = (knock - T0) / (Tf - T0);
  const time_s = SHAKE_OUT_TIME.of({ ...values, tf, PI: Math.PI, theta, Tf, T0 }, law);
  return { tKnock_C: knock, cool_s: time_s - tf, time_s, multiple: time_s / tf };
}

const SYMBOLS: Readonly<Record<string, 'cSolid' | 'Leff' | 'K' | 'M' | 'rho' | 'h'>> = {
  latentEff_J_kg: 'Leff',
  cSolid_J_kgK: 'cSolid',
  coolConstant_s_mm2: 'K',
  modulus_mm: 'M',
  hCool_W_m2K: 'h',
  rhoMetal_kg_m3: 'rho',
};

const renamed = (
  values: Readonly<Record<string, number>>,
): Readonly<Partial<Record<(typeof SYMBOLS)[string], number>>> =>
  Object.fromEntries(Object.entries(values).map(([name, value]) => [SYMBOLS[name] ?? name, value]));
