'use client';
import { Button, Flex, Table, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { boardAt, type Board } from '@/core/comparison/board';
import { shortName } from '@/core/catalogue/routes';
import { adoptedOf, methodOffers, type Method, type MethodOffer } from '@/core/method';
import { STAND_WORDS, standsOn } from '@/core/study';
import { perPart, plainDate, significant, weeks } from '../format';
import { CheckBox, FigureButton, Section, Unit } from '../kit';
import { useQuantity, useStudy } from '../study/study-context';

const DIGITS = 3;

/** Money and first parts of a lane on a board, and who leads there. */
interface Effect {
  readonly allIn: number | null;
  readonly first_d: number | null;
  readonly leader: string | null;
}

const effectOf = (board: Board, laneId: string): Effect => {
  const lane = board.lanes.find((l) => l.id === laneId);
  return { allIn: lane?.money?.allIn ?? null, first_d: lane?.dates?.firstArticle_d ?? null, leader: board.leader };
};

/** What the method offers its study: each figure before and after, and what it does to cost, dates and the leader. */
export function FlowBack({ method, onFigure }: { readonly method: Method; readonly onFigure: (id: string) => void }) {
  const { study, brief, school, prepare, setBrief, orderDate } = useStudy(
    'study',
    'brief',
    'school',
    'prepare',
    'setBrief',
    'orderDate',
  );
  const { q } = useQuantity();
  const { laneId } = method;
  const entry = study.lanes.find((l) => l.lane.id === laneId);
  const { adopted: all, ...rest } = brief.overrides;
  const adopted = all?.[laneId];
  // What is offered stands against the lane as it would be without what was adopted.
  const plain = useMemo(() => {
    const others = Object.fromEntries(Object.entries(all ?? {}).filter(([id]) => id !== laneId));
    return prepare({ ...brief, overrides: { ...brief.overrides, adopted: others } }, school, study.rates);
  }, [all, brief, laneId, prepare, school, study.rates]);
  const offers = useMemo(() => {
    const bare = plain.lanes.find((l) => l.lane.id === laneId);
    return bare === undefined ? [] : methodOffers(method, bare);
  }, [plain, method, laneId]);
  const [left, setLeft] = useState<ReadonlySet<MethodOffer['id']>>(new Set());
  const taken = offers.filter((o) => !left.has(o.id));
  const after = useMemo(() => {
    const to = {
      ...(all ?? {}),
      [laneId]: adoptedOf(
        offers.filter((o) => !left.has(o.id)),
        orderDate,
      ),
    };
    const next = prepare({ ...brief, overrides: { ...brief.overrides, adopted: to } }, school, study.rates);
    return effectOf(boardAt(next, q, null), laneId);
  }, [all, brief, laneId, left, offers, prepare, q, school, study.rates, orderDate]);
  const before = useMemo(() => effectOf(boardAt(plain, q, null), laneId), [plain, q, laneId]);
  if (entry === undefined || offers.length === 0) return null;
  const put = (next: typeof adopted): void => {
    const others = Object.fromEntries(Object.entries(all ?? {}).filter(([id]) => id !== laneId));
    const to = next === undefined ? others : { ...others, [laneId]: next };
    setBrief({ ...brief, overrides: { ...rest, ...(Object.keys(to).length === 0 ? {} : { adopted: to }) } });
  };
  const same =
    adopted !== undefined &&
    offers.every((o) => (left.has(o.id) ? adopted[o.id] === undefined : adopted[o.id] === o.now));
  const currency = study.rates.currency.code;
  const stands = standsOn(entry).map((s) => STAND_WORDS[s]);
  return (
    <Section title="Back to cost and dates" under={`this lane stands on ${stands.join(', ')}`} data-testid="flow-back">
      <Table.ScrollArea tabIndex={0}>
        <Table.Root size="sm" aria-label="Figures of the method for cost and dates">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Figure</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Without the method</Table.ColumnHeader>
              <Table.ColumnHeader className="num">By the method</Table.ColumnHeader>
              <Table.ColumnHeader>Unit</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {offers.map((o) => (
              <Table.Row key={o.id} data-offer={o.id}>
                <Table.Cell>
                  <CheckBox
                    checked={!left.has(o.id)}
                    onChange={(on) => setLeft((s) => new Set(on ? [...s].filter((x) => x !== o.id) : [...s, o.id]))}
                  >
                    {o.title}
                  </CheckBox>
                </Table.Cell>
                <Table.Cell className="num">{o.was === null ? 'none' : significant(o.was, DIGITS)}</Table.Cell>
                <Table.Cell className="num">
                  <FigureButton title={`${o.title}: open the working`} onClick={() => onFigure(o.figure)}>
                    {significant(o.now, DIGITS)}
                  </FigureButton>
                </Table.Cell>
                <Table.Cell>
                  <Unit>{o.unit === '1' ? (o.id === 'warmUpPours' ? 'pours' : 'share') : o.unit}</Unit>
                </Table.Cell>
              </Table.Row>
            ))}
            <EffectRow name="Cost per part" of={[before.allIn, after.allIn]} say={perPart} unit={currency} />
            <EffectRow
              name="First parts after the order"
              of={[before.first_d, after.first_d]}
              say={weeks}
              unit="weeks"
            />
            <Table.Row data-offer="leader">
              <Table.Cell>Leader at this quantity</Table.Cell>
              <Table.Cell className="num">{before.leader === null ? 'none' : shortName(before.leader)}</Table.Cell>
              <Table.Cell className="num" fontWeight={before.leader === after.leader ? 'normal' : 'bold'}>
                {after.leader === null ? 'none' : shortName(after.leader)}
              </Table.Cell>
              <Table.Cell />
            </Table.Row>
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      <Flex gap="3" my="2" alignItems="center" flexWrap="wrap">
        <Button
          size="sm"
          disabled={same || taken.length === 0}
          onClick={() => put(adoptedOf(taken, new Date().toISOString().slice(0, 10)))}
        >
          Use the method’s figures
        </Button>
        {adopted !== undefined && (
          <Button size="sm" variant="outline" onClick={() => put(undefined)}>
            Use the figures without the method
          </Button>
        )}
        <Text textStyle="label" color="fg.muted">
          {adopted === undefined
            ? 'Until they are used, cost and dates stand on the values in the first column.'
            : same
              ? `Used since ${plainDate(adopted.date)}: board, simulation, workbook and record stand on them.`
              : 'The method has moved since these figures were used: use them again, or leave them.'}
        </Text>
      </Flex>
    </Section>
  );
}

function EffectRow({
  name,
  of: [was, now],
  say,
  unit,
}: {
  readonly name: string;
  readonly of: readonly [number | null, number | null];
  readonly say: (x: number) => string;
  readonly unit: string;
}) {
  const words = [was, now].map((x) => (x === null ? 'none' : say(x)));
  return (
    <Table.Row data-offer={name}>
      <Table.Cell>{name}</Table.Cell>
      <Table.Cell className="num">{words[0]}</Table.Cell>
      <Table.Cell className="num" fontWeight={words[0] === words[1] ? 'normal' : 'bold'}>
        {words[1]}
      </Table.Cell>
      <Table.Cell>
        <Unit>{unit}</Unit>
      </Table.Cell>
    </Table.Row>
  );
}
