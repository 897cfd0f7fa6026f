/** Studies: list, read, save against races, copy, archive. */
export {
  archiveStudy,
  chooseRates,
  createStudy,
  dropRefusedSave,
  duplicateStudy,
  getStudy,
  listStudies,
  saveBrief,
  type ChooseRatesResult,
  type SaveResult,
  type StudySummary,
} from './actions';
export { loadBrief, loadStudy, isoTime, type RefusedSave, type StudyRecord } from './repo';
export { listRevisions, restoreRevision, type RestoreResult, type Revision } from './revisions';
