import { fromBrief } from '../../../equations';
import { EQUATION, money, fx, global, own, at, price, family, inLots, open, mk, mass, type Builder } from './context';

/** Figures of a part stamped from strip. */
export const STAMPED: Readonly<Record<string, Builder>> = {
  total: (c) => inLots(c, 'press tool', 'a piece'),
  tooling: (c) => ({
    title: `${c.b.name}: press tool`,
    equation: EQUATION.stamped,
    expression: '(1 + mk) * (hours * Rtool + m0) * fx',
    value: c.b.tooling(c.q),
    unit: money(c),
    symbols: [
      mk(c),
      open(c, 'hours', 'hours of the press tool', at(c, 'hours'), 'h', 'hours'),
      global(c, 'Rtool', 'toolmaker', 'Rtool'),
      own(c, 'm0', 'steel and bought parts', 'm0'),
      fx(c),
    ],
    note: null,
  }),
  hours: (c) => ({
    title: 'Hours of the press tool',
    equation: EQUATION.stamped,
    expression: 'h0 + hP * 2 * (L + W) / 100 + hHole * nH + hForm * forms',
    value: at(c, 'hours'),
    unit: 'h',
    symbols: [
      own(c, 'h0', 'hours whatever the part', 'h0'),
      own(c, 'hP', 'hours by outline', 'hP'),
      fromBrief('L', 'length', c.facts.L, 'mm', 'geometry.box_mm'),
      fromBrief('W', 'width', c.facts.W, 'mm', 'geometry.box_mm'),
      own(c, 'hHole', 'hours a hole', 'hHole'),
      fromBrief('nH', 'holes', c.facts.nH, 'holes', 'geometry.coredHoles'),
      own(c, 'hForm', 'hours a bend', 'hForm'),
      fromBrief('forms', 'bends', at(c, 'forms'), 'bends', 'bends'),
    ],
    note: null,
  }),
  setUp: (c) => ({
    title: 'Set-up of a lot',
    equation: EQUATION.stamped,
    expression: 'hSU * Rpress',
    value: at(c, 'setUp'),
    unit: 'USD',
    symbols: [own(c, 'hSU', 'setting up', 'hSU'), own(c, 'Rpress', 'press', 'Rpress')],
    note: null,
  }),
  piece: (c) => ({
    title: 'A stamped piece',
    equation: EQUATION.stamped,
    expression: 'm * skeleton * p * kStock + (1 + forms) * tStroke / 3600 * Rpress + tDeburr / 60 * Rlab',
    value: at(c, 'piece'),
    unit: 'USD',
    symbols: [
      mass(c),
      own(c, 'skeleton', 'strip against piece', 'skeleton'),
      price(c),
      family(c, 'kStock', 'strip against ingot', 'kStock'),
      fromBrief('forms', 'bends', at(c, 'forms'), 'bends', 'bends'),
      own(c, 'tStroke', 'one stroke', 'tStroke'),
      own(c, 'Rpress', 'press', 'Rpress'),
      own(c, 'tDeburr', 'deburring', 'tDeburr'),
      global(c, 'Rlab', 'labour', 'Rlab'),
    ],
    note: null,
  }),
};
