import type { PartFacts } from '../../part';
import { kinOf } from '../../catalogue/routes';
import { finding, type Finding } from '..';
import { ADVICE_LIMITS as LIMIT, ANODIC_INDEX_V, CORE_KG_M3, GALVANIC_GAP_V, TOUCHING, GRAVITY } from './limits.data';
import { detail, over, asFinding } from './point';

/** What the alloy asks for. */
export function metal(facts: PartFacts, route: string): Finding[] {
  const { brief, alloy, family, Ap } = facts;
  const d = brief.detail;
  const out: Finding[] = [];
  const index = ANODIC_INDEX_V[family];
  const place = brief.needs.environment;
  if (index !== undefined && place !== null) {
    const other = d.touches === null ? null : TOUCHING[d.touches].index_V;
    const isolated = d.touches !== null && other === null;
    const refused = family === 'magnesium' && d.touches === 'stainless' && place === 'marine';
    out.push(
      asFinding({
        rule: 'dr-galvanic',
        value: isolated ? 0 : other === null ? null : Math.abs(index - other),
        limit: GALVANIC_GAP_V[place],
        side: 'at-most',
        unit: 'V',
        subject: d.touches === null ? '' : TOUCHING[d.touches].name,
        fields: [...detail('touches'), 'needs.environment', 'alloy'],
        kept: 'What touches the part does not eat it where it lives.',
        broken: refused
          ? 'Bare magnesium on stainless steel at sea is refused: isolate it or change one of them.'
          : 'What touches the part eats it where it lives, unless it is isolated.',
        gravest: refused ? 'blocked' : 'tight',
      }),
    );
  }
  if (kinOf(route) === 'sand' || route === 'plaster') {
    const lift_N =
      Ap === null || d.head_mm === null
        ? null
        : (alloy.densityLiquid_kg_m3 * GRAVITY * Ap * d.head_mm) / 1e7 +
          (Math.max(0, alloy.densityLiquid_kg_m3 - CORE_KG_M3) * GRAVITY * (d.coreVolume_cm3 ?? 0)) / 1e6;
    out.push(
      asFinding({
        rule: 'dr-cope-lift',
        value: over(d.holdDown_kg === null ? null : d.holdDown_kg * GRAVITY, lift_N),
        limit: LIMIT.holdDownOverLift,
        side: 'at-least',
        unit: 'ratio',
        fields: [...detail('holdDown_kg', 'head_mm'), 'geometry.projected_cm2'],
        kept: 'Weight and clamps hold the mould shut over one piece.',
        broken: 'The metal lifts the mould: weights or clamps are missing.',
      }),
    );
  }
  const asked = [brief.needs.pressureTight, brief.needs.heatTreated, brief.needs.welded, brief.needs.leadFree].some(
    (x) => x === true,
  );
  if (asked || place === 'outdoor' || place === 'marine')
    out.push(
      finding({
        rule: 'scrap-charge',
        column: 'alloy',
        status: 'tight',
        unit: 'word',
        value: 'certified',
        limit: 'certified',
        fields: ['alloy', 'needs.environment'],
        reason: `Refuse scrap of unknown composition in the charge: it matters later here. ${alloy.remelt}`,
        fixes: ['Buy certified ingot and own returns only', 'Ask for the melt’s analysis with each lot'],
      }),
    );
  return out;
}
