import type { GivenFrom, MethodFinding, MethodGroup } from '@/core/method';

/** Headings of the groups of the method sheet, and what each is about. */
export const GROUP_WORDS: Readonly<Record<MethodGroup, readonly [title: string, under: string]>> = {
  metal: ['Metal', 'as it is poured'],
  layout: ['Layout', 'the part, and how many of it a pour makes'],
  sizes: ['Sizes', 'from the finished dimension back to the tool, through every stage of shrink'],
  feeding: ['Feeding', 'what makes up for shrinkage while it freezes'],
  gating: ['Gating', 'how fast metal comes in, through what, and whether it arrives'],
  freezing: ['Freezing and time', 'how long it freezes, when the mould is opened, how hot the die runs'],
  forces: ['Forces', 'what opens the mould, and what holds it'],
  safety: ['Before the pour', 'screens only: local rules and competent people decide'],
};

/** Where a value that goes in comes from. */
export const FROM_WORDS: Readonly<Record<GivenFrom, string>> = {
  brief: 'brief',
  measured: 'measured part',
  alloy: 'alloy',
  route: 'route',
  layout: 'layout',
  handbook: 'handbook',
  own: 'typed here',
};

/** Mark and word of what a figure says. */
export const LEVEL_WORDS: Readonly<Record<MethodFinding['level'], readonly [mark: string, word: string]>> = {
  refused: ['■', 'Refused'],
  look: ['▲', 'Look at'],
  fits: ['●', 'Fits'],
};
