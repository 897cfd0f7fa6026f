'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { useEffect, useMemo, useState } from 'react';
import type { DecisionRecord } from '@/server/decisions';
import { call } from '../api';
import { PageLink, Section, TwoColumns } from '../kit';
import { late, Near } from '../late';
import { Still } from '../part/still';
import { askedFigure, Reason } from '../standing/reason';
import { StandingMark } from '../standing/standing-mark';
import { studyAtSigning } from '../standing/study-at-signing';
import { useStanding } from '../standing/use-standing';
import { Cautions } from '../study/cautions';
import { useStudy } from '../study/study-context';
import { Explained } from '../working/explained';
import { useSheets } from '../working/sheets';
import { ActionsTable } from './actions-table';
import { FiguresList } from './figures-list';
import { RecordFacts } from './record-facts';
import { RecordForms } from './record-forms';
import { SureSection } from './sure-section';
import { useSignedStudy } from './use-signed-study';

const ChangedSince = late(() => import('./changed-since').then((m) => m.ChangedSince));
const KeptQuotesTable = late(() => import('./kept-quotes-table').then((m) => m.KeptQuotesTable));
const Dissents = late(() => import('./dissents').then((m) => m.Dissents));

/** Width of the part's picture in the record, px. */
const PICTURE = 150;

/** A signed record as it was kept, with what has changed since. Its figures open the workings of that day. */
export function Record({ decision }: { readonly decision: DecisionRecord }) {
  const { study, prepare, alloyOf } = useStudy('study', 'prepare', 'alloyOf');
  const { openWorking } = useSheets();
  const standing = useStanding(decision.id);
  const looks = useMemo(
    () => (standing === null ? null : studyAtSigning(prepare, decision, study.rates, standing)),
    [prepare, decision, study.rates, standing],
  );
  // From the first page a figure of the standing leads here and opens.
  useEffect(() => {
    const asked = standing === null ? undefined : askedFigure(standing, location.hash);
    if (asked === undefined || asked.figure === null || looks === null) return;
    history.replaceState(null, '', location.pathname);
    openWorking({ laneId: asked.laneId, figure: asked.figure }, looks(asked.at));
  }, [standing, looks, openWorking]);
  const { studyAt, workings, verdict } = useSignedStudy(decision);
  const { evaluation, plan, simulation, figures, brief, rates } = decision.snapshot;
  const alloyOfRecord =
    brief.alloy === null ? null : (rates.alloys?.find((a) => a.id === brief.alloy) ?? alloyOf(brief.alloy));
  const routeIds = [plan?.first ?? decision.laneId, decision.laneId].map((l) => l.split('/')[0] ?? l);
  return (
    <>
      <TwoColumns>
        <Section title="Decision record" data-testid="record">
          {standing !== null && (
            <Box data-testid="standing" data-standing={standing.state} my="2">
              <StandingMark state={standing.state} />
              <Reason standing={standing} studyAt={looks} />
            </Box>
          )}
          <Box float="right" ms="4" mb="2">
            <Still fileId={brief.model?.file ?? null} width={PICTURE} title={brief.title} />
          </Box>
          <Text textStyle="lead" my="2">
            <Explained explanation={verdict} studyAt={studyAt} />
          </Text>
          <Box clear="both">
            <RecordFacts decision={decision} studyAt={studyAt} />
          </Box>
          <RecordActions decision={decision} />
        </Section>
        {simulation != null && (
          <Section title="Uncertainty when signed">
            <SureSection
              simulation={simulation}
              of={{
                laneId: decision.laneId,
                currency: evaluation.currency,
                due: brief.quantity.firstDelivery,
                planned: plan != null,
                workings,
              }}
              studyAt={studyAt}
            />
          </Section>
        )}
      </TwoColumns>
      {decision.snapshot.quotes != null && (
        <Section title="Quotes" under="as they stood when it was signed">
          <KeptQuotesTable quotes={decision.snapshot.quotes} laneId={decision.laneId} />
        </Section>
      )}
      {figures !== undefined && (
        <Section title="Key figures">
          <FiguresList figures={figures} studyAt={studyAt} />
        </Section>
      )}
      <TwoColumns>
        <div>
          {decision.actions.length > 0 && (
            <Section title="Actions">
              <ActionsTable actions={decision.actions} />
            </Section>
          )}
          <Near height="20rem">
            <Dissents decision={decision} />
            <ChangedSince decision={decision} studyAt={studyAt} />
          </Near>
        </div>
        <Section title="Safety">
          <Cautions routeIds={[...new Set(routeIds)]} alloy={alloyOfRecord ?? null} brief={brief} />
        </Section>
      </TwoColumns>
    </>
  );
}

/** What can be done with a signed record: taken as a file, read on, reopened. */
function RecordActions({ decision }: { readonly decision: DecisionRecord }) {
  const { id, decisions, setDecisions, flush, adopt } = useStudy('id', 'decisions', 'setDecisions', 'flush', 'adopt');
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const reopen = async (): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      const version = await flush();
      await call('POST', `/api/studies/${id}/decisions/${decision.id}/reopen`);
      adopt(version + 1);
      setDecisions(decisions.map((d) => (d.id === decision.id ? { ...d, reopenedAt: new Date().toISOString() } : d)));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
    setBusy(false);
  };
  return (
    <>
      <Flex gap="2.5" mt="3.5" flexWrap="wrap" align="center" _print={{ display: 'none' }}>
        <RecordForms studyId={id} decisionId={decision.id} />
        <PageLink textStyle="label" href={`/studies/${id}/process-steps`}>
          How this part is made
        </PageLink>
        <Button size="xs" loading={busy} loadingText="Reopening …" onClick={() => void reopen()}>
          Reopen as a new revision
        </Button>
      </Flex>
      {problem !== null && (
        <Text role="alert" color="alarm">
          {problem}
        </Text>
      )}
    </>
  );
}
