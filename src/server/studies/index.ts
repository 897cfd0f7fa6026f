/** Studies: list, read, save against races, copy, archive. */
export {
  archiveStudy,
  chooseProcess,
  chooseRates,
  createStudy,
  dropRefusedSave,
  judgeBy,
  duplicateStudy,
  getStudy,
  listStudies,
  saveBrief,
  studyTitles,
  type ChooseRatesResult,
  type SaveResult,
} from './actions';
export { PAGE_ROWS, type ListAsked, type StudyPage, type StudySort, type StudySummary } from './list-queries';
export { listSchema } from './list-schema';
export { loadBrief, loadStudy, type RefusedSave, type StudyRecord } from './repo';
export { listRevisions, restoreRevision, type RestoreResult, type Revision } from './revisions';
