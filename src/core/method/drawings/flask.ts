import {
  moved,
  piece,
  rectangle,
  type Distance,
  type DragLine,
  type Drawing,
  type Piece,
  type Point,
  type Ring,
} from '../../drawing';
import { holesOf, sideAt, topAt, type DrawnCasting } from './casting';
import type { Values } from './values';

/** Sand below the lowest place of a casting at least, mm. Basis: rule. */
const BELOW = 40;
const LEAST_GATE = 2;
/** A gate is so many times wider than thick. Basis: rule. */
const GATE_FLAT = 4;
const MOST_DRAWN = 12;
const CLAMP = 16;

/** Diameter of a round channel of an area, mm. */
const across = (area: number): number => Math.sqrt((4 * Math.max(0, area)) / Math.PI);

/** Where the castings of a flask stand, seen from above: columns and rows. */
function gridOf(v: Values, casting: DrawnCasting, gap: number) {
  const n = Math.max(1, Math.min(400, Math.round(v.at('positions', 1))));
  const columns = Math.ceil(Math.sqrt(n));
  const rows = Math.ceil(n / columns);
  const [px, py] = [casting.wide + gap, casting.deep + gap];
  const at = (i: number): Point => [
    ((i % columns) - (columns - 1) / 2) * px,
    ((rows - 1) / 2 - Math.floor(i / columns)) * py,
  ];
  return { n, columns, rows, px, py, at };
}

/** Sand or plaster mould in section: flask, joint, castings, sprue, runner, gates, feeders, vents, cores, clamps. */
export function flaskSection(v: Values, casting: DrawnCasting, gap: number): Drawing {
  const { columns, px } = gridOf(v, casting, gap);
  const joint = Math.min(casting.high, Math.max(0, v.at('joint', casting.high / 2)));
  const cope = Math.max(v.at('copeHeight', 120), casting.high - joint + 20);
  const drag = joint + BELOW;
  const gateY = casting.high - joint - v.at('above', casting.high - joint);
  const foot = across(v.at('sprueFoot', 100));
  const top = across(v.at('sprueTop', 140));
  const sprueX = columns % 2 === 0 ? 0 : -(columns * px) / 2 - Math.max(foot, top) / 2;
  const half = Math.max(v.at('flaskLength', columns * px + 80) / 2, Math.abs(sprueX) + top, (columns * px) / 2 + 20);
  const xs = Array.from({ length: Math.min(columns, MOST_DRAWN) }, (_, i) => (i - (columns - 1) / 2) * px);
  const gateArea = v.at('gateEach', 40);
  const gateThick = Math.max(LEAST_GATE, Math.sqrt(gateArea / GATE_FLAT));
  const runner = Math.sqrt(Math.max(9, v.at('runnersArea', 100) / (columns % 2 === 0 ? 2 : 1)));
  const fy = (y: number): number => y - joint;
  const place = (rings: DrawnCasting['cut'], x: number): Piece['rings'] => moved(rings, [x, -joint]);
  const gates = xs.map((x) => {
    const sign = x > sprueX ? -1 : 1;
    const inner = x + sideAt(casting, gateY + joint, sign);
    const outer = x + sign * (casting.wide / 2 + gap / 4);
    return rectangle(Math.min(inner, outer), gateY - gateThick, Math.max(inner, outer), gateY);
  });
  const reach = gates.flat().map(([x]) => x);
  const runnerRing = rectangle(Math.min(sprueX, ...reach), gateY, Math.max(sprueX, ...reach), gateY + runner);
  const D = v.at('feederDiameter');
  const H = v.at('feederHeight');
  const neck = v.at('feederNeck', 0.6 * D);
  const count = Math.max(1, v.count('feeders', 4));
  const spots = feederSpots(v, casting, count);
  const feeders = xs.flatMap((x) =>
    spots.map((s) => {
      const y = fy(topAt(casting, s));
      const at = x + s;
      const step = 0.25 * neck;
      return [
        [at - neck / 2, y],
        [at + neck / 2, y],
        [at + neck / 2, y + step],
        [at + D / 2, y + step + 0.1 * D],
        [at + D / 2, y + step + H],
        [at - D / 2, y + step + H],
        [at - D / 2, y + step + 0.1 * D],
        [at - neck / 2, y + step],
      ] as Point[];
    }),
  );
  const high = Math.max(cope, ...feeders.flat().map(([, y]) => y + 15));
  const ventX = xs.map(
    (x) => x + (spots[0] ?? 0) + (spots[0] !== undefined && spots[0] > 0 ? -1 : 1) * casting.wide * 0.32,
  );
  const vents = ventX.map(
    (x, i) =>
      [
        [x, fy(topAt(casting, x - (xs[i] ?? 0)))],
        [x, high],
      ] as Point[],
  );
  const clamps = v.count('clamps', 60, 0);
  const holes = xs.flatMap((x) => place(holesOf(casting.cut), x));
  const pieces: Piece[] = [
    piece({
      ...{ id: 'cope', layer: 'mould', name: 'Cope', fill: 'mould', rings: [rectangle(-half, 0, half, high)] },
      ...{ figures: ['copeHeight', 'copeMass'], anchor: [-half + 4, high * 0.9] },
    }),
    piece({
      ...{ id: 'drag', layer: 'mould', name: 'Drag', fill: 'mould', rings: [rectangle(-half, -drag, half, 0)] },
      ...{ figures: ['joint'], anchor: [-half + 4, -drag * 0.8] },
    }),
    piece({
      ...{ id: 'joint', layer: 'mould', name: 'Joint', dashed: true, figures: ['joint'] },
      lines: [
        [
          [-half, 0],
          [half, 0],
        ],
      ],
      anchor: [half - 6, 0],
    }),
    piece({
      ...{ id: 'casting-behind', layer: 'part', name: 'Casting behind the section', fill: 'flow' },
      rings: xs.flatMap((x) => place(casting.front, x)),
    }),
    piece({
      ...{ id: 'casting', layer: 'part', name: 'Casting, cut', fill: 'metal', figures: ['volume', 'section'] },
      rings: xs.flatMap((x) => place(casting.cut, x)),
      anchor: [xs.at(-1) ?? 0, fy(casting.high * 0.35)],
    }),
    piece({
      ...{ id: 'sprue', layer: 'gating', name: 'Sprue', fill: 'flow', figures: ['sprueFoot', 'sprueTop', 'head'] },
      rings: [
        [
          [sprueX - foot / 2, gateY],
          [sprueX + foot / 2, gateY],
          [sprueX + top / 2, high],
          [sprueX - top / 2, high],
        ],
      ],
      anchor: [sprueX, high * 0.75],
    }),
    piece({
      ...{ id: 'runner', layer: 'gating', name: 'Runner', fill: 'flow', figures: ['runnersArea'], rings: [runnerRing] },
      anchor: [((runnerRing[0]?.[0] ?? 0) + (runnerRing[1]?.[0] ?? 0)) / 2, gateY + runner / 2],
    }),
    piece({
      ...{ id: 'gates', layer: 'gating', name: 'Gate', fill: 'flow', rings: gates },
      figures: ['gateEach', 'gateSpeed', 'above'],
      anchor: [((gates[0]?.[0]?.[0] ?? 0) + (gates[0]?.[1]?.[0] ?? 0)) / 2, gateY - gateThick / 2],
      drag: {
        ...{ given: 'above', step: [0, -1], value: v.at('above'), low: 0, high: casting.high },
        at: [((gates[0]?.[0]?.[0] ?? 0) + (gates[0]?.[1]?.[0] ?? 0)) / 2, gateY - gateThick / 2],
      },
    }),
  ];
  if (holes.length > 0 && v.has('coreLift'))
    pieces.push(
      piece({
        ...{ id: 'cores', layer: 'cores', name: 'Core', fill: 'core', rings: holes },
        ...{ figures: ['coreLift', 'coreStress', 'chapletsNeeded'], anchor: holes[0]?.[0] ?? [0, 0] },
      }),
    );
  if (D > 0 && v.has('feederVolume')) {
    const at = feeders[0]?.[4] ?? [0, 0];
    pieces.push(
      piece({
        ...{ id: 'feeders', layer: 'feeding', name: 'Feeder', fill: 'flow', rings: feeders },
        figures: ['feederDiameter', 'feederHeight', 'feederNeck'],
        anchor: [at[0] - D / 4, at[1] - H / 3],
        drag: feederDrag(v, casting, [at[0] - D / 2, at[1] - H / 2]),
      }),
    );
  }
  pieces.push(
    piece({
      ...{ id: 'vents', layer: 'vents', name: 'Vent', lines: vents, figures: ['ventsCut', 'vents'], thick_mm: 2 },
      anchor: vents[0]?.[1] ?? null,
    }),
    heavyPiece(casting, xs, -joint),
  );
  if (clamps > 0)
    pieces.push(
      piece({
        ...{ id: 'clamps', layer: 'holding', name: `Clamps, ${clamps} round the flask`, fill: 'quiet' },
        figures: ['clamps', 'clampsNeeded', 'clampNeed', 'lift'],
        rings: [-1, 1].map((sign) => clampRing(sign * half, sign)),
        anchor: [half + CLAMP / 2, 0],
      }),
    );
  const sizes: Distance[] = [
    distance('flaskLength', 'x', [-half, -drag], [half, -drag], 'Flask', 'flaskLength'),
    distance(
      'casting',
      'x',
      [(xs[0] ?? 0) - casting.wide / 2, -joint],
      [(xs[0] ?? 0) + casting.wide / 2, -joint],
      'Casting',
      'volume',
    ),
    distance('cope', 'y', [-half, 0], [-half, high], 'Cope', 'copeHeight'),
    distance(
      'height',
      'y',
      [(xs[0] ?? 0) - casting.wide / 2, -joint],
      [(xs[0] ?? 0) - casting.wide / 2, casting.high - joint],
      'Casting, height',
      'height',
    ),
    distance('sprue', 'y', [sprueX, gateY], [sprueX, high], 'Sprue', 'sprue'),
  ];
  const first = xs[0] ?? 0;
  const own = (rings: readonly Ring[]): Ring[] =>
    rings.filter((ring) => ring.some(([x]) => Math.abs(x - first) <= casting.wide / 2));
  return {
    ...{ id: 'section', title: 'Mould in section', pieces, distances: sizes },
    metal: [place(casting.cut, first), ...own(D > 0 && v.has('feederVolume') ? feeders : []).map((ring) => [ring])],
  };
}

const clampRing = (x: number, sign: number): Point[] => [
  [x, -CLAMP],
  [x + sign * CLAMP, -CLAMP],
  [x + sign * CLAMP, CLAMP],
  [x, CLAMP],
  [x, CLAMP * 0.6],
  [x + sign * CLAMP * 0.6, CLAMP * 0.6],
  [x + sign * CLAMP * 0.6, -CLAMP * 0.6],
  [x, -CLAMP * 0.6],
];

/** A distance between two points as it is drawn. */
export const distance = (
  id: string,
  along: 'x' | 'y',
  from: Point,
  to: Point,
  name: string,
  figure: string,
): Distance => ({
  ...{ id: `size.${id}`, along, from, to, name, figure },
  value_mm: Math.abs(along === 'x' ? to[0] - from[0] : to[1] - from[1]),
});

/** Where feeders stand on a casting, across from its middle, mm. */
export function feederSpots(v: Values, casting: DrawnCasting, count: number): number[] {
  // Laid down, the longer side runs into the drawing: feeders stand over the joint.
  if (v.at('lie') === 1 || v.at('lie') === 2) return [0];
  const limit = casting.wide / 2;
  const first = Math.max(-limit, Math.min(limit, v.at('feederAt')));
  if (count === 1) return [first];
  const others = casting.heavy.filter((h) => Math.abs(h.x - first) > v.at('feederDiameter')).map((h) => h.x);
  const spread = Array.from({ length: count }, (_, i) => ((i + 0.5) / count - 0.5) * casting.wide);
  return [
    first,
    ...(others.length >= count - 1 ? others : spread.filter((x) => Math.abs(x - first) > limit / count)),
  ].slice(0, count);
}

/** Along which a feeder is drawn: across the casting where it stands upright. */
export const feederDrag = (v: Values, casting: DrawnCasting, at: Point): DragLine | null =>
  v.at('lie') === 1 || v.at('lie') === 2
    ? null
    : {
        ...{ given: 'feederAt', step: [1, 0], value: v.at('feederAt'), low: -casting.wide / 2, high: casting.wide / 2 },
        at,
      };

/** Heavy places as circles of their spheres. */
export const heavyPiece = (casting: DrawnCasting, xs: readonly number[], dy: number): Piece =>
  piece({
    ...{ id: 'heavy', layer: 'freezing', name: 'Heavy places', dashed: true, figures: ['freezeAt1', 'modulusHeavy'] },
    circles: casting.heavy
      .slice(0, 3)
      .flatMap((h) => xs.map((x) => ({ at: [x + h.x, h.y + dy] as Point, radius: h.diameter / 2 }))),
    anchor: casting.heavy[0] === undefined ? null : [(xs[0] ?? 0) + casting.heavy[0].x, casting.heavy[0].y + dy],
  });

/** The same mould from above: castings numbered, runner, gates, feeders, clamps. */
export function flaskPlan(v: Values, casting: DrawnCasting, gap: number): Drawing {
  const { n, columns, rows, px, py, at } = gridOf(v, casting, gap);
  const top = across(v.at('sprueTop', 140));
  const sprueX = columns % 2 === 0 ? 0 : -(columns * px) / 2 - top / 2;
  const half: Point = [
    Math.max(v.at('flaskLength', columns * px + 80) / 2, Math.abs(sprueX) + top),
    Math.max(v.at('flaskWidth', rows * py + 80) / 2, (rows * py) / 2 + 10),
  ];
  const runner = Math.sqrt(Math.max(9, v.at('runnersArea', 100) / 2));
  const gateWide = GATE_FLAT * Math.sqrt(v.at('gateEach', 40) / GATE_FLAT);
  const D = v.at('feederDiameter');
  const spots = v.has('feederVolume') ? feederSpots(v, casting, Math.max(1, v.count('feeders', 4))) : [];
  const clamps = v.count('clamps', 60, 0);
  const lanes = Array.from({ length: rows }, (_, r) => ((rows - 1) / 2 - r) * py);
  const ends = [-(columns * px) / 2 + px / 2, (columns * px) / 2 - px / 2];
  const yOf = (y: number): number => y - casting.deep / 2 - Math.max(gap / 4, runner / 2 + 4);
  const pieces: Piece[] = [
    piece({
      ...{ id: 'flask', layer: 'mould', name: 'Flask', fill: 'mould', figures: ['flaskLength', 'flaskWidth'] },
      ...{ rings: [rectangle(-half[0], -half[1], half[0], half[1])], anchor: [-half[0] + 4, half[1] * 0.92] },
    }),
    piece({
      ...{ id: 'runner', layer: 'gating', name: 'Runner', fill: 'flow', figures: ['runnersArea'] },
      rings: [
        ...lanes.map((y) =>
          rectangle(
            Math.min(sprueX, ends[0] ?? 0),
            yOf(y) - runner / 2,
            Math.max(sprueX, ends[1] ?? 0),
            yOf(y) + runner / 2,
          ),
        ),
        ...(lanes.length > 1
          ? [rectangle(sprueX - runner / 2, yOf(lanes.at(-1) ?? 0), sprueX + runner / 2, yOf(lanes[0] ?? 0))]
          : []),
      ],
      anchor: [ends[1] ?? 0, yOf(lanes[0] ?? 0)],
    }),
    piece({
      ...{ id: 'gates', layer: 'gating', name: 'Gate', fill: 'flow', figures: ['gateEach', 'gateSpeed'] },
      rings: Array.from({ length: n }, (_, i) => {
        const [x, y] = at(i);
        return rectangle(x - gateWide / 2, yOf(y), x + gateWide / 2, y - casting.deep / 2 + casting.deep * 0.04);
      }),
      anchor: [at(0)[0], yOf(at(0)[1]) + gap / 8],
    }),
    piece({
      ...{ id: 'sprue', layer: 'gating', name: 'Sprue', fill: 'quiet', figures: ['sprueTop', 'sprueFoot'] },
      ...{ circles: [{ at: [sprueX, yOf(lanes[Math.floor(lanes.length / 2)] ?? 0)] as Point, radius: top / 2 }] },
      anchor: [sprueX, yOf(lanes[Math.floor(lanes.length / 2)] ?? 0)],
    }),
    ...Array.from({ length: n }, (_, i) =>
      piece({
        ...{ id: `place.${i + 1}`, layer: 'part', name: `Casting ${i + 1}`, fill: 'metal', figures: ['volume'] },
        rings: moved(casting.above, at(i)),
        numeral: { text: String(i + 1), at: at(i), room_mm: Math.min(casting.wide, casting.deep) * 0.5 },
        anchor: i === 0 ? [at(0)[0] + casting.wide / 3, at(0)[1] + casting.deep / 6] : null,
      }),
    ),
  ];
  if (D > 0 && spots.length > 0)
    pieces.push(
      piece({
        ...{
          id: 'feeders',
          layer: 'feeding',
          name: 'Feeder',
          fill: 'none',
          figures: ['feederDiameter', 'feederVolume'],
        },
        circles: Array.from({ length: n }, (_, i) => at(i)).flatMap(([x, y]) =>
          spots.map((s) => ({ at: [x + s, y] as Point, radius: D / 2 })),
        ),
        anchor: [at(n - 1)[0] + (spots[0] ?? 0), at(n - 1)[1] + D / 2],
      }),
    );
  if (clamps > 0)
    pieces.push(
      piece({
        ...{ id: 'clamps', layer: 'holding', name: `Clamps, ${clamps}`, fill: 'quiet' },
        figures: ['clamps', 'clampsNeeded', 'clampNeed'],
        rings: aroundFlask(clamps, half).map(([x, y]) =>
          rectangle(x - CLAMP / 2, y - CLAMP / 2, x + CLAMP / 2, y + CLAMP / 2),
        ),
        anchor: aroundFlask(clamps, half)[0] ?? null,
      }),
    );
  return {
    ...{ id: 'plan', title: 'Mould from above, cope taken off', pieces },
    distances: [
      distance('flaskLength', 'x', [-half[0], -half[1]], [half[0], -half[1]], 'Flask', 'flaskLength'),
      distance('flaskWidth', 'y', [-half[0], -half[1]], [-half[0], half[1]], 'Flask', 'flaskWidth'),
    ],
  };
}

/** Clamps spread round a flask, as many on one long side as on the other. */
function aroundFlask(count: number, [hx, hy]: Point): Point[] {
  const each = Math.ceil(count / 2);
  return Array.from({ length: count }, (_, i) => {
    const k = i % each;
    const x = each === 1 ? 0 : -hx * 0.85 + (1.7 * hx * k) / (each - 1);
    return [x, i < each ? hy + CLAMP / 2 : -hy - CLAMP / 2] as const;
  });
}
