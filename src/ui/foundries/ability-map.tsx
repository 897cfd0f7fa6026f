'use client';
import { Box, chakra, Table, VisuallyHidden } from '@chakra-ui/react';
import { useMemo } from 'react';
import { abilityMap } from '@/core/comparison/foundries';
import { laneWords } from '@/core/catalogue/routes';
import type { FoundrySummary } from '@/server/foundries';
import { PageLink } from '../kit';
import { Emblem } from '../marks/emblem';
import { toneOf } from '../marks/tone';

const Tile = chakra('span', {
  base: {
    display: 'inline-block',
    width: '18px',
    height: '18px',
    border: '1.5px solid currentColor',
    position: 'relative',
    verticalAlign: 'middle',
    printColorAdjust: 'exact',
    '& i': { position: 'absolute', insetInline: 0, bottom: 0, bg: 'currentColor' },
  },
});

/** Routes by foundries: a mould where it is run, filled as high as its values are measured. */
export function AbilityMap({ list }: { readonly list: readonly FoundrySummary[] }) {
  const rows = useMemo(() => abilityMap(list), [list]);
  return (
    <Table.ScrollArea>
      <Table.Root size="sm" width="auto" aria-label="Who runs what">
        <Table.Caption captionSide="top" textStyle="label" color="fg.muted">
          A square where the variant is run; filled as high as its values are measured by us.
        </Table.Caption>
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Route and variant</Table.ColumnHeader>
            {list.map((f) => (
              <Table.ColumnHeader key={f.id} verticalAlign="bottom" px="1">
                <PageLink
                  href={`/foundries/${f.id}`}
                  title={f.name}
                  css={{
                    writingMode: 'vertical-rl',
                    transform: 'rotate(180deg)',
                    maxHeight: '11rem',
                    overflow: 'hidden',
                  }}
                >
                  {f.name}
                </PageLink>
              </Table.ColumnHeader>
            ))}
            <Table.ColumnHeader className="num">Foundries</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {rows.map(({ laneId, runs }) => {
            const words = laneWords(laneId);
            const count = Object.keys(runs).length;
            return (
              <Table.Row key={laneId}>
                <Table.Cell whiteSpace="nowrap">
                  <Emblem laneId={laneId} size={18} /> {words.route}, {words.variant}
                </Table.Cell>
                {list.map((f) => {
                  const run = runs[f.id];
                  return (
                    <Table.Cell key={f.id} px="1" textAlign="center">
                      {run !== undefined && (
                        <Box as="span" title={`${f.name}: ${run.measured} of ${run.values} values measured`}>
                          <Tile style={{ color: toneOf(laneId) }} aria-hidden="true">
                            <i style={{ height: `${(100 * run.measured) / Math.max(1, run.values)}%` }} />
                          </Tile>
                          <VisuallyHidden>
                            run, {run.measured} of {run.values} values measured
                          </VisuallyHidden>
                        </Box>
                      )}
                    </Table.Cell>
                  );
                })}
                <Table.Cell className="num">{count === 0 ? 'nobody' : count}</Table.Cell>
              </Table.Row>
            );
          })}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}
