'use client';
import Link from 'next/link';
import { gravity, ruleText, type Finding } from '@/core/screening';
import { Mark, STATUS_WORDS } from '../marks/mark';
import { roomPercent, Spare } from '../marks/spare';
import { figureOfRule } from '@/core/study/workings';
import { useUnits } from '../preferences';
import { SheetPage } from '../shell/sheet';
import { Cautions } from '../study/cautions';
import { useQuantity, useStudy } from '../study/study-context';
import { Advice } from './advice';
import { LookAndShop, Losses, RankingPage } from './lane-pages';
import { findingValue, sentence } from './finding-words';

/** Every rule held against a lane, gravest first: limit, value, margin, reason and fix. */
export function ReasonsPage({
  laneId,
  onWorking,
}: {
  readonly laneId: string;
  readonly onWorking: (at: { readonly laneId: string; readonly figure: string }) => void;
}) {
  const { study } = useStudy('study');
  const lane = useQuantity().board.lanes.find((l) => l.id === laneId);
  const findings = [...(lane?.findings ?? []), ...(lane?.programme ?? [])].sort(
    (a, b) => gravity(b.status) - gravity(a.status),
  );
  return (
    <SheetPage title={lane ? `${lane.name}: ${STATUS_WORDS[lane.status]}` : laneId} under={lane?.variantName}>
      {lane?.uncosted != null && <p>{lane.uncosted}</p>}
      <div className="scroll-x">
        <table className="sheet-table">
          <thead>
            <tr>
              <th>
                <span className="sr">Verdict</span>
              </th>
              <th>Rule</th>
              <th className="num">Part</th>
              <th className="num">Limit</th>
              <th>Room</th>
            </tr>
          </thead>
          <tbody>
            {findings.map((f, i) => (
              <Reason key={`${f.rule}${i}`} f={f} onWorking={(figure) => onWorking({ laneId, figure })} />
            ))}
          </tbody>
        </table>
      </div>
      <RankingPage laneId={laneId} />
      <Losses laneId={laneId} onWorking={(figure) => onWorking({ laneId, figure })} />
      <Advice laneId={laneId} />
      <LookAndShop laneId={laneId} />
      {study.alloy !== null && (
        <section className="section">
          <h2>What can hurt people here</h2>
          <Cautions routeIds={[laneId.split('/')[0] ?? laneId]} alloy={study.alloy} />
        </section>
      )}
    </SheetPage>
  );
}

const OWN_NAMES: Readonly<Record<string, string>> = {
  'lead-free': 'Free of lead',
  'pour-mass': 'One pour holds it',
  'size-min': 'Not too small for the route',
};

/** Place of the part's view that a rule speaks of. */
const PLACE_OF_RULE: Readonly<Record<string, string>> = {
  'dr-undercut': 'undercut',
  'dr-passages': 'undercut',
  'dr-wall-min': 'wall',
  'dr-section-max': 'heavy',
  'dr-section-ratio': 'heavy',
  'dr-draft': 'draft',
  'dr-hole-min': 'round',
};

/** The way to where a rule bites on the part, where the study has one. */
function SeenOnPart({ rule }: { readonly rule: string }) {
  const { id, brief } = useStudy('id', 'brief');
  const place = PLACE_OF_RULE[rule];
  if (place === undefined || brief.model === null) return null;
  return (
    <Link className="plain-link small" href={`/studies/${id}/part#show=${place}`}>
      see it on the part
    </Link>
  );
}

function Reason({ f, onWorking }: { f: Finding; onWorking: (figure: string) => void }) {
  const [units] = useUnits();
  const figure = figureOfRule(f.rule, f.fields);
  const isWidth = figure?.startsWith('width.') === true;
  const value = findingValue(f.value, f.unit, units);
  const limit = f.limit === null ? '' : findingValue(f.limit, f.unit, units);
  const opening = (text: string) => (
    <button type="button" className="textbtn dotted" onClick={() => figure !== null && onWorking(figure)}>
      {text}
    </button>
  );
  const text = ruleText(f.rule);
  return (
    <tr>
      <td>
        <Mark status={f.status} />
      </td>
      <td>
        <strong>
          {text?.name ?? OWN_NAMES[f.rule] ?? f.rule}
          {f.subject && `: ${f.subject}`}
        </strong>
        <div className="small">{sentence(f.reason)}</div>
        {f.status !== 'fits' && f.fixes.length > 0 && (
          <div className="small">
            →{' '}
            {f.fixes
              .slice(0, 3)
              .map((m, i) => (i === 0 ? m : m.charAt(0).toLowerCase() + m.slice(1)))
              .join('; ')}
            .
          </div>
        )}
        {f.status !== 'fits' && text !== undefined && <div className="small quiet">{text.costEffect}</div>}
        <SeenOnPart rule={f.rule} />
      </td>
      <td className="num">{figure !== null && !isWidth && typeof f.value === 'number' ? opening(value) : value}</td>
      <td className="num">{isWidth && typeof f.limit === 'number' ? opening(limit) : limit}</td>
      <td style={{ minWidth: 96 }}>
        {f.margin !== null && <span className="small">{findingValue(f.margin, f.unit, units)}</span>}
        <Spare percent={roomPercent(f.spare)} left />
      </td>
    </tr>
  );
}
