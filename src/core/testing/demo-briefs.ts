import { parseBrief, type Brief } from '../brief';

/** A brief from plain data, or an error that names what is wrong: for tests. */
export function briefOf(raw: unknown): Brief {
  const result = parseBrief(raw);
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.brief;
}

/** The least a brief must say of an ordinary aluminium part that most lanes can make. */
export const BRACKET = {
  title: 'Bracket',
  alloy: 'al-a356',
  geometry: {
    volume_cm3: 60,
    area_cm2: 260,
    box_mm: [90, 60, 40],
    wallMin_mm: 6,
    sectionMax_mm: 14,
    projected_cm2: 45,
    undercuts: 0,
    passages: 0,
    coredHoles: 0,
    draftAllowed: true,
  },
  quantity: { perYear: 400, years: 5, lot: 100 },
};

/** The same part with every need answered; `more` replaces whole top-level keys. */
export function bracket(more: Record<string, unknown> = {}): Brief {
  return briefOf({
    ...BRACKET,
    surface: { Ra_um: 12.5 },
    needs: {
      environment: 'indoor',
      pressureTight: false,
      heatTreated: false,
      welded: false,
      leadFree: true,
      inserts: false,
      castThread: false,
      cosmeticFace: false,
    },
    ...more,
  });
}
