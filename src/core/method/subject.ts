import type { Alloy } from '../catalogue/alloys';
import type { Lane } from '../catalogue/routes';
import type { LaneModel, LayoutPlan } from '../cost';
import type { PartFacts } from '../part';
import type { MethodSheet } from './sheet';

/** What a method is worked out for: the part in its alloy, on one lane, in the layout that costs least. */
export interface MethodSubject {
  readonly facts: PartFacts;
  readonly alloy: Alloy;
  readonly lane: Lane;
  readonly model: LaneModel;
  readonly plan: LayoutPlan;
  readonly sheet: MethodSheet;
}

/** Middle of the freezing range, °C. */
export const freezingOf = ({ solidus_C, liquidus_C }: Alloy): number => (solidus_C + liquidus_C) / 2;

/** Route of a lane. */
export const routeOf = ({ id }: Pick<Lane, 'id'>): string => id.split('/')[0] ?? id;

/** A family’s own value of a table, or that of the others. */
export const ofFamily = <T>(table: Readonly<Record<string, T>>, family: string): T =>
  (table[family] ?? table['other']) as T;
