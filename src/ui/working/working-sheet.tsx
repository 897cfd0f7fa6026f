'use client';
import { Link as ChakraLink } from '@chakra-ui/react';
import Link from 'next/link';
import { useMemo } from 'react';
import { PLAN, StudyWorkings } from '@/core/phased-plans';
import { equationOf } from '@/core/reference/model-document';
import { shortName } from '@/core/catalogue/routes';
import { inUnitsOf } from '@/core/base/units';
import { isFigure } from '@/core/study/workings';
import { type Working, type WorkingSymbol } from '@/core/equations';
import { significant } from '../format';
import { useUnits } from '../preferences';
import { SheetPage } from '../shell/sheet';
import { useQuantity, useStudy } from '../study/study-context';
import { BASIS_WORDS } from './basis-words';
import { OverrideNote } from './override-note';
import { pretty } from './pretty';
import { SOURCE_WORDS } from './source-words';
import type { FigureAt, StudyAt } from './figure-at';

/** Field of the brief screen that a brief path lives in. */
const briefAnchor = (path: string): string => {
  const table = /^(features|holes)\b/.exec(path)?.[1];
  return `field-${table ?? path.replaceAll('.', '-')}`;
};

/** The working of a figure: equation, symbols, values, sources and basis; computed symbols open their own. */
export function WorkingPage({
  at,
  studyAt,
  onDeeper,
  onBack,
}: {
  readonly at: FigureAt;
  readonly studyAt: StudyAt | undefined;
  readonly onDeeper: (at: FigureAt) => void;
  readonly onBack: (() => void) | null;
}) {
  const live = useStudy('study').study;
  const rail = useQuantity().q;
  const study = studyAt?.study ?? live;
  const q = at.q ?? studyAt?.q ?? rail;
  const plan = studyAt?.plan ?? null;
  const workings = useMemo(() => new StudyWorkings(study, q, plan?.open, plan?.deliveries), [study, q, plan]);
  const result = useMemo((): Working | string => {
    if (at.working !== undefined) return at.working;
    try {
      return workings.working(at.laneId, at.figure);
    } catch (error) {
      return error instanceof Error ? error.message : String(error);
    }
  }, [at, workings]);
  const where = typeof result === 'string' ? shortName(at.laneId) : whereOf(workings, at.laneId, studyAt?.words ?? '');
  return (
    <SheetPage
      title={typeof result === 'string' ? 'Working' : result.title}
      under={
        <>
          {where}
          {onBack !== null && (
            <>
              {' '}
              <button type="button" className="textbtn" onClick={onBack}>
                ← back
              </button>
            </>
          )}
        </>
      }
    >
      {at.figure === 'positions' && studyAt === undefined && <OverrideNote laneId={at.laneId} />}
      {typeof result === 'string' ? (
        <p>No working: {result}</p>
      ) : (
        <WorkingBody
          w={result}
          onDeeper={(figure, laneId) => onDeeper({ q: at.q, figure, laneId: laneId ?? at.laneId })}
          isBaseline={(id) => (id ?? at.laneId) === PLAN || study.baselines.some((b) => b.id === (id ?? at.laneId))}
        />
      )}
    </SheetPage>
  );
}

/** Whose figure it is and at how many pieces; of a step, on which lane. */
function whereOf(workings: StudyWorkings, id: string, words: string): string {
  const { laneId, q } = id === PLAN ? { laneId: PLAN, q: workings.q } : workings.place(id);
  const whose = laneId === id ? shortName(id) : `${shortName(id)}: ${shortName(laneId)}`;
  return `${whose}, at ${significant(q, 7)} pieces${words === '' ? '' : `, ${words}`}`;
}

interface BodyProps {
  /** Opens the working of a symbol; a lane is named where it is another one's. */
  readonly onDeeper: (figure: string, laneId: string | null) => void;
  /** Whether a lane, or the working's own when null, is a baseline or the plan: those have few workings, all of which open. */
  readonly isBaseline: (laneId: string | null) => boolean;
}

const STAY = (): void => undefined;
const NEVER = (): boolean => false;

/** Equation, symbols and note of a working. A figure of no lane opens nothing further. */
export function WorkingBody({ w, onDeeper = STAY, isBaseline = NEVER }: Partial<BodyProps> & { readonly w: Working }) {
  return (
    <>
      <p className="small quiet">
        <EquationLink w={w} />
      </p>
      <div className="expr">
        {pretty(w.expression)}
        <br />= <strong>{significant(w.value, 6)}</strong> {w.unit} <InInches value={w.value} unit={w.unit} />
      </div>
      {w.note !== null && <p style={{ margin: '8px 0' }}>{w.note}</p>}
      <div className="scroll-x">
        <table className="sheet-table" style={{ marginTop: 10 }}>
          <thead>
            <tr>
              <th>Symbol</th>
              <th>What it is</th>
              <th className="num">Value</th>
              <th>From</th>
            </tr>
          </thead>
          <tbody>
            {w.symbols.map((s) => (
              <Row key={s.symbol} s={s} onDeeper={onDeeper} isBaseline={isBaseline} />
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}

/** Name and number of an equation, leading to its place in the model's document where it has one. */
function EquationLink({ w }: { readonly w: Working }) {
  const anchor = equationOf(w);
  if (anchor === null) return w.equation;
  return (
    <ChakraLink asChild variant="underline">
      <Link href={`/model#${anchor}`} data-testid="equation">
        {w.equation}
      </Link>
    </ChakraLink>
  );
}

function Row({ s, onDeeper, isBaseline }: BodyProps & { readonly s: WorkingSymbol }) {
  const { id, rates } = useStudy('id', 'rates');
  const opens = s.opens !== null && (isBaseline(s.opensLane) || isFigure(s.opens)) ? s.opens : null;
  return (
    <tr>
      <td className="mono">{pretty(s.symbol)}</td>
      <td>
        {s.meaning}
        {s.note !== null && <div className="small quiet">{s.note}</div>}
      </td>
      <td className="num">
        {opens === null ? (
          significant(s.value, 6)
        ) : (
          <button
            type="button"
            className="textbtn"
            style={{ borderBottom: '1px dotted var(--hair-2)' }}
            onClick={() => onDeeper(opens, s.opensLane)}
          >
            {significant(s.value, 6)}
          </button>
        )}
        <span className="unit">{s.unit}</span>
        <InInches value={s.value} unit={s.unit} />
        {s.range !== null && (
          <div className="small quiet">
            {significant(s.range[0], 3)} … {significant(s.range[1], 3)}
          </div>
        )}
      </td>
      <td className="small">
        {s.source === 'brief' && s.path !== null ? (
          <Link className="plain-link" href={`/studies/${id}/brief#${briefAnchor(s.path)}`}>
            brief
          </Link>
        ) : s.source === 'rate' && s.path !== null ? (
          <Link className="plain-link" href={`/rates/${rates.id}#${encodeURIComponent(s.path)}`}>
            rate set
          </Link>
        ) : (
          SOURCE_WORDS[s.source]
        )}
        {s.basis !== null && <div className="quiet">{BASIS_WORDS[s.basis]}</div>}
        {s.path !== null && s.source !== 'brief' && (
          <div className="quiet mono" style={{ fontSize: 10.5, overflowWrap: 'anywhere' }}>
            {s.path}
          </div>
        )}
      </td>
    </tr>
  );
}

/** A measure in inches and pounds beside the SI unit its equation is written in, where the screen is set to them. */
function InInches({ value, unit }: { readonly value: number; readonly unit: string }) {
  const [units] = useUnits();
  const shown = units === 'inch' ? inUnitsOf(value, unit, units) : null;
  return shown === null ? null : (
    <div className="small quiet">
      {significant(shown.value, 5)} {shown.unit}
    </div>
  );
}
