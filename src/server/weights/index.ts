/** What the team weighs routes by. */
export { setTeamWeights, teamWeights, type TeamWeights } from './weights';
