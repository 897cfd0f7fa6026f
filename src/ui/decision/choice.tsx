'use client';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import type { BoardLane } from '@/core/board';
import { carryingFigures, keptOf, laneCase, suggestedActions, type DrawnBy, type KeptPlan } from '@/core/decision';
import { laneWords, shortName } from '@/core/routes';
import type { DecisionRecord } from '@/server/decisions';
import { useBridge } from '../bridge/use-bridge';
import { useDoubt } from '../doubt/use-doubt';
import { perPart, weeks, whole } from '../format';
import { Mark, STATUS_WORDS } from '../marks/mark';
import { useDoubtShown } from '../preferences';
import { useLed } from '../schools/use-led';
import { Cautions } from '../study/cautions';
import { useQuantity, useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import { Told } from '../working/told';
import { ChangedSince } from './changed-since';
import { FiguresList } from './figures-list';
import { liveDoubt } from './live-doubt';
import { PlanKept } from './plan-kept';
import { SignForm } from './sign-form';
import { SureSection } from './sure-section';

const AGAINST = [
  'No reason against it was found',
  'The strongest reason against it',
  'The two strongest reasons against it',
];

/** Draws of a decision: the seed is kept with it. */
const DRAWN: DrawnBy = { seed: 1, spread: 'pert', demand: false };

/** What the radio of an adopted plan is called among the lanes. */
const PLAN = 'plan';

/** The routes that could be chosen at the quantity on the rail, the case of the one picked, and the signing. */
export function Choice({ reopened }: { readonly reopened: DecisionRecord | undefined }) {
  const { id, study, brief, orderDate } = useStudy();
  const { board, q } = useQuantity();
  const led = useLed();
  const [doubtShown] = useDoubtShown();
  const drawn = useDoubt(doubtShown === 'shown', DRAWN);
  const bridge = useBridge(brief.plan !== null);
  const plan = useMemo(
    () =>
      brief.plan === null || bridge.adopted === null || bridge.q !== q
        ? null
        : keptOf(brief.plan, bridge.adopted, bridge.single),
    [brief.plan, bridge, q],
  );
  const [picked, setPicked] = useState<string | null>(
    reopened === undefined ? null : reopened.frozen.plan ? PLAN : reopened.laneId,
  );
  const open = board.lanes
    .filter((l) => l.status !== 'blocked' && l.money !== null)
    .sort((a, b) => (a.money?.total ?? 0) - (b.money?.total ?? 0));
  const wantsPlan = picked === PLAN || picked === null;
  const planned = plan !== null && wantsPlan;
  // A plan that is still being worked out is not signed as one of its routes.
  const pending = brief.plan !== null && wantsPlan && plan === null && (bridge.looking !== null || bridge.q !== q);
  const laneId = planned ? plan.then : open.some((l) => l.id === picked) ? (picked as string) : (led ?? '');
  const lane = board.lanes.find((l) => l.id === laneId);
  const found = useMemo(() => laneCase(study, board, laneId), [study, board, laneId]);
  const doubt = useMemo(() => liveDoubt(study, drawn, laneId, DRAWN), [study, drawn, laneId]);
  const currency = study.rates.currency.code;
  const { firstDelivery } = brief.quantity;

  if (open.length === 0 || lane === undefined) {
    return (
      <p className="section">
        Nothing can be decided yet: no casting route survives, or the brief still lacks figures. The Routes view says
        what would open each.
      </p>
    );
  }
  const routeIds = [...new Set([...(planned ? [plan.first] : []), laneId].map((id) => id.split('/')[0] ?? id))];
  return (
    <>
      {reopened !== undefined && <ChangedSince decision={reopened} />}
      <section className="section">
        <h2>
          The route <span className="quiet">at {whole(q)} pieces; move the rail to decide at another quantity</span>
        </h2>
        <div className="scroll-x">
          <table className="list" aria-label="Routes to choose from">
            <thead>
              <tr>
                <th>
                  <span className="sr">Choose</span>
                </th>
                <th>Route</th>
                <th className="num">All in, {currency} a part</th>
                <th className="num">Tooling, {currency}</th>
                <th className="num">First article, weeks</th>
                <th className="num">Last part, weeks</th>
                <th>Verdict</th>
              </tr>
            </thead>
            <tbody>
              {plan !== null && <PlanChoiceRow plan={plan} checked={planned} onPick={() => setPicked(PLAN)} />}
              {open.map((l) => (
                <LaneChoice key={l.id} lane={l} checked={!planned && l.id === laneId} onPick={() => setPicked(l.id)} />
              ))}
            </tbody>
          </table>
        </div>
        <p className="small">
          <Link className="plain-link" href={`/studies/${id}/made?lane=${laneId}`}>
            How this part is made on {shortName(laneId)}
          </Link>
        </p>
        {brief.plan !== null && plan === null && (
          <p className="small" role="status">
            {bridge.looking !== null || bridge.q !== q
              ? 'Working out the adopted plan …'
              : 'The adopted plan in two steps cannot be made at this quantity; the Calendar says why.'}
          </p>
        )}
      </section>
      {planned && (
        <section className="section record">
          <h2>The plan in two steps</h2>
          <PlanKept plan={plan} study={study} currency={currency} orderDate={orderDate} />
        </section>
      )}
      <section className="section">
        <h2>
          The figures that carry it{' '}
          <span className="quiet">
            {planned
              ? `${shortName(laneId)} for the whole programme; each opens its working`
              : 'each opens its working'}
          </span>
        </h2>
        <FiguresList figures={carryingFigures(study, board, lane)} />
      </section>
      {found !== null && (
        <div className="two-beside">
          <section className="section">
            <h2>For {shortName(laneId)}</h2>
            <ol className="for">
              {found.for.map((a) => (
                <li key={a.text}>
                  <Told told={a.told} />
                </li>
              ))}
            </ol>
          </section>
          <section className="section">
            <h2>{AGAINST[found.against.length] ?? AGAINST[2]}</h2>
            <ol className="against" data-testid="against">
              {found.against.map((a) => (
                <li key={a.text}>
                  <Told told={a.told} />
                </li>
              ))}
            </ol>
          </section>
        </div>
      )}
      <div className="two-beside">
        <section className="section">
          <h2>How sure</h2>
          {doubt !== null ? (
            <SureSection doubt={doubt} laneId={laneId} currency={currency} due={firstDelivery} planned={planned} />
          ) : (
            <p className="small quiet" role="status">
              {doubtShown === 'hidden'
                ? 'Doubt is hidden on the Routes view; it is drawn and kept when the decision is signed.'
                : (drawn.error ?? (drawn.nothing === null ? 'Drawing …' : 'Such a study is not drawn.'))}
            </p>
          )}
        </section>
        <section className="section">
          <h2>Cautions that come with it</h2>
          <Cautions routeIds={routeIds} alloy={study.alloy} />
        </section>
      </div>
      <SignForm
        laneId={laneId}
        plan={planned}
        drawn={DRAWN}
        suggested={suggestedActions(study, lane, orderDate, planned ? plan : null)}
        before={reopened}
        hold={pending ? 'The adopted plan is being worked out at this quantity.' : null}
      />
    </>
  );
}

function PlanChoiceRow({
  plan,
  checked,
  onPick,
}: {
  readonly plan: KeptPlan;
  readonly checked: boolean;
  readonly onPick: () => void;
}) {
  return (
    <tr>
      <td>
        <input
          type="radio"
          name="lane"
          id="lane-plan"
          checked={checked}
          onChange={onPick}
          style={{ accentColor: 'var(--hot)' }}
        />
      </td>
      <td>
        <label htmlFor="lane-plan" style={{ fontWeight: checked ? 650 : 400 }}>
          In two steps{' '}
          <span className="quiet small">
            {whole(plan.pieces)} on {shortName(plan.first)}, then {shortName(plan.then)}
          </span>
        </label>
      </td>
      <td className="num">{perPart(plan.allIn)}</td>
      <td className="num quiet">both tools</td>
      <td className="num">{weeks(plan.firstArticle_d)}</td>
      <td className="num">{weeks(plan.lastPart_d)}</td>
      <td>
        <Mark status={plan.late.length === 0 ? 'fits' : 'tight'} label={false} />{' '}
        <span className="small">{plan.late.length === 0 ? 'delivers in time' : 'late'}</span>
      </td>
    </tr>
  );
}

function LaneChoice({
  lane,
  checked,
  onPick,
}: {
  readonly lane: BoardLane;
  readonly checked: boolean;
  readonly onPick: () => void;
}) {
  const { openWorking } = useSheets();
  const figure = (name: string, text: string) => (
    <button type="button" className="textbtn dotted" onClick={() => openWorking({ laneId: lane.id, figure: name })}>
      {text}
    </button>
  );
  return (
    <tr>
      <td>
        <input
          type="radio"
          name="lane"
          id={`lane-${lane.id}`}
          checked={checked}
          onChange={onPick}
          style={{ accentColor: 'var(--hot)' }}
        />
      </td>
      <td>
        <label htmlFor={`lane-${lane.id}`} style={{ fontWeight: checked ? 650 : 400 }}>
          {laneWords(lane.id).route} <span className="quiet small">{laneWords(lane.id).variant}</span>
        </label>
      </td>
      <td className="num">{figure('allIn', perPart(lane.money?.allIn ?? 0))}</td>
      <td className="num">{figure('tooling', whole(lane.money?.tooling ?? 0))}</td>
      <td className="num">{figure('firstArticle', weeks(lane.dates?.firstArticle_d ?? 0))}</td>
      <td className="num">{figure('lastPart', weeks(lane.dates?.lastPart_d ?? 0))}</td>
      <td>
        <Mark status={lane.status} label={false} /> <span className="small">{STATUS_WORDS[lane.status]}</span>
      </td>
    </tr>
  );
}
