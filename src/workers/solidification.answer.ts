import { CoreError } from '@/core/base/errors';
import { bandsOf, guessOf, marginOf, sectionGrid, solidification } from '@/core/solidification';
import type { FreezingAnswer, FreezingRequest } from './solidification.protocol';

/** Work after which the worker looks whether it is asked something newer, and tells how far it is, ms. */
const SLICE_MS = 40;

/** Freezes a section; never throws. */
export async function answerFreezing(
  { id, bodies, cells, bands, metal, mould }: FreezingRequest,
  report: (answer: FreezingAnswer) => void,
  breathe: () => Promise<boolean>,
): Promise<void> {
  try {
    const start = performance.now();
    const guess_s = guessOf(bodies, metal, mould);
    const grid = sectionGrid(bodies, marginOf(mould, guess_s), cells);
    const steps = solidification(grid, metal, mould, guess_s);
    let last = start;
    let step = steps.next();
    for (; !step.done; step = steps.next()) {
      if (performance.now() - last < SLICE_MS) continue;
      report({ id, kind: 'progress', share: step.value });
      if (!(await breathe())) return;
      last = performance.now();
    }
    const found = step.value;
    const { columns, rows, cell_mm, x_mm, y_mm } = grid;
    const [c, r] = [found.lastCell % columns, Math.floor(found.lastCell / columns)];
    report({
      ...{ id, kind: 'found', ms: performance.now() - start },
      found: {
        ...{ bands: bandsOf(grid, found, bands), last_s: found.last_s, complete: found.complete, steps: found.steps },
        lastAt: [x_mm + (c + 0.5) * cell_mm, y_mm + (r + 0.5) * cell_mm],
        ...{ cells: columns * rows, cell_mm, heatOff: found.heatOff },
      },
    });
  } catch (error) {
    const issue = error instanceof CoreError ? error.issue : null;
    report({ id, kind: 'refused', issue, message: error instanceof Error ? error.message : String(error) });
  }
}
