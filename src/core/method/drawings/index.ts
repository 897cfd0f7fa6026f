/** Drawings of a method: mould, tree, disc or die, to scale, from the same figures. */
export { methodDrawings, type DrawnPart } from './drawings';
