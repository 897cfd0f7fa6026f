import { complexityTerms } from '../complexity-terms';
import { solidDetails } from '../../../cost';
import { computed, fromBrief, fromRate, type WorkingSymbol } from '../../../equations';
import { density } from '../../../part';
import {
  money,
  fx,
  global,
  own,
  at,
  qty,
  price,
  cutting,
  machinability,
  asked,
  family,
  inLots,
  open,
  mk,
  mass,
  type Builder,
} from './context';

/** Figures of a part cut from solid. */
export const MACHINED: Readonly<Record<string, Builder>> = {
  total: (c) => inLots(c, 'programs and fixtures', 'a good piece'),
  tooling: (c) => ({
    title: `${c.b.name}: programs and fixtures`,
    equation: 'Cost model 9.4',
    expression: '(1 + mk) * (hProg * Rprog + nSet * min(cFix, q * cSoft)) * fx',
    value: c.b.tooling(c.q),
    unit: money(c),
    symbols: [
      mk(c),
      open(c, 'hProg', 'programming', at(c, 'hProg'), 'h', 'hProg'),
      global(c, 'Rprog', 'programming', 'Rprog'),
      open(c, 'nSet', 'set-ups', at(c, 'nSet'), 'set-ups', 'nSet'),
      own(c, 'cFix', 'dedicated fixture', 'cFix'),
      qty(c),
      own(c, 'cSoft', 'careful clamping without a fixture', 'cSoft'),
      fx(c),
    ],
    note: null,
  }),
  hProg: (c) => ({
    title: 'Programming',
    equation: 'Cost model 9.4',
    expression: 'h0 + hC * (c - 1)',
    value: at(c, 'hProg'),
    unit: 'h',
    symbols: [
      own(c, 'h0', 'programming, whatever the part', 'hProg0'),
      own(c, 'hC', 'programming by complexity', 'hProgC'),
      open(c, 'c', 'complexity, 1 to 5', c.facts.c, '–', 'complexity'),
    ],
    note: null,
  }),
  complexity: (c) => ({
    title: 'Complexity',
    equation: 'Cost model 1.2 and 1.3',
    expression: 'min(5, max(1, 1 + kS * (S - 1) + kH * nH + kP * nP + kU * nU + kD * nD + kC * face))',
    value: c.facts.c,
    unit: '–',
    symbols: complexityTerms(c.facts, c.study.rates, [computed('S', 'surface index: 1 for a cube', c.facts.S, '–')]),
    note: null,
  }),
  kappa: (c) => ({
    title: 'Difficulty of the shape',
    equation: 'Cost model 1.4',
    expression: '0.5 + 0.25 * c',
    value: c.facts.kappa,
    unit: '–',
    symbols: [open(c, 'c', 'complexity, 1 to 5', c.facts.c, '–', 'complexity')],
    note: null,
  }),
  nSet: (c) => ({
    title: 'Set-ups',
    equation: 'Cost model 9.2',
    expression: 'ceil(s0 + sU * nU + 2 * nP)',
    value: at(c, 'nSet'),
    unit: 'set-ups',
    symbols: [
      own(c, 's0', 'set-ups of any part', 'setup0'),
      own(c, 'sU', 'set-ups an undercut', 'perUndercut'),
      fromBrief('nU', 'undercuts', c.facts.nU, 'undercuts', 'geometry.undercuts'),
      fromBrief('nP', 'passages', c.facts.nP, 'passages', 'geometry.passages'),
    ],
    note: null,
  }),
  setUp: (c) => ({
    title: 'Set-up of a lot',
    equation: 'Cost model 9.4',
    expression: 'nSet * hSetup * Rmc',
    value: at(c, 'setUp'),
    unit: 'USD',
    symbols: [
      open(c, 'nSet', 'set-ups', at(c, 'nSet'), 'set-ups', 'nSet'),
      own(c, 'hSetup', 'setting a machine', 'hSetup'),
      global(c, 'Rmc', 'machining centre', 'Rmc'),
    ],
    note: null,
  }),
  piece: (c) => ({
    title: 'A good piece from solid',
    equation: 'Cost model 9.3',
    expression:
      '(stock * p * kStock - (stock - m) * p * kChip + cut / 60 * Rmc * (1 + wear0 + aWear / mach) + nSet * tLoad / 60 * Rmc + tHandle / 60 * Rlab + heat * kHT * m + lookMin * D * Rinsp / 60 + tight * Ptest + xray * Xray + share * nD * GeoMin * Rinsp / 60) / (1 - scrap)',
    value: at(c, 'piece'),
    unit: 'USD',
    symbols: [
      open(c, 'stock', 'bar or block it starts from', at(c, 'stock_kg'), 'kg', 'stockKg'),
      price(c),
      family(c, 'kStock', 'stock against ingot', 'kStock'),
      mass(c),
      family(c, 'kChip', 'chips against ingot', 'kChip'),
      open(c, 'cut', 'cutting', at(c, 'cutting_min'), 'min', 'cutting'),
      global(c, 'Rmc', 'machining centre', 'Rmc'),
      fromRate('wear0', 'tool wear', c.study.rates.operations.wear0, 'operations.wear0'),
      fromRate('aWear', 'tool wear by machinability', c.study.rates.operations.aWear, 'operations.aWear'),
      machinability(c),
      open(c, 'nSet', 'set-ups', at(c, 'nSet'), 'set-ups', 'nSet'),
      own(c, 'tLoad', 'loading', 'tLoad'),
      own(c, 'tHandle', 'deburring and handling', 'tHandle'),
      global(c, 'Rlab', 'labour', 'Rlab'),
      asked(c, 'heat', 'heat treatment asked for', 'heatTreated'),
      family(c, 'kHT', 'usual heat treatment', 'kHT'),
      global(c, 'lookMin', 'looking over', 'lookMin'),
      computed('D', 'mean size', c.facts.D, 'dm'),
      global(c, 'Rinsp', 'inspector', 'Rinsp'),
      asked(c, 'tight', 'pressure-tight', 'pressureTight'),
      global(c, 'Ptest', 'leak test', 'Ptest'),
      asked(c, 'xray', 'X-rayed', 'xray'),
      global(c, 'Xray', 'X-ray', 'Xray'),
      global(c, 'share', 'pieces measured', 'sampleShare'),
      fromBrief('nD', 'toleranced dimensions', c.facts.nD, 'dimensions', 'features'),
      global(c, 'GeoMin', 'one dimension', 'GeoMin'),
      own(c, 'scrap', 'lost', 'scrap'),
    ],
    note: null,
  }),
  stockKg: (c) => {
    const round = c.facts.brief.geometry.form === 'round';
    return {
      title: 'Bar or block it starts from',
      equation: 'Cost model 9.1',
      expression: round
        ? `${Math.PI / 4} * (max(L, W) + 2 * allow) * (max(L, W) + 2 * allow) * (H + 2 * allow) / 1000 * rho`
        : '(L + 2 * allow) * (W + 2 * allow) * (H + 2 * allow) / 1000 * rho',
      value: at(c, 'stock_kg'),
      unit: 'kg',
      symbols: [
        fromBrief('L', 'length', c.facts.L, 'mm', 'geometry.box_mm'),
        fromBrief('W', 'width', c.facts.W, 'mm', 'geometry.box_mm'),
        fromBrief('H', 'height along the draw', c.facts.H, 'mm', 'geometry.box_mm'),
        own(c, 'allow', 'allowance around the part', 'allow'),
        density(c.facts),
      ],
      note: null,
    };
  },
  removal: (c) => ({
    title: 'Metal removed a minute',
    equation: 'Cost model 9.2',
    expression: 'min(60 * Ps * eta / (1000 * u), aMrr * mach)',
    value: at(c, 'removal'),
    unit: 'cm³/min',
    symbols: [
      own(c, 'Ps', 'power of the spindle', 'Pspindle'),
      own(c, 'eta', 'share of it at the cut', 'eta'),
      cutting(c),
      fromRate('aMrr', 'removal by machinability', c.study.rates.operations.aMrr, 'operations.aMrr'),
      machinability(c),
    ],
    note: null,
  }),
  cutting: (c) => {
    const thin = c.facts.w !== null && c.facts.w < 2.5;
    return {
      title: 'Cutting a piece from solid',
      equation: 'Cost model 9.2',
      expression: `((stock / rho - V) / mrr + a * 100 / (aFin * mach) * kappa${thin ? ' * thin' : ''}) * air + detail / 60`,
      value: at(c, 'cutting_min'),
      unit: 'min',
      symbols: [
        open(c, 'stock', 'bar or block it starts from', at(c, 'stock_kg'), 'kg', 'stockKg'),
        density(c.facts),
        fromBrief('V', 'volume', c.facts.V, 'cm³', 'geometry.volume_cm3'),
        open(c, 'mrr', 'metal removed a minute', at(c, 'removal'), 'cm³/min', 'removal'),
        fromBrief('a', 'whole surface', c.facts.a, 'dm²', 'geometry.area_cm2'),
        fromRate('aFin', 'finishing by machinability', c.study.rates.operations.aFin, 'operations.aFin'),
        machinability(c),
        open(c, 'kappa', 'difficulty, 0.5 + 0.25·c', c.facts.kappa, '–', 'kappa'),
        ...(thin ? [own(c, 'thin', 'a thin wall takes longer', 'thin')] : []),
        own(c, 'air', 'moving through air', 'airCut'),
        open(c, 'detail', 'features and holes', at(c, 'detail_s'), 's', 'detail'),
      ],
      note: null,
    };
  },
  detail: (c) => {
    const rates = c.study.rates.operations;
    const symbols = new Map<string, WorkingSymbol>();
    const put = (s: WorkingSymbol): string => {
      symbols.set(s.symbol, s);
      return s.symbol;
    };
    const terms = solidDetails(c.facts, c.study.rates).map(({ count, kinds, drilled }, i) => {
      const n = put(fromBrief(`n${i + 1}`, 'places', count, 'places', 'features'));
      const t0 = kinds.map((kind) =>
        put(
          fromRate(`t_${kind}`, `reaching and leaving, ${kind}`, rates.kinds[kind].t0, `operations.kinds.${kind}.t0`),
        ),
      );
      if (drilled === null) return `${n} * (${t0.join(' + ') || '0'})`;
      const d = put(fromBrief(`d${i + 1}`, 'diameter', drilled.d_mm, 'mm', 'holes'));
      const depth = put(fromBrief(`z${i + 1}`, 'depth', drilled.depth_mm, 'mm', 'holes'));
      const u = put(cutting(c));
      const P = put(fromRate('P', 'power at the drill', rates.kinds.drill.P, 'operations.kinds.drill.P'));
      const core = drilled.threaded
        ? `${d} * ${put(fromRate('minor', 'core of a thread', rates.tapMinor, 'operations.tapMinor'))} * ${d} * minor`
        : `${d} * ${d}`;
      return `${n} * (${[...t0, `${Math.PI / 4} * ${core} * ${depth} * ${u} / ${P}`].join(' + ')})`;
    });
    return {
      title: 'Features and holes cut from solid',
      equation: 'Cost model 9.2',
      expression: terms.join(' + ') || '0',
      value: at(c, 'detail_s'),
      unit: 's',
      symbols: [...symbols.values()],
      note: null,
    };
  },
  minutes: (c) => ({
    title: 'Minutes a piece',
    equation: 'Cost model 9.2',
    expression: 'cut + nSet * tLoad',
    value: at(c, 'minutes'),
    unit: 'min',
    symbols: [
      open(c, 'cut', 'cutting', at(c, 'cutting_min'), 'min', 'cutting'),
      open(c, 'nSet', 'set-ups', at(c, 'nSet'), 'set-ups', 'nSet'),
      own(c, 'tLoad', 'loading', 'tLoad'),
    ],
    note: null,
  }),
};
