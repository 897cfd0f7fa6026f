/** One figure, word or list inside a value of a profile. */
export interface ProfileSlot {
  /** Where it stands in the value: names and places in lists; empty for the value itself. */
  readonly at: readonly string[];
  readonly words: string;
  readonly unit: string;
  /**
   * `reasons`: “magnesium: no licence | lead: returns”. `instead`: “al-206 → al-a356: tears in green sand”. `machines`:
   * “2 × cold chamber, 6 MN | 1 × crane, 3 t”.
   */
  readonly kind: 'number' | 'whole' | 'band' | 'flag' | 'maker' | 'list' | 'reasons' | 'instead' | 'machines';
  /** May be left empty while the others are said. */
  readonly optional?: true;
}

/** One value of a profile: what it is, and the slots it is told in. */
export interface ProfileField {
  readonly key: string;
  readonly words: string;
  readonly slots: readonly ProfileSlot[];
  /** Told by metal: the slots are those of each. */
  readonly byMetal?: true;
}

const number = (at: string, words: string, unit: string, optional = false): ProfileSlot => ({
  at: at === '' ? [] : at.split('.'),
  words,
  unit,
  kind: 'number',
  ...(optional ? { optional: true as const } : {}),
});
const whole = (at: string, words: string, unit: string, optional = false): ProfileSlot => ({
  ...number(at, words, unit, optional),
  kind: 'whole',
});
const band = (at: string, words: string, unit: string): ProfileSlot => ({ ...number(at, words, unit), kind: 'band' });
const flag = (at: string, words: string): ProfileSlot => ({ ...number(at, words, ''), kind: 'flag' });
const list = (at: string, words: string): ProfileSlot => ({ ...number(at, words, ''), kind: 'list' });
const told = (kind: ProfileSlot['kind'], at: string, words: string): ProfileSlot => ({
  ...number(at, words, ''),
  kind,
});
const sides = (at: string, words: string): ProfileSlot[] =>
  ['long', 'middle', 'short'].map((side, i) => number(`${at}.${i}`, `${words}, ${side}`, 'mm'));
const width = (words: string): ProfileSlot[] => [
  number('totalBase_mm', `${words} up to the base size, in total`, 'mm'),
  number('upTo_mm', 'base size', 'mm'),
  number('perMm', 'more for each mm over it', 'mm/mm'),
  number('maxNominal_mm', 'largest size', 'mm', true),
];

/** What is told of one variant that a foundry runs, in the order it is read. */
export const LINE_FIELDS: readonly ProfileField[] = [
  {
    key: 'volumePerYear',
    words: 'Pieces of a part a year it wants',
    slots: [number('least', 'from', 'pieces'), number('most', 'to', 'pieces')],
  },
  {
    key: 'mass_kg',
    words: 'Mass of a part',
    slots: [
      number('least', 'least', 'kg', true),
      number('usual', 'usual', 'kg'),
      number('exceptional', 'with a strain', 'kg', true),
      number('most', 'most', 'kg'),
    ],
  },
  { key: 'size_mm', words: 'Size of a part', slots: [...sides('usual', 'usual'), ...sides('most', 'most')] },
  {
    key: 'wall_mm',
    words: 'Thinnest wall',
    byMetal: true,
    slots: [
      number('usual', 'usual', 'mm'),
      number('exceptional', 'with a strain', 'mm'),
      number('least', 'least', 'mm', true),
    ],
  },
  { key: 'sectionMax_mm', words: 'Thickest section', slots: [number('', 'usual', 'mm')] },
  { key: 'holeMin_mm', words: 'Smallest hole cored', slots: [number('', 'diameter', 'mm')] },
  { key: 'holeTol_mm', words: 'Tolerance of a hole as cast', slots: [number('', 'in total', 'mm')] },
  { key: 'tolCritical', words: 'Tolerance of critical sizes', slots: width('held') },
  { key: 'tolOther', words: 'Tolerance of other sizes', slots: width('held') },
  { key: 'acrossPartingAdd_mm', words: 'Added across the parting', slots: [number('', 'in total', 'mm')] },
  { key: 'finish', words: 'Roughness as cast', slots: [number('Ra_um', 'Ra', 'µm')] },
  {
    key: 'undercuts',
    words: 'Ways to free undercuts',
    slots: [list('ways', 'ways'), whole('most', 'most of them', 'undercuts', true)],
  },
  {
    key: 'positions',
    words: 'Positions of a pour',
    slots: [whole('usual', 'usual', 'positions'), whole('reliable', 'reliable', 'positions')],
  },
  { key: 'poursPerShift', words: 'Moulds, pours or shots', slots: [number('', 'a shift', 'pours')] },
  {
    key: 'scrap',
    words: 'Scrap',
    slots: [band('new', 'new', 'share'), band('settled', 'settled', 'share')],
  },
  { key: 'warmUpPours', words: 'Warm-up', slots: [band('', 'pours before the first good one', 'pours')] },
  { key: 'toolLife', words: 'Tool life', slots: [band('', 'shots before the first tool is replaced', 'shots')] },
  { key: 'yield', words: 'Casting as a share of the pour', slots: [band('', 'yield', 'share')] },
];

/** What is told of the foundry as a whole. */
export const SHOP_FIELDS: readonly ProfileField[] = [
  {
    key: 'alloys',
    words: 'Alloys',
    slots: [
      list('poured', 'poured'),
      told('reasons', 'refused', 'refused: reason'),
      told('instead', 'offeredInstead', 'asked → offered: reason'),
    ],
  },
  { key: 'machines', words: 'Machines', slots: [told('machines', '', 'how many × what, clamp, more')] },
  { key: 'cores', words: 'Cores', slots: [told('maker', 'maker', 'made')] },
  { key: 'casters', words: 'People who cast, for information', slots: [whole('', 'casters', 'people')] },
  {
    key: 'shifts',
    words: 'Shifts',
    slots: [
      whole('n', 'shifts a day', 'shifts'),
      number('hours', 'hours of a shift', 'h'),
      whole('daysPerWeek', 'days a week', 'days'),
    ],
  },
  {
    key: 'toolroom',
    words: 'Toolroom',
    slots: [flag('own', 'its own'), number('changeDays', 'a change of the tool takes', 'working days')],
  },
  { key: 'queue_workingDays', words: 'Queue', slots: [band('', 'before work begins', 'working days')] },
  {
    key: 'leadFirstArticle_d',
    words: 'First article, as it says',
    slots: ['low', 'likely', 'high'].map((end, i) => number(String(i), end, 'days')),
  },
  {
    key: 'leadLot_d',
    words: 'A lot, as it says',
    slots: ['low', 'likely', 'high'].map((end, i) => number(String(i), end, 'days')),
  },
  {
    key: 'inHouse',
    words: 'Done in the house',
    slots: [
      flag('heatTreatment', 'heat treatment'),
      flag('xray', 'X-ray'),
      flag('trim', 'trimming'),
      flag('paint', 'paint'),
      flag('leakTest', 'leak test'),
    ],
  },
  { key: 'licences', words: 'Licences', slots: [list('', 'for')] },
];
