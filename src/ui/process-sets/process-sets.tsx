'use client';
import { Box, Table, VisuallyHidden } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { BOOK_PROCESS_ID } from '@/core/rates';
import type { ProcessSetSummary } from '@/server/process-sets';
import { call, Refused } from '../api';
import { plainDate } from '../format';
import { FigureButton, PageHead, PageLink } from '../kit';
import { CopySet } from '../rates/copy-set';
import { notices } from '../shell/notices';

/** The list of sets of process values: the book's and a team's own. */
export function ProcessSets({ sets }: { readonly sets: readonly ProcessSetSummary[] }) {
  const router = useRouter();
  const archive = async (set: ProcessSetSummary): Promise<void> => {
    try {
      await call('POST', `/api/process-sets/${set.id}/archive`);
      notices.create({ title: `“${set.name}” archived` });
      router.refresh();
    } catch (error) {
      notices.create({
        title: error instanceof Refused ? error.message : 'The server does not answer. Nothing was changed.',
        type: 'error',
      });
    }
  };
  return (
    <>
      <PageHead
        title="Process values"
        under="what each route can do: limits, tolerances, scrap, yield, tool life, positions"
        ways={
          <>
            <PageLink href="/rates">Rates</PageLink>
            <PageLink href="/foundries">Foundries</PageLink>
          </>
        }
      >
        The book is a place to start. A copy holds what you measured or were told, each value with where it comes from
        and when; what one foundry does stands on its own page.
      </PageHead>
      <CopySet
        from={BOOK_PROCESS_ID}
        offered="Our own process values"
        who=""
        place="/process-sets"
        page="/process-values"
      />
      <Table.ScrollArea mt="4">
        <Table.Root size="lg" interactive aria-label="Sets of process values">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Set</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Own values</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Studies</Table.ColumnHeader>
              <Table.ColumnHeader>Changed</Table.ColumnHeader>
              <Table.ColumnHeader>
                <VisuallyHidden>Archive</VisuallyHidden>
              </Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {sets.map((s) => (
              <Table.Row key={s.id}>
                <Table.Cell>
                  <PageLink href={`/process-values/${s.id}`}>{s.name}</PageLink>
                  <Box textStyle="label" color="fg.muted">
                    {s.book
                      ? 'of the book, read-only'
                      : `copied from ${sets.find((o) => o.id === s.copiedFrom)?.name ?? 'an archived set'}, version ${s.version}`}
                  </Box>
                </Table.Cell>
                <Table.Cell className="num">{s.book ? '' : s.ownValues}</Table.Cell>
                <Table.Cell className="num">{s.studies}</Table.Cell>
                <Table.Cell textStyle="label">
                  {s.changedAt === null ? '' : `${plainDate(s.changedAt)}, ${s.changedBy ?? ''}`}
                </Table.Cell>
                <Table.Cell textStyle="label">
                  {!s.book && s.studies === 0 && <FigureButton onClick={() => void archive(s)}>Archive</FigureButton>}
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
    </>
  );
}
