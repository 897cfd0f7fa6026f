import { computed } from '../../../equations';
import { at, EQUATION, global, money, open, qty, rest, type Builder } from './context';
import { dates } from './days';

/** Figures that all baselines have. */
export const ANY: Readonly<Record<string, Builder>> = {
  allIn: (c) => ({
    title: `${c.b.name}: all in, a part`,
    equation: EQUATION[c.b.id],
    expression: 'T / q',
    value: c.b.total(c.q) / c.q,
    unit: `${money(c)}/part`,
    symbols: [open(c, 'T', 'total of the programme', c.b.total(c.q), money(c), 'total'), qty(c)],
    note: null,
  }),
  total: (c) => ({
    title: `${c.b.name}: total`,
    equation: EQUATION[c.b.id],
    expression: 'tools + parts',
    value: c.b.total(c.q),
    unit: money(c),
    symbols: [
      open(c, 'tools', 'programs and fixtures', c.b.tooling(c.q), money(c), 'tooling'),
      open(c, 'parts', 'lots and pieces', c.b.total(c.q) - c.b.tooling(c.q), money(c), 'parts'),
    ],
    note: null,
  }),
  parts: (c) => {
    const parts = c.b.total(c.q) - c.b.tooling(c.q);
    return {
      title: `${c.b.name}: lots and pieces`,
      equation: EQUATION[c.b.id],
      expression: 'q * each',
      value: parts,
      unit: money(c),
      symbols: [
        qty(c),
        computed('each', 'a piece without its tools, over the whole programme', parts / c.q, `${money(c)}/part`),
        ...Object.entries(c.b.lines(c.q)).map(([k, v]) =>
          computed(k, `${k}, a piece of the usual lot`, v, `${money(c)}/part`),
        ),
      ],
      note: 'The further symbols are the lines of a piece of the usual lot; the last lots of a programme may be smaller.',
    };
  },
  tooling: (c) => ({
    title: `${c.b.name}: tooling`,
    equation: EQUATION[c.b.id],
    expression: 'tools',
    value: c.b.tooling(c.q),
    unit: money(c),
    symbols: [
      computed('tools', 'programs, fixtures or press tool, mark-up included', c.b.tooling(c.q), money(c)),
      ...rest(c, []),
    ],
    note: null,
  }),
  unit: (c) => {
    const lines = Object.entries(c.b.lines(c.q));
    return {
      title: `${c.b.name}: price of a part`,
      equation: EQUATION[c.b.id],
      expression: lines.map(([k]) => k).join(' + '),
      value: c.b.unit(c.q),
      unit: `${money(c)}/part`,
      symbols: [
        ...lines.map(([k, v]) => computed(k, k, v, `${money(c)}/part`)),
        ...rest(
          c,
          lines.map(([k]) => k),
        ),
      ],
      note: 'The further symbols are those the lines are made of.',
    };
  },
  firstArticle: (c) => dates(c, 1, 'first part'),
  lastPart: (c) => dates(c, c.q, 'last part'),
  K: (c) => ({
    title: 'Price factor',
    equation: 'Cost model 2.4',
    expression: '(1 + oh) * (1 + mg)',
    value: at(c, 'K'),
    unit: '–',
    symbols: [global(c, 'oh', 'overhead', 'oh'), global(c, 'mg', 'margin on parts', 'mg')],
    note: null,
  }),
};
