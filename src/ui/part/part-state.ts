import type { CoreIssue } from '@/core/base/errors';
import type { PlaceFound, Vec } from '@/core/part-file/geometry';
import type { LengthUnit } from '@/core/part-file/readers';
import type { BodyFound, DrawFound, FileFound, PartAnswer, PartStage } from '@/workers/part.protocol';

/** How far a part has come. */
export interface PartState {
  /** What is being done; null when nothing is. */
  readonly busy: { readonly stage: PartStage | 'fetching'; readonly share: number } | null;
  readonly file: FileFound | null;
  /** The body drawn: area of each of its facets, mm²; a new object for each body. */
  readonly shown: { readonly areas: Float32Array } | null;
  readonly body: BodyFound | null;
  readonly draw: DrawFound | null;
  readonly place: PlaceFound | null;
  readonly asksUnit: { readonly size: Vec; readonly likely: LengthUnit } | null;
  readonly refused: { readonly name: string; readonly issue: CoreIssue | null; readonly message: string } | null;
  /** What became of keeping the file. */
  readonly kept: 'no' | 'sending' | 'kept' | { readonly failed: string };
}

export const NO_PART: PartState = {
  busy: null,
  file: null,
  shown: null,
  body: null,
  draw: null,
  place: null,
  asksUnit: null,
  refused: null,
  kept: 'no',
};

/** A file is being taken: whatever stood there is gone. */
export const taking = (stage: 'reading' | 'fetching'): PartState => ({ ...NO_PART, busy: { stage, share: 0 } });

/** Work was asked for on the part that stands there. */
export const working = (s: PartState, stage: PartStage): PartState => ({
  ...s,
  asksUnit: null,
  busy: { stage, share: 0 },
});

/** Work was stopped by hand: nothing stands there, as before a file was taken. */
export const stopped = (s: PartState): PartState => ({ ...NO_PART, kept: s.kept === 'kept' ? 'kept' : 'no' });

/** A file could not be had at all. */
export const notHad = (name: string, error: unknown): PartState => ({
  ...NO_PART,
  refused: { name, issue: null, message: error instanceof Error ? error.message : String(error) },
});

/** The part after an answer of its worker. A refusal of something further leaves what was measured. */
export function heard(s: PartState, name: string, answer: PartAnswer): PartState {
  switch (answer.kind) {
    case 'progress':
      return { ...s, busy: { stage: answer.stage, share: answer.share } };
    case 'unit-wanted':
      return { ...s, busy: null, asksUnit: { size: answer.size, likely: answer.likely } };
    case 'shown':
      return {
        ...s,
        asksUnit: null,
        file: answer.file,
        shown: { areas: answer.areas },
        body: null,
        draw: null,
        place: null,
      };
    case 'body':
      return { ...s, body: answer.body };
    case 'drawn':
      return { ...s, busy: null, draw: answer.draw };
    case 'picked':
      return { ...s, busy: s.draw === null ? s.busy : null, place: answer.place };
    case 'refused':
      return {
        ...(s.file === null ? { ...NO_PART, kept: s.kept } : s),
        busy: null,
        asksUnit: null,
        refused: { name, issue: answer.issue, message: answer.message },
      };
    case 'still':
    case 'packed':
      return s;
  }
}
