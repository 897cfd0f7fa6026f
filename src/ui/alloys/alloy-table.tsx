'use client';
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
    <div className="scroll-x">
      <table className="list alloys" aria-label="Alloys and routes">
        <thead>
          <tr>
            <th>
              <span className="sr">Compare</span>
            </th>
            <th>Alloy</th>
            <th className="num">All in, {code} a part</th>
            <th>Best poured by</th>
            <th>Open routes</th>
            <th className="num">First article, weeks</th>
            <th className="num">Metal</th>
            <th className="num">Yield</th>
            <th className="num">Elongation</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ pair, alloy, misses }) => {
            const { leader, allIn } = pair;
            const condition = bestCondition(alloy, needs);
            const checked = compared.includes(alloy.id);
            return (
              <tr key={alloy.id} data-alloy={alloy.id} className={misses.length > 0 ? 'is-nothing' : undefined}>
                <td>
                  <input
                    type="checkbox"
                    aria-label={`Compare ${alloy.name}`}
                    checked={checked}
                    disabled={!checked && full}
                    onChange={() => onToggle(alloy.id)}
                  />
                </td>
                <td>
                  <span style={{ fontWeight: alloy.id === brief.alloy ? 650 : 400 }}>{alloy.name}</span>
                  {alloy.id === brief.alloy && <span className="small quiet"> the brief’s</span>}
                  {misses.length > 0 && <div className="small">{misses.map((m) => m.words).join(', ')}</div>}
                </td>
                <td className="num">
                  {leader === null || allIn === null ? (
                    <span className="small">no route</span>
                  ) : (
                    <button type="button" className="textbtn dotted" onClick={() => open(alloy, q, leader, 'allIn')}>
                      {perPart(allIn)}
                    </button>
                  )}
                  {allIn !== null && mine !== null && alloy.id !== brief.alloy && (
                    <div className="small quiet">{signed(allIn - mine, 2)}</div>
                  )}
                </td>
                <td className="small">{leader === null ? '' : shortName(leader)}</td>
                <td>
                  <OpenRoutes pair={pair} />
                </td>
                <td className="num">{pair.firstArticle_d === null ? '' : weeks(pair.firstArticle_d)}</td>
                <td className="num small">{metalPrice(alloy.price_USD_kg[1], units)}</td>
                <td className="num small" title={condition?.name}>
                  {alloyFigure(condition?.yield_MPa ?? null, 'MPa', units, 3)}
                </td>
                <td className="num small">{alloyFigure(condition?.elongation_pct ?? null, '%', units, 3)}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
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
