import {
  ceilGuarded,
  inOrder,
  LIMIT_GUARD,
  notNegative,
  positive,
  positives,
  scrapShare,
  wholeNumber,
  within,
} from '../../base/checks';
import { refuse } from '../../base/errors';
import { formula } from '../formula';

const HOURS = 24;
const MOST_SHIFTS = 4;
const S_PER_H = 3600;

export const GOOD_A_CYCLE = /* @__PURE__ */ formula({
  id: 'qty.lines',
  out: 'goodPerCycle',
  title: 'Good pieces of a cycle',
  unit: 'pieces',
  expression: '(positions - lost) * (1 - scrap)',
  symbols: {
    positions: ['places', '1'],
    lost: ['of them never good', '1'],
    scrap: ['share lost at random', '1'],
  },
});

export const DIES_NEEDED = /* @__PURE__ */ formula({
  id: 'qty.lines',
  out: 'diesNeeded',
  title: 'Dies or lines for the rate',
  unit: '1',
  expression: 'ceil(N * (a + u) / (shifts * hours * 3600 * uptime))',
  symbols: {
    N: ['cycles of a day', '1'],
    a: ['hands on', 's'],
    u: ['by itself', 's'],
    shifts: ['shifts', '1'],
    hours: ['hours of a shift', 'h'],
    uptime: ['share of the time that it runs', '1'],
  },
});

/**
 * Dies, people and shifts for a rate (formula qty.lines): the bound of constant times; random ones lose a further 5 to 15 % where both are
 * busy. Dies stand for lines, discs or boxes alike.
 *
 * @param input.wanted_per_day good pieces; shift_h, shifts (1); attended_s and unattended_s of a cycle, not both 0; positions, lost (0), scrap
 *   (0); uptime (1); diesPerOperator most that one tends; dies and operators (as many) at hand
 * @returns good pieces of a cycle; cycles of a day; dies and people needed, and how busy (null for none); most a day; with dies at hand the
 *   hours of the day’s run, shifts needed, and whether a day holds them
 * @throws {CoreError} E_ORDER with all positions lost; E_RANGE for a scrap of 1, a day of more than 24 h or 4 shifts, or counts that are not
 *   whole; E_SIGN for a cycle of nothing
 * @example
 * linesForRate({ wanted_per_day: 900, shift_h: 8, attended_s: 70, unattended_s: 150, positions: 2, scrap: 0.06, uptime: 0.85 }).diesNeeded // 5
 */
export function linesForRate(input: {
  readonly wanted_per_day: number;
  readonly shift_h: number;
  readonly shifts?: number;
  readonly attended_s: number;
  readonly unattended_s: number;
  readonly positions: number;
  readonly lost?: number;
  readonly scrap?: number;
  readonly uptime?: number;
  readonly diesPerOperator?: number;
  readonly dies?: number;
  readonly operators?: number;
}): {
  goodPerCycle: number;
  cycles_per_day: number;
  diesNeeded: number;
  operatorsNeeded: number;
  dieUse: number;
  operatorUse: number | null;
  most_per_day: number;
  run_h?: number;
  shiftsNeeded?: number;
  fits?: boolean;
} {
  const v = positives(input, 'wanted_per_day', 'shift_h');
  const a = notNegative('attended_s', input.attended_s);
  const u = notNegative('unattended_s', input.unattended_s);
  if (a + u === 0) refuse('E_SIGN', 'attended_s', a, 'a cycle of some seconds');
  const hours = within('shift_h', v.shift_h, 0, HOURS);
  const shifts = within('shifts', wholeNumber('shifts', input.shifts ?? 1, 1), 1, MOST_SHIFTS);
  if (hours * shifts > HOURS + LIMIT_GUARD) refuse('E_RANGE', 'shifts', shifts, 'shifts that a day holds');
  const positions = wholeNumber('positions', input.positions, 1);
  const lost = wholeNumber('lost', input.lost ?? 0);
  const scrap = scrapShare('scrap', input.scrap ?? 0);
  const uptime = within('uptime', positive('uptime', input.uptime ?? 1), 0, 1);
  const most = input.diesPerOperator === undefined ? null : wholeNumber('diesPerOperator', input.diesPerOperator, 1);
  inOrder(lost < positions, 'lost', lost, `fewer than the ${positions} positions`);
  const goodPerCycle = GOOD_A_CYCLE.of({ positions, lost, scrap });
  const N = v.wanted_per_day / goodPerCycle;
  const S = shifts * hours * S_PER_H * uptime;
  const diesNeeded = DIES_NEEDED.of({ N, a, u, shifts, hours, uptime });
  const operatorsNeeded =
    a === 0 && most === null
      ? 0
      : Math.max(1, ceilGuarded((N * a) / S), most === null ? 0 : ceilGuarded(diesNeeded / most));
  /** Good pieces a second of so many dies and people, uptime included. */
  const rate = (dies: number, people: number): number =>
    Math.min(dies / (a + u), a === 0 ? Infinity : people / a) * uptime * goodPerCycle;
  const plain = {
    ...{ goodPerCycle, cycles_per_day: N, diesNeeded, operatorsNeeded },
    dieUse: (N * (a + u)) / (S * diesNeeded),
    operatorUse: operatorsNeeded === 0 ? null : (N * a) / (S * operatorsNeeded),
    most_per_day: rate(diesNeeded, operatorsNeeded) * shifts * hours * S_PER_H,
  };
  if (input.dies === undefined) return plain;
  const dies = wholeNumber('dies', input.dies, 1);
  const people = wholeNumber('operators', input.operators ?? dies, a === 0 ? 0 : 1);
  const run_h = v.wanted_per_day / rate(dies, people) / S_PER_H;
  return { ...plain, run_h, shiftsNeeded: ceilGuarded(run_h / hours), fits: run_h <= HOURS + LIMIT_GUARD };
}
