/** A point of a plane, mm. */
export type PlanePoint = readonly [x: number, y: number];
/** A closed line, its first point not repeated. */
export type Ring = readonly PlanePoint[];

/**
 * Twice the area a ring goes round, mm²; counter-clockwise above nought.
 *
 * @example
 * twiceArea([[0, 0], [2, 0], [2, 3], [0, 3]]) // 12
 */
export const twiceArea = (ring: Ring): number =>
  ring.reduce((sum, [x, y], i) => {
    const [u, v] = ring[(i + 1) % ring.length] as PlanePoint;
    return sum + x * v - u * y;
  }, 0);

/**
 * A ring with the points left out that lie nearer than a tolerance to the line of their neighbours (Douglas and Peucker).
 *
 * @param tolerance mm, above nought
 * @returns the points kept, at least three where there were three
 * @example
 * simplified([[0, 0], [5, 0.01], [10, 0], [10, 10], [0, 10]], 0.1).length // 4
 */
export function simplified(ring: Ring, tolerance: number): Ring {
  if (ring.length < 5) return ring;
  const far = ring.reduce(
    (best, p, i) =>
      distance2(p, ring[0] as PlanePoint) > distance2(ring[best] as PlanePoint, ring[0] as PlanePoint) ? i : best,
    0,
  );
  const keep = new Uint8Array(ring.length + 1);
  keep[0] = keep[far] = keep[ring.length] = 1;
  const at = (i: number): PlanePoint => ring[i % ring.length] as PlanePoint;
  const spans: [number, number][] = [
    [0, far],
    [far, ring.length],
  ];
  for (let span = spans.pop(); span !== undefined; span = spans.pop()) {
    const [from, to] = span;
    let [worst, most] = [-1, tolerance];
    for (let i = from + 1; i < to; i++) {
      const off = offLine(at(i), at(from), at(to));
      if (off > most) [worst, most] = [i, off];
    }
    if (worst < 0) continue;
    keep[worst] = 1;
    spans.push([from, worst], [worst, to]);
  }
  const out = ring.filter((_, i) => keep[i] === 1);
  return out.length < 3 ? ring : out;
}

const distance2 = ([x, y]: PlanePoint, [u, v]: PlanePoint): number => (x - u) ** 2 + (y - v) ** 2;

function offLine([x, y]: PlanePoint, [ax, ay]: PlanePoint, [bx, by]: PlanePoint): number {
  const [dx, dy] = [bx - ax, by - ay];
  const length = Math.hypot(dx, dy);
  if (length === 0) return Math.hypot(x - ax, y - ay);
  return Math.abs(dx * (ay - y) - dy * (ax - x)) / length;
}
