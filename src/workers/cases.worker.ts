import { answerCases, type CasesRequest } from './cases';

self.onmessage = (event: MessageEvent<CasesRequest>): void => self.postMessage(answerCases(event.data));
