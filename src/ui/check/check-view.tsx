'use client';
import { Box, Button, Heading, Span, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { filesOfCases, UNUSED, WORKED_CASES, type VectorResult } from '@/core/reference/worked-cases';
import { runCases } from '@/workers/cases.client';
import { call, failureWords } from '../api';
import { DataTable, type DataColumn } from '../kit';
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

/** A case as it came out here, and its place in the list. */
type CaseRow = VectorResult & { readonly at: number };

/** Columns of the cases. @param there how each came out on the server; null while that is not known */
function columnsOf(there: readonly VectorResult[] | null): readonly DataColumn<CaseRow>[] {
  const mono = (words: string) => <Span textStyle="mono">{words}</Span>;
  return [
    { id: 'case', title: 'Case', sort: (r) => r.id, cell: (r) => mono(r.id) },
    {
      id: 'formula',
      title: 'Formula',
      sort: (r) => r.formula,
      cell: (r) => (
        <>
          {mono(r.formula)}
          {UNUSED.has(r.formula) && (
            <Box textStyle="label" color="fg.muted">
              not used by any view yet
            </Box>
          )}
        </>
      ),
    },
    {
      id: 'here',
      title: 'This browser',
      sort: (r) => r.outcome,
      cell: (r) => (
        <>
          <Mark status={r.outcome === 'passed' ? 'fits' : 'blocked'} label={false} /> {r.outcome}
        </>
      ),
    },
    {
      id: 'there',
      title: 'Server',
      cell: (r) => (
        <>
          <Mark status={there?.[r.at]?.outcome === 'passed' ? 'fits' : 'not-known'} label={false} />{' '}
          {there?.[r.at]?.outcome ?? '…'}
        </>
      ),
    },
    { id: 'detail', title: 'Difference', cell: (r) => r.detail || there?.[r.at]?.detail },
  ];
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
    call<VectorResult[]>('GET', '/api/check').then(setThere, (error: unknown) =>
      setProblem(failureWords(error, 'the server does not answer. What this browser finds stands below.')),
    );
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
    <Box as="section" mt="3.5">
      <Heading as="h1" size="lg" mt="3">
        Check the arithmetic
      </Heading>
      <Text maxW="80ch" my="1.5">
        Every form of every equation of the model has a worked case with a known result; so have the board figures of
        three parts and every formula of the handbook. They are run in this browser and on the server: both must give
        the same.
      </Text>
      <Text role="status" data-testid="tally" fontWeight="bold" color={problem === null ? 'fg' : 'alarm'}>
        {problem !== null
          ? `▲ Not checked: ${problem}`
          : agree === null || here === null
            ? 'Running …'
            : `${passed} of ${here.length} cases pass; ${agree} of ${here.length} agree between browser and server.`}
      </Text>
      <Button
        size="xs"
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
      {here !== null && (
        <DataTable
          label="Worked cases"
          columns={columnsOf(there)}
          rows={here.map((r, i) => ({ ...r, at: i }))}
          rowKey={(r) => `${r.id} ${r.at}`}
          rowHeight={34}
        />
      )}
    </Box>
  );
}
