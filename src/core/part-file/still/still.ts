import { frameOf, type Vec } from '../geometry';

/** A picture of a part: red, green, blue and opacity of each pixel, 0 to 255, rows from the top. */
export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8Array;
}

/** Places looked at along each side of a pixel. */
const FINE = 2;
/** Share of the picture left free round the part. */
const MARGIN = 0.06;
/** The part is seen from above, from the right and from the front. */
const VIEW: Vec = unit([0.62, -1, 0.72]);
const LIGHT: Vec = unit([0.25, -0.75, 1]);
/** Tone of the metal in full light and in shade; lines where surfaces meet. */
const BRIGHT = [214, 205, 188];
const SHADE = [104, 97, 88];
const LINE = [38, 34, 30];
/** Neighbours whose normals differ more than this are parted by a line: cos 22°. */
const CREASE = Math.cos((22 * Math.PI) / 180);

function unit(v: Vec): Vec {
  const l = Math.hypot(...v);
  return [v[0] / l, v[1] / l, v[2] / l];
}

/**
 * A still of facets: shaded, with lines where surfaces meet, on nothing. Made without a graphics engine, so that it is
 * the same everywhere, on a server too.
 * @param corners nine figures a facet, mm
 * @param up direction that points up in the picture
 * @example
 * stillOf(new Float32Array([0, 0, 0, 10, 0, 0, 0, 10, 0]), 8, 6).width // 8
 */
export function stillOf(corners: Float32Array, width: number, height: number, up: Vec = [0, 0, 1]): Picture {
  const turn = turnedUp(up);
  const view = turn(VIEW);
  const light = turn(LIGHT);
  const frame = frameOf(view);
  // The frame turned about the view until up points up.
  const [a, b] = [along(up, frame.u), along(up, frame.v)];
  const l = Math.hypot(a, b) || 1;
  const sy: Vec = mix(frame.u, a / l, frame.v, b / l);
  const sx: Vec = mix(frame.u, b / l, frame.v, -a / l);
  const count = corners.length / 3;
  const x = new Float32Array(count);
  const y = new Float32Array(count);
  const z = new Float32Array(count);
  let [x0, x1, y0, y1] = [Infinity, -Infinity, Infinity, -Infinity];
  for (let i = 0; i < count; i++) {
    const p: Vec = [corners[3 * i]!, corners[3 * i + 1]!, corners[3 * i + 2]!];
    x[i] = along(p, sx);
    y[i] = along(p, sy);
    z[i] = along(p, view);
    x0 = Math.min(x0, x[i]!);
    x1 = Math.max(x1, x[i]!);
    y0 = Math.min(y0, y[i]!);
    y1 = Math.max(y1, y[i]!);
  }
  const w = width * FINE;
  const h = height * FINE;
  const scale = Math.min((w * (1 - 2 * MARGIN)) / (x1 - x0 || 1), (h * (1 - 2 * MARGIN)) / (y1 - y0 || 1));
  const ox = w / 2 - (scale * (x0 + x1)) / 2;
  const oy = h / 2 + (scale * (y0 + y1)) / 2;
  const depth = new Float32Array(w * h).fill(-Infinity);
  const normal = new Float32Array(3 * w * h);
  for (let f = 0; f < count; f += 3) {
    const n = facetNormal(corners, f);
    if (along(n, view) <= 0) continue;
    fill(
      depth,
      normal,
      w,
      h,
      n,
      [0, 1, 2].map((k) => [ox + scale * x[f + k]!, oy - scale * y[f + k]!, z[f + k]!]),
    );
  }
  return shaded(depth, normal, w, h, light, (x1 - x0 + y1 - y0) * 0.012);
}

const along = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const mix = (a: Vec, s: number, b: Vec, t: number): Vec => [
  a[0] * s + b[0] * t,
  a[1] * s + b[1] * t,
  a[2] * s + b[2] * t,
];

/** A turn that takes the z axis to a direction. */
function turnedUp(up: Vec): (v: Vec) => Vec {
  const w = unit(up);
  if (w[2] > 1 - 1e-9) return (v) => v;
  const { u, v } = frameOf(w);
  return (p) => mix(mix(u, p[0], v, p[1]), 1, w, p[2]);
}

function facetNormal(c: Float32Array, f: number): Vec {
  const o = 3 * f;
  const [ux, uy, uz] = [c[o + 3]! - c[o]!, c[o + 4]! - c[o + 1]!, c[o + 5]! - c[o + 2]!];
  const [vx, vy, vz] = [c[o + 6]! - c[o]!, c[o + 7]! - c[o + 1]!, c[o + 8]! - c[o + 2]!];
  const n: Vec = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
  const l = Math.hypot(...n) || 1;
  return [n[0] / l, n[1] / l, n[2] / l];
}

/** Draws a facet into the picture where it is nearer than what is there. Corners: x, y in pixels, depth. */
function fill(
  depth: Float32Array,
  normal: Float32Array,
  w: number,
  h: number,
  n: Vec,
  corners: readonly (readonly number[])[],
): void {
  const [a, b, c] = corners as [number[], number[], number[]];
  const det = (b[0]! - a[0]!) * (c[1]! - a[1]!) - (c[0]! - a[0]!) * (b[1]! - a[1]!);
  if (det === 0) return;
  const left = Math.max(0, Math.ceil(Math.min(a[0]!, b[0]!, c[0]!) - 0.5));
  const right = Math.min(w - 1, Math.floor(Math.max(a[0]!, b[0]!, c[0]!) - 0.5));
  const top = Math.max(0, Math.ceil(Math.min(a[1]!, b[1]!, c[1]!) - 0.5));
  const bottom = Math.min(h - 1, Math.floor(Math.max(a[1]!, b[1]!, c[1]!) - 0.5));
  for (let py = top; py <= bottom; py++)
    for (let px = left; px <= right; px++) {
      const dx = px + 0.5 - a[0]!;
      const dy = py + 0.5 - a[1]!;
      const s = (dx * (c[1]! - a[1]!) - dy * (c[0]! - a[0]!)) / det;
      const t = (dy * (b[0]! - a[0]!) - dx * (b[1]! - a[1]!)) / det;
      if (s < 0 || t < 0 || s + t > 1) continue;
      const z = a[2]! + s * (b[2]! - a[2]!) + t * (c[2]! - a[2]!);
      const at = py * w + px;
      if (z <= depth[at]!) continue;
      depth[at] = z;
      normal[3 * at] = n[0];
      normal[3 * at + 1] = n[1];
      normal[3 * at + 2] = n[2];
    }
}

/** Light, shade and lines of what was drawn, brought down to the size asked. @param jump depth that parts two surfaces */
function shaded(depth: Float32Array, normal: Float32Array, w: number, h: number, light: Vec, jump: number): Picture {
  const width = w / FINE;
  const height = h / FINE;
  const data = new Uint8Array(4 * width * height);
  const parted = (i: number, j: number): boolean => {
    const [a, b] = [depth[i]!, depth[j]!];
    if (a === -Infinity && b === -Infinity) return false;
    if (a === -Infinity || b === -Infinity || Math.abs(a - b) > jump) return true;
    const turned =
      normal[3 * i]! * normal[3 * j]! +
      normal[3 * i + 1]! * normal[3 * j + 1]! +
      normal[3 * i + 2]! * normal[3 * j + 2]!;
    return turned < CREASE;
  };
  for (let py = 0; py < height; py++)
    for (let px = 0; px < width; px++) {
      const sum = [0, 0, 0, 0];
      for (let k = 0; k < FINE * FINE; k++) {
        const fx = px * FINE + (k % FINE);
        const fy = py * FINE + Math.floor(k / FINE);
        const i = fy * w + fx;
        const line = (fx + 1 < w && parted(i, i + 1)) || (fy + 1 < h && parted(i, i + w));
        if (depth[i] === -Infinity && !line) continue;
        const lit = Math.max(
          0,
          normal[3 * i]! * light[0] + normal[3 * i + 1]! * light[1] + normal[3 * i + 2]! * light[2],
        );
        for (let c = 0; c < 3; c++) sum[c]! += line ? LINE[c]! : SHADE[c]! + (BRIGHT[c]! - SHADE[c]!) * lit;
        sum[3]!++;
      }
      const n = sum[3]!;
      if (n === 0) continue;
      const at = 4 * (py * width + px);
      for (let c = 0; c < 3; c++) data[at + c] = Math.round(sum[c]! / n);
      data[at + 3] = Math.round((255 * n) / (FINE * FINE));
    }
  return { width, height, data };
}
