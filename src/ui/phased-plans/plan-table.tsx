'use client';
import { Box, Button, Span, Table, VisuallyHidden } from '@chakra-ui/react';
import {
  ALONE,
  madeBy,
  MOST_WAIT_D,
  PLAN,
  STEPS,
  type PhasedPlan,
  type PlanChoice,
  type PlanDue,
} from '@/core/phased-plans';
import { shortName } from '@/core/catalogue/routes';
import { differenceTo } from '@/core/study/workings';
import { dateAfter, perPart, signed, whole } from '../format';
import { Mark } from '../marks/mark';
import { Emblem } from '../marks/emblem';
import { useStudy } from '../study/study-context';
import { Opened, type PlanShown } from './opened';
import { inTime, lateWords, planWords } from './words';

/** One row: a plan in two steps, or a route alone. */
export interface PlanRow {
  readonly key: string;
  readonly words: string;
  readonly plan: PhasedPlan;
  /** What adopting it writes; null for a route alone. */
  readonly choice: PlanChoice | null;
  readonly adopted: boolean;
}

/** Plans in two steps beside routes alone, in money and in dates. */
export function PlanTable({
  rows,
  against,
  deliveries,
  onAdopt,
}: {
  readonly rows: readonly PlanRow[];
  /** The days looked for. */
  readonly deliveries: readonly PlanDue[];
  /** The route alone that plans are measured against, or null. */
  readonly against: PhasedPlan | null;
  readonly onAdopt: (choice: PlanChoice | null) => void;
}) {
  const { study } = useStudy('study');
  const currency = study.rates.currency.code;
  return (
    <Table.ScrollArea>
      <Table.Root size="md" interactive aria-label="Two-step plans and single routes">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Plan</Table.ColumnHeader>
            <Table.ColumnHeader className="num">
              Total<Box color="fg.muted">{currency} per part</Box>
            </Table.ColumnHeader>
            <Table.ColumnHeader className="num">
              Programme<Box color="fg.muted">{currency}</Box>
            </Table.ColumnHeader>
            <Table.ColumnHeader className="num">
              Against single route<Box color="fg.muted">{currency}</Box>
            </Table.ColumnHeader>
            <Table.ColumnHeader>Deliveries</Table.ColumnHeader>
            <Table.ColumnHeader className="num">First part</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Last part</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Second order by</Table.ColumnHeader>
            <Table.ColumnHeader>
              <VisuallyHidden>Adopt</VisuallyHidden>
            </Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {rows.map((row) => (
            <Row key={row.key} row={row} against={against} deliveries={deliveries} onAdopt={onAdopt} />
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}

function Row({
  row: { key, words, plan, choice, adopted },
  against,
  deliveries,
  onAdopt,
}: {
  readonly row: PlanRow;
  readonly against: PhasedPlan | null;
  readonly deliveries: readonly PlanDue[];
  readonly onAdopt: (choice: PlanChoice | null) => void;
}) {
  const { study, orderDate } = useStudy('study', 'orderDate');
  const currency = study.rates.currency.code;
  const of: PlanShown = { plan, choice, against, deliveries };
  const own = choice === null ? ALONE : PLAN;
  const figure = (name: string, text: string, id: string = own) => (
    <Opened of={of} id={id} figure={name}>
      {text}
    </Opened>
  );
  return (
    <Table.Row data-plan={key} aria-current={adopted ? 'true' : undefined}>
      <Table.Cell>
        <Box textStyle="label" color="fg.muted">
          {words}
        </Box>
        {plan.steps.map((step, i) => {
          const left = i > 0 ? plan.reused : 0;
          return (
            <div key={step.laneId}>
              <Emblem laneId={step.laneId} /> {i > 0 && 'then '}
              {whole(step.pieces)} on {shortName(step.laneId)}
              <Span textStyle="label" color="fg.muted">
                {': '}
                {figure('total', `${whole(step.total + left)} ${currency}`, choice === null ? ALONE : STEPS[i])}
                {left > 0 && <> less {figure('reused', whole(left))} of its tool, reused from the first</>}
              </Span>
            </div>
          );
        })}
      </Table.Cell>
      <Table.Cell className="num">{figure('allIn', perPart(plan.allIn))}</Table.Cell>
      <Table.Cell className="num">{figure('total', whole(plan.total))}</Table.Cell>
      <Table.Cell className="num">
        {choice !== null &&
          against !== null &&
          figure(differenceTo('total', ALONE), signed(plan.total - against.total, 0))}
      </Table.Cell>
      <Table.Cell textStyle="label">
        <Mark status={inTime(plan) ? 'fits' : 'tight'} label={false} />{' '}
        {choice === null || plan.deliveries.length === 0
          ? lateWords(plan)
          : figure(madeBy(worstOf(plan)), lateWords(plan))}
      </Table.Cell>
      <Table.Cell className="num">{figure('firstArticle', dateAfter(orderDate, plan.firstArticle_d))}</Table.Cell>
      <Table.Cell className="num">{figure('lastPart', dateAfter(orderDate, plan.lastPart_d))}</Table.Cell>
      <Table.Cell className="num">{choice !== null && <WaitsUntil of={of} orderDate={orderDate} />}</Table.Cell>
      <Table.Cell>
        {choice !== null && (
          <Button
            size="xs"
            variant={adopted ? 'solid' : 'outline'}
            aria-label={`${adopted ? 'Remove' : 'Adopt'} the plan: ${planWords(plan)}`}
            onClick={() => onAdopt(adopted ? null : choice)}
          >
            {adopted ? 'Remove' : 'Adopt'}
          </Button>
        )}
      </Table.Cell>
    </Table.Row>
  );
}

/** The day until which the second tool may be ordered. */
function WaitsUntil({ of, orderDate }: { readonly of: PlanShown; readonly orderDate: string }) {
  const { deliveries, waits_d } = of.plan;
  if (deliveries.length === 0 || waits_d >= MOST_WAIT_D) return 'any day';
  const date = dateAfter(orderDate, waits_d);
  return waits_d > 0 ? (
    <Opened of={of} id={PLAN} figure="waits">
      {date}
    </Opened>
  ) : (
    date
  );
}

/** The day asked that comes latest, by its number; the first where none is late. */
function worstOf({ deliveries }: PhasedPlan): number {
  const late = deliveries.map((d) => d.late_d);
  return Math.max(0, late.indexOf(Math.max(...late)));
}
