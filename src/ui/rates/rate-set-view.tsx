'use client';
import { Box, Heading, Input, Span, Textarea } from '@chakra-ui/react';
import { Section, TextButton } from '../kit';
import Link from 'next/link';
import { useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import {
  farOff,
  RATE_PARTS,
  rateEntries,
  ratesOf,
  SHIPPED_RATES,
  type OwnFigure,
  type RateEntry,
  type RateRef,
} from '@/core/rates';
import type { RateChange, RateEffect, RateSetRecord } from '@/server/rates';
import { call, Refused } from '../api';
import { keepHere, keptHere } from '../browser-store';
import { plainDate, whole } from '../format';
import { notices } from '../shell/notices';
import { CopySet } from './copy-set';
import { CsvIn } from './csv-in';
import { History } from './history';
import { MetalPrices } from './metal-prices';
import { isNames, NameFields, NO_NAMES, readNames, type Names } from './name-fields';
import { isMoved, movesWords, MovedStudies, useMoves } from './moved-studies';
import { RateTable } from './rate-table';
import { lanePartName } from './rate-words';
import { SaveBar } from './save-bar';
import { useDraft } from './use-draft';

interface Part {
  readonly id: string;
  readonly name: string;
  readonly entries: readonly RateEntry[];
}

/** The parts of a set in the order they are read: what all share, then every lane. */
function partsOf(entries: readonly RateEntry[]): Part[] {
  const ids = [...new Set(entries.map((e) => e.part))];
  return ids.map((id) => ({
    id,
    name: lanePartName(id) ?? RATE_PARTS.find(([, part]) => part === id)?.[2] ?? id,
    entries: entries.filter((e) => e.part === id),
  }));
}

const SHIPPED_ENTRIES = new Map(rateEntries(SHIPPED_RATES).map((e) => [e.path, e]));
const SHIPPED = new Map([...SHIPPED_ENTRIES].map(([path, e]) => [path, e.value]));
const isText = (x: unknown): x is string => typeof x === 'string';

/** A rate set: every coefficient by its part, a shop's own to be changed, and the studies that move with it. */
export function RateSetView({ record, today }: { readonly record: RateSetRecord; readonly today: string }) {
  const [ref, setRef] = useState<RateRef>(record.ref);
  const [stamp, setStamp] = useState({ at: record.changedAt, by: record.changedBy });
  const [changes, setChanges] = useState<readonly RateChange[]>(record.changes);
  const rates = useMemo(() => ratesOf(ref), [ref]);
  const parts = useMemo(() => partsOf(rateEntries(rates)), [rates]);
  const draft = useDraft(rates);
  const [partId, setPartId] = useState(parts[0]?.id ?? '');
  const [search, setSearch] = useState('');
  const [marked, setMarked] = useState<string | null>(null);
  const [who, setWho] = useState('');
  const [why, setWhy] = useState('');
  const [names, setNamesState] = useState<Names>(NO_NAMES);
  const setNames = useCallback(
    (next: Names) => {
      setNamesState(next);
      keepHere(`rates-names-${record.ref.id}`, next);
    },
    [record.ref.id],
  );
  const [busy, setBusy] = useState(false);
  const [asking, setAsking] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [done, setDone] = useState<readonly RateEffect[] | null>(null);
  const readOnly = record.shipped;

  useEffect(
    () =>
      queueMicrotask(() => {
        setWho(keptHere('rates-who', isText) ?? '');
        setNamesState(keptHere(`rates-names-${record.ref.id}`, isNames) ?? NO_NAMES);
      }),
    [record.ref.id],
  );
  // A link from a working names a coefficient: its part is opened and the row marked.
  useEffect(() => {
    const follow = (): void => {
      const path = decodeURIComponent(window.location.hash.slice(1));
      const part =
        parts.find((p) => p.entries.some((e) => e.path === path)) ??
        (path === 'calendar.holidays' ? parts.find((p) => p.id === 'calendar') : undefined);
      if (part === undefined) return;
      setPartId(part.id);
      setSearch('');
      setMarked(path);
    };
    queueMicrotask(follow);
    window.addEventListener('hashchange', follow);
    return () => window.removeEventListener('hashchange', follow);
  }, [parts]);
  const seen = useRef<string | null>(null);
  useEffect(() => {
    if (marked === null || seen.current === marked) return;
    const row = document.getElementById(marked);
    if (row === null) return;
    seen.current = marked;
    row.scrollIntoView({ block: 'center' });
    row.querySelector('input')?.focus({ preventScroll: true });
  }, [marked, partId]);

  const named = useMemo(() => readNames(names, ref), [names, ref]);
  const change = useMemo(
    () => ({
      ...(Object.keys(draft.figures).length > 0 ? { figures: draft.figures } : {}),
      ...(draft.holidaysChanged ? { holidays: draft.holidays } : {}),
      ...named.change,
    }),
    [draft.figures, draft.holidaysChanged, draft.holidays, named.change],
  );
  const count = Object.keys(draft.figures).length + (draft.holidaysChanged ? 1 : 0) + Object.keys(named.change).length;
  const problems = Object.values(draft.problems).concat(draft.holidaysProblem ?? [], named.problems);
  const moves = useMoves(ref.id, change, ref.version);
  const last = useMemo(() => {
    const out = new Map<string, RateChange>();
    for (const c of changes) if (!out.has(c.path)) out.set(c.path, c);
    return out;
  }, [changes]);
  const wanted = useDeferredValue(search.trim().toLowerCase());
  const shown = useMemo(() => {
    const words = wanted.split(/\s+/).filter(Boolean);
    if (words.length === 0) return parts.filter((p) => p.id === partId);
    const has = (p: Part, e: RateEntry): boolean => {
      const text = `${p.name} ${e.of} ${e.words} ${e.note} ${e.path} ${e.unit}`.toLowerCase();
      return words.every((w) => text.includes(w));
    };
    return parts
      .map((p) => ({ ...p, entries: p.entries.filter((e) => has(p, e)) }))
      .filter((p) => p.entries.length > 0);
  }, [parts, partId, wanted]);

  const { type, take } = draft;
  const onType = useCallback(
    (entry: RateEntry, box: number, text: string) => {
      setDone(null);
      type(entry, box, text);
    },
    [type],
  );
  const onShipped = useCallback((entry: RateEntry, value: OwnFigure) => take({ [entry.path]: value }), [take]);
  const shippedOf = useCallback(
    (path: string): OwnFigure | null => (ref.own.figures[path] === undefined ? null : (SHIPPED.get(path) ?? null)),
    [ref],
  );
  const lastOf = useCallback((path: string) => last.get(path), [last]);
  const takeIn = (figures: Readonly<Record<string, OwnFigure>>, reason: string): void => {
    setDone(null);
    take(figures);
    setWhy((was) => (was === '' ? reason : was));
  };

  const far = useMemo(() => farOff(draft.figures, SHIPPED_ENTRIES), [draft.figures]);
  const save = async (): Promise<void> => {
    setAsking(false);
    setBusy(true);
    setProblem(null);
    const moved = moves.effects;
    try {
      const saved = await call<{ ref: RateRef }>('PUT', `/api/rates/${ref.id}`, {
        change,
        version: ref.version,
        who: who.trim(),
        why: why.trim(),
      });
      keepHere('rates-who', who.trim());
      const fresh = await call<RateSetRecord>('GET', `/api/rates/${ref.id}`);
      draft.clear();
      setNames(NO_NAMES);
      setRef(saved.ref);
      setChanges(fresh.changes);
      setStamp({ at: fresh.changedAt, by: fresh.changedBy });
      setDone(moved);
      setWhy('');
      const n = moved?.filter(isMoved).length ?? 0;
      notices.create({ title: `Saved. ${n} of ${moved?.length ?? 0} studies that use the set moved.` });
    } catch (error) {
      if (error instanceof Refused && error.status === 409) {
        const body = error.body as { current: RateRef; changedBy: string | null };
        setRef(body.current);
        setProblem(
          `${body.changedBy ?? 'Somebody'} saved a newer version of this set while you were typing. What you typed is kept and now stands against theirs: look it over and save again.`,
        );
      } else
        setProblem(
          error instanceof Refused
            ? error.message
            : 'The server does not answer. Nothing was saved; what you typed is kept.',
        );
    }
    setBusy(false);
  };

  return (
    <>
      <div className="study-head">
        <div className="line">
          <Heading as="h1" size="lg">
            {ref.name}
          </Heading>
          <Span color="fg.muted" textStyle="label">
            {readOnly
              ? 'shipped with the application; cannot be changed'
              : `the shop’s own, version ${ref.version}, changed ${plainDate(stamp.at)} by ${stamp.by ?? ''}`}
          </Span>
          <nav className="views" aria-label="This rate set">
            <Link href="/rates">All sets</Link>
            <Link href={`/rates/${ref.id}/differences`}>Differences</Link>
            <a href={`/api/rates/${ref.id}/csv`}>As CSV</a>
          </nav>
        </div>
        <p className="verdict">
          {readOnly
            ? 'Every figure here is an assumption or a rule of the trade, to start from. Make a copy and put your own in its place.'
            : `${Object.keys(ref.own.figures).length} of ${whole(SHIPPED.size)} figures are the shop’s own; the others are as shipped.`}
        </p>
        <div className="rate-tools">
          <CopySet from={ref.id} name={ref.name} who={who} />
          {!readOnly && <CsvIn id={ref.id} onTake={takeIn} />}
        </div>
      </div>
      <div className="rates-page">
        <nav className="rate-parts small" aria-label="Parts of the set">
          <div className="inbox">
            <Input
              aria-label="Search the coefficients"
              placeholder="Search all parts"
              value={search}
              onChange={(e) => setSearch(e.target.value)}
            />
          </div>
          <ul>
            {parts.map((p) => {
              const own = p.entries.filter((e) => ref.own.figures[e.path] !== undefined).length;
              const typed = p.entries.filter((e) => draft.figures[e.path] !== undefined).length;
              return (
                <li key={p.id}>
                  <TextButton
                    size="sm"
                    aria-current={wanted === '' && p.id === partId ? 'true' : undefined}
                    onClick={() => {
                      setPartId(p.id);
                      setSearch('');
                      setMarked(null);
                    }}
                  >
                    {p.name}
                  </TextButton>
                  {(own > 0 || typed > 0) && (
                    <Span color="fg.muted">
                      {own > 0 ? ` ${own} own` : ''}
                      {typed > 0 ? ` ${typed} unsaved` : ''}
                    </Span>
                  )}
                </li>
              );
            })}
          </ul>
        </nav>
        <div>
          {shown.length === 0 && (
            <p className="section">No coefficient has “{search}” in its words, its path or its unit.</p>
          )}
          {shown.map((part) => (
            <Section title={<>{part.name}</>} under={<>{part.entries.length} figures</>} key={part.id}>
              {part.id === 'metals' && wanted === '' && (
                <MetalPrices rates={rates} today={today} readOnly={readOnly} onTake={takeIn} />
              )}
              {part.id === 'calendar' && wanted === '' && (
                <NameFields names={names} now={ref} readOnly={readOnly} onChange={setNames} />
              )}
              {part.id === 'calendar' && wanted === '' && (
                <Holidays
                  text={draft.holidaysText}
                  problem={draft.holidaysProblem}
                  readOnly={readOnly}
                  onChange={draft.setHolidays}
                />
              )}
              <RateTable
                name={part.name}
                entries={part.entries}
                shippedOf={shippedOf}
                textsFor={draft.textsFor}
                problems={draft.problems}
                figures={draft.figures}
                lastOf={lastOf}
                markedPath={marked}
                readOnly={readOnly}
                onType={onType}
                onShipped={onShipped}
              />
            </Section>
          ))}
        </div>
      </div>
      <Section
        title="Studies that use this set"
        under={
          moves.problem ??
          (moves.busy
            ? 'Working it out …'
            : done !== null
              ? 'before the last save and after it'
              : count > 0
                ? 'now and with the unsaved changes'
                : 'at the pieces of their whole life')
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
      {!readOnly && <History changes={changes} />}
      {!readOnly && (count > 0 || problems.length > 0 || problem !== null) && (
        <SaveBar
          count={count}
          moves={moves.busy || moves.effects === null ? '' : movesWords(moves.effects, moves.of)}
          problems={problems}
          refusal={problem}
          who={who}
          why={why}
          busy={busy}
          onWho={setWho}
          onWhy={setWhy}
          onSave={() => (far.length > 0 && !asking ? setAsking(true) : void save())}
          asking={asking && far.length > 0 ? far : null}
          onDrop={() => {
            draft.clear();
            setNames(NO_NAMES);
            setProblem(null);
          }}
        />
      )}
    </>
  );
}

function Holidays({
  text,
  problem,
  readOnly,
  onChange,
}: {
  readonly text: string;
  readonly problem: string | null;
  readonly readOnly: boolean;
  readonly onChange: (text: string) => void;
}) {
  return (
    <div className="field" style={{ maxWidth: 520 }}>
      <label htmlFor="rates-holidays">Days the shop is shut, beside weekends</label>
      <div className={problem === null ? 'inbox' : 'inbox is-bad'}>
        <Textarea
          id="rates-holidays"
          rows={3}
          readOnly={readOnly}
          value={text}
          placeholder={readOnly ? 'none in the shipped set' : '2027-12-24, 2027-12-27 …'}
          aria-invalid={problem !== null}
          onChange={(e) => onChange(e.target.value)}
        />
      </div>
      {problem === null ? (
        <div className="help">Each that falls on a working day between order and delivery pushes the date.</div>
      ) : (
        <Box color="alarm" role="alert">
          {problem}
        </Box>
      )}
    </div>
  );
}
