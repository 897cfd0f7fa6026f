import { stepsOf, touchMinutes, type StepOnFloor } from '../calendar';
import { refuse } from '../errors';
import type { Touch } from '../rates';
import { variantKey, lambdaSym, MC, nSym, nSetSym, ntSym, W, yieldSym, type Builder } from './common';
import type { Context } from './context';
import { computed, fromBrief, fromRate } from './symbols';
import type { Working, WorkingSymbol } from '../equations';

const time = (c: Context, symbol: string, meaning: string, key: 'avail' | 'share' | 'approve' | 'capPours' | 'capKg') =>
  fromRate(symbol, meaning, c.model.v.time[key], variantKey(c, `time.${key}`));
const goodPour = 'n * (1 - lambda)';

/** Workings of the floor: hours of a day, approval, samples, and what each shop allows. */
export const FLOOR: Readonly<Record<string, Builder>> = {
  hours: (c) => ({
    title: 'Hours of work in a day',
    equation: 'Time model T1',
    expression: 'shift * shifts * avail',
    value: c.time.hoursPerDay,
    unit: 'h',
    symbols: [
      computed('shift', 'hours a shift', c.study.rates.calendar.shift_h, 'h'),
      computed('shifts', 'shifts a day', c.model.v.time.shifts, 'shifts'),
      time(c, 'avail', 'share of the shift that is work', 'avail'),
    ],
    note: null,
  }),
  approve: (c) => ({
    title: 'Approval of the samples',
    equation: 'Time model T11',
    expression: 'W * days',
    value: c.time.approve_d,
    unit: 'days',
    symbols: [W(c), time(c, 'days', 'working days the customer takes', 'approve')],
    note: null,
  }),
  samples: (c) => ({
    title: 'Samples that come with the first article',
    equation: 'Time model T10',
    expression: `max(1, floor(${goodPour} / nB + 0.000000001))`,
    value: c.time.samples,
    unit: 'pieces',
    symbols: [nSym(c), lambdaSym(c), settled(c)],
    note: null,
  }),
};

const settled = (c: Context): WorkingSymbol =>
  computed('nB', 'castings made a good piece', c.model.settled.nB, '–', 'stages@set');

/** Workings of one step, one touch and one shop of the lane, by their id. */
export const ONE_OF_FLOOR: Readonly<Record<string, (c: Context, id: string) => Omit<Working, 'figure'>>> = {
  step: (c, id) => {
    const { step, persons, pieces, cycled, repeats, hands } = ofStep(c, id);
    const at = c.time.steps.find((s) => s.id === id);
    const wait = waitTerm(c, step, repeats);
    return {
      title: step.name,
      equation: 'Time model T2 to T4',
      expression: cycled
        ? `W * cycle / 3600 / h${wait === null ? '' : ` + ${wait.expression} / 24`}`
        : `W * (${step.touch === null ? '0' : `touch * ${step.per === 'piece' ? 'n' : '1'} / 60 / persons`} / h${hands ? ' + handed' : ''})${wait === null ? '' : ` + ${wait.expression} / 24`}`,
      value: at?.days ?? NaN,
      unit: 'days',
      symbols: [
        W(c),
        ...(cycled ? [computed('cycle', 'die cycle', c.plan.cycle_s, 's', 'cycle')] : []),
        ...(step.touch === null || cycled
          ? []
          : [
              touchSym(c, step.touch),
              ...(pieces > 1 || step.per === 'piece' ? [nSym(c)] : []),
              computed('persons', 'persons at it', persons, 'persons'),
            ]),
        computed('h', 'hours of work in a day', c.time.hoursPerDay, 'h', 'hours'),
        ...(hands ? [fromRate('handed', 'handing on', c.study.rates.calendar.handover, 'calendar.handover')] : []),
        ...(wait?.symbols ?? []),
      ],
      note: null,
    };
  },
  touch: (c, id) => {
    if (!(id in TOUCHES)) return refuse('E_KEY', 'touch', id, Object.keys(TOUCHES).join(' | '));
    const made = TOUCHES[id as Touch](c);
    return {
      title: `Minutes at ${id}`,
      equation: 'Time model T2: the minutes the money pays for',
      expression: made.expression,
      value: made.value,
      unit: 'min',
      symbols: made.symbols,
      note: null,
    };
  },
  shop: (c, id) => {
    const load = c.time.resources.find((r) => r.id === id);
    if (load === undefined) return refuse('E_KEY', 'shop', id, c.time.resources.map((r) => r.id).join(' | '));
    const base = { title: `Castings a day that ${id} allows`, value: load.startsPerDay, unit: 'castings', note: null };
    const shifts = computed('shifts', 'shifts a day', c.model.v.time.shifts, 'shifts');
    const share = time(c, 'share', 'share of the shop given to the job', 'share');
    if (id === 'capPours')
      return {
        ...base,
        equation: 'Time model T7',
        expression: `cap * shifts * share * ${goodPour}`,
        symbols: [time(c, 'cap', 'pours a shift', 'capPours'), shifts, share, nSym(c), lambdaSym(c)],
      };
    if (id === 'capKg')
      return {
        ...base,
        equation: 'Time model T7',
        expression: 'cap * shifts * share / (mc / Y)',
        symbols: [time(c, 'cap', 'metal a shift', 'capKg'), shifts, share, MC(c), yieldSym(c)],
      };
    const r = c.model.v.time.resources[id];
    const clock = r?.clock === 'clock';
    return {
      ...base,
      equation: 'Time model T6',
      expression: `count * share * ${clock ? '24' : 'h'} / load`,
      symbols: [
        computed('count', 'persons or machines', r?.n ?? 1, r?.unit ?? 'persons'),
        share,
        ...(clock ? [] : [computed('h', 'hours of work in a day', c.time.hoursPerDay, 'h', 'hours')]),
        computed('load', 'hours a casting takes there', load.load_h ?? NaN, 'h', `load.${id}`),
      ],
    };
  },
  load: (c, id) => {
    const load = c.time.resources.find((r) => r.id === id);
    const terms: string[] = [];
    const symbols = new Map<string, WorkingSymbol>();
    const put = (list: readonly WorkingSymbol[]): void => list.forEach((x) => symbols.set(x.symbol, x));
    for (const one of stepsOf(c.model, c.plan)) {
      const { step, touch_min, wait_h, repeats } = one;
      const units = step.per === 'piece' ? '1' : `(${goodPour})`;
      if (step.per !== 'piece') put([nSym(c), lambdaSym(c)]);
      if (step.crew === id && step.touch !== null && touch_min > 0) {
        const name = `m_${step.touch}`;
        terms.push(`${name} / 60 / ${units}`);
        put([{ ...touchSym(c, step.touch), symbol: name }]);
      }
      if (step.station !== id || step.holds === undefined || step.holds === 'none') continue;
      const batch = step.batch ?? 1;
      if (step.holds === 'both') {
        if (c.plan.cycle_s <= 0) continue;
        terms.push(`cycle / 3600 / (${units} * ${batch})`);
        put([computed('cycle', 'die cycle', c.plan.cycle_s, 's', 'cycle')]);
      } else if (wait_h > 0) {
        const wait = waitTerm(c, step, repeats, `_${step.id.replace(/\W/g, '_')}`);
        if (wait === null) continue;
        terms.push(`(${wait.expression}) / (${units} * ${batch})`);
        put(wait.symbols);
      }
    }
    return {
      title: `Hours a casting takes at ${id}`,
      equation: 'Time model T6',
      expression: terms.length === 0 ? '0' : terms.join(' + '),
      value: load?.load_h ?? NaN,
      unit: 'h',
      symbols: [...symbols.values()],
      note: null,
    };
  },
};

function ofStep(c: Context, id: string): StepOnFloor {
  const found = stepsOf(c.model, c.plan).find((s) => s.step.id === id);
  return found ?? refuse('E_KEY', 'step', id, c.time.steps.map((s) => s.id).join(' | '));
}

/** Hours of waiting of a step, with its repeats; null where it waits for nothing. */
function waitTerm(
  c: Context,
  step: StepOnFloor['step'],
  repeats: number,
  suffix = '',
): { readonly expression: string; readonly symbols: WorkingSymbol[] } | null {
  const { wait_h } = step;
  if (wait_h === undefined || wait_h === 'cycle.dwell') return null;
  const name = `wait${suffix}`;
  const figure =
    wait_h === 'family.htWait'
      ? fromRate(name, 'heat treatment', c.model.family.htWait, `families.${c.model.facts.ratesFamily}.htWait`)
      : fromRate(
          name,
          `waiting: ${step.name}`,
          wait_h,
          variantKey(c, `time.steps[${c.model.v.time.steps.indexOf(step)}].wait_h`),
        );
  return step.repeat === 'coats'
    ? {
        expression: `${name} * max(1, coats)`,
        symbols: [figure, fromRate('coats', 'coats', c.model.v.shot.coats, variantKey(c, 'shot.coats'), 'coats')],
      }
    : { expression: repeats === 1 ? name : `${name} * ${repeats}`, symbols: [figure] };
}

const touchSym = (c: Context, touch: Touch): WorkingSymbol =>
  computed('touch', 'minutes at work', TOUCHES[touch](c).value, 'min', `touch.${touch}`);

interface Term {
  readonly expression: string;
  readonly value: number;
  readonly symbols: WorkingSymbol[];
}
const shot = (
  c: Context,
  symbol: 't0' | 'tV' | 'tN' | 'tR' | 'coats' | 'tInj' | 'tC' | 'tp0' | 'tpM',
  meaning: string,
) => fromRate(symbol, meaning, c.model.v.shot[symbol], variantKey(c, `shot.${symbol}`));

/** Minutes of each touch, per piece or pour as its step says. */
const TOUCHES: Readonly<Record<Touch, (c: Context) => Term>> = {
  core: (c) =>
    term(c, 'core', 'nC * tC * D', [
      computed('nC', 'cores a casting', c.model.cores, 'cores'),
      shot(c, 'tC', 'minutes a core, by size'),
      computed('D', 'mean size, the cube root of L·W·H', c.model.facts.D, 'dm'),
    ]),
  mould: (c) => {
    const assembles = c.model.v.time.steps.some((s) => s.touch === 'assemble');
    return term(c, 'mould', `t0 + tV * Vm${assembles ? '' : ' + tN * n'}`, [
      shot(c, 't0', 'minutes a pour'),
      shot(c, 'tV', 'minutes by mould volume'),
      computed('Vm', 'mould volume', c.plan.Vm, 'dm³'),
      ...(assembles ? [] : [shot(c, 'tN', 'minutes a position'), nSym(c)]),
    ]);
  },
  inject: (c) =>
    c.plan.nt > 0
      ? term(c, 'inject', 'tInj / nt', [shot(c, 'tInj', 'minutes an injection'), ntSym(c)])
      : term(c, 'inject', '0', []),
  assemble: (c) => term(c, 'assemble', 'tN', [shot(c, 'tN', 'minutes a position')]),
  dip: (c) => term(c, 'dip', 'tR * coats', [shot(c, 'tR', 'minutes a coat'), shot(c, 'coats', 'coats')]),
  shellcare: (c) => term(c, 'shellcare', 't0', [shot(c, 't0', 'minutes a pour')]),
  pour: (c) =>
    term(c, 'pour', 'tp0 + tpM * n * mc / Y', [
      shot(c, 'tp0', 'minutes a pour'),
      shot(c, 'tpM', 'minutes by mass'),
      nSym(c),
      MC(c),
      yieldSym(c),
    ]),
  cycleTouch: (c) =>
    term(c, 'cycleTouch', 'crew * cycle / 60', [
      fromRate('crew', 'persons a machine', c.model.v.cycle?.crew, variantKey(c, 'cycle.crew'), 'persons'),
      computed('cycle', 'die cycle', c.plan.cycle_s, 's', 'cycle'),
    ]),
  knock: (c) =>
    term(c, 'knock', 'tKO', [
      fromRate('tKO', 'knocking out', c.model.v.finish.tKO, variantKey(c, 'finish.tKO'), 'min'),
    ]),
  finish: (c) => {
    const f = c.model.v.finish;
    const key = (k: string): string => variantKey(c, `finish.${k}`);
    return term(c, 'finish', '(tCut + tF * a) * fFet + tStr', [
      fromRate('tCut', 'cutting off', f.tCut, key('tCut'), 'min'),
      fromRate('tF', 'fettling by surface', f.tF, key('tF'), 'min/dm²'),
      fromBrief('a', 'whole surface', c.model.facts.a, 'dm²', 'geometry.area_cm2'),
      fromRate('fFet', 'effort against aluminium', c.model.family.fFet, `families.${c.model.facts.ratesFamily}.fFet`),
      fromRate('tStr', 'straightening', f.tStr, key('tStr'), 'min'),
    ]);
  },
  machine: (c) => {
    const { operations, entries } = c.model.part;
    return term(
      c,
      'machine',
      entries === 0
        ? '0'
        : `(${operations.length === 0 ? '0' : operations.map((_, i) => `s${i + 1}`).join(' + ')}) / 60 + nSet * tLoad`,
      entries === 0
        ? []
        : [
            ...operations.map((o, i) => computed(`s${i + 1}`, `${o.kind}: ${o.what}`, o.seconds, 's', `op.${i + 1}`)),
            nSetSym(c),
            fromRate('tLoad', 'loading', c.study.rates.operations.tLoad, 'operations.tLoad'),
          ],
    );
  },
  inspect: (c) => {
    const g = c.study.rates.global;
    return term(c, 'inspect', 'lookMin * D + share * nD * GeoMin', [
      fromRate('lookMin', 'looking over', g.lookMin, 'global.lookMin'),
      computed('D', 'mean size, the cube root of L·W·H', c.model.facts.D, 'dm'),
      fromRate('share', 'pieces measured', g.sampleShare, 'global.sampleShare'),
      fromBrief('nD', 'toleranced dimensions', c.model.facts.nD, 'dimensions', 'features'),
      fromRate('GeoMin', 'one dimension', g.GeoMin, 'global.GeoMin'),
    ]);
  },
};

function term(c: Context, touch: Touch, expression: string, symbols: WorkingSymbol[]): Term {
  return { expression, value: touchMinutes(c.model, c.plan)[touch], symbols };
}
