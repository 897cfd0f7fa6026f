import type { Brief } from '../brief';
import { BRACKET, bracket } from './demo-briefs';

const { geometry, quantity } = BRACKET;
const NEEDS = {
  environment: 'indoor',
  pressureTight: false,
  heatTreated: false,
  welded: false,
  leadFree: true,
  inserts: false,
  castThread: false,
  cosmeticFace: false,
};
const asking = (title: string, more: Record<string, unknown>): Brief => bracket({ title, ...more });
const needing = (title: string, needs: Record<string, unknown>, more: Record<string, unknown> = {}): Brief =>
  asking(title, { needs: { ...NEEDS, ...needs }, ...more });
const hand = 'gravity-die/hand';

/** Parts that ask for what few parts ask for: each brings a form of an equation that a plain part does without. */
export const ASKING_BRIEFS: readonly Brief[] = [
  asking('Magnesium', { alloy: 'mg-az91' }),
  needing('Tight and sealed', { pressureTight: true, coating: ['impregnation', 'powder'] }),
  needing('Chromate', { coating: 'conversion', chromate: true }),
  needing('Galvanised', { coating: ['zincDip'] }, { alloy: 'iron-gjl-250' }),
  needing('Fine grain', { grain: 'fine' }, { alloy: 'n07718' }),
  needing('Directed grain', { grain: 'directional' }, { alloy: 'n07713' }),
  needing('Fine grain in aluminium', { grain: 'fine' }),
  needing('Fine grain, many undercuts', { grain: 'fine' }, { geometry: { ...geometry, undercuts: 12 } }),
  needing('Hardened', { hardened: true }, { geometry: { ...geometry, wallMin_mm: 2 } }),
  needing('Leaded', { leadFree: false }, { alloy: 'cu-leaded-tin-bronze' }),
  asking('Beryllium copper', { alloy: 'cu-be-c82500' }),
  asking('Many undercuts', { geometry: { ...geometry, undercuts: 5 } }),
  asking('More undercuts still', { geometry: { ...geometry, undercuts: 11 } }),
  asking('Cores bought', { geometry: { ...geometry, passages: 2 }, cores: { maker: 'bought' } }),
  asking('Cores by the caster', { geometry: { ...geometry, passages: 2 }, cores: { maker: 'caster' } }),
  asking('Flat slug', { geometry: { ...geometry, area_cm2: 120, flatFace: true } }),
  asking('Thick plaster', { geometry: { ...geometry, box_mm: [90, 60, 180], volume_cm3: 300, area_cm2: 700 } }),
  asking('Own tool', { tool: { variant: hand, state: 'owned', lifeLeft: 1500 } }),
  asking('Own tool, fitted up', {
    tool: { variant: hand, state: 'owned', fitUp_USD: 240, storagePerYear_USD: 20, lifeLeft: 100 },
  }),
  asking('Borrowed tool', { tool: { variant: hand, state: 'borrowed' } }),
  asking('Borrowed tool, fitted up', { tool: { variant: hand, state: 'borrowed', fitUp_USD: 300 } }),
  asking('Shared tool', { tool: { variant: hand, state: 'shared' } }),
  asking('Shared tool, at a price', { tool: { variant: hand, state: 'shared', share: 0.3 } }),
  asking('Soft die', { toolOption: { variant: hand, id: 'cast-soft' }, quantity: { ...quantity, perYear: 40_000 } }),
  asking('Hardened die', { toolOption: { variant: hand, id: 'hardened' } }),
  asking('Soft die at hand', {
    toolOption: { variant: hand, id: 'cast-soft' },
    tool: { variant: hand, state: 'owned', lifeLeft: 500 },
    quantity: { ...quantity, perYear: 40_000 },
  }),
  asking('Soft die, cores bought', {
    toolOption: { variant: hand, id: 'cast-soft' },
    geometry: { ...geometry, passages: 1 },
    cores: { maker: 'bought' },
  }),
  asking('Own tool, cores bought', {
    tool: { variant: hand, state: 'owned' },
    geometry: { ...geometry, passages: 1 },
    cores: { maker: 'bought' },
  }),
  asking('Very large', {
    geometry: {
      ...geometry,
      volume_cm3: 9000,
      area_cm2: 26_000,
      box_mm: [1200, 800, 350],
      projected_cm2: 8000,
      passages: 2,
    },
    quantity: { ...quantity, perYear: 20_000 },
  }),
  asking('Very large, cores bought', {
    geometry: {
      ...geometry,
      volume_cm3: 9000,
      area_cm2: 26_000,
      box_mm: [1200, 800, 350],
      projected_cm2: 8000,
      passages: 3,
      undercuts: 4,
    },
    cores: { maker: 'bought' },
  }),
  asking('Machines of its own', {
    quantity: {
      ...quantity,
      capacity: { machined: { machines: 2, shifts: 1 }, stamped: { presses: 1, shifts: 1 }, fabricated: { people: 2 } },
    },
    today: {
      how: 'fabricated',
      parts: 5,
      joints: { bolt: 4 },
      partKinds: { turned: 1, stamped: 2, bought: 1 },
    },
  }),
  asking('No years told', { quantity: { lot: 100 }, today: { how: 'fabricated', parts: 2, joints: { bolt: 1 } } }),
  asking('Blank', {
    alloy: 'steel-wcb',
    geometry: {
      ...geometry,
      volume_cm3: 0.13,
      area_cm2: 5,
      box_mm: [20, 12, 0.8],
      wallMin_mm: 0.8,
      sectionMax_mm: 0.8,
      projected_cm2: 2,
      coredHoles: 1,
      form: 'flat',
    },
    quantity: { perYear: 500_000, years: 5, lot: 10_000 },
  }),
  asking('Long strip', {
    alloy: 'steel-wcb',
    geometry: { ...geometry, volume_cm3: 30, area_cm2: 310, box_mm: [300, 50, 2], wallMin_mm: 2, sectionMax_mm: 2 },
  }),
];
