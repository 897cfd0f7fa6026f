/** Sets of process values: the book's, and a team's own with who changed what, when and why. */
export {
  archiveProcessSet,
  changedValues,
  copyProcessSet,
  getProcessSet,
  listProcessSets,
  orderIssues,
  saveProcessSet,
  valueIssues,
  type ProcessChange,
  type ProcessSaveResult,
  type ProcessSetChange,
  type ProcessSetRecord,
  type ProcessSetSummary,
} from './actions';
