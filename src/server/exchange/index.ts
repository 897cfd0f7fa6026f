/** Files in and out: the study as JSON, the comparison as CSV, the published schemas. */
export { comparisonCsv } from './comparison-csv';
export { partsCsv, readPartsSheet, type PartsSheetResult } from './parts-sheet';
export { ratesCsv, readRatesCsv, type RatesCsvResult } from './rates-csv';
export { evaluateRequestSchema, publishedSchemas, readStudyFile, toStudyFile } from './study-file';
export { processCsv, readProcessCsv, readProcessJson, type ProcessCsvResult } from './process-csv';
export { replyCsv, type ReplySheetOf } from './reply-sheet';
