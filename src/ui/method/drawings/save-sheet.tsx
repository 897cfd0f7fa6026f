'use client';
import { Button, Span } from '@chakra-ui/react';
import { useState } from 'react';
import type { PartOutline } from '@/core/part-file/outline';
import { useUnits } from '../../preferences';
import { download, JobLine, useJob } from '../../progress';
import { useQuantity, useStudy } from '../../study/study-context';

const PAPERS = ['A4', 'LETTER'] as const;

/** The whole sheet as a PDF: what is saved, with the drawings of the part as this browser has them. */
export function SaveSheet({ laneId, outline }: { readonly laneId: string; readonly outline: PartOutline | null }) {
  const { id, saveState } = useStudy('id', 'saveState');
  const { q } = useQuantity();
  const [units] = useUnits();
  const { state, run, stop } = useJob();
  const [problem, setProblem] = useState('');
  const make = async (paper: (typeof PAPERS)[number]): Promise<void> => {
    setProblem('');
    try {
      await run(({ headers, signal }) =>
        download(`/api/studies/${id}/method-sheet`, {
          ...{ method: 'POST', signal, headers: { ...headers, 'content-type': 'application/json' } },
          body: JSON.stringify({ laneId, q, units, paper, outline }),
        }),
      );
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <>
      {PAPERS.map((paper) => (
        <Button
          key={paper}
          size="xs"
          variant="outline"
          disabled={saveState !== 'saved'}
          onClick={() => void make(paper)}
        >
          PDF, {paper === 'A4' ? 'A4' : 'Letter'}
        </Button>
      ))}
      {state !== null && <JobLine label="PDF" state={state} onStop={stop} />}
      {problem !== '' && (
        <Span role="alert" textStyle="label" color="alarm">
          {problem}
        </Span>
      )}
    </>
  );
}
