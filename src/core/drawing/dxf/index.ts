/** Drawings as DXF files: apart, because its package is fetched only when a file is asked for. */
export { dxfFile } from './dxf';
