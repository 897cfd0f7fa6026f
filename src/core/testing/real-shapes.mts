import initManifold, { type CrossSection, type Manifold, type Vec2 } from 'manifold-3d';
import type { Vec } from '../part-file/geometry';

/** A closed part as corners and facets, mm. Corners are rounded as a binary STL rounds them. */
export interface RealShape {
  readonly name: string;
  readonly positions: Float64Array;
  readonly triangles: Uint32Array;
  /** Volume by the maker of the shape, mm³, before rounding. */
  readonly volume_mm3: number;
}

/** How fine round walls are cut, in facets round a full turn. */
export type Fineness = number;

type Kernel = Awaited<ReturnType<typeof initManifold>>;
type Solid = Manifold;

let kernel: Promise<Kernel> | null = null;

async function ready(): Promise<Kernel> {
  kernel ??= initManifold().then((k) => {
    k.setup();
    return k;
  });
  return kernel;
}

/** A turn about an axis that lies along no axis of the file: what bricks laid along the axes hide. */
export const ASKEW: readonly [Vec, number] = [[0.3, -0.7, 0.648], 0.7371];

const RAD = Math.PI / 180;

/** Points of an arc, angles in degrees, both ends included. */
function arc(x: number, y: number, r: number, from: number, to: number, steps: number): Vec2[] {
  return Array.from({ length: steps + 1 }, (_, i): Vec2 => {
    const a = (from + ((to - from) * i) / steps) * RAD;
    return [x + r * Math.cos(a), y + r * Math.sin(a)];
  });
}

type Maker = (k: Kernel, n: Fineness) => Solid;

/** Turned about the y of the profile, which becomes z. */
const turned = (k: Kernel, profile: Vec2[], n: number): Solid => new k.CrossSection([profile], 'Positive').revolve(n);

const union = (k: Kernel, list: Solid[]): Solid => k.Manifold.union(list);

/** A gear's outline: trapezoidal teeth with the corners cut, as many points a tooth as asked. */
function gearOutline(k: Kernel, teeth: number, root: number, tip: number): CrossSection {
  const points: Vec2[] = [];
  for (let i = 0; i < teeth; i++)
    for (const [share, r] of [
      [0.0, root],
      [0.22, root],
      [0.34, (root + tip) / 2],
      [0.42, tip],
      [0.58, tip],
      [0.66, (root + tip) / 2],
      [0.78, root],
    ] as const) {
      const a = ((i + share) / teeth) * 2 * Math.PI;
      points.push([r * Math.cos(a), r * Math.sin(a)]);
    }
  return new k.CrossSection([points], 'Positive');
}

/** A wire wound to a spring, ends closed flat. */
function spring(k: Kernel, n: Fineness): Solid {
  const turns = 6;
  const round = Math.max(8, Math.round(n / 4));
  const steps = turns * n;
  const [big, wire, pitch] = [20, 3, 9];
  const verts: number[] = [];
  const tris: number[] = [];
  for (let i = 0; i <= steps; i++) {
    const a = (i / n) * 2 * Math.PI;
    const out: Vec = [Math.cos(a), Math.sin(a), 0];
    const rise = pitch / (2 * Math.PI * big);
    const l = Math.hypot(1, rise);
    const along: Vec = [-Math.sin(a) / l, Math.cos(a) / l, rise / l];
    const up: Vec = [
      along[1] * out[2] - along[2] * out[1],
      along[2] * out[0] - along[0] * out[2],
      along[0] * out[1] - along[1] * out[0],
    ];
    for (let j = 0; j < round; j++) {
      const b = (j / round) * 2 * Math.PI;
      for (let c = 0; c < 3; c++)
        verts.push((c === 2 ? (pitch * i) / n : big * out[c]!) + wire * (Math.cos(b) * out[c]! - Math.sin(b) * up[c]!));
    }
  }
  const at = (i: number, j: number): number => i * round + (j % round);
  for (let i = 0; i < steps; i++)
    for (let j = 0; j < round; j++) {
      tris.push(at(i, j), at(i + 1, j), at(i + 1, j + 1));
      tris.push(at(i, j), at(i + 1, j + 1), at(i, j + 1));
    }
  for (let j = 1; j + 1 < round; j++) {
    tris.push(at(0, 0), at(0, j), at(0, j + 1));
    tris.push(at(steps, 0), at(steps, j + 1), at(steps, j));
  }
  const mesh = new k.Mesh({ numProp: 3, vertProperties: Float32Array.from(verts), triVerts: Uint32Array.from(tris) });
  return new k.Manifold(mesh);
}

/** Letters as a plotter would cut them: strokes on a grid of five by seven. */
const LETTERS: Readonly<Record<string, readonly string[]>> = {
  N: ['#...#', '##..#', '#.#.#', '#..##', '#...#', '#...#', '#...#'],
  I: ['#####', '..#..', '..#..', '..#..', '..#..', '..#..', '#####'],
  E: ['#####', '#....', '#....', '####.', '#....', '#....', '#####'],
  P: ['####.', '#...#', '#...#', '####.', '#....', '#....', '#....'],
  O: ['.###.', '#...#', '#...#', '#...#', '#...#', '#...#', '.###.'],
  U: ['#...#', '#...#', '#...#', '#...#', '#...#', '#...#', '.###.'],
  R: ['####.', '#...#', '#...#', '####.', '#.#..', '#..#.', '#...#'],
  S: ['.####', '#....', '#....', '.###.', '....#', '....#', '####.'],
};

/** Makers of the shapes by name: what is cast every day. */
export const MAKERS: Readonly<Record<string, Maker>> = {
  cube: (k) => k.Manifold.cube([40, 40, 40], true),
  cylinder: (k, n) => k.Manifold.cylinder(60, 20, 20, n),
  sphere: (k, n) => k.Manifold.sphere(25, n),
  torus: (k, n) => turned(k, arc(40, 0, 12, 0, 360, Math.max(8, n >> 1)).slice(0, -1), n),
  'ring with fillets': (k, n) =>
    turned(
      k,
      [
        [20, 0],
        [46, 0],
        ...arc(46, 4, 4, -90, 0, 6),
        [50, 10],
        ...arc(34, 16, 6, -90, -180, 6),
        [28, 30],
        ...arc(26, 30, 2, 0, 90, 4),
        [20, 32],
      ],
      n,
    ),
  'stepped shaft': (k, n) =>
    turned(
      k,
      [
        [0, 0],
        [12, 0],
        [12, 30],
        ...arc(15, 30, 3, 180, 90, 5),
        [20, 33],
        [20, 70],
        [16, 74],
        [16, 110],
        [8, 112],
        [8, 140],
        [0, 140],
      ],
      n,
    ),
  'flanged hub': (k, n) => {
    const body = turned(k, [[18, 0], [60, 0], [60, 10], ...arc(40, 18, 8, -90, -180, 6), [31, 50], [18, 52]], n);
    const bolt = k.Manifold.cylinder(30, 4.5, 4.5, Math.max(16, n >> 2)).translate([48, 0, -10]);
    const bolts = Array.from({ length: 8 }, (_, i) => bolt.rotate([0, 0, 45 * i]));
    return body.subtract(union(k, bolts));
  },
  gear: (k, n) =>
    k.Manifold.extrude(gearOutline(k, 60, 54, 60), 18).subtract(
      k.Manifold.cylinder(40, 14, 14, n).translate([0, 0, -10]),
    ),
  'helical gear': (k, n) =>
    k.Manifold.extrude(gearOutline(k, 40, 36, 41), 24, Math.max(4, n >> 3), 25).subtract(
      k.Manifold.cylinder(40, 9, 9, n).translate([0, 0, -8]),
    ),
  'plate of 200 holes': (k, n) => {
    const hole = k.Manifold.cylinder(20, 3, 3, Math.max(12, n >> 2)).translate([0, 0, -10]);
    const holes = Array.from({ length: 200 }, (_, i) =>
      hole.translate([(i % 20) * 11 - 104.5, Math.floor(i / 20) * 11 - 49.5, 0]),
    );
    return k.Manifold.cube([240, 130, 8], true).subtract(union(k, holes));
  },
  'cored housing': (k, n) => {
    const box = (x: number, y: number, z: number, at: Vec): Solid =>
      k.Manifold.cube([x, y, z], true).translate([...at]);
    const tube = (r: number, h: number, at: Vec): Solid => k.Manifold.cylinder(h, r, r, n >> 1).translate([...at]);
    const ribs = [-48, -24, 0, 24, 48].map((x) => box(4, 118, 56, [x, 0, 5]));
    const bosses = [-60, 60].flatMap((x) => [-43, 43].map((y) => tube(10, 70, [x, y, -35])));
    const shell = box(150, 110, 70, [0, 0, 0]);
    const core = box(138, 98, 58, [0, 0, 0]).add(
      k.Manifold.cylinder(200, 22, 22, n).rotate([0, 90, 0]).translate([-100, 0, 0]),
    );
    const bolts = [-60, 60].flatMap((x) => [-43, 43].map((y) => tube(4, 90, [x, y, -45])));
    const flange = box(180, 140, 8, [0, 0, -35]);
    return union(k, [shell, flange, ...ribs])
      .subtract(core)
      .add(union(k, bosses))
      .subtract(union(k, bolts));
  },
  spring,
  'cup with a handle': (k, n) => {
    const cup = turned(
      k,
      [[0, 0], [30, 0], ...arc(30, 4, 4, -90, 0, 4), [36, 80], ...arc(34.5, 80, 1.5, 0, 180, 4), [30, 6], [0, 5]],
      n,
    );
    const ring = turned(k, arc(22, 0, 4.5, 0, 360, Math.max(10, n >> 2)).slice(0, -1), n >> 1)
      .rotate([90, 0, 0])
      .translate([40, 0, 42]);
    const inside = k.Manifold.cylinder(100, 31, 33.6, n).translate([0, 0, 3]);
    return cup.add(ring.subtract(inside));
  },
  lettering: (k) => {
    const strokes: Solid[] = [];
    [...'NINEPOURS'].forEach((letter, i) => {
      (LETTERS[letter] ?? []).forEach((row, y) =>
        [...row].forEach((cell, x) => {
          if (cell === '#')
            strokes.push(k.Manifold.cube([1.5, 1.5, 1.2]).translate([i * 9 + x * 1.4 - 40, -y * 1.4 + 4, 3.5]));
        }),
      );
    });
    return k.Manifold.cube([90, 30, 8], true).add(union(k, strokes));
  },
  'thin fin': (k) =>
    k.Manifold.cube([100, 100, 100], true).add(k.Manifold.cube([12, 1, 6], true).translate([0, 0, 52.5])),
  'stepped and countersunk holes': (k, n) => {
    const r = n >> 1;
    const at = (s: Solid, x: number): Solid => s.translate([x, 0, 0]);
    const tube = (radius: number, from: number, to: number, end = radius): Solid =>
      k.Manifold.cylinder(to - from, radius, end, r).translate([0, 0, from]);
    const stepped = tube(4, -20, 20).add(tube(8, 0, 20));
    const sunk = tube(3, -20, 20).add(tube(3, 6, 12.01, 9));
    const crossing = tube(5, -20, 20).add(tube(5, -40, 40).rotate([90, 0, 0]));
    return k.Manifold.cube([120, 50, 24], true).subtract(union(k, [at(stepped, -40), at(sunk, 0), at(crossing, 40)]));
  },
};

/** A shape by its name. @param askew whether it is turned off the axes of the file */
export async function realShape(name: string, fineness: Fineness = 96, askew = false): Promise<RealShape> {
  const k = await ready();
  const make = MAKERS[name];
  if (make === undefined) throw new Error(`no shape ${name}`);
  const solid = make(k, fineness);
  const volume_mm3 = solid.volume();
  const mesh = solid.getMesh();
  const positions = new Float64Array(mesh.numVert * 3);
  const [axis, angle] = askew ? ASKEW : [[0, 0, 1] as Vec, 0];
  const turn = turning(axis, angle);
  for (let i = 0; i < mesh.numVert; i++) {
    const p = turn([...mesh.vertProperties.subarray(i * mesh.numProp, i * mesh.numProp + 3)] as unknown as Vec);
    for (let c = 0; c < 3; c++) positions[3 * i + c] = Math.fround(p[c]!);
  }
  const triangles = Uint32Array.from(mesh.triVerts);
  solid.delete();
  return { name: `${name}${askew ? ', askew' : ''}, ${fineness}`, positions, triangles, volume_mm3 };
}

/** Turns points about an axis through the origin. @param angle rad */
export function turning(axis: Vec, angle: number): (p: Vec) => Vec {
  const l = Math.hypot(...axis);
  const [x, y, z] = [axis[0] / l, axis[1] / l, axis[2] / l];
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  return (p) => {
    const along = (p[0] * x + p[1] * y + p[2] * z) * (1 - c);
    return [
      p[0] * c + (y * p[2] - z * p[1]) * s + x * along,
      p[1] * c + (z * p[0] - x * p[2]) * s + y * along,
      p[2] * c + (x * p[1] - y * p[0]) * s + z * along,
    ];
  };
}

/** Bytes of a shape as a binary STL. */
export function stlBytes({ positions, triangles }: Pick<RealShape, 'positions' | 'triangles'>): Uint8Array {
  const facets = triangles.length / 3;
  const bytes = new Uint8Array(84 + 50 * facets);
  const view = new DataView(bytes.buffer);
  view.setUint32(80, facets, true);
  for (let f = 0; f < facets; f++)
    for (let corner = 0; corner < 3; corner++)
      for (let c = 0; c < 3; c++)
        view.setFloat32(84 + 50 * f + 12 + 12 * corner + 4 * c, positions[3 * triangles[3 * f + corner]! + c]!, true);
  return bytes;
}
