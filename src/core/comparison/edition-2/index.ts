/** What edition 2 of the tables changed of a study. */
export { editionChanges, type EditionChange } from './changes';
