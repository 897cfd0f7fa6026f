/**
 * Formulas of the book that no view works with yet; a test finds them anew from the imports. Those of geometry are left
 * out: they put a file in front of what the part's view measures with.
 */
export const UNUSED: ReadonlySet<string> = new Set([
  'tol.parting',
  'tol.grade-for',
  'tol.stack',
  'tol.verdict',
  'qty.batches',
  'qty.throughput',
  'qty.scrap-chain',
  'money.total',
  'money.crossovers',
  'money.payback',
  'money.npv',
  'money.learning',
  'money.machining-time',
  'money.consolidation',
  'cal.add-workdays',
  'cal.workdays-between',
  'cal.shift-hours',
  'cal.critical-path',
  'cal.flow-line',
  'cal.johnson',
  'cal.cumulative',
  'feed.need',
  'money.buy-to-fly',
  'shrink.scale',
  'unc.common-random',
  'dec.two-stage',
]);
