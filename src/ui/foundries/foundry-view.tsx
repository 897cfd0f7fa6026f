'use client';
import { Box, Button, Field, Flex, Input, Text } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { LINE_FIELDS, SHOP_FIELDS } from '@/core/foundries';
import { laneWords } from '@/core/catalogue/routes';
import { oldValues } from '@/core/comparison/foundries';
import type { FoundryRecord } from '@/server/foundries';
import { call, Refused } from '../api';
import { plainDate } from '../format';
import { History } from '../history/changes-table';
import { useChangeNote } from '../history/use-change-note';
import { Banner, PageHead, PageLink, Section } from '../kit';
import { Emblem } from '../marks/emblem';
import { useUnits } from '../preferences';
import { MovedStudies, movesWords, useMoves } from '../rates/moved-studies';
import { SaveBar } from '../rates/save-bar';
import { notices } from '../shell/notices';
import { ProfileEditor } from './profile-editor';
import { lineRows, saidText, shopRows } from './profile-rows';
import { ProfileTable } from './profile-table';
import { KNOWN } from './said-words';
import { useProfile } from './use-profile';

const FIELDS = [...SHOP_FIELDS, ...LINE_FIELDS];

/** A foundry: what it says, what was measured there and what is supposed, to be read and to be edited. */
export function FoundryView({
  record,
  today,
  editingFirst,
}: {
  readonly record: FoundryRecord;
  readonly today: string;
  readonly editingFirst: boolean;
}) {
  const router = useRouter();
  const [units] = useUnits();
  const [asked, setOpen] = useState(editingFirst);
  const editing = useProfile(record, today);
  const { name, note, setName, setNote, behind } = editing;
  const changed = editing.changed.length;
  // What was typed earlier and not saved is shown again.
  const open = asked || changed > 0;
  const { who, why, setWho, setWhy, saved: noteSaved } = useChangeNote(`foundry-${record.id}`);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const input = { name, note, profile: editing.profile ?? record.profile };
  const moves = useMoves(`/api/foundries/${record.id}/effect`, input, record.version);
  const old = useMemo(() => oldValues(record, today), [record, today]);
  const save = async (): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      await call('PUT', `/api/foundries/${record.id}`, {
        input,
        version: record.version,
        who: who.trim(),
        why: why.trim(),
      });
      editing.drop();
      notices.create({ title: `“${name}” saved.` });
      setOpen(false);
      noteSaved();
      // Without the wish to edit that the address may hold.
      router.replace(`/foundries/${record.id}`);
      router.refresh();
    } catch (error) {
      // The newer version comes, and what was typed stands on it.
      if (error instanceof Refused && error.status === 409) router.refresh();
      setProblem(
        error instanceof Refused && error.status === 409
          ? `${(error.body as { changedBy: string }).changedBy} saved a newer version of this profile while you were typing. What you typed is kept and put onto theirs: check it and save again.`
          : error instanceof Refused
            ? error.message
            : 'The server does not answer. Nothing was saved; what you typed is kept.',
      );
    }
    setBusy(false);
  };
  const archive = async (): Promise<void> => {
    try {
      await call('POST', `/api/foundries/${record.id}/archive`);
      router.push('/foundries');
    } catch (error) {
      setProblem(error instanceof Refused ? error.message : 'The server does not answer. Nothing was changed.');
    }
  };
  const problems = editing.issues.map((i) => `${i.path}: ${i.message}.`);
  return (
    <>
      <PageHead
        title={record.name}
        under={`version ${record.version}, changed ${plainDate(record.changedAt)} by ${record.changedBy}`}
        ways={
          <>
            <PageLink href="/foundries">All foundries</PageLink>
            <PageLink href={`/foundries/compare?a=${record.id}`}>Beside another</PageLink>
            <PageLink href={`/quotes?words=${encodeURIComponent(record.name)}`}>Its quotes</PageLink>
          </>
        }
      >
        {record.note}
      </PageHead>
      {behind && (
        <Banner
          alarm
          title={`${record.changedBy} saved version ${record.version} while you were typing. What you typed is kept and stands on theirs now: check it and save again.`}
        />
      )}
      {record.archived && <Banner title="This foundry is archived: it is not asked any more." />}
      {old.length > 0 && (
        <Banner title={`${old.length} ${old.length === 1 ? 'value is' : 'values are'} over a year old: ask again.`} />
      )}
      <Flex gap="3" pb="2">
        {!open && (
          <Button size="xs" onClick={() => setOpen(true)}>
            Edit
          </Button>
        )}
        {!open && !record.archived && record.studies.length === 0 && (
          <Button size="xs" onClick={() => void archive()}>
            Archive
          </Button>
        )}
      </Flex>
      {problem !== null && !open && (
        <Box color="alarm" role="alert">
          {problem}
        </Box>
      )}
      {open ? (
        <>
          <Flex gap="4" flexWrap="wrap">
            <Field.Root width="18rem">
              <Field.Label>Name</Field.Label>
              <Input value={name} maxLength={120} onChange={(e) => setName(e.target.value)} />
            </Field.Root>
            <Field.Root flex="1 1 20rem" width="auto">
              <Field.Label>Note</Field.Label>
              <Input value={note} maxLength={1000} onChange={(e) => setNote(e.target.value)} />
            </Field.Root>
          </Flex>
          <ProfileEditor editing={editing} />
        </>
      ) : (
        <Profile record={record} today={today} />
      )}
      <Section
        title="Studies that it judges"
        under={moves.problem ?? (moves.busy ? 'Calculating …' : 'this foundry alone, and those that ask all')}
        id="moved"
        aria-busy={moves.busy}
      >
        {moves.effects !== null && (
          <MovedStudies effects={moves.effects} of={moves.of} currency={null} pending={open && changed > 0} />
        )}
      </Section>
      <History
        changes={record.changes}
        wordsOf={(path) => changeName(path)}
        unitOf={() => ''}
        valueWords={(value, path) => changeText(value, path, units)}
      />
      {open && (changed > 0 || problem !== null) && (
        <SaveBar
          count={changed}
          moves={moves.busy || moves.effects === null ? '' : movesWords(moves.effects, moves.of)}
          problems={problems}
          refusal={problem}
          who={who}
          why={why}
          busy={busy}
          onWho={setWho}
          onWhy={setWhy}
          onSave={() => void save()}
          asking={null}
          onDrop={() => {
            editing.drop();
            setProblem(null);
            setOpen(false);
          }}
        />
      )}
    </>
  );
}

function Profile({ record, today }: { readonly record: FoundryRecord; readonly today: string }) {
  const { profile } = record;
  return (
    <>
      {profile.lines.length === 0 && <Text>Nothing is entered yet: press Edit and say what it runs.</Text>}
      {profile.lines.map((line) => {
        const laneId = `${line.route}/${line.variant}`;
        const words = laneWords(laneId);
        return (
          <Section
            key={laneId}
            title={
              <>
                <Emblem laneId={laneId} size={22} /> {words.route}, {words.variant}
              </>
            }
          >
            <ProfileTable name={`${words.route}, ${words.variant}`} rows={lineRows(line)} today={today} />
          </Section>
        );
      })}
      <Section title="The foundry">
        <ProfileTable name="The foundry" rows={shopRows(profile)} today={today} />
      </Section>
    </>
  );
}

/** What a change of a profile is of. */
function changeName(path: string): string {
  const [laneId, key] = path.includes('/')
    ? [path.slice(0, path.indexOf('.') < 0 ? undefined : path.indexOf('.')), path.split('.').at(-1)]
    : [null, path];
  const words = FIELDS.find((f) => f.key === key)?.words ?? key ?? path;
  if (laneId === null) return words;
  const { route, variant } = laneWords(laneId);
  return key === laneId || !path.includes('.') ? `${route}, ${variant}` : `${route}, ${variant}: ${words}`;
}

function changeText(value: unknown, path: string, units: Parameters<typeof saidText>[2]): string {
  if (value === null || value === undefined) return 'not said';
  if (typeof value === 'string') return value;
  const said = value as { v?: unknown; basis?: keyof typeof KNOWN; date?: string };
  const field = FIELDS.find((f) => f.key === path.split('.').at(-1));
  if (field === undefined || said.v === undefined) return JSON.stringify(value);
  return [
    saidText(field, said.v, units),
    said.basis === undefined ? '' : KNOWN[said.basis],
    said.date === undefined ? '' : plainDate(said.date),
  ]
    .filter(Boolean)
    .join(', ');
}
