'use client';
import { Box, Button, Span } from '@chakra-ui/react';
import type { LengthUnit } from '@/core/part-file/readers';
import { FileDrop } from '../kit';
import { late } from '../late';
import type { AsksUnit } from './unit-choice';
import { FILE_HELP, PART_FILE_TYPES } from './file-kinds';

const UnitChoice = late(() => import('./unit-choice').then((m) => m.UnitChoice));

/** Where a part file is dropped or chosen, and where its unit is asked for. */
export function DropFile({
  compact,
  asksUnit,
  busy,
  onFile,
  onUnit,
}: {
  readonly compact: boolean;
  readonly asksUnit: AsksUnit | null;
  readonly busy: boolean;
  readonly onFile: (file: File) => void;
  readonly onUnit: (unit: LengthUnit) => void;
}) {
  return (
    <Box as="section" aria-label="Part file" mt="3">
      <FileDrop
        label="Part file"
        accept={PART_FILE_TYPES}
        disabled={busy}
        compact={compact}
        onFile={onFile}
        button={
          <Button size="xs" variant={compact ? 'outline' : 'solid'}>
            {compact ? 'Another file' : 'Choose a part file'}
          </Button>
        }
      >
        <Span color="fg.muted" textStyle="label" ms="2">
          or drop it here. {FILE_HELP}
        </Span>
      </FileDrop>
      {asksUnit !== null && <UnitChoice asks={asksUnit} onUnit={onUnit} />}
    </Box>
  );
}
