import type { LineId } from '../types';

/** The lines of a part price in words. */
export const LINE_WORDS: Readonly<Record<LineId, string>> = {
  setUp: 'set-up and first-off',
  pours: 'moulds and pouring',
  metal: 'metal, less its return',
  melting: 'melting',
  finishing: 'cutting off and fettling',
  heatTreatment: 'heat treatment',
  machining: 'second operations',
  inspection: 'inspection',
  coat: 'coating',
  containment: 'containment and conditions',
  upkeep: 'tool upkeep',
  scrapAndRework: 'scrap and rework',
};
