'use client';
import { Button } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { useForm, type FieldError } from 'react-hook-form';
import { CORE_VERSION } from '@/core/version';
import type { DecisionRecord } from '@/server/decisions';
import { call, Refused } from '../api';
import { plainDate } from '../format';
import { useQuantity, useStudy } from '../study/study-context';

interface Signing {
  readonly why: string;
  readonly signedBy: string;
  readonly signedOn: string;
}

/** Why this route, who signs and when. What was written stays until it is signed. */
export function SignForm({
  laneId,
  before,
}: {
  readonly laneId: string;
  /** The reopened decision whose reason is taken up again. */
  readonly before: DecisionRecord | undefined;
}) {
  const { id, orderDate, decisions, setDecisions, flush, adopt, saveState } = useStudy();
  const { q } = useQuantity();
  const [problem, setProblem] = useState<string | null>(null);
  const { register, handleSubmit, formState } = useForm<Signing>({
    defaultValues: { why: before?.why ?? '', signedBy: '', signedOn: new Date().toISOString().slice(0, 10) },
  });
  const { errors, isSubmitting } = formState;
  const sign = handleSubmit(async (input) => {
    setProblem(null);
    try {
      const version = await flush();
      const decision = await call<DecisionRecord>('POST', `/api/studies/${id}/decisions`, {
        ...input,
        laneId,
        quantity: q,
        version,
      });
      adopt(version + 1);
      setDecisions([decision, ...decisions]);
    } catch (error) {
      setProblem(
        error instanceof Refused
          ? error.message
          : 'The server does not answer. Nothing was signed; what you wrote stands here.',
      );
    }
  });
  return (
    <section className="section record">
      <h2>Why, and who signs</h2>
      <form onSubmit={(event) => void sign(event)} noValidate>
        <SignField
          id="why"
          label="Why this route"
          error={errors.why}
          help="For the one who asks in two years. The reasons against it are kept beside it."
        >
          <textarea
            id="why"
            rows={4}
            aria-invalid={errors.why !== undefined}
            {...register('why', {
              required: 'Why this route is empty: a reason of at least one word is wanted.',
              maxLength: { value: 4000, message: 'Why this route: at most 4000 letters are wanted.' },
            })}
          />
        </SignField>
        <div className="form-grid" style={{ marginTop: 12 }}>
          <SignField id="signedBy" label="Signed by" error={errors.signedBy}>
            <input
              id="signedBy"
              autoComplete="name"
              aria-invalid={errors.signedBy !== undefined}
              {...register('signedBy', { required: 'Signed by is empty: a name is wanted.' })}
            />
          </SignField>
          <SignField id="signedOn" label="On" error={errors.signedOn}>
            <input
              id="signedOn"
              type="date"
              aria-invalid={errors.signedOn !== undefined}
              {...register('signedOn', { required: 'On is empty: a date is wanted.' })}
            />
          </SignField>
        </div>
        {problem !== null && (
          <p role="alert" style={{ color: 'var(--alarm)', marginTop: 10 }}>
            {problem}
          </p>
        )}
        <Button
          type="submit"
          size="sm"
          colorPalette="hot"
          mt="4"
          loading={isSubmitting}
          loadingText="Signing …"
          disabled={saveState === 'conflict'}
        >
          Sign and freeze
        </Button>
        <p className="small quiet" style={{ marginTop: 6 }}>
          Freezes the brief, the rates, the results and the core version ({CORE_VERSION}). Order date for the dates:{' '}
          {plainDate(orderDate)}.
        </p>
      </form>
    </section>
  );
}

/** A labelled box of the form, with what is wrong in it. */
function SignField({
  id,
  label,
  error,
  help,
  children,
}: {
  readonly id: string;
  readonly label: string;
  readonly error: FieldError | undefined;
  readonly help?: string;
  readonly children: ReactNode;
}) {
  return (
    <div className="field">
      <label htmlFor={id}>{label}</label>
      <div className={error ? 'inbox is-bad' : 'inbox'}>{children}</div>
      {error && (
        <div className="bad" role="alert">
          {error.message}
        </div>
      )}
      {help !== undefined && <div className="help">{help}</div>}
    </div>
  );
}
