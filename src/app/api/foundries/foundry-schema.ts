import { z } from 'zod';
import { PROFILE_SCHEMA } from '@/core/foundries';

/** What is said of a foundry. */
export const foundrySchema = z.object({
  name: z.string().trim().min(1, 'a name of at least one letter').max(120),
  note: z.string().trim().max(1000).default(''),
  profile: PROFILE_SCHEMA,
});
