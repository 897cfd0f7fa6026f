import type { GlobalRates } from '../types';

/** Starting values for a shop to replace; letters are those of the cost equations. Each figure is [low, likely, high] with unit and basis. */
export const GLOBAL_RATES: GlobalRates = {
  Rlab: { v: [26, 36, 52], unit: 'USD/h', basis: 'assumed', note: 'foundry floor labour, loaded' },
  Rskill: { v: [32, 44, 62], unit: 'USD/h', basis: 'assumed', note: 'moulder, die operator, pourer, loaded' },
  Rpat: { v: [45, 65, 90], unit: 'USD/h', basis: 'assumed', note: 'pattern shop with its machines' },
  Rtool: { v: [55, 80, 110], unit: 'USD/h', basis: 'assumed', note: 'die toolroom with its machines' },
  Rmc: { v: [50, 75, 105], unit: 'USD/h', basis: 'assumed', note: 'machining centre with operator' },
  Rprog: { v: [50, 75, 100], unit: 'USD/h', basis: 'assumed', note: 'programming, method engineering' },
  Rinsp: { v: [38, 55, 75], unit: 'USD/h', basis: 'assumed' },
  pE: { v: [0.08, 0.13, 0.28], unit: 'USD/kWh', basis: 'assumed' },
  oh: {
    v: [0.1, 0.15, 0.25],
    unit: 'share',
    basis: 'assumed',
    note: 'selling, administration, carriage inside the works',
  },
  mg: { v: [0.06, 0.12, 0.2], unit: 'share', basis: 'assumed', note: 'margin on parts' },
  mk: { v: [0.05, 0.1, 0.2], unit: 'share', basis: 'assumed', note: 'mark-up on tools, fixtures and gauges' },
  rDisc: { v: 0, unit: 'per year', basis: 'assumed', note: 'discount rate; 0 = off; a choice, not an uncertainty' },
  Xray: { v: [20, 28, 42], unit: 'USD/piece', basis: 'assumed', note: 'one exposure read by a level-two reader' },
  Ptest: { v: [1.5, 2.2, 3.3], unit: 'USD/piece', basis: 'assumed', note: 'air-under-water or pressure-decay test' },
  GeoMin: {
    v: [0.84, 1.2, 1.8],
    unit: 'min/dimension',
    basis: 'assumed',
    note: 'measuring one toleranced dimension on a sample piece',
  },
  sampleShare: {
    v: [0.005, 0.02, 0.1],
    unit: 'share',
    basis: 'assumed',
    note: 'share of pieces measured in settled production; never fewer than 3 a lot',
  },
  lookMin: { v: [0.1, 0.2, 0.5], unit: 'min/dm of mean size', basis: 'assumed', note: 'looking a casting over' },
  kStrain: {
    v: [0.2, 0.5, 1],
    unit: 'share of scrap added per strained rule',
    basis: 'assumed',
    note: 'walls, sections, draft, skin or tightness beyond the usual limit',
  },
  kPoss: {
    v: [0.03, 0.08, 0.15],
    unit: 'share of price',
    basis: 'assumed',
    note: 'what a shop adds when alloy and route are only a possible fit',
  },
  kSpec: {
    v: [0.15, 0.35, 0.7],
    unit: 'share of price',
    basis: 'assumed',
    note: 'the same for a special fit, which also counts as one strained rule',
  },
  gaugeUSD: {
    v: [98, 140, 210],
    unit: 'USD each',
    basis: 'assumed',
    note: 'dedicated gauge for one as-cast or machined dimension',
  },
  hold: {
    v: [0.12, 0.22, 0.3],
    unit: 'share of its price a year',
    basis: 'assumed',
    note: 'keeping a piece in stock: money tied, room, loss; only where lots are compared, not in T(q)',
  },
  gaugeHand: {
    v: [0.42, 0.6, 0.9],
    unit: 'USD/piece',
    basis: 'assumed',
    note: 'general-instrument check when no gauge is made',
  },
};
