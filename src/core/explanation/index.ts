/** Sentences whose figures keep the way to their working. */
export { figure, figureOf, listed, madeFigure, plain, tell, type Telling, type ToldFigure } from './telling';
