'use client';
import { INK } from '../theme/ink';
import { Span, Table, VisuallyHidden } from '@chakra-ui/react';
import { FigureButton } from '../kit';
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
    <Table.ScrollArea>
      <Table.Root className="choices" size="md" interactive aria-label="Routes to choose from">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>
              <VisuallyHidden>Choose</VisuallyHidden>
            </Table.ColumnHeader>
            <Table.ColumnHeader>Route</Table.ColumnHeader>
            <Table.ColumnHeader className="num">All in, {currency} a part</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Tooling, {currency}</Table.ColumnHeader>
            <Table.ColumnHeader className="num">First article, weeks</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Last part, weeks</Table.ColumnHeader>
            <Table.ColumnHeader>Verdict</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {plan !== null && <PlanRow {...plan} checked={picked === PLAN} onPick={() => onPick(PLAN)} />}
          {lanes.map((l) => (
            <LaneRow key={l.id} lane={l} checked={picked === l.id} onPick={() => onPick(l.id)} />
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
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
      <Span textStyle="label">{late ? 'late' : plan.asked === 0 ? 'no day asked' : 'delivers in time'}</Span>
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
      <Mark status={lane.status} label={false} /> <Span textStyle="label">{STATUS_WORDS[lane.status]}</Span>
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
    <Table.Row>
      <Table.Cell>
        <input
          type="radio"
          name="lane"
          id={`lane-${id}`}
          checked={checked}
          onChange={onPick}
          style={{ accentColor: INK.hot }}
        />
      </Table.Cell>
      <Table.Cell>
        <label htmlFor={`lane-${id}`} style={{ fontWeight: checked ? 650 : 400 }}>
          {name}{' '}
          <Span color="fg.muted" textStyle="label">
            {words}
          </Span>
        </label>
      </Table.Cell>
      {figures.map(([figure, text]) => (
        <Table.Cell key={figure} className="num">
          <FigureButton onClick={() => openWorking({ laneId: id, figure }, studyAt)}>{text}</FigureButton>
        </Table.Cell>
      ))}
      <Table.Cell>{children}</Table.Cell>
    </Table.Row>
  );
}
