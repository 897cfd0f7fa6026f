import { type Builder } from './common';
import { complexityTerms } from './complexity-terms';
import { computed, fromBrief } from './symbols';

/** Workings of the part’s shape: difficulty and envelope. */
export const SHAPE_FACTS: Readonly<Record<string, Builder>> = {
  kappa: (c) => {
    const f = c.model.facts;
    return {
      title: 'Difficulty of the shape',
      equation: 'Cost model 1.2 to 1.4',
      expression:
        '0.5 + 0.25 * min(5, max(1, 1 + kS * (A / (6 * V23) - 1) + kH * nH + kP * nP + kU * nU + kD * nD + kC * face))',
      value: f.kappa,
      unit: '–',
      symbols: complexityTerms(f, c.study.rates, [
        fromBrief('A', 'whole surface', f.a * 100, 'cm²', 'geometry.area_cm2'),
        computed('V23', 'volume to the power ⅔', f.V ** (2 / 3), 'cm²'),
      ]),
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
