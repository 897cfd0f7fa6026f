'use client';
import { Box, chakra, Flex, Table, VisuallyHidden } from '@chakra-ui/react';
import { useState } from 'react';
import { laneWords, shortName } from '@/core/catalogue/routes';
import type { RequirementCost } from '@/core/comparison/requirements';
import { fixed, perPart, signed, whole } from '../format';
import { FigureButton, PageLink, Segments, TextButton } from '../kit';
import { Emblem } from '../marks/emblem';
import { useUnits } from '../preferences';
import { useStudy } from '../study/study-context';
import { askedWords } from './asked';
import { MOST_WHAT_IFS, useWhatIfs } from './what-ifs';
import { textInUnits } from '../text-in-units';

/** What the bars are of. */
type By = 'cost' | 'days';
const BY = [
  ['cost', 'cost'],
  ['days', 'days'],
] as const;

/** An amount that shows as nothing at two digits. */
const NOTHING = 0.005;

const Bar = chakra('span', {
  base: {
    display: 'block',
    minW: '9rem',
    height: '10px',
    bg: 'bg.muted',
    position: 'relative',
    printColorAdjust: 'exact',
    '& i': { position: 'absolute', insetBlock: 0, left: 0, bg: 'fg.muted' },
    '& i[data-saves]': { bg: 'transparent', border: '1.5px solid {colors.fg.muted}' },
  },
});

const amountOf = (cost: RequirementCost, by: By): number | null => (by === 'cost' ? cost.adds : cost.addsFirst_d);

/** One route of each of some lanes, drawn by its emblem. */
const routesOf = (ids: readonly string[]): readonly string[] => [
  ...new Map(ids.map((id) => [laneWords(id).route, id])).values(),
];

/** The requirements on one scale: what each adds in money or days, the routes it closes, and the way to try without it. */
export function CostTable({
  costs,
  onOpen,
}: {
  readonly costs: readonly RequirementCost[];
  readonly onOpen: (id: string) => void;
}) {
  const { study } = useStudy('study');
  const [by, setBy] = useState<By>('cost');
  const code = study.rates.currency.code;
  const most = Math.max(...costs.map((c) => Math.abs(amountOf(c, by) ?? 0)));
  const sorted =
    by === 'cost' ? costs : costs.toSorted((a, b) => (b.addsFirst_d ?? Infinity) - (a.addsFirst_d ?? Infinity));
  return (
    <>
      <Flex gap="2" align="center" mb="1" textStyle="label">
        Bars by
        <Segments label="Bars by" value={by} options={BY} onChange={setBy} />
      </Flex>
      <Table.ScrollArea>
        <Table.Root size="sm" interactive aria-label="Cost of each requirement">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Requirement</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Asked</Table.ColumnHeader>
              <Table.ColumnHeader>
                {by === 'cost' ? `0–${perPart(most)} ${code} per part` : `0–${fixed(most, 1)} days`}
              </Table.ColumnHeader>
              <Table.ColumnHeader className="num">Adds, {code} per part</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Total, {code}</Table.ColumnHeader>
              <Table.ColumnHeader className="num">First article, days</Table.ColumnHeader>
              <Table.ColumnHeader>Rules out</Table.ColumnHeader>
              <Table.ColumnHeader>
                <VisuallyHidden>Try</VisuallyHidden>
              </Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {sorted.map((c) => (
              <CostRow
                key={c.requirement.id}
                cost={c}
                share={most > 0 ? (amountOf(c, by) ?? 0) / most : 0}
                onOpen={() => onOpen(c.requirement.id)}
              />
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
    </>
  );
}

function CostRow({
  cost,
  share,
  onOpen,
}: {
  readonly cost: RequirementCost;
  /** Length of its bar over the longest, −1 to 1; below 0 it saves. */
  readonly share: number;
  readonly onOpen: () => void;
}) {
  const [units] = useUnits();
  const { id } = useStudy('id');
  const { requirement: r, adds } = cost;
  const nothing = adds !== null && Math.abs(adds) < NOTHING && cost.opens.length === 0;
  const figure = (text: string, label: string) => (
    <FigureButton onClick={onOpen} aria-label={`${text} ${label}, route by route`}>
      {text}
    </FigureButton>
  );
  return (
    <Table.Row data-requirement={r.id} data-quiet={nothing || undefined}>
      <Table.Cell>
        <PageLink href={`/studies/${id}/brief#field-${r.path.replaceAll('.', '-')}`}>
          {textInUnits(r.name, units)}
        </PageLink>
      </Table.Cell>
      <Table.Cell className="num">{askedWords(r, units)}</Table.Cell>
      <Table.Cell>
        <Bar aria-hidden="true">
          <i style={{ width: `${100 * Math.abs(share)}%` }} data-saves={share < 0 || undefined} />
        </Bar>
      </Table.Cell>
      <Table.Cell className="num">
        {adds === null
          ? figure(cost.leader === null ? 'no route opens' : 'every route', 'depends on it')
          : figure(perPart(adds), 'per part')}
      </Table.Cell>
      <Table.Cell className="num">
        {cost.addsInAll === null ? '' : figure(whole(cost.addsInAll), 'in total')}
      </Table.Cell>
      <Table.Cell className="num">
        {cost.addsFirst_d === null ? '' : figure(signed(cost.addsFirst_d, 1), 'days')}
      </Table.Cell>
      <Table.Cell textStyle="label">
        {cost.opens.length > 0 && (
          <FigureButton onClick={onOpen}>
            {routesOf(cost.opens).map((laneId, i) => (
              <span key={laneId}>
                {i > 0 && ', '}
                <Emblem laneId={laneId} size={14} /> {laneWords(laneId).route}
              </span>
            ))}
          </FigureButton>
        )}
        {cost.leader !== null && cost.opens.includes(cost.leader) && (
          <Box color="fg.muted">
            {shortName(cost.leader)} would lead at {fixed(cost.allIn ?? 0, 2)}
          </Box>
        )}
      </Table.Cell>
      <Table.Cell className="num">
        <TryWithout cost={cost} />
      </Table.Cell>
    </Table.Row>
  );
}

/** The way to set the brief without a requirement beside the brief. */
function TryWithout({ cost: { requirement: r } }: { readonly cost: RequirementCost }) {
  const { list, add } = useWhatIfs();
  const tried = list.some((ids) => ids.length === 1 && ids[0] === r.id);
  const full = list.length >= MOST_WHAT_IFS;
  return (
    <TextButton
      size="xs"
      disabled={tried || full}
      title={tried ? 'Already compared above' : full ? 'Three are compared above' : r.relaxed}
      onClick={() => add([r.id])}
      aria-label={`Try without: ${r.name}`}
    >
      {tried ? 'compared' : 'try without'}
    </TextButton>
  );
}
