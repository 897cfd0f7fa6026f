import type { OwnFigure } from '@/core/rates';

/** What Quillmere's buyer agreed with the foundries for the year. Invented, like all of the demo world. */
export const PARTNER_RATES = {
  name: 'Quillmere’s foundry partners, 2027',
  who: 'Ilse Varga',
  why: 'agreement for the year',
  holidays: ['2027-01-06', '2027-03-29', '2027-05-17', '2027-12-24', '2027-12-27', '2027-12-28'],
  figures: {
    'global.Rlab': [30, 38, 46],
    'global.Rskill': [38, 47, 58],
    'global.Rtool': [70, 88, 105],
    'global.Rmc': [60, 72, 90],
    'global.oh': [0.12, 0.14, 0.18],
    'metals.al-a356': [2.9, 3.2, 3.9],
    'variants["gravity-die/hand"].time.queue': [1, 2, 5],
    'variants["gravity-die/hand"].time.tool.queue': [1, 3, 6],
  },
} as const satisfies {
  readonly name: string;
  readonly who: string;
  readonly why: string;
  readonly holidays: readonly string[];
  readonly figures: Readonly<Record<string, OwnFigure>>;
};
