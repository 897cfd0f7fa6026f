import { answerPlan } from './bridge.answer';
import { serveLatest } from './latest.serve';

serveLatest(answerPlan);
