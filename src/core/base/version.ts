/**
 * Version of the computation. A decision freezes it beside its results; it rises whenever an
 * equation, a rule or a table of the core changes, so that a reopened record can say so.
 */
export const CORE_VERSION = '2.0.0';
