import { answerDoubt } from './doubt.answer';
import { warmDoubt } from './doubt.warm';
import { serveLatest } from './latest.serve';

serveLatest(answerDoubt, warmDoubt);
