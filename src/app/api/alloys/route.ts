import { z } from 'zod';
import { TEAM_ALLOY_SCHEMA } from '@/core/team-alloys';
import { answering, checked, IMPORT_LIMIT, jsonBody, refused } from '@/server/http';
import { createTeamAlloy, listTeamAlloys, teamAlloysNow } from '@/server/team-alloys';

const createSchema = TEAM_ALLOY_SCHEMA.extend({
  who: z.string().trim().min(1, 'the name of who enters it').max(80),
});

/** Alloys of the team's own and the prices in force; `?whole=1` with everything an alloy of the table has. */
export function GET(request: Request): Promise<Response> {
  return answering(async () =>
    Response.json(
      new URL(request.url).searchParams.get('whole') === '1'
        ? ((await teamAlloysNow()) ?? { key: '', list: [], prices: {} })
        : await listTeamAlloys(),
    ),
  );
}

/** Puts an alloy in, copied from one of the table. */
export function POST(request: Request): Promise<Response> {
  return answering(async () => {
    const { who, ...input } = checked(createSchema, await jsonBody(request, IMPORT_LIMIT));
    const result = await createTeamAlloy(input, who);
    return result.outcome === 'created'
      ? Response.json({ id: result.id }, { status: 201 })
      : refused(422, `Refused: ${result.issues.map((i) => `${i.path} – ${i.message}`).join('; ')}`, result.issues);
  });
}
