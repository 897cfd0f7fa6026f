import { likely } from '../base/figures';
import type { OperationKind, RateSet } from '../rates';
import type { Capability, CapabilityFamily } from '../catalogue/routes';
import type { PartFacts } from './types';
import { judgeFeature, judgeHole, leastCore, type FeatureCall, type HoleCall, type TolerancePolicy } from './features';
import {
  CAST_MASS,
  MACHINE_MINUTES,
  MACHINING,
  OPERATION_METAL,
  OPERATION_TIME,
  SETUPS,
  STOCK,
  TAKEN,
} from './equations/machining';
import { holeWords } from './hole-words';
import type { Taken } from './taken';

/** One second operation on a piece: seconds for all of `count`, and the metal it takes away. */
export interface Operation {
  readonly what: string;
  readonly kind: OperationKind;
  readonly count: number;
  readonly seconds: number;
  readonly stock_mm3: number;
  /** What it takes away at one place. */
  readonly taken: Taken;
}

/** The part as one lane makes it: what is cast, what is cut, and what the cutting takes. */
export interface LanePart {
  readonly features: readonly FeatureCall[];
  readonly holes: readonly HoleCall[];
  readonly operations: readonly Operation[];
  /** Set-ups (nSet), whole. */
  readonly nSet: number;
  /** Kinds of feature and hole that are machined: what the set-ups are counted from. */
  readonly entries: number;
  /** Machining minutes a piece (tMach). */
  readonly tMach_min: number;
  /** Machining of one piece (3.4), USD before overhead. */
  readonly machining: number;
  /** Cast mass (mc), kg. */
  readonly mc: number;
  /** Holes this lane casts (nHc). */
  readonly nHc: number;
  /** Toleranced features not held plainly as cast (nG). */
  readonly nG: number;
}

/**
 * Section 3 of the cost model for one lane: features and holes judged, operations timed, cast mass with stock.
 *
 * @param facts the part in one alloy
 * @param capability the lane's capability
 * @param rates rate set, likely values
 * @param school tolerance school
 * @example
 * lanePart(facts, entry.lane.capability, rates, 'published').features.length === brief.features.length // true
 */
export function lanePart(facts: PartFacts, capability: Capability, rates: RateSet, school: TolerancePolicy): LanePart {
  const { brief, alloy } = facts;
  const family: CapabilityFamily = facts.family;
  const op = rates.operations;
  const tapMinor = likely(op.tapMinor);
  const features = brief.features.map((f) => judgeFeature(f, brief, capability, family, school));
  const holes = brief.holes.map((h) => judgeHole(h, capability, family, tapMinor, school));
  const operations: Operation[] = [];
  const time = (what: string, kind: OperationKind, count: number, taken: Taken): void => {
    const each_mm3 = TAKEN.value({ rates, taken, capability });
    const cut = { alloy, rates, kind, count, each_mm3 };
    operations.push({
      what,
      kind,
      count,
      seconds: OPERATION_TIME.value(cut),
      stock_mm3: OPERATION_METAL.value(cut),
      taken,
    });
  };
  let entries = 0;
  for (const call of features) {
    if (call.verdict !== 'machine') continue;
    entries++;
    const f = call.feature;
    const kind: OperationKind = f.kind === 'dim' ? 'face' : f.kind;
    time(f.name || f.id, kind, f.count ?? 1, ofFeature(facts, capability, call, kind, school));
  }
  for (const call of holes) {
    if (call.operations.length === 0) continue;
    entries++;
    const { hole } = call;
    const d = hole.dia_mm;
    const label = holeWords(hole, false);
    for (const kind of call.operations) {
      const size = { d_mm: d, depth_mm: hole.depth_mm };
      const taken: Taken =
        kind === 'drill'
          ? { how: 'drilled', ...size, threaded: hole.thread }
          : { how: kind === 'tap' ? 'tapped' : kind === 'ream' ? 'reamed' : 'bored', ...size };
      time(label, kind, hole.count, taken);
    }
  }
  const nSet = SETUPS.value({ rates, entries, said: brief.machiningSetups });
  const tMach_min = MACHINE_MINUTES.value({ rates, operations, nSet });
  const stock_cm3 = STOCK.value({ operations });
  const detailed = brief.holes.reduce((s, h) => s + h.count, 0);
  const coredDetailed = holes.reduce((s, h) => s + (h.cored ? h.hole.count : 0), 0);
  const unheld = (h: HoleCall): boolean => h.hole.tol_mm !== undefined && (!h.cored || h.operations.length > 0);
  return {
    features,
    holes,
    operations,
    nSet,
    entries,
    tMach_min,
    machining: MACHINING.value({ alloy, rates, tMach_min }),
    mc: CAST_MASS.value({ V: facts.V, stock_cm3, rho: facts.rho }),
    nHc: coredDetailed + Math.max(0, facts.nH - detailed),
    nG: features.filter((f) => f.verdict !== 'as-cast').length + holes.filter(unheld).length,
  };
}

function ofFeature(
  facts: PartFacts,
  capability: Capability,
  call: FeatureCall,
  kind: OperationKind,
  school: TolerancePolicy,
): Taken {
  const f = call.feature;
  const d = f.nominal_mm;
  const size = { d_mm: d, depth_mm: f.depth_mm ?? d };
  const area_mm2 = f.area_cm2 === undefined ? null : f.area_cm2 * 100;
  switch (kind) {
    case 'face':
      return { how: 'faced', area_mm2 };
    case 'grind':
      return { how: 'ground', area_mm2 };
    case 'turn':
      return { how: 'turned', area_mm2: area_mm2 ?? Math.PI * d * size.depth_mm };
    case 'ream':
      return { how: 'reamed', ...size };
    case 'tap':
      return { how: 'tapped', ...size };
    case 'drill':
      return { how: 'whole', ...size };
    case 'bore': {
      const cored =
        d >= leastCore(capability, facts.family, school) && size.depth_mm / d <= capability.hole.depthRatioThrough;
      return { how: cored ? 'bored' : 'whole', ...size };
    }
  }
}
