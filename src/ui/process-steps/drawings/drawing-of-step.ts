import type { ProcessStep } from '@/core/catalogue/process-steps';
import type { DrawingId } from './shapes.data';

/** What is drawn for a step, by the first words of its name that fit; the order decides. */
const BY_WORDS: readonly (readonly [RegExp, DrawingId])[] = [
  [/^Read the drawing/, 'drawing'],
  [/^(Lay out|Design|Cut gates)/, 'layout'],
  [/^(Set (pattern )?allowances|Sum the shrinkages)/, 'drawing'],
  [/^(Make the master|Make masters)/, 'master'],
  [/wax (die|mould)|^Inject|hold wax/i, 'wax'],
  [/^Make (pattern|patterns)/, 'pattern'],
  [/^(Machine and fit the die|Build and try the die|Make, harden)|^Hang the die|^Set the die/, 'die'],
  [/disc$|^Lay out the disc|^Powder and close/, 'disc'],
  [/^Choose and buy stock/, 'stock'],
  [/^Program/, 'program'],
  [/tree/, 'tree'],
  [/^(Prime coats|Back-up coats)/, 'shell'],
  [/^(Dewax|Fire|Preheat|Dry and bake)/, 'oven'],
  [/^(Mix sand|Prepare and test green sand)/, 'sand'],
  [/^(Mould drag|Fill, compact|Draw, mend)/, 'ram'],
  [/^(Set cores and close|Close, clamp|Set and glue)/, 'close'],
  [/^Set cores, close, ladle/, 'pour'],
  [/core/i, 'core'],
  [/^(Clean and coat the die|Coat the die|Coat and dry)/, 'brush'],
  [/^Mix, vacuum/, 'flask'],
  [/^(Weigh, soak|Set and strip)/, 'slurry'],
  [/^Spray release/, 'coat'],
  [/^(Charge and melt|Melt)/, 'melt'],
  [/^Treat:/, 'treat'],
  [/^Warm-up/, 'warm'],
  [/^Spin and pour/, 'spin'],
  [/^Shot/, 'shot'],
  [/^(Open, slides|Open, flex|Pull cores)/, 'eject'],
  [/^Cool/, 'cool'],
  [/[Pp]our|^Cycle/, 'pour'],
  [/^(Quench|Break out and wash)/, 'quench'],
  [/^(Shake out|Knock|Decore|Break and clip)/, 'shake'],
  [/^(Cut off|Saw|Trim)/, 'saw'],
  [/^(Vibrate|Deburr)/, 'blast'],
  [/^Fettle/, 'grind'],
  [/^Straighten/, 'straighten'],
  [/(Heat treat|Solution|Age|stress relieve)/, 'oven'],
  [/^Drill/, 'drill'],
  [/^(Machine|Rough|Finish cut)/, 'machine'],
  [/^(Leak)/, 'leak'],
  [/^(Coat|Plate|Anodise|Clean and passivate)/, 'coat'],
  [/^(First article|Clean, measure)/, 'gauge'],
  [/^Inspect/, 'inspect'],
  [/^Certificate/, 'pack'],
];

/** What is drawn where no words fit: by the phase. */
const BY_PHASE: Readonly<Record<ProcessStep['phase'], DrawingId>> = {
  design: 'drawing',
  tooling: 'die',
  mould: 'ram',
  melt: 'melt',
  pour: 'pour',
  clean: 'grind',
  treat: 'oven',
  finish: 'machine',
  inspect: 'inspect',
  ship: 'pack',
};

/** Pulled with its cores, a casting is drawn coming out; cores set alone, as cores. */
const PULLED = /^Pull cores/;

/**
 * What is drawn beside a step of making.
 *
 * @example
 * drawingOfStep({ name: 'Skim and pour', phase: 'pour' }) // 'pour'
 */
export function drawingOfStep({ name, phase }: Pick<ProcessStep, 'name' | 'phase'>): DrawingId {
  if (PULLED.test(name)) return 'eject';
  return BY_WORDS.find(([words]) => words.test(name))?.[1] ?? BY_PHASE[phase];
}
