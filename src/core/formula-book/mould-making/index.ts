/** Making moulds: drying and its proof, shells, rubber, coats of dies. */
export { COATED_FILM, dieCoat } from './coat';
export { dryProof, type Weighing } from './dry-proof';
export { plasterDrying } from './plaster';
export { shellThickness } from './shell';
export { vulcanisingTime } from './vulcanise';
export { SHELL_HOOP, SHELL_THICKNESS } from './shell';
