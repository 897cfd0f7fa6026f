import type { ContainmentRates } from '../types';

/** What a shop pays to handle a harmful metal or bath: kLot a lot, kKg a kilogram melted (kA a dm² of a bath), before the price factor. Where a licence is needed, the shop must show it. */
export const CONTAINMENT_RATES: ContainmentRates = {
  beryllium: {
    kLot: { v: [400, 800, 1600], unit: 'USD/lot', basis: 'assumed' },
    kKg: { v: [4, 8, 16], unit: 'USD/kg melted', basis: 'assumed' },
    days: { v: [3, 6, 12], unit: 'working days', basis: 'assumed' },
    licence: true,
    note: 'closed room, extraction, air samples, health checks, controlled waste',
  },
  lead: {
    kLot: { v: [20, 45, 90], unit: 'USD/lot', basis: 'assumed' },
    kKg: { v: [0.15, 0.3, 0.6], unit: 'USD/kg melted', basis: 'assumed' },
    days: { v: [0, 0, 1], unit: 'working days', basis: 'assumed' },
    licence: true,
    note: 'blood checks, wash-up, sealed dross',
  },
  cobalt: {
    kLot: { v: [60, 120, 240], unit: 'USD/lot', basis: 'assumed' },
    kKg: { v: [0.5, 1, 2], unit: 'USD/kg melted', basis: 'assumed' },
    days: { v: [0, 0, 1], unit: 'working days', basis: 'assumed' },
    licence: false,
  },
  'titanium-fire': {
    kLot: { v: [150, 300, 600], unit: 'USD/lot', basis: 'assumed' },
    kKg: { v: [1, 2, 4], unit: 'USD/kg melted', basis: 'assumed' },
    days: { v: [0, 1, 3], unit: 'working days', basis: 'assumed' },
    licence: true,
  },
  chromate: {
    kLot: { v: [60, 120, 240], unit: 'USD/lot', basis: 'assumed' },
    kA: { v: [0.03, 0.06, 0.12], unit: 'USD/dm²', basis: 'assumed' },
    days: { v: [0, 1, 3], unit: 'working days', basis: 'assumed' },
    licence: true,
    note: 'hexavalent bath: in many places allowed only by permit',
  },
};
