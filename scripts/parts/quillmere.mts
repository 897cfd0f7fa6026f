import type { Manifold } from 'manifold-3d';
import type { Shapes } from './shapes.mjs';

const TURN = Math.PI / 180;

/** Copies of a solid turned about z. */
const around = (part: Manifold, angles: readonly number[]): Manifold[] => angles.map((a) => part.rotate([0, 0, a]));
const mirrored = (part: Manifold): Manifold[] => [part, part.mirror([1, 0, 0])];

/** The demo parts, each along z as its mould is meant to open. Every shape is invented. */
export const QUILLMERE_SOLIDS: Readonly<Record<string, (s: Shapes) => Manifold>> = {
  'pier-foot': (s) => {
    const c = 46;
    const h = 150;
    const outline = s.section([
      [-h + c, -h],
      [h - c, -h],
      [h, -h + c],
      [h, h - c],
      [h - c, h],
      [-h + c, h],
      [-h, h - c],
      [-h, -h + c],
    ]);
    const plate = s.drawn(outline, 11, 2);
    const socket = s.round(192, 90, 186);
    const rib = s
      .section([
        [88, 8],
        [146, 8],
        [146, 14],
        [94, 76],
        [88, 76],
      ])
      .extrude(9.2, 0, 0, [1, 1], true)
      .rotate([90, 0, 0]);
    const pads = [45, 135, 225, 315].map((a) =>
      s.round(44, 24, 42).translate([122 * Math.cos(a * TURN), 122 * Math.sin(a * TURN), 0]),
    );
    // The duct bends in the middle: no straight core clears it.
    const half = (d: number, side: number): Manifold =>
      s
        .round(d, 97)
        .rotate([0, 90, 0])
        .translate([side > 0 ? -1 : -96, 0, 0])
        .rotate([0, 0, side * 14])
        .translate([0, 22, 46]);
    const duct = s.all([half(26, 1), half(26, -1)]);
    const wall = s.all([half(46, 1), half(46, -1)]);
    const inside = s.round(150, 80, 154).translate([0, 0, 70]);
    const hollow = s.round(146, 60, 142).translate([0, 0, -0.01]);
    return s
      .all([plate, socket.subtract(hollow), ...around(rib, [0, 90, 180, 270]), ...pads])
      .add(wall.intersect(s.round(186, 90)))
      .subtract(s.all([inside, duct, s.round(100, 90, 98).translate([0, 0, 40])]));
  },
  'fork-arm': (s) => {
    const outline = (grow: number): Manifold =>
      s
        .section([
          [-258, -73],
          [258, -32],
          [258, 32],
          [-258, 73],
        ])
        .offset(12 + grow, 'Round', 2, 24)
        .extrude(110 + 2 * grow, 0, 0, [1, 1], true);
    const outer = outline(0);
    const chamber = (from: number, to: number): Manifold =>
      outline(-8.4).intersect(s.box(to - from, 400, 400).translate([(from + to) / 2, 0, 0]));
    const first = chamber(-300, 8);
    const second = chamber(18, 300);
    const end = s.round(84, 110).translate([-222, 0, -55]);
    const bore = s.round(62, 130).translate([-222, 0, -65]);
    const windows = [-130, -60].map((x) => s.round(24, 30).translate([x, 0, 40]));
    const more = [80, 160].map((x) => s.round(24, 30).translate([x, 0, 40]));
    const recess = (side: number): Manifold =>
      s
        .box(70, 12, 46)
        .rotate([0, 0, -side * 4.543])
        .translate([-80, side * 73, 0]);
    return outer
      .subtract(s.all([first, second]))
      .add(end)
      .subtract(s.all([bore, ...windows, ...more, recess(1), recess(-1)]));
  },
  'filter-drawer': (s) => {
    const shell = s
      .drawn(s.plate(128, 104, 9), 58, 0)
      .subtract(s.drawn(s.plate(123, 99, 7), 60, -0.4).translate([0, 0, 2.5]));
    const corners = [
      [55, 43],
      [-55, 43],
      [55, -43],
      [-55, -43],
    ] as const;
    const bosses = corners.map(([x, y]) => s.round(9.4, 46, 8).translate([x, y, 1]));
    const pins = corners.map(([x, y]) => s.round(3.4, 20).translate([x, y, 35]));
    const baffles = [-44, -22, 22, 44].map((x) =>
      s
        .drawn(s.plate(2.4, 99, 0.4), 36, 0.3)
        .translate([x, 0, 1])
        .subtract(s.box(10, 56, 30).translate([x, 0, 30])),
    );
    const register = s.round(62, 10, 60).translate([0, 0, 0]);
    const hole = s.round(50.8, 30).translate([0, 0, -5]);
    const slot = s.box(20, 52, 9).translate([62, 0, 24]);
    return s.all([shell, ...bosses, ...baffles, register]).subtract(s.all([hole, slot, ...pins]));
  },
  'hinge-lug': (s) => {
    const eye = s.round(34, 28).translate([17, 17, 0]);
    const root = s.round(24, 28).translate([50, 17, 0]);
    const body = s.all([eye, root, s.box(33, 22, 28).translate([33.5, 17, 14])]);
    const gap = s
      .box(52, 60, 12)
      .translate([14, 17, 14])
      .add(s.round(12, 60).rotate([90, 0, 0]).translate([40, 47, 14]));
    const pin = s.round(8, 60).translate([17, 17, -10]);
    const foot = s.round(7, 60).translate([56, 17, -10]);
    const pocket = (z: number): Manifold =>
      s
        .round(29, 8)
        .subtract(s.round(12.4, 20).translate([0, 0, -5]))
        .translate([17, 17, z]);
    const waist = (z: number): Manifold => s.drawn(s.plate(14, 16, 3), 9, 0).translate([41.5, 17, z]);
    return body.subtract(s.all([gap, pin, foot, pocket(-2.4), pocket(22.4), waist(-3.2), waist(22.2)]));
  },
  'gimbal-ring': (s) => {
    const ring = s.turned([
      [28.5, 0],
      [33, 0],
      [33, 1.6],
      [29.9, 1.9],
      [29.9, 6.8],
      [33, 7.1],
      [33, 8.7],
      [28.5, 8.7],
    ]);
    const bosses = mirrored(s.round(7, 5.2).rotate([0, 90, 0]).translate([28.6, 0, 4.3])).map((b) =>
      b.intersect(s.round(66, 8.7)),
    );
    const strokes = Array.from({ length: 12 }, (_, i) =>
      s
        .box(3, 0.6, 0.6)
        .translate([30.8, 0, 8.7])
        .rotate([0, 0, 30 * i]),
    );
    return s.all([ring, ...bosses, ...strokes]);
  },
  'tripod-hub': (s) => {
    const cup = s.round(94, 62, 90).subtract(
      s
        .round(84, 70, 80)
        .translate([0, 0, -0.01])
        .intersect(s.box(200, 200, 112)),
    );
    const hub = s.round(51, 62, 52);
    const lug = s.all([
      s.drawn(s.plate(42, 8, 3), 42, 1).translate([58, 16, 0]),
      s.drawn(s.plate(42, 8, 3), 42, 1).translate([58, -16, 0]),
      s.box(30, 34, 6).translate([54, 0, 3]),
    ]);
    const web = s.box(26, 5.2, 60).translate([33, 0, 30]);
    const light = s.round(12, 60).translate([34, 0, 40]).rotate([0, 0, 60]);
    const hollow = s.round(88, 120).translate([0, 0, -60]);
    return s
      .all([cup, ...around(lug, [0, 120, 240]).map((l) => l.subtract(hollow)), hub, ...around(web, [0, 120, 240])])
      .subtract(s.all([s.round(40, 90).translate([0, 0, -5]), ...around(light, [0, 120, 240])]));
  },
  'gear-head': (s) => {
    const shell = s
      .drawn(s.plate(165, 112, 22), 88, 1)
      .subtract(s.drawn(s.plate(155, 102, 17), 82, 0.6).translate([0, 0, -0.01]));
    const flange = s.drawn(s.plate(165, 120, 24), 8, 1).subtract(s.plate(155, 102, 17).extrude(20, 0, 0, [1, 1], true));
    const wheel = s
      .round(83, 86, 86)
      .translate([-24, 0, 0])
      .subtract(s.round(72, 200).translate([-24, 0, -50]));
    const wheelBore = s.round(72, 100).translate([-24, 0, 40]);
    const shaft = s
      .round(42, 24)
      .rotate([90, 0, 0])
      .translate([45, 58, 44])
      .intersect(s.box(200, 110, 200));
    const shaftSkirt = s
      .box(42, 24, 88)
      .translate([45, 46, 44])
      .intersect(s.box(200, 110, 200));
    const shaftBore = s.round(30, 50).rotate([90, 0, 0]).translate([45, 75, 44]);
    const bosses = [
      [70, 42],
      [-70, 42],
      [70, -42],
      [-70, -42],
    ].map(([x, y]) => s.round(13, 84, 15).translate([x ?? 0, y ?? 0, 0]));
    const filler = s.round(20, 100).translate([50, 0, 40]);
    const drain = s.round(12, 100).translate([62, -30, 40]);
    const wanted = s.drawn(s.plate(165, 120, 24), 88, 1);
    return s
      .all([shell, flange, wheel, shaft, shaftSkirt, ...bosses])
      .intersect(wanted)
      .subtract(s.all([wheelBore, shaftBore, filler, drain]));
  },
  'controller-shell': (s) => {
    const shell = s
      .drawn(s.plate(148, 76, 18), 24, 1.5)
      .subtract(s.drawn(s.plate(143.8, 71.8, 16), 21.8, 1.5).translate([0, 0, -0.01]));
    const at = [
      [60, 26],
      [-60, 26],
      [60, -26],
      [-60, -26],
    ] as const;
    const bosses = at.map(([x, y]) => s.round(7.4, 23, 8.4).translate([x, y, 0]));
    const pins = at.map(([x, y]) => s.round(3, 16).translate([x, y, -0.01]));
    const keys = [20, -20].map((x) => s.round(12, 30).translate([x, 0, 10]));
    const ribs = [-16, 0, 16].flatMap((y) => [-35.5, 35.5].map((x) => s.box(40, 2, 9).translate([x, y, 19])));
    const clip = s.box(10, 8, 5).translate([73, 0, 9]);
    return s.all([shell, ...bosses, ...ribs]).subtract(s.all([...pins, ...keys, clip]));
  },
  knob: (s) => {
    const body = s.turned([
      [3, 0],
      [5.3, 0],
      [5.5, 12],
      [14, 12],
      [14.4, 0],
      [16.8, 0],
      [16.2, 13.2],
      [14.6, 14.2],
      [3, 14.2],
    ]);
    const flutes = Array.from({ length: 24 }, (_, i) =>
      s
        .round(1.6, 20)
        .translate([17.3, 0, -2])
        .rotate([0, 0, 15 * i]),
    );
    const pointer = s.box(10, 1.8, 3.6).translate([9.5, 0, 14.2]);
    return s
      .all([body, pointer])
      .subtract(s.all(flutes))
      .add(s.round(34, 2.4).subtract(s.round(29.6, 5).translate([0, 0, -1])));
  },
};
