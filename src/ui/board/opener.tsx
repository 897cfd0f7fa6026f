import { memo } from 'react';
import { FigureButton } from '../kit';

/** A figure on the board that opens what stands behind it. Cells are walked by arrows, so it takes no Tab. */
export const Opener = memo(function Opener({
  laneId,
  figure,
  label,
  text,
  onOpen,
}: {
  readonly laneId: string;
  /** Name of the figure whose working opens; null opens the reasons instead. */
  readonly figure: string | null;
  /** What the figure is, for the pointer that rests on it. */
  readonly label: string;
  readonly text: string;
  readonly onOpen: (laneId: string, figure: string | null) => void;
}) {
  return (
    <FigureButton
      tabIndex={-1}
      onClick={() => onOpen(laneId, figure)}
      title={`${label}: open the ${figure === null ? 'reasons' : 'working'}`}
    >
      {text}
    </FigureButton>
  );
});
