/** The model as a whole: every equation, compiled and documented. */
export { compiledForms, compiledSource } from './compiled-source';
export {
  anchorOf,
  equationOf,
  modelDocument,
  type ModelEquation,
  type ModelSubject,
  type ModelSymbol,
} from './document';
export { EQUATIONS } from './equations';
export { markdownOf } from './markdown';
