/** The views of a study: address, name, and the key that leads there. */
export const STUDY_VIEWS = [
  ['brief', 'Brief', 'b'],
  ['part', 'Part', 'g'],
  ['routes', 'Routes', 'l'],
  ['alloys', 'Alloys', 'o'],
  ['calendar', 'Calendar', 'c'],
  ['requirements', 'Requirements', 'a'],
  ['method', 'Method', 'e'],
  ['foundries', 'Foundries', 'f'],
  ['quotes', 'Quotes', 'q'],
  ['calculator', 'Calculator', 'n'],
  ['decision', 'Decision', 'd'],
] as const;
