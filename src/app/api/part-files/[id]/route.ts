import { answering, refused } from '@/server/http';
import { getPartFile, streamPartFile } from '@/server/part-files';

/** The file as it came, byte for byte. */
export function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const { id } = await params;
    const file = await getPartFile(id);
    const stream = await streamPartFile(id);
    if (file === undefined || stream === undefined) return refused(404, 'No part file of that id.');
    return new Response(stream, {
      headers: {
        'content-type': 'application/octet-stream',
        'content-length': String(file.bytes),
        'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(file.name)}`,
        'cache-control': 'private, max-age=31536000, immutable',
      },
    });
  });
}
