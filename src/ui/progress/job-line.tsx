'use client';
import { Button, HStack, Progress, Text } from '@chakra-ui/react';
import type { JobState } from './use-job';

/** What the server is doing, how far it is, and a way to stop it. */
export function JobLine({
  label,
  state,
  onStop,
}: {
  readonly label: string;
  readonly state: JobState;
  readonly onStop: () => void;
}) {
  return (
    <HStack role="status" gap="3" data-testid="job" flexWrap="wrap">
      <Progress.Root value={100 * state.share} size="xs" width="90px" aria-label={label}>
        <Progress.Track>
          <Progress.Range />
        </Progress.Track>
      </Progress.Root>
      <Text textStyle="sm">
        {label}: {state.what}
        {state.seconds >= 2 && `, ${state.seconds} s`}
      </Text>
      <Button size="xs" variant="outline" onClick={onStop}>
        Stop
      </Button>
    </HStack>
  );
}
