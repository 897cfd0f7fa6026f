/** Uncertainty: draws from low, likely and high, what they say, and where an answer flips. */
export { cheapest, wilson, winsOf, zOf } from './cheapest';
export { commonRandom } from './common-random';
export { flip, flipKind, signChanges, type FlipKind } from './flip';
export { inverseBeta } from './inverse-beta';
export { LAMBDA, pert, pertPowers } from './pert';
export { quantile, quantileOfSorted } from './quantile';
export { correlation, ranksOf, spearman } from './spearman';
export { bySwing, tornado, type Swing } from './tornado';
export { triangular, triangularAt } from './triangular';
