'use client';
import { Button, Flex, Progress, Span, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import type { Mistake } from '@/core/quotes';
import { plainDate, whole } from '../format';
import { FileButton, PageLink, Section, TextButton } from '../kit';
import { late } from '../late';
import { Sheet } from '../shell/sheet';
import { QuoteTable } from './quote-table';
import { QuotesOutcome } from './quotes-outcome';
import { quoteById } from './quote-words';
import type { Askable, QuotesFound } from './quotes.types';
import { useQuotes } from './use-quotes';
import { useReplySheet } from './use-reply-sheet';
import { textsOfQuote, type QuoteDraft } from './use-quote-form';

const QuoteDetail = late(() => import('./quote-detail').then((m) => m.QuoteDetail));
const QuoteWorking = late(() => import('./quote-working').then((m) => m.QuoteWorking));
const QuoteForm = late(() => import('./quote-form').then((m) => m.QuoteForm));
const Paste = late(() => import('./paste').then((m) => m.Paste));
const Ask = late(() => import('./ask').then((m) => m.Ask));
const Requests = late(() => import('./requests').then((m) => m.Requests));
const QuotedLeads = late(() => import('./quoted-leads').then((m) => m.QuotedLeads));
const AwardSection = late(() => import('./award').then((m) => m.AwardSection));
const Calibrate = late(() => import('./calibrate').then((m) => m.Calibrate));
const CompareOn = late(() => import('./compare-on').then((m) => m.CompareOn));

/** What stands in the sheet. */
type Opened =
  | { readonly page: 'quote'; readonly id: string }
  | {
      readonly page: 'working';
      readonly id: string;
      readonly trail: readonly string[];
      readonly from: 'quote' | 'table';
    }
  | { readonly page: 'paste' | 'ask' | 'calibrate' }
  | {
      readonly page: 'form';
      readonly first: Partial<QuoteDraft>;
      readonly correcting?: { id: string; version: number };
      readonly entered?: 'sheet' | 'paste';
    };

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
  const shown = opened !== null && 'id' in opened && found !== null ? quoteById(found, opened.id) : undefined;
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
            Rates behind them
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
          {found.assessed.quotes.length > 0 && <QuotedLeads studyId={id} found={found} />}
          <AwardSection studyId={id} found={found} onChanged={again} />
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
          <CompareOn studyId={id} found={found} onChanged={again} />
        </>
      )}
      <Sheet open={opened !== null} onClose={close} testId="quote-sheet">
        {opened?.page === 'form' && found !== null && (
          <QuoteForm
            studyId={id}
            currency={found.assessed.setting.currency}
            foundries={foundries}
            first={opened.first}
            correcting={opened.correcting}
            entered={opened.entered ?? 'typed'}
            onDone={() => {
              close();
              again();
            }}
          />
        )}
        {opened?.page === 'paste' && (
          <Paste
            studyId={id}
            foundries={foundries}
            onRow={(draft) => enter(draft, 'paste')}
            onPut={again}
            onDone={close}
          />
        )}
        {opened?.page === 'calibrate' && found !== null && <Calibrate studyId={id} found={found} />}
        {opened?.page === 'ask' && found !== null && (
          <Ask
            studyId={id}
            desk={found.desk}
            currency={found.assessed.setting.currency}
            onSent={() => {
              close();
              again();
            }}
          />
        )}
        {opened?.page === 'quote' && found !== null && shown !== undefined && (
          <QuoteDetail
            studyId={id}
            a={shown}
            found={found}
            onFigure={(figure) => setOpened({ page: 'working', id: opened.id, trail: [figure], from: 'quote' })}
            onEdit={() => setOpened(correctionOf(found, opened.id))}
            onReading={(m) => setOpened(correctionOf(found, opened.id, m))}
            onChanged={again}
          />
        )}
        {opened?.page === 'working' && found !== null && shown !== undefined && (
          <QuoteWorking
            a={shown}
            of={found.assessed}
            figure={opened.trail.at(-1) ?? 'perGoodPart'}
            onDeeper={(figure) => setOpened({ ...opened, trail: [...opened.trail, figure] })}
            onBack={() =>
              setOpened(
                opened.trail.length > 1
                  ? { ...opened, trail: opened.trail.slice(0, -1) }
                  : opened.from === 'quote'
                    ? { page: 'quote', id: opened.id }
                    : null,
              )
            }
          />
        )}
      </Sheet>
    </>
  );
}

/** The form with a quote in it, as it is or as a mistake would have it read. */
function correctionOf(found: QuotesFound, id: string, mistake?: Mistake): Opened | null {
  const record = found.quotes.find((r) => r.quote.id === id);
  if (record === undefined) return null;
  const quote = mistake?.reading ?? record.quote;
  return {
    page: 'form',
    correcting: { id, version: record.version },
    first: {
      foundryId: record.foundryId ?? '',
      supplier: record.foundryId === null ? record.foundry : '',
      laneId: `${quote.route}/${quote.variant}`,
      texts: textsOfQuote(quote),
    },
  };
}
