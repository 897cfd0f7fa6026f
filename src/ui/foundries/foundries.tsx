'use client';
import { Box, Button, Field, Flex, Input, Span, Table, Text } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { coverageGaps, oldValues } from '@/core/comparison/foundries';
import { laneWords } from '@/core/catalogue/routes';
import type { FoundrySummary } from '@/server/foundries';
import { call, Refused } from '../api';
import { plainDate, whole } from '../format';
import { DataTable, PageHead, PageLink, Section, Segments, type DataColumn } from '../kit';
import { Emblem } from '../marks/emblem';
import { AbilityMap } from './ability-map';

type View = 'list' | 'map' | 'gaps';

const saidIn = (f: FoundrySummary): { readonly basis: string }[] =>
  [f.profile, ...f.profile.lines].flatMap((holder) =>
    Object.values(holder as object).filter(
      (x): x is { readonly basis: string } => typeof x === 'object' && x !== null && 'basis' in x,
    ),
  );

/** Foundries: the list, the map of who runs what, and what nobody covers. */
export function Foundries({ list, today }: { readonly list: readonly FoundrySummary[]; readonly today: string }) {
  const [view, setView] = useState<View>('list');
  const [search, setSearch] = useState('');
  const shown = useMemo(() => {
    const words = search.toLowerCase().split(/\s+/).filter(Boolean);
    const text = (f: FoundrySummary): string =>
      [
        f.name,
        f.note,
        ...f.profile.lines.map((l) => Object.values(laneWords(`${l.route}/${l.variant}`)).join(' ')),
        ...(f.profile.alloys?.v.poured ?? []),
      ]
        .join(' ')
        .toLowerCase();
    return list.filter((f) => words.every((w) => text(f).includes(w)));
  }, [list, search]);
  return (
    <>
      <PageHead
        title="Foundries"
        under={`${list.length} asked`}
        ways={
          <>
            <PageLink href="/foundries/compare">Two side by side</PageLink>
            <PageLink href="/process-values">Process values</PageLink>
          </>
        }
      >
        What each says it can do, what was measured there and what is supposed. What a profile lacks comes from the
        book.
      </PageHead>
      <Flex gap="4" align="flex-end" flexWrap="wrap" pb="3">
        <Segments
          label="View"
          value={view}
          options={[
            ['list', 'List'],
            ['map', 'Who runs what'],
            ['gaps', 'Gaps'],
          ]}
          onChange={setView}
        />
        <Input
          width="16rem"
          aria-label="Search foundries"
          placeholder="Name, route or alloy"
          value={search}
          onChange={(e) => setSearch(e.target.value)}
        />
        <AddFoundry />
      </Flex>
      {view === 'list' && <FoundryTable list={shown} today={today} />}
      {view === 'map' && <AbilityMap list={shown} />}
      {view === 'gaps' && <Gaps list={list} />}
    </>
  );
}

function FoundryTable({ list, today }: { readonly list: readonly FoundrySummary[]; readonly today: string }) {
  const columns = useMemo((): readonly DataColumn<FoundrySummary>[] => {
    const measured = (f: FoundrySummary): number => {
      const said = saidIn(f);
      return said.length === 0 ? 0 : said.filter((s) => s.basis === 'measured').length / said.length;
    };
    return [
      {
        id: 'name',
        title: 'Foundry',
        rowHead: true,
        sort: (f) => f.name,
        cell: (f) => (
          <>
            <PageLink href={`/foundries/${f.id}`}>{f.name}</PageLink>
            {f.note !== '' && (
              <Box textStyle="label" color="fg.muted">
                {f.note}
              </Box>
            )}
          </>
        ),
      },
      {
        id: 'routes',
        title: 'Runs',
        sort: (f) => f.profile.lines.length,
        cell: (f) => (
          <Box textStyle="label">
            {f.profile.lines.map(({ route, variant }) => {
              const words = laneWords(`${route}/${variant}`);
              return (
                <div key={variant}>
                  <Emblem laneId={`${route}/${variant}`} size={16} /> {words.route}, {words.variant}
                </div>
              );
            })}
          </Box>
        ),
      },
      {
        id: 'alloys',
        title: 'Alloys',
        numeric: true,
        wide: true,
        sort: (f) => f.profile.alloys?.v.poured.length ?? null,
        cell: (f) => f.profile.alloys?.v.poured.length ?? 'not said',
      },
      {
        id: 'shifts',
        title: 'Shifts',
        wide: true,
        cell: ({ profile: { shifts } }) =>
          shifts === undefined ? '' : `${shifts.v.n} × ${shifts.v.hours} h, ${shifts.v.daysPerWeek} days`,
      },
      {
        id: 'queue',
        title: 'Queue, working days',
        numeric: true,
        wide: true,
        sort: ({ profile: { queue_workingDays: q } }) =>
          q === undefined ? null : typeof q.v === 'number' ? q.v : q.v[1],
        cell: ({ profile: { queue_workingDays: q } }) =>
          q === undefined ? '' : typeof q.v === 'number' ? q.v : q.v[1],
      },
      {
        id: 'measured',
        title: 'Measured by us',
        numeric: true,
        sort: measured,
        cell: (f) => `${whole(100 * measured(f))} %`,
      },
      {
        id: 'old',
        title: 'Over a year old',
        numeric: true,
        wide: true,
        sort: (f) => oldValues(f, today).length,
        cell: (f) => {
          const n = oldValues(f, today).length;
          return n === 0 ? '' : <Span color="alarm">▲ {n}</Span>;
        },
      },
      {
        id: 'changed',
        title: 'Changed',
        wide: true,
        sort: (f) => f.changedAt,
        cell: (f) => (
          <Box textStyle="label">
            {plainDate(f.changedAt)}, {f.changedBy}
          </Box>
        ),
      },
    ];
  }, [today]);
  if (list.length === 0) return <Text mt="4">No foundry matches.</Text>;
  return <DataTable label="Foundries" columns={columns} rows={list} rowKey={(f) => f.id} rowHeight={64} />;
}

const GAP_WORDS = {
  'no-foundry': 'Nobody runs it',
  'one-foundry': 'Only one runs it',
  'no-metal': 'Nobody pours it there',
} as const;

/** What no foundry of the list covers, or only one does. */
function Gaps({ list }: { readonly list: readonly FoundrySummary[] }) {
  const gaps = useMemo(() => coverageGaps(list), [list]);
  return (
    <>
      {(['no-foundry', 'one-foundry', 'no-metal'] as const).map((kind) => {
        const found = gaps.filter((g) => g.kind === kind);
        return (
          <Section key={kind} title={GAP_WORDS[kind]} under={`${found.length}`}>
            {found.length === 0 ? (
              <Text>No gap of this kind.</Text>
            ) : (
              <Table.ScrollArea tabIndex={0}>
                <Table.Root size="sm" aria-label={GAP_WORDS[kind]}>
                  <Table.Body>
                    {[...new Set(found.map((g) => g.laneId))].map((laneId) => {
                      const words = laneWords(laneId);
                      const of = found.filter((g) => g.laneId === laneId);
                      return (
                        <Table.Row key={laneId}>
                          <Table.Cell width="22rem">
                            <Emblem laneId={laneId} /> {words.route}, {words.variant}
                          </Table.Cell>
                          <Table.Cell>
                            {kind === 'no-metal'
                              ? of.map((g) => g.metal?.replaceAll('-', ' ')).join(', ')
                              : of.map(
                                  ({ only }) =>
                                    only !== null && (
                                      <PageLink key={only.id} href={`/foundries/${only.id}`}>
                                        {only.name}
                                      </PageLink>
                                    ),
                                )}
                          </Table.Cell>
                        </Table.Row>
                      );
                    })}
                  </Table.Body>
                </Table.Root>
              </Table.ScrollArea>
            )}
          </Section>
        );
      })}
    </>
  );
}

/** Puts a foundry in by its name; what it can do is entered on its page. */
function AddFoundry() {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [who, setWho] = useState('');
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  if (!open)
    return (
      <Button size="xs" onClick={() => setOpen(true)}>
        Add a foundry
      </Button>
    );
  const add = async (): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      const made = await call<{ id: string }>('POST', '/api/foundries', {
        name: name.trim(),
        who: who.trim(),
        profile: { lines: [] },
      });
      router.push(`/foundries/${made.id}?edit=1`);
    } catch (error) {
      setProblem(error instanceof Refused ? error.message : 'The server does not answer. Nothing was created.');
      setBusy(false);
    }
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        void add();
      }}
    >
      <Flex gap="3" align="flex-end" flexWrap="wrap">
        <Field.Root width="16rem">
          <Field.Label>Name of the foundry</Field.Label>
          <Input value={name} maxLength={120} onChange={(e) => setName(e.target.value)} />
        </Field.Root>
        <Field.Root width="12rem">
          <Field.Label>Entered by</Field.Label>
          <Input value={who} maxLength={80} onChange={(e) => setWho(e.target.value)} />
        </Field.Root>
        <Button
          type="submit"
          size="xs"
          variant="solid"
          loading={busy}
          disabled={name.trim() === '' || who.trim() === ''}
        >
          Add
        </Button>
        <Button size="xs" onClick={() => setOpen(false)}>
          Cancel
        </Button>
      </Flex>
      {problem !== null && (
        <Box color="alarm" textStyle="label" role="alert">
          {problem}
        </Box>
      )}
    </form>
  );
}
