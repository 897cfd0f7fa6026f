'use client';
import { useRouter } from 'next/navigation';
import { useCallback } from 'react';
import type { AssessedQuote } from '@/core/comparison/quotes';
import type { Band, LaneSpread } from '@/core/simulation';
import { rangeOf } from '../board/range';
import { along, type ColumnScales } from '../board/column-scale';
import type { Against } from '../board/lane-acts';
import { FigureCell } from '../board/figure-cell';
import { perPart, plainDate, signed, weeks, whole } from '../format';
import { Emblem } from '../marks/emblem';
import { Mark } from '../marks/mark';
import { routeLine } from './lane-words';
import { useQuotes } from './use-quotes';

interface Props {
  readonly scales: ColumnScales;
  readonly against: Against | null;
  readonly currency: string;
  /** How uncertain the model is of each lane, where that is shown. */
  readonly spreads: ReadonlyMap<string, LaneSpread>;
}

/**
 * How uncertain a quoted part cost is: what is quoted stands, what is filled in by the model spreads as the model of its lane
 * does.
 */
function quotedRange(a: AssessedQuote, spread: LaneSpread | undefined): Band | undefined {
  const price = a.normalised?.price;
  if (price == null || spread === undefined || !(spread.allIn.p50 > 0)) return undefined;
  const filled = (price.bought * price.scopeFilled * price.perGoodPart) / price.programme;
  const at = (end: number): number => price.perGoodPart + filled * (end / spread.allIn.p50 - 1);
  const { p10, p50, p90 } = spread.allIn;
  return { ...spread.allIn, p10: at(p10), p50: at(p50), p90: at(p90) };
}

/** Quotes that hold, each a lane of its own beneath the model’s lanes; a figure leads to its working with the quotes. */
export function QuoteRows({ scales, against, currency, spreads }: Props) {
  const { id, found, busy } = useQuotes();
  const router = useRouter();
  const onOpen = useCallback(
    (quoteId: string, figure: string | null) =>
      router.push(
        `/studies/${id}/quotes#quote=${encodeURIComponent(quoteId)}${figure === null ? '' : `&figure=${figure}`}`,
      ),
    [router, id],
  );
  if (found === null) return null;
  return found.assessed.quotes
    .filter((a) => a.out === null && a.normalised?.price != null)
    .map((a) => (
      <QuoteRow
        key={a.held.quote.id}
        {...{ a, scales, against, currency, spreads, onOpen, busy }}
        leads={a.held.quote.id === found.assessed.byQuotes?.quoteId}
      />
    ));
}

function QuoteRow({
  a,
  scales,
  against,
  currency,
  spreads,
  leads,
  busy,
  onOpen,
}: Props & {
  readonly a: AssessedQuote;
  readonly leads: boolean;
  /** Whether another quantity is on its way. */
  readonly busy: boolean;
  readonly onOpen: (quoteId: string, figure: string | null) => void;
}) {
  const { quote, foundry, simulated } = a.held;
  const price = a.normalised?.price;
  if (price == null) return null;
  const own = { laneId: quote.id, onOpen };
  const name = `${foundry}, ${a.laneName}`;
  const bare = price.perGoodPart - (price.tooling + price.surplus) / (price.programme / price.perGoodPart);
  const status = a.barred.length > 0 ? 'blocked' : a.mistakes.length > 0 ? 'special' : 'fits';
  const exceptions = price.exceptions.filter((e) => e.looser).length;
  return (
    <div role="row" data-grid="" data-open="" data-quote={quote.id} data-lagging={busy || undefined}>
      <div role="gridcell" tabIndex={-1} data-column="route">
        <Emblem laneId={a.laneId} size={30} />
        <div>
          <div data-name="">{routeLine(a)}</div>
          <div data-note="">
            quoted by {foundry}
            {simulated && ' · simulated desk'}
            {leads && ' · leads by quotes'}
          </div>
        </div>
      </div>
      <div role="gridcell" tabIndex={-1} data-column="quantity" data-words="">
        {price.workdaysForAYear === null
          ? 'capacity not said'
          : `${whole(price.workdaysForAYear)} working ${price.workdaysForAYear === 1 ? 'day' : 'days'} for a year’s parts`}
      </div>
      <FigureCell
        {...own}
        column="tooling"
        text={whole(price.tooling)}
        unit={currency}
        figure="tooling"
        label={`${name}, tooling`}
        at={scales.tooling === null ? undefined : along(scales.tooling, price.tooling)}
        barWords={`Tooling ${whole(price.tooling)} ${currency}`}
        diff={against === null ? undefined : signed(price.tooling - against.tooling, 0)}
      />
      <FigureCell
        {...own}
        column="perPart"
        text={perPart(price.perGoodPart)}
        unit={currency}
        figure="perGoodPart"
        label={`${name}, per good part`}
        at={scales.perPart === null ? undefined : along(scales.perPart, price.perGoodPart)}
        partAt={scales.perPart === null ? undefined : along(scales.perPart, bare)}
        {...rangeOf(scales.perPart, quotedRange(a, spreads.get(a.laneId)))}
        barWords={`${perPart(bare)} ${currency} without tools; quoted, so that only what is filled in is uncertain`}
        diff={against === null ? undefined : signed(price.perGoodPart - against.allIn, 2)}
        note={a.model === null ? undefined : `model ${perPart(a.model.allIn)}`}
      />
      <FigureCell
        {...own}
        column="leadTime"
        text={price.leadFirst_d === null ? 'not said' : weeks(price.leadFirst_d)}
        unit={price.leadFirst_d === null ? '' : 'weeks'}
        figure={price.leadFirst_d === null ? null : 'leadFirst_d'}
        label={`${name}, first article`}
        at={
          scales.leadTime === null || price.leadFirst_d === null ? undefined : along(scales.leadTime, price.leadFirst_d)
        }
        barWords="First article as quoted"
        note={`until ${plainDate(a.normalised?.validUntil ?? quote.date)}`}
      />
      <div role="gridcell" tabIndex={-1} data-column="alloy" data-words="">
        {quote.alloy === null ? 'not named' : 'as asked'}
      </div>
      <div role="gridcell" tabIndex={-1} data-column="tolerance" data-words="">
        <Mark status={status} size={13} />{' '}
        {exceptions > 0
          ? `${exceptions} ${exceptions === 1 ? 'exception' : 'exceptions'}`
          : a.barred.length > 0
            ? 'barred by the book'
            : a.mistakes.length > 0
              ? `${a.mistakes.length} to ask`
              : 'as drawn'}
      </div>
      <div role="gridcell" tabIndex={-1} data-column="pin" />
    </div>
  );
}
