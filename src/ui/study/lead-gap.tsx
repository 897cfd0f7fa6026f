'use client';
import { chakra } from '@chakra-ui/react';
import { shortName } from '@/core/catalogue/routes';
import { verdictOf, type Board } from '@/core/comparison/board';
import { differenceTo } from '@/core/study/workings';
import { perPart } from '../format';
import { FigureButton, Unit } from '../kit';
import { Emblem } from '../marks/emblem';
import { useSheets } from '../working/sheets';
import { useQuantity, useStudy } from './study-context';

const Root = chakra('div', {
  base: {
    flex: '0 0 19rem',
    display: 'grid',
    gridTemplateColumns: '22px minmax(0, 1fr) auto',
    rowGap: '1',
    columnGap: '2',
    alignItems: 'center',
    textStyle: 'narrow',
    alignSelf: 'end',
    '& [data-track]': { display: 'block', position: 'relative', height: '9px', bg: 'bg.muted' },
    '& [data-track] i': { position: 'absolute', top: 0, bottom: 0, bg: 'fg.muted' },
    '& [data-first] i': { bg: 'hot' },
    '& [data-gap]': {
      gridColumn: '2 / -1',
      display: 'flex',
      alignItems: 'baseline',
      justifyContent: 'flex-end',
      gap: '2',
      color: 'fg.muted',
    },
    '& [data-gap] b': { fontSize: '1.25rem', lineHeight: 1.1, color: 'fg', fontWeight: 'bold', fontStretch: '96%' },
    '& [data-over]': {
      bg: 'transparent',
      borderInline: '1.5px solid {colors.fg}',
      borderBottom: '1.5px solid {colors.fg}',
    },
  },
});

/** The two that are nearest to each other: their bars on one scale, and the gap between them. */
export function LeadGap() {
  const { study } = useStudy('study');
  const { board } = useQuantity();
  const { openWorking } = useSheets();
  const currency = study.rates.currency.code;
  const ends = nearestTwo(board);
  if (ends === null) return null;
  const [first, second] = ends;
  const [less, more] = [first.allIn, second.allIn];
  const share = Math.round(100 * (1 - less / more));
  return (
    <Root data-testid="gap">
      {[first, second].map((lane, i) => (
        <Line
          key={i}
          laneId={lane.id}
          share={lane.allIn / more}
          text={`${perPart(lane.allIn)} ${currency}`}
          leads={i === 0}
        />
      ))}
      <div data-gap="">
        less per part
        <b>
          <FigureButton
            onClick={() => openWorking({ laneId: second.id, figure: differenceTo('allIn', first.id) })}
            title="Open the working of the difference"
          >
            {perPart(more - less)}
          </FigureButton>
          <Unit>{currency}</Unit>
        </b>
        {share} %
      </div>
    </Root>
  );
}

interface Way {
  readonly id: string;
  readonly allIn: number;
}

/** The two that lead: the two cheapest routes, or, where a way without a casting is cheaper, it and the best casting. */
function nearestTwo(board: Board): readonly [Way, Way] | null {
  const of = (id: string | null): Way | null => {
    const money = board.lanes.find((l) => l.id === id)?.money;
    return id === null || money == null ? null : { id, allIn: money.allIn };
  };
  const [casting, next] = [of(board.leader), of(board.second)];
  const way = verdictOf(board, null).cheaperBaseline;
  const pair = way === null ? ([casting, next] as const) : ([way, casting] as const);
  return pair[0] === null || pair[1] === null ? null : [pair[0], pair[1]];
}

function Line({
  laneId,
  share,
  text,
  leads,
}: {
  readonly laneId: string;
  readonly share: number;
  readonly text: string;
  readonly leads: boolean;
}) {
  return (
    <>
      <Emblem laneId={laneId} size={20} />
      <span
        data-track=""
        data-first={leads || undefined}
        role="img"
        aria-label={`${shortName(laneId)}: ${text} per part`}
      >
        <i style={{ left: 0, width: `${Math.round(1000 * share) / 10}%` }} />
      </span>
      <span style={{ textAlign: 'right' }}>{text}</span>
    </>
  );
}
