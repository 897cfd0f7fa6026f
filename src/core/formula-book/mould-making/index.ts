/** Making moulds: drying and its proof, shells, rubber, coats of dies. */
export { dieCoat } from './coat';
export { dryProof, type Weighing } from './dry-proof';
export { plasterDrying } from './plaster';
export { shellThickness } from './shell';
export { vulcanisingTime } from './vulcanise';
export { SHELL_HOOP } from './shell';
