/** A still picture of a part, made by plain arithmetic. */
export { stillOf, type Picture } from './still';
