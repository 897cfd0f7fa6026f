'use client';
import { Button, Flex, Progress, Span, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { plainDate, whole } from '../format';
import { FileButton, PageLink, Section, TextButton } from '../kit';
import { late, Near } from '../late';
import { Sheet } from '../shell/sheet';
import { QuoteTable } from './quote-table';
import { QuotesOutcome } from './quotes-outcome';
import type { Opened } from './opened';
import type { Askable } from './quotes.types';
import { useQuotes } from './use-quotes';
import { useReplySheet } from './use-reply-sheet';
import type { QuoteDraft } from './use-quote-form';

const QuoteSheets = late(() => import('./quote-sheets').then((m) => m.QuoteSheets));
const Requests = late(() => import('./requests').then((m) => m.Requests));
const QuotedLeads = late(() => import('./quoted-leads').then((m) => m.QuotedLeads));
const AwardSection = late(() => import('./award').then((m) => m.AwardSection));
const CompareOn = late(() => import('./compare-on').then((m) => m.CompareOn));

/** Quotes of a study: made comparable, held against the model, and what they do to the choice. */
export function QuotesView({ foundries }: { readonly foundries: readonly Askable[] }) {
  const { id, found, busy, problem, again } = useQuotes(true);
  const [opened, setOpened] = useState<Opened | null>(null);
  const close = (): void => setOpened(null);
  // A figure of another view leads here and opens.
  useEffect(() => {
    const asked = new URLSearchParams(location.hash.replace(/^#/, ''));
    const quoteId = asked.get('quote');
    if (quoteId === null) return;
    history.replaceState(null, '', location.pathname);
    const figure = asked.get('figure');
    queueMicrotask(() =>
      setOpened(
        figure === null
          ? { page: 'quote', id: quoteId }
          : { page: 'working', id: quoteId, trail: [figure], from: 'quote' },
      ),
    );
  }, []);
  const enter = (first: Partial<QuoteDraft> = {}, entered?: 'sheet' | 'paste'): void =>
    setOpened({ page: 'form', first, ...(entered === undefined ? {} : { entered }) });
  const sheet = useReplySheet(id, (draft) => enter(draft, 'sheet'));
  return (
    <>
      <Flex align="center" gap="3" pt="3" textStyle="label" minH="8" role="status">
        {busy ? (
          <>
            <Progress.Root value={null} size="xs" width="8rem" aria-label="Comparing the quotes">
              <Progress.Track>
                <Progress.Range />
              </Progress.Track>
            </Progress.Root>
            Comparing the quotes …
          </>
        ) : problem !== null ? (
          <Span color="alarm">
            {problem} <TextButton onClick={again}>Ask again</TextButton>
          </Span>
        ) : (
          found !== null && (
            <>
              {found.quotes.length} {found.quotes.length === 1 ? 'quote' : 'quotes'}, compared at{' '}
              {whole(found.assessed.q)} pieces, as of {plainDate(found.assessed.setting.asOf)}
              {found.unread.length > 0 && (
                <Span color="alarm">▲ {found.unread.length} cannot be read by this build and are not shown.</Span>
              )}
            </>
          )
        )}
      </Flex>
      <Flex gap="3" py="2" flexWrap="wrap">
        <Button size="sm" onClick={() => setOpened({ page: 'ask' })}>
          Ask foundries
        </Button>
        <Button size="sm" variant="outline" onClick={() => enter()}>
          Enter a quote
        </Button>
        <FileButton
          label="Reply sheet"
          accept={['.xlsx', '.csv']}
          disabled={sheet.busy}
          testId="reply-sheet"
          onFile={sheet.read}
        >
          <Button size="sm" variant="outline">
            {sheet.busy ? 'Reading …' : 'Read a reply sheet'}
          </Button>
        </FileButton>
        <Button size="sm" variant="outline" onClick={() => setOpened({ page: 'paste' })}>
          Paste a table
        </Button>
        {(found?.quotes.length ?? 0) > 0 && (
          <Button size="sm" variant="outline" onClick={() => setOpened({ page: 'calibrate' })}>
            Fit rates
          </Button>
        )}
      </Flex>
      {sheet.problem !== '' && (
        <Text color="alarm" role="alert">
          {sheet.problem}
        </Text>
      )}
      {found !== null && (
        <>
          <QuotesOutcome
            found={found}
            onFigure={(quoteId) => setOpened({ page: 'working', id: quoteId, trail: ['perGoodPart'], from: 'table' })}
          />
          <Section
            title="Compared"
            under="each made comparable: this quantity, its lots, the currency and metal of the day, the work that is left out filled in, the tool counted once"
          >
            {found.assessed.quotes.length === 0 ? (
              <Text>
                No quote yet. Enter one as it was received; the price, the tool and the work that is in it are enough to
                begin. Who could be asked stands under <PageLink href={`/studies/${id}/foundries`}>Foundries</PageLink>.
              </Text>
            ) : (
              <QuoteTable
                found={found}
                onOpen={(quoteId) => setOpened({ page: 'quote', id: quoteId })}
                onFigure={(quoteId, figure) =>
                  setOpened({ page: 'working', id: quoteId, trail: [figure], from: 'table' })
                }
              />
            )}
          </Section>
          {found.requests.length > 0 && (
            <Requests
              studyId={id}
              found={found}
              onChanged={again}
              onRead={(line) =>
                enter(
                  {
                    ...{ foundryId: line.foundryId, laneId: line.laneId, lineId: line.id },
                    texts: Object.fromEntries((line.reply?.rows ?? []).map((r) => [r.key, r.value])),
                  },
                  'sheet',
                )
              }
            />
          )}
          {found.assessed.quotes.length > 0 && (
            <Near height="8rem">
              <QuotedLeads studyId={id} found={found} />
            </Near>
          )}
          <Near height="24rem">
            <AwardSection
              studyId={id}
              found={found}
              onFigure={(quoteId, figure) =>
                setOpened({ page: 'working', id: quoteId, trail: [figure], from: 'table' })
              }
              onChanged={again}
            />
          </Near>
          <Near height="16rem">
            <CompareOn studyId={id} found={found} onChanged={again} />
          </Near>
        </>
      )}
      <Sheet open={opened !== null} onClose={close} testId="quote-sheet">
        {opened !== null && found !== null && (
          <QuoteSheets studyId={id} {...{ opened, found, foundries }} onOpen={setOpened} onChanged={again} />
        )}
      </Sheet>
    </>
  );
}
