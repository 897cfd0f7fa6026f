/** Studies: list, read, save against races, copy, archive. */
export {
  archiveStudy,
  createStudy,
  dropRefusedSave,
  duplicateStudy,
  getStudy,
  listStudies,
  saveBrief,
  type SaveResult,
  type StudySummary,
} from './actions';
export { loadBrief, loadStudy, isoTime, type RefusedSave, type StudyRecord } from './repo';
