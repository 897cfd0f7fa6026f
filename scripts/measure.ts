import { readFileSync } from 'node:fs';
import { basename } from 'node:path';
import { CoreError } from '../src/core/base/errors';
import {
  axisBox,
  checkMesh,
  direction,
  lightOf,
  measureBody,
  measureDraw,
  readyBody,
  type Vec,
} from '../src/core/part-file/geometry';
import { measuredGeometry } from '../src/core/part-file/measured/geometry';
import { remarksOf } from '../src/core/part-file/measured/remarks';
import { fileKind, lengthUnit, likelyUnit, readMeshFile, type RawMesh } from '../src/core/part-file/readers';

/**
 * Measures a part file and prints what was found as JSON: npm run -s measure -- FILE [--unit mm] [--draw 0,0,1] [--spent].
 * With --spent it tells on the other stream what it took: processor time and the most memory it held.
 * A file that is refused prints its refusal as JSON and ends with code 1.
 */
async function measure(path: string, unitWord: string | null, drawWord: string | null): Promise<object> {
  const bytes = new Uint8Array(readFileSync(path));
  const name = basename(path);
  const raw = fileKind(name, bytes) === 'step' ? await step(name, bytes) : readMeshFile(name, bytes);
  const largest = Math.max(...axisBox({ positions: raw.positions, triangles: raw.triangles }));
  const unit = raw.unit ?? (unitWord === null ? likelyUnit(largest) : lengthUnit(unitWord));
  const checked = checkMesh(raw, unit);
  const light = await lightOf(checked.mesh);
  const ready = readyBody(checked, undefined, light);
  const { found: _places, rounds, ...body } = measureBody(ready);
  const d: Vec =
    drawWord === null ? (body.draws[0]?.direction ?? [0, 0, 1]) : direction('draw', drawWord.split(',').map(Number));
  const { undercut, ...draw } = measureDraw(ready, d);
  return {
    file: name,
    unit,
    unitFrom: raw.unit !== null ? 'file' : unitWord !== null ? 'given' : 'guessed',
    warnings: raw.warnings,
    verdict: checked.verdict,
    turned: checked.turned,
    counts: checked.counts,
    lookedAtBy: { facets: light.mesh.triangles.length / 3, off_mm: light.off_mm },
    ...body,
    rounds: rounds.map(({ facets, ...r }) => ({ ...r, facets: facets.length })),
    draw,
    undercut:
      undercut === null
        ? null
        : {
            area_mm2: undercut.area_mm2,
            share: undercut.share,
            slides: undercut.slides,
            cores: undercut.cores,
            closedVoids: undercut.closedVoids,
            specks: undercut.specks,
            cut: undercut.cut,
            regions: undercut.regions.map(({ facets, ...r }) => ({ ...r, facets: facets.length })),
          },
    brief: measuredGeometry(checked, { found: null, rounds, ...body }, { undercut, ...draw }),
    remarks: remarksOf({ rounds, ...body }, { undercut }),
  };
}

/** A STEP file by the CAD kernel, which is loaded only for one. */
async function step(name: string, bytes: Uint8Array): Promise<RawMesh> {
  const [{ default: occt }, { readStep }] = await Promise.all([
    import('occt-import-js'),
    import('../src/workers/step'),
  ]);
  return readStep(await occt(), name, bytes);
}

const args = process.argv.slice(2);
const option = (name: string): string | null => {
  const at = args.indexOf(name);
  return at < 0 ? null : (args[at + 1] ?? null);
};
const path = args[0];
if (path === undefined || path.startsWith('--')) {
  console.error('Give a file: npm run -s measure -- FILE [--unit mm] [--draw 0,0,1]');
  process.exit(2);
}
/** What the process has taken so far, its own start among it. */
function spent(): string {
  const { userCPUTime, systemCPUTime, maxRSS } = process.resourceUsage();
  return `${((userCPUTime + systemCPUTime) / 1e6).toFixed(2)} s of processor time, ${(maxRSS / 1024).toFixed(0)} MB at most`;
}

void measure(path, option('--unit'), option('--draw'))
  .then(
    (found) => console.log(JSON.stringify(found, null, 2)),
    (error: unknown) => {
      console.log(
        JSON.stringify(error instanceof CoreError ? { refused: error.issue } : { failed: String(error) }, null, 2),
      );
      process.exitCode = 1;
    },
  )
  .finally(() => args.includes('--spent') && console.error(spent()));
