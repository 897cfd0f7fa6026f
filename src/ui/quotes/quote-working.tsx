'use client';
import { Text } from '@chakra-ui/react';
import { useMemo } from 'react';
import type { AssessedQuote, QuotesAssessed } from '@/core/comparison/quotes';
import { quoteWorking } from '@/core/quotes';
import { TextButton } from '../kit';
import { SheetPage } from '../shell/sheet';
import { useSheets } from '../working/sheets';
import { WorkingBody } from '../working/working-body';
import { quoteName } from './quote-words';

const EVERY = (): boolean => true;
/** How figures of the model are named in the working of a quote. */
const OF_MODEL = 'model.';

/** The working of a figure of a quote: the step of its normalisation, with every symbol that opens. */
export function QuoteWorking({
  a,
  of,
  figure,
  onDeeper,
  onBack,
}: {
  readonly a: AssessedQuote;
  readonly of: QuotesAssessed;
  readonly figure: string;
  readonly onDeeper: (figure: string) => void;
  readonly onBack: () => void;
}) {
  const { openWorking } = useSheets();
  const w = useMemo(() => {
    try {
      return quoteWorking(a.held.quote, of.asked, of.setting, a.fills, figure, a.model ?? undefined);
    } catch (error) {
      return error instanceof Error ? error.message : String(error);
    }
  }, [a, of, figure]);
  return (
    <SheetPage
      title={typeof w === 'string' ? 'Working' : w.title}
      under={
        <>
          {quoteName(a)}{' '}
          <TextButton size="sm" onClick={onBack}>
            ← back
          </TextButton>
        </>
      }
    >
      {typeof w === 'string' ? (
        <Text color="alarm" role="alert">
          {w}
        </Text>
      ) : (
        <WorkingBody
          w={w}
          isBaseline={EVERY}
          onDeeper={(next) =>
            // What the model has opens over the quote, as on the board.
            next.startsWith(OF_MODEL)
              ? openWorking({ laneId: a.modelId, figure: next.slice(OF_MODEL.length), q: of.q })
              : onDeeper(next)
          }
        />
      )}
    </SheetPage>
  );
}
