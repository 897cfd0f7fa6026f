'use client';
import { Span, Table, Text, chakra } from '@chakra-ui/react';
import { FigureButton, Section } from '../kit';
import { memo } from 'react';
import {
  RANKING_METHODS,
  firstOf,
  RANKING_WORDS,
  scoreWorking,
  type RankingMethod,
  type Rankings,
} from '@/core/comparison/ranking';
import { shortName } from '@/core/catalogue/routes';
import { differenceTo } from '@/core/study/workings';
import { Emblem } from '../marks/emblem';
import { useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import type { UsedWeights } from './use-weights';
import { WeightsPanel } from './weights-panel';
import { agreement, whyFirst } from './words';

/** Five ways to choose side by side, where they part, and which of them leads this study. */
export const RankingSection = memo(function SchoolsSection({
  rankings,
  used,
}: {
  readonly rankings: Rankings;
  readonly used: UsedWeights;
}) {
  const { study, brief, setBrief } = useStudy('study', 'brief', 'setBrief');
  const currency = study.rates.currency.code;
  const { openWorking, openReasons } = useSheets();
  const open = (school: RankingMethod, laneId: string): void => {
    const worst = rankings.regretAt[laneId];
    if (school === 'spare') openReasons(laneId);
    else if (school === 'weighted') {
      const made = scoreWorking(rankings, used.weights, laneId, currency);
      openWorking({ laneId, figure: made.figure, working: made });
    } else if (school === 'regret' && worst !== undefined && worst.best !== laneId)
      openWorking({ laneId, figure: differenceTo('total', worst.best), q: worst.q });
    else openWorking({ laneId, figure: school === 'soonest' ? 'firstArticle' : 'total' });
  };
  const lead = (school: RankingMethod): void => setBrief({ ...brief, leads: school });
  return (
    <Section
      title="Ranking methods"
      under="every surviving variant, each method by its own measure"
      aria-label="Ranking methods"
    >
      <p data-testid="ranking-agreement">{agreement(rankings)}</p>
      <Table.ScrollArea>
        <Table.Root size="sm" aria-label="Ranking methods">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Method</Table.ColumnHeader>
              <Table.ColumnHeader>Puts first</Table.ColumnHeader>
              <Table.ColumnHeader>By</Table.ColumnHeader>
              <Table.ColumnHeader>Leads this study</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {RANKING_METHODS.map((school) => {
              const id = firstOf(rankings, school);
              const ties = rankings.first[school].length - 1;
              return (
                <Table.Row key={school} aria-current={brief.leads === school ? 'true' : undefined}>
                  <Table.Cell>{RANKING_WORDS[school]}</Table.Cell>
                  <Table.Cell>
                    {id !== null && (
                      <>
                        <Emblem laneId={id} /> {shortName(id)}
                        {ties > 0 && (
                          <Span color="fg.muted" textStyle="label">
                            {' '}
                            and {ties} more as good; the cheapest of them
                          </Span>
                        )}
                      </>
                    )}
                  </Table.Cell>
                  <Table.Cell textStyle="label">
                    {id !== null && (
                      <FigureButton title="Open the working" onClick={() => open(school, id)}>
                        {whyFirst(rankings, school, id, currency)}
                      </FigureButton>
                    )}
                  </Table.Cell>
                  <Table.Cell>
                    <chakra.label textStyle="label">
                      <input
                        type="radio"
                        name="leads"
                        aria-label={`Led by ${RANKING_WORDS[school]}`}
                        checked={brief.leads === school}
                        onChange={() => lead(school)}
                      />{' '}
                      {brief.leads === school ? 'leads' : ''}
                    </chakra.label>
                  </Table.Cell>
                </Table.Row>
              );
            })}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      <Text textStyle="label" data-testid="pareto">
        <Span color="fg.muted">Beaten by none on everything (cost, time, operations, reserve, scrap):</Span>{' '}
        {rankings.pareto.map(shortName).join('; ')}.{' '}
        {Object.keys(rankings.beatenBy).length > 0 && (
          <Span color="fg.muted">
            Beaten:{' '}
            {Object.entries(rankings.beatenBy)
              .map(([id, by]) => `${shortName(id)} by ${shortName(by)}`)
              .join('; ')}
            .
          </Span>
        )}
      </Text>
      <WeightsPanel rankings={rankings} used={used} />
    </Section>
  );
});
