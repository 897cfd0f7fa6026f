'use client';
import { useEffect, useRef, useState } from 'react';
import { useTheme } from 'next-themes';
import type { Vec } from '@/core/geometry';
import type { Painting } from './bands';
import { PartScene, type Look, type Marker, type MarkerPlace } from './scene';
import type { Shown } from './use-part';

const LOOKS: readonly (readonly [Look, string])[] = [
  ['corner', 'From a corner'],
  ['front', 'Front'],
  ['side', 'Side'],
  ['top', 'Top'],
  ['draw', 'Along the draw'],
];
const AXES = ['x', 'y', 'z'] as const;
const TURN = Math.PI / 18;

/** The part as a picture: turned with the pointer or the arrow keys, cut open, painted, with numbered places. */
export function Viewer({
  shown,
  painting,
  draw,
  parting,
  markers,
  focus,
  onPick,
  onMarker,
}: {
  readonly shown: Shown;
  readonly painting: Painting;
  readonly draw: Vec | null;
  readonly parting: Float32Array | null;
  readonly markers: readonly Marker[];
  /** A place to turn to; a new object each time it is asked for. */
  readonly focus: { readonly at: Vec } | null;
  readonly onPick: (from: Vec, sight: Vec) => void;
  readonly onMarker: (id: string) => void;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const frame = useRef<HTMLDivElement>(null);
  const scene = useRef<PartScene | null>(null);
  const [lacking, setLacking] = useState<string | null>(null);
  const [places, setPlaces] = useState<readonly MarkerPlace[]>([]);
  const [cut, setCut] = useState<{ axis: 0 | 1 | 2; share: number } | null>(null);
  const down = useRef<{ x: number; y: number } | null>(null);
  const { resolvedTheme } = useTheme();

  useEffect(() => {
    if (canvas.current === null || frame.current === null) return;
    let made: PartScene;
    try {
      made = new PartScene(canvas.current, setPlaces);
    } catch (error) {
      const words = error instanceof Error ? error.message : String(error);
      queueMicrotask(() => setLacking(words));
      return;
    }
    scene.current = made;
    const watcher = new ResizeObserver(([entry]) => {
      if (entry !== undefined) made.resize(entry.contentRect.width, entry.contentRect.height);
    });
    watcher.observe(frame.current);
    return () => {
      watcher.disconnect();
      made.dispose();
      scene.current = null;
    };
  }, []);
  useEffect(() => scene.current?.show(shown.corners, shown.creases), [shown]);
  useEffect(() => scene.current?.paint(painting.bandOf, painting.bands), [painting, shown]);
  useEffect(() => {
    if (draw !== null) scene.current?.open(draw, parting ?? new Float32Array());
  }, [draw, parting, shown]);
  useEffect(() => scene.current?.mark(markers), [markers]);
  useEffect(() => scene.current?.cut(cut?.axis ?? null, cut?.share ?? 0), [cut, shown]);
  useEffect(() => {
    if (focus !== null) scene.current?.focus(focus.at);
  }, [focus]);
  useEffect(() => {
    const style = getComputedStyle(document.documentElement);
    scene.current?.inks(style.getPropertyValue('--ink').trim(), style.getPropertyValue('--hot').trim());
  }, [resolvedTheme, shown]);

  if (lacking !== null)
    return (
      <p className="viewer-lack" role="status" data-testid="no-webgl">
        This browser gives no WebGL, so there is no turning picture; every measure and table below works without it.
      </p>
    );
  return (
    <div>
      <div
        className="viewer"
        ref={frame}
        onPointerDown={(e) => (down.current = { x: e.clientX, y: e.clientY })}
        onPointerUp={(e) => {
          const from = down.current;
          down.current = null;
          if (from === null || Math.hypot(e.clientX - from.x, e.clientY - from.y) > 4) return;
          if (e.target !== canvas.current) return;
          const box = canvas.current.getBoundingClientRect();
          const seen = scene.current?.sight(e.clientX - box.left, e.clientY - box.top);
          if (seen !== undefined) onPick(seen.from, seen.sight);
        }}
      >
        <canvas
          ref={canvas}
          tabIndex={0}
          aria-label="Picture of the part: arrow keys turn it, plus and minus come nearer, Enter measures the middle"
          onKeyDown={(e) => {
            const s = scene.current;
            if (s === null) return;
            const act: Readonly<Record<string, () => void>> = {
              ArrowLeft: () => s.turn(-TURN, 0),
              ArrowRight: () => s.turn(TURN, 0),
              ArrowUp: () => s.turn(0, TURN),
              ArrowDown: () => s.turn(0, -TURN),
              '+': () => s.zoom(1.2),
              '=': () => s.zoom(1.2),
              '-': () => s.zoom(1 / 1.2),
              Enter: () => {
                const box = e.currentTarget.getBoundingClientRect();
                const seen = s.sight(box.width / 2, box.height / 2);
                onPick(seen.from, seen.sight);
              },
            };
            const wanted = act[e.key];
            if (wanted === undefined) return;
            e.preventDefault();
            wanted();
          }}
        />
        {places.map((p) => {
          const marker = markers.find((m) => m.id === p.id);
          return marker === undefined ? null : (
            <button
              key={p.id}
              type="button"
              className="place-mark"
              style={{ left: p.x, top: p.y }}
              aria-label={`Place ${marker.label}`}
              onClick={() => onMarker(p.id)}
            >
              {marker.label}
            </button>
          );
        })}
      </div>
      <div className="viewer-bar small" role="group" aria-label="View of the part">
        {LOOKS.map(([look, name]) => (
          <button key={look} type="button" className="textbtn dotted" onClick={() => scene.current?.look(look)}>
            {name}
          </button>
        ))}
        <span className="cut">
          <label htmlFor="cut-axis">Cut across</label>{' '}
          <select
            id="cut-axis"
            className="plain-select"
            value={cut === null ? '' : cut.axis}
            onChange={(e) =>
              setCut(
                e.target.value === '' ? null : { axis: Number(e.target.value) as 0 | 1 | 2, share: cut?.share ?? 0.5 },
              )
            }
          >
            <option value="">nothing</option>
            {AXES.map((name, i) => (
              <option key={name} value={i}>
                {name}
              </option>
            ))}
          </select>{' '}
          {cut !== null && (
            <input
              type="range"
              aria-label="Where it is cut"
              min={0}
              max={100}
              value={Math.round(cut.share * 100)}
              onChange={(e) => setCut({ axis: cut.axis, share: Number(e.target.value) / 100 })}
            />
          )}
        </span>
      </div>
    </div>
  );
}
