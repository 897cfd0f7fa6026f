'use client';
import { Box, Button, Field, Flex, Input } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { displayScale, type UnitSystem } from '@/core/base/units';
import type { FarOff } from '@/core/rates';
import { significant } from '../format';
import { FileLink } from '../kit';
import { useUnits } from '../preferences';

/** A far-off figure in words: what it is now, what is usual, and how far off that is. */
function farWords({ entry, likely, shipped, ratio }: FarOff, units: UnitSystem): string {
  const { unit, factor, zero } = displayScale(entry.unit, units);
  const figure = (x: number): string => significant(x * factor + zero, 4);
  const times = ratio > 1 ? `${significant(ratio, 2)} times` : `1/${significant(1 / ratio, 2)} of`;
  return `${entry.words}: ${figure(likely)} ${unit}, ${times} the shipped ${figure(shipped)}`;
}

/** What is unsaved in a set, and the save with the name of who changes it and why. */
export function SaveBar({
  count,
  moves,
  problems,
  refusal,
  who,
  why,
  busy,
  onWho,
  onWhy,
  onSave,
  onDrop,
  asking,
  children,
}: {
  readonly count: number;
  /** What the changes would do to the studies, in a few words; empty while it is not known. */
  readonly moves: string;
  readonly problems: readonly string[];
  readonly refusal: string | null;
  readonly who: string;
  readonly why: string;
  readonly busy: boolean;
  readonly onWho: (text: string) => void;
  readonly onWhy: (text: string) => void;
  readonly onSave: () => void;
  readonly onDrop: () => void;
  /** Figures far outside their usual band, about which is asked before they are saved; null where nothing is asked. */
  readonly asking: readonly FarOff[] | null;
  /** What else is asked about a change. */
  readonly children?: ReactNode;
}) {
  const [units] = useUnits();
  const nameless = who.trim() === '';
  const first = problems[0];
  return (
    <Flex
      role="region"
      aria-label="Unsaved changes"
      position="sticky"
      bottom="0"
      zIndex="bar"
      flexWrap="wrap"
      columnGap="4"
      rowGap="2"
      align="flex-end"
      mt="4"
      px="3"
      py="2.5"
      bg="bg.subtle"
      borderTop="2px solid"
      borderColor="fg"
    >
      <Box flex="1 1 15rem">
        <strong>
          {count} {count === 1 ? 'figure' : 'figures'} changed, not saved
        </strong>
        {moves !== '' && (
          <Box textStyle="label" color="fg.muted" data-testid="moves">
            {moves} <FileLink href="#moved">Show</FileLink>
          </Box>
        )}
        {first !== undefined && (
          <Box color="alarm" textStyle="label" role="alert">
            {first}
            {problems.length > 1 ? ` And ${problems.length - 1} more.` : ''}
          </Box>
        )}
        {asking !== null && (
          <Box color="alarm" textStyle="label" role="alert" data-testid="far-off">
            Wrong unit?{' '}
            {asking
              .slice(0, 3)
              .map((far) => farWords(far, units))
              .join('; ')}
            {asking.length > 3 ? `; and ${asking.length - 3} more` : ''}. Press again to save anyway.
          </Box>
        )}
        {refusal !== null && (
          <Box color="alarm" textStyle="label" role="alert">
            {refusal}
          </Box>
        )}
      </Box>
      <Field.Root width="12rem">
        <Field.Label>Changed by</Field.Label>
        <Input value={who} maxLength={80} autoComplete="name" onChange={(e) => onWho(e.target.value)} />
      </Field.Root>
      <Field.Root flex="1 1 14rem" width="auto">
        <Field.Label>Why</Field.Label>
        <Input value={why} maxLength={400} onChange={(e) => onWhy(e.target.value)} />
      </Field.Root>
      {children}
      <Button size="xs" onClick={onDrop}>
        Discard changes
      </Button>
      <Button
        size="xs"
        variant="solid"
        loading={busy}
        disabled={count === 0 || problems.length > 0 || nameless}
        title={nameless ? 'Enter who changes it' : undefined}
        onClick={onSave}
      >
        {asking === null ? 'Save changes' : 'Save anyway'}
      </Button>
    </Flex>
  );
}
