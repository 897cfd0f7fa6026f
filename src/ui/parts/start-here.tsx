'use client';
import { Box, Button, chakra, EmptyState, Grid, Heading, Text } from '@chakra-ui/react';
import { Box as BoxIcon, FilePlus2, Telescope } from 'lucide-react';
import type { ReactNode } from 'react';
import { FileDrop } from '../kit';
import { PART_FILE_TYPES } from '../part/file-kinds';

const Way = chakra('div', {
  base: { borderTop: '2px solid', borderColor: 'fg', pt: '3', display: 'flex', flexDirection: 'column', gap: '2' },
});

function WayIn({ icon, title, children }: { icon: ReactNode; title: string; children: ReactNode }) {
  return (
    <Way>
      <Heading as="h2" size="md" display="flex" gap="2" alignItems="center">
        {icon}
        {title}
      </Heading>
      {children}
    </Way>
  );
}

/** The first page where there is no part yet: three ways in. */
export function StartHere({
  busy,
  onFile,
  onBrief,
  onExample,
}: {
  readonly busy: boolean;
  readonly onFile: (file: File) => void;
  readonly onBrief: () => void;
  readonly onExample: () => void;
}) {
  return (
    <EmptyState.Root data-testid="start">
      <EmptyState.Content>
        <EmptyState.Title>No part yet</EmptyState.Title>
        <EmptyState.Description>
          Volume, box, alloy and quantity are enough for a first comparison of the nine casting routes. What else is
          missing is estimated or left open, marked as such, and asked for in the order in which it matters.
        </EmptyState.Description>
        <Grid templateColumns={{ base: '1fr', md: 'repeat(3, 1fr)' }} gap="8" width="full" mt="3">
          <WayIn icon={<BoxIcon size={18} />} title="Drop a part file">
            <Text color="fg.muted">Walls, sections, holes, undercuts and the draw are measured from it.</Text>
            <FileDrop
              label="Part file"
              accept={PART_FILE_TYPES}
              disabled={busy}
              onFile={onFile}
              button={<Button variant="solid">Choose a part file</Button>}
            >
              <Text textStyle="label" color="fg.muted" mt="2">
                or drop it here: {PART_FILE_TYPES.join(', ')}
              </Text>
            </FileDrop>
          </WayIn>
          <WayIn icon={<FilePlus2 size={18} />} title="Type a brief">
            <Text color="fg.muted">
              Without a file: type volume, box, alloy and quantity, and more as you learn it.
            </Text>
            <Box>
              <Button disabled={busy} onClick={onBrief}>
                New part
              </Button>
            </Box>
          </WayIn>
          <WayIn icon={<Telescope size={18} />} title="Look at an example">
            <Text color="fg.muted">
              The tripod hub of Quillmere Instruments, an invented maker of telescope mounts: measured, compared and
              ready to be changed.
            </Text>
            <Box>
              <Button disabled={busy} onClick={onExample}>
                Open the example
              </Button>
            </Box>
          </WayIn>
        </Grid>
      </EmptyState.Content>
    </EmptyState.Root>
  );
}
