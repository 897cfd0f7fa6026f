'use client';
import { Span, Table, Text } from '@chakra-ui/react';
import { FigureButton } from '../kit';
import { useMemo } from 'react';
import { boardAt } from '@/core/comparison/board';
import { withoutAll, type RequirementCost } from '@/core/comparison/requirements';
import { laneWords } from '@/core/catalogue/routes';
import { perPart, signed, whole } from '../format';
import { useUnits } from '../preferences';
import { SheetPage } from '../shell/sheet';
import { useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import { askedWords } from './asked';

/** One requirement lane by lane: all in with it, without it, what it adds, and the lanes it closes. */
export function EffectPage({ cost, q }: { readonly cost: RequirementCost; readonly q: number }) {
  const { brief, school, study, prepare, orderDate } = useStudy('brief', 'school', 'study', 'prepare', 'orderDate');
  const { openWorking } = useSheets();
  const [units] = useUnits();
  const { requirement: r } = cost;
  const asked = useMemo(() => boardAt(study, q, orderDate), [study, q, orderDate]);
  const without = useMemo(() => {
    const relaxed = prepare(withoutAll(brief, [r.id]), school, study.rates);
    return { study: relaxed, q, words: `without ${r.name}`, board: boardAt(relaxed, q, orderDate) };
  }, [brief, school, study.rates, prepare, r.id, r.name, q, orderDate]);
  const code = study.rates.currency.code;
  const rows = cost.lanes
    .flatMap((effect) => {
      const free = without.board.lanes.find((l) => l.id === effect.laneId);
      const lane = asked.lanes.find((l) => l.id === effect.laneId);
      return free === undefined || lane === undefined || free.status === 'blocked' || free.money === null
        ? []
        : [{ effect, lane, allIn: free.money.allIn }];
    })
    .sort((a, b) => a.allIn - b.allIn);
  const barred = cost.lanes.length - rows.length;
  const how = askedWords(r, units);
  return (
    <SheetPage
      title={`${r.name}${how === '' ? '' : `: ${how}`}`}
      under={`What it adds at ${whole(q)} pieces. Without it: ${r.relaxed}.`}
    >
      <Table.ScrollArea>
        <Table.Root size="sm">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Route</Table.ColumnHeader>
              <Table.ColumnHeader className="num">With it, {code}</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Without, {code}</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Adds, {code}</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Days</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {rows.map(({ effect, lane, allIn }) => (
              <Table.Row key={lane.id}>
                <Table.Cell>
                  {laneWords(lane.id).route}{' '}
                  <Span color="fg.muted" textStyle="label">
                    {laneWords(lane.id).variant}
                  </Span>
                </Table.Cell>
                <Table.Cell className="num">
                  {effect.closes && lane.status === 'blocked' ? (
                    'ruled out by it'
                  ) : (
                    <FigureButton onClick={() => openWorking({ laneId: lane.id, figure: 'allIn', q })}>
                      {perPart(lane.money?.allIn ?? 0)}
                    </FigureButton>
                  )}
                </Table.Cell>
                <Table.Cell className="num">
                  <FigureButton onClick={() => openWorking({ laneId: lane.id, figure: 'allIn' }, without)}>
                    {perPart(allIn)}
                  </FigureButton>
                </Table.Cell>
                <Table.Cell className="num">{effect.addsAllIn === null ? '' : signed(effect.addsAllIn, 2)}</Table.Cell>
                <Table.Cell className="num">
                  {effect.closes && lane.status !== 'blocked'
                    ? 'too late'
                    : effect.addsFirst_d === null
                      ? ''
                      : signed(effect.addsFirst_d, 1)}
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      {barred > 0 && (
        <Text textStyle="label" color="fg.muted">
          {barred} more are ruled out with and without it.
        </Text>
      )}
      {r.path.startsWith('needs.pressure') && (
        <Text textStyle="label" color="fg.muted">
          Pressure parts are tested and released by licensed persons; local codes decide.
        </Text>
      )}
    </SheetPage>
  );
}
