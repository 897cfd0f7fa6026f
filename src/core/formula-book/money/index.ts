/** Money: totals of plans, crossovers, payback, present value, learning, machining, consolidation. */
export { consolidation } from './consolidation';
export { crossovers, payback, type Run } from './crossovers';
export { learningCurve } from './learning';
export { buyToFly, machiningTime } from './machining';
export { presentValue } from './npv';
export { totalCost, type Plan } from './plan';
