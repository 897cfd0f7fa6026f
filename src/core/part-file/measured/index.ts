/** From a measured part to the brief: which values it fills, and where each value of the brief comes from. */
export { CORED_FROM_MM, measuredGeometry, type MeasuredField, type MeasuredGeometry } from './geometry';
export { MEASURED_FIELDS } from './fields.data';
export { measuresKey, type MeasuredBy } from './key';
export { cutExplanation, remarksOf, type Remark, type Remarks } from './remarks';
export { originOf, withMeasures, withoutModel, type Origin } from './origin';
export { hasPartWorking, partWorking, type PartFacts, type PartFigure } from './workings';
