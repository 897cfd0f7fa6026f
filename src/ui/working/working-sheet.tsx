'use client';
import { FigureButton, PageLink, TextButton, Unit } from '../kit';
import { Box, chakra, Table, Text } from '@chakra-ui/react';
import { expression } from '../theme/recipes/messages';
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

const Expression = chakra('div', expression);

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
              <TextButton size="sm" onClick={onBack}>
                ← back
              </TextButton>
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
      <Text textStyle="label" color="fg.muted">
        <EquationLink w={w} />
      </Text>
      <Expression data-testid="expression">
        {pretty(w.expression)}
        <br />= <strong>{significant(w.value, 6)}</strong> {w.unit} <InInches value={w.value} unit={w.unit} />
      </Expression>
      {w.note !== null && <Text my="2">{w.note}</Text>}
      <Table.ScrollArea>
        <Table.Root size="sm" mt="2.5">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Symbol</Table.ColumnHeader>
              <Table.ColumnHeader>Meaning</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Value</Table.ColumnHeader>
              <Table.ColumnHeader>Source</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {w.symbols.map((s) => (
              <Row key={s.symbol} s={s} onDeeper={onDeeper} isBaseline={isBaseline} />
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
    </>
  );
}

/** Name and number of an equation, leading to its place in the model's document where it has one. */
function EquationLink({ w }: { readonly w: Working }) {
  const anchor = equationOf(w);
  if (anchor === null) return w.equation;
  return (
    <PageLink href={`/model#${anchor}`} data-testid="equation">
      {w.equation}
    </PageLink>
  );
}

function Row({ s, onDeeper, isBaseline }: BodyProps & { readonly s: WorkingSymbol }) {
  const { id, rates } = useStudy('id', 'rates');
  const opens = s.opens !== null && (isBaseline(s.opensLane) || isFigure(s.opens)) ? s.opens : null;
  return (
    <Table.Row>
      <Table.Cell textStyle="mono">{pretty(s.symbol)}</Table.Cell>
      <Table.Cell>
        {s.meaning}
        {s.note !== null && (
          <Box textStyle="label" color="fg.muted">
            {s.note}
          </Box>
        )}
      </Table.Cell>
      <Table.Cell className="num">
        {opens === null ? (
          significant(s.value, 6)
        ) : (
          <FigureButton onClick={() => onDeeper(opens, s.opensLane)}>{significant(s.value, 6)}</FigureButton>
        )}
        <Unit>{s.unit}</Unit>
        <InInches value={s.value} unit={s.unit} />
        {s.range !== null && (
          <Box textStyle="label" color="fg.muted">
            {significant(s.range[0], 3)}–{significant(s.range[1], 3)}
          </Box>
        )}
      </Table.Cell>
      <Table.Cell textStyle="label">
        {s.source === 'brief' && s.path !== null ? (
          <PageLink href={`/studies/${id}/brief#${briefAnchor(s.path)}`}>brief</PageLink>
        ) : s.source === 'rate' && s.path !== null ? (
          <PageLink href={`/rates/${rates.id}#${encodeURIComponent(s.path)}`}>rates</PageLink>
        ) : (
          SOURCE_WORDS[s.source]
        )}
        {s.basis !== null && <Box color="fg.muted">{BASIS_WORDS[s.basis]}</Box>}
        {s.path !== null && s.source !== 'brief' && (
          <Box color="fg.muted" textStyle="mono" overflowWrap="anywhere">
            {s.path}
          </Box>
        )}
      </Table.Cell>
    </Table.Row>
  );
}

/** A measure in inches and pounds beside the SI unit its equation is written in, where the screen is set to them. */
function InInches({ value, unit }: { readonly value: number; readonly unit: string }) {
  const [units] = useUnits();
  const shown = units === 'inch' ? inUnitsOf(value, unit, units) : null;
  return shown === null ? null : (
    <Box textStyle="label" color="fg.muted">
      {significant(shown.value, 5)} {shown.unit}
    </Box>
  );
}
