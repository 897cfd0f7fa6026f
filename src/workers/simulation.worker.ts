import { answerSimulation } from './simulation.answer';
import { warmSimulation } from './simulation.warm';
import { serveLatest } from './latest.serve';

serveLatest(answerSimulation, warmSimulation);
