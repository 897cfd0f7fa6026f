import type { Triple } from '../../base/figures';

/** Kinds of tool that last. */
export type ReviewTool = 'die' | 'pattern' | 'waxDie' | 'master';

interface Question {
  readonly id: string;
  readonly tools: readonly ReviewTool[];
  readonly feature: string;
  readonly question: string;
  readonly how: string;
  readonly missed: string;
  /** Hours of the tool maker to mend it; or castings that are lost before it is found. Basis: assumed. */
  readonly hours?: Triple;
  readonly castings?: number;
}

const ALL: readonly ReviewTool[] = ['die', 'pattern', 'waxDie', 'master'];

/** What is asked of a tool that was made elsewhere. */
export const QUESTIONS: readonly Question[] = [
  {
    ...{ id: 'shrink', tools: ALL, feature: 'sizes' },
    question: 'Was every stage of shrink added, for this alloy?',
    how: 'Measure three sizes that lie far apart, one of them across the joint, against the tool sizes of the sheet.',
    missed: 'Every part is off by the same share; the tool is cut anew.',
    hours: [20, 60, 150],
  },
  {
    ...{ id: 'metal', tools: ['die', 'waxDie'], feature: 'metal of the tool' },
    question: 'Is anything that the melt touches bronze, brass or copper?',
    how: 'A file and a magnet on cavity, pins, chills and inserts; ask for the certificate of the steel.',
    missed: 'Aluminium and zinc eat it within a few pours; it solders to the casting.',
    hours: [6, 20, 60],
  },
  {
    ...{ id: 'feeder', tools: ['die', 'pattern'], feature: 'feeders' },
    question: 'Does each feeder freeze after the place that it feeds?',
    how: 'Measure its diameter and height; its modulus, foot counted as it cools, must be a fifth above that of the place.',
    missed: 'A hollow in the same place of every casting: no setting of the pour mends it.',
    hours: [4, 12, 30],
  },
  {
    ...{ id: 'pulls', tools: ['die', 'waxDie', 'pattern'], feature: 'cores and pins' },
    question: 'Do all cores and pins pull, hot, without a hammer?',
    how: 'Length times the tangent of the taper is all the play it has once it moves; less than 1 mm on 60 mm is gripped. Try it hot, by hand.',
    missed: 'The casting shrinks onto the pin: torn bores, bent pins, a die that stands.',
    hours: [3, 8, 24],
  },
  {
    ...{ id: 'guides', tools: ['die', 'waxDie', 'pattern'], feature: 'dowels and guides' },
    question: 'Do dowels and bushes run free when the tool is at its temperature, and is one of them a slot?',
    how: 'Close and open it by hand cold, then at working temperature; blue the joint.',
    missed: 'It jams half open with a casting in it, or the halves stand off and flash.',
    hours: [2, 6, 16],
  },
  {
    ...{ id: 'draft', tools: ['die', 'waxDie', 'pattern'], feature: 'draft' },
    question: 'Has every face along the draw its draft, inside more than outside?',
    how: 'Angle gauge or feeler on each face; light from behind a straight edge; look for bright drag marks.',
    missed: 'Drag marks, torn sand or skin, castings that stick.',
    hours: [4, 16, 50],
  },
  {
    ...{ id: 'vents', tools: ['die', 'waxDie', 'pattern'], feature: 'vents' },
    question: 'Is there a way out for the gas at every place that fills last, and area enough?',
    how: 'Follow the fill to each end; measure width and depth of each vent; smoke or water through it.',
    missed: 'Cold runs and blowholes in the same place; slower fills that then misrun.',
    hours: [1, 3, 8],
  },
  {
    ...{ id: 'gates', tools: ['die', 'pattern'], feature: 'gates and runner' },
    question: 'Do gates and runner have the area that the fill asks for, and can they be cut off?',
    how: 'Measure each gate; sum them; see that a saw or press reaches them.',
    missed: 'Oxide films, or thin walls that do not fill.',
    hours: [1, 4, 10],
  },
  {
    ...{ id: 'coat', tools: ['die'], feature: 'access of the coat' },
    question: 'Can a spray gun reach every face of the cavity, and are guides and ejectors masked?',
    how: 'Hold a lamp at the gun’s place: what it does not light is not coated.',
    missed: 'Bare places chill and solder; coat on sliding faces jams them.',
    castings: 40,
  },
  {
    ...{ id: 'ejectors', tools: ['die', 'waxDie'], feature: 'ejectors' },
    question: 'Do ejectors press on strong places, evenly, and come back before the die shuts?',
    how: 'Move the plate by hand; mark the pins with blue; count them round each core that grips.',
    missed: 'Bent walls, pins through the casting, a broken pin in the shut die.',
    hours: [3, 10, 24],
  },
  {
    ...{ id: 'loose', tools: ['die', 'pattern', 'waxDie'], feature: 'loose pieces and slides' },
    question:
      'Are loose pieces and their seats numbered, and is the order in which they are drawn written on the tool?',
    how: 'Take it apart and put it together by the numbers alone; each piece may fit one seat only.',
    missed: 'A piece set wrong or left out: a whole lot is scrap before it is seen.',
    castings: 60,
  },
  {
    ...{ id: 'machine', tools: ['die'], feature: 'machine and water' },
    question: 'Does it fit the machine: lock, plate, shot, stroke, and do the water lines hold?',
    how: 'Plate and tie bars by tape; lock against the sheet; water at twice its pressure for ten minutes, dry die.',
    missed: 'Flash, or water under metal: steam at once.',
    hours: [2, 8, 30],
  },
  {
    ...{ id: 'prints', tools: ['pattern'], feature: 'core prints' },
    question: 'Do core prints hold the core against its lift, and can it be set one way only?',
    how: 'Set a core, turn the mould over, shake it; measure the play.',
    missed: 'Cores float or are set turned: walls of two thicknesses.',
    castings: 30,
  },
  {
    ...{ id: 'rubber', tools: ['master'], feature: 'release of the rubber' },
    question: 'Does the mould let go of thin webs and undercuts without being cut?',
    how: 'First mould from the master: flex it out slowly; look for tears at inner corners.',
    missed: 'Moulds that last a tenth of their life.',
    castings: 25,
  },
  {
    ...{ id: 'marks', tools: ALL, feature: 'marks' },
    question: 'Does it carry part, revision, cavity and alloy, and whose it is?',
    how: 'Read them off a casting, not off the tool.',
    missed: 'Mixed alloys and cavities that nobody can trace.',
    castings: 20,
  },
];
