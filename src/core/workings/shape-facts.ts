import { type Builder } from './common';
import { computed, fromBrief, fromRate } from './symbols';

/** Workings of the part’s shape: difficulty and envelope. */
export const SHAPE_FACTS: Readonly<Record<string, Builder>> = {
  kappa: (c) => {
    const f = c.model.facts;
    const k = c.study.rates.complexity;
    return {
      title: 'Difficulty of the shape',
      equation: 'Cost model 1.2 to 1.4',
      expression:
        '0.5 + 0.25 * min(5, max(1, 1 + kS * (A / (6 * V23) - 1) + kH * nH + kP * nP + kU * nU + kD * nD + kC * face))',
      value: f.kappa,
      unit: '–',
      symbols: [
        fromRate('kS', 'by surface index', k.kS, 'complexity.kS'),
        fromBrief('A', 'whole surface', f.a * 100, 'cm²', 'geometry.area_cm2'),
        computed('V23', 'volume to the power ⅔', f.V ** (2 / 3), 'cm²'),
        fromRate('kH', 'a cored hole', k.kH, 'complexity.kH'),
        fromBrief('nH', 'holes wanted cast', f.nH, 'holes', 'geometry.coredHoles'),
        fromRate('kP', 'a passage', k.kP, 'complexity.kP'),
        fromBrief('nP', 'passages', f.nP, 'passages', 'geometry.passages'),
        fromRate('kU', 'an undercut', k.kU, 'complexity.kU'),
        fromBrief('nU', 'undercuts', f.nU, 'undercuts', 'geometry.undercuts'),
        fromRate('kD', 'a toleranced dimension', k.kD, 'complexity.kD'),
        fromBrief('nD', 'toleranced dimensions', f.nD, 'dimensions', 'features'),
        fromRate('kC', 'a cosmetic face', k.kC, 'complexity.kC'),
        fromBrief(
          'face',
          'cosmetic face asked for (1) or not (0)',
          f.brief.needs.cosmeticFace === true ? 1 : 0,
          '–',
          'needs.cosmeticFace',
        ),
      ],
      note: `Complexity c = ${f.c.toFixed(2)} on a scale from 1 to 5.`,
    };
  },
  plan: (c) => {
    const f = c.model.facts;
    return {
      title: 'Plan',
      equation: 'Cost model 1.5',
      expression: 'L * W / 10000',
      value: f.E,
      unit: 'dm²',
      symbols: [
        fromBrief('L', 'length', f.L, 'mm', 'geometry.box_mm'),
        fromBrief('W', 'width', f.W, 'mm', 'geometry.box_mm'),
      ],
      note: null,
    };
  },
  sizes: (c) => {
    const f = c.model.facts;
    return {
      title: 'Envelope',
      equation: 'Cost model 1.5',
      expression: 'L * W * H / 1000000',
      value: f.B,
      unit: 'dm³',
      symbols: [
        fromBrief('L', 'length', f.L, 'mm', 'geometry.box_mm'),
        fromBrief('W', 'width', f.W, 'mm', 'geometry.box_mm'),
        fromBrief('H', 'height along the draw', f.H, 'mm', 'geometry.box_mm'),
      ],
      note: `Mean size, its cube root: ${f.D.toFixed(3)} dm.`,
    };
  },
};
