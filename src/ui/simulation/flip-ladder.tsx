'use client';
import { Span, Table, Text, VisuallyHidden } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { shortName } from '@/core/catalogue/routes';
import { plain } from '@/core/explanation';
import { StudyWorkings } from '@/core/phased-plans';
import type { SimulationDepth } from '@/workers/simulation.protocol';
import { whole } from '../format';
import { FigureButton } from '../kit';
import { RouteName } from '../marks/route-name';
import { useUnits } from '../preferences';
import { useStudy } from '../study/study-context';
import { textInUnits } from '../text-in-units';
import { Explained } from '../working/explained';
import type { StudyAt } from '../working/figure-at';
import { flipRows, type FlipRow } from './flip-rows';
import { FlipRung } from './flip-rung';

const FEW = 7;

/** What would change the choice as a ladder: one rung an input, the nearest on top; each place opens how it was found. */
export function FlipLadder({
  depth,
  q,
  onGo,
}: {
  readonly depth: SimulationDepth;
  /** Pieces it was simulated at. */
  readonly q: number;
  /** Sets the rail. */
  readonly onGo: (q: number) => void;
}) {
  const { study } = useStudy('study');
  const [all, setAll] = useState(false);
  const rows = useMemo(() => flipRows(depth, study.rates, new StudyWorkings(study, q)), [depth, study, q]);
  // At the quantity that was simulated, where the rail has gone on.
  const studyAt = useMemo<StudyAt>(() => ({ study, q, words: '' }), [study, q]);
  const within = rows.filter((r) => r.within).length;
  const shown = all ? rows : rows.slice(0, Math.max(FEW, within));
  return (
    <>
      <Table.ScrollArea>
        <Table.Root size="sm" aria-label="What would change the choice">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Input</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Today</Table.ColumnHeader>
              <Table.ColumnHeader minW="11rem">
                <span style={{ display: 'flex', justifyContent: 'space-between' }}>
                  <span>¼ ×</span>
                  <span>today</span>
                  <span>4 ×</span>
                </span>
              </Table.ColumnHeader>
              <Table.ColumnHeader className="num">Flips at</Table.ColumnHeader>
              <Table.ColumnHeader>To</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {shown.map((row) => (
              <Rung key={row.key} row={row} studyAt={studyAt} onGo={onGo} />
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      <Text textStyle="label" color="fg.muted">
        One input at a time, the others at their likely value. Bar: its range. Diamond: the flip point
        {within > 0 ? `, filled where it lies within the range (${within})` : '; none lies within its range'}.{' '}
        {depth.flips.length === 0 &&
          `No single rate, price, share or time, from a quarter to four times its likely value, puts another route before ${shortName(depth.leader)}. `}
        {rows.length > shown.length && <FigureButton onClick={() => setAll(true)}>Show all {rows.length}</FigureButton>}
      </Text>
    </>
  );
}

function Rung({
  row: { name, now, range, at, figures, to, within, explanation, quantities },
  studyAt,
  onGo,
}: {
  readonly row: FlipRow;
  readonly studyAt: StudyAt;
  readonly onGo: (q: number) => void;
}) {
  const [units] = useUnits();
  const sentence = textInUnits(plain(explanation), units);
  return (
    <Table.Row title={sentence}>
      <Table.Cell>
        {name}
        <VisuallyHidden>. {sentence}</VisuallyHidden>
      </Table.Cell>
      <Table.Cell className="num">{textInUnits(now, units)}</Table.Cell>
      <Table.Cell>
        <FlipRung range={range} at={at} within={within} />
      </Table.Cell>
      <Table.Cell className="num">
        {at.length === 0 ? (
          <Span color="fg.muted">nowhere</Span>
        ) : (
          figures.map((figure, i) => (
            <span key={i}>
              {i > 0 && ', '}
              <Explained explanation={[figure]} studyAt={studyAt} />
            </span>
          ))
        )}
        {quantities.map((x) => (
          <span key={x}>
            {' '}
            <FigureButton
              textStyle="label"
              color="fg.muted"
              onClick={() => onGo(x)}
              aria-label={`Set the rail to ${whole(x)}`}
            >
              go
            </FigureButton>
          </span>
        ))}
      </Table.Cell>
      <Table.Cell>{at.length === 0 ? '' : to === null ? 'no route left' : <RouteName laneId={to} />}</Table.Cell>
    </Table.Row>
  );
}
