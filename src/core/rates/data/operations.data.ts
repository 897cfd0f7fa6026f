import type { OperationRates } from '../types';

/** Starting values for a shop to replace; letters are those of the cost equations. Each figure is [low, likely, high] with unit and basis. */
export const OPERATIONS_RATES: OperationRates = {
  aMrr: {
    v: [0.8, 1.2, 2.2],
    unit: 'cm³/min per machinability point',
    basis: 'rule',
    note: 'removal limit set by the metal, not by power',
  },
  aFin: {
    v: [0.4, 0.65, 1],
    unit: 'cm²/min per machinability point',
    basis: 'rule',
    note: 'finishing rate over a whole surface',
  },
  wear0: { v: [0.01, 0.02, 0.04], unit: 'share of machine cost', basis: 'rule' },
  aWear: {
    v: [2.5, 4, 6],
    unit: 'share of machine cost × machinability',
    basis: 'rule',
    note: 'cutting tools: wear = wear0 + aWear / machinability',
  },
  kinds: {
    face: {
      t0: { v: [13, 18, 27], unit: 's/feature', basis: 'assumed', note: 'approach, index, tool change share' },
      P: { v: [1300, 1800, 2700], unit: 'W', basis: 'rule', note: 'average spindle power really used' },
    },
    bore: {
      t0: { v: [25, 35, 53], unit: 's/feature', basis: 'assumed', note: 'rough and finish pass' },
      P: { v: [350, 500, 750], unit: 'W', basis: 'rule' },
    },
    ream: {
      t0: { v: [9.8, 14, 21], unit: 's/feature', basis: 'assumed' },
      P: { v: [180, 250, 380], unit: 'W', basis: 'rule' },
    },
    drill: {
      t0: { v: [4.2, 6, 9], unit: 's/feature', basis: 'assumed' },
      P: { v: [210, 300, 450], unit: 'W', basis: 'rule' },
    },
    tap: {
      t0: { v: [4.9, 7, 11], unit: 's/feature', basis: 'assumed' },
      P: { v: [84, 120, 180], unit: 'W', basis: 'rule' },
    },
    turn: {
      t0: { v: [18, 25, 38], unit: 's/feature', basis: 'assumed' },
      P: { v: [1100, 1500, 2300], unit: 'W', basis: 'rule' },
    },
    grind: {
      t0: { v: [42, 60, 90], unit: 's/feature', basis: 'assumed' },
      P: { v: [110, 150, 230], unit: 'W', basis: 'rule', note: 'use five times the cutting energy of milling' },
    },
  },
  grindEnergyFactor: { v: [3.5, 5, 7.5], unit: '×', basis: 'rule' },
  tLoad: { v: [0.63, 0.9, 1.4], unit: 'min/set-up and piece', basis: 'assumed' },
  featuresPerSetup: {
    v: [2, 4, 6],
    unit: 'machined entries (a pattern of like holes is one entry) reached in one set-up',
    basis: 'rule',
  },
  hSetup: { v: [0.56, 0.8, 1.2], unit: 'h/set-up and lot', basis: 'assumed' },
  cFix: { v: [290, 420, 630], unit: 'USD/set-up', basis: 'assumed', note: 'dedicated machining fixture' },
  cSoft: {
    v: [4.2, 6, 9],
    unit: 'USD/set-up and piece',
    basis: 'assumed',
    note: 'careful clamping when no fixture is made',
  },
  hProg: { v: [0.7, 1, 1.5], unit: 'h/set-up once', basis: 'assumed' },
  defaultArea_cm2: { v: [4, 10, 25], unit: 'cm² machined for a plain dimension with no area given', basis: 'rule' },
  tapMinor: { v: 0.85, unit: 'tap-drill diameter / thread diameter', basis: 'rule' },
  boreStockShare: { v: [0.5, 1, 1.5], unit: 'stock on the diameter side / machiningStock_mm', basis: 'rule' },
};
