'use client';
import { Field, Flex, Input, Span } from '@chakra-ui/react';
import { whole, significant } from '../format';
import { CheckBox, Segments } from '../kit';
import { useStudy } from '../study/study-context';
import { DRAWN_AGAIN } from './simulation-state';
import type { LiveSimulation, SimulationChoice } from './use-simulation';

const MOST_SEED = 999_999;

/** How the simulation draws, and how far it is. */
export function SimulationSettings({
  simulation: { summary, behind, ms, done },
  choice,
  onChoice,
}: {
  readonly simulation: LiveSimulation;
  readonly choice: SimulationChoice;
  readonly onChoice: (choice: SimulationChoice) => void;
}) {
  const { study } = useStudy('study');
  const noDemand = study.brief.quantity.demand === null;
  return (
    <Flex mt="3" columnGap="5" rowGap="1.5" align="center" flexWrap="wrap" textStyle="label">
      <Segments
        label="Distribution of each input over its range"
        value={choice.spread}
        options={[
          ['pert', 'beta-PERT'],
          ['triangle', 'triangular'],
        ]}
        onChange={(spread) => onChoice({ ...choice, spread })}
      />
      <CheckBox checked={choice.demand} disabled={noDemand} onChange={(demand) => onChoice({ ...choice, demand })}>
        vary the quantity too{noDemand ? ' (the brief gives no range of demand)' : ''}
      </CheckBox>
      <Field.Root width="auto" display="inline-flex" alignItems="baseline" gap="2">
        <Field.Label>Seed</Field.Label>
        <Input
          variant="flushed"
          textAlign="end"
          inputMode="numeric"
          width="16"
          value={choice.seed}
          onChange={(e) => {
            const seed = Math.round(Number(e.target.value));
            if (seed >= 1 && seed <= MOST_SEED) onChoice({ ...choice, seed });
          }}
        />
      </Field.Root>
      <Span color="fg.muted" role="status">
        {summary !== null &&
          (behind ? DRAWN_AGAIN : `${whole(summary.draws)} simulations in ${significant(ms, 2)} ms${done ? '' : ' …'}`)}
      </Span>
    </Flex>
  );
}
