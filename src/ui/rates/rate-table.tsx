'use client';
import { Box, Input, Span } from '@chakra-ui/react';
import { useMemo } from 'react';
import { displayScale, type UnitSystem } from '@/core/base/units';
import type { OwnFigure, RateEntry } from '@/core/rates';
import type { RateChange } from '@/server/rates';
import { unitIn } from '../fields/numbers';
import { plainDate, significant } from '../format';
import { DataTable, FigureButton, type DataColumn } from '../kit';
import { BASIS_WORDS } from '../working/basis-words';
import { figureWords } from './rate-words';

/** The boxes of a figure; one that has a single value stands in the middle. */
const BOXES = ['low', 'likely', 'high'] as const;
const ONLY = 1;

/** The letter of the equations: the last name of the path, where it is one. */
const symbolOf = (path: string): string =>
  path.startsWith('metals.') ? '' : (/([A-Za-z_]\w*)$/.exec(path)?.[1] ?? '');

/** What the note says beyond the words. */
const noteBeyond = ({ note, words }: RateEntry): string =>
  note.startsWith(words) ? note.slice(words.length).replace(/^[\s;,]+/, '') : note;

interface Props {
  readonly name: string;
  readonly entries: readonly RateEntry[];
  readonly units: UnitSystem;
  /** The shipped figure where the set has its own, else null. */
  readonly shippedOf: (path: string) => OwnFigure | null;
  readonly textsFor: (entry: RateEntry) => readonly string[];
  readonly problems: Readonly<Record<string, string>>;
  readonly figures: Readonly<Record<string, OwnFigure>>;
  readonly lastOf: (path: string) => RateChange | undefined;
  readonly markedPath: string | null;
  readonly readOnly: boolean;
  readonly onType: (entry: RateEntry, box: number, text: string) => void;
  readonly onShipped: (entry: RateEntry, value: OwnFigure) => void;
}

/** Coefficients of one part of a set: words, the three figures (or one), unit and where each comes from. */
export function RateTable(props: Props) {
  const { name, entries, figures, markedPath } = props;
  const columns = useMemo(() => columnsOf(props), [props]);
  return (
    <DataTable
      label={name}
      columns={columns}
      rows={entries}
      rowKey={(e) => e.path}
      rowHeight={52}
      rowProps={(e) => ({
        id: e.path,
        ...(markedPath === e.path ? { 'data-marked': true } : {}),
        ...(figures[e.path] === undefined ? {} : { 'data-changed': true }),
      })}
    />
  );
}

function columnsOf({
  units,
  shippedOf,
  textsFor,
  problems,
  lastOf,
  readOnly,
  onType,
  onShipped,
}: Props): readonly DataColumn<RateEntry>[] {
  return [
    {
      id: 'words',
      title: 'Coefficient',
      rowHead: true,
      cell: (entry) => <Words entry={entry} problem={problems[entry.path]} />,
    },
    ...BOXES.map((box, i): DataColumn<RateEntry> => ({
      id: box,
      title: box.replace(/^./, (x) => x.toUpperCase()),
      numeric: true,
      cell: (entry) => {
        const one = typeof entry.value === 'number';
        if (one && i !== ONLY) return '';
        const at = one ? 0 : i;
        if (readOnly) {
          const { factor, zero } = displayScale(entry.unit, units);
          const x = typeof entry.value === 'number' ? entry.value : (entry.value[at] ?? 0);
          return significant(x * factor + zero, 5);
        }
        return (
          <Input
            variant="flushed"
            textAlign="end"
            width="24"
            inputMode="decimal"
            autoComplete="off"
            aria-label={`${entry.of} ${entry.words}, ${box}, ${unitIn(entry.unit, units)}`.trim()}
            aria-invalid={problems[entry.path] !== undefined}
            value={textsFor(entry)[at] ?? ''}
            onChange={(e) => onType(entry, at, e.target.value)}
          />
        );
      },
    })),
    {
      id: 'unit',
      title: 'Unit',
      cell: ({ unit }) => (
        <Span textStyle="label" color="fg.muted">
          {unitIn(unit, units)}
        </Span>
      ),
    },
    {
      id: 'source',
      title: 'Source',
      cell: (entry) => {
        const shipped = shippedOf(entry.path);
        return (
          <Box textStyle="label">
            {entry.basis === 'assumed' ? 'assumed' : BASIS_WORDS[entry.basis]}
            {shipped !== null && (
              <Box color="fg.muted">
                shipped {figureWords(shipped, entry.unit, units)}{' '}
                {!readOnly && <FigureButton onClick={() => onShipped(entry, shipped)}>use shipped</FigureButton>}
              </Box>
            )}
            <LastChange change={lastOf(entry.path)} />
          </Box>
        );
      },
    },
  ];
}

function Words({ entry, problem }: { readonly entry: RateEntry; readonly problem: string | undefined }) {
  const more = noteBeyond(entry);
  return (
    <>
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
          ▲ {problem}
        </Box>
      )}
    </>
  );
}

const LastChange = ({ change }: { readonly change: RateChange | undefined }) =>
  change === undefined ? null : (
    <Box color="fg.muted">
      {change.who}, {plainDate(change.at)}
    </Box>
  );
