'use client';
import { Box, Field, Flex, Input, Span, Table, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { damageFigure, MOST_ENDS, MOST_SERVICE_YEARS, oneForMany } from '@/core/baselines';
import { shortName } from '@/core/catalogue/routes';
import { workingOf } from '@/core/study/workings';
import { readFigure } from '../fields/numbers';
import { WithUnit } from '../fields/with-unit';
import { perPart, significant } from '../format';
import { FigureButton, Section, Unit } from '../kit';
import { useQuantity, useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';

/** A whole or broken number above 0 that is typed; the text itself where it is none. */
function useTyped(start: number, most: number, whole: boolean) {
  const [text, setText] = useState(String(start));
  const read = readFigure(text, null, 'si');
  const good = typeof read === 'number' && read > 0 && read <= most && (!whole || Number.isInteger(read));
  return { text, setText, value: good ? read : null };
}

/** Where today's way is an assembly: what damage costs once one casting stands in its place, and whether bolted ends pay. */
export function OneForMany() {
  const { study, brief } = useStudy('study', 'brief');
  const { board, q } = useQuantity();
  const { openWorking } = useSheets();
  const ends = useTyped(2, MOST_ENDS, true);
  const years = useTyped(10, MOST_SERVICE_YEARS, false);
  const leader = board.lanes.find((l) => l.id === board.leader);
  const allIn = leader?.money?.allIn ?? null;
  const [n, y] = [ends.value, years.value];
  const found =
    allIn === null || study.facts === null || n === null || y === null
      ? null
      : oneForMany(study.facts, study.rates, allIn, n, y);
  const today = useMemo(
    () =>
      study.baselines.some((b) => b.id === 'fabricated') ? workingOf(study, 'fabricated', q, 'damage').value : null,
    [study, q],
  );
  if ((brief.today.parts ?? 1) < 2 || leader === undefined || allIn === null) return null;
  const code = study.rates.currency.code;
  const open = (name: string): void => {
    if (n !== null && y !== null) openWorking({ laneId: leader.id, figure: damageFigure(name, n, y) });
  };
  const percent = (share: number): string => `${significant(100 * share, 2)} %`;
  return (
    <Section
      title={`One casting for ${brief.today.parts ?? 2} parts: its own damage`}
      under={`${shortName(leader.id)}, at the chosen quantity; in no total`}
      data-testid="one-for-many"
    >
      <Text maxW="75ch">
        An assembly that is hurt gets one new piece. A casting that cannot be mended is replaced whole, unless the ends
        that are hit most are bolted on.
      </Text>
      <Flex gap="4" flexWrap="wrap" my="2">
        <Field.Root width="8rem" invalid={n === null}>
          <Field.Label>Bolted ends</Field.Label>
          <Input inputMode="numeric" textAlign="end" value={ends.text} onChange={(e) => ends.setText(e.target.value)} />
          <Field.ErrorText>
            “{ends.text}”: a whole number from 1 to {MOST_ENDS} is wanted.
          </Field.ErrorText>
        </Field.Root>
        <Field.Root width="8rem" invalid={y === null}>
          <Field.Label>In service</Field.Label>
          <WithUnit unit="years">
            <Input
              inputMode="decimal"
              textAlign="end"
              value={years.text}
              onChange={(e) => years.setText(e.target.value)}
            />
          </WithUnit>
          <Field.ErrorText>
            “{years.text}”: above 0, at most {MOST_SERVICE_YEARS} is wanted.
          </Field.ErrorText>
        </Field.Root>
      </Flex>
      {found !== null && (
        <>
          <Table.ScrollArea maxW="46rem">
            <Table.Root size="sm" aria-label="Damage a year">
              <Table.Header>
                <Table.Row>
                  <Table.ColumnHeader />
                  <Table.ColumnHeader className="num">Damage, {code} a part and year</Table.ColumnHeader>
                  <Table.ColumnHeader className="num">Over the service, {code} a part</Table.ColumnHeader>
                </Table.Row>
              </Table.Header>
              <Table.Body>
                <Row
                  words="Casting in one"
                  figure={perPart(found.year)}
                  over={perPart(found.year * (y ?? 0))}
                  onOpen={() => open('damage.year')}
                />
                <Row
                  words={`Casting with ${n} bolted ${n === 1 ? 'end' : 'ends'}`}
                  figure={perPart(found.endsYear)}
                  over={perPart(found.endsYear * (y ?? 0))}
                  onOpen={() => open('damage.endsYear')}
                />
                {today !== null && (
                  <Row
                    words="Today’s assembly"
                    figure={perPart(today)}
                    over={perPart(today * (y ?? 0))}
                    onOpen={() => openWorking({ laneId: 'fabricated', figure: 'damage' })}
                  />
                )}
              </Table.Body>
            </Table.Root>
          </Table.ScrollArea>
          <Text mt="2" data-testid="ends-verdict">
            <strong>{found.worth > 0 ? 'Bolted ends pay' : 'Bolted ends do not pay'}</strong>:{' '}
            {found.worth > 0 ? 'over the service they save' : 'over the service they cost'}{' '}
            <FigureButton onClick={() => open('damage.worth')}>{perPart(Math.abs(found.worth))}</FigureButton>
            <Unit>{code} a part</Unit> {found.worth > 0 ? 'more than they cost' : 'more than they save'}; fitting them
            is <FigureButton onClick={() => open('damage.fitting')}>{perPart(found.fitting)}</FigureButton>
            <Unit>{code} a part</Unit> of that.{' '}
            {found.paysFrom === null ? (
              'They never do at this price.'
            ) : (
              <>
                They pay from{' '}
                <FigureButton onClick={() => open('damage.paysFrom')}>{percent(found.paysFrom)}</FigureButton> of the
                parts damaged a year.
              </>
            )}
          </Text>
          <Box textStyle="label" color="fg.muted">
            The shares of damage are assumptions: make them your own under <Span fontStyle="italic">Rates</Span>, One
            casting for many.
          </Box>
        </>
      )}
    </Section>
  );
}

function Row({
  words,
  figure,
  over,
  onOpen,
}: {
  readonly words: string;
  readonly figure: string;
  readonly over: string;
  readonly onOpen: () => void;
}) {
  return (
    <Table.Row>
      <Table.ColumnHeader scope="row" fontWeight="normal">
        {words}
      </Table.ColumnHeader>
      <Table.Cell className="num">
        <FigureButton onClick={onOpen}>{figure}</FigureButton>
      </Table.Cell>
      <Table.Cell className="num">{over}</Table.Cell>
    </Table.Row>
  );
}
