import { z } from 'zod';
import { GUESSABLE, STOCK_FORMS, WAYS } from './types';

const side = z.number().positive('above 0 mm is wanted').max(20_000, 'at most 20 000 mm is wanted');

/** A bought part as it is sent and stored; its id is the number it is bought under. */
export const BOUGHT_PART_SCHEMA = z.strictObject({
  id: z.string().trim().min(1, 'a part number is wanted').max(60),
  name: z.string().trim().min(1, 'a name is wanted').max(120),
  material: z.string().trim().min(1, 'an alloy is wanted').max(60),
  form: z.enum(STOCK_FORMS),
  stock_mm: z.tuple([side, side, side]),
  finished_kg: z.number().positive('above 0 kg is wanted').max(100_000),
  today_USD: z.number().positive('above 0 USD is wanted').max(1e7),
  perYear: z.number().min(0, 'at least 0 is wanted').max(1e8),
  way: z.enum(WAYS),
  pieces: z.number().int('a whole number is wanted').min(1, 'at least 1 is wanted').max(10_000).default(1),
  toothed: z.boolean().default(false),
  guessed: z.array(z.enum(GUESSABLE)).max(GUESSABLE.length).default([]),
});
