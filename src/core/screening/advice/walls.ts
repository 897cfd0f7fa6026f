import type { PartFacts } from '../../part';
import { kinOf, type Lane } from '../../catalogue/routes';
import type { Finding } from '..';
import { ADVICE_LIMITS as LIMIT, RUN_ADDS, RUN_OVER_WALL } from './limits.data';
import { detail, over, asFinding, type Point } from './point';

/** Thinnest usual wall over a run of metal, mm: the route's own, and more for every stretch beyond the first. */
function wallOverRun({ family }: PartFacts, { capability, route }: Lane, run_mm: number): number | null {
  const usual = capability.wallMin[family]?.[1];
  if (usual === undefined || run_mm <= RUN_ADDS.first_mm) return null;
  const each = kinOf(route.id) === 'sand' ? RUN_ADDS.sand_mm : RUN_ADDS.other_mm;
  return usual + each * Math.ceil((run_mm - RUN_ADDS.first_mm) / RUN_ADDS.each_mm);
}

/** Walls, ribs, fillets and the way the metal runs. */
export function walls(facts: PartFacts, lane: Lane): Finding[] {
  const { w } = facts;
  const d = facts.brief.detail;
  const route = lane.route.id;
  const overRun = d.flowLength_mm === null ? null : wallOverRun(facts, lane, d.flowLength_mm);
  const rib = kinOf(route) === 'metal' ? LIMIT.ribOverWallMetal : LIMIT.ribOverWallSand;
  const wall = 'geometry.wallMin_mm';
  const [filletLow, filletHigh] = LIMIT.filletOverWall;
  const fillet = over(d.filletMin_mm, w);
  const lump = fillet !== null && fillet > filletHigh;
  const points: Point[] = [
    {
      rule: 'dr-wall-run',
      value: over(d.flowLength_mm, w),
      limit: RUN_OVER_WALL[route] ?? 0,
      side: 'at-most',
      unit: 'ratio',
      fields: [...detail('flowLength_mm'), wall],
      kept: 'The metal reaches the end of the thin wall.',
      broken: 'The metal has further to run in the thin wall than it usually gets.',
    },
    ...(overRun === null
      ? []
      : [
          {
            rule: 'dr-wall-run',
            value: w,
            limit: overRun,
            side: 'at-least',
            unit: 'mm',
            subject: 'the usual wall over that run',
            fields: [...detail('flowLength_mm'), wall],
            kept: 'The wall is thick enough for so long a run.',
            broken: 'Over so long a run the usual wall is thicker.',
          } as const,
        ]),
    {
      rule: 'dr-even-walls',
      value: over(d.blend_mm, d.step_mm),
      limit: LIMIT.blendOverStep,
      side: 'at-least',
      unit: 'ratio',
      fields: detail('blend_mm', 'step_mm'),
      kept: 'The change of thickness is blended over.',
      broken: 'Thickness changes too suddenly: a hot spot and a notch together.',
    },
    {
      rule: 'dr-fillet',
      value: fillet,
      limit: lump ? filletHigh : filletLow,
      side: lump ? 'at-most' : 'at-least',
      unit: 'ratio',
      fields: [...detail('filletMin_mm'), wall],
      kept: 'Inside corners are rounded enough, and not so much that they make a lump.',
      broken: lump
        ? 'Inside corners are rounded so much that they make a lump.'
        : 'Inside corners are too sharp: they tear and crack.',
    },
    {
      rule: 'dr-junction',
      value: over(d.jointCircle_mm, w),
      limit: LIMIT.circleOverWall,
      side: 'at-most',
      unit: 'ratio',
      fields: [...detail('jointCircle_mm'), wall],
      kept: 'Where walls meet no lump stays liquid.',
      broken: 'Where walls meet a lump stays liquid after its walls.',
    },
    {
      rule: 'dr-rib',
      value: over(d.rib_mm, w),
      limit: rib,
      side: 'at-most',
      unit: 'ratio',
      fields: [...detail('rib_mm'), wall],
      kept: 'Ribs are thin enough beside their wall.',
      broken: 'Ribs are too thick beside their wall: they draw it in.',
    },
    {
      rule: 'dr-boss',
      value: over(d.bossWall_mm, w),
      limit: LIMIT.bossOverWall,
      side: 'at-most',
      unit: 'ratio',
      fields: [...detail('bossWall_mm'), wall],
      kept: 'Bosses are no lumps.',
      broken: 'A boss is a lump beside its wall: the usual place of shrinkage.',
    },
    {
      rule: 'dr-restraint',
      value: over(d.restrainedLength_mm, w),
      limit: LIMIT.restraintOverWall,
      side: 'at-most',
      unit: 'ratio',
      fields: [...detail('restrainedLength_mm'), wall],
      kept: 'The casting can shrink between what holds it.',
      broken: 'The casting is held too far apart to shrink: it tears or springs.',
    },
    {
      rule: 'dr-flat-face',
      value: over(d.flatSpan_mm, w),
      limit: LIMIT.spanOverWall,
      side: 'at-most',
      unit: 'ratio',
      fields: [...detail('flatSpan_mm'), wall],
      kept: 'Flat faces are short enough to stay flat.',
      broken: 'A flat face is wide for its wall: it sinks, scabs or warps without ribs.',
    },
  ];
  return points.map(asFinding);
}
