'use client';
import { Button, Field, Flex, Grid, Input, Text } from '@chakra-ui/react';
import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { bookEntries, entryAt, type OwnValue, type ProcessEntry } from '@/core/process-values';
import type { BriefIssue } from '@/core/brief';
import type { ProcessSetRecord } from '@/server/process-sets';
import { DateInput } from '../fields/date-input';
import { plainDate, whole } from '../format';
import { History } from '../history/changes-table';
import { Choice, FileLink, PageHead, PageLink, Section } from '../kit';
import { CopySet } from '../rates/copy-set';
import { CsvIn } from '../rates/csv-in';
import { MovedStudies, movesWords } from '../rates/moved-studies';
import { RateParts } from '../rates/rate-parts';
import { SaveBar } from '../rates/save-bar';
import { useMarkedRate } from '../rates/use-marked-rate';
import { moverWords, MoversChoice, type Movers } from './movers-choice';
import { useProcessSet } from './use-process-set';
import { ValueTable } from './value-table';
import { changeWords, partName, pathWords, unitWords } from './value-words';

interface Part {
  readonly id: string;
  readonly name: string;
  readonly entries: readonly ProcessEntry[];
}

const CSV_OR_JSON = ['.csv', '.json'];

interface ReadCsv {
  readonly values: Readonly<Record<string, OwnValue>>;
  readonly unchanged: number;
  readonly issues: readonly BriefIssue[];
}

/** Values with every word searched in their name; without words those of the part that is open. */
function searched(parts: readonly Part[], words: readonly string[], openId: string): readonly Part[] {
  if (words.length === 0) return parts.filter((p) => p.id === openId);
  const has = (p: Part, e: ProcessEntry): boolean => {
    const text = `${p.name} ${e.of} ${e.words} ${e.note} ${e.path} ${e.unit}`.toLowerCase();
    return words.every((w) => text.includes(w));
  };
  return parts.map((p) => ({ ...p, entries: p.entries.filter((e) => has(p, e)) })).filter((p) => p.entries.length > 0);
}

/** A set of process values: every figure by which a route is judged, a team's own to be changed. */
export function ProcessSetView({ record }: { readonly record: ProcessSetRecord }) {
  const set = useProcessSet(record);
  const { ref, draft, moves, done, count, units, how } = set;
  const parts = useMemo(() => {
    const all = [...set.entries.values()];
    return [...new Set(all.map((e) => e.part))].map((id): Part => ({
      id,
      name: partName(id),
      entries: all.filter((e) => e.part === id),
    }));
  }, [set.entries]);
  const [partId, setPartId] = useState(parts[0]?.id ?? '');
  const [search, setSearch] = useState('');
  const [movers, setMovers] = useState<Movers | null>(null);
  const [withAbsent, setWithAbsent] = useState(false);
  const open = useCallback((id: string) => {
    setPartId(id);
    setSearch('');
    setMovers(null);
  }, []);
  const { marked, forget } = useMarkedRate(parts, partId, open);
  const wanted = useDeferredValue(search.trim().toLowerCase());
  const moved = useMemo(() => new Map((movers?.list ?? []).map((m) => [m.path, m])), [movers]);
  const shown = useMemo(() => {
    if (movers === null) return searched(parts, wanted.split(/\s+/).filter(Boolean), partId);
    const entries = movers.list.flatMap(({ path }) => set.entries.get(path) ?? []);
    return [{ id: 'movers', name: 'What moves this study most', entries }];
  }, [parts, partId, wanted, movers, set.entries]);
  const readOnly = record.book;
  const isGiven = (e: ProcessEntry): boolean =>
    e.absent !== true || draft.values[e.path] !== undefined || draft.problems[e.path] !== undefined;
  return (
    <>
      <PageHead
        title={ref.name}
        under={
          readOnly
            ? 'of the book, read-only'
            : `own, version ${ref.version}, changed ${plainDate(set.stamp.at ?? '')} by ${set.stamp.by ?? ''}`
        }
        ways={
          <>
            <PageLink href="/process-values">All sets</PageLink>
            <PageLink href={`/process-values/${ref.id}/differences`}>Differences</PageLink>
            <FileLink href={`/api/process-sets/${ref.id}/csv`}>CSV</FileLink>
            <FileLink href={`/api/process-sets/${ref.id}`} download={`process-values-${ref.id}.json`}>
              JSON
            </FileLink>
          </>
        }
      >
        {readOnly
          ? 'What each route can do, by the book: standards, rules of the trade and assumptions. Make a copy and enter what you measured.'
          : `${Object.keys(ref.own).length} of ${whole(bookEntries().size)} values are your own; the others are the book’s.`}
      </PageHead>
      <Flex gap="3" align="flex-end" flexWrap="wrap" pb="2">
        <CopySet
          from={ref.id}
          offered={readOnly ? 'Our own process values' : `${ref.name} (copy)`}
          who={set.who}
          place="/process-sets"
          page="/process-values"
        />
        {!readOnly && (
          <CsvIn<ReadCsv>
            address={`/api/process-sets/${ref.id}/csv`}
            label="CSV or JSON of process values"
            accept={CSV_OR_JSON}
            words="Import CSV or JSON"
            onTake={({ values }, why) => {
              set.takeAll(values, why);
              return Object.keys(values).length;
            }}
          />
        )}
        <MoversChoice setId={ref.id} onMovers={setMovers} />
      </Flex>
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', md: '15rem minmax(0, 1fr)' }}
        columnGap="8"
        borderTop="1px solid"
        borderColor="border"
      >
        <RateParts
          parts={parts}
          own={ref.own}
          typed={draft.values}
          openId={movers === null ? partId : ''}
          search={search}
          searchLabel="Search the process values"
          onSearch={(text) => {
            setSearch(text);
            setMovers(null);
          }}
          onOpen={(id) => {
            open(id);
            forget();
          }}
        />
        <div>
          {shown.length === 0 && <Text mt="6">No value matches “{search}”.</Text>}
          {shown.map((part) => (
            <Section
              key={part.id}
              title={part.name}
              under={
                movers === null
                  ? `${part.entries.filter((e) => e.absent !== true).length} values`
                  : 'strongest first; bands from low to high, single figures a quarter up and down'
              }
            >
              {part.entries.length === 0 && movers !== null ? (
                <Text>Nothing leads this study, or nothing moves it.</Text>
              ) : (
                <ValueTable
                  name={part.name}
                  entries={withAbsent ? part.entries : part.entries.filter(isGiven)}
                  units={units}
                  own={ref.own}
                  bookOf={(path) => bookEntries().get(path)?.value}
                  textsFor={draft.textsFor}
                  problems={draft.problems}
                  values={draft.values}
                  markedPath={marked}
                  readOnly={readOnly}
                  movesOf={(path) => {
                    const mover = moved.get(path);
                    return mover === undefined ? '' : moverWords(mover, movers?.currency ?? '');
                  }}
                  onType={set.onType}
                  onBook={set.onBook}
                />
              )}
              <AbsentValues
                count={readOnly ? 0 : part.entries.filter((e) => e.absent === true).length}
                shown={withAbsent}
                onShow={setWithAbsent}
              />
            </Section>
          ))}
        </div>
      </Grid>
      {!readOnly && (
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
              currency={null}
              pending={done !== null || count > 0}
            />
          )}
        </Section>
      )}
      {!readOnly && (
        <History
          changes={set.changes}
          onUndo={({ path, was }) => set.undo(path, was, `undo of ${pathWords(path)}`)}
          wordsOf={pathWords}
          unitOf={(path) => unitWords(entryAt(path)?.unit ?? '', units)}
          valueWords={(value, path) => changeWords(value, path, units)}
        />
      )}
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
          asking={null}
          onDrop={set.drop}
        >
          <Field.Root width="8rem">
            <Field.Label>Known by</Field.Label>
            <Choice
              options={[
                ['measured', 'measured'],
                ['claimed', 'claimed'],
                ['assumed', 'assumed'],
              ]}
              value={how.known}
              onChange={(e) => set.setHow({ ...how, known: e.target.value as OwnValue['known'] })}
            />
          </Field.Root>
          <Field.Root width="12rem">
            <Field.Label>Source</Field.Label>
            <Input
              value={how.source}
              maxLength={400}
              placeholder="trial, quote, visit"
              onChange={(e) => set.setHow({ ...how, source: e.target.value })}
            />
          </Field.Root>
          <Field.Root width="9rem">
            <Field.Label htmlFor="known-on">Date</Field.Label>
            <DateInput
              id="known-on"
              label="Date"
              describedBy={undefined}
              bad={false}
              value={how.date}
              onTake={(date) => set.setHow({ ...how, date })}
            />
          </Field.Root>
        </SaveBar>
      )}
    </>
  );
}

/** Values for metals that the book has no figure of: shown when asked for. */
function AbsentValues(props: {
  readonly count: number;
  readonly shown: boolean;
  readonly onShow: (shown: boolean) => void;
}) {
  if (props.count === 0) return null;
  return (
    <Flex gap="3" align="baseline" mt="2" flexWrap="wrap">
      <Text textStyle="label" color="fg.muted">
        The book has no figure for {whole(props.count)} values of metals it does not pour here, or has no specialist
        for.
      </Text>
      <Button size="xs" variant="outline" onClick={() => props.onShow(!props.shown)} aria-pressed={props.shown}>
        {props.shown ? 'Hide them' : 'Show them'}
      </Button>
    </Flex>
  );
}
