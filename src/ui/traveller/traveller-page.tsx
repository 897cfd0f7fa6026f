'use client';
import { Box, Button, Field, Flex, Grid, Heading, Input, Table, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { inUnitsOf } from '@/core/base/units';
import { shortName } from '@/core/catalogue/routes';
import type { Barcode, TravellerRecord } from '@/server/travellers';
import { plainDate, significant, whole } from '../format';
import { Banner, FileLink, PageHead, PageLink, Section } from '../kit';
import { useUnits } from '../preferences';
import { ownName, setOwnName } from '../study/autosave';
import { Bars } from './bars';
import { StepSheet } from './step-sheet';
import { TickRow } from './tick-row';
import { useTicks } from './use-ticks';

const DIGITS = 4;
const SIZE_DIGITS = 5;

/** The sheet that goes with a lot: on a phone beside the furnace, and on paper. */
export function TravellerPage({
  record,
  lot,
  units: codes,
}: {
  readonly record: TravellerRecord;
  readonly lot: Barcode;
  /** A code for each mould, tree or pour. */
  readonly units: readonly Barcode[];
}) {
  const { body, id, number, studyId } = record;
  const ticks = useTicks(record);
  const [units] = useUnits();
  // The name is this browser’s: it comes once the page is on the screen.
  const [who, setWho] = useState('');
  useEffect(() => queueMicrotask(() => setWho((was) => (was === '' ? ownName() : was))), []);
  const nobody = who.trim() === '';
  const open = body.stops.filter((s) => ticks.of.get(s.id)?.done !== true);
  const mass = (kg: number): string => {
    const to = inUnitsOf(kg, 'kg', units) ?? { value: kg, unit: 'kg' };
    return `${significant(to.value, DIGITS)} ${to.unit}`;
  };
  const mm = (x: number): string => significant(inUnitsOf(x, 'mm', units)?.value ?? x, SIZE_DIGITS);
  const length = inUnitsOf(1, 'mm', units)?.unit ?? 'mm';
  const q = body.quantity;
  const unit = (n: number): string => `${whole(n)} ${n === 1 ? body.unit : `${body.unit}s`}`;
  const lines: readonly (readonly [string, string])[] = [
    ['Good pieces promised', whole(q.good)],
    ['Castings to start', whole(q.castings)],
    [`To be poured, ${q.positions} ${q.positions === 1 ? 'casting' : 'castings'} each`, unit(q.pours)],
    ['Metal to melt', mass(q.melt_kg)],
    ['of it comes back as returns', mass(q.returns_kg)],
    ['Charge: new metal, with returns of the same alloy', mass(Math.max(0, q.melt_kg - q.returns_kg))],
    ['Start', plainDate(body.startDate)],
  ];
  return (
    <Box maxW="56rem" pb="10">
      <PageHead
        title={`${body.title}, lot ${number}`}
        under={`${shortName(body.laneId)}, ${body.alloy}, alloy code ${body.alloyCode}`}
        ways={
          <>
            <PageLink href={`/studies/${studyId}/method?lane=${encodeURIComponent(body.laneId)}`}>Method</PageLink>
            <FileLink href={`/api/travellers/${id}/file?format=csv`} download={`traveller-${number}.csv`}>
              CSV
            </FileLink>
            <FileLink href={`/api/travellers/${id}/file?format=json`} download={`traveller-${number}.json`}>
              JSON
            </FileLink>
          </>
        }
      >
        Issued by {record.issuedBy} on {plainDate(record.issuedAt.slice(0, 10))}, and kept as it was issued.
      </PageHead>
      <Flex
        gap="4"
        alignItems="flex-end"
        flexWrap="wrap"
        position="sticky"
        top="0"
        bg="bg"
        py="2"
        zIndex="docked"
        _print={{ display: 'none' }}
      >
        <Field.Root width="14rem">
          <Field.Label>Who ticks</Field.Label>
          <Input
            size="sm"
            autoComplete="name"
            maxLength={80}
            value={who}
            onChange={(e) => setWho(e.target.value)}
            onBlur={() => setOwnName(who)}
          />
        </Field.Root>
        <Text role="status" textStyle="label" data-testid="traveller-state" pb="2">
          {nobody ? 'Say who ticks, then tick. ' : ''}
          {ticks.waiting > 0
            ? `${ticks.waiting} kept here, not sent yet: sent when the server answers`
            : `${[...ticks.of.values()].filter((t) => t.done).length} ticked, all sent`}
        </Text>
        <Button size="sm" variant="outline" onClick={() => print()}>
          Print
        </Button>
      </Flex>
      {ticks.refused !== '' && (
        <Banner alarm testId="tick-refused">
          {ticks.refused}
        </Banner>
      )}
      <Grid templateColumns={{ base: '1fr', md: '1fr 16rem' }} gap="6" mt="2">
        <Table.Root size="sm" aria-label="The lot">
          <Table.Body>
            {lines.map(([name, value]) => (
              <Table.Row key={name}>
                <Table.Cell whiteSpace="normal">{name}</Table.Cell>
                <Table.Cell className="num" fontWeight="bold">
                  {value}
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
        <Box textAlign="center">
          <Bars code={lot} />
          <Text textStyle="label">{lot.text}</Text>
        </Box>
      </Grid>
      {body.sizes.length > 0 && (
        <Section title="Sizes" under={length}>
          <Table.ScrollArea tabIndex={0}>
            <Table.Root size="sm" aria-label="Sizes">
              <Table.Header>
                <Table.Row>
                  <Table.ColumnHeader>Dimension</Table.ColumnHeader>
                  <Table.ColumnHeader className="num">Finished</Table.ColumnHeader>
                  <Table.ColumnHeader className="num">Raw casting</Table.ColumnHeader>
                  <Table.ColumnHeader className="num">
                    {body.tool.replace(/^./, (x) => x.toUpperCase())}
                  </Table.ColumnHeader>
                </Table.Row>
              </Table.Header>
              <Table.Body>
                {body.sizes.map((s, i) => (
                  <Table.Row key={i}>
                    <Table.Cell whiteSpace="normal">{s.name}</Table.Cell>
                    <Table.Cell className="num">{mm(s.finished_mm)}</Table.Cell>
                    <Table.Cell className="num">{mm(s.raw_mm)}</Table.Cell>
                    <Table.Cell className="num" fontWeight="bold">
                      {mm(s.tool_mm)}
                    </Table.Cell>
                  </Table.Row>
                ))}
              </Table.Body>
            </Table.Root>
          </Table.ScrollArea>
        </Section>
      )}
      <Section
        title="Stop before the pour"
        under={open.length === 0 ? 'all ticked' : `${open.length} of ${body.stops.length} left`}
        data-testid="stops"
      >
        {body.stops.map((s) => (
          <TickRow
            key={s.id}
            item={s.id}
            label={s.text}
            ticks={ticks}
            who={who}
            nobody={nobody}
            blocked={s.refused ? 'The method refuses this as it stands: mend it there, and issue a new traveller.' : ''}
          />
        ))}
        <Text textStyle="label" color="fg.muted" mt="2">
          {body.whoDecides}
        </Text>
      </Section>
      <Heading as="h2" size="md" mt="6">
        Steps
      </Heading>
      {body.steps.map((step) => (
        <StepSheet
          key={step.id}
          step={step}
          startDate={body.startDate}
          ticks={ticks}
          who={who}
          nobody={nobody}
          blocked={
            step.phase === 'pour' && open.length > 0
              ? `Nothing is poured before every stop is ticked: ${open.length} left.`
              : ''
          }
        />
      ))}
      <Section
        title={`Codes of the ${body.unit}s`}
        under={codes.length < q.pours ? `the first ${codes.length} of ${whole(q.pours)}` : ''}
      >
        <Grid templateColumns="repeat(auto-fill, minmax(11rem, 1fr))" gap="4">
          {codes.map((code) => (
            <Box key={code.text} textAlign="center" breakInside="avoid">
              <Bars code={code} />
              <Text textStyle="label">{code.text}</Text>
            </Box>
          ))}
        </Grid>
      </Section>
    </Box>
  );
}
