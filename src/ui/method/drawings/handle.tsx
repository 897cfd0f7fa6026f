'use client';
import { chakra } from '@chakra-ui/react';
import { useRef } from 'react';
import type { DragLine } from '@/core/drawing';
import { INK } from '../../theme/ink';

const Grip = chakra('g', {
  base: {
    cursor: 'grab',
    touchAction: 'none',
    _focusVisible: { outline: '2px solid', outlineColor: 'hot', outlineOffset: '2px' },
  },
});
const KEYS: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 };
const PAGE = 10;

/** Takes hold of a piece: drawn along its line it changes the value it hangs on; by key a millimetre at a time. */
export function Handle({
  name,
  drag,
  up,
  radius,
  onMove,
  onDrop,
}: {
  readonly name: string;
  readonly drag: DragLine;
  readonly up: number;
  readonly radius: number;
  /** While the hand moves it. */
  readonly onMove: (given: string, value: number) => void;
  /** When it is let go. */
  readonly onDrop: (given: string, value: number) => void;
}) {
  const from = useRef<{ readonly x: number; readonly y: number; readonly value: number } | null>(null);
  const { given, step, value, low, high, at } = drag;
  const held = (v: number): number => Number(Math.min(high, Math.max(low, v)).toFixed(1));
  const valueAt = (e: React.PointerEvent<SVGGElement>): number => {
    const scale = e.currentTarget.ownerSVGElement?.getScreenCTM()?.a ?? 1;
    const start = from.current;
    if (start === null) return value;
    const [dx, dy] = [(e.clientX - start.x) / scale, -(e.clientY - start.y) / scale];
    const along = (dx * step[0] + dy * step[1]) / (step[0] ** 2 + step[1] ** 2);
    return held(start.value + along);
  };
  const level = Math.abs(step[0]) > Math.abs(step[1]);
  const [x, y] = [at[0], up - at[1]];
  return (
    <Grip
      tabIndex={0}
      role="slider"
      aria-label={`${name}: move`}
      aria-orientation={level ? 'horizontal' : 'vertical'}
      aria-valuenow={value}
      aria-valuemin={Number(low.toFixed(1))}
      aria-valuemax={Number(high.toFixed(1))}
      aria-valuetext={`${value} mm`}
      data-drag={given}
      onPointerDown={(e) => {
        e.stopPropagation();
        e.currentTarget.setPointerCapture(e.pointerId);
        from.current = { x: e.clientX, y: e.clientY, value };
      }}
      onMouseDown={(e) => e.stopPropagation()}
      onTouchStart={(e) => e.stopPropagation()}
      onPointerMove={(e) => from.current !== null && onMove(given, valueAt(e))}
      onPointerUp={(e) => {
        if (from.current !== null) onDrop(given, valueAt(e));
        from.current = null;
      }}
      onPointerCancel={() => {
        if (from.current !== null) onDrop(given, from.current.value);
        from.current = null;
      }}
      onKeyDown={(e) => {
        const by = KEYS[e.key];
        if (by === undefined) return;
        e.preventDefault();
        e.stopPropagation();
        const sign = (level ? step[0] : step[1]) < 0 ? -1 : 1;
        onDrop(given, held(value + by * sign * (e.shiftKey ? PAGE : 1)));
      }}
    >
      <circle cx={x} cy={y} r={radius * 1.9} fill="transparent" />
      <circle cx={x} cy={y} r={radius} fill={INK.hot} stroke={INK.paper} strokeWidth={radius / 5} />
      <path
        d={level ? `M${x - radius * 1.7} ${y}h${radius * 3.4}` : `M${x} ${y - radius * 1.7}v${radius * 3.4}`}
        stroke={INK.hot}
        strokeWidth={radius / 4}
      />
    </Grip>
  );
}
