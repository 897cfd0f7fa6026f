import { z } from 'zod';
import { plainDateSchema } from '@/core/base/plain-date-schema';

const value = z.object({
  v: z.union([z.number(), z.tuple([z.number(), z.number(), z.number()]), z.string().max(400)]),
  known: z.enum(['claimed', 'measured', 'assumed']),
  source: z.string().trim().max(400).default(''),
  date: plainDateSchema.nullable().default(null),
});

/** What a change of a set of process values names; a value of null goes back to the book's. */
export const processChangeSchema = z.object({
  values: z.record(z.string().max(160), value.nullable()).optional(),
  name: z.string().trim().min(1, 'a name of at least one letter').max(120).optional(),
});
