import { serveLatest } from './latest.serve';
import { answerFreezing } from './solidification.answer';

serveLatest(answerFreezing);
