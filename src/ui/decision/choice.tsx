'use client';
import { chakra, Text } from '@chakra-ui/react';
import { PageLink, Section, TwoColumns } from '../kit';
import { late, Near } from '../late';
import { useMemo, useState } from 'react';
import { PLAN } from '@/core/phased-plans';
import { carryingFigures, DRAWN, laneCase, planCase, planFigures, suggestedActions } from '@/core/decision';
import { shortName } from '@/core/catalogue/routes';
import type { DecisionRecord } from '@/server/decisions';
import { usePhasedPlan } from '../phased-plans/use-phased-plan';
import { useSimulation } from '../simulation/use-simulation';
import { whole } from '../format';
import { useSpreadShown } from '../preferences';
import { useLed } from '../ranking/use-led';
import { Cautions } from '../study/cautions';
import { useQuantity, useStudy } from '../study/study-context';
import { Explained } from '../working/explained';
import { ChoiceTable } from './choice-table';
import { FiguresList } from './figures-list';
import { PlanKept } from './plan-kept';
import { useOpenedPlan } from './use-opened-plan';

const ChangedSince = late(() => import('./changed-since').then((m) => m.ChangedSince));
const LiveSure = late(() => import('./live-sure').then((m) => m.LiveSure));
const QuotesBeside = late(() => import('../quotes/quotes-beside').then((m) => m.QuotesBeside));
const SignForm = late(() => import('./sign-form').then((m) => m.SignForm));

const Reasons = chakra('ol', { base: { listStyle: 'decimal', ps: '5', '& li': { my: '1' } } });

const AGAINST = ['No reason against it found', 'Strongest reason against it', 'Two strongest reasons against it'];

/** The routes that could be chosen at the quantity on the rail, the case of the one picked, and the signing. */
export function Choice({ reopened }: { readonly reopened: DecisionRecord | undefined }) {
  const { id, study, brief, orderDate, quoteCount } = useStudy('id', 'study', 'brief', 'orderDate', 'quoteCount');
  const { board, q } = useQuantity();
  const led = useLed();
  const [spreadShown] = useSpreadShown();
  const planState = usePhasedPlan(brief.plan !== null);
  const opened = useOpenedPlan(planState);
  const [picked, setPicked] = useState<string | null>(
    reopened === undefined ? null : reopened.snapshot.plan ? PLAN : reopened.laneId,
  );
  const open = board.lanes
    .filter((l) => l.status !== 'blocked' && l.money !== null)
    .sort((a, b) => (a.money?.total ?? 0) - (b.money?.total ?? 0));
  const wantsPlan = picked === PLAN || picked === null;
  const planned = wantsPlan ? opened : null;
  const drawn = useSimulation(spreadShown === 'shown', DRAWN, planned?.drawn ?? null);
  // A plan that is still being worked out is not signed as one of its routes.
  const pending =
    brief.plan !== null && wantsPlan && opened === null && (planState.looking !== null || planState.q !== q);
  const laneId =
    planned !== null ? planned.plan.then : open.some((l) => l.id === picked) ? (picked as string) : (led ?? '');
  const lane = board.lanes.find((l) => l.id === laneId);
  const found = useMemo(
    () => (planned === null ? laneCase(study, board, laneId) : planCase(planned.workings, board, planned.plan)),
    [study, board, laneId, planned],
  );
  const figures = useMemo(
    () =>
      planned !== null
        ? planFigures(planned.workings, board)
        : lane === undefined
          ? []
          : carryingFigures(study, board, lane),
    [study, board, lane, planned],
  );
  const currency = study.rates.currency.code;
  const { firstDelivery } = brief.quantity;

  if (open.length === 0 || lane === undefined) {
    return (
      <Text mt="6">
        Nothing can be decided yet: no casting route is left, or the brief lacks figures. The Routes view says what
        would open each.
      </Text>
    );
  }
  const name = planned === null ? shortName(laneId) : shortName(PLAN);
  const studyAt = planned?.studyAt;
  const routeIds = [
    ...new Set([...(planned === null ? [] : [planned.plan.first]), laneId].map((id) => id.split('/')[0] ?? id)),
  ];
  return (
    <>
      {reopened !== undefined && <ChangedSince decision={reopened} />}
      <Section title="Route" under={`at ${whole(q)} pieces; move the rail to decide at another quantity`}>
        <ChoiceTable
          plan={opened}
          lanes={open}
          picked={planned === null ? laneId : PLAN}
          currency={currency}
          onPick={setPicked}
        />
        <Text textStyle="label" mt="2">
          <PageLink href={`/studies/${id}/process-steps?lane=${laneId}`}>
            How this part is made on {shortName(laneId)}
          </PageLink>
        </Text>
        {brief.plan !== null && opened === null && (
          <Text textStyle="label" role="status">
            {planState.looking !== null || planState.q !== q
              ? 'Calculating the adopted plan …'
              : 'The adopted two-step plan does not work at this quantity; the Calendar says why.'}
          </Text>
        )}
      </Section>
      {planned !== null && (
        <Section title="Two-step plan">
          <PlanKept plan={planned.plan} studyAt={studyAt} currency={currency} orderDate={orderDate} />
        </Section>
      )}
      {quoteCount > 0 && (
        <Near height="14rem">
          <QuotesBeside show="choice" />
        </Near>
      )}
      <Section title="Key figures" under="each opens its working">
        <FiguresList figures={figures} studyAt={studyAt} />
      </Section>
      {found !== null && (
        <TwoColumns>
          <Section title={<>For {name}</>}>
            <Reasons>
              {found.for.map((a) => (
                <li key={a.text}>
                  <Explained explanation={a.explanation} studyAt={studyAt} />
                </li>
              ))}
            </Reasons>
          </Section>
          <Section title={AGAINST[found.against.length] ?? AGAINST[2]}>
            <Reasons data-testid="against">
              {found.against.map((a) => (
                <li key={a.text}>
                  <Explained explanation={a.explanation} studyAt={studyAt} />
                </li>
              ))}
            </Reasons>
          </Section>
        </TwoColumns>
      )}
      <TwoColumns>
        <Section title="Uncertainty">
          {drawn.summary !== null ? (
            <Near height="12rem">
              <LiveSure drawn={drawn} laneId={laneId} planned={planned} due={firstDelivery} />
            </Near>
          ) : (
            <Text textStyle="label" color="fg.muted" role="status">
              {spreadShown === 'hidden'
                ? 'Uncertainty is off in the Routes view; it is simulated and kept when the decision is signed.'
                : (drawn.error ?? 'Simulating …')}
            </Text>
          )}
        </Section>
        <Section title="Safety">
          <Cautions routeIds={routeIds} alloy={study.alloy} brief={study.brief} />
        </Section>
      </TwoColumns>
      <Near height="24rem">
        <SignForm
          laneId={laneId}
          plan={planned !== null}
          drawn={DRAWN}
          suggested={suggestedActions(study, lane, orderDate, planned?.plan ?? null)}
          before={reopened}
          hold={pending ? 'The adopted plan is being calculated at this quantity.' : null}
        />
      </Near>
    </>
  );
}
