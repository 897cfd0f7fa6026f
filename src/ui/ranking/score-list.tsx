'use client';
import { chakra } from '@chakra-ui/react';
import { scoreWorking, WEIGHED, type Rankings, type Weights } from '@/core/comparison/ranking';
import { fixed } from '../format';
import { FigureButton } from '../kit';
import { RouteName } from '../marks/route-name';
import { useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import { scoreWords } from './words';

const List = chakra('ol', {
  base: {
    listStyle: 'none',
    '& li': {
      display: 'grid',
      gridTemplateColumns: 'minmax(0, 1.4fr) minmax(0, 1fr) 2.75rem',
      columnGap: '2.5',
      alignItems: 'center',
      py: '0.5',
    },
    '& [data-bar]': { height: '7px', bg: 'bg.muted' },
    '& [data-bar] i': { display: 'block', height: '100%', bg: 'fg.muted' },
  },
});

/** The routes by their weighted score, the best first; each score opens its working. */
export function ScoreList({ rankings, weights }: { readonly rankings: Rankings; readonly weights: Weights }) {
  const { study } = useStudy('study');
  const { openWorking } = useSheets();
  const currency = study.rates.currency.code;
  return (
    <List aria-label="Routes by the weights">
      {rankings.order.map((id) => {
        const o = rankings.options.find((x) => x.id === id);
        const score = rankings.scores[id] ?? 0;
        return (
          <li
            key={id}
            title={o === undefined ? undefined : WEIGHED.map((key) => scoreWords(o, key, currency)).join(', ')}
          >
            <RouteName laneId={id} />
            <span data-bar="" aria-hidden="true">
              <i style={{ width: `${100 * score}%` }} />
            </span>
            <FigureButton
              textAlign="end"
              title="Open the working"
              onClick={() => {
                const made = scoreWorking(rankings, weights, id, currency);
                openWorking({ laneId: id, figure: made.figure, working: made });
              }}
            >
              {fixed(score, 2)}
            </FigureButton>
          </li>
        );
      })}
    </List>
  );
}
