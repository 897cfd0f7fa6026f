'use client';
import { INK } from '../theme/ink';
import { chakra } from '@chakra-ui/react';
import { FigureButton, Unit } from '../kit';
import { memo } from 'react';
import type { BoardLane } from '@/core/comparison/board';
import type { LaneMoney } from '@/core/cost';
import { centsThatAdd } from '@/core/base/cents';
import { shortName } from '@/core/catalogue/routes';
import { perPart } from '../format';
import { RouteName } from '../marks/route-name';
import type { LaneActs } from './lane-acts';

/** Lines of a part's cost from the bottom of the stack up, with how each is filled so that grey print tells them apart. */
export const SEGMENTS: readonly (readonly [id: string, name: string, fill: string])[] = [
  ['metal', 'metal', INK.ink],
  ['melting', 'melting', `color-mix(in srgb, ${INK.ink} 72%, ${INK.paper})`],
  ['pours', 'moulds and pouring', `color-mix(in srgb, ${INK.ink} 46%, ${INK.paper})`],
  ['finishing', 'fettling', `repeating-linear-gradient(45deg, ${INK.ink} 0 1.5px, ${INK.paper} 1.5px 5px)`],
  ['heatTreatment', 'heat treatment', `repeating-linear-gradient(-45deg, ${INK.ink} 0 1.5px, ${INK.paper} 1.5px 5px)`],
  ['machining', 'second operations', `repeating-linear-gradient(90deg, ${INK.ink} 0 1.5px, ${INK.paper} 1.5px 4px)`],
  ['inspection', 'inspection', `repeating-linear-gradient(0deg, ${INK.ink} 0 1px, ${INK.paper} 1px 4px)`],
  ['coat', 'coating', `repeating-linear-gradient(90deg, ${INK.ink} 0 1px, ${INK.paper} 1px 7px)`],
  [
    'containment',
    'containment and conditions',
    `repeating-linear-gradient(135deg, ${INK.ink} 0 2.5px, ${INK.paper} 2.5px 7px)`,
  ],
  ['scrapAndRework', 'scrap and rework', `repeating-linear-gradient(45deg, ${INK.ink} 0 3px, ${INK.paper} 3px 5px)`],
  ['setUp', 'lot set-up', `color-mix(in srgb, ${INK.ink} 22%, ${INK.paper})`],
  ['upkeep', 'tool upkeep', `color-mix(in srgb, ${INK.ink} 12%, ${INK.paper})`],
  [
    'firstLots',
    'first lots and remainder',
    `repeating-linear-gradient(135deg, ${INK.ink} 0 1px, ${INK.paper} 1px 8px)`,
  ],
  ['tooling', 'tooling share', INK.paper],
];

const COLOURS = Object.fromEntries(SEGMENTS.map(([id, , fill]) => [id, { background: fill }]));

const Legend = chakra('div', {
  base: {
    display: 'flex',
    flexWrap: 'wrap',
    rowGap: '1',
    columnGap: '3.5',
    my: '1.5',
    textStyle: 'label',
    color: 'fg.muted',
    '& i': {
      display: 'inline-block',
      width: '18px',
      height: '10px',
      me: '1',
      border: '1px solid {colors.border.emphasized}',
      verticalAlign: '-1px',
      printColorAdjust: 'exact',
    },
  },
});

const Row = chakra('div', {
  base: {
    display: 'grid',
    gridTemplateColumns: { base: '1fr 5.25rem', md: 'minmax(150px, 230px) 1fr 5.25rem' },
    columnGap: '3',
    alignItems: 'center',
    py: '0.5',
    '& > [role=group]': { gridColumn: { base: '1 / -1', md: 'auto' }, gridRow: { base: 2, md: 'auto' } },
  },
});

const Bar = chakra('div', { base: { display: 'flex', height: '20px', border: '1px solid {colors.border}' } });

const Segment = chakra('button', {
  base: {
    height: '100%',
    minW: 0,
    flex: '1 1 0',
    p: 0,
    overflow: 'hidden',
    cursor: 'pointer',
    borderRight: '1px solid {colors.bg}',
    printColorAdjust: 'exact',
    _focusVisible: { outlineOffset: '-2px' },
    '& > i': { display: 'block', height: '100%' },
  },
});

/** The figure whose working explains a segment. */
export const figureOf = (id: string): string =>
  id === 'tooling' ? 'tooling' : id === 'firstLots' ? 'total' : `line.${id}`;

/** Lanes whose cost lines are shown, at a quantity. */
export interface LinesProps extends Pick<LaneActs, 'onOpen'> {
  readonly q: number;
  readonly lanes: readonly BoardLane[];
  readonly currency: string;
}

/** The lines of a lane's all-in part cost in the order of SEGMENTS; they add up to it. A remainder may be negative. */
export function lineValues({ allIn, unit, tooling, lines }: LaneMoney, q: number): number[] {
  return SEGMENTS.map(([id]) =>
    id === 'tooling'
      ? tooling / q
      : id === 'firstLots'
        ? allIn - unit - tooling / q
        : (lines[id as keyof typeof lines] ?? 0),
  );
}

/** Lines that few parts have: shown only where one of the lanes does. */
const SELDOM = new Set(['coat', 'containment']);
/** Whether a line is shown for these lanes. */
export const isShown = (id: string, lanes: readonly BoardLane[]): boolean =>
  !SELDOM.has(id) || lanes.some((l) => (l.money?.lines[id as 'coat'] ?? 0) > 0);

/** What each survivor's all-in part cost is made of, on one scale. Every stretch opens its working. */
export const CostStack = memo(function CostStack({ q, lanes, currency, onOpen }: LinesProps) {
  const most = Math.max(...lanes.map((lane) => lane.money?.allIn ?? 0), 1e-9);
  return (
    <div>
      <Legend>
        {SEGMENTS.filter(([id]) => isShown(id, lanes)).map(([id, name]) => (
          <span key={id}>
            <i style={COLOURS[id]} />
            {name}
          </span>
        ))}
      </Legend>
      {lanes.map((lane) => {
        if (lane.money === null) return null;
        const { allIn } = lane.money;
        const values = lineValues(lane.money, q);
        const cents = centsThatAdd(values, allIn);
        return (
          <Row key={lane.id}>
            <RouteName laneId={lane.id} />
            <Bar
              style={{ width: `${Math.max(1, (100 * allIn) / most).toFixed(1)}%` }}
              role="group"
              aria-label={`Cost lines of ${shortName(lane.id)}`}
            >
              {SEGMENTS.map(([id, name], i) => {
                const v = values[i] ?? 0;
                return v <= 0 ? null : (
                  <Stretch
                    key={id}
                    laneId={lane.id}
                    id={id}
                    share={Math.max(0.001, Math.round((1000 * v) / allIn) / 1000)}
                    words={`${name}: ${perPart(cents[i] ?? 0)} ${currency} per part`}
                    onOpen={onOpen}
                  />
                );
              })}
            </Bar>
            <span style={{ textAlign: 'right', whiteSpace: 'nowrap' }}>
              <FigureButton onClick={() => onOpen(lane.id, 'allIn')}>{perPart(allIn)}</FigureButton>
              <Unit>{currency}</Unit>
            </span>
          </Row>
        );
      })}
    </div>
  );
});

/** One stretch of a bar, drawn again only when its share or its words change. */
const Stretch = memo(function Stretch({
  laneId,
  id,
  share,
  words,
  onOpen,
}: {
  readonly laneId: string;
  readonly id: string;
  readonly share: number;
  readonly words: string;
} & Pick<LaneActs, 'onOpen'>) {
  return (
    <Segment
      type="button"
      title={words}
      aria-label={words}
      style={{ flexGrow: share }}
      onClick={() => onOpen(laneId, figureOf(id))}
    >
      <i style={COLOURS[id]} />
    </Segment>
  );
});
