'use client';
import { Box, Checkbox, Table, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import type { Method } from '@/core/method';
import { reviewOf, type Review, type ReviewTool } from '@/core/method/review';
import { whole } from '../format';
import { FigureButton, Fold, Section } from '../kit';
import { useUnits } from '../preferences';
import { useQuantity, useStudy } from '../study/study-context';
import { textInUnits } from '../text-in-units';
import { MethodWorkingSheet } from './method-working';

const TOOL_WORDS: Readonly<Record<ReviewTool, string>> = {
  ...{ die: 'a die', pattern: 'a pattern with its core boxes', waxDie: 'a wax die', master: 'a master and its mould' },
};

/** What to ask of a tool that was bought or inherited, before it is poured into. */
export function ReviewList({ method }: { readonly method: Method }) {
  const { study } = useStudy('study');
  const { q } = useQuantity();
  const review = useMemo(() => reviewOf(study, method, q), [study, method, q]);
  const [trail, setTrail] = useState<readonly string[]>([]);
  if (review === null) return null;
  const { questions, tool } = review;
  return (
    <Section
      title="A tool made elsewhere"
      under={`${questions.length} questions to ${TOOL_WORDS[tool]}`}
      data-testid="review-list"
    >
      <Fold summary="Questions, how each is checked, and what it costs if it is missed">
        <Questions review={review} currency={study.rates.currency.code} onFigure={(id) => setTrail([id])} />
      </Fold>
      <MethodWorkingSheet
        method={{ laneId: method.laneId, figures: review.figures }}
        figure={trail.at(-1)}
        onClose={() => setTrail([])}
        onDeeper={(next) => setTrail([...trail, next])}
        onBack={trail.length > 1 ? () => setTrail(trail.slice(0, -1)) : null}
      />
    </Section>
  );
}

function Questions({
  review,
  currency,
  onFigure,
}: {
  readonly review: Review;
  readonly currency: string;
  readonly onFigure: (id: string) => void;
}) {
  const [units] = useUnits();
  return (
    <Table.ScrollArea tabIndex={0}>
      <Table.Root size="sm" aria-label="Questions to a tool made elsewhere">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Question</Table.ColumnHeader>
            <Table.ColumnHeader>How it is checked</Table.ColumnHeader>
            <Table.ColumnHeader>If it is missed</Table.ColumnHeader>
            <Table.ColumnHeader className="num">{currency}</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {review.questions.map((x) => (
            <Table.Row key={x.id} data-question={x.id} verticalAlign="top">
              <Table.Cell whiteSpace="normal" minW="16rem">
                <Checkbox.Root alignItems="flex-start">
                  <Checkbox.HiddenInput />
                  <Checkbox.Control mt="0.5" />
                  <Checkbox.Label whiteSpace="normal">
                    {x.question}
                    {x.here !== '' && (
                      <Box textStyle="label" color="fg.muted" fontWeight="normal">
                        Here: {textInUnits(x.here, units)}
                      </Box>
                    )}
                  </Checkbox.Label>
                </Checkbox.Root>
              </Table.Cell>
              <Table.Cell whiteSpace="normal" minW="14rem">
                {textInUnits(x.how, units)}
              </Table.Cell>
              <Table.Cell whiteSpace="normal" minW="12rem">
                <Text>{x.missed}</Text>
              </Table.Cell>
              <Table.Cell className="num">
                <FigureButton title={`${x.feature}: open the working`} onClick={() => onFigure(x.cost)}>
                  {whole(x.cost_USD)}
                </FigureButton>
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}
