import { kindOf } from './kind';
import type { MethodSubject } from './subject';
import type { GivenFrom } from './types';

/** How a casting lies in its mould, by the number that is kept. */
export const LIES = [
  [0, 'draw upright'],
  [3, 'draw upright, turned over'],
  [1, 'draw level, long side level'],
  [2, 'draw level, long side upright'],
] as const;
const UPRIGHT = [0, 3];
/** Dies that part upright, so that the metal runs in along the joint. */
const LEVEL_LANES = ['gravity-die/hand', 'permanent-mould/tilt', 'pressure-die/hot', 'pressure-die/cold'];

/** Where the draw of a casting points. */
export const isUpright = (lie: number): boolean => UPRIGHT.includes(lie);

/** The part as it lies: its size, how high it stands, where it parts. */
export function putPart(subject: MethodSubject): void {
  const { facts, lane, sheet } = subject;
  const part = (id: string, meaning: string, unit: string, value: number): number =>
    sheet.give(id, 'layout', meaning, unit, value, 'brief');
  part('volume', 'volume of a casting', 'cm³', facts.V);
  part('area', 'surface of a casting', 'cm²', facts.a * 100);
  const usual = LEVEL_LANES.includes(lane.id) ? 1 : 0;
  const lie = sheet.choose('lie', 'layout', 'how the casting lies', LIES, usual, 'route');
  const [up, words] =
    lie === 1 ? [facts.W, 'shorter side'] : lie === 2 ? [facts.L, 'longer side'] : [facts.H, 'height along the draw'];
  part('height', `height as it lies: ${words}`, 'mm', up);
  part('wall', 'thinnest wall', 'mm', facts.w ?? facts.t ?? 4);
  part('section', 'thickest section', 'mm', facts.t ?? facts.w ?? 8);
  part('shadow', 'silhouette along the draw', 'cm²', facts.Ap ?? (facts.L * facts.W) / 100);
  const widest = facts.brief.model?.widest_mm ?? null;
  const joint = (x: number, from: GivenFrom): number =>
    sheet.give(
      'joint',
      'layout',
      'joint above the foot of the casting',
      'mm',
      x,
      from,
      from === 'layout' ? 'assumed' : null,
    );
  if (!isUpright(lie)) joint(up / 2, 'layout');
  else if (widest === null) joint(facts.H / 2, 'layout');
  else joint(lie === 3 ? facts.H - widest : widest, 'measured');
  if (kindOf(subject) !== 'sand' && kindOf(subject) !== 'plaster') return;
  // A body of its box’s fill shows about that share, to the power two thirds, of each side.
  const fill = Math.min(1, (facts.V * 1000) / (facts.L * facts.W * facts.H)) ** (2 / 3);
  const face = lie === 1 ? facts.L * facts.H : facts.W * facts.H;
  const above = 'silhouette from above, as it lies';
  if (isUpright(lie)) sheet.give('shadowUp', 'layout', above, 'cm²', sheet.at('shadow'), 'brief');
  else sheet.give('shadowUp', 'layout', above, 'cm²', (face * fill) / 100, 'layout', 'assumed');
}
