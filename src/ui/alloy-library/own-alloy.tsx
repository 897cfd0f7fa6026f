'use client';
import { Button, Flex } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Alloy } from '@/core/catalogue/alloys';
import { ROUTES } from '@/core/catalogue/routes';
import { ALLOY_FIELDS } from '@/core/team-alloys';
import type { AlloyRecord, TeamAlloySummary } from '@/server/team-alloys';
import { call, Refused } from '../api';
import { plainDate } from '../format';
import { History } from '../history/changes-table';
import { useChangeNote } from '../history/use-change-note';
import { Banner, Section } from '../kit';
import { useUnits } from '../preferences';
import { MovedStudies, movesWords, useMoves } from '../rates/moved-studies';
import { SaveBar } from '../rates/save-bar';
import { notices } from '../shell/notices';
import { AlloyEditor, type AlloyChoices } from './alloy-editor';
import { fieldText, FITS } from './alloy-words';
import { AlloyFactsTables } from './facts-tables';
import { useAlloy } from './use-alloy';

/** What a value of an alloy is, in words. */
function pathWords(path: string): string {
  if (path.startsWith('routes.')) return ROUTES.find((r) => r.id === path.slice('routes.'.length))?.name ?? path;
  const plain: Readonly<Record<string, string>> = {
    name: 'Name',
    source: 'Read from',
    date: 'Read on',
    conditions: 'Conditions',
  };
  return ALLOY_FIELDS.find((f) => f.key === path)?.words ?? plain[path] ?? path;
}

/** An alloy of the team's own: read, and edited with what it does to the studies of it. */
export function OwnAlloy({
  alloy,
  own,
  base,
  record,
  choices,
  editingFirst,
  onArchive,
}: {
  readonly alloy: Alloy;
  readonly own: TeamAlloySummary;
  readonly base: Alloy;
  readonly record: AlloyRecord;
  readonly choices: AlloyChoices;
  readonly editingFirst: boolean;
  /** Puts it away; null where that cannot be. */
  readonly onArchive: (() => void) | null;
}) {
  const router = useRouter();
  const [units] = useUnits();
  const [asked, setAsked] = useState(editingFirst);
  const editing = useAlloy(own, base);
  const { input, changed, behind } = editing;
  const { who, why, setWho, setWhy, saved: noteSaved } = useChangeNote(`alloy-${own.id}`);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const open = asked || changed.length > 0;
  const saved = { name: own.name, facts: own.facts, source: own.source, date: own.date };
  const moves = useMoves(`/api/alloys/${own.id}/effect`, input ?? saved, own.version);
  const save = async (): Promise<void> => {
    if (input === null) return;
    setBusy(true);
    setProblem(null);
    try {
      await call('PUT', `/api/alloys/${own.id}`, { input, version: own.version, who: who.trim(), why: why.trim() });
      editing.drop();
      notices.create({ title: `“${input.name}” saved.` });
      setAsked(false);
      noteSaved();
      // Without the wish to edit that the address may hold.
      router.replace(`/alloys/${own.id}`);
      router.refresh();
    } catch (error) {
      // The newer version comes, and what was typed stands on it.
      if (error instanceof Refused && error.status === 409) router.refresh();
      setProblem(
        error instanceof Refused && error.status === 409
          ? `${(error.body as { changedBy: string }).changedBy} saved a newer version of this alloy while you were typing. What you typed is kept and put onto theirs: check it and save again.`
          : error instanceof Refused
            ? error.message
            : 'The server does not answer. Nothing was saved; what you typed is kept.',
      );
    }
    setBusy(false);
  };
  const valueText = (value: unknown, path: string): string => {
    if (value === null || value === undefined) return path === 'date' ? 'not said' : 'as copied';
    if (path.startsWith('routes.')) {
      const { fit, why: because, pour_C: heat } = value as { fit: keyof typeof FITS; why: string; pour_C?: unknown };
      return [FITS[fit], heat === undefined ? '' : fieldText(heat, { unit: '°C', kind: 'band' }, units, 4), because]
        .filter(Boolean)
        .join(', ');
    }
    if (path === 'conditions')
      return Array.isArray(value) ? value.map((c) => String((c as { name: unknown }).name)).join('; ') : '';
    if (path === 'date') return typeof value === 'string' ? plainDate(value) : '';
    const field = ALLOY_FIELDS.find((f) => f.key === path);
    return field === undefined ? (typeof value === 'string' ? value : '') : fieldText(value, field, units, 5);
  };
  return (
    <>
      {behind && (
        <Banner
          alarm
          title={`${own.changedBy} saved version ${own.version} while you were typing. What you typed is kept and stands on theirs now: check it and save again.`}
        />
      )}
      {!open && (
        <Flex pb="2" gap="3">
          <Button size="xs" onClick={() => setAsked(true)}>
            Edit
          </Button>
          {onArchive !== null && (
            <Button size="xs" onClick={onArchive}>
              Archive
            </Button>
          )}
        </Flex>
      )}
      {open ? (
        <AlloyEditor editing={editing} base={base} choices={choices} />
      ) : (
        <AlloyFactsTables alloy={alloy} choices={choices} />
      )}
      <Section
        title="Studies of it"
        under={moves.problem ?? (moves.busy ? 'Calculating …' : `${moves.of}`)}
        id="moved"
        aria-busy={moves.busy}
      >
        {moves.effects !== null && (
          <MovedStudies effects={moves.effects} of={moves.of} currency={null} pending={open && changed.length > 0} />
        )}
      </Section>
      <History changes={record.changes} wordsOf={pathWords} unitOf={() => ''} valueWords={valueText} />
      {open && (changed.length > 0 || problem !== null) && (
        <SaveBar
          count={changed.length}
          moves={moves.busy || moves.effects === null ? '' : movesWords(moves.effects, moves.of)}
          problems={editing.issues.map((i) => `${pathWords(i.path.split('.').slice(0, 2).join('.'))}: ${i.message}.`)}
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
            setAsked(false);
          }}
        />
      )}
    </>
  );
}
