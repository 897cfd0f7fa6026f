'use client';
import { Box, Input, Span, Table } from '@chakra-ui/react';
import { FigureButton } from '../kit';
import { memo } from 'react';
import type { OwnFigure, RateEntry } from '@/core/rates';
import type { RateChange } from '@/server/rates';
import { plainDate, significant } from '../format';
import { BASIS_WORDS } from '../working/basis-words';
import { figureWords } from './rate-words';

const BOXES = ['low', 'likely', 'high'] as const;

interface RowProps {
  readonly entry: RateEntry;
  /** The shipped figure where the set has its own, else null. */
  readonly shipped: OwnFigure | null;
  readonly texts: readonly string[];
  readonly problem: string | undefined;
  readonly changed: boolean;
  readonly last: RateChange | undefined;
  readonly readOnly: boolean;
  readonly marked: boolean;
  readonly onType: (entry: RateEntry, box: number, text: string) => void;
  readonly onShipped: (entry: RateEntry, value: OwnFigure) => void;
}

/** The letter of the equations: the last name of the path, where it is one. */
const symbolOf = (path: string): string =>
  path.startsWith('metals.') ? '' : (/([A-Za-z_]\w*)$/.exec(path)?.[1] ?? '');

/** What the note says beyond the words. */
const noteBeyond = ({ note, words }: RateEntry): string =>
  note.startsWith(words) ? note.slice(words.length).replace(/^[\s;,]+/, '') : note;

/** One coefficient: its words, its three figures (or one), its unit and where it comes from. */
const RateRow = memo(function RateRow(props: RowProps) {
  const { entry, shipped, texts, problem, changed, last, readOnly, marked, onType, onShipped } = props;
  const more = noteBeyond(entry);
  const boxes = typeof entry.value === 'number' ? [null, 0, null] : [0, 1, 2];
  return (
    <Table.Row id={entry.path} className={marked ? 'is-marked' : undefined} data-changed={changed || undefined}>
      <Table.ColumnHeader scope="row">
        {entry.of !== '' && <Span color="fg.muted">{entry.of}: </Span>}
        {entry.words}{' '}
        <Span textStyle="mono" color="fg.muted">
          {symbolOf(entry.path)}
        </Span>
        {more !== '' && (
          <Box textStyle="label" color="fg.muted">
            {more}
          </Box>
        )}
        {problem !== undefined && (
          <Box color="alarm" textStyle="label" role="alert">
            {problem}
          </Box>
        )}
      </Table.ColumnHeader>
      {boxes.map((box, i) => (
        <Table.Cell key={BOXES[i]} className="num">
          {box === null ? (
            ''
          ) : readOnly ? (
            significant(typeof entry.value === 'number' ? entry.value : (entry.value[box] ?? 0), 5)
          ) : (
            <Input
              variant="flushed"
              textAlign="end"
              inputMode="decimal"
              autoComplete="off"
              aria-label={`${entry.of} ${entry.words}, ${BOXES[i]}, ${entry.unit}`.trim()}
              aria-invalid={problem !== undefined}
              value={texts[box] ?? ''}
              onChange={(e) => onType(entry, box, e.target.value)}
            />
          )}
        </Table.Cell>
      ))}
      <Table.Cell textStyle="label" color="fg.muted">
        {entry.unit}
      </Table.Cell>
      <Table.Cell textStyle="label">
        {entry.basis === 'assumed' ? 'assumed' : BASIS_WORDS[entry.basis]}
        {shipped !== null && (
          <Box color="fg.muted">
            shipped {figureWords(shipped)}
            {!readOnly && (
              <>
                {' '}
                <FigureButton onClick={() => onShipped(entry, shipped)}>take it back</FigureButton>
              </>
            )}
          </Box>
        )}
        {last !== undefined && (
          <Box color="fg.muted">
            {last.who}, {plainDate(last.at)}
          </Box>
        )}
      </Table.Cell>
    </Table.Row>
  );
});

interface Props extends Pick<RowProps, 'readOnly' | 'onType' | 'onShipped'> {
  readonly name: string;
  readonly entries: readonly RateEntry[];
  readonly shippedOf: (path: string) => OwnFigure | null;
  readonly textsFor: (entry: RateEntry) => readonly string[];
  readonly problems: Readonly<Record<string, string>>;
  readonly figures: Readonly<Record<string, OwnFigure>>;
  readonly lastOf: (path: string) => RateChange | undefined;
  readonly markedPath: string | null;
}

/** Coefficients of one part of a set. */
export function RateTable({
  name,
  entries,
  shippedOf,
  textsFor,
  problems,
  figures,
  lastOf,
  markedPath,
  ...row
}: Props) {
  return (
    <Table.ScrollArea>
      <Table.Root className="rates" size="sm" aria-label={name}>
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Coefficient</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Low</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Likely</Table.ColumnHeader>
            <Table.ColumnHeader className="num">High</Table.ColumnHeader>
            <Table.ColumnHeader>Unit</Table.ColumnHeader>
            <Table.ColumnHeader>From</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {entries.map((entry) => (
            <RateRow
              key={entry.path}
              entry={entry}
              shipped={shippedOf(entry.path)}
              texts={textsFor(entry)}
              problem={problems[entry.path]}
              changed={figures[entry.path] !== undefined}
              last={lastOf(entry.path)}
              marked={markedPath === entry.path}
              {...row}
            />
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}
