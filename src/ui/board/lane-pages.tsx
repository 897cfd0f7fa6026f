'use client';
import { DataList, Span, Table } from '@chakra-ui/react';
import { FigureButton, Section, Unit } from '../kit';
import { useMemo } from 'react';
import { POLICY_WORDS, type FeatureCall, type FeatureVerdict } from '@/core/part';
import { LAYER_LINES, LOOKS, MASTER_COPIES, SHOPS } from '@/core/catalogue/routes';
import { WASTE_FIGURES } from '@/core/cost/equations';
import { workingOf } from '@/core/study/workings';
import { fixed } from '../format';
import { useUnits } from '../preferences';
import { useQuantity, useStudy } from '../study/study-context';
import { findingValue } from './finding-words';

interface Props {
  readonly laneId: string;
}

/** What first pours, lost positions, scrap, learning and worn tools cost a part; each line opens its working. */
export function Losses({ laneId, onWorking }: Props & { readonly onWorking: (figure: string) => void }) {
  const { study } = useStudy('study');
  const { q } = useQuantity();
  const costed = (study.lanes.find((e) => e.lane.id === laneId)?.costs.length ?? 0) > 0;
  const lines = useMemo(
    () => (costed ? WASTE_FIGURES.map((figure) => workingOf(study, laneId, q, figure)) : []),
    [study, laneId, q, costed],
  );
  if (lines.length === 0) return null;
  return (
    <Section title="Losses" under="already in the totals; listed separately here" data-testid="losses">
      <Table.Root size="sm" aria-label="Losses">
        <Table.Body>
          {lines.map((w) => (
            <Table.Row key={w.figure}>
              <Table.Cell>{w.title}</Table.Cell>
              <Table.Cell className="num">
                <FigureButton onClick={() => onWorking(w.figure)}>{fixed(w.value, 3)}</FigureButton>
                <Unit>{w.unit}</Unit>
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Section>
  );
}

const VERDICT_WORDS: Readonly<Record<FeatureVerdict, string>> = {
  'as-cast': 'held as cast',
  machine: 'machined',
  'cast-sorted': 'cast and sorted',
  'not-held': 'not held',
  'not-known': 'not known',
};

/** Dimensions on which the two tolerance policies differ, both verdicts side by side. */
export function RankingPage({ laneId }: Props) {
  const { school, study } = useStudy('school', 'study');
  const [units] = useUnits();
  const calls = study.lanes.find((e) => e.lane.id === laneId)?.part?.features ?? [];
  const parted = calls.filter((c) => c.otherVerdict !== null && c.otherVerdict !== c.verdict);
  if (parted.length === 0) return null;
  const width = (mm: number | null): string => (mm === null ? '' : `${findingValue(mm, 'mm', units)}: `);
  const claimed = school === 'specialist' ? 'specialist' : 'shop';
  const side = (c: FeatureCall, of: 'published' | 'shop' | 'specialist'): string =>
    of === school
      ? `${width(c.cast_mm)}${VERDICT_WORDS[c.verdict]}`
      : `${width(c.otherPolicy_mm)}${VERDICT_WORDS[c.otherVerdict ?? 'not-known']}`;
  return (
    <Section
      title="Where the tolerances differ"
      under={<>this study uses {POLICY_WORDS[school]}</>}
      data-testid="rankings"
    >
      <Table.Root size="sm" aria-label="Where the tolerances differ">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Dimension</Table.ColumnHeader>
            <Table.ColumnHeader>Published grades</Table.ColumnHeader>
            <Table.ColumnHeader>{POLICY_WORDS[claimed].replace(/^./, (x) => x.toUpperCase())}</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {parted.map((c) => (
            <Table.Row key={c.feature.id}>
              <Table.Cell>
                {c.feature.name || c.feature.id}
                <Span color="fg.muted"> asked {findingValue(c.feature.tol_mm, 'mm', units)}</Span>
              </Table.Cell>
              <Table.Cell>{side(c, 'published')}</Table.Cell>
              <Table.Cell>{side(c, claimed)}</Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Section>
  );
}

/** What the casting looks like, how the route deals with what leans back, and the room and air it needs. */
export function LookAndShop({ laneId }: Props) {
  const { study } = useStudy('study');
  const [units] = useUnits();
  const entry = study.lanes.find((e) => e.lane.id === laneId);
  const look = entry === undefined ? undefined : LOOKS[entry.lane.route.id];
  if (entry === undefined || look === undefined) return null;
  const { capability, route, variant } = entry.lane;
  const skin = study.facts === null ? undefined : capability.Ra_um[study.facts.family];
  const layers = LAYER_LINES[laneId];
  const said = (words: string): boolean => !/^(none|rates )/.test(words);
  return (
    <Section title="Surface, mould and shop" data-testid="look">
      <DataList.Root>
        <DataList.Item>
          <DataList.ItemLabel>Skin</DataList.ItemLabel>
          <DataList.ItemValue>
            <div>
              {look.skin}
              {skin !== undefined &&
                ` Ra ${findingValue(skin[0], 'µm', units)} at best, ${findingValue(skin[1], 'µm', units)} usual.`}
              {layers !== undefined && ` ${layers}`}
              {MASTER_COPIES.has(laneId) && ' Every mark of the master shows on every copy.'}
            </div>
          </DataList.ItemValue>
        </DataList.Item>
        <DataList.Item>
          <DataList.ItemLabel>Parting line</DataList.ItemLabel>
          <DataList.ItemValue>
            <div>{look.parting}</div>
          </DataList.ItemValue>
        </DataList.Item>
        <DataList.Item>
          <DataList.ItemLabel>Gate witness</DataList.ItemLabel>
          <DataList.ItemValue>
            <div>{look.gate}</div>
          </DataList.ItemValue>
        </DataList.Item>
        <DataList.Item>
          <DataList.ItemLabel>Undercuts</DataList.ItemLabel>
          <DataList.ItemValue>
            <div>
              By {capability.undercut.mode.replaceAll('-', ' ')}, at most {capability.undercut.max}.
              {said(capability.undercut.toolCost) && ` In the tool: ${capability.undercut.toolCost}.`}
              {said(capability.undercut.pieceCost) && ` In each piece: ${capability.undercut.pieceCost}.`}
            </div>
          </DataList.ItemValue>
        </DataList.Item>
        <DataList.Item>
          <DataList.ItemLabel>Inner passages</DataList.ItemLabel>
          <DataList.ItemValue>
            <div>
              {capability.passages.max === 0
                ? 'None.'
                : `By ${capability.passages.mode.replaceAll('-', ' ')}, at most ${capability.passages.max}.`}
              {capability.passages.note !== undefined && ` ${capability.passages.note}.`}
            </div>
          </DataList.ItemValue>
        </DataList.Item>
        <DataList.Item>
          <DataList.ItemLabel>Variant</DataList.ItemLabel>
          <DataList.ItemValue>
            <div>
              {variant.name}: {variant.why}
            </div>
          </DataList.ItemValue>
        </DataList.Item>
        <DataList.Item>
          <DataList.ItemLabel>Mould</DataList.ItemLabel>
          <DataList.ItemValue>
            <div>{route.mould}</div>
          </DataList.ItemValue>
        </DataList.Item>
        <DataList.Item>
          <DataList.ItemLabel>Room</DataList.ItemLabel>
          <DataList.ItemValue>
            <div>{SHOPS[route.id]?.room}</div>
          </DataList.ItemValue>
        </DataList.Item>
        <DataList.Item>
          <DataList.ItemLabel>Air and waste</DataList.ItemLabel>
          <DataList.ItemValue>
            <div>{SHOPS[route.id]?.environment}</div>
          </DataList.ItemValue>
        </DataList.Item>
      </DataList.Root>
    </Section>
  );
}
