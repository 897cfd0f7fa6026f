import { nSetSym, type Builder } from './common';
import { computed, density, fromAlloy, fromBrief, fromRate } from './symbols';

/** Workings of one piece: its machining and its cast mass. */
export const PIECE: Readonly<Record<string, Builder>> = {
  machining: (c) => {
    const { part } = c.model;
    const op = c.study.rates.operations;
    return {
      title: 'Machining of one piece',
      equation: 'Cost model 3.1 to 3.4',
      expression: `((${part.operations.length > 0 ? part.operations.map((_, i) => `s${i + 1}`).join(' + ') : '0'}) / 60 + nSet * tLoad) / 60 * Rmc * (1 + wear0 + aWear / mach)`,
      value: part.machining,
      unit: 'USD',
      symbols: [
        ...part.operations.map((o, i) =>
          computed(
            `s${i + 1}`,
            `${o.kind}: ${o.what}${o.count > 1 ? `, ${o.count} times` : ''}; takes away ${o.stock_mm3.toFixed(0)} mm³`,
            o.seconds,
            's',
            `op.${i + 1}`,
          ),
        ),
        nSetSym(c, 'set-ups'),
        fromRate('tLoad', 'loading', op.tLoad, 'operations.tLoad'),
        fromRate('Rmc', 'machining centre', c.study.rates.global.Rmc, 'global.Rmc'),
        fromRate('wear0', 'tool wear', op.wear0, 'operations.wear0'),
        fromRate('aWear', 'tool wear by machinability', op.aWear, 'operations.aWear'),
        fromAlloy(
          'mach',
          'machinability',
          c.model.facts.alloy.machinability,
          'brass = 100',
          `alloys.${c.model.facts.alloy.id}.machinability`,
          c.model.facts.alloy.basis['machining'],
        ),
      ],
      note: `${part.tMach_min.toFixed(2)} min a piece.`,
    };
  },
  mc: (c) => {
    const removed = c.model.part.operations.reduce((s, o) => s + o.stock_mm3, 0) / 1000;
    return {
      title: 'Cast mass',
      equation: 'Cost model 3.5',
      expression: '(V + stock) * rho',
      value: c.model.part.mc,
      unit: 'kg',
      symbols: [
        fromBrief('V', 'volume', c.model.facts.V, 'cm³', 'geometry.volume_cm3'),
        computed('stock', 'metal the machining takes away', removed, 'cm³', 'stock'),
        density(c.model.facts),
      ],
      note: null,
    };
  },
};
