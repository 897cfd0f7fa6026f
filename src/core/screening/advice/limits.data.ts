import type { CapabilityFamily } from '../../catalogue/routes';

/** Limit of a rule by route, in the rule's own unit; a route that is not listed is not spoken of. */
export type ByRoute = Readonly<Record<string, number>>;

/** Distance from gate to the last point filled, over the wall. Basis: assumed. */
export const RUN_OVER_WALL: ByRoute = {
  'green-sand': 60,
  'bonded-sand': 60,
  plaster: 100,
  'shell-investment': 90,
  'flask-investment': 80,
  'gravity-die': 50,
  'permanent-mould': 60,
  'pressure-die': 120,
  spin: 60,
};

/** Narrowest inner passage, mm; routes that core no passage are left out. Basis: assumed. */
export const PASSAGE_MIN_MM: ByRoute = {
  'green-sand': 12,
  'bonded-sand': 8,
  plaster: 8,
  'shell-investment': 5,
  'flask-investment': 4,
  'gravity-die': 8,
  'permanent-mould': 8,
};

/** Finest stroke of cast letters, mm. Basis: rule. */
export const LETTER_STROKE_MM: ByRoute = {
  'green-sand': 1.5,
  'bonded-sand': 1,
  plaster: 0.6,
  'shell-investment': 0.5,
  'flask-investment': 0.25,
  'gravity-die': 0.8,
  'permanent-mould': 0.6,
  'pressure-die': 0.4,
  spin: 0.3,
};

/** Moulds whose edge at the parting crumbles or lifts: fine detail beside it washes out. */
export const WASHING: ReadonlySet<string> = new Set(['green-sand', 'bonded-sand', 'plaster', 'spin']);
/** Detail beside the parting wants so many times the stroke that comes out elsewhere. Basis: assumed. */
export const PARTING_DETAIL_FACTOR = 2;

/** What a core print bears, MPa: green sand the middle of 0.03 to 0.07, bonded sand and seats in a die of 0.2 to 0.4. Basis: rule. */
export const PRINT_BEARING_MPA: ByRoute = {
  'green-sand': 0.05,
  'bonded-sand': 0.3,
  plaster: 0.3,
  'gravity-die': 0.3,
  'permanent-mould': 0.3,
};

/** Density of a bonded sand core, kg/m³. Basis: handbook. */
export const CORE_KG_M3 = 1600;

/** Largest gap of the galvanic index, V, by where the part lives. Basis: handbook. */
export const GALVANIC_GAP_V = { marine: 0.15, outdoor: 0.25, indoor: 0.5, hot: 0.5 } as const;

/** Anodic index of bare metals, V below gold. Basis: handbook. */
export const ANODIC_INDEX_V: Readonly<Partial<Record<CapabilityFamily, number>>> = {
  magnesium: 1.75,
  zinc: 1.25,
  aluminium: 0.95,
  'grey-iron': 0.85,
  'ductile-iron': 0.85,
  steel: 0.85,
  copper: 0.4,
};

/** What a part may touch, and its anodic index, V. Basis: handbook. */
export const TOUCHING = {
  stainless: { name: 'stainless steel', index_V: 0.5 },
  steel: { name: 'bare steel', index_V: 0.85 },
  'zinc-plated': { name: 'zinc-plated steel', index_V: 1.25 },
  brass: { name: 'brass or bronze', index_V: 0.42 },
  aluminium: { name: 'aluminium', index_V: 0.95 },
  isolated: { name: 'isolated or coated', index_V: null },
} as const;

export type Touching = keyof typeof TOUCHING;

/** Metals in which a feeder's reach is known. */
export const FED_FAMILIES: ReadonlySet<CapabilityFamily> = new Set([
  'grey-iron',
  'ductile-iron',
  'steel',
  'stainless',
  'aluminium',
  'copper',
]);

/** Limits that hold for every route the rule speaks of. */
export const ADVICE_LIMITS = {
  blendOverStep: 4,
  filletOverWall: [0.5, 1],
  circleOverWall: 1.5,
  ribOverWallMetal: 0.8,
  ribOverWallSand: 1,
  bossOverWall: 1.5,
  pocketDepthOverWidth: 3,
  deepDraftFactor: 1.5,
  openings: 2,
  datumTargets: 6,
  gateFaces: 1,
  ejectorPlaces: 3,
  feedOverSection: 4.5,
  restraintOverWall: 60,
  spanOverWall: 70,
  holdDownOverLift: 1.5,
} as const;

/** Wall to be added for every further run of the metal beyond the first, mm: in sand, and in dies and other moulds. Basis: rule. */
export const RUN_ADDS = { first_mm: 150, each_mm: 150, sand_mm: 0.5, other_mm: 0.2 } as const;

/** Allowance for cutting by grade, mm a face, by the largest side of the part; below the first bound none is asked here. Basis: standard. */
export const ALLOWANCE_UP_TO_MM = [250, 400, 630, 1000] as const;
export const ALLOWANCE_MM: Readonly<Record<string, readonly [number, number, number, number]>> = {
  B: [0.5, 0.7, 0.8, 0.9],
  D: [1, 1.3, 1.5, 1.8],
  E: [1.4, 1.8, 2.2, 2.5],
  F: [2, 2.5, 3, 3.5],
  G: [2.8, 3.5, 4, 5],
  H: [4, 5, 6, 7],
  J: [5.5, 7, 9, 10],
};

/** Grade of the allowance of a lane, the middle one of those named for it; lanes not listed have none. */
export const ALLOWANCE_GRADE: Readonly<Record<string, string>> = {
  'green-sand/loose': 'H',
  'green-sand/bench': 'G',
  'green-sand/machine': 'F',
  'bonded-sand/pattern': 'G',
  'bonded-sand/printed': 'G',
  'shell-investment/wax-die': 'E',
  'shell-investment/printed': 'E',
  'gravity-die/hand': 'E',
  'permanent-mould/tilt': 'E',
  'permanent-mould/low-pressure': 'E',
  'pressure-die/hot': 'D',
  'pressure-die/cold': 'D',
};

/** What a kilogram weighs, N. */
export const GRAVITY = 9.80665;
