'use client';
import { Box, Button, Field, Flex, Input, List } from '@chakra-ui/react';
import { useState } from 'react';
import type { BriefIssue } from '@/core/brief';
import type { BoughtPart } from '@/core/comparison/parts-list';
import { call, Refused } from '../api';
import { useChangeNote } from '../history/use-change-note';
import { Banner, FileButton } from '../kit';

interface Read {
  readonly name: string;
  readonly parts: readonly BoughtPart[];
  readonly issues: readonly BriefIssue[];
}

const ISSUES_SHOWN = 12;

/** Reads a list from a CSV or a workbook, tells what is wrong with it line by line, and puts in what is right. */
export function ImportParts({ onPut }: { readonly onPut: () => void }) {
  const { who, setWho } = useChangeNote('bought-parts');
  const [read, setRead] = useState<Read | null>(null);
  const [reading, setReading] = useState<AbortController | null>(null);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const take = async (file: File): Promise<void> => {
    const ending = new AbortController();
    setReading(ending);
    setProblem(null);
    setRead(null);
    try {
      const response = await fetch('/api/bought-parts/read', { method: 'POST', body: file, signal: ending.signal });
      const body = (await response.json()) as Omit<Read, 'name'> & { error?: { message: string } };
      if (!response.ok) setProblem(`${file.name}: ${body.error?.message ?? 'The file is refused.'}`);
      else setRead({ name: file.name, ...body });
    } catch {
      if (!ending.signal.aborted) setProblem(`${file.name}: the server does not answer. Nothing was read.`);
    }
    setReading(null);
  };
  const put = async (): Promise<void> => {
    if (read === null) return;
    setBusy(true);
    setProblem(null);
    try {
      await call('POST', '/api/bought-parts', { parts: read.parts, who: who.trim() });
      setRead(null);
      onPut();
    } catch (error) {
      setProblem(error instanceof Refused ? error.message : 'The server does not answer. Nothing was put in.');
    }
    setBusy(false);
  };
  return (
    <>
      <FileButton label="List of bought parts" accept={['.csv', '.xlsx']} onFile={(file) => void take(file)}>
        <Button size="xs" loading={reading !== null}>
          Import a list
        </Button>
      </FileButton>
      {reading !== null && (
        <Button size="xs" onClick={() => reading.abort()}>
          Stop
        </Button>
      )}
      {problem !== null && (
        <Box color="alarm" textStyle="label" role="alert" flexBasis="100%">
          {problem}
        </Box>
      )}
      {read !== null && (
        <Box flexBasis="100%">
          <Banner
            title={`${read.name}: ${read.parts.length} ${read.parts.length === 1 ? 'part' : 'parts'} read, ${read.issues.length} refused. A part of the same number is put over the one before.`}
          >
            {read.issues.length > 0 && (
              <List.Root ps="4" role="alert">
                {read.issues.slice(0, ISSUES_SHOWN).map((i, at) => (
                  <List.Item key={`${i.path} ${at}`}>
                    {i.path}: “{String(i.value)}” – {i.message}
                  </List.Item>
                ))}
                {read.issues.length > ISSUES_SHOWN && (
                  <List.Item>and {read.issues.length - ISSUES_SHOWN} more</List.Item>
                )}
              </List.Root>
            )}
            <Flex gap="3" align="flex-end" flexWrap="wrap" mt="2">
              <Field.Root width="12rem">
                <Field.Label>Entered by</Field.Label>
                <Input value={who} maxLength={80} onChange={(e) => setWho(e.target.value)} />
              </Field.Root>
              <Button
                size="xs"
                variant="solid"
                loading={busy}
                disabled={read.parts.length === 0 || who.trim() === ''}
                onClick={() => void put()}
              >
                Put {read.parts.length} in
              </Button>
              <Button size="xs" onClick={() => setRead(null)}>
                Drop
              </Button>
            </Flex>
          </Banner>
        </Box>
      )}
    </>
  );
}
