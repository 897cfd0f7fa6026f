import type { Brief } from '../../brief';

/** One thing the brief asks for, and the brief without it. */
export interface Requirement {
  /** Stable within a brief: "needs.pressureTight", "feature.f3", "hole.2". */
  readonly id: string;
  /** What is asked, as the brief calls it. */
  readonly name: string;
  /** How much is asked, in SI; `unit` is null for plain words. */
  readonly asked: number | string;
  readonly unit: 'mm' | 'µm' | 'deg' | 'pieces' | null;
  /** What giving it up means, as words after "without it: ". */
  readonly relaxed: string;
  /** Field of the brief it stands in. */
  readonly path: string;
  /** Gives this up in the brief it was listed from, or in one from which others were given up; that is not touched. */
  readonly relax: (brief: Brief) => Brief;
}

/** A requirement as plain data, without the means to give it up. */
export type PlainRequirement = Omit<Requirement, 'relax'>;

/** What can be sent to another thread and shown. */
export const plainRequirement = ({ id, name, asked, unit, relaxed, path }: Requirement): PlainRequirement => ({
  id,
  name,
  asked,
  unit,
  relaxed,
  path,
});
