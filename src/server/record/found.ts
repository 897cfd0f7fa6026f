import { StudyWorkings } from '@/core/phased-plans';
import { sureTold } from '@/core/decision';
import { CoreError } from '@/core/base/errors';
import { plain, type ToldFigure } from '@/core/explanation';
import type { Working } from '@/core/equations';
import { sureOf, type RecordSheet } from './sheet';

/** A figure of how sure a choice was, or of what would overturn it, with how it was found. */
export interface FoundFigure {
  /** The sentence it stands in. */
  readonly sentence: string;
  readonly laneId: string;
  readonly working: Working;
}

/** How the figures of the doubt of a record were found, each once; none for records of earlier builds. */
export function foundFigures(sheet: RecordSheet): FoundFigure[] {
  const { doubt } = sheet.decision.frozen;
  if (doubt?.flipsTold === undefined) return [];
  const seen = new Set<string>();
  return [...sureTold(doubt, sureOf(sheet)), ...doubt.flipsTold].flatMap((told) =>
    told.flatMap((piece): FoundFigure[] => {
      const working = typeof piece === 'string' ? null : workingOf(sheet, piece);
      if (typeof piece === 'string' || working === null) return [];
      const name = `${piece.laneId} ${working.title} ${working.value}`;
      if (seen.has(name)) return [];
      seen.add(name);
      return [{ sentence: plain(told), laneId: piece.laneId, working }];
    }),
  );
}

/** What a told figure opens; null where this build cannot work it out. */
function workingOf({ workings, study }: RecordSheet, { laneId, figure, q, made }: ToldFigure): Working | null {
  if (made !== undefined) return made;
  if (figure === null) return null;
  try {
    return (q === undefined ? workings : new StudyWorkings(study, q)).working(laneId, figure);
  } catch (error) {
    if (error instanceof CoreError) return null;
    throw error;
  }
}
