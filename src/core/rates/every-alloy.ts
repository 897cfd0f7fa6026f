import { ALLOYS, type Alloy } from '../catalogue/alloys';
import type { RateSet } from './types';

/**
 * Every alloy that a study may be of: those of the book, and those of the team's own that are not put away.
 *
 * @param rates of the study
 * @example
 * everyAlloy(rates).length > 50 // true
 */
export const everyAlloy = ({ alloys = [] }: RateSet): readonly Alloy[] => [
  ...ALLOYS,
  ...alloys.filter(({ team }) => team?.archived !== true),
];
