import { variantKey, hourly, learnSym, lotSym, MC, nSetSym, type Builder } from './common';
import type { Context } from './context';
import { computed, density, fromAlloy, fromBrief, fromRate, fromRoute } from './symbols';
import type { WorkingSymbol } from './types';

const scrapSym = (c: Context, symbol: string, fresh: boolean): WorkingSymbol => {
  const { scrap } = c.entry.lane.capability;
  const figure = fresh ? scrap.new : scrap.settled;
  return fromRoute(
    symbol,
    fresh ? 'scrap while the tool is new' : 'settled scrap',
    figure.v[1],
    'share',
    fresh ? 'scrap.new' : 'scrap.settled',
    figure.basis,
    [figure.v[0], figure.v[2]],
  );
};
const leakSym = (c: Context): WorkingSymbol =>
  computed(
    'leak',
    'lost at the leak test: 0.01·(5 − tightness score)',
    c.model.facts.brief.needs.pressureTight === true ? 0.01 * (5 - c.entry.lane.capability.pressureTight.v) : 0,
    'share',
  );
const machineLoss = (c: Context): WorkingSymbol =>
  c.model.part.nSet > 0
    ? fromRate('sMach', 'lost at machining', c.model.v.stage.sMach, variantKey(c, 'stage.sMach'))
    : computed('sMach', 'nothing is machined', 0, 'share');

/** Workings of one piece: finishing, machining, inspection, scrap stages, cast mass, and the set-up of its lot. */
export const PIECE: Readonly<Record<string, Builder>> = {
  finish: (c) => {
    const f = c.model.v.finish;
    const key = (k: string): string => variantKey(c, `finish.${k}`);
    return {
      title: 'Finishing a casting',
      equation: 'Cost model 7.1',
      expression: 'R * ((tCut + tF * a) * fFet + tStr) / 60 + kB * mc',
      value: c.model.finish,
      unit: 'USD',
      symbols: [
        hourly(c, 'R', 'fettler', 'finish'),
        fromRate('tCut', 'cutting off', f.tCut, key('tCut'), 'min'),
        fromRate('tF', 'fettling by surface', f.tF, key('tF'), 'min/dm²'),
        fromBrief('a', 'whole surface', c.model.facts.a, 'dm²', 'geometry.area_cm2'),
        fromRate('fFet', 'effort against aluminium', c.family.fFet, `families.${c.model.facts.ratesFamily}.fFet`),
        fromRate('tStr', 'straightening', f.tStr, key('tStr'), 'min'),
        fromRate('kB', 'blasting', f.kB, key('kB'), 'USD/kg'),
        MC(c),
      ],
      note: null,
    };
  },
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
  look: (c) => {
    const g = c.study.rates.global;
    const { brief } = c.model.facts;
    return {
      title: 'Looking a piece over',
      equation: 'Cost model 7.2',
      expression: 'lookMin * D * Rinsp / 60 + tight * Ptest + xray * Xray',
      value: c.model.look,
      unit: 'USD',
      symbols: [
        fromRate('lookMin', 'looking over', g.lookMin, 'global.lookMin'),
        computed('D', 'mean size, the cube root of L·W·H', c.model.facts.D, 'dm'),
        fromRate('Rinsp', 'inspector', g.Rinsp, 'global.Rinsp'),
        fromBrief(
          'tight',
          'pressure-tight (1) or not (0)',
          brief.needs.pressureTight === true ? 1 : 0,
          '–',
          'needs.pressureTight',
        ),
        fromRate('Ptest', 'leak test', g.Ptest, 'global.Ptest'),
        fromBrief('xray', 'X-rayed (1) or not (0)', brief.needs.xray ? 1 : 0, '–', 'needs.xray'),
        fromRate('Xray', 'X-ray', g.Xray, 'global.Xray'),
      ],
      note: null,
    };
  },
  measure: (c) => ({
    title: 'Measuring a sample piece',
    equation: 'Cost model 7.2',
    expression: 'nD * GeoMin * Rinsp / 60',
    value: c.model.measure,
    unit: 'USD',
    symbols: [
      fromBrief('nD', 'toleranced dimensions', c.model.facts.nD, 'dimensions', 'features'),
      fromRate('GeoMin', 'one dimension', c.study.rates.global.GeoMin, 'global.GeoMin'),
      fromRate('Rinsp', 'inspector', c.study.rates.global.Rinsp, 'global.Rinsp'),
    ],
    note: null,
  }),
  setUp: (c) => {
    const { lot } = c.model.v;
    return {
      title: 'Set-up of a lot',
      equation: 'Cost model 8.1, first bracket',
      expression: 'hSU * Rshot + kLot + hFO * Rinsp + nSet * hSetup * Rmc',
      value: c.model.setUp,
      unit: 'USD',
      symbols: [
        fromRate('hSU', 'setting up', lot.hSU, variantKey(c, 'lot.hSU')),
        hourly(c, 'Rshot', 'who moulds and pours', 'shot'),
        fromRate('kLot', 'lot charge', lot.kLot, variantKey(c, 'lot.kLot')),
        fromRate('hFO', 'first-off check', lot.hFO, variantKey(c, 'lot.hFO')),
        fromRate('Rinsp', 'inspector', c.study.rates.global.Rinsp, 'global.Rinsp'),
        nSetSym(c),
        fromRate('hSetup', 'setting a machine', c.study.rates.operations.hSetup, 'operations.hSetup'),
        fromRate('Rmc', 'machining centre', c.study.rates.global.Rmc, 'global.Rmc'),
      ],
      note: null,
    };
  },
  stages: (c) => {
    return {
      title: 'Castings made a good piece',
      equation: 'Cost model 7.3',
      expression: '1 / (1 - sIns - leak) / (1 - sMach) / (1 - sc * (1 - omega))',
      value: c.stages.nB,
      unit: 'castings',
      symbols: [
        fromRate('sIns', 'lost at inspection', c.model.v.stage.sIns, variantKey(c, 'stage.sIns')),
        leakSym(c),
        machineLoss(c),
        computed('sc', 'found bad after fettling', c.stages.sc, 'share', `sc${c.at}`),
        fromRate('omega', 'rejects saved', c.model.v.stage.omega, variantKey(c, 'stage.omega')),
      ],
      note: null,
    };
  },
  sc: (c) => {
    const strained = [
      fromRate('kStrain', 'added by a strained rule', c.study.rates.global.kStrain, 'global.kStrain'),
      computed('nStrain', 'strained rules', c.model.screening.nStrain, 'rules'),
    ];
    const rest = c.at === '@rest';
    return {
      title: 'Castings found bad after fettling',
      equation: 'Cost model 2.3',
      expression: rest
        ? 'min(0.6, (scrapSet + on(learn - full * lot) * (scrapNew - scrapSet)) * (1 + kStrain * nStrain))'
        : 'min(0.6, scrap * (1 + kStrain * nStrain))',
      value: c.stages.sc,
      unit: 'share',
      symbols: rest
        ? [
            scrapSym(c, 'scrapSet', false),
            learnSym(c),
            computed('full', 'full lots', c.split.freshFull + c.split.settledFull, 'lots', 'fullLots'),
            lotSym(c),
            scrapSym(c, 'scrapNew', true),
            ...strained,
          ]
        : [scrapSym(c, 'scrap', c.fresh), ...strained],
      note: rest ? 'on(x) is 1 where x is above 0: the remainder is begun before scrap settles.' : null,
    };
  },
  nC: (c) => ({
    title: 'Castings machined a good piece',
    equation: 'Cost model 7.3',
    expression: 'nD / (1 - sMach)',
    value: c.stages.nC,
    unit: 'castings',
    symbols: [computed('nD', 'pieces inspected a good piece', c.stages.nD, '–', 'nD'), machineLoss(c)],
    note: null,
  }),
  nD: (c) => ({
    title: 'Pieces inspected a good piece',
    equation: 'Cost model 7.3',
    expression: '1 / (1 - sIns - leak)',
    value: c.stages.nD,
    unit: 'pieces',
    symbols: [fromRate('sIns', 'lost at inspection', c.model.v.stage.sIns, variantKey(c, 'stage.sIns')), leakSym(c)],
    note: null,
  }),
  heat: (c) => ({
    title: 'Heat treatment of a casting',
    equation: 'Cost model 7.1',
    expression: 'asked * kHT * mc',
    value: c.model.heat,
    unit: 'USD',
    symbols: [
      fromBrief(
        'asked',
        'heat treatment asked for (1) or not (0)',
        c.model.facts.brief.needs.heatTreated === true ? 1 : 0,
        '–',
        'needs.heatTreated',
      ),
      fromRate('kHT', 'usual heat treatment', c.family.kHT, `families.${c.model.facts.ratesFamily}.kHT`),
      MC(c),
    ],
    note: null,
  }),
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
