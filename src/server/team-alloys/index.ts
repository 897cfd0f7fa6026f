/** Alloys and metal prices of the team's own, with who changed what, when and why. */
export {
  archiveTeamAlloy,
  createTeamAlloy,
  enterPrice,
  getAlloy,
  listTeamAlloys,
  saveTeamAlloy,
  teamAlloyIds,
  teamAlloysNow,
  withdrawPrice,
  type AlloyRecord,
  type AlloySaveResult,
  type PriceEntered,
  type TeamAlloyChange,
  type TeamAlloyInput,
  type TeamAlloySummary,
} from './actions';
export { teamAlloys } from './repo';
