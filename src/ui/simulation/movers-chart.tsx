'use client';
import { chakra, Span, Table, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { shortName } from '@/core/catalogue/routes';
import { inUnitsOf } from '@/core/base/units';
import { figureWords, inputWords, moverWorking, type Mover, type SimulationInput } from '@/core/simulation';
import type { SimulationDepth } from '@/workers/simulation.protocol';
import { fixed, signed } from '../format';
import { FigureButton, PageLink, Unit } from '../kit';
import { useUnits } from '../preferences';
import { useStudy } from '../study/study-context';
import { INK } from '../theme/ink';
import { useSheets } from '../working/sheets';

const FEW = 8;

const Bar = chakra('span', {
  base: {
    display: 'block',
    position: 'relative',
    height: '14px',
    minW: '14rem',
    printColorAdjust: 'exact',
    '& i': { position: 'absolute', top: '2px', height: '10px' },
    '& [data-low]': { border: `1.5px solid ${INK.quiet}`, borderInlineEnd: 0 },
    '& [data-high]': { bg: 'fg.muted' },
    '& [data-likely]': { top: 0, height: '14px', width: '1.5px', bg: 'fg' },
    '& [data-zero]': { top: 0, height: '14px', width: 0, borderLeft: `1.5px dashed ${INK.hot}` },
  },
});

/** Inputs by how much they move the difference of the two leading routes: bars about the likely difference. */
export function MoversChart({
  depth,
  q,
  likely,
  currency,
}: {
  readonly depth: SimulationDepth;
  /** Pieces it was simulated at. */
  readonly q: number;
  /** The second's likely total less the first's, study currency. */
  readonly likely: number;
  readonly currency: string;
}) {
  const [all, setAll] = useState(false);
  const by = new Map(depth.inputs.map((i) => [i.key, i]));
  const moving = depth.movers.filter((m) => m.swing > 0);
  const shown = all ? moving : moving.slice(0, FEW);
  const { second } = depth;
  if (second === null)
    return (
      <Text textStyle="label" color="fg.muted">
        No second route is left to compare with.
      </Text>
    );
  const reached = moving.flatMap((m) => [m.atLow, m.atHigh]);
  const scale = { from: Math.min(0, likely, ...reached), to: Math.max(0, likely, ...reached) };
  return (
    <>
      <Table.ScrollArea>
        <Table.Root size="sm" aria-label="What moves the choice">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Input</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Range</Table.ColumnHeader>
              <Table.ColumnHeader minW="14rem">
                <span style={{ display: 'flex', justifyContent: 'space-between' }}>
                  <span>{signed(scale.from, 0)}</span>
                  <span>
                    {signed(scale.to, 0)} {currency}
                  </span>
                </span>
              </Table.ColumnHeader>
              <Table.ColumnHeader className="num">Difference at low, high</Table.ColumnHeader>
              <Table.ColumnHeader className="num" title="Rank correlation with the difference, over the simulations">
                Correlation
              </Table.ColumnHeader>
              <Table.ColumnHeader>Source</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {shown.map((m) => {
              const input = by.get(m.name);
              return input === undefined ? null : (
                <MoverRow
                  key={m.name}
                  mover={m}
                  input={input}
                  leader={depth.leader}
                  second={second}
                  q={q}
                  likely={likely}
                  scale={scale}
                  currency={currency}
                />
              );
            })}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      <Text textStyle="label" color="fg.muted">
        Total cost of {shortName(second)} less {shortName(depth.leader)}. Upright: the likely difference. Open bar: the
        input at its low; full bar: at its high. Left of the dashed line at 0 the choice turns. {moving.length} of{' '}
        {depth.inputs.length} inputs move it.{' '}
        {moving.length > FEW && (
          <FigureButton aria-expanded={all} onClick={() => setAll((x) => !x)}>
            {all ? 'Show the first only' : `Show all ${moving.length}`}
          </FigureButton>
        )}
      </Text>
    </>
  );
}

const SOURCES: Readonly<Record<string, string>> = { alloy: 'alloy', route: 'route' };

function MoverRow({
  mover,
  input,
  leader,
  second,
  q,
  likely,
  scale,
  currency,
}: {
  readonly mover: Mover;
  readonly input: SimulationInput;
  readonly leader: string;
  readonly second: string;
  readonly q: number;
  readonly likely: number;
  readonly scale: { readonly from: number; readonly to: number };
  readonly currency: string;
}) {
  const { openWorking } = useSheets();
  const [units] = useUnits();
  const { study, rates } = useStudy('study', 'rates');
  const words = inputWords(input, study.rates);
  const place = (x: number): number =>
    scale.to === scale.from ? 0 : (100 * (x - scale.from)) / (scale.to - scale.from);
  const side = (x: number) => ({
    left: `${Math.min(place(x), place(likely))}%`,
    width: `${Math.abs(place(x) - place(likely))}%`,
  });
  const turns = mover.atLow < 0 || mover.atHigh < 0;
  return (
    <Table.Row>
      <Table.Cell>
        {words}
        {turns && (
          <Span textStyle="label" color="alarm">
            {' '}
            turns the choice by itself
          </Span>
        )}
      </Table.Cell>
      <Table.Cell className="num">
        {input.range
          .filter((_, i) => i !== 1)
          .map((x) => figureWords(inUnitsOf(x, input.unit, units)?.value ?? x, input.unit).replace(/ .*$/, ''))
          .join('–')}
        <Unit>{input.unit === 'share' ? '%' : (inUnitsOf(1, input.unit, units)?.unit ?? input.unit)}</Unit>
      </Table.Cell>
      <Table.Cell>
        <Bar aria-hidden="true">
          <i data-low="" style={side(mover.atLow)} />
          <i data-high="" style={side(mover.atHigh)} />
          <i data-likely="" style={{ left: `${place(likely)}%` }} />
          <i data-zero="" style={{ left: `${place(0)}%` }} />
        </Bar>
      </Table.Cell>
      <Table.Cell className="num">
        <FigureButton
          title="Open the working"
          onClick={() => {
            const made = moverWorking(mover, input, leader, second, words, currency);
            openWorking({ laneId: leader, figure: made.figure, q, working: made });
          }}
        >
          {signed(mover.atLow, 0)}, {signed(mover.atHigh, 0)}
        </FigureButton>
      </Table.Cell>
      <Table.Cell className="num">{fixed(mover.rho, 2)}</Table.Cell>
      <Table.Cell textStyle="label">
        {input.source === 'rate' ? (
          <PageLink href={`/rates/${rates.id}#${encodeURIComponent(input.path)}`}>rates</PageLink>
        ) : (
          (SOURCES[input.source] ?? 'brief')
        )}
      </Table.Cell>
    </Table.Row>
  );
}
