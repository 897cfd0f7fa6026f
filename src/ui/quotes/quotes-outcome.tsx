'use client';
import { Box, Span } from '@chakra-ui/react';
import { perPart } from '../format';
import { FigureButton } from '../kit';
import { quoteById } from './quote-words';
import type { QuotesFound } from './quotes.types';

/** What leads once quotes stand in place of the model, in one sentence with the figures open. */
export function QuotesOutcome({
  found,
  onFigure,
}: {
  readonly found: QuotesFound;
  readonly onFigure?: (quoteId: string) => void;
}) {
  const { byModel, byQuotes, nextByQuotes, changed, setting } = found.assessed;
  if (byModel === null || byQuotes === null || found.assessed.quotes.length === 0) return null;
  const { quoteId } = byQuotes;
  const foundry = quoteById(found, quoteId)?.held.foundry;
  const price = (text: string) =>
    quoteId === null || onFigure === undefined ? (
      <strong>{text}</strong>
    ) : (
      <FigureButton onClick={() => onFigure(quoteId)}>{text}</FigureButton>
    );
  return (
    <Box textStyle="lead" py="1" data-testid="quotes-outcome">
      {changed ? <Span color="hot">A quote changes the choice: </Span> : ''}
      {byQuotes.name.replace(/^./, (x) => (changed ? x : x.toUpperCase()))} leads at{' '}
      {price(`${perPart(byQuotes.perGoodPart)} ${setting.currency}`)} per part
      {foundry === undefined ? ' by the model; no quote that holds is cheaper.' : `, quoted by ${foundry}.`}{' '}
      {changed
        ? `By the model alone ${byModel.name} would lead at ${perPart(byModel.perGoodPart)}.`
        : quoteId !== null && `The model says ${perPart(byModel.perGoodPart)}.`}
      {nextByQuotes !== null && (
        <Span color="fg.muted">
          {' '}
          Next: {nextByQuotes.name}, {perPart(nextByQuotes.perGoodPart)}
          {nextByQuotes.quoteId === null ? ' by the model' : ' quoted'}.
        </Span>
      )}
    </Box>
  );
}
