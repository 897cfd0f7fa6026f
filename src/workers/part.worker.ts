import occtimportjs, { type OcctReader } from 'occt-import-js';
import type { PartRequest } from './part.protocol';
import { PartSession } from './part.session';

let kernel: Promise<OcctReader> | null = null;

const session = new PartSession(
  (answer, transfer = []) => self.postMessage(answer, { transfer }),
  () =>
    (kernel ??= occtimportjs({
      locateFile: () => new URL('occt-import-js/dist/occt-import-js.wasm', import.meta.url).href,
    })),
);

self.onmessage = (event: MessageEvent<PartRequest>): void => void session.handle(event.data);
