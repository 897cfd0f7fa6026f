import { isClosed, type CheckedMesh } from './check';
import { fillHoles } from './fill-holes';
import type { RepairedMesh } from './repair-types';
import { partBodies } from './part-bodies';

/**
 * The one way a broken surface can be made whole without guessing at its shape; null where there is none.
 * Small flat holes are filled, bodies that touch along an edge are parted. Source: the formula book, part 1, verdicts.
 *
 * @example
 * repairedMesh(checked) // null
 */
export function repairedMesh(checked: CheckedMesh): RepairedMesh | null {
  const found =
    checked.verdict === 'open' ? fillHoles(checked) : checked.verdict === 'non-manifold' ? partBodies(checked) : null;
  return found !== null && isClosed(found.checked) ? found : null;
}
