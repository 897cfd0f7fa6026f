'use client';
import { chakra, Text } from '@chakra-ui/react';
import { useCallback, useMemo, useRef, type KeyboardEvent } from 'react';
import { demandBand, lifetimeQuantity } from '@/core/brief';
import { shortName } from '@/core/catalogue/routes';
import { RAIL_MAX } from '@/core/comparison/board';
import { whole } from '../format';
import { late } from '../late';
import { useQuantity, useStudy } from '../study/study-context';
import { INK } from '../theme/ink';
import { Ground, Notch } from './ground';
import { Labels } from './labels';
import { HEIGHT, RIBBON_HEIGHT, RIBBON_TOP, WIDTH, x } from './places';
import { QuantityField } from './quantity-field';
import { quantityAt, stepped } from './scale';
import { useNextFrame } from './use-next-frame';

const QuoteTicks = late(() => import('../quotes/quote-ticks').then((m) => m.QuoteTicks));

/** The bar the rail stands in: at the head of the view; on a phone at its foot, within reach of the thumb. */
const RailBar = chakra('div', {
  base: {
    position: { base: 'fixed', md: 'sticky' },
    top: { base: 'auto', md: 0 },
    bottom: { base: 0, md: 'auto' },
    insetInline: { base: 0, md: 'auto' },
    px: { base: '3', md: 0 },
    zIndex: 'rail',
    bg: 'bg',
    py: '1',
    borderTop: { base: '1px solid {colors.fg}', md: 0 },
    borderBottom: { base: 0, md: '1px solid {colors.border}' },
    '& [data-row]': {
      display: 'grid',
      gridTemplateColumns: { base: '1fr', md: '1fr auto' },
      gap: { base: '0', md: '4' },
      alignItems: 'end',
    },
    '& [data-rail]': {
      position: 'relative',
      height: `${HEIGHT}px`,
      touchAction: 'none',
      cursor: 'ew-resize',
      userSelect: 'none',
      borderRadius: 'sm',
    },
    '& [data-rail] svg:not([width])': { display: 'block', width: '100%', height: '100%', overflow: 'visible' },
    '& [data-hand]': { stroke: 'hot' },
    '@media print': { position: 'static', '& [data-row]': { gridTemplateColumns: '1fr 100px' } },
  },
});

/** The quantity rail: its ground is the ribbon of winners; dragged, keyed or typed, everything answers at once. */
export function Rail() {
  const { q, setQ, failed } = useQuantity();
  const { curves, brief, curvesError, study, quoteCount } = useStudy(
    'curves',
    'brief',
    'curvesError',
    'study',
    'quoteCount',
  );
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
    <RailBar>
      <div data-row="">
        <div
          id="rail"
          ref={rail}
          data-rail=""
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
          <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} preserveAspectRatio="none" aria-hidden="true">
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
              data-hand=""
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
          {quoteCount > 0 && <QuoteTicks />}
        </div>
        <QuantityField />
      </div>
      {problem !== null && (
        <Text textStyle="label" role="alert">
          The ribbon could not be calculated: {problem}
        </Text>
      )}
      {curves !== null && curves.exactTo !== null && (
        <Text textStyle="label" color="fg.muted" role="status">
          Exact up to {whole(curves.exactTo)} pieces; beyond that checked at every 2 %, because many layouts cost almost
          the same.
        </Text>
      )}
      {curves === null && problem === null && study.missing.length === 0 && (
        <Text textStyle="label" color="fg.muted" role="status">
          Calculating the ribbon …
        </Text>
      )}
    </RailBar>
  );
}
