import { answerDoubt } from './doubt.answer';
import { serveLatest } from './latest.serve';

serveLatest(answerDoubt);
