/** The method: how a part is sized, fed, gated, frozen and held on a route, with the working of every figure. */
export { freezingRun, type FreezingRun } from './run';
export { adoptedOf, methodOffers, type MethodOffer } from './offers';
export { methodOf, methodWorking } from './method';
export {
  METHOD_GROUPS,
  type GivenFrom,
  type Method,
  type MethodFigure,
  type MethodFinding,
  type MethodGiven,
  type MethodGroup,
  type MethodPlace,
  type MethodSize,
  type OwnValues,
} from './types';
