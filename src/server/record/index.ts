/** The record of a decision in forms that leave the house: paper, workbook, table and data. */
export { recordCsv } from './record-csv';
export { recordSheet, type RecordSheet } from './sheet';
export { recordWorkbook } from './workbook';
export { recordPdf, type Paper } from './pdf/document';
export { methodPdf, type MethodPaper } from './pdf/method';
export { requestPdf, type RequestPaper } from './pdf/request';
export { replySheetBook, requestPack, type PackAsked } from './request-pack';
