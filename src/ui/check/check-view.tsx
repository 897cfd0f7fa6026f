'use client';
import { Button } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import { WORKED_CASES, type VectorResult } from '@/core/formulas';
import { SurveyClient } from '@/workers/survey.client';
import { call } from '../api';
import { Mark } from '../marks/mark';

/** The worked cases of every formula, run here in this browser's worker and on the server, side by side. */
export function CheckView() {
  const [here, setHere] = useState<readonly VectorResult[] | null>(null);
  const [there, setThere] = useState<readonly VectorResult[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [round, setRound] = useState(0);
  const client = useRef<SurveyClient | null>(null);
  useEffect(() => {
    const worker = new SurveyClient();
    client.current = worker;
    const fail = (error: unknown): void => setProblem(error instanceof Error ? error.message : String(error));
    worker.cases(WORKED_CASES).then(setHere, fail);
    call<VectorResult[]>('GET', '/api/check').then(setThere, fail);
    return () => worker.close();
  }, [round]);
  const agree =
    here !== null && there !== null
      ? here.filter((r, i) => r.outcome === there[i]?.outcome && r.detail === there[i]?.detail).length
      : null;
  const passed = here?.filter((r) => r.outcome === 'passed').length ?? 0;
  return (
    <section className="section" style={{ marginTop: 14 }}>
      <h1>Check the arithmetic</h1>
      <p style={{ maxWidth: '80ch', margin: '6px 0' }}>
        Each formula of the core has worked cases with known results. They are run in this browser and on the server;
        both must give the same.
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
      <div className="scroll-x">
        <table className="sheet-table">
          <thead>
            <tr>
              <th>Case</th>
              <th>Formula</th>
              <th>This browser</th>
              <th>Server</th>
              <th>Difference</th>
            </tr>
          </thead>
          <tbody>
            {(here ?? []).map((r, i) => (
              <tr key={`${r.id}${i}`}>
                <td className="mono">{r.id}</td>
                <td className="mono">{r.formula}</td>
                <td>
                  <Mark status={r.outcome === 'passed' ? 'fits' : 'blocked'} label={false} /> {r.outcome}
                </td>
                <td>
                  <Mark status={there?.[i]?.outcome === 'passed' ? 'fits' : 'not-known'} label={false} />{' '}
                  {there?.[i]?.outcome ?? '…'}
                </td>
                <td>{r.detail || there?.[i]?.detail}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
