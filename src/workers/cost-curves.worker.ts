import { answer } from './cost-curves.answer';
import type { CostCurvesRequest } from './cost-curves.protocol';

/** Unpack, call the core, pack: nothing else lives here. */
self.onmessage = (event: MessageEvent<CostCurvesRequest>): void => {
  self.postMessage(answer(event.data));
};
