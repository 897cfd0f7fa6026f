'use client';
import { Span, Table, Text } from '@chakra-ui/react';
import { PageLink } from '../kit';
import { useEffect, useState } from 'react';
import { shortName } from '@/core/catalogue/routes';
import type { RateEffect } from '@/server/rates';
import { call, Refused } from '../api';
import { perPart, signed, whole } from '../format';
import { Emblem } from '../marks/emblem';

/** A change is asked about this long after the last key. */
const DELAY_MS = 350;

/** What the studies that use a set would come to with a change of it. */
export interface Moves {
  readonly effects: readonly RateEffect[] | null;
  /** Studies that use the set, of which the first are shown. */
  readonly of: number;
  readonly busy: boolean;
  readonly problem: string | null;
}

/** Asks an address of the server what a change would do; a newer question ends the one before it. */
export function useMoves(address: string, change: object, version: number): Moves {
  const [moves, setMoves] = useState<Moves>({ effects: null, of: 0, busy: true, problem: null });
  const asked = JSON.stringify(change);
  useEffect(() => {
    const ending = new AbortController();
    const timer = setTimeout(() => {
      setMoves((m) => ({ ...m, busy: true }));
      call<{ effects: RateEffect[]; of: number }>('POST', address, JSON.parse(asked), {
        signal: ending.signal,
      }).then(
        ({ effects, of }) => setMoves({ effects, of, busy: false, problem: null }),
        (error: unknown) => {
          if (ending.signal.aborted) return;
          const problem = error instanceof Refused ? error.message : 'The server does not answer.';
          setMoves((m) => ({ ...m, busy: false, problem }));
        },
      );
    }, DELAY_MS);
    return () => {
      clearTimeout(timer);
      ending.abort();
    };
  }, [address, asked, version]);
  return moves;
}

/** Whether a study's leader or its price moves. */
export const isMoved = (e: RateEffect): boolean =>
  e.before.leader !== e.after.leader || Math.abs((e.before.allIn ?? 0) - (e.after.allIn ?? 0)) >= 0.005;

/** How many studies a change moves, in a few words. @param of studies that use the set, of which the latest are looked at */
export function movesWords(effects: readonly RateEffect[], of = effects.length): string {
  if (effects.length === 0) return 'No study uses this set yet.';
  const moved = effects.filter(isMoved);
  const led = moved.filter((e) => e.before.leader !== e.after.leader).length;
  const leaders = led === 0 ? 'none has a new leader' : led === 1 ? '1 has a new leader' : `${led} have new leaders`;
  const looked =
    of > effects.length ? `the ${effects.length} changed last, of ${whole(of)},` : `${effects.length} studies`;
  return `${moved.length} of ${looked} change, ${leaders}.`;
}

/** The studies that use a set: who leads each and at what price, now and with the changes. */
export function MovedStudies({
  effects,
  of,
  currency,
  pending,
}: {
  readonly effects: readonly RateEffect[];
  /** Studies that use the set, of which the latest are shown. */
  readonly of: number;
  /** Of all studies; null where each has its own. */
  readonly currency: string | null;
  readonly pending: boolean;
}) {
  if (effects.length === 0)
    return <Text>No study uses this set. It is chosen below the board of a study, in its Routes view.</Text>;
  return (
    <Table.ScrollArea>
      {of > effects.length && (
        <Text textStyle="label" color="fg.muted">
          The {effects.length} studies changed last, of {whole(of)} that use this set.
        </Text>
      )}
      <Table.Root size="sm" aria-label="Studies that use this set">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Study</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Quantity</Table.ColumnHeader>
            <Table.ColumnHeader>Leader now</Table.ColumnHeader>
            <Table.ColumnHeader className="num">
              {currency === null ? 'Per part' : `${currency} per part`}
            </Table.ColumnHeader>
            {pending && (
              <>
                <Table.ColumnHeader>Leader with the changes</Table.ColumnHeader>
                <Table.ColumnHeader className="num">
                  {currency === null ? 'Per part' : `${currency} per part`}
                </Table.ColumnHeader>
                <Table.ColumnHeader className="num">Change</Table.ColumnHeader>
              </>
            )}
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {effects.map((e) => (
            <Table.Row key={e.studyId} data-moved={isMoved(e) || undefined} data-marked={isMoved(e) || undefined}>
              <Table.Cell>
                <PageLink href={`/studies/${e.studyId}/routes`}>{e.title}</PageLink>
              </Table.Cell>
              <Table.Cell className="num">{e.q === null ? 'not known' : whole(e.q)}</Table.Cell>
              <Leader standing={e.before} unit={currency === null ? e.currency : ''} />
              {pending && (
                <>
                  <Leader
                    standing={e.after}
                    unit={currency === null ? e.currency : ''}
                    changed={e.before.leader !== e.after.leader}
                  />
                  <Table.Cell className="num">{difference(e)}</Table.Cell>
                </>
              )}
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}

function Leader({
  standing,
  unit,
  changed = false,
}: {
  readonly standing: RateEffect['before'];
  /** Currency beside the figure; empty where the head of the column says it. */
  readonly unit: string;
  readonly changed?: boolean;
}) {
  return (
    <>
      <Table.Cell>
        {standing.leader === null ? (
          <Span color="fg.muted">none</Span>
        ) : (
          <>
            <Emblem laneId={standing.leader} />{' '}
            {changed ? <strong>{shortName(standing.leader)}</strong> : shortName(standing.leader)}
            {changed && (
              <Span textStyle="label" color="fg.muted">
                {' '}
                · new leader
              </Span>
            )}
          </>
        )}
      </Table.Cell>
      <Table.Cell className="num">
        {standing.allIn === null ? '' : `${perPart(standing.allIn)} ${unit}`.trim()}
      </Table.Cell>
    </>
  );
}

function difference({ before, after }: RateEffect): string {
  if (before.allIn === null || after.allIn === null) return '';
  const share = 100 * (after.allIn / before.allIn - 1);
  return Math.abs(share) < 0.005 ? 'none' : `${signed(share, Math.abs(share) < 1 ? 2 : 1)} %`;
}
