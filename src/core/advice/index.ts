/** Advice of the trade: what a drawing should say or show for a route. It bars nothing. */
export { adviceFor, adviceText, consolidationAdvice } from './advise';
export { TOUCHING, type Touching } from './limits.data';
