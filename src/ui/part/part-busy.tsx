import { Button, HStack, Progress } from '@chakra-ui/react';
import type { PartState } from './part-state';
import { STAGE_WORDS } from './words';

/** How far the measuring is, and the way to stop it. */
export function PartBusy({
  busy,
  onStop,
}: {
  readonly busy: NonNullable<PartState['busy']>;
  readonly onStop: () => void;
}) {
  return (
    <HStack role="status" data-testid="part-busy" gap="3" mt="3">
      {STAGE_WORDS[busy.stage]} … {Math.round(busy.share * 100)} %
      <Progress.Root value={100 * busy.share} width="40" aria-label={STAGE_WORDS[busy.stage]}>
        <Progress.Track>
          <Progress.Range />
        </Progress.Track>
      </Progress.Root>
      <Button size="xs" onClick={onStop}>
        Stop
      </Button>
    </HStack>
  );
}
