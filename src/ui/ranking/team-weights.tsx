'use client';
import { Button, Field, Flex, Input, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { WEIGHED } from '@/core/comparison/ranking';
import { FigureButton } from '../kit';
import type { UsedWeights } from './use-weights';

/** Keeps the weights for the whole team, under the name of who sets them; shown once they differ from the team's. */
export function TeamWeights({ used: { weights, setWeights, team, keep } }: { readonly used: UsedWeights }) {
  const [who, setWho] = useState('');
  const [told, setTold] = useState<string | null>(null);
  const changed = team !== null && WEIGHED.some((key) => weights[key] !== team.weights[key]);
  return (
    <>
      {changed && (
        <form
          onSubmit={(e) => {
            e.preventDefault();
            if (who.trim() === '') return setTold('Name is empty: who sets the weights is wanted.');
            keep(who.trim()).then(
              () => setTold('Saved for the team.'),
              (error: unknown) => setTold(`Not saved: ${error instanceof Error ? error.message : String(error)}`),
            );
          }}
        >
          <Flex columnGap="3" rowGap="1" align="baseline" flexWrap="wrap" mt="1.5">
            <Field.Root width="14rem" display="inline-flex" alignItems="baseline" gap="2">
              <Field.Label>Name</Field.Label>
              <Input variant="flushed" value={who} maxLength={80} onChange={(e) => setWho(e.target.value)} />
            </Field.Root>
            <Button type="submit" size="xs">
              Save for the team
            </Button>
            <FigureButton textStyle="label" onClick={() => setWeights(team.weights)}>
              Back to the team’s weights
            </FigureButton>
          </Flex>
        </form>
      )}
      {told !== null && (
        <Text textStyle="label" role="status">
          {told}
        </Text>
      )}
    </>
  );
}
