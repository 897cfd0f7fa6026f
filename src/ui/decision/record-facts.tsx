'use client';
import { DataList } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { POLICY_WORDS } from '@/core/part';
import { PLAN } from '@/core/phased-plans';
import type { DecisionRecord } from '@/server/decisions';
import { perPart, plainDate, weeks, whole } from '../format';
import { FigureButton } from '../kit';
import { Emblem } from '../marks/emblem';
import { STATUS_WORDS } from '../marks/mark';
import { Explained } from '../working/explained';
import type { StudyAt } from '../working/figure-at';
import { useSheets } from '../working/sheets';
import { PlanKept } from './plan-kept';

/** What was decided, line by line; figures open their workings where they can be worked out again. */
export function RecordFacts({
  decision,
  studyAt,
}: {
  readonly decision: DecisionRecord;
  /** The study as signed; undefined where the model has changed since. */
  readonly studyAt: StudyAt | undefined;
}) {
  const { openWorking } = useSheets();
  const { evaluation, plan, orderDate, rates, case: argued } = decision.snapshot;
  const lane = evaluation.lanes.find((l) => l.id === decision.laneId);
  const second = evaluation.lanes.find((l) => l.id === evaluation.second);
  const code = evaluation.currency;
  const opening = (laneId: string, name: string, text: string) =>
    studyAt === undefined ? (
      text
    ) : (
      <FigureButton onClick={() => openWorking({ laneId, figure: name }, studyAt)}>{text}</FigureButton>
    );
  const own = (name: string, text: string) => opening(decision.laneId, name, text);
  const signed = plan == null ? decision.laneId : PLAN;
  return (
    <DataList.Root>
      <Fact name="Chosen">
        <Emblem laneId={decision.laneId} size={20} />{' '}
        <strong>
          {plan != null && 'Two steps, ending on '}
          {lane?.name ?? decision.laneId}
        </strong>
        , {lane ? STATUS_WORDS[lane.status] : ''}
      </Fact>
      {plan != null && (
        <Fact name="Two-step plan">
          <PlanKept plan={plan} studyAt={studyAt} currency={code} orderDate={orderDate ?? decision.signedOn} />
        </Fact>
      )}
      <Fact name="Quantity">{whole(decision.quantity)} pieces</Fact>
      <Fact name="Total cost">
        {plan != null ? (
          <>
            {opening(PLAN, 'allIn', perPart(plan.allIn))} {code} per part over both steps
          </>
        ) : (
          <>
            {own('allIn', perPart(lane?.allIn ?? 0))} {code} per part; tooling{' '}
            {own('tooling', whole(lane?.tooling ?? 0))} {code}; {own('positions', String(lane?.positions ?? 0))} per
            pour
          </>
        )}
      </Fact>
      <Fact name="Dates">
        first article {opening(signed, 'firstArticle', weeks(plan?.firstArticle_d ?? lane?.firstArticle_days ?? 0))}{' '}
        weeks after the order, last part{' '}
        {opening(signed, 'lastPart', weeks(plan?.lastPart_d ?? lane?.lastPart_days ?? 0))} weeks
      </Fact>
      {second && (
        <Fact name="Second best">
          {second.name}, {opening(second.id, 'allIn', perPart(second.allIn ?? 0))} {code} per part
        </Fact>
      )}
      <Fact name="Against it" testId="kept-against">
        {argued.against.map((a) => (
          <div key={a.text}>
            <Explained
              explanation={studyAt === undefined || a.explanation === undefined ? [a.text] : a.explanation}
              studyAt={studyAt}
            />
          </div>
        ))}
      </Fact>
      <Fact name="Why">
        <span style={{ whiteSpace: 'pre-wrap' }}>{decision.why}</span>
      </Fact>
      <Fact name="Signed">
        {decision.signedBy}, {plainDate(decision.signedOn)}
      </Fact>
      <Fact name="Kept as signed">
        brief revision {decision.revision}, rates “{rates.name}”, model {decision.coreVersion}, tolerances by{' '}
        {POLICY_WORDS[decision.school]}
      </Fact>
    </DataList.Root>
  );
}

function Fact({
  name,
  testId,
  children,
}: {
  readonly name: string;
  readonly testId?: string;
  readonly children: ReactNode;
}) {
  return (
    <DataList.Item>
      <DataList.ItemLabel>{name}</DataList.ItemLabel>
      <DataList.ItemValue asChild>
        <dd data-testid={testId}>
          <div>{children}</div>
        </dd>
      </DataList.ItemValue>
    </DataList.Item>
  );
}
