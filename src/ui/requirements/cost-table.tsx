'use client';
import Link from 'next/link';
import type { RequirementCost } from '@/core/comparison/requirements';
import { laneWords, shortName } from '@/core/catalogue/routes';
import { fixed, perPart, signed, whole } from '../format';
import { useUnits } from '../preferences';
import { useStudy } from '../study/study-context';
import { askedWords } from './asked';
import { MOST_WHAT_IFS, useWhatIfs } from './what-ifs';

/** Routes of some lanes, each named once. */
const routesOf = (ids: readonly string[]): string => [...new Set(ids.map((id) => laneWords(id).route))].join(', ');

/** The requirements with what each adds, what it closes, and the way to try the brief without it. */
export function CostTable({
  costs,
  onOpen,
}: {
  readonly costs: readonly RequirementCost[];
  readonly onOpen: (id: string) => void;
}) {
  const { study } = useStudy('study');
  const most = Math.max(...costs.map((c) => c.adds ?? 0));
  const code = study.rates.currency.code;
  return (
    <div className="scroll-x">
      <table className="list asks" aria-label="What each requirement costs">
        <thead>
          <tr>
            <th>Asked</th>
            <th className="num">How much</th>
            <th className="num">Adds, {code} a part</th>
            <th className="num">In all, {code}</th>
            <th className="num">First article, days</th>
            <th>Closes</th>
            <th>
              <span className="sr">Try</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {costs.map((c) => (
            <CostRow key={c.requirement.id} cost={c} most={most} onOpen={() => onOpen(c.requirement.id)} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

function CostRow({
  cost,
  most,
  onOpen,
}: {
  readonly cost: RequirementCost;
  readonly most: number;
  readonly onOpen: () => void;
}) {
  const [units] = useUnits();
  const { id } = useStudy('id');
  const { list, add } = useWhatIfs();
  const { requirement: r, adds } = cost;
  const nothing = adds !== null && Math.abs(adds) < 0.005 && cost.opens.length === 0;
  const tried = list.some((ids) => ids.length === 1 && ids[0] === r.id);
  const figure = (text: string, label: string) => (
    <button type="button" className="textbtn dotted" onClick={onOpen} aria-label={`${text} ${label}, lane by lane`}>
      {text}
    </button>
  );
  return (
    <tr data-requirement={r.id} className={nothing ? 'is-nothing' : undefined}>
      <td>
        <Link className="plain-link" href={`/studies/${id}/brief#field-${r.path.replaceAll('.', '-')}`}>
          {r.name}
        </Link>
      </td>
      <td className="num">{askedWords(r, units)}</td>
      <td className="num">
        {adds === null ? (
          figure(cost.leader === null ? 'nothing opens' : 'every route', 'hang on it')
        ) : (
          <>
            <span className="weight" aria-hidden="true">
              <i style={{ width: `${most > 0 ? Math.max(0, 100 * (adds / most)) : 0}%` }} />
            </span>
            {figure(perPart(adds), 'a part')}
          </>
        )}
      </td>
      <td className="num">{cost.addsInAll === null ? '' : figure(whole(cost.addsInAll), 'in all')}</td>
      <td className="num">{cost.addsFirst_d === null ? '' : figure(signed(cost.addsFirst_d, 1), 'days')}</td>
      <td className="small">
        {cost.opens.length > 0 && (
          <button type="button" className="textbtn dotted" onClick={onOpen}>
            {routesOf(cost.opens)}
          </button>
        )}
        {cost.leader !== null && cost.opens.includes(cost.leader) && (
          <div className="quiet">
            {shortName(cost.leader)} would lead at {fixed(cost.allIn ?? 0, 2)}
          </div>
        )}
      </td>
      <td className="num">
        <button
          type="button"
          className="textbtn"
          disabled={tried || list.length >= MOST_WHAT_IFS}
          title={
            tried
              ? 'Stands beside the brief'
              : list.length >= MOST_WHAT_IFS
                ? 'Three stand beside the brief'
                : r.relaxed
          }
          onClick={() => add([r.id])}
          aria-label={`Try without: ${r.name}`}
        >
          {tried ? 'tried' : 'try without'}
        </button>
      </td>
    </tr>
  );
}
