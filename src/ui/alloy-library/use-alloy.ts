import { useMemo } from 'react';
import type { Alloy } from '@/core/catalogue/alloys';
import { parseAlloyFacts, type AlloyFacts } from '@/core/team-alloys';
import type { TeamAlloySummary } from '@/server/team-alloys';
import { useKeptDraft, type Flat } from '../kept-draft';

/** A route or condition of an alloy while it is typed. */
export type Loose = Readonly<Record<string, unknown>>;

const ROUTE = 'routes.';

const textAt = (flat: Flat, path: string): string => (typeof flat[path] === 'string' ? flat[path] : '');

/** An alloy of the team's own as values by path. */
function flatOf({ name, source, date, facts: { routes, ...facts } }: TeamAlloySummary): Flat {
  const said = Object.entries({ ...facts, source, date }).filter(([, v]) => v !== undefined);
  const byRoute = Object.entries(routes ?? {}).map(([id, r]) => [`${ROUTE}${id}`, r]);
  return { name, ...(Object.fromEntries([...said, ...byRoute]) as Flat) };
}

function factsOf({ name: _name, source: _source, date: _date, ...values }: Flat): Record<string, unknown> {
  const routes = Object.entries(values).filter(([path]) => path.startsWith(ROUTE));
  const plain = Object.entries(values).filter(([path]) => !path.startsWith(ROUTE));
  return {
    ...Object.fromEntries(plain),
    ...(routes.length === 0 ? {} : { routes: Object.fromEntries(routes.map(([p, r]) => [p.slice(ROUTE.length), r])) }),
  };
}

/** An alloy of the team's own that is being edited: what was typed, kept until it is saved, and what is wrong with it. */
export function useAlloy(own: TeamAlloySummary, base: Alloy) {
  const kept = useKeptDraft(`alloy-${own.id}`, flatOf(own));
  const { draft, setDraft } = kept;
  const read = useMemo(() => parseAlloyFacts(factsOf(draft), base), [draft, base]);
  const name = textAt(draft, 'name');
  const issues = [
    ...(read.ok ? [] : read.issues),
    ...(name.trim() === '' ? [{ path: 'name', value: name, message: 'a name of at least one letter is wanted' }] : []),
  ];
  const facts: AlloyFacts | null = read.ok ? read.facts : null;
  return {
    ...kept,
    name,
    source: textAt(draft, 'source'),
    date: typeof draft['date'] === 'string' ? draft['date'] : '',
    issues,
    /** What can be saved; null while something is wrong. */
    input:
      facts === null || issues.length > 0
        ? null
        : {
            name: name.trim(),
            facts,
            source: textAt(draft, 'source').trim(),
            date: typeof draft['date'] === 'string' && draft['date'] !== '' ? draft['date'] : null,
          },
    /** Puts a value at a path; undefined takes it away, so that it is as in the alloy copied. */
    put: (path: string, value: unknown): void =>
      setDraft((was) => {
        const next: Record<string, unknown> = { ...was };
        if (value === undefined) Reflect.deleteProperty(next, path);
        else next[path] = value;
        return next;
      }),
  };
}
