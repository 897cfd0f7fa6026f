'use client';
import { INK } from '../theme/ink';
import { FigureButton, PageLink, Section } from '../kit';
import { Box, Button, Span } from '@chakra-ui/react';
import { useEffect, useMemo, useState } from 'react';
import { findAlloy } from '@/core/catalogue/alloys';
import { PLAN, StudyWorkings } from '@/core/phased-plans';
import { boardAt, verdictExplanation } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { drawnOf } from '@/core/decision';
import { plain, type Explanation } from '@/core/explanation';
import { CORE_VERSION } from '@/core/base/version';
import type { DecisionRecord } from '@/server/decisions';
import { call } from '../api';
import { perPart, plainDate, weeks, whole } from '../format';
import { STATUS_WORDS } from '../marks/mark';
import { Cautions } from '../study/cautions';
import { Still } from '../part/still';
import { download, JobLine, useJob } from '../progress';
import { useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import { type StudyAt } from '../working/figure-at';
import { Explained } from '../working/explained';
import { ActionsTable } from './actions-table';
import { askedFigure, Reason } from '../standing/reason';
import { studyAtSigning } from '../standing/study-at-signing';
import { StandingMark } from '../standing/standing-mark';
import { useStanding } from '../standing/use-standing';
import { ChangedSince } from './changed-since';
import { Dissents } from './dissents';
import { FiguresList } from './figures-list';
import { PlanKept } from './plan-kept';
import { SureSection } from './sure-section';

/** A signed record as it was frozen, with what has changed since. Its figures open their frozen workings. */
export function Record({ decision }: { readonly decision: DecisionRecord }) {
  const { id, study, decisions, setDecisions, flush, adopt } = useStudy(
    'id',
    'study',
    'decisions',
    'setDecisions',
    'flush',
    'adopt',
  );
  const { openWorking } = useSheets();
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const standing = useStanding(decision.id);
  const looks = useMemo(
    () => (standing === null ? null : studyAtSigning(decision, study.rates, standing)),
    [decision, study.rates, standing],
  );
  // From the first page a figure of the standing leads here and opens.
  useEffect(() => {
    const asked = standing === null ? undefined : askedFigure(standing, location.hash);
    if (asked === undefined || asked.figure === null || looks === null) return;
    history.replaceState(null, '', location.pathname);
    openWorking({ laneId: asked.laneId, figure: asked.figure }, looks(asked.at));
  }, [standing, looks, openWorking]);
  const { evaluation } = decision.snapshot;
  const lane = evaluation.lanes.find((l) => l.id === decision.laneId);
  const second = evaluation.lanes.find((l) => l.id === evaluation.second);
  // The frozen figures can be worked out again only by the core that made them.
  const studyAt = useMemo<StudyAt | undefined>(
    () =>
      decision.coreVersion === CORE_VERSION
        ? {
            study: prepareStudy(decision.snapshot.brief, decision.school, decision.snapshot.rates),
            q: decision.quantity,
            words: 'as signed',
            plan: decision.snapshot.plan == null ? null : drawnOf(decision.snapshot.plan),
          }
        : undefined,
    [decision],
  );
  const workings = useMemo(
    () =>
      studyAt === undefined
        ? null
        : new StudyWorkings(studyAt.study, studyAt.q, studyAt.plan?.open, studyAt.plan?.deliveries),
    [studyAt],
  );
  const verdict = useMemo<Explanation>(() => {
    if (studyAt === undefined) return [evaluation.verdict];
    const explanation = verdictExplanation(
      boardAt(studyAt.study, studyAt.q),
      evaluation.crossings,
      evaluation.currency,
    );
    return plain(explanation) === evaluation.verdict ? explanation : [evaluation.verdict];
  }, [studyAt, evaluation]);
  const against = decision.snapshot.case.against.map((a) => ({
    text: a.text,
    sentence: studyAt === undefined || a.explanation === undefined ? [a.text] : a.explanation,
  }));
  const opening = (laneId: string, name: string, text: string) =>
    studyAt === undefined ? (
      text
    ) : (
      <FigureButton onClick={() => openWorking({ laneId, figure: name }, studyAt)}>{text}</FigureButton>
    );
  const { plan } = decision.snapshot;
  const due = decision.snapshot.brief.quantity.firstDelivery;
  const signed = plan == null ? decision.laneId : PLAN;
  const own = (name: string, text: string) => opening(decision.laneId, name, text);
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
      <div className="two-beside">
        <Section title="Decision record" className="record" data-testid="record">
          {standing !== null && (
            <div data-testid="standing" data-standing={standing.state} style={{ margin: '8px 0' }}>
              <StandingMark state={standing.state} />
              <Reason standing={standing} studyAt={looks} />
            </div>
          )}
          <span className="record-still">
            <Still
              fileId={decision.snapshot.brief.model?.file ?? null}
              width={150}
              title={decision.snapshot.brief.title}
            />
          </span>
          <p style={{ fontSize: 16, margin: '8px 0' }}>
            <Explained explanation={verdict} studyAt={studyAt} />
          </p>
          <dl>
            <dt>Chosen</dt>
            <dd>
              <strong>
                {plan != null && 'Two steps, ending on '}
                {lane?.name ?? decision.laneId}
              </strong>
              , {lane ? STATUS_WORDS[lane.status] : ''}
            </dd>
            {plan != null && (
              <>
                <dt>In two steps</dt>
                <dd>
                  <PlanKept
                    plan={plan}
                    studyAt={studyAt}
                    currency={evaluation.currency}
                    orderDate={decision.snapshot.orderDate ?? decision.signedOn}
                  />
                </dd>
              </>
            )}
            <dt>Quantity</dt>
            <dd>{whole(decision.quantity)} pieces</dd>
            <dt>All in</dt>
            {plan != null ? (
              <dd>
                {opening(PLAN, 'allIn', perPart(plan.allIn))} {evaluation.currency} a part over both steps
              </dd>
            ) : (
              <dd>
                {own('allIn', perPart(lane?.allIn ?? 0))} {evaluation.currency} a part; tooling{' '}
                {own('tooling', whole(lane?.tooling ?? 0))} {evaluation.currency};{' '}
                {own('positions', String(lane?.positions ?? 0))} {lane?.positions === 1 ? 'position' : 'positions'} a
                pour
              </dd>
            )}
            <dt>Dates</dt>
            <dd>
              first article{' '}
              {opening(signed, 'firstArticle', weeks(plan?.firstArticle_d ?? lane?.firstArticle_days ?? 0))} weeks after
              the order, last part {opening(signed, 'lastPart', weeks(plan?.lastPart_d ?? lane?.lastPart_days ?? 0))}{' '}
              weeks
            </dd>
            {second && (
              <>
                <dt>Next best then</dt>
                <dd>
                  {second.name}, {opening(second.id, 'allIn', perPart(second.allIn ?? 0))} {evaluation.currency} a part
                </dd>
              </>
            )}
            <dt>Against it</dt>
            <dd data-testid="kept-against">
              {against.map((a) => (
                <div key={a.text}>
                  <Explained explanation={a.sentence} studyAt={studyAt} />
                </div>
              ))}
            </dd>
            <dt>Why</dt>
            <dd style={{ whiteSpace: 'pre-wrap' }}>{decision.why}</dd>
            <dt>Signed</dt>
            <dd>
              {decision.signedBy}, {plainDate(decision.signedOn)}
            </dd>
            <dt>Frozen</dt>
            <dd>
              brief revision {decision.revision}, rates “{decision.snapshot.rates.name}”, core {decision.coreVersion},
              tolerances by {decision.school === 'published' ? 'published grades' : 'a specialist shop'}
            </dd>
          </dl>
          <Box
            _print={{ display: 'none' }}
            style={{ marginTop: 14, display: 'flex', gap: 10, flexWrap: 'wrap', alignItems: 'center' }}
          >
            <Forms studyId={id} decisionId={decision.id} />
            <PageLink textStyle="label" href={`/studies/${id}/process-steps`}>
              How this part is made
            </PageLink>
            <Button size="xs" variant="outline" loading={busy} loadingText="Reopening …" onClick={() => void reopen()}>
              Reopen as a new revision
            </Button>
          </Box>
          {problem !== null && (
            <p role="alert" style={{ color: INK.alarm }}>
              {problem}
            </p>
          )}
        </Section>
        {decision.snapshot.simulation != null && (
          <Section title="How sure it was" className="record">
            <SureSection
              simulation={decision.snapshot.simulation}
              of={{
                laneId: decision.laneId,
                currency: evaluation.currency,
                due,
                planned: plan != null,
                workings,
              }}
              studyAt={studyAt}
            />
          </Section>
        )}
      </div>
      {decision.snapshot.figures !== undefined && (
        <Section title="The figures that carried it">
          <FiguresList figures={decision.snapshot.figures} studyAt={studyAt} />
        </Section>
      )}
      <div className="two-beside">
        <div>
          {decision.actions.length > 0 && (
            <Section title="Actions and owners" className="record">
              <ActionsTable actions={decision.actions} />
            </Section>
          )}
          <Dissents decision={decision} />
          <ChangedSince decision={decision} studyAt={studyAt} />
        </div>
        <Section title="Cautions that come with it" className="record">
          <Cautions
            routeIds={[...new Set([plan?.first ?? decision.laneId, decision.laneId].map((l) => l.split('/')[0] ?? l))]}
            alloy={findAlloy(decision.snapshot.brief.alloy) ?? null}
          />
        </Section>
      </div>
    </>
  );
}

const FORMS = [
  ['pdf?paper=A4', 'PDF, A4'],
  ['pdf?paper=LETTER', 'PDF, Letter'],
  ['xlsx', 'Workbook'],
  ['csv', 'CSV'],
  ['json', 'JSON'],
] as const;

/** The record in forms that leave the house. */
function Forms({ studyId, decisionId }: { readonly studyId: string; readonly decisionId: string }) {
  const { state, run, stop } = useJob();
  const [asked, setAsked] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const make = async (path: string, name: string): Promise<void> => {
    setAsked(name);
    setProblem(null);
    try {
      await run((init) => download(path, init));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <>
      {FORMS.map(([form, name]) => {
        const path = `/api/studies/${studyId}/decisions/${decisionId}/record/${form}`;
        return (
          <Button key={form} asChild size="xs" variant="outline">
            <a
              href={path}
              download
              onClick={(event) => {
                event.preventDefault();
                void make(path, name);
              }}
            >
              {name}
            </a>
          </Button>
        );
      })}
      {state !== null && <JobLine label={asked} state={state} onStop={stop} />}
      {problem !== null && (
        <Span role="alert" textStyle="label" style={{ color: INK.alarm }}>
          {asked}: {problem}
        </Span>
      )}
    </>
  );
}
