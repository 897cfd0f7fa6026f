import { answerCases, type CasesRequest } from './cases.answer';

self.onmessage = (event: MessageEvent<CasesRequest>): void => self.postMessage(answerCases(event.data));
