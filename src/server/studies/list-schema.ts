import { z } from 'zod';
import { SORTS } from './list-queries';

/** What a list may be asked, as it stands in an address. Anything odd becomes what is usual. */
export const listSchema = z.object({
  archived: z
    .literal('1')
    .optional()
    .catch(undefined)
    .transform((x) => x === '1'),
  search: z.string().max(200).catch('').default(''),
  sort: z.enum(SORTS).catch('changedAt').default('changedAt'),
  up: z
    .literal('1')
    .optional()
    .catch(undefined)
    .transform((x) => x === '1'),
  page: z.coerce.number().int().min(1).max(1_000_000).catch(1).default(1),
});
