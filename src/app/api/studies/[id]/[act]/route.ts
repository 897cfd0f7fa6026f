import { z } from 'zod';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { archiveStudy, dropRefusedSave, duplicateStudy } from '@/server/studies';

type Context = { params: Promise<{ id: string; act: string }> };

/** Acts on a study: duplicate, archive, restore, settle (put aside a refused save). */
export function POST(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const { id, act } = await params;
    const missing = refused(404, 'No study of that id.');
    switch (act) {
      case 'duplicate': {
        const copy = await duplicateStudy(id);
        return copy === undefined ? missing : Response.json(copy, { status: 201 });
      }
      case 'archive':
      case 'restore':
        return (await archiveStudy(id, act === 'archive')) ? Response.json({ ok: true }) : missing;
      case 'settle': {
        const { refusedId } = checked(z.object({ refusedId: z.uuid() }), await jsonBody(request));
        return (await dropRefusedSave(id, refusedId)) ? Response.json({ ok: true }) : missing;
      }
      default:
        return refused(404, `No such act: ${act}. Known: duplicate, archive, restore, settle.`);
    }
  });
}
