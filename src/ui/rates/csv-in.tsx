'use client';
import { Box, Button } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import type { OwnFigure } from '@/core/rates';
import { call, Refused } from '../api';
import type { BriefIssue } from '@/core/brief';

interface Read {
  readonly figures: Readonly<Record<string, OwnFigure>>;
  readonly unchanged: number;
  readonly issues: readonly BriefIssue[];
}

/** Takes figures from a CSV into the set, unsaved, and tells every line that was refused. */
export function CsvIn({
  id,
  onTake,
}: {
  readonly id: string;
  readonly onTake: (figures: Readonly<Record<string, OwnFigure>>, why: string) => void;
}) {
  const file = useRef<HTMLInputElement>(null);
  const [result, setResult] = useState<{ readonly words: string; readonly issues: readonly BriefIssue[] } | null>(null);
  const read = async (chosen: File): Promise<void> => {
    try {
      const result = await call<Read>('POST', `/api/rates/${id}/csv`, { csv: await chosen.text() });
      const n = Object.keys(result.figures).length;
      onTake(result.figures, `taken from ${chosen.name}`);
      setResult({
        words: `${chosen.name}: ${n} figures taken in, not saved yet; ${result.unchanged} are as they were; ${result.issues.length} refused.`,
        issues: result.issues,
      });
    } catch (error) {
      const words = error instanceof Refused ? error.message : 'The server does not answer.';
      setResult({ words: `${chosen.name}: ${words} Nothing was taken in.`, issues: [] });
    }
  };
  return (
    <>
      <Button size="xs" variant="outline" onClick={() => file.current?.click()}>
        Take in a CSV
      </Button>
      <input
        ref={file}
        type="file"
        accept=".csv,text/csv"
        hidden
        aria-label="CSV of rates"
        onChange={(e) => {
          const chosen = e.target.files?.[0];
          e.target.value = '';
          if (chosen) void read(chosen);
        }}
      />
      {result !== null && (
        <Box className="csv-result" textStyle="label" role="status">
          {result.words}
          {result.issues.length > 0 && (
            <ul>
              {result.issues.slice(0, 12).map((i) => (
                <li key={i.path}>
                  {i.path}: “{String(i.value)}” – {i.message}
                </li>
              ))}
              {result.issues.length > 12 && <li>and {result.issues.length - 12} more</li>}
            </ul>
          )}
        </Box>
      )}
    </>
  );
}
