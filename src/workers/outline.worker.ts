import occtimportjs, { type OcctReader } from 'occt-import-js';
import { serveLatest } from './latest.serve';
import { answerOutline } from './outline.answer';
import type { OutlineAnswer, OutlineRequest } from './outline.protocol';

let kernel: Promise<OcctReader> | null = null;

serveLatest<OutlineRequest, OutlineAnswer>((request, report, breathe) =>
  answerOutline(
    request,
    report,
    breathe,
    () =>
      (kernel ??= occtimportjs({
        locateFile: () => new URL('occt-import-js/dist/occt-import-js.wasm', import.meta.url).href,
      })),
  ),
);
