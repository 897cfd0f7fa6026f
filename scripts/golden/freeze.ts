import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { CORE_VERSION } from '../../src/core/base/version';
import { goldenFigures, type GoldenFigures } from './collect';
import { moved } from './moved';

/**
 * Freezes the figures of all demo studies under the core's version: npm run golden. Refuses where figures moved and the
 * version did not.
 */
const FILE = join(import.meta.dirname, 'golden.json');

interface Golden {
  readonly version: string;
  readonly figures: GoldenFigures;
}

function before(): Golden | null {
  try {
    return JSON.parse(readFileSync(FILE, 'utf8')) as Golden;
  } catch {
    return null;
  }
}

const last = before();
const figures = goldenFigures();
const changes = last === null ? [] : moved(last.figures, figures);
if (last?.version === CORE_VERSION && changes.length > 0) {
  console.error(
    `${changes.length} figures moved under version ${CORE_VERSION}: raise CORE_VERSION in src/core/base/version.ts and say why in docs/model/versions.md.`,
  );
  for (const line of changes.slice(0, 40)) console.error(`  ${line}`);
  process.exit(1);
}
writeFileSync(FILE, `${JSON.stringify({ version: CORE_VERSION, figures } satisfies Golden, null, 2)}\n`);
console.log(
  `Frozen under ${CORE_VERSION}: ${Object.keys(figures.lanes).length} lanes; ${changes.length} figures moved.`,
);
for (const line of changes.slice(0, 40)) console.log(`  ${line}`);
