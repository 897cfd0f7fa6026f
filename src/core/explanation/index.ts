/** Sentences whose figures keep the way to their working. */
export {
  figure,
  figureOf,
  listed,
  computedFigure,
  plain,
  explain,
  type Explanation,
  type ExplainedFigure,
} from './explanation';
