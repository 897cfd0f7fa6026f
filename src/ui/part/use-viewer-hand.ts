import { useRef, type HTMLAttributes, type RefObject } from 'react';
import type { ViewerClient } from '@/workers/viewer.client';

const TURN = Math.PI / 18;
/** Turn of the part for a pixel the pointer is moved, rad. */
const TURN_OF_PIXEL = 0.008;
/** A press that moves no further than this is a click, pixels. */
const STILL = 4;

type Handlers = Pick<
  HTMLAttributes<HTMLDivElement>,
  'onPointerDown' | 'onPointerMove' | 'onPointerUp' | 'onContextMenu' | 'onKeyDown'
>;

/** What pointer and keys do to the picture: turn, move, come nearer, measure a place. */
export function useViewerHand(viewer: RefObject<ViewerClient | null>): Handlers {
  const down = useRef<{ x: number; y: number; moved: boolean; pan: boolean } | null>(null);
  return {
    onPointerDown: (e) => {
      if ((e.target as Element).tagName !== 'CANVAS') return;
      e.currentTarget.focus();
      e.currentTarget.setPointerCapture(e.pointerId);
      down.current = { x: e.clientX, y: e.clientY, moved: false, pan: e.button !== 0 || e.shiftKey };
    },
    onPointerMove: (e) => {
      const from = down.current;
      if (from === null) return;
      const [x, y] = [e.clientX - from.x, e.clientY - from.y];
      if (!from.moved && Math.hypot(x, y) <= STILL) return;
      down.current = { ...from, x: e.clientX, y: e.clientY, moved: true };
      if (from.pan) viewer.current?.report({ kind: 'pan', x, y });
      else viewer.current?.report({ kind: 'turn', right: -x * TURN_OF_PIXEL, up: y * TURN_OF_PIXEL });
    },
    onPointerUp: (e) => {
      const from = down.current;
      down.current = null;
      if (from === null || from.moved) return;
      const box = e.currentTarget.getBoundingClientRect();
      viewer.current?.report({ kind: 'sight', x: e.clientX - box.left, y: e.clientY - box.top });
    },
    onContextMenu: (e) => e.preventDefault(),
    onKeyDown: (e) => {
      const box = e.currentTarget.getBoundingClientRect();
      const act = {
        ArrowLeft: { kind: 'turn', right: -TURN, up: 0 },
        ArrowRight: { kind: 'turn', right: TURN, up: 0 },
        ArrowUp: { kind: 'turn', right: 0, up: TURN },
        ArrowDown: { kind: 'turn', right: 0, up: -TURN },
        '+': { kind: 'zoom', times: 1.2 },
        '=': { kind: 'zoom', times: 1.2 },
        '-': { kind: 'zoom', times: 1 / 1.2 },
        Enter: { kind: 'sight', x: box.width / 2, y: box.height / 2 },
      } as const;
      if (e.target !== e.currentTarget || !(e.key in act)) return;
      e.preventDefault();
      viewer.current?.report(act[e.key as keyof typeof act]);
    },
  };
}
