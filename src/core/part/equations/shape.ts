import { brief, figure } from '../../equations';
import { likely } from '../../base/figures';
import type { RateSet } from '../../rates';
import type { PartFacts } from '../types';
import { equation, rate, rho, type OfPart } from './symbols';

type Facts<K extends keyof PartFacts> = { readonly facts: Pick<PartFacts, K> };

const V = brief('geometry.volume_cm3', 'volume', 'cm³');
const L = brief('geometry.box_mm', 'length', 'mm');
const W = brief('geometry.box_mm', 'width', 'mm');

/** Mass of the finished part. */
export const MASS = equation<Facts<'V' | 'rho'>>()({
  figure: 'mass',
  number: '1.1',
  title: 'Mass of the finished part',
  unit: 'kg',
  expression: 'V * rho',
  symbols: { V, rho },
  values: ({ facts }) => ({ V: facts.V, rho: facts.rho }),
});

/** Surface against that of a cube of the same volume: 1 for a cube, 7 for a thin shell. */
export const SURFACE_INDEX = equation<Facts<'V' | 'a'>>()({
  figure: 'S',
  number: '1.2',
  title: 'Surface index',
  unit: '–',
  expression: 'A / (6 * V23)',
  symbols: {
    A: brief('geometry.area_cm2', 'whole surface', 'cm²'),
    V23: figure('volume to the power ⅔', 'cm²'),
  },
  values: ({ facts }) => ({ A: facts.a * 100, V23: facts.V ** (2 / 3) }),
});

type Shaped = Facts<'S' | 'nH' | 'nP' | 'nU' | 'nD' | 'brief'> & { readonly rates: RateSet };

/** Complexity of the shape, from 1 to 5. */
export const COMPLEXITY = equation<Shaped>()({
  figure: 'c',
  number: '1.3',
  title: 'Complexity of the shape',
  unit: '–',
  expression: 'min(5, max(1, 1 + kS * (S - 1) + kH * nH + kP * nP + kU * nU + kD * nD + kC * face))',
  symbols: {
    kS: rate('complexity.kS', 'by surface index'),
    S: figure('surface index: 1 for a cube', '–', 'S'),
    kH: rate('complexity.kH', 'a cored hole'),
    nH: brief('geometry.coredHoles', 'holes wanted cast', 'holes'),
    kP: rate('complexity.kP', 'a passage'),
    nP: brief('geometry.passages', 'passages', 'passages'),
    kU: rate('complexity.kU', 'an undercut'),
    nU: brief('geometry.undercuts', 'undercuts', 'undercuts'),
    kD: rate('complexity.kD', 'a toleranced dimension'),
    nD: brief('features', 'toleranced dimensions', 'dimensions'),
    kC: rate('complexity.kC', 'a cosmetic face'),
    face: brief('needs.cosmeticFace', 'cosmetic face asked for (1) or not (0)', '–'),
  },
  values: ({ facts, rates: { complexity: k } }) => ({
    kS: likely(k.kS),
    S: facts.S,
    kH: likely(k.kH),
    nH: facts.nH,
    kP: likely(k.kP),
    nP: facts.nP,
    kU: likely(k.kU),
    nU: facts.nU,
    kD: likely(k.kD),
    nD: facts.nD,
    kC: likely(k.kC),
    face: facts.brief.needs.cosmeticFace === true ? 1 : 0,
  }),
});

/** What the complexity does to hours and minutes. */
export const DIFFICULTY = equation<Facts<'c'>>()({
  figure: 'kappa',
  number: '1.4',
  title: 'Difficulty of the shape',
  unit: '–',
  expression: '0.5 + 0.25 * c',
  symbols: { c: figure('complexity, from 1 to 5', '–', 'c') },
  values: ({ facts }) => ({ c: facts.c }),
});

/** The part seen from above. */
export const PLAN = equation<Facts<'L' | 'W'>>()({
  figure: 'plan',
  number: '1.5',
  title: 'Plan',
  unit: 'dm²',
  expression: 'L * W / 10000',
  symbols: { L, W },
  values: ({ facts }) => ({ L: facts.L, W: facts.W }),
});

/** The box round the part. */
export const ENVELOPE = equation<Facts<'L' | 'W' | 'H'>, Facts<'L' | 'W' | 'H' | 'D'> & OfPart>()({
  figure: 'sizes',
  number: '1.5',
  title: 'Envelope',
  unit: 'dm³',
  expression: 'L * W * H / 1000000',
  symbols: { L, W, H: brief('geometry.box_mm', 'height along the draw', 'mm') },
  note: ({ facts }) => `Mean size, its cube root: ${facts.D.toFixed(3)} dm.`,
  values: ({ facts }) => ({ L: facts.L, W: facts.W, H: facts.H }),
});
