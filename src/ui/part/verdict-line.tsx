'use client';
import { Button, Text } from '@chakra-ui/react';
import type { FileFound } from '@/workers/part.protocol';
import { useUnits } from '../preferences';
import { doneWords, offerWords, VERDICT_WORDS } from './words';

/** Whether a file's surface encloses nothing as it came. */
export const isBroken = (file: FileFound): boolean => file.verdict === 'open' || file.verdict === 'non-manifold';

/** What the surface of a file is worth, what was done to close it, and what could be. */
export function VerdictLine({
  file,
  onMend,
}: {
  readonly file: FileFound;
  /** Closes the surface as is offered; null while something else is done. */
  readonly onMend: (() => void) | null;
}) {
  const [units] = useUnits();
  const { offer, repaired, verdict } = file;
  return (
    <Text
      data-testid="verdict-of-file"
      {...(isBroken(file) ? { mt: '3', ps: '3', borderStart: '3px solid', borderColor: 'hot' } : {})}
    >
      {VERDICT_WORDS[verdict]} {repaired !== null && doneWords(repaired, units)}
      {isBroken(file) && repaired === null && offer === null && 'Repair it in the model and drop it again.'}
      {offer !== null && (
        <span data-testid="repair-offer">
          {offerWords(offer, units)}{' '}
          <Button size="xs" disabled={onMend === null} onClick={() => onMend?.()}>
            {offer.repair === 'holes-filled' ? 'Fill and measure' : 'Split and measure'}
          </Button>
        </span>
      )}
    </Text>
  );
}
