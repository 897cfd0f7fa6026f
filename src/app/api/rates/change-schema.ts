import { z } from 'zod';
import { plainDateSchema } from '@/core/base/plain-date-schema';

const figure = z.union([z.number(), z.tuple([z.number(), z.number(), z.number()])]);

/** What a change of a rate set names; a figure of null goes back to the shipped one. */
export const changeSchema = z.object({
  figures: z.record(z.string().max(160), figure.nullable()).optional(),
  holidays: z.array(plainDateSchema).max(400).optional(),
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/, 'three capital letters')
    .optional(),
  name: z.string().trim().min(1, 'a name of at least one letter').max(120).optional(),
});
