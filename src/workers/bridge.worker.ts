import { answerBridge } from './bridge.answer';
import { serveLatest } from './latest.serve';

serveLatest(answerBridge);
