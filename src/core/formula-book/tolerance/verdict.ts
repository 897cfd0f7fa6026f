import { finite, positive } from '../../base/checks';

/**
 * One feature: as cast, machine, or cannot (formula tol.verdict).
 *
 * @param input.need_mm total tolerance wanted, mm
 * @param input.cast_mm width held as cast, parting addition included, mm
 * @param input.machinable whether a second operation is allowed
 * @param input.machined_mm width the second operation holds, mm (absent: as good as wanted)
 * @param input.raNeed_um roughness wanted, with raCast_um and raMachined_um, µm, all optional
 * @returns the verdict, the margin need − cast in mm, and which demand the casting misses
 * @throws {CoreError} E_SIGN for a zero need
 * @example
 * toleranceVerdict({ need_mm: 0.3, cast_mm: 0.9, machinable: false }).verdict // 'cannot'
 */
export function toleranceVerdict(input: {
  need_mm: number;
  cast_mm: number;
  machinable: boolean;
  machined_mm?: number;
  raNeed_um?: number;
  raCast_um?: number;
  raMachined_um?: number;
}): { verdict: 'as-cast' | 'machine' | 'cannot'; margin_mm: number; reason: 'none' | 'size' | 'surface' | 'both' } {
  const need = positive('need_mm', input.need_mm);
  const cast = positive('cast_mm', input.cast_mm);
  const sizeMet = cast <= need;
  const raNeed = input.raNeed_um === undefined ? undefined : positive('raNeed_um', input.raNeed_um);
  const raMet =
    raNeed === undefined || (input.raCast_um !== undefined && positive('raCast_um', input.raCast_um) <= raNeed);
  const reason = sizeMet ? (raMet ? 'none' : 'surface') : raMet ? 'size' : 'both';
  const margin_mm = need - cast;
  if (reason === 'none') return { verdict: 'as-cast', margin_mm, reason };
  const machinedOk = input.machined_mm === undefined || finite('machined_mm', input.machined_mm) <= need;
  const finishOk =
    raNeed === undefined || input.raMachined_um === undefined || finite('raMachined_um', input.raMachined_um) <= raNeed;
  return { verdict: input.machinable === true && machinedOk && finishOk ? 'machine' : 'cannot', margin_mm, reason };
}
