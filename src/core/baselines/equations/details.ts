import { likely } from '../../base/figures';
import { computed, fromRate } from '../../equations';
import type { SolidDetail } from '../solid-details';
import { brief, equationsFor, rate, u } from '../symbols';
import type { OfBaseline } from '../types';

/** One of the features and holes of a part cut from solid. */
export type OfDetail = OfBaseline & { readonly detail: SolidDetail };

const QUARTER_CIRCLE = String(Math.PI / 4);

/** Seconds of one kind of feature or hole at all of its places. */
export const DETAIL = equationsFor<OfDetail>()({
  figure: 'machined.place.{detail}',
  number: '9.2',
  title: ({ detail: { kinds } }) => `Cut from solid: ${kinds.join(', ')}`,
  unit: 's',
  expression: {
    of: {
      cut: 'n * sum(t)',
      drilled: `n * (sum(t) + ${QUARTER_CIRCLE} * (d * d) * depth * u / P)`,
      threaded: `n * (sum(t) + ${QUARTER_CIRCLE} * (minor * d * (minor * d)) * depth * u / P)`,
    },
    form: ({ detail: { drilled } }) => (drilled === null ? 'cut' : drilled.threaded ? 'threaded' : 'drilled'),
  },
  lists: {
    t: {
      meaning: 'reaching and leaving, by each operation',
      unit: 's',
      written: 't1 + t2 + …',
      values: ({ detail: { kinds }, rates }) => kinds.map((kind) => likely(rates.operations.kinds[kind].t0)),
      each: ({ detail: { kinds }, rates }) =>
        kinds.map((kind) =>
          fromRate(
            `t_${kind}`,
            `reaching and leaving, ${kind}`,
            rates.operations.kinds[kind].t0,
            `operations.kinds.${kind}.t0`,
          ),
        ),
    },
  },
  symbols: {
    n: brief('features', 'places', 'places'),
    d: brief('holes', 'diameter', 'mm'),
    depth: brief('holes', 'depth', 'mm'),
    minor: rate('operations.tapMinor', 'core of a thread'),
    u,
    P: rate('operations.kinds.drill.P', 'power at the drill'),
  },
  plainly: { title: 'A feature or hole cut from solid, at all its places' },
  values: ({ facts, rates: { operations: op }, detail: { count, drilled } }) => ({
    n: count,
    d: drilled?.d_mm ?? 0,
    depth: drilled?.depth_mm ?? 0,
    minor: likely(op.tapMinor),
    u: facts.alloy.specificCuttingEnergy_J_mm3[1],
    P: likely(op.kinds.drill.P),
  }),
});

/** All features and holes of a part cut from solid. */
export interface OfDetails {
  readonly seconds: readonly { readonly words: string; readonly s: number }[];
}

/** Seconds of all features and holes cut from solid. */
export const DETAILS = equationsFor<OfDetails>()({
  figure: 'machined.detail',
  number: '9.2',
  title: 'Features and holes cut from solid',
  unit: 's',
  expression: 'sum(s)',
  lists: {
    s: {
      meaning: 'each kind of feature and hole',
      unit: 's',
      written: 's1 + s2 + …',
      values: ({ seconds }) => seconds.map(({ s }) => s),
      each: ({ seconds }) => seconds.map(({ words, s }, i) => computed(`s${i + 1}`, words, s, 's', `place.${i + 1}`)),
    },
  },
  symbols: {},
  values: () => ({}),
});
