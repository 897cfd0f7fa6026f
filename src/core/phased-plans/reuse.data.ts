import type { Triple } from '../base/figures';

/** What the tool of one lane leaves behind that the tool of another is made from. */
export interface Reuse {
  readonly from: string;
  readonly to: string;
  /** Share of the later lane's first tool that need not be made again. */
  readonly share: Triple;
  readonly why: string;
}

/**
 * Tools that live on in the next one. All shares are assumed (no book gives them): a pattern cut for the same metal and
 * parting serves as it is or as the master of the next; what is burnt out or broken with its mould leaves nothing.
 */
export const REUSE: readonly Reuse[] = [
  {
    from: 'green-sand/loose',
    to: 'green-sand/bench',
    share: [0.15, 0.3, 0.45],
    why: 'the loose pattern is mounted, or is the master of the match plate',
  },
  {
    from: 'green-sand/loose',
    to: 'bonded-sand/pattern',
    share: [0.3, 0.5, 0.7],
    why: 'pattern and core boxes serve in bonded sand once mounted',
  },
  {
    from: 'bonded-sand/pattern',
    to: 'green-sand/bench',
    share: [0.2, 0.4, 0.6],
    why: 'the mounted pattern is faced and fitted for green sand',
  },
  {
    from: 'bonded-sand/pattern',
    to: 'green-sand/machine',
    share: [0.05, 0.15, 0.25],
    why: 'the pattern is the master from which the machine’s pattern is copied',
  },
  {
    from: 'green-sand/bench',
    to: 'bonded-sand/pattern',
    share: [0.2, 0.4, 0.6],
    why: 'the match plate is parted and mounted on boards',
  },
  {
    from: 'plaster/printed',
    to: 'plaster/resin',
    share: [0.15, 0.3, 0.45],
    why: 'the printed pattern is the master the resin set is cast from',
  },
  {
    from: 'spin/organic-rubber',
    to: 'spin/silicone-rubber',
    share: [0.2, 0.4, 0.55],
    why: 'the masters serve again, where they stand the cure of the other rubber',
  },
  {
    from: 'spin/silicone-rubber',
    to: 'spin/organic-rubber',
    share: [0.2, 0.4, 0.55],
    why: 'the masters serve again, where they stand the cure of the other rubber',
  },
  {
    from: 'flask-investment/rubber-mould',
    to: 'spin/silicone-rubber',
    share: [0.1, 0.2, 0.35],
    why: 'the master of the rubber is one of the masters round the ring',
  },
];
