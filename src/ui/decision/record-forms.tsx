'use client';
import { Button, Span } from '@chakra-ui/react';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { download, JobLine, useJob } from '../progress';

const FORMS = [
  ['pdf?paper=A4', 'PDF, A4'],
  ['pdf?paper=LETTER', 'PDF, Letter'],
  ['xlsx', 'Workbook'],
  ['csv', 'CSV'],
  ['json', 'JSON'],
] as const;

/** The record as files. */
export function RecordForms({ studyId, decisionId }: { readonly studyId: string; readonly decisionId: string }) {
  const { state, run, stop } = useJob();
  const [asked, setAsked] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const make = async (path: string, name: string): Promise<void> => {
    setAsked(name);
    setProblem(null);
    try {
      await run((init) => download(path, init));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <>
      {FORMS.map(([form, name]) => {
        const path = `/api/studies/${studyId}/decisions/${decisionId}/record/${form}`;
        return (
          <Button key={form} asChild size="xs">
            <a
              href={path}
              download
              onClick={(event) => {
                event.preventDefault();
                void make(path, name);
              }}
            >
              <Download size={13} aria-hidden />
              {name}
            </a>
          </Button>
        );
      })}
      {state !== null && <JobLine label={asked} state={state} onStop={stop} />}
      {problem !== null && (
        <Span role="alert" textStyle="label" color="alarm">
          {asked}: {problem}
        </Span>
      )}
    </>
  );
}
