'use client';
import { Box, Span } from '@chakra-ui/react';
import { useMemo } from 'react';
import type { Alloy } from '@/core/catalogue/alloys';
import { bestCondition, type AlloyNeeds, type AlloyPair, type Miss } from '@/core/comparison/alloys';
import { prepareFrom } from '@/core/study';
import { perPart, signed, weeks } from '../format';
import { CheckBox, DataTable, FigureButton, type DataColumn } from '../kit';
import { RouteName } from '../marks/route-name';
import { useUnits } from '../preferences';
import { useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import { alloyFigure, metalPrice } from './alloy-words';
import { OpenRoutes } from './open-routes';

export interface AlloyRow {
  readonly pair: AlloyPair;
  readonly alloy: Alloy;
  readonly misses: readonly Miss[];
}

/** Opens the working of a figure of the brief in another alloy. */
export function useAlloyWorking(): (alloy: Alloy, q: number, laneId: string, figure: string) => void {
  const { brief, school, study } = useStudy('brief', 'school', 'study');
  const { openWorking } = useSheets();
  return (alloy, q, laneId, figure) =>
    openWorking(
      { laneId, figure },
      {
        study: prepareFrom(() => alloy, { ...brief, alloy: alloy.id }, school, study.rates),
        q,
        words: `in ${alloy.name}`,
      },
    );
}

/** The alloys, cheapest part first: what each is, its best route, and which of the nine are open. */
export function AlloyTable({
  rows,
  needs,
  q,
  compared,
  full,
  onToggle,
}: {
  readonly rows: readonly AlloyRow[];
  /** Decide which condition of an alloy is shown. */
  readonly needs: AlloyNeeds;
  readonly q: number;
  readonly compared: readonly string[];
  /** No more can be compared. */
  readonly full: boolean;
  readonly onToggle: (alloyId: string) => void;
}) {
  const { brief, study } = useStudy('brief', 'study');
  const [units] = useUnits();
  const open = useAlloyWorking();
  const code = study.rates.currency.code;
  const mine = rows.find((r) => r.pair.alloyId === brief.alloy)?.pair.allIn ?? null;
  const conditions = useMemo(
    () => new Map(rows.map((r) => [r.alloy.id, bestCondition(r.alloy, needs)])),
    [rows, needs],
  );
  const columns: readonly DataColumn<AlloyRow>[] = [
    {
      id: 'compare',
      title: '',
      name: 'Compare',
      cell: ({ alloy }) => {
        const checked = compared.includes(alloy.id);
        return (
          <CheckBox
            label={`Compare ${alloy.name}`}
            checked={checked}
            disabled={!checked && full}
            onChange={() => onToggle(alloy.id)}
          />
        );
      },
    },
    {
      id: 'alloy',
      title: 'Alloy',
      sort: ({ alloy }) => alloy.name,
      cell: ({ alloy, misses }) => (
        <>
          <Span fontWeight={alloy.id === brief.alloy ? 'bold' : 'normal'}>{alloy.name}</Span>
          {alloy.id === brief.alloy && (
            <Span textStyle="label" color="fg.muted">
              {' '}
              in the brief
            </Span>
          )}
          {alloy.team !== undefined && (
            <Box textStyle="label" color="fg.muted">
              the team’s own, from {alloy.team.fromName}
            </Box>
          )}
          {misses.length > 0 && <Box textStyle="label">{misses.map((m) => m.words).join(', ')}</Box>}
        </>
      ),
    },
    {
      id: 'cost',
      title: `Cost, ${code} per part`,
      numeric: true,
      sort: ({ pair }) => pair.allIn,
      cell: ({ pair: { leader, allIn }, alloy }) => (
        <>
          {leader === null || allIn === null ? (
            <Span textStyle="label">no route</Span>
          ) : (
            <FigureButton onClick={() => open(alloy, q, leader, 'allIn')}>{perPart(allIn)}</FigureButton>
          )}
          {allIn !== null && mine !== null && alloy.id !== brief.alloy && (
            <Box textStyle="label" color="fg.muted">
              {signed(allIn - mine, 2)}
            </Box>
          )}
        </>
      ),
    },
    {
      id: 'route',
      title: 'Best route',
      cell: ({ pair }) => (pair.leader === null ? '' : <RouteName laneId={pair.leader} />),
    },
    { id: 'open', title: 'Open routes', cell: ({ pair }) => <OpenRoutes pair={pair} /> },
    {
      id: 'first',
      title: 'First article, weeks',
      numeric: true,
      sort: ({ pair }) => pair.firstArticle_d,
      cell: ({ pair }) => (pair.firstArticle_d === null ? '' : weeks(pair.firstArticle_d)),
    },
    {
      id: 'metal',
      title: 'Metal price',
      numeric: true,
      sort: ({ alloy }) => alloy.price_USD_kg[1],
      cell: ({ alloy }) => metalPrice(alloy.price_USD_kg[1], units),
    },
    {
      id: 'yield',
      title: 'Yield strength',
      numeric: true,
      sort: ({ alloy }) => conditions.get(alloy.id)?.yield_MPa ?? null,
      cell: ({ alloy }) => alloyFigure(conditions.get(alloy.id)?.yield_MPa ?? null, 'MPa', units, 3),
    },
    {
      id: 'elongation',
      title: 'Elongation',
      numeric: true,
      sort: ({ alloy }) => conditions.get(alloy.id)?.elongation_pct ?? null,
      cell: ({ alloy }) => alloyFigure(conditions.get(alloy.id)?.elongation_pct ?? null, '%', units, 3),
    },
  ];
  return (
    <DataTable
      label="Alloys and routes"
      columns={columns}
      rows={rows}
      rowKey={(r) => r.alloy.id}
      downFirst={['yield', 'elongation']}
      rowProps={(r) => ({ 'data-alloy': r.alloy.id, ...(r.misses.length > 0 ? { 'data-quiet': true } : {}) })}
    />
  );
}
