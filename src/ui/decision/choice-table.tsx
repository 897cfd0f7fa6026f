'use client';
import { Emblem } from '../marks/emblem';
import { RadioGroup, Span, Table } from '@chakra-ui/react';
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
    <RadioGroup.Root
      display="block"
      value={picked}
      onValueChange={(e) => e.value !== null && onPick(e.value)}
      aria-label="Route"
    >
      <Table.ScrollArea>
        <Table.Root size="md" interactive aria-label="Routes to choose from">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Route</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Total, {currency} per part</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Tooling, {currency}</Table.ColumnHeader>
              <Table.ColumnHeader className="num">First article, weeks</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Last part, weeks</Table.ColumnHeader>
              <Table.ColumnHeader>Verdict</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {plan !== null && <PlanRow {...plan} checked={picked === PLAN} />}
            {lanes.map((l) => (
              <LaneRow key={l.id} lane={l} checked={picked === l.id} />
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
    </RadioGroup.Root>
  );
}

function PlanRow({
  plan,
  studyAt,
  workings,
  checked,
}: OpenedPlan & {
  readonly checked: boolean;
}) {
  const late = plan.late.length > 0;
  return (
    <Row
      id={PLAN}
      name="Two-step plan"
      words={`${whole(plan.pieces)} on ${shortName(plan.first)}, then ${shortName(plan.then)}`}
      checked={checked}
      studyAt={studyAt}
      figures={[
        ['allIn', perPart(plan.allIn)],
        ['tooling', whole(workings.working(PLAN, 'tooling').value)],
        ['firstArticle', weeks(plan.firstArticle_d)],
        ['lastPart', weeks(plan.lastPart_d)],
      ]}
    >
      <Mark status={late ? 'tight' : 'fits'} label={false} />{' '}
      <Span textStyle="label">{late ? 'late' : plan.asked === 0 ? 'no date set' : 'delivers on time'}</Span>
    </Row>
  );
}

function LaneRow({ lane, checked }: { readonly lane: BoardLane; readonly checked: boolean }) {
  const { route, variant } = laneWords(lane.id);
  return (
    <Row
      id={lane.id}
      name={route}
      words={variant}
      checked={checked}
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
  studyAt,
  figures,
  children,
}: {
  readonly id: string;
  readonly name: string;
  readonly words: string;
  readonly checked: boolean;
  readonly studyAt?: StudyAt | undefined;
  /** Names of figures, and how they are shown. */
  readonly figures: readonly (readonly [figure: string, text: string])[];
  readonly children: ReactNode;
}) {
  const { openWorking } = useSheets();
  return (
    <Table.Row>
      <Table.Cell minW="15rem">
        <RadioGroup.Item value={id} alignItems="center">
          <RadioGroup.ItemHiddenInput />
          <RadioGroup.ItemIndicator />
          <Emblem laneId={id} size={22} />
          <RadioGroup.ItemText fontWeight={checked ? 'bold' : 'normal'}>
            {name}{' '}
            <Span color="fg.muted" textStyle="label">
              {words}
            </Span>
          </RadioGroup.ItemText>
        </RadioGroup.Item>
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
