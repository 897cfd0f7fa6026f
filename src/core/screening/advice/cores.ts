import type { PartFacts } from '../../part';
import type { Finding } from '..';
import { ADVICE_LIMITS as LIMIT, CORE_KG_M3, PASSAGE_MIN_MM, PRINT_BEARING_MPA, GRAVITY } from './limits.data';
import { detail, over, asFinding } from './point';

/** Cores: their weight, their prints, their way out. */
export function cores(facts: PartFacts, route: string): Finding[] {
  const { brief, alloy, nP } = facts;
  const d = brief.detail;
  const out: Finding[] = [];
  const bearing = PRINT_BEARING_MPA[route];
  if (bearing !== undefined && (nP > 0 || d.coreVolume_cm3 !== null)) {
    const lift_N =
      d.coreVolume_cm3 === null
        ? null
        : (Math.max(0, alloy.densityLiquid_kg_m3 - CORE_KG_M3) * GRAVITY * d.coreVolume_cm3) / 1e6;
    const held_N = d.printArea_cm2 === null ? null : d.printArea_cm2 * 100 * bearing;
    out.push(
      asFinding({
        rule: 'dr-core-support',
        value: over(lift_N, held_N),
        limit: 1,
        side: 'at-most',
        unit: 'ratio',
        fields: detail('coreVolume_cm3', 'printArea_cm2'),
        kept: 'The prints hold the core against its lift.',
        broken: 'The core floats off its prints: the metal lifts it more than they bear.',
      }),
    );
  }
  const passageMin = PASSAGE_MIN_MM[route];
  if (passageMin !== undefined && nP > 0)
    out.push(
      asFinding({
        rule: 'dr-passage-min',
        value: d.passageMin_mm,
        limit: passageMin,
        side: 'at-least',
        unit: 'mm',
        fields: detail('passageMin_mm'),
        kept: 'The narrowest passage takes a core that survives.',
        broken: 'The narrowest passage is narrower than a core that survives pouring and falls apart after it.',
      }),
      asFinding({
        rule: 'dr-clean-out',
        value: d.openings,
        limit: LIMIT.openings,
        side: 'at-least',
        unit: 'count',
        fields: detail('openings'),
        kept: 'Each cored space can be seen into and cleaned.',
        broken: 'A cored space has too few openings: sand stays in it.',
      }),
    );
  return out;
}
