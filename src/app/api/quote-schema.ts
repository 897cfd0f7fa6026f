import { z } from 'zod';
import { QUOTE_SCHEMA } from '@/core/quotes';

/** A quote as it comes in: its id and foundry are ours to say. */
export const quoteSchema = z
  .record(z.string(), z.unknown())
  .transform((quote) => ({ ...quote, id: 'new', foundryId: 'new' }))
  .pipe(QUOTE_SCHEMA);

/** Who does it. */
export const whoSchema = z.string().trim().min(1, 'the name of who does it').max(80);
