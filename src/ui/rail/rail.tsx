'use client';
import { INK } from '../theme/ink';
import { Box, Span, Text } from '@chakra-ui/react';
import { Unit } from '../kit';
import { memo, useCallback, useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { RAIL_MAX, type CostCurves } from '@/core/comparison/board';
import { demandBand, lifetimeQuantity } from '@/core/brief';
import { shortName } from '@/core/catalogue/routes';
import { whole } from '../format';
import { toneOf } from '../marks/tone';
import { useQuantity, useStudy } from '../study/study-context';
import { placeOf, quantityAt, stepped } from './scale';
import { useNextFrame } from './use-next-frame';

const WIDTH = 1000;
const RIBBON_TOP = 22;
const RIBBON_HEIGHT = 18;
const x = (q: number): number => placeOf(q) * WIDTH;
/** A stretch of quantities in words; one quantity stands alone. */
const stretch = (from: number, to: number): string => (from === to ? whole(from) : `${whole(from)} to ${whole(to)}`);

/** The quantity rail: its ground is the ribbon of winners; dragged, keyed or typed, everything answers at once. */
export function Rail() {
  const { q, setQ, failed } = useQuantity();
  const { curves, brief, curvesError, study } = useStudy('curves', 'brief', 'curvesError', 'study');
  const problem = curvesError ?? failed;
  const rail = useRef<HTMLDivElement>(null);
  const band = useMemo(() => demandBand(brief), [brief]);
  const lifetime = lifetimeQuantity(brief);
  const yearly = brief.quantity.perYear;

  // Measured when the hand is taken: asking again at every move would have the page laid out twice a frame.
  const box = useRef({ left: 0, width: 1 });
  const moveTo = useNextFrame(setQ);
  const drag = useCallback(
    (clientX: number) => moveTo(quantityAt((clientX - box.current.left) / box.current.width)),
    [moveTo],
  );
  const onKey = (event: KeyboardEvent): void => {
    const to: Record<string, number> = {
      ArrowRight: stepped(q, 1, false),
      ArrowUp: stepped(q, 1, false),
      ArrowLeft: stepped(q, -1, false),
      ArrowDown: stepped(q, -1, false),
      PageUp: stepped(q, 1, true),
      PageDown: stepped(q, -1, true),
      Home: 1,
      End: RAIL_MAX,
    };
    const next = to[event.key];
    if (next === undefined) return;
    event.preventDefault();
    setQ(next);
  };
  const leader = curves?.runs.find((r) => q >= r.from && q <= r.to)?.laneId;
  return (
    <div className="rail-wrap">
      <div className="rail-row">
        <div
          id="rail"
          ref={rail}
          className="rail"
          role="slider"
          tabIndex={0}
          aria-label="Quantity, pieces in the whole programme"
          aria-valuemin={1}
          aria-valuemax={RAIL_MAX}
          aria-valuenow={q}
          aria-valuetext={`${q} pieces${leader ? `, ${shortName(leader)} leads` : ''}`}
          onKeyDown={onKey}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            box.current = event.currentTarget.getBoundingClientRect();
            drag(event.clientX);
          }}
          onPointerMove={(event) => event.currentTarget.hasPointerCapture(event.pointerId) && drag(event.clientX)}
        >
          <svg viewBox={`0 0 ${WIDTH} 74`} preserveAspectRatio="none" aria-hidden="true">
            <Ground curves={curves} />
            {band !== null && (
              <g>
                <rect
                  x={x(band[0])}
                  width={Math.max(2, x(band[1]) - x(band[0]))}
                  y={RIBBON_TOP + RIBBON_HEIGHT + 3}
                  height="4"
                  fill={INK.ink}
                  opacity="0.35"
                />
              </g>
            )}
            {yearly !== null && <Notch q={yearly} />}
            {lifetime !== null && <Notch q={lifetime} />}
            <line
              className="hot"
              x1={x(q)}
              x2={x(q)}
              y1={RIBBON_TOP - 8}
              y2={RIBBON_TOP + RIBBON_HEIGHT + 8}
              strokeWidth="2.5"
              vectorEffect="non-scaling-stroke"
              data-testid="rail-hand"
            />
          </svg>
          <Labels curves={curves} yearly={yearly} lifetime={lifetime} band={band} />
        </div>
        <QuantityField />
      </div>
      {problem !== null && (
        <Text textStyle="label" role="alert">
          The ribbon could not be worked out: {problem}
        </Text>
      )}
      {curves !== null && curves.exactTo !== null && (
        <Text textStyle="label" color="fg.muted" role="status">
          Exact up to {whole(curves.exactTo)} pieces; beyond, every 2 % was looked at: the rates keep many layouts
          within a hair of each other.
        </Text>
      )}
      {curves === null && problem === null && study.missing.length === 0 && (
        <Text textStyle="label" color="fg.muted" role="status">
          Working out the ribbon …
        </Text>
      )}
    </div>
  );
}

/** A short stroke under the ribbon at a quantity the brief names. */
function Notch({ q }: { q: number }) {
  return (
    <line
      x1={x(q)}
      x2={x(q)}
      y1={RIBBON_TOP + RIBBON_HEIGHT}
      y2={RIBBON_TOP + RIBBON_HEIGHT + 10}
      stroke={INK.ink}
      strokeWidth="1.5"
      vectorEffect="non-scaling-stroke"
    />
  );
}

/** The ribbon itself: a stretch for each run of one winner. Redrawn only when the cost curves change. */
const Ground = memo(function Ground({ curves }: { curves: CostCurves | null }) {
  return (
    <g>
      <rect x="0" y={RIBBON_TOP} width={WIDTH} height={RIBBON_HEIGHT} fill={INK.deep} />
      {merged(curves).map((run) => (
        <rect
          key={run.from}
          x={x(run.from)}
          y={RIBBON_TOP}
          width={Math.max(0.6, x(run.to + 1) - x(run.from))}
          height={RIBBON_HEIGHT}
          fill={toneOf(run.laneId)}
          stroke={INK.paper}
          strokeWidth="1"
          vectorEffect="non-scaling-stroke"
        >
          <title>{`${stretch(run.from, run.to)}: ${shortName(run.laneId)}`}</title>
        </rect>
      ))}
      {(curves?.crossings ?? []).map((c) => (
        <rect
          key={`${c.first}-${c.last}`}
          x={x(c.first)}
          y={RIBBON_TOP - 5}
          width={Math.max(1.4, x(c.last) - x(c.first))}
          height="5"
          fill={INK.ink}
          opacity={c.kind === 'change' ? 1 : 0.45}
          data-crossing={c.first}
        >
          <title>
            {c.kind === 'change'
              ? `${shortName(c.from)} to ${shortName(c.to)} at ${stretch(c.first, c.last)}${c.last > c.first ? `, changing ${c.changes} times between` : ''}`
              : `${stretch(c.first, c.last)}: whole pours and worn tools change the place ${c.changes} times, and leave it as it was`}
          </title>
        </rect>
      ))}
      {[1, 10, 100, 1000, 10_000, 100_000, RAIL_MAX].map((tick) => (
        <line
          key={tick}
          x1={x(tick)}
          x2={x(tick)}
          y1={RIBBON_TOP + RIBBON_HEIGHT}
          y2={RIBBON_TOP + RIBBON_HEIGHT + 4}
          stroke={INK.line}
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </g>
  );
});

/** Runs too short to see are drawn with their neighbour; what they are is said by the crossing above them. */
function merged(curves: CostCurves | null): { from: number; to: number; laneId: string }[] {
  const out: { from: number; to: number; laneId: string }[] = [];
  for (const run of curves?.runs ?? []) {
    const last = out.at(-1);
    if (last !== undefined && (last.laneId === run.laneId || x(run.to + 1) - x(run.from) < 0.6)) last.to = run.to;
    else out.push({ ...run });
  }
  return out;
}

const short = (n: number): string => (n >= 1_000_000 ? '1 M' : n >= 1000 ? `${n / 1000} k` : String(n));

/** Words on the rail, in HTML so that they keep their shape at any width. */
const Labels = memo(function Labels({
  curves,
  yearly,
  lifetime,
  band,
}: {
  curves: CostCurves | null;
  yearly: number | null;
  lifetime: number | null;
  band: readonly [number, number] | null;
}) {
  const at = (q: number): string => `${100 * placeOf(q)}%`;
  const base = {
    position: 'absolute',
    whiteSpace: 'nowrap',
    pointerEvents: 'none',
    fontSize: 11,
    lineHeight: '14px',
    fontStretch: '85%',
  } as const;
  return (
    <div aria-hidden="true">
      {merged(curves).map((run) => {
        const width = placeOf(run.to + 1) - placeOf(run.from);
        if (width < 0.07) return null;
        return (
          <span
            key={run.from}
            style={{
              ...base,
              top: 0,
              left: at(run.from),
              width: `${100 * width}%`,
              overflow: 'hidden',
              textOverflow: 'ellipsis',
              paddingLeft: 2,
            }}
          >
            {shortName(run.laneId)}
          </span>
        );
      })}
      {[1, 10, 100, 1000, 10_000, 100_000, RAIL_MAX].map((tick) => (
        <Span
          key={tick}
          color="fg.muted"
          style={{
            ...base,
            top: 60,
            left: at(tick),
            transform: tick === 1 ? undefined : tick === RAIL_MAX ? 'translateX(-100%)' : 'translateX(-50%)',
          }}
        >
          {short(tick)}
        </Span>
      ))}
      {yearly !== null && (
        <span style={{ ...base, top: 47, left: at(yearly), transform: 'translateX(-100%)', paddingRight: 4 }}>
          a year
        </span>
      )}
      {lifetime !== null && (
        <span
          style={{ ...base, top: 47, left: at(lifetime), paddingLeft: 4 }}
          title={band === null ? undefined : `Demand ${stretch(band[0], band[1])} pieces`}
        >
          life{band === null ? '' : ', demand band'}
        </span>
      )}
    </div>
  );
});

/** The typed figure beside the rail. What is not a whole number from 1 to a million is refused in words and kept. */
function QuantityField() {
  const { q, setQ } = useQuantity();
  const [typed, setTyped] = useState<string | null>(null);
  const value = typed === null ? null : Number(typed.replace(/[\s\u202f,]/g, ''));
  const bad = value !== null && !(Number.isInteger(value) && value >= 1 && value <= RAIL_MAX);
  useEffect(() => {
    if (value !== null && !bad) setQ(value);
  }, [value, bad, setQ]);
  return (
    <div>
      <div className="qty">
        <input
          aria-label="Quantity, pieces"
          inputMode="numeric"
          value={typed ?? whole(q)}
          aria-invalid={bad}
          aria-describedby={bad ? 'qty-bad' : undefined}
          onFocus={(event) => event.currentTarget.select()}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => !bad && setTyped(null)}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && !bad) event.currentTarget.blur();
            if (event.key === 'Escape') setTyped(null);
          }}
        />
        <Unit>pieces</Unit>
      </div>
      {bad && (
        <Box id="qty-bad" role="alert" textStyle="label" style={{ color: INK.alarm, maxWidth: '24ch' }}>
          Quantity “{typed}”: a whole number from 1 to 1 000 000 is wanted.
        </Box>
      )}
    </div>
  );
}
