'use client';
import { Box, Flex, IconButton, Span } from '@chakra-ui/react';
import { Archive, ArchiveRestore, Copy } from 'lucide-react';
import { shortName } from '@/core/catalogue/routes';
import type { StudySummary } from '@/server/studies';
import { plainDate, whole } from '../format';
import { PageLink, type DataColumn } from '../kit';
import { RouteName } from '../marks/route-name';
import { Still } from '../part/still';
import { StandingMark } from '../standing/standing-mark';

/** Width of a part's picture in the list, px. */
const PICTURE = 52;

const none = (words: string) => <Span color="fg.muted">{words}</Span>;

const decisionWords = ({ decision }: StudySummary): string =>
  decision.state === 'open'
    ? 'open'
    : decision.state === 'reopened'
      ? 'reopened'
      : `${shortName(decision.laneId)}, signed ${plainDate(decision.signedOn)}`;

/** What can be done to a study in the list. */
export interface RowActs {
  readonly archived: boolean;
  readonly busy: boolean;
  readonly onDuplicate: (s: StudySummary) => void;
  readonly onArchive: (s: StudySummary) => void;
}

/** Columns of the list of parts; the server sorts them. */
export function studyColumns({ archived, busy, onDuplicate, onArchive }: RowActs): readonly DataColumn<StudySummary>[] {
  const sorts = () => null;
  return [
    {
      id: 'title',
      title: 'Part',
      sort: sorts,
      cell: (s) => (
        <Flex align="center" gap="3">
          <Box width={`${PICTURE}px`} height={`${(PICTURE * 3) / 4}px`} flex="none" hideBelow="sm">
            <Still fileId={s.partFile} width={PICTURE} title="" />
          </Box>
          <PageLink href={`/studies/${s.id}/routes`} fontWeight="bold">
            {s.title}
          </PageLink>
        </Flex>
      ),
    },
    {
      id: 'alloy',
      title: 'Alloy',
      sort: sorts,
      wide: true,
      cell: (s) => s.alloyName ?? none('not chosen'),
    },
    {
      id: 'quantity',
      title: 'Quantity',
      sort: sorts,
      numeric: true,
      cell: (s) => (s.quantity === null ? none('not known') : whole(s.quantity)),
    },
    {
      id: 'leader',
      title: 'Leading route',
      sort: sorts,
      cell: (s) =>
        s.leader === null ? (
          none(s.fresh ? 'none yet' : 'calculating')
        ) : (
          <>
            <RouteName laneId={s.leader} size={20} />
            {!s.fresh && (
              <Span color="fg.muted" textStyle="label" title="From an older version; being calculated again">
                {' '}
                (old)
              </Span>
            )}
          </>
        ),
    },
    {
      id: 'decision',
      title: 'Decision',
      sort: sorts,
      cell: (s) => (
        <>
          {s.decision.state === 'open' ? (
            none('open')
          ) : (
            <>
              {s.standing?.plan === true && 'two steps, then '}
              {decisionWords(s)}
            </>
          )}
          {s.standing !== null && (
            <Box textStyle="label">
              <StandingMark state={s.standing.state} />
              {!s.standing.fresh && none(' (old)')}
            </Box>
          )}
        </>
      ),
    },
    {
      id: 'changedAt',
      title: 'Changed',
      sort: sorts,
      wide: true,
      cell: (s) => (
        <Span color="fg.muted" whiteSpace="nowrap">
          {plainDate(s.changedAt)}
        </Span>
      ),
    },
    {
      id: 'acts',
      title: '',
      name: 'Actions',
      cell: (s) => (
        <Flex gap="1" justify="flex-end">
          <IconButton
            size="xs"
            variant="ghost"
            disabled={busy}
            aria-label={`Duplicate ${s.title}`}
            title="Duplicate"
            onClick={() => onDuplicate(s)}
          >
            <Copy size={15} />
          </IconButton>
          <IconButton
            size="xs"
            variant="ghost"
            disabled={busy}
            aria-label={`${archived ? 'Restore' : 'Archive'} ${s.title}`}
            title={archived ? 'Restore' : 'Archive'}
            onClick={() => onArchive(s)}
          >
            {archived ? <ArchiveRestore size={15} /> : <Archive size={15} />}
          </IconButton>
        </Flex>
      ),
    },
  ];
}
