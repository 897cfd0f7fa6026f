'use client';
import { INK } from '../theme/ink';
import { FigureButton, Section, Unit } from '../kit';
import { Button, Span, Table, Text, VisuallyHidden } from '@chakra-ui/react';
import type { AlloyPair } from '@/core/comparison/alloys';
import { pricedAlloy } from '@/core/rates';
import { findAlloy, hazardsOf, type Alloy } from '@/core/catalogue/alloys';
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
  ['Strength', (a, u) => a.conditions.map((c) => `${c.name}: ${alloyFigure(c.yield_MPa, 'MPa', u, 3)}`).join('; ')],
  [
    'Elongation',
    (a, u) => a.conditions.map((c) => `${c.name}: ${alloyFigure(c.elongation_pct, '%', u, 2)}`).join('; '),
  ],
  ['Density', (a, u) => alloyFigure(a.density_kg_m3, 'kg/m³', u)],
  ['Metal', (a, u) => `${metalPrice(a.price_USD_kg[0], u)} to ${metalPrice(a.price_USD_kg[2], u)}`],
  [
    'Lead',
    (a) => (a.leadFree ? 'free of lead' : `up to ${a.leadMax_pct} %${a.leadFreeToOrder ? ', free to order' : ''}`),
  ],
  ['Outdoors, at sea', (a) => `${of5(a.corrosion.outdoor)}, ${of5(a.corrosion.marine)}: ${a.corrosion.why}`],
  ['Runs thin', (a) => of5(a.fluidity)],
  ['Tears hot', (a) => `${of5(a.hotTearing)}, 5 is worst`],
  ['Tight', (a) => of5(a.pressureTightness)],
  ['Freezes', (a) => `${a.freezing}, over ${a.freezingRange_C} K`],
  ['Cuts', (a) => `${a.machinability} against 100 for free-cutting brass`],
  ['Welds', (a) => `${of5(a.weldability)}: ${a.weldNote}`],
  ['Remelted', (a) => a.remelt],
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
  ids,
  pairOf,
  q,
  onDrop,
}: {
  readonly ids: readonly string[];
  /** What an alloy comes to on every route; undefined where that is still being worked out. */
  readonly pairOf: (alloyId: string) => AlloyPair | undefined;
  readonly q: number;
  readonly onDrop: (alloyId: string) => void;
}) {
  const { id, brief, study, setBrief } = useStudy('id', 'brief', 'study', 'setBrief');
  const [units] = useUnits();
  const open = useAlloyWorking();
  const alloys = ids.flatMap((alloyId) => {
    const listed = findAlloy(alloyId);
    return listed === undefined ? [] : [pricedAlloy(listed, study.rates)];
  });
  if (!alloys.some((a) => a.id !== brief.alloy))
    return (
      <Text className="section" textStyle="label" color="fg.muted">
        Tick alloys below to set them beside the brief’s own, up to four.
      </Text>
    );
  const unread = keptTyping(id) !== null;
  return (
    <Section title="Side by side" data-testid="compare">
      <Table.ScrollArea>
        <Table.Root className="compare" size="md" interactive aria-label="Alloys side by side">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>
                <VisuallyHidden>What</VisuallyHidden>
              </Table.ColumnHeader>
              {alloys.map((a) => (
                <Table.ColumnHeader key={a.id}>
                  {a.name}
                  <div style={{ display: 'flex', gap: 8, marginTop: 6 }}>
                    {a.id === brief.alloy ? (
                      <Span color="fg.muted">the brief’s alloy</Span>
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
                    <Button size="xs" variant="outline" aria-label={`Drop ${a.name}`} onClick={() => onDrop(a.id)}>
                      Drop
                    </Button>
                  </div>
                </Table.ColumnHeader>
              ))}
            </Table.Row>
          </Table.Header>
          <Table.Body>
            <Table.Row>
              <Table.ColumnHeader scope="row">Best poured by</Table.ColumnHeader>
              {alloys.map((a) => {
                const pair = pairOf(a.id);
                const best = pair?.leader == null ? 'no route' : shortName(pair.leader);
                return <Table.Cell key={a.id}>{pair === undefined ? <Waiting /> : best}</Table.Cell>;
              })}
            </Table.Row>
            {ROUTES.map((route) => (
              <Table.Row key={route.id}>
                <Table.ColumnHeader scope="row">{route.name}</Table.ColumnHeader>
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
                          <Unit>{study.rates.currency.code} a part</Unit>
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
        <Text textStyle="label" style={{ color: INK.alarm }}>
          The brief holds a figure that cannot be read. Fix it first; then an alloy can be chosen here.
        </Text>
      )}
      <Text textStyle="label" color="fg.muted">
        Typical values for comparing routes, never for releasing a drawing. Scrap of unknown composition is refused
        where strength, corrosion or lead matter later.
      </Text>
    </Section>
  );
}
