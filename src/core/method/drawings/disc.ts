import { bar, moved, piece, rectangle, type Drawing, type Piece, type Point } from '../../drawing';
import { distance } from './flask';
import type { DrawnCasting } from './casting';
import type { Values } from './values';

/** A spinning disc from above: cavities round the well, numbered and marked by reach. */
export function discPlan(v: Values, casting: DrawnCasting): Drawing {
  const { places } = v.method;
  const R = Math.max(v.at('discRadius', 190), 10);
  const well = Math.min(R / 3, v.at('sprueRadius', 15));
  const side =
    (casting.measured ? 1.1 * Math.max(casting.wide, casting.deep) : Math.hypot(casting.wide, casting.deep)) + 3;
  const ring = Math.min(R - side / 2, v.at('cavityRadius', 120));
  // As many rings as the places want, the outer one first.
  const rings: { r: number; n: number }[] = [];
  let left = Math.max(1, places.length);
  for (let r = ring; left > 0 && r > well; r -= side) {
    const n = Math.max(1, Math.min(left, Math.floor((2 * Math.PI * r) / side)));
    rings.push({ r, n });
    left -= n;
  }
  if (rings[0] === undefined) rings.push({ r: Math.max(ring, well + 2), n: left });
  else if (left > 0) rings[0].n += left;
  const spots = rings.flatMap(({ r, n }) =>
    Array.from({ length: n }, (_, i): Point => {
      const a = Math.PI / 2 - (2 * Math.PI * i) / n;
      return [r * Math.cos(a), r * Math.sin(a)];
    }),
  );
  const gateWide = v.at('runnerWall', 5) / 2;
  const crowd = Math.min(side, ...rings.map(({ r, n }) => (n === 1 ? side : 2 * r * Math.sin(Math.PI / n))));
  const pieces: Piece[] = [
    piece({
      ...{
        id: 'disc',
        layer: 'mould',
        name: 'Rubber disc',
        fill: 'mould',
        figures: ['discRadius', 'discDepth', 'cure'],
      },
      ...{ circles: [{ at: [0, 0] as Point, radius: R }], anchor: [-R * 0.68, R * 0.68] },
    }),
    piece({
      ...{ id: 'well', layer: 'gating', name: 'Sprue well', fill: 'flow', figures: ['sprueRadius'] },
      ...{ circles: [{ at: [0, 0] as Point, radius: well }], anchor: [-well * 0.5, well * 0.3] },
    }),
    piece({
      ...{ id: 'gates', layer: 'gating', name: 'Gate', fill: 'flow', figures: ['farPath', 'runInRunner'] },
      rings: spots.map(([x, y]) => {
        const r = Math.hypot(x, y) || 1;
        const inner = Math.max(well + 1, r - Math.min(casting.wide, casting.deep) / 2 + 1);
        return bar([(x / r) * well, (y / r) * well], [(x / r) * inner, (y / r) * inner], gateWide);
      }),
      anchor: [0, (well + ring) / 2],
    }),
    piece({
      ...{ id: 'vents', layer: 'vents', name: 'Vent to the rim', figures: ['discPressure'], dashed: true },
      lines: spots.slice(0, rings[0]?.n ?? 0).map(([x, y]) => {
        const r = Math.hypot(x, y) || 1;
        return [
          [(x / r) * (r + side / 2 - 2), (y / r) * (r + side / 2 - 2)],
          [(x / r) * R, (y / r) * R],
        ] as Point[];
      }),
      anchor: [0, R - 2],
    }),
    ...places.map((p, i): Piece => {
      const at = spots[i] ?? [0, 0];
      return piece({
        ...{
          id: `place.${p.at}`,
          layer: 'part',
          name: `Place ${p.at}`,
          fill: 'metal',
          mark: p.risk,
          figures: ['reachFar', 'goodPlaces'],
        },
        rings: moved(casting.above, at),
        numeral: { text: String(p.at), at, room_mm: Math.min(crowd, casting.wide, casting.deep) * 0.6 },
        anchor: i === 0 ? [at[0] + casting.wide / 4, at[1] + casting.deep / 4] : null,
        drag:
          i === 0
            ? { given: 'cavityRadius', step: [0, 1], value: ring, low: well + side / 2, high: R - side / 2, at }
            : null,
      });
    }),
  ];
  return {
    ...{ id: 'plan', title: 'Disc from above, upper half taken off', pieces },
    distances: [
      distance('disc', 'x', [-R, -R], [R, -R], 'Disc', 'discRadius'),
      distance('cavity', 'y', [0, 0], [0, ring], 'Radius of the cavities', 'cavityRadius'),
    ],
  };
}

/** The disc in section through two places. */
export function discSection(v: Values, casting: DrawnCasting): Drawing {
  const R = Math.max(v.at('discRadius', 190), 10);
  const T = Math.max(v.at('discDepth', 40), casting.high + 10);
  const well = Math.min(R / 3, v.at('sprueRadius', 15));
  const side =
    (casting.measured ? 1.1 * Math.max(casting.wide, casting.deep) : Math.hypot(casting.wide, casting.deep)) + 3;
  const ring = Math.min(R - side / 2, v.at('cavityRadius', 120));
  const joint = Math.min(casting.high, v.at('joint', casting.high / 2));
  const gate = v.at('runnerWall', 5) / 2;
  const cuts = [-1, 1].flatMap((sign) => moved(casting.cut, [sign * ring, -joint]));
  const pieces: Piece[] = [
    piece({
      ...{ id: 'upper', layer: 'mould', name: 'Upper half', fill: 'mould', figures: ['discDepth', 'discClamp'] },
      ...{ rings: [rectangle(-R, 0, R, T / 2)], anchor: [-R * 0.9, T / 3] },
    }),
    piece({
      ...{ id: 'lower', layer: 'mould', name: 'Lower half', fill: 'mould', figures: ['discDepth'] },
      ...{ rings: [rectangle(-R, -T / 2, R, 0)], anchor: [-R * 0.9, -T / 3] },
    }),
    piece({
      ...{
        id: 'well',
        layer: 'gating',
        name: 'Sprue and well',
        fill: 'flow',
        figures: ['sprueRadius', 'discPressure'],
      },
      rings: [rectangle(-well, -T / 5, well, T / 2)],
      anchor: [well * 0.3, T * 0.4],
    }),
    piece({
      ...{ id: 'gates', layer: 'gating', name: 'Gate', fill: 'flow', figures: ['runInRunner'] },
      rings: [
        rectangle(well, -gate / 2, ring - casting.wide / 2 + 1, gate / 2),
        rectangle(-ring + casting.wide / 2 - 1, -gate / 2, -well, gate / 2),
      ],
      anchor: [(well + ring - casting.wide / 2) / 2, 0],
    }),
    piece({
      ...{
        id: 'casting',
        layer: 'part',
        name: 'Casting, cut',
        fill: 'metal',
        rings: cuts,
        figures: ['volume', 'wall'],
      },
      anchor: [ring, casting.high / 2 - joint],
    }),
    piece({
      ...{ id: 'spin', layer: 'holding', name: 'Axis of the spin', dashed: true, figures: ['rpm', 'rim', 'discForce'] },
      lines: [
        [
          [0, -T * 0.75],
          [0, T * 0.75],
        ],
      ],
      anchor: [0, -T * 0.7],
    }),
  ];
  return {
    ...{ id: 'section', title: 'Disc in section', pieces },
    metal: [moved(casting.cut, [ring, -joint])],
    distances: [
      distance('disc', 'x', [-R, -T / 2], [R, -T / 2], 'Disc', 'discRadius'),
      distance('thick', 'y', [-R, -T / 2], [-R, T / 2], 'Disc, both halves', 'discDepth'),
    ],
  };
}
