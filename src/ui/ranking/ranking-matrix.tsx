'use client';
import { chakra, RadioGroup, Table } from '@chakra-ui/react';
import {
  RANKING_METHODS,
  RANKING_WORDS,
  scoreWorking,
  type LaneScores,
  type RankingMethod,
  type Rankings,
} from '@/core/comparison/ranking';
import { differenceTo } from '@/core/study/workings';
import { fixed, weeks, whole } from '../format';
import { FigureButton, Hint } from '../kit';
import { RouteName } from '../marks/route-name';
import { useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import { BEST } from './best-marks';
import type { UsedWeights } from './use-weights';
import { RANKING_LABELS, whyFirst } from './words';

/** A lane's own figure under a method, in few letters; its unit stands in the head. */
function short(rankings: Rankings, o: LaneScores, method: RankingMethod): string {
  switch (method) {
    case 'cost':
      return whole(o.cost);
    case 'soonest':
      return weeks(o.first);
    case 'spare':
      return `${o.operations} · ${fixed(100 * o.reserve, 0)} %`;
    case 'regret':
      return whole(rankings.maxRegret[o.id] ?? 0);
    case 'weighted':
      return fixed(rankings.scores[o.id] ?? 0, 2);
  }
}

const unitOf = (method: RankingMethod, currency: string): string =>
  ({
    cost: currency,
    soonest: 'weeks',
    spare: 'operations · margin',
    regret: `${currency} at worst`,
    weighted: 'score of 1',
  })[method];

const First = chakra('span', {
  base: { fontWeight: 'bold', '&::before': { content: '"● "', fontSize: '9px', verticalAlign: '2px' } },
});

/** Routes by ranking methods: each method's own figure, the first of each marked, and which method leads the study. */
export function RankingMatrix({ rankings, used }: { readonly rankings: Rankings; readonly used: UsedWeights }) {
  const { study, brief, setBrief } = useStudy('study', 'brief', 'setBrief');
  const currency = study.rates.currency.code;
  const { openWorking, openReasons } = useSheets();
  const open = (method: RankingMethod, laneId: string): void => {
    const worst = rankings.regretAt[laneId];
    if (method === 'spare') openReasons(laneId);
    else if (method === 'weighted') {
      const made = scoreWorking(rankings, used.weights, laneId, currency);
      openWorking({ laneId, figure: made.figure, working: made });
    } else if (method === 'regret' && worst !== undefined && worst.best !== laneId)
      openWorking({ laneId, figure: differenceTo('total', worst.best), q: worst.q });
    else openWorking({ laneId, figure: method === 'soonest' ? 'firstArticle' : 'total' });
  };
  const lanes = rankings.options.toSorted((a, b) => a.cost - b.cost);
  return (
    <RadioGroup.Root
      display="block"
      value={brief.leads}
      onValueChange={(e) => setBrief({ ...brief, leads: e.value as RankingMethod })}
      aria-label="Ranking method that leads this study"
    >
      <Table.ScrollArea>
        <Table.Root size="sm" aria-label="Routes by ranking methods">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Route</Table.ColumnHeader>
              {RANKING_METHODS.map((method) => (
                <Table.ColumnHeader key={method} className="num">
                  <Hint text={BEST[method][1]}>
                    <RadioGroup.Item value={method} title={`Lead this study by ${RANKING_WORDS[method]}`}>
                      <RadioGroup.ItemHiddenInput aria-label={`Led by ${RANKING_WORDS[method]}`} />
                      <RadioGroup.ItemIndicator />
                      <RadioGroup.ItemText>{RANKING_LABELS[method]}</RadioGroup.ItemText>
                    </RadioGroup.Item>
                  </Hint>
                  <div>{unitOf(method, currency)}</div>
                </Table.ColumnHeader>
              ))}
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {lanes.map((o) => (
              <Table.Row key={o.id} data-ranked={o.id}>
                <Table.Cell>
                  <RouteName laneId={o.id} />
                </Table.Cell>
                {RANKING_METHODS.map((method) => {
                  const first = rankings.first[method].includes(o.id);
                  const figure = (
                    <FigureButton title={whyFirst(rankings, method, o.id, currency)} onClick={() => open(method, o.id)}>
                      {short(rankings, o, method)}
                    </FigureButton>
                  );
                  return (
                    <Table.Cell key={method} className="num" data-first={first ? method : undefined}>
                      {first ? <First>{figure}</First> : figure}
                    </Table.Cell>
                  );
                })}
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
    </RadioGroup.Root>
  );
}
