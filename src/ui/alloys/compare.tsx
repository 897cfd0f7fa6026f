'use client';
import { Emblem } from '../marks/emblem';
import { FigureButton, Section, Unit } from '../kit';
import { Button, Flex, Span, Table, Text, VisuallyHidden } from '@chakra-ui/react';
import type { AlloyPair } from '@/core/comparison/alloys';
import { hazardsOf, type Alloy } from '@/core/catalogue/alloys';
import { ROUTES, shortName } from '@/core/catalogue/routes';
import type { UnitSystem } from '@/core/base/units';
import { sentence } from '../board/finding-words';
import { keptTyping } from '../brief/typing';
import { perPart } from '../format';
import { useUnits } from '../preferences';
import { useStudy } from '../study/study-context';
import { useAlloyWorking } from './alloy-table';
import { alloyFigure, metalPrice } from './alloy-words';

const of5 = (score: number): string => `${score} of 5`;

/** What alloys are compared by, line by line. */
const LINES: readonly (readonly [string, (a: Alloy, units: UnitSystem) => string])[] = [
  [
    'Yield strength',
    (a, u) => a.conditions.map((c) => `${c.name}: ${alloyFigure(c.yield_MPa, 'MPa', u, 3)}`).join('; '),
  ],
  [
    'Elongation',
    (a, u) => a.conditions.map((c) => `${c.name}: ${alloyFigure(c.elongation_pct, '%', u, 2)}`).join('; '),
  ],
  ['Density', (a, u) => alloyFigure(a.density_kg_m3, 'kg/m³', u)],
  ['Metal price', (a, u) => `${metalPrice(a.price_USD_kg[0], u)}–${metalPrice(a.price_USD_kg[2], u)}`],
  [
    'Lead',
    (a) => (a.leadFree ? 'lead-free' : `up to ${a.leadMax_pct} %${a.leadFreeToOrder ? ', lead-free to order' : ''}`),
  ],
  ['Outdoor, marine', (a) => `${of5(a.corrosion.outdoor)}, ${of5(a.corrosion.marine)}: ${a.corrosion.why}`],
  ['Fluidity', (a) => of5(a.fluidity)],
  ['Hot tearing', (a) => `${of5(a.hotTearing)}, 5 is worst`],
  ['Pressure tightness', (a) => of5(a.pressureTightness)],
  ['Freezing range', (a) => `${a.freezing}, over ${a.freezingRange_C} K`],
  ['Machinability', (a) => `${a.machinability} (free-cutting brass 100)`],
  ['Weldability', (a) => `${of5(a.weldability)}: ${a.weldNote}`],
  ['Remelting', (a) => a.remelt],
  [
    'Cautions',
    (a) =>
      hazardsOf(a)
        .map((h) => `${h.title}: ${h.precautions}`)
        .join(' '),
  ],
];

/** Stands where an answer is still being worked out. */
const Waiting = () => (
  <Span textStyle="label" color="fg.muted">
    …
  </Span>
);

/** Up to four alloys side by side: what each is, what the part costs in it on every route, and the way to choose it. */
export function Compare({
  alloys,
  pairOf,
  q,
  onDrop,
}: {
  readonly alloys: readonly Alloy[];
  /** What an alloy comes to on every route; undefined where that is still being worked out. */
  readonly pairOf: (alloyId: string) => AlloyPair | undefined;
  readonly q: number;
  readonly onDrop: (alloyId: string) => void;
}) {
  const { id, brief, study, setBrief } = useStudy('id', 'brief', 'study', 'setBrief');
  const [units] = useUnits();
  const open = useAlloyWorking();
  if (!alloys.some((a) => a.id !== brief.alloy))
    return (
      <Text mt="6" textStyle="label" color="fg.muted">
        Tick up to four alloys below to compare them with the alloy of the brief.
      </Text>
    );
  const unread = keptTyping(id) !== null;
  return (
    <Section title="Side by side" data-testid="compare">
      <Table.ScrollArea>
        <Table.Root size="md" interactive aria-label="Alloys side by side">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>
                <VisuallyHidden>What</VisuallyHidden>
              </Table.ColumnHeader>
              {alloys.map((a) => (
                <Table.ColumnHeader key={a.id}>
                  {a.name}
                  <Flex gap="2" mt="1.5" align="center">
                    {a.id === brief.alloy ? (
                      <Span color="fg.muted">in the brief</Span>
                    ) : (
                      <Button
                        size="xs"
                        variant="solid"
                        disabled={unread}
                        aria-label={`Choose ${a.name}`}
                        onClick={() => setBrief({ ...brief, alloy: a.id })}
                      >
                        Choose
                      </Button>
                    )}
                    <Button size="xs" aria-label={`Remove ${a.name}`} onClick={() => onDrop(a.id)}>
                      Remove
                    </Button>
                  </Flex>
                </Table.ColumnHeader>
              ))}
            </Table.Row>
          </Table.Header>
          <Table.Body>
            <Table.Row>
              <Table.ColumnHeader scope="row">Best route</Table.ColumnHeader>
              {alloys.map((a) => {
                const pair = pairOf(a.id);
                const best = pair?.leader == null ? 'no route' : shortName(pair.leader);
                return <Table.Cell key={a.id}>{pair === undefined ? <Waiting /> : best}</Table.Cell>;
              })}
            </Table.Row>
            {ROUTES.map((route) => (
              <Table.Row key={route.id}>
                <Table.ColumnHeader scope="row" whiteSpace="nowrap">
                  <Emblem laneId={route.id} /> {route.name}
                </Table.ColumnHeader>
                {alloys.map((a) => {
                  const pair = pairOf(a.id);
                  const on = pair?.routes.find((r) => r.routeId === route.id);
                  return (
                    <Table.Cell key={a.id}>
                      {pair === undefined ? (
                        <Waiting />
                      ) : on?.laneId == null || on.allIn === null ? (
                        <Span textStyle="label" color="fg.muted">
                          {sentence(on?.why ?? 'not poured')}
                        </Span>
                      ) : (
                        <>
                          <FigureButton onClick={() => open(a, q, on.laneId ?? '', 'allIn')}>
                            {perPart(on.allIn)}
                          </FigureButton>
                          <Unit>{study.rates.currency.code} per part</Unit>
                        </>
                      )}
                    </Table.Cell>
                  );
                })}
              </Table.Row>
            ))}
            {LINES.map(([name, words]) => (
              <Table.Row key={name}>
                <Table.ColumnHeader scope="row">{name}</Table.ColumnHeader>
                {alloys.map((a) => (
                  <Table.Cell key={a.id} textStyle="label">
                    {words(a, units)}
                  </Table.Cell>
                ))}
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      {unread && (
        <Text textStyle="label" color="alarm">
          The brief holds a figure that cannot be read. Correct it first; then an alloy can be chosen here.
        </Text>
      )}
      <Text textStyle="label" color="fg.muted">
        Typical values for comparing routes, never for releasing a drawing. Scrap of unknown composition is not
        acceptable where strength, corrosion or lead content matter.
      </Text>
    </Section>
  );
}
