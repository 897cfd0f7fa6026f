import { G } from '../formula-book';
import { CORE_LIFT, CORE_SAG, CORE_STRESS } from '../formula-book/forces';
import { kindOf } from './kind';
import type { MethodSubject } from './subject';

/** A core’s own density, kg/m³, its strength and stiffness, MPa, and what a print bears, MPa. Basis: rule, assumed. */
const CORE_RHO = 1600;
const STRENGTH = [0.8, 1.5, 3] as const;
const STIFFNESS = [800, 2000, 4000] as const;
const BEARING = [0.05, 0.1, 0.3] as const;
/** Largest share of the box that all cores are taken to fill where nothing else is known. Basis: assumed. */
const MOST_OF_BOX = 0.25;
const SAFETY = 2;

/** Loose cores of sand: what lifts them, what holds them, how they bend. None where nothing is cored. */
export function putCores(subject: MethodSubject): void {
  const { sheet, facts } = subject;
  const kind = kindOf(subject);
  if ((kind !== 'sand' && kind !== 'plaster' && kind !== 'die') || facts.nP + facts.nH === 0) return;
  if (kind === 'die' && facts.nP === 0) return;
  const holes = facts.brief.holes.map((h) => h.dia_mm).filter((d) => d > 0);
  const across = holes.length > 0 ? Math.max(...holes) : Math.max(10, 2 * sheet.at('section'));
  sheet.give(
    'cores',
    'forces',
    'cores of a casting',
    '1',
    Math.max(1, facts.nP + Math.min(facts.nH, 2)),
    'brief',
    'assumed',
  );
  sheet.give('coreAcross', 'forces', 'core, across', 'mm', across, 'brief', 'assumed');
  sheet.give(
    'coreLength',
    'forces',
    'core under metal, along',
    'mm',
    facts.nP > 0 ? facts.L : facts.H,
    'brief',
    'assumed',
  );
  const box = (facts.L * facts.W * facts.H) / 1000;
  const round = (Math.PI / 4) * (sheet.at('coreAcross') / 10) ** 2 * (sheet.at('coreLength') / 10);
  sheet.give(
    ...([
      'coreVolume',
      'forces',
      'core under metal',
      'cm³',
      Math.min(round, MOST_OF_BOX * box),
      'brief',
      'assumed',
    ] as const),
  );
  sheet.give('rhoCore', 'forces', 'density of a core', 'kg/m³', CORE_RHO, 'handbook', 'handbook');
  sheet.work('coreMass', 'forces', 'Mass of a core', 'kg', 'rhoCore * coreVolume / 1000000');
  sheet.put('coreLift', 'forces', CORE_LIFT, { rho: 'rhoLiquid', g: G, V: 'coreVolume', m: 'coreMass' });
  sheet.work(
    'coreFace',
    'forces',
    'Both prints of a core',
    'cm²',
    '2 * 0.7853981633974483 * coreAcross * coreAcross / 100',
  );
  sheet.give('printBearing', 'forces', 'what a print bears', 'MPa', [...BEARING], 'handbook', 'rule');
  sheet.give('chapletLoad', 'forces', 'load of a chaplet', 'N', 150, 'handbook', 'assumed');
  const needed = sheet.work(
    ...(['chapletsNeeded', 'forces', 'Chaplets by lift', '1'] as const),
    'ceil(max(0, coreLift - 100 * coreFace * printBearing) / max(0.001, chapletLoad))',
  );
  sheet.give('chaplets', 'forces', 'chaplets of a core', '1', needed, 'layout');
  sheet.work('coreSpan', 'forces', 'Free length of a core', 'mm', 'coreLength / (chaplets + 1)');
  sheet.give('coreStrength', 'forces', 'bending strength of a core', 'MPa', [...STRENGTH], 'handbook', 'rule');
  sheet.give('coreStiff', 'forces', 'stiffness of a core', 'MPa', [...STIFFNESS], 'handbook', 'assumed');
  sheet.work(
    ...(['coreLoad', 'forces', 'Load along a core', 'N/m'] as const),
    '9.80665 * 0.7853981633974483 * coreAcross * coreAcross * max(rhoLiquid - rhoCore, rhoCore) / 1000000',
  );
  sheet.work('coreZ', 'forces', 'Section modulus of a core', 'mm³', '0.09817477042468103 * pow(coreAcross, 3)');
  sheet.work('coreI', 'forces', 'Second moment of a core', 'mm⁴', 'coreZ * coreAcross / 2');
  sheet.put('coreStress', 'forces', CORE_STRESS, { w: 'coreLoad', L: 'coreSpan', k: 8, Z: 'coreZ' });
  sheet.put('coreSag', 'forces', CORE_SAG, { w: 'coreLoad', L: 'coreSpan', k: 5, E: 'coreStiff', I: 'coreI' });
  const few = sheet.at('chaplets') < needed;
  const breaks = SAFETY * sheet.at('coreStress') > sheet.at('coreStrength');
  sheet.say(
    ...(['core-held', 'forces', few || breaks ? 'refused' : 'fits'] as const),
    few
      ? `A core is lifted with ${sheet.at('coreLift').toFixed(1)} N more than its prints hold: ${needed} chaplets are needed, ${sheet.at('chaplets')} are set.`
      : breaks
        ? `A core bends with ${sheet.at('coreStress').toFixed(2)} MPa and holds ${sheet.at('coreStrength')} MPa: less than twice it.`
        : 'Cores are held by their prints and do not break.',
    ['coreLift', 'coreStress', 'chapletsNeeded'],
    'Larger prints, a rod in the core, one more chaplet, or a core held at both ends.',
  );
}
