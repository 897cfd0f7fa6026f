'use client';
import { Box, Flex, Heading, List, Table, Text } from '@chakra-ui/react';
import { inUnitsOf } from '@/core/base/units';
import type { TravellerStep } from '@/core/traveller';
import { dateAfter, significant } from '../format';
import { Unit } from '../kit';
import { useUnits } from '../preferences';
import { TickRow } from './tick-row';
import type { Ticks } from './use-ticks';

const DIGITS = 4;

/** A step of the lot at arm’s length: what, who, its values and checks, what can hurt, and the box to tick. */
export function StepSheet({
  step,
  startDate,
  ticks,
  who,
  nobody,
  blocked,
}: {
  readonly step: TravellerStep;
  readonly startDate: string;
  readonly ticks: Ticks;
  readonly who: string;
  readonly nobody: boolean;
  readonly blocked: string;
}) {
  const [units] = useUnits();
  const { time } = step;
  const shown = (value: number, unit: string): string =>
    significant(inUnitsOf(value, unit, units)?.value ?? value, DIGITS);
  const hours = (h: number): string => (h < 1 ? `${significant(60 * h, 2)} min` : `${significant(h, 2)} h`);
  return (
    <Box as="section" mt="5" data-step={step.id} breakInside="avoid">
      <Flex gap="3" alignItems="baseline" flexWrap="wrap" borderBottom="2px solid" borderColor="fg">
        <Heading as="h3" size="md">
          {step.n}. {step.name}
        </Heading>
        <Text textStyle="label" color="fg.muted">
          {step.who}
          {time !== null &&
            `, ${hours(time.work_h)} at work, ${hours(time.wait_h)} waiting, from ${dateAfter(startDate, time.from_d)}`}
        </Text>
      </Flex>
      <Text my="1">{step.what}</Text>
      {step.cautions.map((c) => (
        <Text key={c.title} fontWeight="bold" color="alarm" my="1">
          ▲ {c.title}: {c.precautions[0]}
        </Text>
      ))}
      {(step.values.length > 0 || step.checks.length > 0) && (
        <Table.ScrollArea tabIndex={0}>
          <Table.Root size="sm" aria-label={`${step.name}: values and checks`}>
            <Table.Body>
              {step.values.map((v) => (
                <Table.Row key={v.id} data-value={v.id}>
                  <Table.Cell whiteSpace="normal">{v.what}</Table.Cell>
                  <Table.Cell className="num" fontWeight="bold" fontSize="md">
                    {shown(v.value, v.unit)}
                  </Table.Cell>
                  <Table.Cell className="num">
                    {v.range === null ? '' : `${shown(v.range[0], v.unit)} to ${shown(v.range[1], v.unit)}`}
                  </Table.Cell>
                  <Table.Cell>
                    {v.unit === '1' ? '' : <Unit>{inUnitsOf(1, v.unit, units)?.unit ?? v.unit}</Unit>}
                  </Table.Cell>
                </Table.Row>
              ))}
              {step.checks.map((c) => (
                <Table.Row key={c.what}>
                  <Table.Cell whiteSpace="normal" color="fg.muted">
                    {c.what}
                  </Table.Cell>
                  <Table.Cell className="num">seen ______</Table.Cell>
                  <Table.Cell className="num">
                    {c.low === null ? '' : `from ${c.low}`} {c.high === null ? '' : `to ${c.high}`}
                  </Table.Cell>
                  <Table.Cell>
                    <Unit>{c.unit}</Unit>
                  </Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Table.ScrollArea>
      )}
      <List.Root listStyle="none" textStyle="label" color="fg.muted" my="1">
        <List.Item>With: {step.tool}</List.Item>
        {step.mark !== null && <List.Item>Mark: {step.mark}</List.Item>}
        <List.Item>If skipped: {step.ifSkipped}</List.Item>
      </List.Root>
      <TickRow item={step.id} label={`${step.name} done`} {...{ ticks, who, nobody, blocked }} />
    </Box>
  );
}
