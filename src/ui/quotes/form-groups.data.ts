import type { ReplyList } from '@/core/quotes';

/** The form of a quote: its groups, the fields of each by how their key begins, and the list that stands in it. */
export const FORM_GROUPS: readonly {
  readonly title: string;
  readonly under: string;
  readonly fields: RegExp;
  readonly list?: ReplyList;
}[] = [
  {
    title: 'Price',
    under: 'by lot, the least first',
    fields: /^(date|validDays|currency|unit|quotedMass_kg|minOrder|lotCharge|maxPieces|alloy)$/,
    list: 'priceBreaks',
  },
  { title: 'Tool', under: 'how it is paid, whose it is, how long it lives', fields: /^tooling\./ },
  { title: 'Work', under: 'line by line: in the price, left out, or extra', fields: /^$/, list: 'scope' },
  { title: 'Times and capacity', under: '', fields: /^(lead\.|capacity\.|incomingBad)/ },
  { title: 'Tolerances', under: 'where it offers less than the drawing', fields: /^$/, list: 'exceptions' },
  { title: 'Metal clause', under: 'where the price follows a metal', fields: /^clause\./ },
  { title: 'It declines', under: 'then nothing else is needed but the date', fields: /^decline\./ },
  { title: 'Remarks', under: '', fields: /^(recommends|remarks)$/ },
];
