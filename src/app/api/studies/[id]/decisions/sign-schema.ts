import { z } from 'zod';
import { isReason, REASON_WANTED } from '@/core/decision';
import { plainDateSchema } from '@/core/base/plain-date-schema';

/** Who does not agree, and why. */
export const dissentSchema = z.strictObject({
  who: z.string().trim().min(1, 'the name of who disagrees').max(80),
  words: z.string().trim().min(1, 'a reason of at least one word').max(4000),
});

const actionSchema = z.strictObject({
  what: z.string().trim().min(1, 'what is to be done').max(300),
  owner: z.string().trim().max(80),
  by: z.union([z.literal(''), plainDateSchema]),
});

/** What is sent to sign a choice. */
export const signSchema = z.strictObject({
  laneId: z.string().min(1).max(60),
  quantity: z.number().int().min(1).max(1_000_000),
  why: z.string().trim().max(4000).refine(isReason, REASON_WANTED),
  signedBy: z.string().trim().min(1, 'the name of who signs').max(80),
  signedOn: plainDateSchema,
  version: z.number().int().min(1).max(4_294_967_295),
  orderDate: plainDateSchema.optional(),
  plan: z.boolean().default(false),
  drawn: z
    .strictObject({
      seed: z.number().int().min(1).max(999_999),
      spread: z.enum(['pert', 'triangle']),
      demand: z.boolean(),
    })
    .default({ seed: 1, spread: 'pert', demand: false }),
  actions: z.array(actionSchema).max(40).default([]),
  dissent: dissentSchema.optional(),
});
