'use client';
import { Flex, Grid, Text } from '@chakra-ui/react';
import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { rateEntries, type OwnFigure } from '@/core/rates';
import type { RateSetRecord } from '@/server/rates';
import { plainDate, whole } from '../format';
import { FileLink, PageHead, PageLink, Section } from '../kit';
import { CopySet } from './copy-set';
import { CsvIn } from './csv-in';
import { RateHistory } from './history';
import { HolidaysField } from './holidays-field';
import { MetalPrices } from './metal-prices';
import { MovedStudies, movesWords } from './moved-studies';
import { NameFields } from './name-fields';
import { RateParts } from './rate-parts';
import { partsOf, searchedParts } from './rate-search';
import { RateTable } from './rate-table';
import { SaveBar } from './save-bar';
import { useMarkedRate } from './use-marked-rate';
import { RATE_COUNT, useRateSet } from './use-rate-set';

/** A rate set: every coefficient by its part, a shop's own to be changed, and the studies that change with it. */
export function RateSetView({ record, today }: { readonly record: RateSetRecord; readonly today: string }) {
  const set = useRateSet(record);
  const { ref, rates, draft, moves, done, count } = set;
  const parts = useMemo(() => partsOf(rateEntries(rates)), [rates]);
  const [partId, setPartId] = useState(parts[0]?.id ?? '');
  const [search, setSearch] = useState('');
  const open = useCallback((id: string) => {
    setPartId(id);
    setSearch('');
  }, []);
  const { marked, forget } = useMarkedRate(parts, partId, open);
  const wanted = useDeferredValue(search.trim().toLowerCase());
  const shown = useMemo(() => searchedParts(parts, wanted, partId), [parts, partId, wanted]);
  const readOnly = record.shipped;
  return (
    <>
      <PageHead
        title={ref.name}
        under={
          readOnly
            ? 'shipped, read-only'
            : `own, version ${ref.version}, changed ${plainDate(set.stamp.at)} by ${set.stamp.by ?? ''}`
        }
        ways={
          <>
            <PageLink href="/rates">All sets</PageLink>
            <PageLink href={`/rates/${ref.id}/differences`}>Differences</PageLink>
            <FileLink href={`/api/rates/${ref.id}/csv`}>CSV</FileLink>
          </>
        }
      >
        {readOnly
          ? 'Every figure here is an assumption or a rule of the trade. Make a copy and enter your own.'
          : `${Object.keys(ref.own.figures).length} of ${whole(RATE_COUNT)} figures are your own; the others are as shipped.`}
      </PageHead>
      <Flex gap="3" align="flex-end" flexWrap="wrap" pb="2">
        <CopySet from={ref.id} offered={readOnly ? 'Our own rates' : `${ref.name} (copy)`} who={set.who} />
        {!readOnly && (
          <CsvIn<{ readonly figures: Readonly<Record<string, OwnFigure>>; unchanged: number; issues: [] }>
            address={`/api/rates/${ref.id}/csv`}
            label="CSV of rates"
            onTake={({ figures }, why) => {
              set.takeAll(figures, why);
              return Object.keys(figures).length;
            }}
          />
        )}
      </Flex>
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', md: '15rem minmax(0, 1fr)' }}
        columnGap="8"
        borderTop="1px solid"
        borderColor="border"
      >
        <RateParts
          parts={parts}
          own={ref.own.figures}
          typed={draft.figures}
          openId={partId}
          search={search}
          onSearch={setSearch}
          onOpen={(id) => {
            open(id);
            forget();
          }}
        />
        <div>
          {shown.length === 0 && <Text mt="6">No coefficient matches “{search}”.</Text>}
          {shown.map((part) => (
            <Section key={part.id} title={part.name} under={`${part.entries.length} figures`}>
              {part.id === 'metals' && wanted === '' && (
                <MetalPrices rates={rates} today={today} readOnly={readOnly} onTake={set.takeAll} />
              )}
              {part.id === 'calendar' && wanted === '' && (
                <>
                  <NameFields names={set.names} now={ref} readOnly={readOnly} onChange={set.setNames} />
                  <HolidaysField
                    text={draft.holidaysText}
                    problem={draft.holidaysProblem}
                    readOnly={readOnly}
                    onChange={draft.setHolidays}
                  />
                </>
              )}
              <RateTable
                name={part.name}
                entries={part.entries}
                units={set.units}
                shippedOf={set.shippedOf}
                textsFor={draft.textsFor}
                problems={draft.problems}
                figures={draft.figures}
                lastOf={set.lastOf}
                markedPath={marked}
                readOnly={readOnly}
                onType={set.onType}
                onShipped={set.onShipped}
              />
            </Section>
          ))}
        </div>
      </Grid>
      <Section
        title="Studies that use this set"
        under={
          moves.problem ??
          (moves.busy
            ? 'Calculating …'
            : done !== null
              ? 'before and after the last save'
              : count > 0
                ? 'now, and with the unsaved changes'
                : 'at the quantity of their programme')
        }
        id="moved"
        aria-busy={moves.busy}
        data-testid="moved"
      >
        {(done ?? moves.effects) !== null && (
          <MovedStudies
            effects={done ?? moves.effects ?? []}
            of={moves.of}
            currency={ref.currency}
            pending={done !== null || count > 0}
          />
        )}
      </Section>
      {!readOnly && <RateHistory changes={set.changes} units={set.units} />}
      {!readOnly && (count > 0 || set.problems.length > 0 || set.problem !== null) && (
        <SaveBar
          count={count}
          moves={moves.busy || moves.effects === null ? '' : movesWords(moves.effects, moves.of)}
          problems={set.problems}
          refusal={set.problem}
          who={set.who}
          why={set.why}
          busy={set.busy}
          onWho={set.setWho}
          onWhy={set.setWhy}
          onSave={set.save}
          asking={set.asking}
          onDrop={set.drop}
        />
      )}
    </>
  );
}
