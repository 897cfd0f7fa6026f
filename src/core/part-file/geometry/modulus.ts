import { oneOf, positive } from '../../base/checks';
import { refuse } from '../../base/errors';

const SHAPES = ['general', 'plate', 'bar', 'box', 'cylinder', 'sphere', 'tube'] as const;

/** Sizes of a section; which of them a shape needs is shown at `modulus`. */
export interface ModulusInputs {
  readonly shape: string;
  readonly volume_cm3?: number;
  readonly coolingArea_cm2?: number;
  readonly thickness_mm?: number;
  readonly a_mm?: number;
  readonly b_mm?: number;
  readonly length_mm?: number;
  readonly width_mm?: number;
  readonly height_mm?: number;
  readonly diameter_mm?: number;
  readonly outer_mm?: number;
  readonly inner_mm?: number;
  /** Whether the bore of a tube cools; a small hot core does not. */
  readonly innerCools?: boolean;
}

/**
 * Geometric modulus, volume over cooled area, mm. Source: Chvorinov; Wlodawer; the formula book, geo.modulus.
 * @param inputs general: volume_cm3, coolingArea_cm2; plate: thickness_mm; bar: a_mm, b_mm; box: length_mm, width_mm,
 *   height_mm; cylinder: diameter_mm, height_mm; sphere: diameter_mm; tube: outer_mm, inner_mm, innerCools (true if
 *   not given). Sizes above 0; an unknown shape is refused as E_KEY, a bore as wide as its tube as E_ORDER
 * @example
 * modulus({ shape: 'plate', thickness_mm: 20 }).modulus_mm // 10
 */
export function modulus(inputs: ModulusInputs): { readonly modulus_mm: number } {
  const shape = oneOf('shape', inputs.shape, SHAPES);
  const size = (name: keyof ModulusInputs): number => positive(name, inputs[name]);
  switch (shape) {
    case 'general':
      return { modulus_mm: (10 * size('volume_cm3')) / size('coolingArea_cm2') };
    case 'plate':
      return { modulus_mm: size('thickness_mm') / 2 };
    case 'bar': {
      const [a, b] = [size('a_mm'), size('b_mm')];
      return { modulus_mm: (a * b) / (2 * (a + b)) };
    }
    case 'box': {
      const [l, w, h] = [size('length_mm'), size('width_mm'), size('height_mm')];
      return { modulus_mm: (l * w * h) / (2 * (l * w + w * h + h * l)) };
    }
    case 'cylinder': {
      const [d, h] = [size('diameter_mm'), size('height_mm')];
      return { modulus_mm: (d * h) / (2 * d + 4 * h) };
    }
    case 'sphere':
      return { modulus_mm: size('diameter_mm') / 6 };
    case 'tube': {
      const [outer, inner] = [size('outer_mm'), size('inner_mm')];
      if (inner >= outer) refuse('E_ORDER', 'inner_mm', inner, `below outer_mm, ${outer}`);
      const cooled = inputs.innerCools === false ? outer : outer + inner;
      return { modulus_mm: (outer * outer - inner * inner) / (4 * cooled) };
    }
  }
}
