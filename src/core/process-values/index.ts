/** What routes and variants can do, value by value: the book's, and a team's own in their place. */
export { BOOK_PROCESS } from './book';
export { ownProcess, putValues, refusedValue, singleOf, sourcesOf } from './changes';
export { disorders, type Disorder } from './disorders';
export { absentEntries, bookEntries, entryAt, processEntries } from './entries';
export { givenValue, ownEntries } from './own-entries';
export { lanesOf } from './lanes';
export { capabilityPath, processNames, processPath } from './path';
export type { OwnValue, OwnValues, ProcessEntry, ProcessTable, ProcessValue, ValueSources } from './types';
