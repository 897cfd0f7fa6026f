'use client';
import { Box, Span } from '@chakra-ui/react';
import type { OpenRequest } from '@/server/quotes';
import { plainDate } from '../format';
import { PageLink } from '../kit';

/** Requests with an answer still open; those past their day first, to be reminded of. */
export function WaitingRequests({
  waiting,
  today,
}: {
  readonly waiting: readonly OpenRequest[];
  readonly today: string;
}) {
  if (waiting.length === 0) return null;
  return (
    <Box as="section" aria-label="Requests that wait" my="2" textStyle="label">
      {waiting.map((r) => {
        const late = r.answerBy !== null && r.answerBy < today;
        return (
          <div key={`${r.studyId} ${r.number}`}>
            {late && <Span color="alarm">▲ past its day: remind them. </Span>}
            <PageLink href={`/studies/${r.studyId}/quotes`}>{r.title}</PageLink>: request {r.number} of{' '}
            {plainDate(r.sentAt)}, {r.open} of {r.asked} {r.asked === 1 ? 'answer' : 'answers'} open
            {r.answerBy !== null && `, answer by ${plainDate(r.answerBy)}`}
          </div>
        );
      })}
    </Box>
  );
}
