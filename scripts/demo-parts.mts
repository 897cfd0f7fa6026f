import { mkdirSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { encode } from 'fast-png';
import occtimportjs from 'occt-import-js';
import { checkMesh, measureBody, measureDraw, readyBody } from '../src/core/part-file/geometry';
import { measuredGeometry } from '../src/core/part-file/measured';
import { placedHeavy, widestAlong } from '../src/core/part-file/outline';
import { readMeshFile } from '../src/core/part-file/readers';
import { readStep } from '../src/workers/step';
import { stillOf } from '../src/core/part-file/still';
import { QUILLMERE_SOLIDS } from './parts/quillmere.mjs';
import { shapes } from './parts/shapes.mjs';
import { asStep, asStl, asThreeMf, type Facets } from './parts/write.mjs';

/**
 * Makes the demo parts' files and stills, and what measuring each file gives: npm run demo-parts. Most are STL, one is
 * STEP and one 3MF. Measured is what was written, read again as any file would be.
 */
const WRITERS: Readonly<Record<string, readonly [string, (f: Facets) => Uint8Array]>> = {
  'hinge-lug': ['step', (f) => asStep('Tripod hinge lug', f)],
  knob: ['3mf', asThreeMf],
};
const OUT = resolve(import.meta.dirname, '../src/server/demo/parts');

async function main(): Promise<void> {
  const s = await shapes();
  mkdirSync(OUT, { recursive: true });
  const kernel = await occtimportjs();
  const measured: Record<string, object> = {};
  for (const [id, build] of Object.entries(QUILLMERE_SOLIDS)) {
    const solid = build(s).simplify(0.002);
    const mesh = solid.getMesh();
    const corners = Array.from({ length: mesh.vertProperties.length / mesh.numProp }, (_, i) => {
      const p = mesh.vertProperties;
      return [p[i * mesh.numProp] ?? 0, p[i * mesh.numProp + 1] ?? 0, p[i * mesh.numProp + 2] ?? 0] as const;
    });
    const triangles = Array.from({ length: mesh.triVerts.length / 3 }, (_, i) => {
      const t = mesh.triVerts;
      return [t[3 * i] ?? 0, t[3 * i + 1] ?? 0, t[3 * i + 2] ?? 0] as const;
    });
    const [ending, write] = WRITERS[id] ?? ['stl', asStl];
    const bytes = write({ corners, triangles });
    writeFileSync(resolve(OUT, `${id}.${ending}`), bytes);
    const file = `${id}.${ending}`;
    const raw = ending === 'step' ? readStep(kernel, file, bytes) : readMeshFile(file, bytes);
    const unit = raw.unit ?? 'mm';
    const body = readyBody(checkMesh(raw, unit));
    const draw = [0, 0, 1] as const;
    const measures = measureBody(body);
    measured[id] = {
      name: file,
      unit,
      draw,
      measured: measuredGeometry(body.checked, measures, measureDraw(body, draw)),
      widest_mm: widestAlong(body.checked.mesh, draw),
      heavy: placedHeavy(body.checked.mesh, draw, measures.heavy),
      resolution_mm: Number(body.fine.resolution_mm.toPrecision(3)),
    };
    const soup = Float32Array.from(triangles.flatMap((t) => t.flatMap((c) => [...(corners[c] ?? [])])));
    const still = stillOf(soup, 320, 240);
    writeFileSync(resolve(OUT, `${id}.png`), encode({ ...still, channels: 4, depth: 8 }));
    console.log(
      `${id}.${ending}  ${triangles.length} facets  ${bytes.length} bytes  ${(solid.volume() / 1000).toFixed(1)} cm³`,
    );
  }
  writeFileSync(resolve(OUT, 'measured.json'), `${JSON.stringify(measured, null, 2)}\n`);
}

void main();
