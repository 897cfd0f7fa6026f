/** Questions to a tool that was made elsewhere, filled from the part. */
export { reviewOf, type Review, type ReviewQuestion } from './review';
export type { ReviewTool } from './questions.data';
