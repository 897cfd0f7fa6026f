'use client';
import { Button } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { useForm } from 'react-hook-form';
import { evaluate, prepareStudy, type BoardLane } from '@/core/board';
import { briefChanges, laneCase, resultChanges, type Change } from '@/core/decision';
import { hazardsOf } from '@/core/alloys';
import { laneWords, shortName } from '@/core/routes';
import { CORE_VERSION } from '@/core/version';
import type { DecisionRecord } from '@/server/decisions';
import { call, Refused } from '../api';
import { FIELD_NAMES } from '../brief/issue-words';
import { perPart, plainDate, weeks, whole } from '../format';
import { Mark, STATUS_WORDS } from '../marks/mark';
import { useQuantity, useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';

/** Pick a route, see its case and the strongest reasons against it, write why, sign; or read what was signed. */
export function DecisionView() {
  const { decisions } = useStudy();
  const signed = decisions.find((d) => d.reopenedAt === null);
  const past = decisions.filter((d) => d.id !== signed?.id);
  return (
    <>
      {signed === undefined ? <Choice reopened={past[0]} /> : <Record decision={signed} />}
      {past.length > 0 && (
        <section className="section record">
          <h2>Earlier decisions</h2>
          {past.map((d) => (
            <p key={d.id} className="small">
              {plainDate(d.signedOn)}: {shortName(d.laneId)} at {whole(d.quantity)} pieces, signed by {d.signedBy};
              reopened {d.reopenedAt === null ? '' : plainDate(d.reopenedAt)}. “{d.why}”
            </p>
          ))}
        </section>
      )}
    </>
  );
}

interface Signing {
  readonly why: string;
  readonly signedBy: string;
  readonly signedOn: string;
}

function Choice({ reopened }: { reopened: DecisionRecord | undefined }) {
  const { id, study, orderDate, decisions, setDecisions, flush, adopt, saveState } = useStudy();
  const { board, q } = useQuantity();
  const [picked, setPicked] = useState<string | null>(reopened?.laneId ?? null);
  const { openWorking } = useSheets();
  const [problem, setProblem] = useState<string | null>(null);
  const form = useForm<Signing>({
    defaultValues: { why: reopened?.why ?? '', signedBy: '', signedOn: new Date().toISOString().slice(0, 10) },
  });
  const open = board.lanes
    .filter((l) => l.status !== 'blocked' && l.money !== null)
    .sort((a, b) => (a.money?.total ?? 0) - (b.money?.total ?? 0));
  const laneId = open.some((l) => l.id === picked) ? (picked as string) : (board.leader ?? '');
  const found = useMemo(() => laneCase(study, board, laneId), [study, board, laneId]);
  const currency = study.rates.currency.code;
  const { errors, isSubmitting } = form.formState;

  const sign = form.handleSubmit(async (input) => {
    setProblem(null);
    try {
      const version = await flush();
      const decision = await call<DecisionRecord>('POST', `/api/studies/${id}/decisions`, {
        ...input,
        laneId,
        quantity: q,
        version,
      });
      adopt(version + 1);
      setDecisions([decision, ...decisions]);
    } catch (error) {
      setProblem(
        error instanceof Refused
          ? error.message
          : 'The server does not answer. Nothing was signed; what you wrote stands here.',
      );
    }
  });

  if (open.length === 0) {
    return (
      <p className="section">
        Nothing can be decided yet: no casting route survives, or the brief still lacks figures. The Routes view says
        what would open each.
      </p>
    );
  }
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
              {open.map((lane) => (
                <LaneChoice
                  key={lane.id}
                  lane={lane}
                  checked={lane.id === laneId}
                  onPick={() => setPicked(lane.id)}
                  onOpen={(f) => openWorking({ laneId: lane.id, figure: f })}
                />
              ))}
            </tbody>
          </table>
        </div>
      </section>
      {found !== null && (
        <div style={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fit, minmax(300px, 1fr))', gap: 32 }}>
          <section className="section">
            <h2>For {shortName(laneId)}</h2>
            <ol className="for">
              {found.for.map((a) => (
                <ArgumentLine
                  key={a.text}
                  text={a.text}
                  figure={a.figure}
                  onOpen={(f) => openWorking({ laneId, figure: f })}
                />
              ))}
            </ol>
          </section>
          <section className="section">
            <h2>The two strongest reasons against it</h2>
            <ol className="against" data-testid="against">
              {found.against.map((a) => (
                <ArgumentLine
                  key={a.text}
                  text={a.text}
                  figure={a.figure}
                  onOpen={(f) => openWorking({ laneId, figure: f })}
                />
              ))}
            </ol>
          </section>
        </div>
      )}
      <section className="section record">
        <h2>Why, and who signs</h2>
        <form onSubmit={(event) => void sign(event)} noValidate>
          <div className="field">
            <label htmlFor="why">Why this route</label>
            <div className={errors.why ? 'inbox is-bad' : 'inbox'}>
              <textarea
                id="why"
                rows={4}
                aria-invalid={errors.why !== undefined}
                {...form.register('why', {
                  required: 'Why this route is empty: a reason of at least one word is wanted.',
                  maxLength: { value: 4000, message: 'Why this route: at most 4000 letters are wanted.' },
                })}
              />
            </div>
            {errors.why && (
              <div className="bad" role="alert">
                {errors.why.message}
              </div>
            )}
            <div className="help">For the one who asks in two years. The reasons against it are kept beside it.</div>
          </div>
          <div className="form-grid" style={{ marginTop: 12 }}>
            <div className="field">
              <label htmlFor="signedBy">Signed by</label>
              <div className={errors.signedBy ? 'inbox is-bad' : 'inbox'}>
                <input
                  id="signedBy"
                  autoComplete="name"
                  aria-invalid={errors.signedBy !== undefined}
                  {...form.register('signedBy', { required: 'Signed by is empty: a name is wanted.' })}
                />
              </div>
              {errors.signedBy && (
                <div className="bad" role="alert">
                  {errors.signedBy.message}
                </div>
              )}
            </div>
            <div className="field">
              <label htmlFor="signedOn">On</label>
              <div className={errors.signedOn ? 'inbox is-bad' : 'inbox'}>
                <input
                  id="signedOn"
                  type="date"
                  aria-invalid={errors.signedOn !== undefined}
                  {...form.register('signedOn', { required: 'On is empty: a date is wanted.' })}
                />
              </div>
              {errors.signedOn && (
                <div className="bad" role="alert">
                  {errors.signedOn.message}
                </div>
              )}
            </div>
          </div>
          {problem !== null && (
            <p role="alert" style={{ color: 'var(--alarm)', marginTop: 10 }}>
              {problem}
            </p>
          )}
          <Button
            type="submit"
            size="sm"
            colorPalette="hot"
            mt="4"
            loading={isSubmitting}
            loadingText="Signing …"
            disabled={saveState === 'conflict'}
          >
            Sign and freeze
          </Button>
          <p className="small quiet" style={{ marginTop: 6 }}>
            Freezes the brief, the rates, the results and the core version ({CORE_VERSION}). Order date for the dates:{' '}
            {plainDate(orderDate)}.
          </p>
        </form>
      </section>
      <Cautions />
    </>
  );
}

function LaneChoice({
  lane,
  checked,
  onPick,
  onOpen,
}: {
  lane: BoardLane;
  checked: boolean;
  onPick: () => void;
  onOpen: (figure: string) => void;
}) {
  const figure = (name: string, text: string) => (
    <button type="button" className="textbtn dotted" onClick={() => onOpen(name)}>
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

function ArgumentLine({
  text,
  figure,
  onOpen,
}: {
  text: string;
  figure: string | null;
  onOpen: (figure: string) => void;
}) {
  return (
    <li>
      {text}{' '}
      {figure !== null && (
        <button
          type="button"
          className="textbtn small quiet"
          style={{ borderBottom: '1px dotted var(--hair-2)' }}
          onClick={() => onOpen(figure)}
        >
          working
        </button>
      )}
    </li>
  );
}

/** A signed record, with what has changed since. */
function Record({ decision }: { decision: DecisionRecord }) {
  const { id, decisions, setDecisions, flush, adopt } = useStudy();
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const { evaluation } = decision.frozen;
  const lane = evaluation.lanes.find((l) => l.id === decision.laneId);
  const second = evaluation.lanes.find((l) => l.id === evaluation.second);
  const { openWorking } = useSheets();
  // The frozen figures can be worked out again only by the core that made them.
  const frozen = useMemo(
    () =>
      decision.coreVersion === CORE_VERSION
        ? { study: prepareStudy(decision.frozen.brief, decision.school, decision.frozen.rates), q: decision.quantity }
        : undefined,
    [decision],
  );
  const opening = (name: string, text: string) =>
    frozen === undefined ? (
      text
    ) : (
      <button
        type="button"
        className="textbtn dotted"
        onClick={() => openWorking({ laneId: decision.laneId, figure: name }, frozen)}
      >
        {text}
      </button>
    );
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
      <section className="section record" data-testid="record">
        <h2>Decision record</h2>
        <p style={{ fontSize: 16, margin: '8px 0' }}>{evaluation.verdict}</p>
        <dl>
          <dt>Chosen</dt>
          <dd>
            <strong>{lane?.name ?? decision.laneId}</strong>, {lane ? STATUS_WORDS[lane.status] : ''}
          </dd>
          <dt>Quantity</dt>
          <dd>{whole(decision.quantity)} pieces</dd>
          <dt>All in</dt>
          <dd>
            {opening('allIn', perPart(lane?.allIn ?? 0))} {evaluation.currency} a part; tooling{' '}
            {opening('tooling', whole(lane?.tooling ?? 0))} {evaluation.currency}; {lane?.positions ?? 0}{' '}
            {lane?.positions === 1 ? 'position' : 'positions'} a pour
          </dd>
          <dt>Dates</dt>
          <dd>
            first article {opening('firstArticle', weeks(lane?.firstArticle_days ?? 0))} weeks after the order, last
            part {opening('lastPart', weeks(lane?.lastPart_days ?? 0))} weeks
          </dd>
          {second && (
            <>
              <dt>Next best then</dt>
              <dd>
                {second.name}, {perPart(second.allIn ?? 0)} {evaluation.currency} a part
              </dd>
            </>
          )}
          <dt>Against it</dt>
          <dd data-testid="kept-against">
            {decision.frozen.case.against.map((a) => (
              <div key={a.text}>{a.text}</div>
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
            brief revision {decision.revision}, rates “{decision.frozen.rates.name}”, core {decision.coreVersion},
            tolerances by {decision.school === 'published' ? 'published grades' : 'a specialist shop'}
          </dd>
        </dl>
        <div className="no-print" style={{ marginTop: 14, display: 'flex', gap: 10 }}>
          <Button size="xs" variant="outline" onClick={() => window.print()}>
            Print the record
          </Button>
          <Button size="xs" variant="outline" loading={busy} loadingText="Reopening …" onClick={() => void reopen()}>
            Reopen as a new revision
          </Button>
        </div>
        {problem !== null && (
          <p role="alert" style={{ color: 'var(--alarm)' }}>
            {problem}
          </p>
        )}
      </section>
      <ChangedSince decision={decision} />
      <Cautions />
    </>
  );
}

/** What is no longer as it was signed: brief, results, core, rates. */
function ChangedSince({ decision }: { decision: DecisionRecord }) {
  const { brief, school } = useStudy();
  const changes = useMemo<Change[]>(() => {
    const now = evaluate(brief, { school, quantity: decision.quantity });
    return [
      ...briefChanges(decision.frozen.brief, brief),
      ...resultChanges(decision.frozen.evaluation, now, decision.laneId),
    ];
  }, [brief, school, decision]);
  return (
    <section className="section record" data-testid="changes">
      <h2>Changed since it was signed on {plainDate(decision.signedOn)}</h2>
      {changes.length === 0 ? (
        <p>Nothing: brief, rates, results and core are as they were.</p>
      ) : (
        <table className="sheet-table">
          <thead>
            <tr>
              <th>What</th>
              <th>Was</th>
              <th>Is</th>
            </tr>
          </thead>
          <tbody>
            {changes.map((c) => (
              <tr key={c.what}>
                <td>{changeName(c.what)}</td>
                <td>{c.was}</td>
                <td>{c.is}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

const SUFFIX_UNITS: Readonly<Record<string, string>> = { mm: 'mm', cm2: 'cm²', cm3: 'cm³', um: 'µm', USD: 'USD' };

/** A changed field in the words of the brief, with its stored unit; what has no such words keeps its path. */
function changeName(path: string): string {
  const unit = SUFFIX_UNITS[/_([a-zA-Z0-9]+)(\.\d+)?$/.exec(path)?.[1] ?? ''];
  const name = FIELD_NAMES[path] ?? path;
  return unit === undefined ? name : `${name}, ${unit}`;
}

/** What can hurt people who pour this metal. */
function Cautions() {
  const { study } = useStudy();
  if (study.alloy === null) return null;
  return (
    <section className="section record small">
      <h2>Cautions</h2>
      {hazardsOf(study.alloy).map((h) => (
        <p key={h.id} style={{ margin: '4px 0' }}>
          <strong>{h.title}.</strong> {h.hurts} {h.precautions}
        </p>
      ))}
      <p className="quiet">General practice only. Local codes, permits and licensed practice decide.</p>
    </section>
  );
}
