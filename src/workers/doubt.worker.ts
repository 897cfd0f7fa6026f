import { answerSimulation } from './doubt.answer';
import { warmSimulation } from './doubt.warm';
import { serveLatest } from './latest.serve';

serveLatest(answerSimulation, warmSimulation);
