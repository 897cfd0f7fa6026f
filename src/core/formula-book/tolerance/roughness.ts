import { positive } from '../../base/checks';
import { refuse } from '../../base/errors';
import { N_GRADES } from './casting-grades.data';

/** Rq of a pure sine over its Ra: π / (2√2). */
const RQ_PER_RA_SINE = Math.PI / (2 * Math.SQRT2);
/** Rq of a Gaussian surface over its Ra: √(π/2). */
const RQ_PER_RA_GAUSS = Math.sqrt(Math.PI / 2);
const UM_PER_UIN = 0.0254;

/**
 * Roughness conversions (formula tol.roughness).
 *
 * @param input.ra_um roughness in µm, or ra_uin in µin; one of the two
 * @returns Ra in µm and µin, Rq as for a sine and for a random surface (µm), and the first N grade whose Ra is not below
 * @throws {CoreError} E_RANGE above 50 µm (N12)
 * @see ISO 4287, ISO 1302; conversions between parameters are statistical
 * @example
 * roughness({ ra_um: 6.3 }).ra_um // 6.3
 */
export function roughness(input: { ra_um?: number; ra_uin?: number }): {
  ra_um: number;
  ra_uin: number;
  rqSine_um: number;
  rqGauss_um: number;
  nGrade: string;
} {
  const ra = input.ra_um === undefined ? positive('ra_uin', input.ra_uin) * UM_PER_UIN : positive('ra_um', input.ra_um);
  const grade = N_GRADES.find(([, limit]) => ra <= limit * (1 + 1e-12));
  if (!grade) return refuse('E_RANGE', 'ra_um', ra, 'up to 50 µm (N12)');
  return {
    ra_um: ra,
    ra_uin: input.ra_um === undefined ? (input.ra_uin ?? ra / UM_PER_UIN) : ra / UM_PER_UIN,
    rqSine_um: ra * RQ_PER_RA_SINE,
    rqGauss_um: ra * RQ_PER_RA_GAUSS,
    nGrade: grade[0],
  };
}
