import { fromBrief, fromRate } from '../../../equations';
import { EQUATION, money, fx, global, own, at, qty, price, open, factorSym, mk, mass, type Builder } from './context';

/** Figures of today's assembly. */
export const FABRICATED: Readonly<Record<string, Builder>> = {
  total: (c) => ({
    title: `${c.b.name}: total`,
    equation: EQUATION.fabricated,
    expression: 'jig + q * part',
    value: c.b.total(c.q),
    unit: money(c),
    symbols: [
      open(c, 'jig', 'jig', c.b.tooling(c.q), money(c), 'tooling'),
      qty(c),
      open(c, 'part', 'an assembly', c.b.unit(c.q), `${money(c)}/part`, 'unit'),
    ],
    note: null,
  }),
  tooling: (c) => ({
    title: `${c.b.name}: jig`,
    equation: EQUATION.fabricated,
    expression: 'jig * (1 + mk) * fx',
    value: c.b.tooling(c.q),
    unit: money(c),
    symbols: [own(c, 'jig', 'jig', 'jig'), mk(c), fx(c)],
    note: null,
  }),
  joining: (c) => {
    const { today } = c.facts.brief;
    const rates = c.study.rates.baselines.fabricated;
    const kinds = Object.entries(today.joints).filter(([, n]) => (n ?? 0) > 0) as [keyof typeof rates.joint, number][];
    return {
      title: 'Joining an assembly',
      equation: EQUATION.fabricated,
      expression: [...kinds.map(([k]) => `n_${k} * t_${k}`), 'align * (parts - 1)'].join(' + '),
      value: at(c, 'joining_min'),
      unit: 'min',
      symbols: [
        ...kinds.flatMap(([k, n]) => [
          fromBrief(`n_${k}`, `joints: ${k}`, n, 'joints', `today.joints.${k}`),
          fromRate(`t_${k}`, `one ${k}`, rates.joint[k], `baselines.fabricated.joint.${k}`),
        ]),
        own(c, 'align', 'bringing two pieces together', 'align'),
        fromBrief('parts', 'pieces', today.parts ?? 1, 'pieces', 'today.parts'),
      ],
      note: null,
    };
  },
  unit: (c) => {
    const { today, quantity } = c.facts.brief;
    const rates = c.study.rates.baselines.fabricated;
    const parts = today.parts ?? 1;
    const kinds = Object.entries(today.joints).filter(([, n]) => (n ?? 0) > 0) as [keyof typeof rates.joint, number][];
    const floor = quantity.perYear === null ? 0 : (today.floor_m2 ?? 0);
    const paid = today.cost_USD;
    const besides = '+ room * rent / perYear + back / 100 * repair';
    return {
      title: `${c.b.name}: price of an assembly`,
      equation: EQUATION.fabricated,
      expression:
        paid !== null
          ? `fx * (paid ${besides})`
          : `fx * (K * (${today.partCost_USD === null ? 'parts * c0' : 'bought'} + m * p * kMat + minutes / 60 * Rlab${kinds.map(([k]) => ` + n_${k} * h_${k}`).join('')} + stocking * parts) ${besides})`,
      value: c.b.unit(c.q),
      unit: `${money(c)}/part`,
      symbols: [
        fx(c),
        ...(paid !== null
          ? [fromBrief('paid', 'what a part costs today', paid, 'USD', 'today.cost_USD')]
          : [
              factorSym(c),
              ...(today.partCost_USD === null
                ? [own(c, 'c0', 'a bought piece', 'c0')]
                : [fromBrief('bought', 'pieces, as paid', today.partCost_USD, 'USD', 'today.partCost_USD')]),
              fromBrief('parts', 'pieces', parts, 'pieces', 'today.parts'),
              mass(c),
              price(c),
              own(c, 'kMat', 'stock against ingot', 'kMat'),
              open(c, 'minutes', 'joining an assembly', at(c, 'joining_min'), 'min', 'joining'),
              global(c, 'Rlab', 'labour', 'Rlab'),
              ...kinds.flatMap(([k, n]) => [
                fromBrief(`n_${k}`, `joints: ${k}`, n, 'joints', `today.joints.${k}`),
                fromRate(`h_${k}`, `hardware, ${k}`, rates.hardware[k], `baselines.fabricated.hardware.${k}`),
              ]),
              own(c, 'stocking', 'keeping a piece in stock', 'stocking'),
            ]),
        fromBrief('room', 'floor it takes', floor, 'm²', 'today.floor_m2'),
        own(c, 'rent', 'rent of a floor a year', 'rent'),
        fromBrief('perYear', 'pieces a year', quantity.perYear ?? 1, 'pieces', 'quantity.perYear'),
        fromBrief('back', 'returns', today.returns_pct ?? 0, '%', 'today.returns_pct'),
        fromBrief('repair', 'one return', today.repair_USD ?? 0, 'USD', 'today.repair_USD'),
      ],
      note: null,
    };
  },
};
