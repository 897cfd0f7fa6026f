import { answer } from './survey.answer';
import type { SurveyRequest } from './survey.protocol';

/** Unpack, call the core, pack: nothing else lives here. */
self.onmessage = (event: MessageEvent<SurveyRequest>): void => {
  self.postMessage(answer(event.data));
};
