'use client';
import { Box, Span, Table, Text, VisuallyHidden } from '@chakra-ui/react';
import { FigureButton, PageLink, Section } from '../kit';
import type { Triple } from '@/core/base/figures';
import type { UnitSystem } from '@/core/base/units';
import { gravity, isInRange, ruleText, type Finding } from '@/core/screening';
import { Glossed } from '../glossary/glossed';
import { Emblem } from '../marks/emblem';
import { Mark, STATUS_WORDS } from '../marks/mark';
import { roomPercent, Spare } from '../marks/spare';
import { figureOfRule } from '@/core/study/workings';
import { useUnits } from '../preferences';
import { SheetPage } from '../shell/sheet';
import { CautionsList } from '../study/cautions-list';
import { useQuantity, useStudy } from '../study/study-context';
import { Advice } from './advice';
import { LookAndShop, Losses, RankingPage } from './lane-pages';
import { isOld, sourceWords } from '../foundries/said-words';
import { textInUnits } from '../text-in-units';
import { findingValue, sentence } from './finding-words';
import { ruleName } from './rule-names';

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
    <SheetPage
      title={
        <>
          <Emblem laneId={laneId} size={22} /> {lane ? `${lane.name}: ${STATUS_WORDS[lane.status]}` : laneId}
        </>
      }
      under={lane?.variantName}
    >
      {lane?.uncosted != null && <Text>{lane.uncosted}</Text>}
      <Table.ScrollArea>
        <Table.Root size="sm" whiteSpace="normal">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>
                <VisuallyHidden>Verdict</VisuallyHidden>
              </Table.ColumnHeader>
              <Table.ColumnHeader>Rule</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Part</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Limit</Table.ColumnHeader>
              <Table.ColumnHeader>Margin</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {findings.map((f, i) => (
              <Reason key={`${f.rule}${i}`} f={f} onWorking={(figure) => onWorking({ laneId, figure })} />
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      <RankingPage laneId={laneId} />
      <Losses laneId={laneId} onWorking={(figure) => onWorking({ laneId, figure })} />
      <Advice laneId={laneId} />
      <LookAndShop laneId={laneId} />
      {study.alloy !== null && (
        <Section title="Safety">
          <CautionsList routeIds={[laneId.split('/')[0] ?? laneId]} alloy={study.alloy} brief={study.brief} />
        </Section>
      )}
    </SheetPage>
  );
}

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
    <PageLink textStyle="label" href={`/studies/${id}/part#show=${place}`}>
      show on the part
    </PageLink>
  );
}

/** The range of a limit, and whether it leaves open what holds. */
function rangeWords(f: Finding, [low, , high]: Triple, units: UnitSystem): string {
  const range = `It is given as ${findingValue(low, f.unit, units)} to ${findingValue(high, f.unit, units)}`;
  return isInRange(f.value, f.source ?? {})
    ? `${range}; the part lies in that range, so ask before you rely on it.`
    : `${range}; the part lies outside that range.`;
}

function Reason({ f, onWorking }: { f: Finding; onWorking: (figure: string) => void }) {
  const [units] = useUnits();
  const { orderDate } = useStudy('orderDate');
  const figure = figureOfRule(f.rule, f.fields);
  const isWidth = figure?.startsWith('width.') === true;
  const value = findingValue(f.value, f.unit, units);
  const limit = f.limit === null ? '' : findingValue(f.limit, f.unit, units);
  const opening = (text: string) => (
    <FigureButton onClick={() => figure !== null && onWorking(figure)}>{text}</FigureButton>
  );
  const text = ruleText(f.rule);
  return (
    <Table.Row>
      <Table.Cell>
        <Mark status={f.status} />
      </Table.Cell>
      <Table.Cell>
        <strong>
          {ruleName(f.rule)}
          {f.subject && `: ${textInUnits(f.subject, units)}`}
        </strong>
        <Box textStyle="label">
          <Glossed text={sentence(textInUnits(f.reason, units))} />
        </Box>
        {f.who !== null && <Box textStyle="label">Who can: {f.who}.</Box>}
        {f.source !== undefined && (
          <Box textStyle="label" color="fg.muted" data-source="">
            Limit of {sourceWords(f.source)}
            {isOld(f.source.date, orderDate) && <Span color="alarm"> · over a year old</Span>}.
            {f.source.range !== undefined && ` ${rangeWords(f, f.source.range, units)}`}
          </Box>
        )}
        {f.status !== 'fits' && f.fixes.length > 0 && (
          <Box textStyle="label">
            →{' '}
            {textInUnits(
              f.fixes
                .slice(0, 3)
                .map((m, i) => (i === 0 ? m : m.charAt(0).toLowerCase() + m.slice(1)))
                .join('; '),
              units,
            )}
            .
          </Box>
        )}
        {f.status !== 'fits' && text !== undefined && (
          <Box textStyle="label" color="fg.muted">
            <Glossed text={text.costEffect} />
          </Box>
        )}
        <SeenOnPart rule={f.rule} />
      </Table.Cell>
      <Table.Cell className="num">
        {figure !== null && !isWidth && typeof f.value === 'number' ? opening(value) : value}
      </Table.Cell>
      <Table.Cell className="num">{isWidth && typeof f.limit === 'number' ? opening(limit) : limit}</Table.Cell>
      <Table.Cell minW="24">
        {f.margin !== null && <Span textStyle="label">{findingValue(f.margin, f.unit, units)}</Span>}
        <Spare percent={roomPercent(f.spare)} />
      </Table.Cell>
    </Table.Row>
  );
}
