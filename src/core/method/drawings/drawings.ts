import type { Drawing } from '../../drawing';
import type { PartOutline } from '../../part-file/outline';
import { MOULD_OF_ROUTE } from '../data/moulds.data';
import type { Method } from '../types';
import { castingOf } from './casting';
import { dieFace, gravitySection, pressureSection } from './die';
import { discPlan, discSection } from './disc';
import { flaskPlan, flaskSection } from './flask';
import { placeSection, treeFlat } from './tree';
import { Values } from './values';

/** What of a part a drawing needs beside its method. */
export interface DrawnPart {
  /** Section and silhouettes; null for a part that was not measured: it is drawn as the block of its box. */
  readonly outline: PartOutline | null;
  /** Length, width and height along the draw, mm. */
  readonly box_mm: readonly [number, number, number];
  readonly undercuts: number;
  /** Sand or steel between two castings, mm. */
  readonly gap_mm: number;
}

/**
 * The drawings of a method, to scale: the mould in section and from above, or the tree, disc or die of its route.
 *
 * @param method as it was worked out; part what is drawn
 * @returns drawings with pieces and distances in mm, each naming the figures it is drawn from
 * @example
 * methodDrawings(method, drawnPart).map((d) => d.id) // ['section', 'plan']
 */
export function methodDrawings(method: Method, { outline, box_mm, undercuts, gap_mm }: DrawnPart): Drawing[] {
  const v = new Values(method);
  const casting = castingOf(method, outline, box_mm);
  switch (MOULD_OF_ROUTE[method.laneId.split('/')[0] ?? '']) {
    case 'shell':
      return [placeSection(v, casting, 'shell'), treeFlat(v, casting, 'shell')];
    case 'block':
      return [placeSection(v, casting, 'block'), treeFlat(v, casting, 'block')];
    case 'rubber':
      return [discSection(v, casting), discPlan(v, casting)];
    case 'die':
      return [gravitySection(v, casting, undercuts), dieFace(v, casting, gap_mm)];
    case 'pressureDie':
      return [pressureSection(v, casting, undercuts), dieFace(v, casting, gap_mm)];
    default:
      return [flaskSection(v, casting, gap_mm), flaskPlan(v, casting, gap_mm)];
  }
}
