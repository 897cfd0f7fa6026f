'use client';
import { Box, Table, VisuallyHidden } from '@chakra-ui/react';
import { FigureButton, PageLink, TextButton } from '../kit';
import type { RequirementCost } from '@/core/comparison/requirements';
import { laneWords, shortName } from '@/core/catalogue/routes';
import { fixed, perPart, signed, whole } from '../format';
import { useUnits } from '../preferences';
import { useStudy } from '../study/study-context';
import { askedWords } from './asked';
import { MOST_WHAT_IFS, useWhatIfs } from './what-ifs';

/** Routes of some lanes, each named once. */
const routesOf = (ids: readonly string[]): string => [...new Set(ids.map((id) => laneWords(id).route))].join(', ');

/** The requirements with what each adds, what it closes, and the way to try the brief without it. */
export function CostTable({
  costs,
  onOpen,
}: {
  readonly costs: readonly RequirementCost[];
  readonly onOpen: (id: string) => void;
}) {
  const { study } = useStudy('study');
  const most = Math.max(...costs.map((c) => c.adds ?? 0));
  const code = study.rates.currency.code;
  return (
    <Table.ScrollArea>
      <Table.Root className="asks" size="md" interactive aria-label="What each requirement costs">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Asked</Table.ColumnHeader>
            <Table.ColumnHeader className="num">How much</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Adds, {code} a part</Table.ColumnHeader>
            <Table.ColumnHeader className="num">In all, {code}</Table.ColumnHeader>
            <Table.ColumnHeader className="num">First article, days</Table.ColumnHeader>
            <Table.ColumnHeader>Closes</Table.ColumnHeader>
            <Table.ColumnHeader>
              <VisuallyHidden>Try</VisuallyHidden>
            </Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {costs.map((c) => (
            <CostRow key={c.requirement.id} cost={c} most={most} onOpen={() => onOpen(c.requirement.id)} />
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}

function CostRow({
  cost,
  most,
  onOpen,
}: {
  readonly cost: RequirementCost;
  readonly most: number;
  readonly onOpen: () => void;
}) {
  const [units] = useUnits();
  const { id } = useStudy('id');
  const { list, add } = useWhatIfs();
  const { requirement: r, adds } = cost;
  const nothing = adds !== null && Math.abs(adds) < 0.005 && cost.opens.length === 0;
  const tried = list.some((ids) => ids.length === 1 && ids[0] === r.id);
  const figure = (text: string, label: string) => (
    <FigureButton onClick={onOpen} aria-label={`${text} ${label}, lane by lane`}>
      {text}
    </FigureButton>
  );
  return (
    <Table.Row data-requirement={r.id} className={nothing ? 'is-nothing' : undefined}>
      <Table.Cell>
        <PageLink href={`/studies/${id}/brief#field-${r.path.replaceAll('.', '-')}`}>{r.name}</PageLink>
      </Table.Cell>
      <Table.Cell className="num">{askedWords(r, units)}</Table.Cell>
      <Table.Cell className="num">
        {adds === null ? (
          figure(cost.leader === null ? 'nothing opens' : 'every route', 'hang on it')
        ) : (
          <>
            <span className="weight" aria-hidden="true">
              <i style={{ width: `${most > 0 ? Math.max(0, 100 * (adds / most)) : 0}%` }} />
            </span>
            {figure(perPart(adds), 'a part')}
          </>
        )}
      </Table.Cell>
      <Table.Cell className="num">{cost.addsInAll === null ? '' : figure(whole(cost.addsInAll), 'in all')}</Table.Cell>
      <Table.Cell className="num">
        {cost.addsFirst_d === null ? '' : figure(signed(cost.addsFirst_d, 1), 'days')}
      </Table.Cell>
      <Table.Cell textStyle="label">
        {cost.opens.length > 0 && <FigureButton onClick={onOpen}>{routesOf(cost.opens)}</FigureButton>}
        {cost.leader !== null && cost.opens.includes(cost.leader) && (
          <Box color="fg.muted">
            {shortName(cost.leader)} would lead at {fixed(cost.allIn ?? 0, 2)}
          </Box>
        )}
      </Table.Cell>
      <Table.Cell className="num">
        <TextButton
          size="sm"
          disabled={tried || list.length >= MOST_WHAT_IFS}
          title={
            tried
              ? 'Stands beside the brief'
              : list.length >= MOST_WHAT_IFS
                ? 'Three stand beside the brief'
                : r.relaxed
          }
          onClick={() => add([r.id])}
          aria-label={`Try without: ${r.name}`}
        >
          {tried ? 'tried' : 'try without'}
        </TextButton>
      </Table.Cell>
    </Table.Row>
  );
}
