'use client';
import { Box, Button, Input, Text, Textarea } from '@chakra-ui/react';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import type { DecisionRecord } from '@/server/decisions';
import { call } from '../api';
import { plainDate } from '../format';
import { Fold, Section } from '../kit';
import { useStudy } from '../study/study-context';
import { SignField } from './sign-field';

/** What was written against a decision, and a place to write more. Nothing here changes the decision. */
export function Dissents({ decision }: { readonly decision: DecisionRecord }) {
  return (
    <Section title="Dissent" data-testid="dissents">
      {decision.dissents.length === 0 && (
        <Text color="fg.muted" textStyle="label">
          None.
        </Text>
      )}
      {decision.dissents.map((d) => (
        <Box as="blockquote" key={d.id} my="1">
          {d.words}
          <Box as="footer" textStyle="label" color="fg.muted">
            {d.who}, {plainDate(d.writtenAt)}
          </Box>
        </Box>
      ))}
      <Box _print={{ display: 'none' }}>
        <Fold summary="Add a dissent">
          <DissentForm decision={decision} />
        </Fold>
      </Box>
    </Section>
  );
}

function DissentForm({ decision }: { readonly decision: DecisionRecord }) {
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
    <form onSubmit={(event) => void write(event)} noValidate>
      <SignField
        id="dissent-words"
        label="Why not"
        error={errors.words}
        help="Kept beside the decision, which does not change."
      >
        <Textarea
          rows={3}
          {...register('words', {
            required: 'Why not is empty: a reason of at least one word is wanted.',
            maxLength: { value: 4000, message: 'Why not: at most 4000 letters are wanted.' },
          })}
        />
      </SignField>
      <SignField id="dissent-who" label="Who disagrees" error={errors.who}>
        <Input
          autoComplete="name"
          {...register('who', {
            required: 'Who disagrees is empty: a name is wanted.',
            maxLength: { value: 80, message: 'Who disagrees: at most 80 letters are wanted.' },
          })}
        />
      </SignField>
      {problem !== null && (
        <Text role="alert" color="alarm">
          {problem}
        </Text>
      )}
      <Button type="submit" size="xs" mt="3" loading={isSubmitting} loadingText="Saving …">
        Save the dissent
      </Button>
    </form>
  );
}
