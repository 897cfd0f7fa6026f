import { TEAM_ALLOY_SCHEMA } from '@/core/team-alloys';

/** What is said of an alloy that is there already. */
export const alloySchema = TEAM_ALLOY_SCHEMA.omit({ from: true });
