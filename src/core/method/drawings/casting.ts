import { moved, rectangle, type Point, type Ring } from '../../drawing';
import { twiceArea, type PartOutline } from '../../part-file/outline';
import type { Method } from '../types';
import { Values } from './values';

/** A casting as it lies: seen from the front and cut (x, up from its foot), and seen from above. All in mm. */
export interface DrawnCasting {
  readonly wide: number;
  readonly deep: number;
  readonly high: number;
  readonly front: readonly Ring[];
  readonly cut: readonly Ring[];
  readonly above: readonly Ring[];
  /** Seen along the draw, its longer side level: as the face of a die shows it. */
  readonly face: readonly Ring[];
  readonly faceSize: Point;
  /** Where heavy places lie in the front view. */
  readonly heavy: readonly { readonly at: number; readonly x: number; readonly y: number; readonly diameter: number }[];
  readonly measured: boolean;
}

/**
 * A casting as it lies. Where the part was not measured it is drawn as the block of its box.
 *
 * @param box length, width and height along the draw, mm
 */
export function castingOf(
  method: Method,
  outline: PartOutline | null,
  box: readonly [number, number, number],
): DrawnCasting {
  const v = new Values(method);
  const lie = v.at('lie');
  const [L, W, H] = outline?.size_mm ?? box;
  const block = (wide: number, high: number): Ring[] => [rectangle(-wide / 2, 0, wide / 2, high)];
  const front = outline?.fromFront ?? block(L, H);
  const side = outline?.fromSide ?? block(W, H);
  const above = outline?.fromAbove ?? [rectangle(-L / 2, -W / 2, L / 2, W / 2)];
  const cut = outline === null ? front : outline.section;
  const across = outline === null ? side : outline.sectionAcross;
  /** A view with the draw upright, turned so that the draw is level and the foot stands left of the middle. */
  const level = (rings: readonly Ring[], stands: number): Ring[] => moved(rings, [H / 2, stands / 2], 1);
  const over = (rings: readonly Ring[]): Ring[] => moved(rings, [0, H], 2);
  const centred = (rings: readonly Ring[], high: number): Ring[] => moved(rings, [0, -high / 2]);
  const common = { face: above, faceSize: [L, W] as const, measured: outline !== null };
  const heavyAt = (place: (at: readonly [number, number, number]) => Point): DrawnCasting['heavy'] =>
    method.heavy.flatMap(({ at, at_mm, diameter_mm }) => {
      if (at_mm === null) return [];
      const [x, y] = place(at_mm);
      return [{ at, x, y, diameter: diameter_mm }];
    });
  if (lie === 1)
    return {
      ...common,
      ...{
        wide: H,
        deep: L,
        high: W,
        front: level(side, W),
        cut: level(across, W),
        above: moved(centred(front, H), [0, 0], 1),
      },
      heavy: heavyAt(([, y, z]) => [H / 2 - z, y + W / 2]),
    };
  if (lie === 2)
    return {
      ...common,
      ...{
        wide: H,
        deep: W,
        high: L,
        front: level(front, L),
        cut: level(cut, L),
        above: moved(centred(side, H), [0, 0], 1),
      },
      heavy: heavyAt(([x, , z]) => [H / 2 - z, x + L / 2]),
    };
  const turned = lie === 3;
  return {
    ...common,
    ...{ wide: L, deep: W, high: H, above: turned ? moved(above, [0, 0], 2) : above },
    ...(turned ? { front: over(front), cut: over(cut) } : { front, cut }),
    heavy: heavyAt(([x, , z]) => (turned ? [-x, H - z] : [x, z])),
  };
}

/** Height of a casting’s top at a place across, seen from the front, mm above its foot. */
export const topAt = ({ front, high }: DrawnCasting, x: number): number => topOf(front, x) ?? high;

/** The highest point of rings at a place across; null where they do not reach. */
export function topOf(rings: readonly Ring[], x: number): number | null {
  let top = -Infinity;
  for (const ring of rings)
    ring.forEach(([x0, y0], i) => {
      const [x1, y1] = ring[(i + 1) % ring.length] as Point;
      if (x0 > x === x1 > x) return;
      top = Math.max(top, y0 + ((x - x0) / (x1 - x0)) * (y1 - y0));
    });
  return Number.isFinite(top) ? top : null;
}

/** The outermost place of a casting’s left or right side at a height, seen from the front, mm from its middle. */
export function sideAt({ front, wide }: DrawnCasting, y: number, sign: 1 | -1): number {
  let far = -Infinity;
  for (const ring of front)
    ring.forEach(([x0, y0], i) => {
      const [x1, y1] = ring[(i + 1) % ring.length] as Point;
      if (y0 > y === y1 > y) return;
      far = Math.max(far, sign * (x0 + ((y - y0) / (y1 - y0)) * (x1 - x0)));
    });
  return sign * (Number.isFinite(far) ? far : wide / 2);
}

/** Rings that are holes in the metal of a section: they run round the other way than the largest ring does. */
export function holesOf(rings: readonly Ring[]): Ring[] {
  const [largest] = rings;
  if (largest === undefined) return [];
  const way = Math.sign(twiceArea(largest));
  return rings.filter((ring) => Math.sign(twiceArea(ring)) !== way);
}
