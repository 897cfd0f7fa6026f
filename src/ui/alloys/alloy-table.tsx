'use client';
import { Box, Span, Table, VisuallyHidden } from '@chakra-ui/react';
import { FigureButton } from '../kit';
import { bestCondition, type AlloyNeeds, type AlloyPair, type Miss } from '@/core/comparison/alloys';
import type { Alloy } from '@/core/catalogue/alloys';
import { prepareStudy } from '@/core/study';
import { laneWords, ROUTES, shortName } from '@/core/catalogue/routes';
import { perPart, signed, weeks } from '../format';
import { toneOf } from '../marks/tone';
import { useUnits } from '../preferences';
import { useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import { alloyFigure, metalPrice } from './alloy-words';

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
      { study: prepareStudy({ ...brief, alloy: alloy.id }, school, study.rates), q, words: `in ${alloy.name}` },
    );
}

/** The alloys, cheapest part first: what each is, the route it is best poured by, and which of the nine are open. */
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
  return (
    <Table.ScrollArea>
      <Table.Root className="alloys" size="md" interactive aria-label="Alloys and routes">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>
              <VisuallyHidden>Compare</VisuallyHidden>
            </Table.ColumnHeader>
            <Table.ColumnHeader>Alloy</Table.ColumnHeader>
            <Table.ColumnHeader className="num">All in, {code} a part</Table.ColumnHeader>
            <Table.ColumnHeader>Best poured by</Table.ColumnHeader>
            <Table.ColumnHeader>Open routes</Table.ColumnHeader>
            <Table.ColumnHeader className="num">First article, weeks</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Metal</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Yield</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Elongation</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {rows.map(({ pair, alloy, misses }) => {
            const { leader, allIn } = pair;
            const condition = bestCondition(alloy, needs);
            const checked = compared.includes(alloy.id);
            return (
              <Table.Row key={alloy.id} data-alloy={alloy.id} className={misses.length > 0 ? 'is-nothing' : undefined}>
                <Table.Cell>
                  <input
                    type="checkbox"
                    aria-label={`Compare ${alloy.name}`}
                    checked={checked}
                    disabled={!checked && full}
                    onChange={() => onToggle(alloy.id)}
                  />
                </Table.Cell>
                <Table.Cell>
                  <span style={{ fontWeight: alloy.id === brief.alloy ? 650 : 400 }}>{alloy.name}</span>
                  {alloy.id === brief.alloy && (
                    <Span textStyle="label" color="fg.muted">
                      {' '}
                      the brief’s
                    </Span>
                  )}
                  {misses.length > 0 && <Box textStyle="label">{misses.map((m) => m.words).join(', ')}</Box>}
                </Table.Cell>
                <Table.Cell className="num">
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
                </Table.Cell>
                <Table.Cell textStyle="label">{leader === null ? '' : shortName(leader)}</Table.Cell>
                <Table.Cell>
                  <OpenRoutes pair={pair} />
                </Table.Cell>
                <Table.Cell className="num">
                  {pair.firstArticle_d === null ? '' : weeks(pair.firstArticle_d)}
                </Table.Cell>
                <Table.Cell className="num" textStyle="label">
                  {metalPrice(alloy.price_USD_kg[1], units)}
                </Table.Cell>
                <Table.Cell className="num" textStyle="label" title={condition?.name}>
                  {alloyFigure(condition?.yield_MPa ?? null, 'MPa', units, 3)}
                </Table.Cell>
                <Table.Cell className="num" textStyle="label">
                  {alloyFigure(condition?.elongation_pct ?? null, '%', units, 3)}
                </Table.Cell>
              </Table.Row>
            );
          })}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}

/** Nine small moulds in the order of the routes: full where the alloy can be poured, taller for the best, else empty. */
function OpenRoutes({ pair }: { readonly pair: AlloyPair }) {
  const openNames = pair.routes.filter((r) => r.laneId !== null).map((r) => laneWords(r.routeId).route);
  const best = pair.leader?.split('/')[0];
  return (
    <span
      className="nine"
      role="img"
      aria-label={openNames.length === 0 ? 'no route is open' : `open: ${openNames.join(', ')}`}
    >
      {ROUTES.map((route) => {
        const r = pair.routes.find((x) => x.routeId === route.id);
        const state = r?.laneId == null ? 'is-shut' : route.id === best ? 'is-best' : 'is-open';
        return (
          <i
            key={route.id}
            className={state}
            style={{ color: toneOf(route.id) }}
            title={`${route.name}: ${r?.allIn == null ? (r?.why ?? '') : perPart(r.allIn)}`}
          />
        );
      })}
    </span>
  );
}
