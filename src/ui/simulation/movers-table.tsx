'use client';
import { Box, Table, Text } from '@chakra-ui/react';
import { FigureButton, PageLink, Unit } from '../kit';
import { useState } from 'react';
import { shortName } from '@/core/catalogue/routes';
import type { SimulationDepth } from '@/workers/simulation.protocol';
import { fixed, significant, signed } from '../format';
import { useStudy } from '../study/study-context';
import { figureWords, inputWords, moverWorking } from '@/core/simulation';
import { useSheets } from '../working/sheets';

const FEW = 8;

/** Uncertain figures by how much they move the difference of the two leading routes, each with the way to its rate. */
export function MoversTable({
  depth,
  q,
  currency,
}: {
  readonly depth: SimulationDepth;
  /** Pieces it was drawn at. */
  readonly q: number;
  readonly currency: string;
}) {
  const { openWorking } = useSheets();
  const { study, rates } = useStudy('study', 'rates');
  const [all, setAll] = useState(false);
  const by = new Map(depth.inputs.map((i) => [i.key, i]));
  const moving = depth.movers.filter((m) => m.swing > 0);
  const shown = all ? moving : moving.slice(0, FEW);
  const { second } = depth;
  if (second === null)
    return (
      <Text textStyle="label" color="fg.muted">
        No second route survives to set against the leader.
      </Text>
    );
  return (
    <>
      <Table.ScrollArea>
        <Table.Root size="sm" aria-label="What moves the choice">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Uncertain figure</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Low … likely … high</Table.ColumnHeader>
              <Table.ColumnHeader
                className="num"
                title="Total of the next route less that of the leader, with this figure alone at its low or high"
              >
                Difference at low … high, {currency}
              </Table.ColumnHeader>
              <Table.ColumnHeader className="num" title="Rank correlation with the difference over the draws">
                Rank correlation
              </Table.ColumnHeader>
              <Table.ColumnHeader>From</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {shown.map((m) => {
              const input = by.get(m.name);
              if (input === undefined) return null;
              const turns = m.atLow < 0 || m.atHigh < 0;
              return (
                <Table.Row key={m.name}>
                  <Table.Cell>{inputWords(input, study.rates)}</Table.Cell>
                  <Table.Cell className="num">
                    {input.range.map((x) => figureWords(x, input.unit).replace(/ .*$/, '')).join(' … ')}{' '}
                    <Unit>{input.unit === 'share' ? '%' : input.unit}</Unit>
                  </Table.Cell>
                  <Table.Cell className="num">
                    <FigureButton
                      title="Open the working"
                      onClick={() => {
                        const words = inputWords(input, study.rates);
                        const made = moverWorking(m, input, depth.leader, second, words, currency);
                        openWorking({ laneId: depth.leader, figure: made.figure, q, working: made });
                      }}
                    >
                      {signed(m.atLow, 0)} … {signed(m.atHigh, 0)}
                    </FigureButton>
                    {turns && (
                      <Box textStyle="label" color="alarm">
                        alone it turns the choice
                      </Box>
                    )}
                  </Table.Cell>
                  <Table.Cell className="num">{fixed(m.rho, 2)}</Table.Cell>
                  <Table.Cell textStyle="label">
                    {input.source === 'rate' ? (
                      <PageLink href={`/rates/${rates.id}#${encodeURIComponent(input.path)}`}>rate set</PageLink>
                    ) : input.source === 'alloy' ? (
                      'alloy'
                    ) : input.source === 'route' ? (
                      'route'
                    ) : (
                      'brief'
                    )}
                  </Table.Cell>
                </Table.Row>
              );
            })}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      <Text textStyle="label" color="fg.muted">
        Difference: {shortName(second)} less {shortName(depth.leader)}, whole programme; below 0 they change places.{' '}
        {moving.length} of {depth.inputs.length} figures move it.{' '}
        {moving.length > FEW && (
          <FigureButton aria-expanded={all} onClick={() => setAll((x) => !x)}>
            {all ? 'only the first' : `all ${significant(moving.length, 3)}`}
          </FigureButton>
        )}
      </Text>
    </>
  );
}
