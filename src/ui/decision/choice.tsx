'use client';
import { useMemo, useState } from 'react';
import type { BoardLane } from '@/core/board';
import { laneCase } from '@/core/decision';
import { laneWords, shortName } from '@/core/routes';
import type { DecisionRecord } from '@/server/decisions';
import { perPart, weeks, whole } from '../format';
import { Mark, STATUS_WORDS } from '../marks/mark';
import { Cautions } from '../study/cautions';
import { useQuantity, useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import { Told } from '../working/told';
import { ChangedSince } from './changed-since';
import { SignForm } from './sign-form';
import { useLed } from '../schools/use-led';

const AGAINST = [
  'No reason against it was found',
  'The strongest reason against it',
  'The two strongest reasons against it',
];

/** The routes that could be chosen at the quantity on the rail, the case of the one picked, and the signing. */
export function Choice({ reopened }: { readonly reopened: DecisionRecord | undefined }) {
  const { study } = useStudy();
  const { board, q } = useQuantity();
  const led = useLed();
  const [picked, setPicked] = useState<string | null>(reopened?.laneId ?? null);
  const open = board.lanes
    .filter((l) => l.status !== 'blocked' && l.money !== null)
    .sort((a, b) => (a.money?.total ?? 0) - (b.money?.total ?? 0));
  const laneId = open.some((l) => l.id === picked) ? (picked as string) : (led ?? '');
  const found = useMemo(() => laneCase(study, board, laneId), [study, board, laneId]);
  const currency = study.rates.currency.code;

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
                <LaneChoice key={lane.id} lane={lane} checked={lane.id === laneId} onPick={() => setPicked(lane.id)} />
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
      <SignForm laneId={laneId} before={reopened} />
      {study.alloy !== null && (
        <section className="section record">
          <h2>Cautions</h2>
          <Cautions alloy={study.alloy} />
        </section>
      )}
    </>
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
