import { z } from 'zod';
import { MOST_WEIGHT } from '@/core/comparison/ranking';
import { answering, checked, jsonBody } from '@/server/http';
import { setTeamWeights, teamWeights } from '@/server/weights';

const weight = z.number().min(0).max(MOST_WEIGHT);
const schema = z.object({
  weights: z
    .strictObject({
      cost: weight,
      first: weight,
      operations: weight,
      reserve: weight,
      scrap: weight,
      effort: weight.default(0),
    })
    .refine((w) => Object.values(w).some((x) => x > 0), 'at least one weight above 0'),
  who: z.string().trim().min(1, 'the name of who sets them').max(80),
});

/** What the team weighs routes by. */
export function GET(): Promise<Response> {
  return answering(async () => Response.json(await teamWeights()));
}

/** Sets it for everybody. */
export function PUT(request: Request): Promise<Response> {
  return answering(async () => {
    const { weights, who } = checked(schema, await jsonBody(request));
    return Response.json(await setTeamWeights(weights, who));
  });
}
