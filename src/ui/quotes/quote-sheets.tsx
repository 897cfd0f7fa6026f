'use client';
import { late } from '../late';
import { correctionOf, type Opened } from './opened';
import { quoteById } from './quote-words';
import type { Askable, QuotesFound } from './quotes.types';

const QuoteDetail = late(() => import('./quote-detail').then((m) => m.QuoteDetail));
const QuoteWorking = late(() => import('./quote-working').then((m) => m.QuoteWorking));
const QuoteForm = late(() => import('./quote-form').then((m) => m.QuoteForm));
const Paste = late(() => import('./paste').then((m) => m.Paste));
const Ask = late(() => import('./ask').then((m) => m.Ask));
const Calibrate = late(() => import('./calibrate').then((m) => m.Calibrate));

/** What stands in the sheet of the quotes: a quote, the working of a figure, the form, a table to be pasted, a request. */
export function QuoteSheets({
  studyId,
  opened,
  found,
  foundries,
  onOpen,
  onChanged,
}: {
  readonly studyId: string;
  readonly opened: Opened;
  readonly found: QuotesFound;
  readonly foundries: readonly Askable[];
  /** Opens something else in the sheet, or closes it. */
  readonly onOpen: (next: Opened | null) => void;
  readonly onChanged: () => void;
}) {
  const shown = 'id' in opened ? quoteById(found, opened.id) : undefined;
  return (
    <>
      {opened.page === 'form' && (
        <QuoteForm
          studyId={studyId}
          currency={found.assessed.setting.currency}
          foundries={foundries}
          first={opened.first}
          correcting={opened.correcting}
          entered={opened.entered ?? 'typed'}
          onDone={() => {
            onOpen(null);
            onChanged();
          }}
        />
      )}
      {opened.page === 'paste' && (
        <Paste
          studyId={studyId}
          foundries={foundries}
          onRow={(draft) => onOpen({ page: 'form', first: draft, entered: 'paste' })}
          onPut={onChanged}
          onDone={() => onOpen(null)}
        />
      )}
      {opened.page === 'calibrate' && <Calibrate studyId={studyId} found={found} />}
      {opened.page === 'ask' && (
        <Ask
          studyId={studyId}
          desk={found.desk}
          currency={found.assessed.setting.currency}
          onSent={() => {
            onOpen(null);
            onChanged();
          }}
        />
      )}
      {opened.page === 'quote' && shown !== undefined && (
        <QuoteDetail
          studyId={studyId}
          a={shown}
          found={found}
          onFigure={(figure) => onOpen({ page: 'working', id: opened.id, trail: [figure], from: 'quote' })}
          onEdit={() => onOpen(correctionOf(found, opened.id))}
          onReading={(m) => onOpen(correctionOf(found, opened.id, m))}
          onChanged={onChanged}
        />
      )}
      {opened.page === 'working' && shown !== undefined && (
        <QuoteWorking
          a={shown}
          of={found.assessed}
          figure={opened.trail.at(-1) ?? 'perGoodPart'}
          onDeeper={(figure) => onOpen({ ...opened, trail: [...opened.trail, figure] })}
          onBack={() =>
            onOpen(
              opened.trail.length > 1
                ? { ...opened, trail: opened.trail.slice(0, -1) }
                : opened.from === 'quote'
                  ? { page: 'quote', id: opened.id }
                  : null,
            )
          }
        />
      )}
    </>
  );
}
