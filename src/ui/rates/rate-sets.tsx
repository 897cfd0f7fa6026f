'use client';
import { Box, Table, VisuallyHidden } from '@chakra-ui/react';
import { FigureButton, PageHead, PageLink } from '../kit';
import { useRouter } from 'next/navigation';
import type { RateSetSummary } from '@/server/rates';
import { call, Refused } from '../api';
import { plainDate } from '../format';
import { notices } from '../shell/notices';
import { CopySet } from './copy-set';

/** The list of rate sets: the shipped one and the shop's own, who changed them last and how many studies use them. */
export function RateSets({ sets }: { readonly sets: readonly RateSetSummary[] }) {
  const router = useRouter();
  const shipped = sets.find((s) => s.shipped);
  const archive = async (set: RateSetSummary): Promise<void> => {
    try {
      await call('POST', `/api/rates/${set.id}/archive`);
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
        title="Rate sets"
        under="what an hour, a kilogram and a day cost, for all studies that use a set"
        ways={<PageLink href="/process-values">Process values</PageLink>}
      >
        The shipped set is a place to start: assumptions and rules of the trade. A copy is your own; every change of it
        is kept with who made it and why.
      </PageHead>
      {shipped !== undefined && <CopySet from={shipped.id} offered="Our own rates" who="" />}
      <Table.ScrollArea mt="4">
        <Table.Root size="lg" interactive aria-label="Rate sets">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Set</Table.ColumnHeader>
              <Table.ColumnHeader>Currency</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Own figures</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Holidays</Table.ColumnHeader>
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
                  <PageLink href={`/rates/${s.id}`}>{s.name}</PageLink>
                  <Box textStyle="label" color="fg.muted">
                    {s.shipped
                      ? 'shipped, read-only: assumptions'
                      : `copied from ${sets.find((o) => o.id === s.copiedFrom)?.name ?? 'an archived set'}, version ${s.version}`}
                  </Box>
                </Table.Cell>
                <Table.Cell>{s.currency}</Table.Cell>
                <Table.Cell className="num">{s.shipped ? '' : s.ownFigures}</Table.Cell>
                <Table.Cell className="num">{s.holidays}</Table.Cell>
                <Table.Cell className="num">{s.studies}</Table.Cell>
                <Table.Cell textStyle="label" whiteSpace="normal" minW="9rem">
                  {s.shipped ? '' : `${plainDate(s.changedAt)}, ${s.changedBy ?? ''}`}
                </Table.Cell>
                <Table.Cell textStyle="label">
                  {!s.shipped && s.studies === 0 && (
                    <FigureButton onClick={() => void archive(s)}>Archive</FigureButton>
                  )}
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
    </>
  );
}
