/** A list of bought parts, screened for those that a casting might save most on. */
export { briefOfBoughtPart } from './brief';
export { SCREEN_EQUATIONS } from './equations';
export { BOUGHT_PART_SCHEMA } from './schema';
export { SCREEN_FIGURES, screenParts, screenWorking, type ScreenFigure } from './screen';
export {
  GUESSABLE,
  STOCK_FORMS,
  WAYS,
  type Band,
  type BoughtPart,
  type Guessable,
  type ScreenedPart,
  type Way,
} from './types';
