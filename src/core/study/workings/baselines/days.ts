import type { Baseline } from '../../../cost';
import { refuse } from '../../../base/errors';
import { holidayTerm } from '../holiday-term';
import { computed, type WorkingSymbol } from '../../../equations';
import { W } from '../common';
import { at, open, own, ownTime, pieces, rest, type BaselineContext, type Built } from './context';

/** The day by which N pieces exist, holidays counted. @param words what the day is called */
export function dates(c: BaselineContext, N: number, words: string): Built {
  const days = c.b.dayOf(N, c.q);
  const off = holidayTerm(c.study, days);
  const { expression, symbols } = DAYS[c.b.id]?.(c, N) ?? {
    expression: 'D',
    symbols: [computed('D', 'queue, material, set-ups and minutes a piece', days, 'days'), ...rest(c, [])],
  };
  return {
    title: `${c.b.name}: ${words}`,
    equation: 'Time model T13',
    expression: `${expression}${off.term}`,
    value: days + off.days,
    unit: 'days from the order',
    symbols: [...symbols, ...off.symbols],
    note: null,
  };
}

/** The day by which N of the pieces exist. @throws {CoreError} E_RANGE for more than the programme */
export function byDay(c: BaselineContext, N: number): Built {
  if (!(N >= 1 && N <= c.q)) return refuse('E_RANGE', 'pieces', N, `from 1 to ${c.q}`);
  return dates(c, N, `day by which ${N} pieces exist`);
}

const DAYS: Readonly<
  Partial<
    Record<
      Baseline['id'],
      (c: BaselineContext, N: number) => { readonly expression: string; readonly symbols: WorkingSymbol[] }
    >
  >
> = {
  machined: (c, N) => {
    const { shiftH, machines } = c.study.rates.baselines.machined.time;
    return {
      expression: 'W * (queue + material + (hProg + nSet * hSetup + N * minutes / 60) / (shift * avail * machines))',
      symbols: [
        W(c),
        ownTime(c, 'queue', 'wait for a slot', 'queue'),
        ownTime(c, 'material', 'material', 'material'),
        open(c, 'hProg', 'programming', at(c, 'hProg'), 'h', 'hProg'),
        open(c, 'nSet', 'set-ups', at(c, 'nSet'), 'set-ups', 'nSet'),
        own(c, 'hSetup', 'setting a machine', 'hSetup'),
        pieces(N),
        open(c, 'minutes', 'minutes a piece', at(c, 'minutes'), 'min', 'minutes'),
        computed('shift', 'hours a shift', shiftH, 'h'),
        ownTime(c, 'avail', 'share of the shift that is work', 'avail'),
        computed('machines', 'machines', machines, 'machines'),
      ],
    };
  },
  stamped: (c, N) => ({
    expression: 'W * (buy + hours / cap + 3 + N / 4000)',
    symbols: [
      W(c),
      own(c, 'buy', 'steel and strip', 'buy'),
      open(c, 'hours', 'hours of the press tool', at(c, 'hours'), 'h', 'hours'),
      own(c, 'cap', 'tool hours a working day', 'capDay'),
      pieces(N),
    ],
  }),
  fabricated: (c, N) => ({
    expression: 'W * (lead + N * minutes / 60 / 8)',
    symbols: [
      W(c),
      ownTime(c, 'lead', 'pieces and hardware', 'lead'),
      pieces(N),
      open(c, 'minutes', 'joining an assembly', at(c, 'joining_min'), 'min', 'joining'),
    ],
  }),
};
