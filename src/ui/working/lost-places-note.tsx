'use client';
import { Box, Button, Field, Flex, Input, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { FigureButton } from '../kit';
import { useStudy } from '../study/study-context';

const MOST = 10_000;

/** Good places counted at a full pour, in place of the usual share of lost ones; and the usual share again. */
export function LostPlacesNote({ laneId }: { readonly laneId: string }) {
  const { brief, setBrief } = useStudy('brief', 'setBrief');
  const [good, setGood] = useState('');
  const [of, setOf] = useState('');
  const { lostPlaces, ...rest } = brief.overrides;
  const counted = lostPlaces?.[laneId];
  const [g, all] = [Number(good), Number(of)];
  const whole = (x: number, least: number): boolean => Number.isInteger(x) && x >= least && x <= MOST;
  const begun = good.trim() !== '' && of.trim() !== '';
  const bad = begun && !(whole(g, 1) && whole(all, 2) && g <= all);
  const put = (next: typeof lostPlaces): void =>
    setBrief({
      ...brief,
      overrides: { ...rest, ...(next === undefined || Object.keys(next).length === 0 ? {} : { lostPlaces: next }) },
    });
  return (
    <Box data-testid="lost-places" pb="3">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (!begun || bad) return;
          put({ ...lostPlaces, [laneId]: { good: g, of: all } });
          setGood('');
          setOf('');
        }}
      >
        <Flex align="flex-end" columnGap="3" rowGap="1" flexWrap="wrap">
          <Field.Root invalid={bad} width="9rem">
            <Field.Label>Counted: good places</Field.Label>
            <Input textAlign="end" inputMode="numeric" value={good} onChange={(e) => setGood(e.target.value)} />
          </Field.Root>
          <Field.Root invalid={bad} width="7rem">
            <Field.Label>of places</Field.Label>
            <Input textAlign="end" inputMode="numeric" value={of} onChange={(e) => setOf(e.target.value)} />
          </Field.Root>
          <Button type="submit" size="xs">
            Use the count
          </Button>
        </Flex>
        {bad && (
          <Text color="alarm" textStyle="label" role="alert">
            “{good}” good of “{of}”: whole numbers are wanted, at least 1 good, no more good than there are places.
          </Text>
        )}
      </form>
      {counted !== undefined && (
        <Text my="1.5">
          The brief counts {counted.good} good of {counted.of} places.{' '}
          <FigureButton
            onClick={() => put(Object.fromEntries(Object.entries(lostPlaces ?? {}).filter(([id]) => id !== laneId)))}
          >
            Use the usual share again
          </FigureButton>
        </Text>
      )}
    </Box>
  );
}
