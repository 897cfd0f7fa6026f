'use client';
import { Box, Button, List } from '@chakra-ui/react';
import { FileButton } from '../kit';
import { useState } from 'react';
import { call, Refused } from '../api';
import type { BriefIssue } from '@/core/brief';

interface Read {
  readonly unchanged: number;
  readonly issues: readonly BriefIssue[];
}

const ONLY_CSV = ['.csv'];

/** Imports figures from a CSV into the set, unsaved, and names every line that was refused. */
export function CsvIn<R extends Read>({
  address,
  label,
  accept = ONLY_CSV,
  words = 'Import CSV',
  onTake,
}: {
  /** Where the file is read against the set. */
  readonly address: string;
  readonly label: string;
  readonly accept?: string[];
  readonly words?: string;
  readonly onTake: (read: R, why: string) => number;
}) {
  const [result, setResult] = useState<{ readonly words: string; readonly issues: readonly BriefIssue[] } | null>(null);
  const read = async (chosen: File): Promise<void> => {
    try {
      const result = await call<R>('POST', address, { csv: await chosen.text() });
      const n = onTake(result, `imported from ${chosen.name}`);
      setResult({
        words: `${chosen.name}: ${n} figures imported, not saved yet; ${result.unchanged} unchanged; ${result.issues.length} refused.`,
        issues: result.issues,
      });
    } catch (error) {
      const words = error instanceof Refused ? error.message : 'The server does not answer.';
      setResult({ words: `${chosen.name}: ${words} Nothing was imported.`, issues: [] });
    }
  };
  return (
    <>
      <FileButton label={label} accept={accept} onFile={(file) => void read(file)}>
        <Button size="xs">{words}</Button>
      </FileButton>
      {result !== null && (
        <Box flexBasis="100%" textStyle="label" role="status">
          {result.words}
          {result.issues.length > 0 && (
            <List.Root ps="4">
              {result.issues.slice(0, 12).map((i) => (
                <List.Item key={i.path}>
                  {i.path}: “{String(i.value)}” – {i.message}
                </List.Item>
              ))}
              {result.issues.length > 12 && <List.Item>and {result.issues.length - 12} more</List.Item>}
            </List.Root>
          )}
        </Box>
      )}
    </>
  );
}
