import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { boardAt } from '../src/core/comparison/board';
import { prepareStudy } from '../src/core/study';
import { StudyWorkings } from '../src/core/phased-plans';
import { isWholeFigure } from '../src/core/study/workings';
import { boardFigures } from '../src/core/reference/worked-cases/model';
import { EQUATIONS } from '../src/core/reference/model-document';
import { ASKING_BRIEFS } from '../src/core/testing/asking-briefs';
import { demoBriefs } from '../src/server/demo/seed';

/**
 * Freezes the worked cases of the model: each form of each equation with the values of a demo study, and the figures of
 * the board of three demo parts. Run only where the model was changed on purpose: npm run model-cases
 */
interface Case {
  readonly id: string;
  readonly formula: string;
  readonly inputs: object;
  readonly expected: object;
}
const folder = join(import.meta.dirname, '../src/core/reference/worked-cases/cases');
const cases: Case[] = [];
const wanted = new Map(
  EQUATIONS.flatMap(({ equations }) => equations.flatMap((e) => e.forms.map((f) => [f, e] as const))),
);
/** A baseline's figures are asked of it by their own names. */
const OF_BASELINE = /^(machined|stamped|strip|fabricated|baseline)\./;
const LIST = /\b(sum|least|most)\((\w+)\)/g;

for (const brief of [...demoBriefs(), ...ASKING_BRIEFS]) {
  const study = prepareStudy(brief);
  for (const q of [37, 2411, 41_003, 970_003]) {
    const of = new StudyWorkings(study, q);
    const board = boardAt(study, q);
    const baselines = board.baselines.filter(({ id }) => isWholeFigure(id));
    for (const lane of [...board.lanes.filter((l) => l.money !== null), ...baselines]) {
      const seen = new Set<string>();
      const left = [
        'total',
        'unit',
        'lastPart',
        'firstArticle',
        'positions',
        'day.1',
        'width.0',
        ...[...wanted.values()].map((e) => e.figure.replace(OF_BASELINE, '')),
      ];
      for (let figure = left.pop(); figure !== undefined; figure = left.pop()) {
        if (seen.has(figure) || wanted.size === 0) continue;
        seen.add(figure);
        let w;
        try {
          w = of.working(lane.id, figure);
        } catch {
          continue;
        }
        for (const s of w.symbols) if (s.opens !== null && s.opensLane === null) left.push(s.opens);
        for (const [form, e] of wanted) {
          const lists = [...form.matchAll(LIST)].map((m) => m[2] ?? '');
          const of = (list: string) => w.symbols.filter((s) => new RegExp(`^${list}(_.*|\\d+)$`).test(s.symbol));
          const told = form.replace(LIST, (whole, op: string, list: string) => {
            const names = of(list).map((s) => s.symbol);
            if (op === 'least') return `min(${names.join(', ')})`;
            if (names.length < 2) return names[0] ?? '0';
            if (op === 'most') return `max(${names.join(', ')})`;
            return whole !== form ? `(${names.join(' + ')})` : names.join(' + ');
          });
          if (told !== w.expression || !w.equation.includes(e.number)) continue;
          const single = w.symbols.filter((s) => lists.every((list) => !of(list).includes(s)));
          const values = {
            ...Object.fromEntries(single.map((s) => [s.symbol, s.value])),
            ...Object.fromEntries(lists.map((list) => [list, of(list).map((s) => s.value)])),
          };
          cases.push({
            id: `${e.figure.replace(/\.\{.*$/, '')}: ${brief.title}, ${lane.id}, ${q}`,
            formula: 'model.equation',
            inputs: { form, values },
            expected: { value: w.value },
          });
          wanted.delete(form);
        }
      }
    }
  }
}
/** Forms that no demo study needs, worked out with a pencil. */
const BY_HAND: readonly (readonly [form: string, values: Readonly<Record<string, number>>, value: number])[] = [
  ['bought', { bought: 61.5 }, 61.5],
  ['Au * 100 * s', { Au: 25, s: 2 }, 5000],
  ['n * (t0 + each * (u * gE) / P)', { n: 4, t0: 10, each: 600, u: 1.5, gE: 20, P: 900 }, 120],
  ['Pw * n / nt', { Pw: 6, n: 12, nt: 2 }, 36],
  ['t0 + tV * Vm', { t0: 4, tV: 0.5, Vm: 6 }, 7],
  [
    'tools + K * ((kNew + kSet) * dFull * lotSet + kNew * dNew * (lotNew - lotSet) + on(rest) * dRest * lotRest) * fx',
    {
      tools: 1000,
      K: 1.5,
      kNew: 2,
      kSet: 3,
      dNew: 1,
      dFull: 0.8,
      dRest: 0.5,
      lotNew: 300,
      lotSet: 200,
      rest: 7,
      lotRest: 100,
      fx: 2,
    },
    4150,
  ],
  ['fx * hOut * Rlab', { fx: 1, hOut: 1.5, Rlab: 36 }, 54],
  ['(1 - kM) * (u + out) + kM * (cM * u + out)', { kM: 0.35, u: 180, out: 54, cM: 0.25 }, 186.75],
  ['pD * once', { pD: 0.01, once: 186.75 }, 1.8675],
  ['price * u + out', { price: 0.2, u: 180, out: 54 }, 90],
  ['pD * (share * end + (1 - share) * once)', { pD: 0.01, share: 0.65, end: 90, once: 186.75 }, 1.238625],
  ['nE * fx * (join / 60 * Rlab + face + hardware)', { nE: 2, fx: 1, join: 4, Rlab: 36, face: 4, hardware: 1.8 }, 16.4],
  ['(whole - parted) * years - fitting', { whole: 1.8675, parted: 1.238625, years: 10, fitting: 16.4 }, -10.11125],
  [
    'fitting / (years * share * (once - end))',
    { fitting: 16.4, years: 10, share: 0.65, once: 186.75, end: 90 },
    0.02607831445040748,
  ],
  ['max(finished, x * y * z * rho / 1000000000)', { finished: 1.9, x: 240, y: 160, z: 90, rho: 2685 }, 9.27936],
  [
    'max(finished, PI / 4 * x * x * z * rho / 1000000000)',
    { finished: 1.1, PI: 3.141592653589793, x: 90, z: 28, rho: 7200 },
    1.2825237849014972,
  ],
  [
    'max(finished, PI / 4 * (x * x - (x - 2 * w) * (x - 2 * w)) * z * rho / 1000000000)',
    { finished: 0.2, PI: 3.141592653589793, x: 160, w: 10, z: 25, rho: 2685 },
    0.3163191103083223,
  ],
  ['stock / finished', { stock: 9.5, finished: 1.9 }, 5.0],
  ['fx * stock * p * factor', { fx: 1, stock: 9.27936, p: 3.3, factor: 2.2 }, 67.3681536],
  ['max(0, fx * today - stockMoney)', { fx: 1, today: 268, stockMoney: 67.5 }, 200.5],
  [
    'fx * (finished * castPerKg + perPiece) + keepMach * work',
    { fx: 1, finished: 1.9, castPerKg: 8, perPiece: 1.5, keepMach: 0.3, work: 200.5 },
    76.85,
  ],
  ['fx * (tool0 + toolPerKg * pow(finished, 0.5))', { fx: 1, tool0: 1800, toolPerKg: 900, finished: 2.25 }, 3150.0],
  [
    'perYear * (fx * today - guess) - tool / years',
    { perYear: 320, fx: 1, today: 268, guess: 77, tool: 3000, years: 3 },
    60120,
  ],
  ['fx * said', { fx: 2, said: 3 }, 6],
  ['cycle / 3600 / batch', { cycle: 90, batch: 2 }, 0.0125],
  ['wait / batch', { wait: 6, batch: 4 }, 1.5],
  [
    'min(ct, base + perMm * max(0, nominal - upTo)) + (parting + shift)',
    { ct: 1.2, base: 0.1, perMm: 0.002, nominal: 150, upTo: 100, parting: 0.2, shift: 0.1 },
    0.5,
  ],
  [
    'base + perMm * max(0, nominal - upTo) + (parting + shift)',
    { base: 0.5, perMm: 0.004, nominal: 75, upTo: 25, parting: 0.25, shift: 0.1 },
    1.05,
  ],
  ['D1 + shut', { D1: 20, shut: 3 }, 23],
  ['D1 + on(N - k) * W * (N - k) / good', { D1: 20, N: 12, k: 2, W: 1.4, good: 7 }, 22],
  ['D1 + on(N - k) * W * (N - k) / good + shut', { D1: 20, N: 12, k: 2, W: 1.4, good: 7, shut: 3 }, 25],
  [
    'D1 + on(N - k) * (approve + pass + W * (N - k) / good) + shut',
    { D1: 20, N: 102, k: 2, W: 1.4, good: 7, approve: 14, pass: 4, shut: 3 },
    61,
  ],
  ['ceil(need / (1 - bad))', { need: 2400, bad: 0.03 }, 2475],
  ['max(lot, minOrder, lowest)', { lot: 160, minOrder: 200, lowest: 80 }, 200],
  ['ceil(bought / lot)', { bought: 2475, lot: 160 }, 16],
  ['price * fx', { price: 26.4, fx: 1.09 }, 28.776],
  ['price / 100 * fx', { price: 2640, fx: 0.73 }, 19.272],
  ['price * mass * fx', { price: 9.5, mass: 0.8, fx: 1.28 }, 9.728000000000002],
  ['price * mass / lb * fx', { price: 4.2, mass: 0.9071847, lb: 0.45359237, fx: 1 }, 8.3999996296234],
  ['unit * (1 + share * (today / base - 1))', { unit: 20, share: 0.35, today: 2750, base: 2500 }, 20.700000000000003],
  ['inPrice * fx', { inPrice: 1.25, fx: 1.09 }, 1.3625],
  ['extra * fx', { extra: 2.4, fx: 0.73 }, 1.752],
  ['filled', { filled: 5.55 }, 5.55],
  ['unit - taken + extra + filled', { unit: 26.4, taken: 1.5, extra: 0.8, filled: 5.55 }, 31.25],
  ['life', { life: 9000 }, 9000],
  ['life * cavities * good', { life: 50000, cavities: 2, good: 0.95 }, 95000.0],
  ['life * perTool * (1 - bad)', { life: 9000, perTool: 4, bad: 0.03 }, 34920.0],
  ['max(1, ceil(bought / life))', { bought: 2475, life: 1000 }, 3],
  ['ceil(need / perYear)', { need: 2500, perYear: 480 }, 6],
  ['1', {}, 1],
  ['years * upkeep * fx', { years: 5, upkeep: 120, fx: 1.25 }, 750],
  [
    '(first + (tools - 1) * replacement) * fx + upkeep',
    { first: 1950, tools: 3, replacement: 1500, fx: 1.28, upkeep: 600 },
    6936.0,
  ],
  [
    '(bought * inPrice + (tools - 1) * replacement) * fx + upkeep',
    { bought: 400, inPrice: 1.5, tools: 2, replacement: 900, fx: 1, upkeep: 250 },
    1750.0,
  ],
  ['penalty * fx + upkeep', { penalty: 4000, fx: 1.09, upkeep: 0 }, 4360.0],
  ['max(0, bought - over) * inPrice * fx', { bought: 2475, over: 2000, inPrice: 1.5, fx: 1 }, 712.5],
  ['lots * charge * fx', { lots: 16, charge: 65, fx: 1 }, 1040],
  [
    'bought * unit + tooling + surplus + charges',
    { bought: 2475, unit: 31.95, tooling: 1950, surplus: 0, charges: 1040 },
    82066.25,
  ],
  ['programme / need', { programme: 82066.25, need: 2400 }, 34.194270833333334],
  ['now - quoted', { now: 21.25, quoted: 20 }, 1.25],
  ['unit - extra - clause', { unit: 31.25, extra: 0.75, clause: 1.25 }, 29.25],
  ['(tooling + surplus) / need', { tooling: 6000, surplus: 600, need: 2400 }, 2.75],
  ['charges / need', { charges: 1200, need: 2400 }, 0.5],
  ['(bought - need) * unit / need', { bought: 2460, need: 2400, unit: 32 }, 0.8],
  ['asked - model', { asked: 34.5, model: 30 }, 4.5],
  ['gap / model', { gap: 4.5, model: 30 }, 0.15],
  ['time * perWorkday', { time: 21, perWorkday: 1.4 }, 29.4],
  ['time', { time: 30 }, 30],
  ['time * week', { time: 6, week: 7 }, 42],
  ['pieces', { pieces: 80 }, 80],
  ['pieces / perWeek', { pieces: 400, perWeek: 5 }, 80.0],
  ['pieces / perMonth', { pieces: 2100, perMonth: 21 }, 100.0],
  ['ceil(perYear / capacity)', { perYear: 480, capacity: 80 }, 6],
];
for (const [form, values, value] of BY_HAND) {
  const e = wanted.get(form);
  if (e === undefined) {
    console.error(`${form} has a case of a part: none by hand is wanted`);
    continue;
  }
  cases.push({
    id: `${e.figure.replace(/\.\{.*$/, '')}: by hand`,
    formula: 'model.equation',
    inputs: { form, values },
    expected: { value },
  });
  wanted.delete(form);
}
if (wanted.size > 0) throw new Error(`forms without a case: ${[...wanted.keys()].join('\n')}`);

const kept = Object.fromEntries(
  demoBriefs()
    .filter((_, i) => i % 3 === 0)
    .map((b) => [b.title, b]),
);
writeFileSync(join(folder, 'briefs.json'), `${JSON.stringify(kept, null, 2)}\n`);
for (const [title, brief] of Object.entries(kept))
  for (const quantity of [40, 4000]) {
    const board = boardAt(prepareStudy(brief), quantity);
    for (const { id } of [...board.lanes, ...board.baselines]) {
      const inputs = { brief: title, id, quantity };
      cases.push({
        id: `${title}, ${id}, ${quantity}`,
        formula: 'model.board',
        inputs,
        expected: boardFigures(inputs),
      });
    }
  }
writeFileSync(join(folder, 'model.json'), `${JSON.stringify({ cases }, null, 1)}\n`);
console.log(`${cases.length} cases`);
