import type { WhiskerScale } from '../simulation/whisker';

/** Scales that the whiskers of a column share. */
export interface WhiskerScales {
  readonly allIn: WhiskerScale | null;
  readonly total: WhiskerScale | null;
  readonly first: WhiskerScale | null;
}
