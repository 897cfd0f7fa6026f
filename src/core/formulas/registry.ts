import { patternScale } from '../allowances';
import { addWorkdays, shiftHours, workdaysBetween } from '../calendar/workdays';
import { criticalPath } from '../calendar/network';
import { cumulativeDay, flowLine, johnsonOrder, overlap } from '../calendar/stations';
import { lexicographic, pareto, rankReversal, regret, twoStage, weighted } from '../choice';
import { feederFor } from '../feeding';
import {
  junction,
  meshBestDraw,
  meshBox,
  meshCheck,
  meshDraft,
  meshMass,
  meshSmallestBox,
  meshUndercut,
  modulus,
  projectedArea,
  sectionRatio,
  wallByRay,
  wallBySphere,
} from '../geometry';
import {
  buyToFly,
  consolidation,
  crossovers,
  learningCurve,
  machiningTime,
  payback,
  presentValue,
  totalCost,
} from '../money';
import { batches, positions, scrapChain, startsFor, throughput } from '../quantity';
import {
  castingTolerance,
  gradeFor,
  partingTolerance,
  roughness,
  toleranceStack,
  toleranceVerdict,
} from '../tolerance';
import { cheapest, commonRandom, flip, pert, quantile, spearman, tornado, triangular } from '../uncertainty';

/** Any formula of the book, seen from outside: plain inputs in, plain outputs out, or a CoreError. */
export type Formula = (inputs: never) => object;

/** Every formula built so far, by its id in the formula book. */
export const FORMULAS: Readonly<Record<string, Formula>> = {
  'tol.ct': castingTolerance,
  'tol.parting': partingTolerance,
  'tol.grade-for': gradeFor,
  'tol.stack': toleranceStack,
  'tol.verdict': toleranceVerdict,
  'tol.roughness': roughness,
  'qty.batches': batches,
  'qty.positions': positions,
  'qty.throughput': throughput,
  'qty.scrap-chain': scrapChain,
  'qty.starts': startsFor,
  'money.total': totalCost,
  'money.crossovers': crossovers,
  'money.payback': payback,
  'money.npv': presentValue,
  'money.learning': learningCurve,
  'money.buy-to-fly': buyToFly,
  'money.machining-time': machiningTime,
  'money.consolidation': consolidation,
  'cal.add-workdays': addWorkdays,
  'cal.workdays-between': workdaysBetween,
  'cal.shift-hours': shiftHours,
  'cal.critical-path': criticalPath,
  'cal.flow-line': flowLine,
  'cal.overlap': overlap,
  'cal.johnson': johnsonOrder,
  'cal.cumulative': cumulativeDay,
  'geo.mesh': meshMass,
  'geo.mesh-check': meshCheck,
  'geo.bbox': meshBox,
  'geo.obb': meshSmallestBox,
  'geo.projected-area': projectedArea,
  'geo.undercut': meshUndercut,
  'geo.draft': meshDraft,
  'geo.best-draw': meshBestDraw,
  'geo.wall-ray': wallByRay,
  'geo.wall-sphere': wallBySphere,
  'geo.junction': junction,
  'geo.modulus': modulus,
  'geo.section-ratio': sectionRatio,
  'feed.need': feederFor,
  'shrink.scale': patternScale,
  'unc.triangular': triangular,
  'unc.pert': pert,
  'unc.common-random': commonRandom,
  'unc.cheapest': cheapest,
  'unc.quantile': quantile,
  'unc.tornado': tornado,
  'unc.spearman': spearman,
  'unc.flip': flip,
  'dec.weighted': weighted,
  'dec.rank-reversal': rankReversal,
  'dec.lexicographic': lexicographic,
  'dec.regret': regret,
  'dec.pareto': pareto,
  'dec.two-stage': twoStage,
};
