import { findAlloy, type Alloy } from '../catalogue/alloys';
import { parseBrief, type Brief } from '../brief';

/** The worked check of the cost and time models: a trunnion cap in plain aluminium with the figures the check states. */
export const TRUNNION_ALLOY: Alloy = {
  ...(findAlloy('al-a356') as Alloy),
  density_kg_m3: 2680,
  price_USD_kg: [3.2, 3.2, 3.2],
  specificCuttingEnergy_J_mm3: [0.7, 0.7, 0.7],
  machinability: 90,
  meltLoss_pct: [2, 2, 2],
  // The check states no pouring heat.
  pour_C: {},
};

/** The brief of the worked check: 500 a year for two years in lots of 250. */
export function trunnionBrief(): Brief {
  const result = parseBrief({
    title: 'Trunnion cap',
    alloy: 'al-a356',
    geometry: {
      volume_cm3: 150,
      area_cm2: 480,
      box_mm: [120, 80, 50],
      wallMin_mm: 6,
      sectionMax_mm: 15,
      projected_cm2: 90,
      undercuts: 0,
      passages: 0,
      coredHoles: 2,
      draftAllowed: true,
    },
    quantity: { perYear: 500, years: 2, lot: 250 },
    features: [
      { id: 'a', name: 'bore', kind: 'bore', nominal_mm: 40, tol_mm: 0.04, mustMachine: true, depth_mm: 30 },
      { id: 'b', name: 'foot face', kind: 'face', nominal_mm: 80, tol_mm: 0.1, mustMachine: true, area_cm2: 40 },
      { id: 'c', name: 'length', kind: 'dim', nominal_mm: 120, tol_mm: 2.5, mayMachine: false },
    ],
    holes: [{ dia_mm: 9, depth_mm: 15, count: 2, through: true }],
    surface: { Ra_um: 6.3 },
    needs: {
      environment: 'indoor',
      pressureTight: false,
      heatTreated: true,
      welded: false,
      leadFree: false,
      inserts: false,
      castThread: false,
      cosmeticFace: false,
    },
  });
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.brief;
}
