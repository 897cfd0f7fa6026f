'use client';
import { INK } from '../theme/ink';
import { Section } from '../kit';
import { Button, Input, Text, Textarea } from '@chakra-ui/react';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import type { DecisionRecord } from '@/server/decisions';
import { call } from '../api';
import { plainDate } from '../format';
import { useStudy } from '../study/study-context';
import { SignField } from './sign-field';

/** What was written against a decision, and a place to write more. Nothing here changes the decision. */
export function Dissents({ decision }: { readonly decision: DecisionRecord }) {
  const { id, decisions, setDecisions } = useStudy('id', 'decisions', 'setDecisions');
  const [problem, setProblem] = useState<string | null>(null);
  const { register, handleSubmit, formState, reset } = useForm<{ who: string; words: string }>({
    defaultValues: { who: '', words: '' },
  });
  const { errors, isSubmitting } = formState;
  const write = handleSubmit(async (dissent) => {
    setProblem(null);
    try {
      const changed = await call<DecisionRecord>(
        'POST',
        `/api/studies/${id}/decisions/${decision.id}/dissents`,
        dissent,
      );
      setDecisions(decisions.map((d) => (d.id === changed.id ? changed : d)));
      reset();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  });
  return (
    <Section title="Dissent" className="record" data-testid="dissents">
      {decision.dissents.length === 0 && (
        <Text color="fg.muted" textStyle="label">
          Nobody has written against it.
        </Text>
      )}
      {decision.dissents.map((d) => (
        <blockquote key={d.id}>
          {d.words}
          <footer className="small quiet">
            {d.who}, {plainDate(d.writtenAt)}
          </footer>
        </blockquote>
      ))}
      <details className="no-print">
        <summary className="small">Write a dissent</summary>
        <form onSubmit={(event) => void write(event)} noValidate>
          <SignField
            id="dissent-words"
            label="Why not"
            error={errors.words}
            help="Kept beside the decision, which stays as it is."
          >
            <Textarea
              id="dissent-words"
              rows={3}
              aria-invalid={errors.words !== undefined}
              {...register('words', {
                required: 'Why not is empty: a reason of at least one word is wanted.',
                maxLength: { value: 4000, message: 'Why not: at most 4000 letters are wanted.' },
              })}
            />
          </SignField>
          <SignField id="dissent-who" label="Who does not agree" error={errors.who}>
            <Input
              id="dissent-who"
              autoComplete="name"
              aria-invalid={errors.who !== undefined}
              {...register('who', {
                required: 'Who does not agree is empty: a name is wanted.',
                maxLength: { value: 80, message: 'Who does not agree: at most 80 letters are wanted.' },
              })}
            />
          </SignField>
          {problem !== null && (
            <p role="alert" style={{ color: INK.alarm }}>
              {problem}
            </p>
          )}
          <Button type="submit" size="xs" variant="outline" mt="3" loading={isSubmitting} loadingText="Writing …">
            Keep the dissent
          </Button>
        </form>
      </details>
    </Section>
  );
}
