import { useTheme } from 'next-themes';
import { useEffect, useRef, useState, type RefObject } from 'react';
import type { Vec } from '@/core/part-file/geometry';
import { ViewerClient } from '@/workers/viewer.client';
import type { Marker, PictureDrawn } from '@/workers/viewer.protocol';
import { INK_VARIABLES } from '../theme/ink';
import type { Painting } from './bands';
import type { PartState } from './part-state';
import type { Cut } from './viewer-bar';

/** What the picture shows. */
export interface Pictured {
  /** Filled while there is a picture; bodies come to it from the worker that reads them. */
  readonly viewerRef: RefObject<ViewerClient | null>;
  readonly shown: PartState['shown'];
  readonly painting: Painting | null;
  readonly draw: Vec | null;
  readonly parting: Float32Array | null;
  readonly markers: readonly Marker[];
  /** A place to turn to; a new object each time it is asked for. */
  readonly focus: { readonly at: Vec } | null;
  readonly onPick: (from: Vec, sight: Vec) => void;
}

/**
 * Keeps a picture in a frame, drawn by a worker, and tells it what to show.
 * @param cut plane the part is cut open with
 * @returns the frame; whether the browser can draw; what was drawn last; where the arrow is leant while it is held
 */
export function useViewer(pictured: Pictured, cut: Cut | null) {
  const { viewerRef, shown, painting, draw, parting, markers, focus, onPick } = pictured;
  const frame = useRef<HTMLDivElement>(null);
  const [lacking, setLacking] = useState(false);
  const [picture, setPicture] = useState<{ readonly of: PartState['shown']; readonly seen: PictureDrawn } | null>(null);
  const [leant, setLeant] = useState<Vec | null>(null);
  const steering = useRef(false);
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
  const hold = (held: boolean): void => {
    steering.current = held;
    if (!held) setLeant(null);
  };
  return { frame, lacking, seen, leant, hold };
}
