import { answerPlan } from './phased-plan.answer';
import { serveLatest } from './latest.serve';

serveLatest(answerPlan);
