'use client';
import type { Telling } from '@/core/telling';
import { useSheets, type Frozen } from './sheets';

/** A sentence whose figures open their working, or the reasons of their lane. */
export function Told({ told, frozen }: { readonly told: Telling; readonly frozen?: Frozen | undefined }) {
  const { openWorking, openReasons } = useSheets();
  return told.map((piece, i) => {
    if (typeof piece === 'string') return piece;
    const { laneId, figure, q, text } = piece;
    return (
      <button
        key={i}
        type="button"
        className="told"
        title={figure === null ? 'Open the reasons' : 'Open the working'}
        onClick={() => (figure === null ? openReasons(laneId) : openWorking({ laneId, figure, q }, frozen))}
      >
        {text}
      </button>
    );
  });
}
