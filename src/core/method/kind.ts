import { MOULD_OF_ROUTE, type MouldKind } from './data/moulds.data';
import { routeOf, type MethodSubject } from './subject';

/** Kind of mould of a lane. */
export const kindOf = ({ lane }: Pick<MethodSubject, 'lane'>): MouldKind => MOULD_OF_ROUTE[routeOf(lane)] ?? 'sand';
