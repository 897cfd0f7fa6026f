'use client';
import { INK_VARIABLES } from '../theme/ink';
import { chakra, Text } from '@chakra-ui/react';
import { useTheme } from 'next-themes';
import { useEffect, useRef, useState, type RefObject } from 'react';
import type { Vec } from '@/core/part-file/geometry';
import { ViewerClient } from '@/workers/viewer.client';
import type { Marker, PictureDrawn } from '@/workers/viewer.protocol';
import { fixed } from '../format';
import type { Painting } from './bands';
import { DrawHandle } from './draw-handle';
import type { PartState } from './part-state';
import { meant } from './steer';
import { late, Touched } from '../late';
import type { Cut } from './viewer-bar';

const ViewerBar = late(() => import('./viewer-bar').then((m) => m.ViewerBar));

const TURN = Math.PI / 18;
/** Turn of the part for a pixel the pointer is moved, rad. */
const TURN_OF_PIXEL = 0.008;
/** A press that moves no further than this is a click, pixels. */
const STILL = 4;

const Frame = chakra('div', {
  base: {
    position: 'relative',
    height: 'min(56vh, 520px)',
    minHeight: '280px',
    overflow: 'hidden',
    border: '1px solid {colors.border}',
    bg: 'bg.subtle',
    '& canvas': {
      position: 'absolute',
      inset: 0,
      width: '100%',
      height: '100%',
      touchAction: 'none',
      cursor: 'grab',
    },
  },
});

const PlaceMark = chakra('button', {
  base: {
    position: 'absolute',
    translate: '-50% -50%',
    px: '1',
    textStyle: 'label',
    lineHeight: '18px',
    fontWeight: 'bold',
    color: 'bg',
    bg: 'fg',
    border: '1px solid {colors.bg}',
    cursor: 'pointer',
  },
});

/** The part as a picture: turned with the pointer or the arrow keys, cut open, painted, with numbered places. */
export function Viewer({
  viewerRef,
  shown,
  painting,
  draw,
  tried,
  parting,
  markers,
  focus,
  onPick,
  onMarker,
  onTurn,
}: {
  /** Filled while there is a picture; bodies come to it from the worker that reads them. */
  readonly viewerRef: RefObject<ViewerClient | null>;
  readonly shown: PartState['shown'];
  readonly painting: Painting | null;
  readonly draw: Vec | null;
  /** Draws that a leant arrow catches on. */
  readonly tried: readonly Vec[];
  readonly parting: Float32Array | null;
  readonly markers: readonly Marker[];
  /** A place to turn to; a new object each time it is asked for. */
  readonly focus: { readonly at: Vec } | null;
  readonly onPick: (from: Vec, sight: Vec) => void;
  readonly onMarker: (id: string) => void;
  /** Opens the mould another way; null where it cannot be turned now. */
  readonly onTurn: ((d: Vec) => void) | null;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const [lacking, setLacking] = useState(false);
  const [picture, setPicture] = useState<{ readonly of: PartState['shown']; readonly seen: PictureDrawn } | null>(null);
  const [leant, setLeant] = useState<Vec | null>(null);
  const steering = useRef(false);
  const [cut, setCut] = useState<Cut | null>(null);
  const down = useRef<{ x: number; y: number; moved: boolean; pan: boolean } | null>(null);
  const { resolvedTheme } = useTheme();
  const picked = useRef(onPick);
  const body = useRef(shown);
  useEffect(() => {
    picked.current = onPick;
    body.current = shown;
  }, [onPick, shown]);
  const seen = picture !== null && shown !== null && picture.of === shown ? picture.seen : null;

  useEffect(() => {
    const room = frame.current;
    if (room === null) return;
    const canvas = document.createElement('canvas');
    canvas.setAttribute('aria-hidden', 'true');
    room.prepend(canvas);
    let made: ViewerClient;
    try {
      made = new ViewerClient(canvas, (answer) => {
        if (answer.kind === 'drawn') setPicture({ of: body.current, seen: answer });
        else if (answer.kind === 'steered') setLeant(steering.current ? answer.direction : null);
        else if (answer.kind === 'sight') picked.current(answer.from, answer.sight);
        else setLacking(true);
      });
    } catch {
      // A browser that cannot give a canvas away shows none; the measures stand without it.
      canvas.remove();
      queueMicrotask(() => setLacking(true));
      return;
    }
    viewerRef.current = made;
    const watcher = new ResizeObserver(([entry]) => {
      if (entry !== undefined)
        made.report({ kind: 'resize', width: entry.contentRect.width, height: entry.contentRect.height });
    });
    watcher.observe(room);
    // The wheel comes nearer only where the picture has the hand; else it moves the page, as everywhere.
    const wheel = (e: WheelEvent): void => {
      if (document.activeElement !== room && !e.ctrlKey) return;
      e.preventDefault();
      made.report({ kind: 'zoom', times: Math.exp(-e.deltaY * 0.001) });
    };
    room.addEventListener('wheel', wheel, { passive: false });
    return () => {
      watcher.disconnect();
      room.removeEventListener('wheel', wheel);
      made.close();
      canvas.remove();
      viewerRef.current = null;
    };
  }, [viewerRef]);
  useEffect(() => {
    if (painting === null) return;
    const bands = painting.bands.map(({ tone, hatched }) => ({ tone, hatched }));
    viewerRef.current?.report({ kind: 'paint', bandOf: painting.bandOf, bands });
  }, [viewerRef, painting]);
  useEffect(() => {
    if (draw !== null)
      viewerRef.current?.report({ kind: 'open', direction: draw, parting: parting ?? new Float32Array() });
  }, [viewerRef, draw, parting, shown]);
  useEffect(() => viewerRef.current?.report({ kind: 'mark', markers }), [viewerRef, markers]);
  useEffect(
    () => viewerRef.current?.report({ kind: 'cut', axis: cut?.axis ?? null, share: cut?.share ?? 0 }),
    [viewerRef, cut, shown],
  );
  useEffect(() => {
    if (focus !== null) viewerRef.current?.report({ kind: 'focus', at: focus.at });
  }, [viewerRef, focus]);
  useEffect(() => {
    const style = getComputedStyle(document.documentElement);
    const [ink, hot] = [INK_VARIABLES.ink, INK_VARIABLES.hot].map((name) => style.getPropertyValue(name).trim());
    viewerRef.current?.report({ kind: 'inks', ink: ink || '#24211d', hot: hot || '#b23c0e' });
  }, [viewerRef, resolvedTheme]);
  const letGo = (d: Vec | null): void => {
    steering.current = false;
    setLeant(null);
    if (d === null) viewerRef.current?.report({ kind: 'steer', to: null });
    else onTurn?.(meant(d, tried));
  };

  if (lacking && shown === null) return null;
  if (lacking)
    return (
      <Text p="4" border="1px dashed" borderColor="border.emphasized" role="status" data-testid="no-webgl">
        This browser has no WebGL, so there is no 3D picture; every measure and table below works without it.
      </Text>
    );
  return (
    <div hidden={shown === null}>
      <Frame
        ref={frame}
        role="application"
        tabIndex={0}
        data-drawn={seen !== null}
        aria-label="Picture of the part: arrow keys turn it, plus and minus come nearer, Enter measures the middle"
        onPointerDown={(e) => {
          if ((e.target as Element).tagName !== 'CANVAS') return;
          e.currentTarget.focus();
          e.currentTarget.setPointerCapture(e.pointerId);
          down.current = { x: e.clientX, y: e.clientY, moved: false, pan: e.button !== 0 || e.shiftKey };
        }}
        onPointerMove={(e) => {
          const from = down.current;
          if (from === null) return;
          const [x, y] = [e.clientX - from.x, e.clientY - from.y];
          if (!from.moved && Math.hypot(x, y) <= STILL) return;
          down.current = { ...from, x: e.clientX, y: e.clientY, moved: true };
          if (from.pan) viewerRef.current?.report({ kind: 'pan', x, y });
          else viewerRef.current?.report({ kind: 'turn', right: -x * TURN_OF_PIXEL, up: y * TURN_OF_PIXEL });
        }}
        onPointerUp={(e) => {
          const from = down.current;
          down.current = null;
          if (from === null || from.moved) return;
          const box = e.currentTarget.getBoundingClientRect();
          viewerRef.current?.report({ kind: 'sight', x: e.clientX - box.left, y: e.clientY - box.top });
        }}
        onContextMenu={(e) => e.preventDefault()}
        onKeyDown={(e) => {
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
          viewerRef.current?.report(act[e.key as keyof typeof act]);
        }}
      >
        {(seen?.places ?? []).map((p) => {
          const marker = markers.find((m) => m.id === p.id);
          return marker === undefined ? null : (
            <PlaceMark
              key={p.id}
              type="button"
              style={{ left: p.x, top: p.y }}
              aria-label={`Place ${marker.label}`}
              onClick={() => onMarker(p.id)}
            >
              {marker.label}
            </PlaceMark>
          );
        })}
        {seen?.tip != null && draw !== null && onTurn !== null && (
          <DrawHandle
            tip={seen.tip}
            viewer={() => viewerRef.current}
            leant={leant}
            onLetGo={letGo}
            onHold={() => {
              steering.current = true;
            }}
          />
        )}
        {leant !== null && (
          <Text
            position="absolute"
            insetStart="2.5"
            bottom="2"
            px="1.5"
            py="0.5"
            bg="bg"
            border="1px solid"
            borderColor="border.emphasized"
            textStyle="label"
            role="status"
          >
            Along{' '}
            {meant(leant, tried)
              .map((x) => fixed(x, 2))
              .join(', ')}
            : release, or press Enter, to open this way.
          </Text>
        )}
      </Frame>
      <Touched>{shown !== null && <ViewerBar viewer={viewerRef} cut={cut} onCut={setCut} />}</Touched>
    </div>
  );
}
