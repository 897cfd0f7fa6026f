'use client';
import { FigureButton } from '../kit';
import type { Explanation, ExplainedFigure } from '@/core/explanation';
import { useUnits } from '../preferences';
import { textInUnits } from '../text-in-units';
import { useSheets } from './sheets';
import { type StudyAt } from './figure-at';

/** What closes a figure stays on its line. */
const CLOSING = /^[.,;:)]+/;

/** A sentence whose figures open their working, or the reasons of their lane. */
export function Explained({
  explanation,
  studyAt,
}: {
  readonly explanation: Explanation;
  /** The study its figures are opened from where it is not the one on the screen; by whose figure it is where there are two. */
  readonly studyAt?: StudyAt | ((at: ExplainedFigure['at']) => StudyAt | undefined) | undefined;
}) {
  const { openWorking, openReasons } = useSheets();
  const [units] = useUnits();
  return explanation.map((piece, i) => {
    if (typeof piece === 'string')
      return textInUnits(typeof explanation[i - 1] === 'object' ? piece.replace(CLOSING, '') : piece, units);
    const { laneId, figure, q, text, working, at } = piece;
    const next = explanation[i + 1];
    const closing = typeof next === 'string' ? (CLOSING.exec(next)?.[0] ?? '') : '';
    const button = (
      <FigureButton
        key={i}
        whiteSpace="normal"
        title={figure === null ? 'Open the reasons' : 'Open the working'}
        onClick={() =>
          figure === null
            ? openReasons(laneId)
            : openWorking({ laneId, figure, q, working }, typeof studyAt === 'function' ? studyAt(at) : studyAt)
        }
      >
        {textInUnits(text, units)}
      </FigureButton>
    );
    return closing === '' ? (
      button
    ) : (
      // What closes a figure stays on its line, while the figure itself may break.
      <span key={i} style={{ whiteSpace: 'nowrap' }}>
        {button}
        {closing}
      </span>
    );
  });
}
