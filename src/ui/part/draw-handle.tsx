'use client';
import { chakra } from '@chakra-ui/react';
import { useRef } from 'react';
import type { Vec } from '@/core/part-file/geometry';
import type { ViewerClient } from '@/workers/viewer.client';

const LEAN = Math.PI / 36;
const KEYS: Readonly<Record<string, readonly [right: number, up: number]>> = {
  ArrowLeft: [-LEAN, 0],
  ArrowRight: [LEAN, 0],
  ArrowUp: [0, LEAN],
  ArrowDown: [0, -LEAN],
};

const Handle = chakra('button', {
  base: {
    position: 'absolute',
    width: '22px',
    height: '22px',
    translate: '-50% -50%',
    border: '1.5px dashed {colors.hot}',
    borderRadius: '50%',
    cursor: 'grab',
    touchAction: 'none',
    '&:hover, &:focus-visible': {
      borderStyle: 'solid',
      bg: 'color-mix(in srgb, {colors.hot} 18%, transparent)',
    },
  },
});

/** The point of the arrow along which the mould opens: taken by the hand or by arrow keys it leans another way. */
export function DrawHandle({
  tip,
  viewer,
  leant,
  onHold,
  onLetGo,
}: {
  readonly tip: { readonly x: number; readonly y: number };
  readonly viewer: () => ViewerClient | null;
  /** Direction it is leant to; null while it stands along the draw. */
  readonly leant: Vec | null;
  /** The arrow is taken in hand. */
  readonly onHold: () => void;
  /** Opens the mould that way; null leaves the draw as it is. */
  readonly onLetGo: (d: Vec | null) => void;
}) {
  const held = useRef(false);
  const toward = (e: React.PointerEvent): { x: number; y: number } => {
    const box = e.currentTarget.parentElement?.getBoundingClientRect();
    return { x: e.clientX - (box?.left ?? 0), y: e.clientY - (box?.top ?? 0) };
  };
  return (
    <Handle
      type="button"
      data-testid="draw-handle"
      style={{ left: tip.x, top: tip.y }}
      aria-label="Draw direction: drag it, or tilt it by arrow keys; Enter opens the mould this way, Escape resets it"
      onPointerDown={(e) => {
        e.stopPropagation();
        e.currentTarget.setPointerCapture(e.pointerId);
        held.current = true;
        onHold();
      }}
      onPointerMove={(e) => {
        e.stopPropagation();
        if (held.current) viewer()?.report({ kind: 'steer', to: toward(e) });
      }}
      onPointerUp={(e) => {
        e.stopPropagation();
        held.current = false;
        onLetGo(leant);
      }}
      onPointerCancel={() => {
        held.current = false;
        onLetGo(null);
      }}
      onBlur={() => leant !== null && !held.current && onLetGo(null)}
      onKeyDown={(e) => {
        const lean = KEYS[e.key];
        if (lean !== undefined) {
          onHold();
          viewer()?.report({ kind: 'steer-by', right: lean[0], up: lean[1] });
        } else if (e.key === 'Enter') onLetGo(leant);
        else if (e.key === 'Escape' && leant !== null) onLetGo(null);
        else return;
        e.preventDefault();
        e.stopPropagation();
      }}
    />
  );
}
