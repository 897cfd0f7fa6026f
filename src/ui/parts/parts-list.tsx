'use client';
import { useReady } from '../shell/use-ready';
import { Box, Button, Flex, Heading, Input, Span, Text } from '@chakra-ui/react';
import type { OpenRequest } from '@/server/quotes';
import type { StandingsKept } from '@/server/results';
import type { ListAsked, StudyPage, StudySort } from '@/server/studies';
import { whole } from '../format';
import { DataTable, FileButton, PageLink } from '../kit';
import { WaitingRequests } from '../quotes/waiting-requests';
import { StandingsList } from '../standing/standings-list';
import { useStandings } from '../standing/use-standings';
import { ImportRefusedBanner } from './import-refused';
import { StartHere } from './start-here';
import { studyColumns } from './study-columns';
import { useListActions } from './use-list-actions';
import { useStudies } from './use-studies';

const NONE_WAITING: readonly OpenRequest[] = [];

/** Rows of a page, as the server counts them. */
const PAGE_ROWS = 50;
/** Columns that first sort with the most, or the latest, on top. */
const DOWN_FIRST = ['changedAt', 'quantity'];

/** The list of parts: search, sort, pages, new, duplicate, archive with undo, import of a study file. */
export function PartsList({
  first,
  start,
  standings: signed,
  waiting = NONE_WAITING,
}: {
  /** The page that came with the screen, and what was asked for it. */
  readonly first: StudyPage;
  readonly start: ListAsked;
  readonly standings: StandingsKept | null;
  /** Requests for quotation with an answer still open. */
  readonly waiting?: readonly OpenRequest[];
}) {
  const { archived } = start;
  const list = useStudies(first, start);
  const standings = useStandings(signed);
  const { studies: shown, found, total, page } = list.page;
  const { search, sort, up } = list.asked;
  const acts = useListActions(() => list.again());
  // Until the page has come to life nothing can be pressed in it that would be lost.
  const ready = useReady();
  const busy = acts.busy || !ready;
  const { refused } = acts;

  const fallen = standings !== null && standings.counts.weaker + standings.counts.overturned > 0;
  const pages = Math.max(1, Math.ceil(found / PAGE_ROWS));
  const none = total === 0 && !archived;
  return (
    <>
      {fallen && <StandingsList {...standings} />}
      <WaitingRequests waiting={waiting} today={new Date().toISOString().slice(0, 10)} />
      <Box as="section" mt="3.5">
        <Flex rowGap="2" columnGap="4" align="center" flexWrap="wrap" mb="2">
          <Heading as="h1" size="lg">
            {archived ? 'Archived parts' : 'Parts'}
          </Heading>
          {!none && (
            <>
              <Input
                type="search"
                flex="0 1 20rem"
                width="auto"
                placeholder="Search part, alloy, route, decision"
                aria-label="Search"
                value={search}
                maxLength={200}
                onChange={(e) => list.ask({ search: e.target.value })}
              />
              <Span textStyle="label" color="fg.muted" role="status">
                {list.failed
                  ? 'The server does not answer; this is the list as it was.'
                  : list.busy
                    ? 'Searching …'
                    : `${whole(found)} of ${whole(total)}`}
              </Span>
            </>
          )}
          <Flex ms="auto" gap="2" align="center" flexWrap="wrap">
            <PageLink textStyle="label" href="/bought-parts" me="2">
              Where to look first
            </PageLink>
            <PageLink textStyle="label" href="/quotes" me="2">
              Quotes
            </PageLink>
            <PageLink textStyle="label" href={archived ? '/' : '/?archived=1'} me="2">
              {archived ? 'Open parts' : 'Archived'}
            </PageLink>
            <FileButton
              label="Study file"
              testId="file"
              accept={['.json']}
              disabled={busy}
              onFile={(file) => void acts.importStudy(file)}
            >
              <Button size="sm">Import study</Button>
            </FileButton>
            <Button size="sm" variant="solid" onClick={() => void acts.create()} disabled={busy}>
              New part
            </Button>
          </Flex>
        </Flex>
        {refused !== null && <ImportRefusedBanner refused={refused} onClose={acts.forget} />}
        {none ? (
          <StartHere
            busy={busy}
            onFile={(file) => void acts.createFrom(file)}
            onBrief={() => void acts.create()}
            onExample={() => void acts.example()}
          />
        ) : (
          <DataTable
            label={archived ? 'Archived parts' : 'Parts'}
            columns={studyColumns({
              archived,
              busy,
              onDuplicate: (s) => void acts.duplicate(s),
              onArchive: (s) => void acts.setArchived(s, !archived),
            })}
            rows={shown}
            rowKey={(s) => s.id}
            sort={{ id: sort, up }}
            onSort={(by) => list.ask({ sort: by.id as StudySort, up: by.up })}
            downFirst={DOWN_FIRST}
          />
        )}
        {pages > 1 && (
          <Flex as="nav" aria-label="Pages of the list" gap="3" align="center" py="2.5">
            <Button size="xs" disabled={page <= 1} onClick={() => list.ask({ page: page - 1 })}>
              Previous
            </Button>
            <Span textStyle="label">
              page {whole(page)} of {whole(pages)}
            </Span>
            <Button size="xs" disabled={page >= pages} onClick={() => list.ask({ page: page + 1 })}>
              Next
            </Button>
          </Flex>
        )}
        {shown.length === 0 && !none && (
          <Text py="4" color="fg.muted">
            {total === 0 ? 'Nothing is archived.' : `Nothing matches “${search}”.`}
          </Text>
        )}
      </Box>
      {!fallen && standings !== null && <StandingsList {...standings} />}
    </>
  );
}
