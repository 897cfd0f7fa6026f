import { LATENT_EFFECTIVE } from '../formula-book/solidification';
import { freezingOf, routeOf, type MethodSubject } from './subject';

const J_PER_KJ = 1000;

/** The metal as it is poured: temperatures, density, heat. */
export function putMetal({ alloy, lane, sheet }: MethodSubject): void {
  const [low, high] = alloy.pour_C[routeOf(lane)] ?? [alloy.liquidus_C + 40, alloy.liquidus_C + 110];
  const metal = (id: string, meaning: string, unit: string, value: number): number =>
    sheet.give(id, 'metal', meaning, unit, value, 'alloy');
  metal('freeze', 'freezing temperature, middle of the range', '°C', freezingOf(alloy));
  metal('solidus', 'solidus', '°C', alloy.solidus_C);
  metal('liquidus', 'liquidus', '°C', alloy.liquidus_C);
  metal('kMetal', 'conductivity of the metal', 'W/mK', alloy.conductivity_W_mK);
  sheet.give('pour', 'metal', 'metal at the mould', '°C', [low, (low + high) / 2, high], 'alloy', 'handbook');
  metal('rhoLiquid', 'density of the melt', 'kg/m³', alloy.densityLiquid_kg_m3);
  metal('rhoSolid', 'density of the casting', 'kg/m³', alloy.density_kg_m3);
  metal('latent', 'heat of freezing', 'J/kg', J_PER_KJ * alloy.latentHeat_kJ_kg);
  metal('cLiquid', 'specific heat of the melt', 'J/kgK', J_PER_KJ * alloy.cpLiquid_kJ_kgK);
  metal('cSolid', 'specific heat of the casting', 'J/kgK', J_PER_KJ * alloy.cpSolid_kJ_kgK);
  const [shrinkLow, shrink, shrinkHigh] = alloy.solidificationShrink_pct;
  sheet.give(
    'shrinkFreezing',
    'metal',
    'shrinkage in freezing',
    '1',
    [shrinkLow / 100, shrink / 100, shrinkHigh / 100],
    'alloy',
    'handbook',
  );
  sheet.work('superheat', 'metal', 'Superheat', 'K', 'max(0, pour - liquidus)');
  sheet.put('latentEff', 'metal', LATENT_EFFECTIVE, { L: 'latent', c: 'cLiquid', dT: 'superheat' }, 'lumped');
  if (sheet.at('pour') < alloy.liquidus_C)
    sheet.say(
      ...(['pour-cold', 'metal', 'refused'] as const),
      `Metal at ${sheet.at('pour')} °C is below the liquidus of ${alloy.liquidus_C} °C: it does not pour.`,
      ['superheat'],
      `Between ${low} and ${high} °C is usual on this route.`,
    );
  else if (sheet.at('pour') < low - (high - low) || sheet.at('pour') > high + (high - low))
    sheet.say(
      ...(['pour-band', 'metal', 'look'] as const),
      `Metal at ${sheet.at('pour')} °C lies far from the ${low} to ${high} °C that is usual here.`,
      ['superheat'],
      'Is it in °F? Then type it in the units of the screen.',
    );
}
