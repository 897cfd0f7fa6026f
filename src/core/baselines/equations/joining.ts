import { likely } from '../../base/figures';
import { computed } from '../../equations';
import type { JointKind } from '../../rates';
import { brief, equation, equationsFor, figure, known, rate } from '../symbols';
import type { Joining, OfBaseline } from '../types';

const own = (key: string, meaning: string, unit = '') => rate(`baselines.fabricated.${key}`, meaning, unit);
const parts = brief('today.parts', 'pieces', 'pieces');

/** Kinds of joint an assembly has, with how many of each. */
export const jointsOf = ({ joints }: Joining): readonly (readonly [JointKind, number])[] =>
  (Object.entries(joints) as [JointKind, number | undefined][]).flatMap(([kind, n]) =>
    n === undefined || n === 0 ? [] : [[kind, n] as const],
  );

/** The joints of one kind. */
export type OfJoint = OfBaseline & { readonly kind: JointKind; readonly count: number };
const n = {
  ...brief('', '', 'joints'),
  meaning: ({ kind }: OfJoint): string => `joints: ${kind}`,
  path: ({ kind }: OfJoint): string => `today.joints.${kind}`,
  plainly: { meaning: 'joints of the kind', path: 'today.joints' },
};
const ofKind = (table: 'joint' | 'hardware', meaning: string, unit: string) => ({
  ...rate('', meaning),
  path: ({ kind }: OfJoint): string => `baselines.fabricated.${table}.${kind}`,
  plainly: { path: `baselines.fabricated.${table}`, unit },
});

export const JOINT_MINUTES = equationsFor<OfJoint>()({
  figure: 'fabricated.joint.{kind}',
  number: '9.6',
  title: ({ kind }) => `Minutes of joints: ${kind}`,
  unit: 'min',
  expression: 'n * t',
  symbols: { n, t: ofKind('joint', 'one joint', 'min') },
  plainly: { title: 'Minutes of the joints of one kind' },
  values: ({ rates, kind, count }) => ({ n: count, t: likely(rates.baselines.fabricated.joint[kind]) }),
});

export const JOINT_HARDWARE = equationsFor<OfJoint>()({
  figure: 'fabricated.fixings.{kind}',
  number: '9.6',
  title: ({ kind }) => `Hardware of joints: ${kind}`,
  unit: 'USD',
  expression: 'n * h',
  symbols: { n, h: ofKind('hardware', 'hardware of one joint', 'USD') },
  plainly: { title: 'Hardware of the joints of one kind' },
  values: ({ rates, kind, count }) => ({ n: count, h: likely(rates.baselines.fabricated.hardware[kind]) }),
});

/** What each kind of joint comes to, as a list: a symbol a kind, opened by the kind. */
const each = (
  equation: Pick<typeof JOINT_MINUTES, 'value'>,
  opens: string,
  meaning: string,
  unit: string,
  written: string,
) => ({
  meaning,
  unit,
  written,
  values: (c: OfBaseline): number[] =>
    jointsOf(c.joining).map(([kind, count]) => equation.value({ ...c, kind, count })),
  each: (c: OfBaseline) =>
    jointsOf(c.joining).map(([kind, count]) =>
      computed(
        `${opens}_${kind}`,
        `${meaning}: ${kind}`,
        equation.value({ ...c, kind, count }),
        unit,
        `${opens}.${kind}`,
      ),
    ),
});

export const JOINING_MINUTES = equation({
  figure: 'fabricated.joining',
  number: '9.6',
  title: 'Joining an assembly',
  unit: 'min',
  expression: 'sum(joint) + align * max(small, min(large, D)) * (parts - 1)',
  lists: { joint: each(JOINT_MINUTES, 'joint', 'joints', 'min', 'joint1 + joint2 + …') },
  symbols: {
    align: own('align', 'bringing two pieces of one decimetre together'),
    small: own('alignSize.min', 'least size it goes with'),
    large: own('alignSize.max', 'largest'),
    D: figure('mean size, the cube root of L·W·H', 'dm'),
    parts,
  },
  values: ({ rates, facts, joining }) => ({
    align: likely(rates.baselines.fabricated.align),
    small: likely(rates.baselines.fabricated.alignSize.min),
    large: likely(rates.baselines.fabricated.alignSize.max),
    D: facts.D,
    parts: joining.parts,
  }),
});

export const JOINING = equation({
  figure: 'fabricated.joiningCost',
  number: '9.6',
  title: 'Labour of joining an assembly',
  unit: 'USD',
  expression: 'minutes / 60 * Rlab',
  symbols: { minutes: figure('joining an assembly', 'min', 'joining'), Rlab: rate('global.Rlab', 'labour') },
  values: (c) => ({ minutes: known(c, 'joining'), Rlab: likely(c.rates.global.Rlab) }),
});

export const HARDWARE = equation({
  figure: 'fabricated.hardware',
  number: '9.6',
  title: 'Hardware of an assembly',
  unit: 'USD',
  expression: 'sum(fixings)',
  lists: { fixings: each(JOINT_HARDWARE, 'fixings', 'hardware', 'USD', 'fixings1 + fixings2 + …') },
  symbols: {},
  values: () => ({}),
});

export const STOCKING = equation({
  figure: 'fabricated.stocking',
  number: '9.6',
  title: 'Keeping the pieces of an assembly in stock',
  unit: 'USD',
  expression: 'stocking * parts',
  symbols: { stocking: own('stocking', 'keeping a piece in stock'), parts },
  values: ({ rates, joining }) => ({ stocking: likely(rates.baselines.fabricated.stocking), parts: joining.parts }),
});
