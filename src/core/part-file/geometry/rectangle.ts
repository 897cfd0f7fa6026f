/** The smallest rectangle round points of a plane. */
export interface Rectangle {
  /** Side along `angle`, and the side across it. */
  readonly a: number;
  readonly b: number;
  /** Direction of side a against the first axis, rad. */
  readonly angle: number;
}

/** Points beyond which only the lowest and highest of many strips are kept. */
const MANY = 6000;
const STRIPS = 4096;

/**
 * Smallest rectangle: one of its sides lies on a side of the convex outline. Source: Toussaint, rotating calipers.
 * @param points x and y of each point
 */
export function smallestRectangle(points: Float64Array): Rectangle {
  const outline = convexOutline(points.length / 2 > MANY ? thinned(points) : points);
  const n = outline.length / 2;
  let best: Rectangle = { a: 0, b: 0, angle: 0 };
  let least = Infinity;
  // The corners furthest along the side, across it and against it: each only ever moves on as the side turns.
  let [ahead, far, back] = [0, 0, 0];
  for (let i = 0; i < n; i++) {
    const j = i + 1 === n ? 0 : i + 1;
    const x0 = outline[2 * i]!;
    const y0 = outline[2 * i + 1]!;
    let ux = outline[2 * j]! - x0;
    let uy = outline[2 * j + 1]! - y0;
    const l = Math.sqrt(ux * ux + uy * uy);
    if (l === 0) continue;
    ux /= l;
    uy /= l;
    const a = (k: number): number => (outline[2 * k]! - x0) * ux + (outline[2 * k + 1]! - y0) * uy;
    const b = (k: number): number => (outline[2 * k + 1]! - y0) * ux - (outline[2 * k]! - x0) * uy;
    if (least === Infinity) [ahead, far, back] = furthest(n, a, b);
    ahead = walked(n, ahead, a, NOISE * l);
    far = walked(n, far, b, NOISE * l);
    back = walked(n, back, (k) => -a(k), NOISE * l);
    const [wide, high] = [a(ahead) - a(back), b(far)];
    if (wide * high < least) {
      least = wide * high;
      best = { a: wide, b: high, angle: Math.atan2(uy, ux) };
    }
  }
  return best;
}

/** Share of a side by which rounding may hold the walk back. */
const NOISE = 1e-9;

/** The corner from which a measure grows no more, going round from one; never further than once round. */
function walked(n: number, from: number, of: (k: number) => number, slack: number): number {
  let at = from;
  let here = of(at);
  for (let steps = 0, k = at; steps < n; steps++) {
    k = k + 1 === n ? 0 : k + 1;
    const next = of(k);
    if (next < here - slack) break;
    if (next >= here) [at, here] = [k, next];
  }
  return at;
}

/** Corners furthest along the first side, across it, and against it. */
function furthest(n: number, a: (k: number) => number, b: (k: number) => number): [number, number, number] {
  let [ahead, far, back] = [0, 0, 0];
  for (let k = 1; k < n; k++) {
    if (a(k) > a(ahead)) ahead = k;
    if (b(k) > b(far)) far = k;
    if (a(k) < a(back)) back = k;
  }
  return [ahead, far, back];
}

/** Convex outline, counter-clockwise, by Andrew's monotone chain. */
function convexOutline(points: Float64Array): number[] {
  const count = points.length / 2;
  const order = Array.from({ length: count }, (_, i) => i).sort(
    (i, j) => points[2 * i]! - points[2 * j]! || points[2 * i + 1]! - points[2 * j + 1]!,
  );
  const chain = (ids: readonly number[]): number[] => {
    const out: number[] = [];
    for (const i of ids) {
      while (out.length >= 2) {
        const a = out[out.length - 2]!;
        const b = out[out.length - 1]!;
        const turn =
          (points[2 * b]! - points[2 * a]!) * (points[2 * i + 1]! - points[2 * a + 1]!) -
          (points[2 * b + 1]! - points[2 * a + 1]!) * (points[2 * i]! - points[2 * a]!);
        if (turn > 0) break;
        out.pop();
      }
      out.push(i);
    }
    out.pop();
    return out;
  };
  const ids = [...chain(order), ...chain(order.reverse())];
  return ids.flatMap((i) => [points[2 * i]!, points[2 * i + 1]!]);
}

/** The lowest and the highest point of each of many strips, and the first and last of all. */
function thinned(points: Float64Array): Float64Array {
  let [x0, x1] = [Infinity, -Infinity];
  for (let i = 0; i < points.length; i += 2) {
    x0 = Math.min(x0, points[i]!);
    x1 = Math.max(x1, points[i]!);
  }
  const low = new Int32Array(STRIPS + 1).fill(-1);
  const high = new Int32Array(STRIPS + 1).fill(-1);
  const ends: number[] = [];
  for (let i = 0; i < points.length; i += 2) {
    const strip = Math.floor(((points[i]! - x0) / (x1 - x0 || 1)) * STRIPS);
    const y = points[i + 1]!;
    if (low[strip]! < 0 || y < points[low[strip]! + 1]!) low[strip] = i;
    if (high[strip]! < 0 || y > points[high[strip]! + 1]!) high[strip] = i;
    if (points[i] === x0 || points[i] === x1) ends.push(i);
  }
  const kept = [...new Set([...low, ...high, ...ends.slice(0, 1000)])].filter((i) => i >= 0);
  return Float64Array.from(kept.flatMap((i) => [points[i]!, points[i + 1]!]));
}
