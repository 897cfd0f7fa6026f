'use client';
import { Box, Input, Span } from '@chakra-ui/react';
import { useMemo } from 'react';
import type { UnitSystem } from '@/core/base/units';
import type { OwnValue, ProcessEntry, ProcessValue } from '@/core/process-values';
import { Choice, DataTable, FigureButton, type DataColumn } from '../kit';
import { BASIS_WORDS } from '../working/basis-words';
import { knownWords, unitWords, valueWords } from './value-words';

/** The boxes of a value; a word stands in the middle. */
const BOXES = ['low', 'likely', 'high'] as const;
const ONLY = 1;

interface Props {
  readonly name: string;
  readonly entries: readonly ProcessEntry[];
  readonly units: UnitSystem;
  readonly own: Readonly<Record<string, OwnValue>>;
  readonly bookOf: (path: string) => ProcessValue | undefined;
  readonly textsFor: (entry: ProcessEntry) => readonly string[];
  readonly problems: Readonly<Record<string, string>>;
  readonly values: Readonly<Record<string, ProcessValue>>;
  readonly markedPath: string | null;
  readonly readOnly: boolean;
  /** What moves: what a value does to a study, in words; nothing where none is asked. */
  readonly movesOf: (path: string) => string;
  readonly onType: (entry: ProcessEntry, box: number, text: string, shown: readonly string[]) => void;
  readonly onBook: (path: string) => void;
}

/** Process values of one route or variant: words, the figures or the word, unit, and how each is known. */
export function ValueTable(props: Props) {
  const { name, entries, values, markedPath } = props;
  const columns = useMemo(() => columnsOf(props), [props]);
  return (
    <DataTable
      label={name}
      columns={columns}
      rows={entries}
      rowKey={(e) => e.path}
      rowHeight={48}
      rowProps={(e) => ({
        id: e.path,
        ...(markedPath === e.path ? { 'data-marked': true } : {}),
        ...(values[e.path] === undefined ? {} : { 'data-changed': true }),
      })}
    />
  );
}

function columnsOf(props: Props): readonly DataColumn<ProcessEntry>[] {
  const { units, own, bookOf, problems, readOnly, movesOf, onBook } = props;
  return [
    {
      id: 'words',
      title: 'Value',
      rowHead: true,
      cell: (entry) => (
        <>
          {entry.of !== '' && <Span color="fg.muted">{entry.of}: </Span>}
          {entry.words}
          {entry.note !== '' && own[entry.path] === undefined && (
            <Box textStyle="label" color="fg.muted">
              {entry.note}
            </Box>
          )}
          {movesOf(entry.path) !== '' && <Box textStyle="label">{movesOf(entry.path)}</Box>}
          {problems[entry.path] !== undefined && (
            <Box color="alarm" textStyle="label" role="alert">
              ▲ {problems[entry.path]}
            </Box>
          )}
        </>
      ),
    },
    ...BOXES.map((box, i): DataColumn<ProcessEntry> => ({
      id: box,
      title: box.replace(/^./, (x) => x.toUpperCase()),
      numeric: true,
      cell: (entry) => <Cell {...props} entry={entry} box={box} place={i} />,
    })),
    {
      id: 'unit',
      title: 'Unit',
      cell: ({ unit }) => (
        <Span textStyle="label" color="fg.muted">
          {unitWords(unit, units)}
        </Span>
      ),
    },
    {
      id: 'source',
      title: 'Source',
      cell: (entry) => {
        const mine = own[entry.path];
        const book = bookOf(entry.path);
        if (entry.absent === true)
          return (
            <Box textStyle="label" color="fg.muted">
              the book has none
            </Box>
          );
        return (
          <Box textStyle="label">
            {mine === undefined ? BASIS_WORDS[entry.basis] : knownWords(mine)}
            {mine !== undefined && book === undefined && (
              <Box color="fg.muted">
                the book has none {!readOnly && <FigureButton onClick={() => onBook(entry.path)}>remove</FigureButton>}
              </Box>
            )}
            {mine !== undefined && book !== undefined && (
              <Box color="fg.muted">
                book {valueWords(book, entry.unit, units)}{' '}
                {!readOnly && <FigureButton onClick={() => onBook(entry.path)}>use the book’s</FigureButton>}
              </Box>
            )}
          </Box>
        );
      },
    },
  ];
}

function Cell({
  entry,
  box,
  place,
  readOnly,
  textsFor,
  problems,
  units,
  onType,
}: Props & { readonly entry: ProcessEntry; readonly box: string; readonly place: number }) {
  const isWord = typeof entry.value === 'string';
  if (isWord && place !== ONLY) return '';
  const at = isWord ? 0 : place;
  const texts = textsFor(entry);
  if (readOnly) return texts[at];
  const label = `${entry.of} ${entry.words}, ${box}, ${unitWords(entry.unit, units)}`.trim();
  if (entry.choices !== undefined)
    return (
      <Choice
        size="xs"
        width="7rem"
        aria-label={label}
        options={entry.choices.map((word) => [word, word.replaceAll('-', ' ')])}
        value={texts[0] ?? ''}
        onChange={(e) => onType(entry, 0, e.target.value, texts)}
      />
    );
  return (
    <Input
      variant="flushed"
      textAlign="end"
      width={isWord ? '32' : '20'}
      inputMode={isWord ? 'text' : 'decimal'}
      autoComplete="off"
      aria-label={label}
      aria-invalid={problems[entry.path] !== undefined}
      value={texts[at] ?? ''}
      onChange={(e) => onType(entry, at, e.target.value, texts)}
    />
  );
}
