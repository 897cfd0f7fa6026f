/** What every screen is made of, beside Chakra's own parts. */
export { Banner } from './banner';
export { CheckBox } from './check-box';
export { Choice, type Option, type OptionGroup } from './choice';
export { DataTable, type DataColumn, type DataSort } from './data-table';
export { FigureButton } from './figure-button';
export { FileButton, FileDrop } from './file-drop';
export { Fold } from './fold';
export { Hint } from './hint';
export { FormGrid } from './form-grid';
export { PageHead } from './page-head';
export { FileLink, PageLink } from './page-link';
export { SearchChoice } from './search-choice';
export type { SearchOption } from './search-options';
export { Section } from './section';
export { Segments } from './segments';
export { TextButton } from './text-button';
export { TwoColumns } from './two-columns';
export { Unit } from './amount';
