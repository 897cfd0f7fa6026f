'use client';
import { Box, Checkbox, Flex, Input } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { plainDate } from '../format';
import type { Ticks } from './use-ticks';

/** One item to be ticked, with a target for a gloved hand, who said it and when. */
export function TickRow({
  item,
  label,
  ticks,
  who,
  nobody,
  blocked,
  children,
}: {
  readonly item: string;
  readonly label: string;
  readonly ticks: Ticks;
  readonly who: string;
  /** Whether nobody is said to tick. */
  readonly nobody: boolean;
  /** Why it cannot be ticked now; empty where it can. */
  readonly blocked: string;
  readonly children?: ReactNode;
}) {
  const tick = ticks.of.get(item);
  const [note, setNote] = useState(tick?.note ?? '');
  const done = tick?.done === true;
  return (
    <Box
      py="2"
      borderBottom="1px solid"
      borderColor="border"
      data-item={item}
      data-done={done || undefined}
      breakInside="avoid"
    >
      <Checkbox.Root
        checked={done}
        disabled={nobody || (blocked !== '' && !done)}
        onCheckedChange={(e) => ticks.say(item, e.checked === true, note, who)}
        alignItems="flex-start"
        gap="3"
        minH="2.75rem"
        width="100%"
      >
        <Checkbox.HiddenInput />
        <Checkbox.Control boxSize="1.75rem" flex="none" mt="0.5" />
        <Checkbox.Label flex="1" fontSize="md" fontWeight={done ? 'normal' : 'bold'}>
          {label}
        </Checkbox.Label>
      </Checkbox.Root>
      {blocked !== '' && !done && (
        <Box textStyle="label" color="alarm" ps="10">
          {blocked}
        </Box>
      )}
      {children}
      <Flex gap="3" ps="10" alignItems="center" flexWrap="wrap">
        <Input
          size="sm"
          maxW="16rem"
          placeholder="heat, mould, value seen"
          aria-label={`${label}: note`}
          maxLength={200}
          value={note}
          onChange={(e) => setNote(e.target.value)}
          onBlur={() => tick !== undefined && note !== tick.note && ticks.say(item, tick.done, note, who)}
          _print={{ borderBottom: '1px solid' }}
        />
        {tick !== undefined && done && (
          <Box textStyle="label" color="fg.muted">
            {tick.who}, {plainDate(tick.at.slice(0, 10))} {tick.at.slice(11, 16)}
          </Box>
        )}
      </Flex>
    </Box>
  );
}
