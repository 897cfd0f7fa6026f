import {
  bar,
  moved,
  piece,
  rectangle,
  round,
  type Drawing,
  type Piece,
  type PlaceMark,
  type Point,
} from '../../drawing';
import { distance, heavyPiece } from './flask';
import type { DrawnCasting } from './casting';
import type { Values } from './values';

const CUP = 1.8;
const GATE_SHARE = 0.5;
const marks: Readonly<Record<PlaceMark, string>> = { low: 'fills', raised: 'just fills', misrun: 'lies too far' };

/** A tree laid out flat: its runner upright, its rows one above the other, each place numbered and marked by reach. */
export function treeFlat(v: Values, casting: DrawnCasting, kind: 'shell' | 'block'): Drawing {
  const { places } = v.method;
  const perRow = Math.max(1, Math.round(v.at('perRow', 1)));
  const pitch = Math.max(1, v.at('pitch', casting.deep + 10));
  const D = v.at('runnerDiameter', 20);
  const rows = Math.ceil(Math.max(1, places.length) / perRow);
  const side = Math.max(casting.wide, casting.deep);
  const step = side + Math.max(6, pitch - Math.min(casting.wide, casting.deep));
  // The cup is at the top, and metal comes down: row 1 is the nearest to it.
  const y = (row: number): number => -(row + 0.5) * pitch;
  const x = (column: number): number => D / 2 + GATE_SHARE * side + side / 2 + column * step;
  const low = -rows * pitch - D / 2;
  const wide = x(perRow - 1) + side / 2;
  const thick = Math.max(1.5, casting.high * 0.15);
  const shell = v.at('shellThickness', 7);
  const cover = 20;
  const pieces: Piece[] = [
    piece({
      ...{ id: 'mould', layer: 'mould', fill: 'mould' },
      ...(kind === 'shell'
        ? { name: 'Shell', figures: ['shellThickness', 'shellStress'] }
        : { name: 'Block in its flask', figures: ['mouldTemp'] }),
      rings:
        kind === 'shell'
          ? [rectangle(-D / 2 - shell, low - shell, wide + shell, CUP * D + shell)]
          : [rectangle(-D / 2 - cover, low - cover, wide + cover, CUP * D)],
      anchor: [wide, low + 1],
    }),
    piece({
      ...{
        id: 'runner',
        layer: 'gating',
        name: 'Runner of the tree',
        fill: 'flow',
        figures: ['runnerDiameter', 'runnerLength', 'runInRunner'],
      },
      rings: [rectangle(-D / 2, low, D / 2, 0)],
      anchor: [-D / 4, low * 0.6],
    }),
    piece({
      ...{ id: 'cup', layer: 'gating', name: 'Cup', fill: 'flow', figures: ['poured'] },
      rings: [
        [
          [-D / 2, 0],
          [D / 2, 0],
          [CUP * D * 0.6, CUP * D],
          [-CUP * D * 0.6, CUP * D],
        ],
      ],
      anchor: [-D / 4, CUP * D * 0.7],
    }),
    piece({
      ...{ id: 'gates', layer: 'gating', name: 'Gate', fill: 'flow', figures: ['treeModulus', 'farPath'] },
      // Each place has a gate of its own from the runner; laid out flat, they follow one another.
      rings: Array.from({ length: rows }, (_, r) =>
        Array.from({ length: Math.min(perRow, places.length - r * perRow) }, (_x, c) =>
          bar([c === 0 ? D / 2 : x(c - 1) + side / 2, y(r)], [x(c) - side / 2 + 1, y(r)], thick),
        ),
      ).flat(),
      anchor: [D / 2 + (GATE_SHARE * side) / 2, y(0)],
    }),
    ...places.map((p, i): Piece => {
      const at: Point = [x(i % perRow), y(Math.floor(i / perRow))];
      return piece({
        ...{ id: `place.${p.at}`, layer: 'part', name: `Place ${p.at} ${marks[p.risk]}`, fill: 'metal', mark: p.risk },
        figures: ['reachFar', 'goodPlaces'],
        rings: moved(casting.above, at),
        numeral: { text: String(p.at), at, room_mm: Math.min(casting.wide, casting.deep, pitch) * 0.6 },
        anchor: i === 0 ? [at[0] + side / 3, at[1]] : null,
        drag:
          i === perRow * (rows - 1)
            ? {
                given: 'pitch',
                step: [0, -rows + 0.5],
                value: pitch,
                low: Math.min(casting.wide, casting.deep) * 0.5,
                high: 6 * side,
                at,
              }
            : null,
      });
    }),
  ];
  return {
    ...{ id: 'plan', title: kind === 'shell' ? 'Tree, laid out flat' : 'Tree in its block, laid out flat', pieces },
    distances: [
      distance('pitch', 'y', [0, y(0)], [0, y(1)], 'From row to row', 'pitch'),
      distance('length', 'y', [-D / 2, low], [-D / 2, 0], 'Runner', 'runnerLength'),
      distance('runner', 'x', [-D / 2, low], [D / 2, low], 'Runner, across', 'runnerDiameter'),
    ],
  };
}

/** One place in section: the runner cut, the gate, the casting, and the shell or block round them. */
export function placeSection(v: Values, casting: DrawnCasting, kind: 'shell' | 'block'): Drawing {
  const D = v.at('runnerDiameter', 20);
  const shell = kind === 'shell' ? v.at('shellThickness', 7) : 20;
  const gate = Math.max(2, casting.high * 0.3);
  const mid = casting.high / 2;
  const x0 = D / 2 + Math.max(8, casting.wide * 0.12);
  const centre = x0 + casting.wide / 2;
  const cast = moved(casting.cut, [centre, 0]);
  const behind = moved(casting.front, [centre, 0]);
  const gateRing = rectangle(D / 2 - 1, mid - gate / 2, x0 + casting.wide * 0.05, mid + gate / 2);
  const pieces: Piece[] = [
    piece({
      ...{
        id: 'mould',
        layer: 'mould',
        fill: 'mould',
        figures: kind === 'shell' ? ['shellThickness', 'shellStress'] : ['mouldTemp'],
      },
      name: kind === 'shell' ? 'Shell' : 'Block',
      ...(kind === 'shell'
        ? {
            rings: [...behind, round([0, mid], D / 2), rectangle(0, mid - gate / 2, centre, mid + gate / 2)],
            thick_mm: 2 * shell,
          }
        : { rings: [rectangle(-D / 2 - shell, -shell, centre + casting.wide / 2 + shell, casting.high + shell)] }),
      anchor: [centre + casting.wide / 2 + shell * 0.6, mid],
    }),
    piece({
      ...{
        id: 'runner',
        layer: 'gating',
        name: 'Runner, cut across',
        fill: 'flow',
        figures: ['runnerDiameter', 'treeModulus'],
      },
      ...{ circles: [{ at: [0, mid] as Point, radius: D / 2 }], anchor: [-D / 5, mid + D / 5] },
    }),
    piece({
      ...{ id: 'gates', layer: 'gating', name: 'Gate', fill: 'flow', figures: ['feederModulus', 'inCavity'] },
      rings: [gateRing],
      anchor: [(D / 2 + x0) / 2, mid],
    }),
    piece({
      ...{ id: 'casting-behind', layer: 'part', name: 'Casting behind the section', fill: 'flow', rings: behind },
    }),
    piece({
      ...{
        id: 'casting',
        layer: 'part',
        name: 'Casting, cut',
        fill: 'metal',
        rings: cast,
        figures: ['volume', 'wall'],
      },
      anchor: [centre + casting.wide * 0.2, casting.high * 0.6],
    }),
    heavyPiece(casting, [centre], 0),
  ];
  return {
    ...{ id: 'section', title: 'One place in section', pieces },
    metal: [cast, [gateRing], [round([0, mid], D / 2)]],
    distances: [
      distance('casting', 'x', [x0, 0], [x0 + casting.wide, 0], 'Casting', 'volume'),
      distance('height', 'y', [centre, 0], [centre, casting.high], 'Casting, height', 'height'),
      distance(
        'shell',
        'x',
        [centre + casting.wide / 2, 0],
        [centre + casting.wide / 2 + shell, 0],
        kind === 'shell' ? 'Shell' : 'Block',
        kind === 'shell' ? 'shellThickness' : 'mouldTemp',
      ),
    ],
  };
}
