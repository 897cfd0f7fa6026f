import type { Basis } from '../base/figures';
import type { Working } from '../equations';

/** What a figure of the method sheet is about. */
export const METHOD_GROUPS = ['metal', 'layout', 'sizes', 'feeding', 'gating', 'freezing', 'forces', 'safety'] as const;
export type MethodGroup = (typeof METHOD_GROUPS)[number];

/** Where a value that goes into the method comes from: the brief, the measured part, the alloy, the route’s tables, the layout that costs least, a handbook, or whoever typed it. */
export type GivenFrom = 'brief' | 'measured' | 'alloy' | 'route' | 'layout' | 'handbook' | 'own';

/** A value that goes into the method, which anyone may change. */
export interface MethodGiven {
  readonly id: string;
  readonly group: MethodGroup;
  readonly meaning: string;
  readonly unit: string;
  readonly value: number;
  /** What stands where nobody typed another. */
  readonly usual: number;
  readonly range: readonly [low: number, high: number] | null;
  readonly from: GivenFrom;
  readonly basis: Basis | null;
  /** What may be chosen, where it is one of a few: the number that is kept, and its words. */
  readonly choices: readonly (readonly [value: number, words: string])[] | null;
}

/** A figure that the method works out. */
export interface MethodFigure {
  readonly id: string;
  readonly group: MethodGroup;
  readonly title: string;
  readonly unit: string;
  readonly value: number;
  readonly working: Working;
}

/** What a figure says: refused, to be looked at, or as it should be. */
export interface MethodFinding {
  readonly id: string;
  readonly group: MethodGroup;
  readonly level: 'refused' | 'look' | 'fits';
  /** A sentence with its figures, in stored units. */
  readonly text: string;
  /** What to do where it is not as it should be; empty otherwise. */
  readonly fix: string;
  readonly figures: readonly string[];
}

/** A place of a tree, plate or disc, numbered from 1 along the runner. */
export interface MethodPlace {
  readonly at: number;
  readonly path_mm: number;
  readonly ratio: number;
  readonly risk: 'low' | 'raised' | 'misrun';
}

/** A heavy place of the part: how it freezes among the others. */
export interface MethodHeavy {
  /** Numbered from 1, heaviest first. */
  readonly at: number;
  /** Along the longer side, the shorter, up the draw; from the middle of the foot, mm. Null where the part was not measured. */
  readonly at_mm: readonly [number, number, number] | null;
  readonly diameter_mm: number;
  readonly isolated: boolean;
  /** Figure of its freezing time. */
  readonly figure: string;
  readonly time_s: number;
}

/** A size through every stage of shrink. */
export interface MethodSize {
  readonly name: string;
  readonly finished_mm: number;
  /** As cast, with what is machined off. */
  readonly raw_mm: number;
  /** Of the pattern, wax die, master or die. */
  readonly tool_mm: number;
  /** Figures that work it out. */
  readonly rawFigure: string | null;
  readonly toolFigure: string;
  /** Values that go in: whether it is held while it shrinks, and the tool as it was made. */
  readonly held: string;
  readonly made: string;
}

/** The method of a part on one route and variant. */
export interface Method {
  readonly laneId: string;
  /** What the tool of the sizes is: pattern, wax die, master, die. */
  readonly tool: string;
  readonly givens: readonly MethodGiven[];
  readonly figures: readonly MethodFigure[];
  readonly findings: readonly MethodFinding[];
  readonly places: readonly MethodPlace[];
  /** Heavy places in the order in which they freeze, the last to freeze last. */
  readonly heavy: readonly MethodHeavy[];
  readonly sizes: readonly MethodSize[];
}

/** Values of a study’s own in place of the usual ones, by the id of the given. */
export type OwnValues = Readonly<Record<string, number>>;
