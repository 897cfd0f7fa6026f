'use client';
import type { ReactNode } from 'react';
import type { BoardLane } from '@/core/comparison/board';
import { PLAN } from '@/core/phased-plans';
import { laneWords, shortName } from '@/core/catalogue/routes';
import { perPart, weeks, whole } from '../format';
import { Mark, STATUS_WORDS } from '../marks/mark';
import { useSheets } from '../working/sheets';
import { type StudyAt } from '../working/figure-at';
import type { OpenedPlan } from './use-opened-plan';

/** The routes that could be chosen, and the adopted plan in two steps before them. */
export function ChoiceTable({
  plan,
  lanes,
  picked,
  currency,
  onPick,
}: {
  readonly plan: OpenedPlan | null;
  readonly lanes: readonly BoardLane[];
  /** Lane, or the plan, that is chosen. */
  readonly picked: string;
  readonly currency: string;
  readonly onPick: (id: string) => void;
}) {
  return (
    <div className="scroll-x">
      <table className="list choices" aria-label="Routes to choose from">
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
          {plan !== null && <PlanRow {...plan} checked={picked === PLAN} onPick={() => onPick(PLAN)} />}
          {lanes.map((l) => (
            <LaneRow key={l.id} lane={l} checked={picked === l.id} onPick={() => onPick(l.id)} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

function PlanRow({
  plan,
  studyAt,
  workings,
  checked,
  onPick,
}: OpenedPlan & {
  readonly checked: boolean;
  readonly onPick: () => void;
}) {
  const late = plan.late.length > 0;
  return (
    <Row
      id={PLAN}
      name="In two steps"
      words={`${whole(plan.pieces)} on ${shortName(plan.first)}, then ${shortName(plan.then)}`}
      checked={checked}
      onPick={onPick}
      studyAt={studyAt}
      figures={[
        ['allIn', perPart(plan.allIn)],
        ['tooling', whole(workings.working(PLAN, 'tooling').value)],
        ['firstArticle', weeks(plan.firstArticle_d)],
        ['lastPart', weeks(plan.lastPart_d)],
      ]}
    >
      <Mark status={late ? 'tight' : 'fits'} label={false} />{' '}
      <span className="small">{late ? 'late' : plan.asked === 0 ? 'no day asked' : 'delivers in time'}</span>
    </Row>
  );
}

function LaneRow({
  lane,
  checked,
  onPick,
}: {
  readonly lane: BoardLane;
  readonly checked: boolean;
  readonly onPick: () => void;
}) {
  const { route, variant } = laneWords(lane.id);
  return (
    <Row
      id={lane.id}
      name={route}
      words={variant}
      checked={checked}
      onPick={onPick}
      figures={[
        ['allIn', perPart(lane.money?.allIn ?? 0)],
        ['tooling', whole(lane.money?.tooling ?? 0)],
        ['firstArticle', weeks(lane.dates?.firstArticle_d ?? 0)],
        ['lastPart', weeks(lane.dates?.lastPart_d ?? 0)],
      ]}
    >
      <Mark status={lane.status} label={false} /> <span className="small">{STATUS_WORDS[lane.status]}</span>
    </Row>
  );
}

function Row({
  id,
  name,
  words,
  checked,
  onPick,
  studyAt,
  figures,
  children,
}: {
  readonly id: string;
  readonly name: string;
  readonly words: string;
  readonly checked: boolean;
  readonly onPick: () => void;
  readonly studyAt?: StudyAt | undefined;
  /** Names of figures, and how they are shown. */
  readonly figures: readonly (readonly [figure: string, text: string])[];
  readonly children: ReactNode;
}) {
  const { openWorking } = useSheets();
  return (
    <tr>
      <td>
        <input
          type="radio"
          name="lane"
          id={`lane-${id}`}
          checked={checked}
          onChange={onPick}
          style={{ accentColor: 'var(--hot)' }}
        />
      </td>
      <td>
        <label htmlFor={`lane-${id}`} style={{ fontWeight: checked ? 650 : 400 }}>
          {name} <span className="quiet small">{words}</span>
        </label>
      </td>
      {figures.map(([figure, text]) => (
        <td key={figure} className="num">
          <button type="button" className="textbtn dotted" onClick={() => openWorking({ laneId: id, figure }, studyAt)}>
            {text}
          </button>
        </td>
      ))}
      <td>{children}</td>
    </tr>
  );
}
