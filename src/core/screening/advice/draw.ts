import { draftDegrees } from '../../brief';
import type { PartFacts } from '../../part';
import type { Lane } from '../../catalogue/routes';
import { finding, type Finding } from '..';
import { ADVICE_LIMITS as LIMIT } from './limits.data';
import { detail, over, asFinding } from './point';

/** Draft, parting, letters and what the mould opens over. */
export function draw({ brief }: PartFacts, { route: { id: route }, capability }: Lane): Finding[] {
  const d = brief.detail;
  const out: Finding[] = [];
  const investment = route.endsWith('investment');
  if (!investment) {
    const { draftAllowed } = brief.geometry;
    const degrees = draftAllowed === null ? null : draftDegrees(draftAllowed);
    const leaning =
      draftAllowed === true || (degrees !== null && degrees >= LIMIT.deepDraftFactor * capability.draft_deg.usual);
    const pocket = over(d.pocketDepth_mm, d.pocketWidth_mm);
    out.push(
      leaning && pocket !== null
        ? finding({
            rule: 'dr-draft-deep',
            column: 'shape',
            status: 'fits',
            unit: 'ratio',
            value: pocket,
            fields: [...detail('pocketDepth_mm', 'pocketWidth_mm'), 'geometry.draftAllowed'],
            reason: 'Deep pockets may lean as much as they need.',
          })
        : asFinding({
            rule: 'dr-draft-deep',
            value: pocket,
            limit: LIMIT.pocketDepthOverWidth,
            side: 'at-most',
            unit: 'ratio',
            fields: [...detail('pocketDepth_mm', 'pocketWidth_mm'), 'geometry.draftAllowed'],
            kept: 'Pockets are shallow enough to draw.',
            broken: 'A pocket is deep for its width and may not lean more: it tears at the draw.',
          }),
      asFinding({
        rule: 'dr-parting-flat',
        value: d.partingSteps,
        limit: 0,
        side: 'at-most',
        unit: 'count',
        fields: detail('partingSteps'),
        kept: 'The parting is flat.',
        broken: 'The parting is stepped: more expensive to make, and it flashes.',
      }),
      asFinding({
        rule: 'dr-same-half',
        value: d.relatedAcross,
        limit: 0,
        side: 'at-most',
        unit: 'count',
        fields: detail('relatedAcross'),
        kept: 'Features that must agree lie in one half.',
        broken: 'Features that must agree lie in different halves: mismatch parts them.',
      }),
    );
  }
  if (route === 'permanent-mould' || route === 'pressure-die')
    out.push(
      asFinding({
        rule: 'dr-ejector',
        value: d.ejectorPlaces,
        limit: LIMIT.ejectorPlaces,
        side: 'at-least',
        unit: 'count',
        fields: detail('ejectorPlaces'),
        kept: 'There is room for ejectors around the pull.',
        broken: 'Too few places for ejectors: the part bends as it is pushed out.',
      }),
    );
  return out;
}
