import { chakra, Heading, Text } from '@chakra-ui/react';
import { drawnWords, certaintyExplanation, type KeptSimulation, type SureOf } from '@/core/decision';
import { DRAWN_AGAIN } from '../simulation/simulation-state';
import type { StudyAt } from '../working/figure-at';
import { Explained } from '../working/explained';

/** How sure a choice is, and what would overturn it; each figure opens how it was found. */
export function SureSection({
  simulation,
  of,
  studyAt,
  behind = false,
}: {
  readonly simulation: KeptSimulation;
  readonly of: SureOf;
  /** The study it was drawn from, where it is not the one on the screen. */
  readonly studyAt?: StudyAt | undefined;
  /** Whether it is of something else than what is chosen by now. */
  readonly behind?: boolean;
}) {
  const flips = simulation.flipExplanations ?? simulation.flips.map((words) => [words]);
  return (
    <div aria-busy={behind}>
      <chakra.ul listStyleType="none" data-testid="sure">
        {certaintyExplanation(simulation, of).map((explanation, i) => (
          <li key={i}>
            <Explained explanation={explanation} studyAt={studyAt} />
          </li>
        ))}
      </chakra.ul>
      <Text textStyle="label" color="fg.muted">
        {behind ? DRAWN_AGAIN : drawnWords(simulation)}
      </Text>
      {flips.length > 0 && (
        <>
          <Heading as="h3" mt="2.5">
            What would change the choice
          </Heading>
          <chakra.ul ps="4" listStyleType="disc" data-testid="kept-flips">
            {flips.map((explanation, i) => (
              <li key={i}>
                <Explained explanation={explanation} studyAt={studyAt} />
              </li>
            ))}
          </chakra.ul>
        </>
      )}
    </div>
  );
}
