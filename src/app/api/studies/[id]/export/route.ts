import { CORE_VERSION } from '@/core/base/version';
import { toStudyFile } from '@/server/exchange';
import { answering, refused } from '@/server/http';
import { getStudy } from '@/server/studies';

/** The study as one JSON file. */
export function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const study = await getStudy((await params).id);
    if (study === undefined) return refused(404, 'No study of that id.');
    const name = study.title.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase() || 'study';
    return new Response(`${JSON.stringify(toStudyFile(study, new Date(), CORE_VERSION), null, 2)}\n`, {
      headers: {
        'content-type': 'application/json; charset=utf-8',
        'content-disposition': `attachment; filename="study.json"; filename*=UTF-8''${encodeURIComponent(name)}.json`,
      },
    });
  });
}
