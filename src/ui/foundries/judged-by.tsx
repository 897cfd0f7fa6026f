'use client';
import { Flex, Span } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { call, Refused } from '../api';
import { Choice, PageLink } from '../kit';
import { useStudy } from '../study/study-context';

const BOOK = 'book';
const ALL = 'all';

/** By whom the study is judged: the book, one foundry, or the best of all. */
export function JudgedBy() {
  const { rates, setJudged, id } = useStudy('rates', 'setJudged', 'id');
  const [list, setList] = useState<readonly { readonly id: string; readonly name: string }[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    let live = true;
    call<{ id: string; name: string }[]>('GET', '/api/foundries?names=1').then(
      (found) => live && setList(found),
      () => undefined,
    );
    return () => {
      live = false;
    };
  }, []);
  const { foundries } = rates;
  const one = foundries?.judged === 'one' ? foundries.list[0] : undefined;
  const value = foundries === undefined ? BOOK : foundries.judged === 'all' ? ALL : (one?.id ?? BOOK);
  const choose = async (chosen: string): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      await (chosen === BOOK || chosen === ALL ? setJudged(chosen, null) : setJudged('one', chosen));
    } catch (error) {
      setProblem(error instanceof Refused ? error.message : 'The server does not answer. Nothing was changed.');
    }
    setBusy(false);
  };
  const known = one === undefined || list.some((f) => f.id === one.id) ? list : [one, ...list];
  return (
    <Flex gap="1.5" align="center">
      <Span color="fg.muted">Judged by</Span>
      <Choice
        aria-label="Judged by"
        size="xs"
        width="13rem"
        options={[
          ['Limits', [[BOOK, 'the book']]],
          ['Foundries', [[ALL, 'the best of all foundries'], ...known.map((f) => [f.id, f.name] as const)]],
        ]}
        value={value}
        disabled={busy}
        onChange={(e) => void choose(e.target.value)}
      />
      {one !== undefined && <PageLink href={`/foundries/${one.id}`}>Profile</PageLink>}
      {value === ALL && <PageLink href={`/studies/${id}/foundries`}>Who can</PageLink>}
      {problem !== null && (
        <Span color="alarm" role="alert">
          {problem}
        </Span>
      )}
    </Flex>
  );
}
