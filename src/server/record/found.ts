import { StudyWorkings } from '@/core/phased-plans';
import { certaintyExplanation } from '@/core/decision';
import { CoreError } from '@/core/base/errors';
import { plain, type ExplainedFigure } from '@/core/explanation';
import type { Working } from '@/core/equations';
import { sureOf, type RecordSheet } from './sheet';

/** A figure of how sure a choice was, or of what would overturn it, with how it was found. */
export interface FoundFigure {
  /** The sentence it stands in. */
  readonly sentence: string;
  readonly laneId: string;
  readonly working: Working;
}

/** How the figures of the simulation of a record were found, each once; none for records of earlier builds. */
export function foundFigures(sheet: RecordSheet): FoundFigure[] {
  const { simulation } = sheet.decision.snapshot;
  if (simulation?.flipExplanations === undefined) return [];
  const seen = new Set<string>();
  return [...certaintyExplanation(simulation, sureOf(sheet)), ...simulation.flipExplanations].flatMap((explanation) =>
    explanation.flatMap((piece): FoundFigure[] => {
      const working = typeof piece === 'string' ? null : workingOf(sheet, piece);
      if (typeof piece === 'string' || working === null) return [];
      const name = `${piece.laneId} ${working.title} ${working.value}`;
      if (seen.has(name)) return [];
      seen.add(name);
      return [{ sentence: plain(explanation), laneId: piece.laneId, working }];
    }),
  );
}

/** What a told figure opens; null where this build cannot work it out. */
function workingOf({ workings, study }: RecordSheet, { laneId, figure, q, working }: ExplainedFigure): Working | null {
  if (working !== undefined) return working;
  if (figure === null) return null;
  try {
    return (q === undefined ? workings : new StudyWorkings(study, q)).working(laneId, figure);
  } catch (error) {
    if (error instanceof CoreError) return null;
    throw error;
  }
}
