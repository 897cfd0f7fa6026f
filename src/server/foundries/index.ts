/** Foundries: what each is said, seen or supposed to be able to do, with who changed what, when and why. */
export {
  activeFoundriesNow,
  archiveFoundry,
  createFoundry,
  getFoundry,
  listFoundries,
  saveFoundry,
  type FoundryChange,
  type FoundryInput,
  type FoundryRecord,
  type FoundrySaveResult,
  type FoundrySummary,
} from './actions';
export { activeFoundries, foundryOf } from './repo';
