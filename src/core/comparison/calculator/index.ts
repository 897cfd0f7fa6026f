/** The calculator: products of rates with their units carried, and the rates of a study to fill them with. */
export { runChain, type ChainResult, type Link, type Running } from './chain';
export { daysForOrder, laneRates, metalToMelt, piecesAShift, type LaneRates } from './fills';
