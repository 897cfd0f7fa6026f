import { moved, piece, rectangle, within, type Drawing, type Piece, type Point } from '../../drawing';
import { sideAt, topAt, topOf, type DrawnCasting } from './casting';
import { distance, feederDrag, feederSpots, heavyPiece } from './flask';
import type { Values } from './values';

const across = (area: number): number => Math.sqrt((4 * Math.max(0, area)) / Math.PI);
/** Steel round a cavity at least, mm. Basis: rule. */
const WALL = 35;
const EJECTOR = 6;
const WATER = 10;
const GATE_FLAT = 4;
/** Gate over a riser tube, across, mm. Basis: assumed. */
const TUBE = 24;

const ORDER = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth'] as const;

/** What frees the undercuts of a part, as many as there are. */
interface Loose {
  readonly count: number;
  readonly word: string;
}

function looseOf(v: Values, laneId: string, undercuts: number): Loose {
  return {
    count: Math.min(6, undercuts),
    word: laneId === 'gravity-die/hand' || laneId === 'gravity-die/open' ? 'Loose piece' : 'Slide',
  };
}

/** A gravity die, poured from above, in section: halves, joint, casting, sprue, gate, feeder, vents, ejectors, pieces, water. */
export function gravitySection(v: Values, casting: DrawnCasting, undercuts: number): Drawing {
  const { laneId } = v.method;
  const lowPressure = laneId === 'permanent-mould/low-pressure';
  const open = laneId === 'gravity-die/open';
  const joint = Math.min(casting.high, Math.max(0, v.at('joint', casting.high / 2)));
  const upright = v.at('lie') === 0 || v.at('lie') === 3;
  const head = lowPressure || open ? WALL : Math.max(v.at('sprue', 100) - v.at('above'), 60);
  const half = casting.wide / 2 + WALL;
  const top = open ? casting.high : casting.high + Math.max(head, lowPressure ? 0 : 1.2 * v.at('feederHeight'));
  const foot = across(v.at('sprueFoot', 100));
  const cup = across(v.at('sprueTop', 140));
  const D = v.has('feederVolume') ? v.at('feederDiameter') : 0;
  const spots = D > 0 ? feederSpots(v, casting, Math.max(1, v.count('feeders', 4))) : [];
  const tall = v.at('feederHeight');
  const reach = Math.max(casting.wide / 2, ...spots.map((x) => D / 2 - x));
  const feeders = spots.map((s) => {
    const y = topAt(casting, s);
    const neck = v.at('feederNeck', D / 2) / 2;
    return [
      [s - neck, y],
      [s + neck, y],
      [s + D / 2, y + D * 0.2],
      [s + D / 2, y + D * 0.2 + tall],
      [s - D / 2, y + D * 0.2 + tall],
      [s - D / 2, y + D * 0.2],
    ] as Point[];
  });
  const sprueX = -(reach + Math.max(foot, cup) / 2 + 8);
  const right = Math.max(half, ...spots.map((x) => x + D / 2 + 14));
  const left = Math.min(-half, sprueX - cup / 2 - 14);
  const gateY = Math.max(2, casting.high - v.at('above', casting.high / 2));
  const gateThick = Math.max(2, Math.sqrt(v.at('gateEach', 40) / GATE_FLAT));
  const inner = sideAt(casting, gateY, -1);
  const jointY = upright ? joint : 0;
  const pieces: Piece[] = [
    piece({
      ...{ id: 'half.a', layer: 'mould', fill: 'mould', name: upright ? 'Lower half, fixed' : 'Fixed half' },
      figures: ['dieMass', 'mouldTemp'],
      rings: [upright ? rectangle(left, -WALL, right, jointY) : rectangle(left, -WALL, 0, top)],
      anchor: [left + 5, upright ? -WALL / 2 : top * 0.5],
    }),
    ...(open
      ? []
      : [
          piece({
            ...{ id: 'half.b', layer: 'mould', fill: 'mould', name: upright ? 'Upper half, moves' : 'Moving half' },
            figures: ['dieMass', 'mouldTemp'],
            rings: [upright ? rectangle(left, jointY, right, top) : rectangle(0, -WALL, right, top)],
            anchor: [right - 5, upright ? top * 0.8 : top * 0.5],
          }),
        ]),
    piece({
      ...{ id: 'joint', layer: 'mould', name: 'Joint', dashed: true, figures: ['joint'] },
      lines: [
        upright
          ? [
              [left, jointY],
              [right, jointY],
            ]
          : [
              [0, -WALL],
              [0, top],
            ],
      ],
      anchor: upright ? [right - 3, jointY] : [0, -WALL + 3],
    }),
    piece({
      id: 'casting-behind',
      layer: 'part',
      name: 'Casting behind the section',
      fill: 'flow',
      rings: casting.front,
    }),
    piece({
      ...{ id: 'casting', layer: 'part', name: 'Casting, cut', fill: 'metal', rings: casting.cut },
      ...{ figures: ['volume', 'dwell', 'section'], anchor: [casting.wide * 0.2, casting.high * 0.55] },
    }),
    heavyPiece(casting, [0], 0),
  ];
  if (lowPressure) {
    const tube = Math.max(foot, across(v.at('gateEach', 200)));
    pieces.push(
      piece({
        ...{ id: 'sprue', layer: 'gating', name: 'Riser tube', fill: 'flow', figures: ['fillPressure', 'bathLift'] },
        rings: [rectangle(-tube / 2, -WALL - Math.min(120, v.at('bathLift', 120)), tube / 2, 0)],
        anchor: [-tube / 4, -WALL - 20],
      }),
    );
  } else if (open)
    pieces.push(
      piece({
        ...{
          id: 'sprue',
          layer: 'gating',
          name: 'Poured from the ladle',
          dashed: true,
          figures: ['fillTime', 'poured'],
        },
        lines: [
          [
            [-casting.wide * 0.3, casting.high + 30],
            [-casting.wide * 0.3, casting.high],
          ],
        ],
        anchor: [-casting.wide * 0.3, casting.high + 26],
      }),
    );
  else
    pieces.push(
      piece({
        ...{ id: 'sprue', layer: 'gating', name: 'Sprue', fill: 'flow', figures: ['sprueFoot', 'sprueTop', 'head'] },
        rings: [
          [
            [sprueX - foot / 2, gateY - gateThick],
            [sprueX + foot / 2, gateY - gateThick],
            [sprueX + cup / 2, top],
            [sprueX - cup / 2, top],
          ],
        ],
        anchor: [sprueX, top * 0.8],
      }),
      piece({
        ...{ id: 'gates', layer: 'gating', name: 'Gate', fill: 'flow', figures: ['gateEach', 'gateSpeed', 'above'] },
        rings: [rectangle(sprueX, gateY - gateThick, inner, gateY)],
        anchor: [(sprueX + inner) / 2, gateY - gateThick / 2],
        drag: {
          ...{ given: 'above', step: [0, -1], value: v.at('above'), low: 0, high: casting.high },
          at: [(sprueX + inner) / 2, gateY - gateThick / 2],
        },
      }),
    );
  if (D > 0 && !open)
    pieces.push(
      piece({
        ...{
          id: 'feeders',
          layer: 'feeding',
          name: 'Feeder',
          fill: 'flow',
          figures: ['feederDiameter', 'feederHeight', 'feederNeck'],
        },
        rings: feeders,
        anchor: [(spots[0] ?? 0) + D / 4, topAt(casting, spots[0] ?? 0) + D * 0.2 + tall * 0.8],
        drag: feederDrag(v, casting, [spots[0] ?? 0, (topAt(casting, spots[0] ?? 0) + top) / 2]),
      }),
    );
  pieces.push(
    ...ventsOf(v, casting, top, open, spots, D),
    ...moving(v, casting, right, undercuts, laneId),
    ...waterOf(v, casting, half),
  );
  return {
    metal: [casting.cut, ...(open ? [] : feeders).map((ring) => [ring])],
    ...{ id: 'section', title: open ? 'Open die in section' : 'Die in section, as it is poured', pieces },
    distances: [
      distance('die', 'x', [left, -WALL], [right, -WALL], 'Die', 'dieMass'),
      distance('casting', 'x', [-casting.wide / 2, 0], [casting.wide / 2, 0], 'Casting', 'volume'),
      distance('height', 'y', [-casting.wide / 2, 0], [-casting.wide / 2, casting.high], 'Casting, height', 'height'),
      distance('dieHeight', 'y', [left, -WALL], [left, top], 'Die, height', 'dieMass'),
    ],
  };
}

function ventsOf(
  v: Values,
  casting: DrawnCasting,
  top: number,
  open: boolean,
  spots: readonly number[],
  D: number,
): Piece[] {
  if (open || !v.has('vents')) return [];
  const clear = (x: number): boolean => spots.every((s) => Math.abs(x - s) > D / 2 + 2);
  const tried = [0.46, -0.46, 0.34, -0.34, 0.2, -0.2].map((s) => s * casting.wide);
  const xs = [...tried.filter(clear), ...tried].slice(0, 2);
  return [
    piece({
      ...{ id: 'vents', layer: 'vents', name: 'Vent', figures: ['ventsCut', 'vents'], thick_mm: 1 },
      lines: xs.map((x) => [
        [x, topAt(casting, x)],
        [x, top],
      ]),
      anchor: [xs[1] ?? 0, top * 0.97],
    }),
  ];
}

/** Ejectors, and what must slide or be taken out before the casting leaves, numbered in the order in which it is drawn. */
function moving(v: Values, casting: DrawnCasting, half: number, undercuts: number, laneId: string): Piece[] {
  const out: Piece[] = [];
  if (laneId !== 'gravity-die/open') {
    const ys = [0.2, 0.5, 0.8].map((s) => s * casting.high);
    out.push(
      piece({
        ...{ id: 'ejectors', layer: 'holding', name: 'Ejectors', fill: 'quiet', figures: ['eject', 'dwell'] },
        rings: ys.map((y) => rectangle(sideAt(casting, y, 1), y - EJECTOR / 2, half + 18, y + EJECTOR / 2)),
        anchor: [half + 12, ys[2] ?? 0],
      }),
    );
  }
  const loose = looseOf(v, laneId, undercuts);
  for (let i = 0; i < loose.count; i++) {
    const travel = Math.max(8, Math.min(30, Math.min(casting.wide, casting.high) * 0.15));
    const share = (i + 0.5) / loose.count;
    const upright = v.at('lie') === 0 || v.at('lie') === 3;
    // Square to the draw: from the side where the draw is upright, from below where it is level.
    const thick = Math.min(
      Math.max(6, casting.high / (loose.count * 3)),
      (0.7 * (upright ? casting.high : casting.wide)) / loose.count,
    );
    const y = casting.high * share;
    const x = casting.wide * (share - 0.5);
    const side = sideAt(casting, y, -1);
    const box: readonly [number, number, number, number] = upright
      ? [side - travel, y - thick / 2, side, y + thick / 2]
      : [x - thick / 2, -travel, x + thick / 2, 0];
    out.push(
      piece({
        ...{ id: `loose.${i + 1}`, layer: 'cores', fill: 'core', figures: ['dieMetal'] },
        name: `${loose.word} ${i + 1}: drawn ${ORDER[i] ?? 'last'}, travels ${travel.toFixed(0)} mm`,
        rings: [rectangle(...box)],
        numeral: {
          text: String(i + 1),
          at: [(box[0] + box[2]) / 2, (box[1] + box[3]) / 2],
          room_mm: Math.min(thick, travel),
        },
        anchor: upright ? [box[0], y] : [x, -travel],
      }),
    );
  }
  return out;
}

function waterOf(v: Values, casting: DrawnCasting, half: number): Piece[] {
  if (!v.has('waterFlow') || v.at('waterFlow') <= 1e-6) return [];
  const x = (casting.wide / 2 + half) / 2;
  const at = [0.25, 0.75].flatMap((s): Point[] => [
    [x, s * casting.high],
    [-x, s * casting.high],
  ]);
  return [
    piece({
      ...{
        id: 'water',
        layer: 'cooling',
        name: 'Water',
        fill: 'none',
        figures: ['waterFlow', 'dieSurplus', 'dryCycle'],
      },
      ...{ circles: at.map((p) => ({ at: p, radius: WATER / 2 })), anchor: at[0] ?? null },
    }),
  ];
}

/** The face of a die, seen along the draw: cavities, runner, gates, feeders or overflows, vents, ejectors. */
export function dieFace(v: Values, casting: DrawnCasting, gap: number): Drawing {
  const n = Math.max(1, Math.min(64, Math.round(v.at('positions', 1))));
  const pressed = v.method.laneId.startsWith('pressure-die');
  const tube = v.method.laneId === 'permanent-mould/low-pressure';
  const cold = v.method.laneId === 'pressure-die/cold';
  const [w, h] = casting.faceSize;
  const columns = Math.min(n, pressed ? Math.ceil(n / Math.ceil(n / 4)) : n);
  const rows = Math.ceil(n / columns);
  const [px, py] = [w + Math.max(gap, 12), h + Math.max(gap, 12) + (pressed ? 18 : 0)];
  const at = (i: number): Point => [((i % columns) - (columns - 1) / 2) * px, Math.floor(i / columns) * py + h / 2];
  const runner = pressed
    ? Math.max(6, 1.6 * Math.sqrt(v.at('gatesArea', 60)))
    : Math.sqrt(Math.max(9, v.at('runnersArea', 100) / 2));
  const biscuit = cold ? v.at('plunger', 60) / 2 : Math.max(10, across(v.at('gatesArea', 60)) * 1.4);
  const bottom = pressed ? -(2.4 * biscuit + 40) : -WALL;
  const half = Math.max(
    (columns * px) / 2 + WALL + (pressed || tube ? 0 : across(v.at('sprueTop', 140)) + 10),
    biscuit + WALL,
  );
  const top =
    rows * py + (pressed || tube ? WALL : Math.max(40, 1.3 * v.at('feederHeight'), v.at('sprue', 100) - v.at('above')));
  const gateWide = pressed
    ? Math.min(w * 0.6, Math.max(8, v.at('gatesArea', 60) / n / 1.2))
    : GATE_FLAT * Math.sqrt(v.at('gateEach', 40) / GATE_FLAT);
  const runY = pressed ? -16 : -14;
  const castings = Array.from({ length: n }, (_, i) => at(i));
  const pieces: Piece[] = [
    piece({
      ...{
        id: 'die',
        layer: 'mould',
        name: 'Die, moving half',
        fill: 'mould',
        figures: ['dieMass', 'machine', 'lock'],
      },
      ...{ rings: [rectangle(-half, bottom, half, top)], anchor: [-half + 4, top * 0.95] },
    }),
    ...castings.map((p, i) =>
      piece({
        ...{
          id: `place.${i + 1}`,
          layer: 'part',
          name: `Cavity ${i + 1}`,
          fill: 'metal',
          figures: ['volume', 'shadow'],
        },
        rings: moved(casting.face, p),
        numeral: { text: String(i + 1), at: p, room_mm: Math.min(w, h) * 0.5 },
        anchor: i === 0 ? [p[0] - w / 4, p[1] + h / 6] : null,
      }),
    ),
  ];
  if (tube)
    pieces.push(
      piece({
        ...{ id: 'gates', layer: 'gating', name: 'Gate over the riser tube', fill: 'flow', figures: ['fillPressure'] },
        circles: castings.map(([x, y]) => ({ at: [x, y - h / 2 - TUBE / 2] as Point, radius: TUBE / 2 })),
        anchor: [castings[0]?.[0] ?? 0, (castings[0]?.[1] ?? 0) - h / 2 - TUBE / 2],
      }),
    );
  else
    pieces.push(
      piece({
        ...{
          id: 'runner',
          layer: 'gating',
          name: 'Runner',
          fill: 'flow',
          figures: pressed ? ['runnersVolume'] : ['runnersArea'],
        },
        rings: [
          rectangle(
            -((columns - 1) * px) / 2 - runner / 2,
            runY - runner / 2,
            ((columns - 1) * px) / 2 + runner / 2,
            runY + runner / 2,
          ),
          ...(pressed ? [rectangle(-runner / 2, runY - biscuit - 14, runner / 2, runY)] : []),
          ...(rows > 1
            ? castings
                .slice(0, columns)
                .map(([x]) => rectangle(x - px / 2 - runner / 4, runY, x - px / 2 + runner / 4, (rows - 1) * py))
            : []),
        ],
        anchor: [((columns - 1) * px) / 4, runY],
      }),
      piece({
        ...{
          id: 'gates',
          layer: 'gating',
          name: 'Gate',
          fill: 'flow',
          figures: ['gateSpeed', pressed ? 'gatesArea' : 'gateEach'],
        },
        rings: castings.map(([x, y], i) =>
          i < columns
            ? rectangle(x - gateWide / 2, runY, x + gateWide / 2, y - h / 2 + h * 0.03)
            : rectangle(x - px / 2, y - gateWide / 2, x - w / 2 + w * 0.03, y + gateWide / 2),
        ),
        anchor: [castings[0]?.[0] ?? 0, runY / 2],
      }),
    );
  if (!pressed && !tube) {
    const cup = across(v.at('sprueTop', 140));
    const x = -half + cup / 2 + 8;
    pieces.push(
      piece({
        ...{ id: 'sprue', layer: 'gating', name: 'Sprue', fill: 'flow', figures: ['sprueTop', 'sprueFoot', 'head'] },
        rings: [
          rectangle(x - cup / 2, runY - runner / 2, x + cup / 2, top),
          rectangle(x, runY - runner / 2, -((columns - 1) * px) / 2, runY + runner / 2),
        ],
        anchor: [x, top * 0.8],
      }),
    );
    const D = v.has('feederVolume') ? v.at('feederDiameter') : 0;
    const onFace = Math.max(-w / 2, Math.min(w / 2, v.at('feederAt')));
    const faceTop = topOf(casting.face, onFace) ?? h / 2;
    if (D > 0)
      pieces.push(
        piece({
          ...{
            id: 'feeders',
            layer: 'feeding',
            name: 'Feeder',
            fill: 'flow',
            figures: ['feederDiameter', 'feederHeight', 'feedReach'],
          },
          rings: castings.map(([cx, cy]) => feederOnFace(v, cx + onFace, cy + faceTop, D)),
          anchor: [(castings[0]?.[0] ?? 0) + onFace, (castings[0]?.[1] ?? 0) + faceTop + D / 2],
          drag: {
            ...{ given: 'feederAt', step: [1, 0], value: v.at('feederAt'), low: -w / 2, high: w / 2 },
            at: [(castings[0]?.[0] ?? 0) + onFace, (castings[0]?.[1] ?? 0) + faceTop + D / 2],
          },
        }),
      );
  }
  if (pressed) {
    pieces.push(
      piece({
        ...{
          id: 'biscuit',
          layer: 'gating',
          fill: 'flow',
          figures: cold ? ['shot', 'sleeveFill', 'plunger'] : ['poured'],
        },
        name: cold ? 'Biscuit' : 'Sprue',
        circles: [{ at: [0, runY - biscuit - 14] as Point, radius: biscuit }],
        anchor: [-biscuit * 0.5, runY - biscuit - 14],
      }),
      piece({
        ...{ id: 'overflows', layer: 'feeding', name: 'Overflow', fill: 'flow', figures: ['overflow'] },
        rings: castings.flatMap(([x, y]) =>
          [-0.25, 0.25].map((s) => rectangle(x + s * w - 5, y + h / 2 + 1, x + s * w + 5, y + h / 2 + 9)),
        ),
        anchor: [(castings[0]?.[0] ?? 0) + 0.25 * w, (castings[0]?.[1] ?? 0) + h / 2 + 6],
      }),
      piece({
        ...{ id: 'vents', layer: 'vents', name: 'Vent', figures: ['ventsCut', 'vents'], thick_mm: 1 },
        lines: castings.slice(-columns).flatMap(([x, y]) =>
          [-0.25, 0.25].map(
            (s) =>
              [
                [x + s * w, y + h / 2 + 9],
                [x + s * w, top],
              ] as Point[],
          ),
        ),
        anchor: [(castings.at(-1)?.[0] ?? 0) + 0.25 * w, top - 3],
      }),
    );
  }
  const spots = pinsOn(casting);
  const pins = castings.flatMap(([x, y]) => spots.map(([a, b]): Point => [x + a, y + b]));
  pieces.push(
    piece({
      ...{
        id: 'ejectors',
        layer: 'holding',
        name: `Ejectors, ${pins.length}`,
        fill: 'quiet',
        figures: ['eject', v.has('dieFill') ? 'dieFill' : 'dwell'],
      },
      ...{ circles: pins.map((p) => ({ at: p, radius: EJECTOR / 2 })), anchor: pins.at(-1) ?? null },
    }),
  );
  if (v.has('waterFlow') && v.at('waterFlow') > 1e-6)
    pieces.push(
      piece({
        ...{
          id: 'water',
          layer: 'cooling',
          name: 'Water line behind the face',
          dashed: true,
          figures: ['waterFlow', 'dieSurplus'],
        },
        lines: Array.from(
          { length: rows + 1 },
          (_, r) =>
            [
              [-half, r * py - 6],
              [half, r * py - 6],
            ] as Point[],
        ),
        anchor: [half - 3, rows * py - 6],
      }),
    );
  return {
    ...{ id: 'plan', title: 'Face of the moving half', pieces },
    distances: [
      distance('die', 'x', [-half, bottom], [half, bottom], 'Die', 'dieMass'),
      distance('face', 'y', [-half, bottom], [-half, top], 'Die', 'dieMass'),
      distance(
        'cavity',
        'x',
        [(castings[0]?.[0] ?? 0) - w / 2, 0],
        [(castings[0]?.[0] ?? 0) + w / 2, 0],
        'Casting',
        'volume',
      ),
    ],
  };
}

/** A feeder on the upper edge of a casting, seen along the draw. */
const feederOnFace = (v: Values, x: number, y: number, D: number): Point[] => {
  const neck = v.at('feederNeck', D / 2) / 2;
  const tall = v.at('feederHeight', D);
  return [
    [x - neck, y - 1],
    [x + neck, y - 1],
    [x + D / 2, y + D * 0.2],
    [x + D / 2, y + D * 0.2 + tall],
    [x - D / 2, y + D * 0.2 + tall],
    [x - D / 2, y + D * 0.2],
  ];
};

/** Where ejectors press on a casting: on its metal, one near each corner. */
function pinsOn({ face, faceSize: [w, h] }: DrawnCasting): Point[] {
  const steps = [-0.42, -0.3, -0.18, -0.06, 0.06, 0.18, 0.3, 0.42];
  const on = steps
    .flatMap((a) => steps.map((b): Point => [a * w, b * h]))
    .filter(([x, y]) => [-1, 1].every((s) => within(face, [x + s * EJECTOR, y]) && within(face, [x, y + s * EJECTOR])));
  const corners = [-1, 1].flatMap((a) => [-1, 1].map((b): Point => [(a * w) / 2, (b * h) / 2]));
  const far = (p: Point, q: Point): number => Math.hypot(p[0] - q[0], p[1] - q[1]);
  const picked = corners.flatMap((c) => on.toSorted((p, q) => far(p, c) - far(q, c)).slice(0, 1));
  return picked.filter((p, i) => picked.findIndex((q) => far(p, q) < EJECTOR) === i);
}

/** A pressure die in section along its draw: halves, casting, biscuit or sprue, ejectors, slides, water. */
export function pressureSection(v: Values, casting: DrawnCasting, undercuts: number): Drawing {
  const cold = v.method.laneId === 'pressure-die/cold';
  const half = casting.wide / 2 + WALL + 10;
  const top = casting.high + WALL;
  const plunger = cold ? v.at('plunger', 60) : 30;
  const bottom = -(plunger * 1.5 + 50);
  const biscuit = cold ? v.at('biscuit', 25) : 12;
  const gate = Math.max(1, v.at('wall', 2) * 0.5);
  const pieces: Piece[] = [
    piece({
      ...{ id: 'half.a', layer: 'mould', name: 'Fixed half', fill: 'mould', figures: ['mouldTemp', 'dieMass'] },
      ...{ rings: [rectangle(-half, bottom, 0, top)], anchor: [-half + 5, top * 0.9] },
    }),
    piece({
      ...{ id: 'half.b', layer: 'mould', name: 'Moving half', fill: 'mould', figures: ['mouldTemp', 'dieMass'] },
      ...{ rings: [rectangle(0, bottom, half, top)], anchor: [half - 5, top * 0.9] },
    }),
    piece({
      ...{
        id: 'joint',
        layer: 'mould',
        name: 'Joint, locked',
        dashed: true,
        figures: ['lock', 'machine', 'openingArea'],
      },
      lines: [
        [
          [0, bottom],
          [0, top],
        ],
      ],
      anchor: [0, top - 3],
    }),
    piece({
      id: 'casting-behind',
      layer: 'part',
      name: 'Casting behind the section',
      fill: 'flow',
      rings: casting.front,
    }),
    piece({
      ...{ id: 'casting', layer: 'part', name: 'Casting, cut', fill: 'metal', rings: casting.cut },
      ...{ figures: ['volume', 'wall', 'dwell'], anchor: [casting.wide * 0.2, casting.high * 0.6] },
    }),
    piece({
      ...{
        id: 'biscuit',
        layer: 'gating',
        fill: 'flow',
        figures: cold ? ['biscuitVolume', 'shot', 'sleeveFill'] : ['poured'],
      },
      name: cold ? 'Sleeve and biscuit' : 'Nozzle',
      rings: [rectangle(cold ? -half : -half, -40 - plunger, biscuit * 0.4, -40)],
      anchor: [-half * 0.8, -40 - plunger / 2],
    }),
    piece({
      ...{
        id: 'runner',
        layer: 'gating',
        name: 'Runner and gate',
        fill: 'flow',
        figures: ['gateSpeed', 'gatesArea', 'dieFill'],
      },
      rings: [
        [
          [0, -40],
          [8, -40],
          [gate, 1],
          [0, 1],
        ],
      ],
      anchor: [3, -24],
    }),
    heavyPiece(casting, [0], 0),
    ...moving(v, casting, half, undercuts, v.method.laneId),
    ...waterOf(v, casting, half),
  ];
  return {
    ...{ id: 'section', title: 'Die in section', pieces },
    metal: [casting.cut],
    distances: [
      distance('die', 'x', [-half, bottom], [half, bottom], 'Die, shut', 'dieMass'),
      distance('height', 'y', [-casting.wide / 2, 0], [-casting.wide / 2, casting.high], 'Casting', 'height'),
      distance('face', 'y', [-half, bottom], [-half, top], 'Die, height', 'dieMass'),
    ],
  };
}
