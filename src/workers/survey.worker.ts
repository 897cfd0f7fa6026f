import { answer } from './survey.answer';
import type { CostCurvesRequest } from './survey.protocol';

/** Unpack, call the core, pack: nothing else lives here. */
self.onmessage = (event: MessageEvent<CostCurvesRequest>): void => {
  self.postMessage(answer(event.data));
};
