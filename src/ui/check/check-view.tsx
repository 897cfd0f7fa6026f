'use client';
import { Box, Button, Heading, Table } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { filesOfCases, UNUSED, WORKED_CASES, type VectorResult } from '@/core/reference/worked-cases';
import { runCases } from '@/workers/cases.client';
import { call } from '../api';
import { Mark } from '../marks/mark';

/** The part files that worked cases name, as the application ships them. */
async function filesAtHand(): Promise<Map<string, Uint8Array>> {
  const files = new Map<string, Uint8Array>();
  for (const path of filesOfCases(WORKED_CASES)) {
    const response = await fetch(`/worked-cases/${path}`);
    if (!response.ok) throw new Error(`${path} could not be fetched`);
    files.set(path, new Uint8Array(await response.arrayBuffer()));
  }
  return files;
}

/** The worked cases of every formula, run here in this browser's worker and on the server, side by side. */
export function CheckView() {
  const [here, setHere] = useState<readonly VectorResult[] | null>(null);
  const [there, setThere] = useState<readonly VectorResult[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [round, setRound] = useState(0);
  useEffect(() => {
    let stop = (): void => undefined;
    let gone = false;
    const fail = (error: unknown): void => setProblem(error instanceof Error ? error.message : String(error));
    void filesAtHand().then((files) => {
      if (gone) return;
      const run = runCases({ cases: WORKED_CASES, files });
      stop = run.stop;
      run.done.then(setHere, fail);
    }, fail);
    call<VectorResult[]>('GET', '/api/check').then(setThere, fail);
    return () => {
      gone = true;
      stop();
    };
  }, [round]);
  const agree =
    here !== null && there !== null
      ? here.filter((r, i) => r.outcome === there[i]?.outcome && r.detail === there[i]?.detail).length
      : null;
  const passed = here?.filter((r) => r.outcome === 'passed').length ?? 0;
  return (
    <section className="section" style={{ marginTop: 14 }}>
      <Heading as="h1" size="lg">
        Check the arithmetic
      </Heading>
      <p style={{ maxWidth: '80ch', margin: '6px 0' }}>
        Each form of each equation of the model has a worked case with a known result, and so have the figures of the
        board of three parts and each formula of the book. They are run in this browser and on the server; both must
        give the same.
      </p>
      <p role="status" data-testid="tally" style={{ fontWeight: 600 }}>
        {problem !== null
          ? `Could not be run: ${problem}`
          : agree === null || here === null
            ? 'Running …'
            : `${passed} of ${here.length} cases give their result; ${agree} of ${here.length} agree between browser and server.`}
      </p>
      <Button
        size="xs"
        variant="outline"
        my="2"
        onClick={() => {
          setHere(null);
          setThere(null);
          setProblem(null);
          setRound(round + 1);
        }}
      >
        Run again
      </Button>
      <Table.ScrollArea>
        <Table.Root size="sm">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Case</Table.ColumnHeader>
              <Table.ColumnHeader>Formula</Table.ColumnHeader>
              <Table.ColumnHeader>This browser</Table.ColumnHeader>
              <Table.ColumnHeader>Server</Table.ColumnHeader>
              <Table.ColumnHeader>Difference</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {(here ?? []).map((r, i) => (
              <Table.Row key={`${r.id}${i}`}>
                <Table.Cell textStyle="mono">{r.id}</Table.Cell>
                <Table.Cell textStyle="mono">
                  {r.formula}
                  {UNUSED.has(r.formula) && (
                    <Box textStyle="label" color="fg.muted">
                      no view uses it yet
                    </Box>
                  )}
                </Table.Cell>
                <Table.Cell>
                  <Mark status={r.outcome === 'passed' ? 'fits' : 'blocked'} label={false} /> {r.outcome}
                </Table.Cell>
                <Table.Cell>
                  <Mark status={there?.[i]?.outcome === 'passed' ? 'fits' : 'not-known'} label={false} />{' '}
                  {there?.[i]?.outcome ?? '…'}
                </Table.Cell>
                <Table.Cell>{r.detail || there?.[i]?.detail}</Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
    </section>
  );
}
