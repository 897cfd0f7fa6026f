import { readFileSync } from 'node:fs';
import DxfParser from 'dxf-parser';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { lifetimeQuantity } from '../../brief';
import { LANES } from '../../catalogue/routes';
import { DRAWING_LAYERS, placed, svgFile, type LabelBox, type PlacedDrawing } from '../../drawing';
import { dxfFile } from '../../drawing/dxf';
import { checkMesh } from '../../part-file/geometry';
import { outlineOf } from '../../part-file/outline';
import { readMeshFile } from '../../part-file/readers';
import { QUILLMERE_PARTS } from '../../../server/demo/quillmere.data';
import { bracket, briefOf } from '../../testing/demo-briefs';
import { prepareStudy, type Study } from '../../study';
import { methodOf, type Method } from '..';
import { methodDrawings } from '.';

const say = (mm: number): string => `${mm.toFixed(1)} mm`;

/** How far two boxes lie in each other, mm; nought or less where they do not. */
const overlap = (a: LabelBox, b: LabelBox): number =>
  Math.min((a.width + b.width) / 2 - Math.abs(a.x - b.x), (a.height + b.height) / 2 - Math.abs(a.y - b.y));
const clashes = (d: PlacedDrawing): string[] =>
  d.boxes.flatMap((a, i) =>
    d.boxes
      .slice(i + 1)
      .flatMap((b, k) =>
        overlap(a, b) > 0.02 * d.text_mm
          ? [`${i} and ${i + 1 + k} of ${d.boxes.length}: ${overlap(a, b).toFixed(2)} mm`]
          : [],
      ),
  );
const inBounds = (d: PlacedDrawing): boolean =>
  d.boxes.every(
    (b) =>
      b.x - b.width / 2 >= d.bounds.x0 - 1e-6 &&
      b.x + b.width / 2 <= d.bounds.x1 + 1e-6 &&
      b.y - b.height / 2 >= d.bounds.y0 - 1e-6 &&
      b.y + b.height / 2 <= d.bounds.y1 + 1e-6,
  );
const drawingsOf = (study: Study, laneId: string, q: number, own: Record<string, number> = {}, name?: string) => {
  const method = methodOf(study, laneId, q, own);
  const outline =
    name === undefined
      ? null
      : outlineOf(
          checkMesh(readMeshFile(name, new Uint8Array(readFileSync(`src/server/demo/parts/${name}`))), 'mm').mesh,
          [0, 0, 1],
        );
  const box = study.brief.geometry.box_mm ?? [1, 1, 1];
  const drawings = methodDrawings(method, { outline, box_mm: box, undercuts: study.facts?.nU ?? 0, gap_mm: 25 });
  return { method, drawings: drawings.map((d) => placed(d, say)) };
};
/** Every piece names figures that the method has, and every distance one of them. */
const unknown = (method: Method, d: PlacedDrawing): string[] => {
  const ids = new Set([...method.figures, ...method.givens].map((x) => x.id));
  return [
    ...d.pieces.flatMap((p) =>
      p.figures.length === 0 || p.figures.some((f) => ids.has(f)) ? [] : [`${p.id}: ${p.figures.join()}`],
    ),
    ...d.distances.flatMap((x) => (ids.has(x.figure) ? [] : [`${x.id}: ${x.figure}`])),
    ...d.pieces.flatMap((p) =>
      p.drag === null || ids.has(p.drag.given) ? [] : [`${p.id} is dragged by ${p.drag.given}`],
    ),
  ];
};

const STUDIES = QUILLMERE_PARTS.map((p) => {
  const brief = briefOf(p);
  return { title: brief.title, study: prepareStudy(brief), q: lifetimeQuantity(brief) ?? 1 };
});

describe('the drawings of a method', () => {
  test('are there for every demo part on every route: named pieces that open, text that does not overlap', () => {
    const met = new Set<string>();
    for (const { title, study, q } of STUDIES)
      for (const { lane, costs } of study.lanes) {
        if (costs.length === 0) continue;
        const { method, drawings } = drawingsOf(study, lane.id, q);
        met.add(lane.id);
        expect(drawings.map((d) => d.id)).toEqual(['section', 'plan']);
        for (const d of drawings) {
          const name = `${title}, ${lane.id}, ${d.id}`;
          expect(clashes(d), name).toEqual([]);
          expect(inBounds(d), name).toBe(true);
          expect(unknown(method, d), name).toEqual([]);
          expect(d.pieces.filter((p) => p.anchor !== null).length, name).toBeGreaterThan(3);
          expect(new Set(d.pieces.map((p) => p.id)).size, name).toBe(d.pieces.length);
        }
      }
    expect(LANES.length - met.size).toBeLessThanOrEqual(3);
  });

  test('of sixty parts of any shape, on routes and in layouts of any kind, never overlap in their text', () => {
    const size = (max: number): fc.Arbitrary<number> => fc.double({ min: 8, max, noNaN: true });
    fc.assert(
      fc.property(
        ...([
          size(500),
          size(400),
          size(200),
          fc.double({ min: 0.15, max: 0.85, noNaN: true }),
          fc.nat({ max: 5 }),
        ] as const),
        ...([fc.nat({ max: 40 }), fc.constantFrom(0, 1, 2, 3), fc.nat({ max: 90 })] as const),
        (L, W, H, fill, undercuts, pick, lie, positions) => {
          const [a, b, c] = [L, W, H].toSorted((x, y) => y - x) as [number, number, number];
          const volume = (a * b * c * fill) / 1000;
          const brief = bracket({
            alloy: ['al-a356', 'zn-za8', 'sn-pewter'][pick % 3],
            geometry: {
              ...{
                volume_cm3: volume,
                area_cm2: (2 * (a * b + b * c + a * c)) / 100,
                box_mm: [a, b, c],
                undercuts,
                passages: pick % 2,
              },
              ...{
                wallMin_mm: Math.min(4, c / 3),
                sectionMax_mm: Math.min(20, c / 2),
                projected_cm2: (a * b * 0.8) / 100,
              },
              ...{ coredHoles: pick % 4, draftAllowed: true },
            },
          });
          const study = prepareStudy(brief);
          const lanes = study.lanes.filter((l) => l.costs.length > 0);
          const lane = lanes[pick % Math.max(1, lanes.length)];
          if (lane === undefined) return;
          const { drawings } = drawingsOf(study, lane.lane.id, 500, { lie, positions: positions + 1 });
          for (const d of drawings) {
            expect(clashes(d), `${lane.lane.id} ${d.id}`).toEqual([]);
            expect(inBounds(d)).toBe(true);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  test('show the true section of a measured part, and move with the values they are drawn from', () => {
    const hub = STUDIES.find((s) => /hub/i.test(s.title))!;
    const at = (own: Record<string, number>) =>
      drawingsOf(hub.study, 'gravity-die/hand', hub.q, own, 'tripod-hub.stl').drawings;
    const [section] = at({});
    const cut = section!.pieces.find((p) => p.id === 'casting')!;
    expect(cut.rings.flat().length).toBeGreaterThan(12);
    const gate = (own: Record<string, number>): number =>
      at(own)[0]!.pieces.find((p) => p.id === 'gates')!.rings[0]![2]![1];
    expect(gate({ above: 10 })).toBeCloseTo(gate({ above: 30 }) + 20, 6);
    // Turned over or laid down it is drawn so.
    const high = (lie: number): number => {
      const ys = at({ lie })[0]!
        .pieces.find((p) => p.id === 'casting-behind')!
        .rings.flat()
        .map(([, y]) => y);
      return Math.max(...ys) - Math.min(...ys);
    };
    const [L, W, H] = [154.62, 134.72, 62];
    expect(high(0)).toBeCloseTo(H, 0);
    expect(high(1) / W).toBeGreaterThan(0.9);
    expect(high(2) / L).toBeGreaterThan(0.9);
  });

  test('mark the places of a tree by reach', () => {
    const ring = STUDIES.find((s) => /gimbal/i.test(s.title))!;
    const marks = (own: Record<string, number>) => {
      const { method, drawings } = drawingsOf(ring.study, 'flask-investment/rubber-mould', ring.q, own);
      const found = drawings[1]!.pieces.filter((p) => p.mark !== null).map((p) => p.mark);
      expect(found).toEqual(method.places.map((p) => p.risk));
      return new Set(found);
    };
    expect(marks({})).toEqual(new Set(['low']));
    expect(marks({ mouldTemp: 100, pour: 975, pitch: 140, film: 3000 })).not.toEqual(new Set(['low']));
  });

  test('are read by another program as DXF: layers named, millimetres, as many outlines as are drawn', () => {
    const foot = STUDIES.find((s) => /pier/i.test(s.title))!;
    for (const d of drawingsOf(foot.study, 'green-sand/bench', foot.q, {}, 'pier-foot.stl').drawings) {
      const read = new DxfParser().parseSync(dxfFile(d, ['1 Flask, 400 mm']))!;
      expect(read.header['$INSUNITS']).toBe(4);
      const layers = Object.keys(read.tables.layer.layers);
      for (const layer of DRAWING_LAYERS) expect(layers).toContain(layer);
      const outlines = read.entities.filter((e) => e.type === 'LWPOLYLINE' && e.layer === 'part');
      expect(outlines).toHaveLength(
        d.pieces.filter((p) => p.layer === 'part').reduce((sum, p) => sum + p.rings.length, 0),
      );
      const words = read.entities.flatMap((e) => ('text' in e ? [String(e.text)] : []));
      for (const x of d.placed) expect(words).toContain(x.text);
      const size = d.placed.find((x) => x.id === 'size.flaskLength')!;
      expect(size.text).toBe(say(size.value_mm));
    }
  });

  test('are written as SVG in millimetres, each layer a group, names made safe', () => {
    const foot = STUDIES.find((s) => /pier/i.test(s.title))!;
    const [d] = drawingsOf(foot.study, 'green-sand/bench', foot.q).drawings;
    const svg = svgFile({ ...d!, title: 'A <b> & "c"' }, []);
    expect(svg).toContain('A &lt;b&gt; &amp; &quot;c&quot;');
    expect(svg).toContain(`width="${Number((d!.bounds.x1 - d!.bounds.x0).toFixed(3))}mm"`);
    for (const layer of ['mould', 'part', 'gating', 'sizes', 'names']) expect(svg).toContain(`<g id="${layer}">`);
    expect(svg).not.toContain('NaN');
  });
});
