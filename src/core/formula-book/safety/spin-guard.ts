import { filled, inOrder, LIMIT_GUARD, notNegative, positive, positives } from '../../base/checks';
import { omegaOf } from '../forces/spin';
import { formula } from '../formula';

export const RIM_SPEED = /* @__PURE__ */ formula({
  id: 'safe.spin-guard',
  out: 'rimSpeed_m_s',
  title: 'Rim speed',
  unit: 'm/s',
  expression: 'omega * R / 1000',
  symbols: { omega: ['angular speed', 'rad/s'], R: ['largest radius', 'mm'] },
});

/** Half the angle of a fragment of a third, and its share of the whole. */
const THIRD = Math.PI / 3;

/**
 * Rim speed and energy of a spinning mould (formula safe.spin-guard): a gate before spinning. Lid interlocked until it stands still; cracked
 * or unbalanced discs are scrap at any speed.
 *
 * @param input.rpm; input.limit_m_s of the rim; input.parts that turn: mass_kg, outerRadius_mm, innerRadius_mm (0); input.guard_J that the
 *   guard is proved for
 * @returns rim speed, m/s; most turns a minute; energy of all and of the worst fragment, J; whether it may spin
 * @throws {CoreError} E_EMPTY without a part, E_ORDER for an inner radius not inside the outer
 * @example
 * spinGuard({ rpm: 950, limit_m_s: 10, parts: [{ mass_kg: 4.5, outerRadius_mm: 150, innerRadius_mm: 12 }] }).ok // false
 */
export function spinGuard(input: {
  readonly rpm: number;
  readonly limit_m_s: number;
  readonly parts: readonly {
    readonly mass_kg: number;
    readonly outerRadius_mm: number;
    readonly innerRadius_mm?: number;
  }[];
  readonly guard_J?: number;
}): { rimSpeed_m_s: number; rpmMost: number; energy_J: number; fragment_J: number; ok: boolean } {
  const v = positives(input, 'rpm', 'limit_m_s');
  const parts = filled('parts', input.parts).map((p, i) => ({
    m: positive(`parts[${i}].mass_kg`, p.mass_kg),
    R: positive(`parts[${i}].outerRadius_mm`, p.outerRadius_mm),
    r: notNegative(`parts[${i}].innerRadius_mm`, p.innerRadius_mm ?? 0),
  }));
  const guard = input.guard_J === undefined ? null : positive('guard_J', input.guard_J);
  parts.forEach(({ R, r }, i) => inOrder(r < R, `parts[${i}].innerRadius_mm`, r, `inside the outer radius of ${R} mm`));
  const omega = omegaOf(v.rpm);
  const energies = parts.map(({ m, R, r }) => (0.25 * m * (R * R + r * r) * omega * omega) / 1e6);
  const worst = parts[energies.indexOf(Math.max(...energies))] ?? { m: 0, R: 1, r: 0 };
  const { m, R, r } = worst;
  const rc = ((2 / 3) * ((R ** 3 - r ** 3) / (R * R - r * r)) * Math.sin(THIRD)) / THIRD;
  const fragment_J = 0.5 * (m / 3) * ((omega * rc) / 1000) ** 2;
  const rimSpeed_m_s = RIM_SPEED.of({ omega, R: Math.max(...parts.map((p) => p.R)) });
  return {
    ...{ rimSpeed_m_s, rpmMost: (v.rpm * v.limit_m_s) / rimSpeed_m_s, fragment_J },
    energy_J: energies.reduce((a, b) => a + b, 0),
    ok: rimSpeed_m_s <= v.limit_m_s + LIMIT_GUARD && (guard === null || fragment_J <= guard + LIMIT_GUARD),
  };
}
