import type { BriefInput } from '@/core/brief';

/** A new part: nothing known but a few defaults, each marked as one until somebody confirms it. */
export const NEW_BRIEF: BriefInput = {
  title: 'New part',
  geometry: { undercuts: 0, passages: 0, coredHoles: 0, draftAllowed: true },
  quantity: { years: 5 },
  surface: { Ra_um: 12.5 },
  needs: {
    environment: 'indoor',
    pressureTight: false,
    heatTreated: false,
    welded: false,
    leadFree: false,
    inserts: false,
    castThread: false,
    cosmeticFace: false,
  },
  assumed: [
    'geometry.undercuts',
    'geometry.passages',
    'geometry.coredHoles',
    'geometry.draftAllowed',
    'quantity.years',
    'surface.Ra_um',
    'needs.environment',
    'needs.pressureTight',
    'needs.heatTreated',
    'needs.welded',
    'needs.leadFree',
    'needs.inserts',
    'needs.castThread',
    'needs.cosmeticFace',
  ],
};
