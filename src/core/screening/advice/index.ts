/** Advice of the trade: what a drawing should say or show for a route. It bars nothing. */
export { adviceFor, consolidationAdvice } from './advise';
export { adviceText } from './point';
export { TOUCHING, type Touching } from './limits.data';
