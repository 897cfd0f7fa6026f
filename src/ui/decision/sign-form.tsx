'use client';
import { FigureButton, FormGrid, Section, TextButton } from '../kit';
import { Box, Button, Input, Text, Textarea } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import { Controller, useFieldArray, useForm } from 'react-hook-form';
import { isReason, REASON_WANTED, type Action, type DrawnBy } from '@/core/decision';
import { DATE_WANTED, isPlainDate } from '@/core/base/plain-date';
import { CORE_VERSION } from '@/core/base/version';
import type { DecisionRecord } from '@/server/decisions';
import { call, Refused } from '../api';
import { HALF_DATE, PlainDateInput } from '../fields/plain-date-input';
import { plainDate } from '../format';
import { JobLine, useJob } from '../progress';
import { ownName, setOwnName } from '../study/autosave';
import { useQuantity, useStudy } from '../study/study-context';
import { SignField } from './sign-field';

interface Signing {
  readonly why: string;
  readonly signedBy: string;
  readonly signedOn: string;
  readonly actions: { what: string; owner: string; by: string }[];
  readonly against: string;
  readonly dissenter: string;
}

/** What is wrong with a date, in words; true where nothing is. */
function dateProblem(name: string, iso: string): true | string {
  if (isPlainDate(iso)) return true;
  const said = iso === '' ? ' is empty' : iso === HALF_DATE ? ': the date is not whole' : ` “${iso}”`;
  return `${name}${said}: ${DATE_WANTED} is wanted.`;
}

/** Why this route, what is to be done by whom, who does not agree, who signs. What was written stays until it is signed. */
export function SignForm({
  laneId,
  plan,
  drawn,
  suggested,
  before,
  hold,
}: {
  readonly laneId: string;
  /** Whether the adopted plan in two steps is signed. */
  readonly plan: boolean;
  readonly drawn: DrawnBy;
  readonly suggested: readonly Action[];
  /** The reopened decision whose reason and actions are taken up again. */
  readonly before: DecisionRecord | undefined;
  /** Why nothing can be signed at this moment, in words; null where it can. */
  readonly hold: string | null;
}) {
  const { id, orderDate, decisions, setDecisions, flush, adopt, saveState } = useStudy(
    'id',
    'orderDate',
    'decisions',
    'setDecisions',
    'flush',
    'adopt',
    'saveState',
  );
  const { q } = useQuantity();
  const [problem, setProblem] = useState<string | null>(null);
  const { register, control, handleSubmit, formState } = useForm<Signing>({
    defaultValues: {
      why: before?.why ?? '',
      signedBy: ownName(),
      signedOn: new Date().toISOString().slice(0, 10),
      actions: [...(before?.actions.length ? before.actions : suggested)],
      against: '',
      dissenter: '',
    },
  });
  const { fields, append, remove, replace } = useFieldArray({ control, name: 'actions' });
  // Until a hand has been at them the actions follow the choice; what was typed is never taken away.
  const touched = useRef((before?.actions.length ?? 0) > 0);
  const asText = JSON.stringify(suggested);
  useEffect(() => {
    if (!touched.current) replace(JSON.parse(asText) as Action[]);
  }, [asText, replace]);
  const { errors, isSubmitting } = formState;
  const { state, run, stop } = useJob();
  const sign = handleSubmit(async ({ against, dissenter, ...input }) => {
    setProblem(null);
    try {
      const version = await flush();
      const signed = {
        ...input,
        actions: input.actions.filter((a) => a.what.trim() !== ''),
        ...(against.trim() === '' ? {} : { dissent: { who: dissenter, words: against } }),
        laneId,
        plan,
        drawn,
        orderDate,
        quantity: q,
        version,
      };
      const decision = await run((init) =>
        call<DecisionRecord>('POST', `/api/studies/${id}/decisions`, signed, {
          ...init,
          headers: { ...init.headers, 'content-type': 'application/json' },
        }),
      );
      if (decision === null) {
        // It may have been written in the moment it was stopped in: the server knows.
        const now = await call<DecisionRecord[]>('GET', `/api/studies/${id}/decisions`);
        if (now.length > decisions.length) {
          adopt(version + 1);
          setDecisions(now);
        } else setProblem('Stopped. Nothing was signed; what you wrote stands here.');
        return;
      }
      if (ownName() === '') setOwnName(input.signedBy);
      adopt(version + 1);
      setDecisions([decision, ...decisions]);
      // The record stands where the board of routes stood: at the top, not where the hand signed.
      requestAnimationFrame(() => window.scrollTo({ top: 0 }));
    } catch (error) {
      setProblem(
        error instanceof Refused
          ? error.message
          : 'The server does not answer. Nothing was signed; what you wrote stands here.',
      );
    }
  });
  return (
    <Section title="Why, what next, and who signs" className="record">
      <form onSubmit={(event) => void sign(event)} noValidate>
        <SignField
          id="why"
          label="Why this route"
          error={errors.why}
          help="For the one who asks in two years. The reasons against it are kept beside it."
        >
          <Textarea
            id="why"
            rows={4}
            aria-invalid={errors.why !== undefined}
            {...register('why', {
              validate: (words) =>
                isReason(words) ||
                `Why this route${words.trim() === '' ? ' is empty' : `, “${words.trim()}”`}: ${REASON_WANTED} is wanted.`,
              maxLength: { value: 4000, message: 'Why this route: at most 4000 letters are wanted.' },
            })}
          />
        </SignField>
        <fieldset
          className="actions-form"
          onInput={() => (touched.current = true)}
          onClick={() => (touched.current = true)}
        >
          <legend>Actions and owners</legend>
          {fields.map((field, i) => (
            <div key={field.id} className="action-row">
              <Textarea
                aria-label={`Action ${i + 1}, what`}
                placeholder="what"
                rows={1}
                onKeyDown={(event) => event.key === 'Enter' && event.preventDefault()}
                {...register(`actions.${i}.what`, { maxLength: 300 })}
              />
              <Input
                aria-label={`Action ${i + 1}, who`}
                placeholder="who"
                {...register(`actions.${i}.owner`, { maxLength: 80 })}
              />
              <Controller
                control={control}
                name={`actions.${i}.by`}
                rules={{ validate: (by) => by === '' || dateProblem(`Action ${i + 1}, by`, by) }}
                render={({ field: { value, onChange, ref }, fieldState }) => (
                  <PlainDateInput
                    aria-label={`Action ${i + 1}, by`}
                    aria-invalid={fieldState.invalid}
                    value={value}
                    onTake={onChange}
                    inputRef={ref}
                  />
                )}
              />
              <TextButton size="sm" aria-label={`Remove action ${i + 1}`} onClick={() => remove(i)}>
                ×
              </TextButton>
              {errors.actions?.[i]?.by?.message !== undefined && (
                <Box color="alarm" role="alert">
                  {errors.actions[i].by.message}
                </Box>
              )}
            </div>
          ))}
          <FigureButton textStyle="label" onClick={() => append({ what: '', owner: '', by: '' })}>
            another action
          </FigureButton>
        </fieldset>
        <details className="dissent-form">
          <summary className="small">Somebody does not agree</summary>
          <SignField id="against" label="Why not" error={errors.against} help="Kept beside the decision.">
            <Textarea id="against" rows={2} {...register('against', { maxLength: 4000 })} />
          </SignField>
          <SignField id="dissenter" label="Who does not agree" error={errors.dissenter}>
            <Input
              id="dissenter"
              autoComplete="name"
              aria-invalid={errors.dissenter !== undefined}
              {...register('dissenter', {
                validate: (who, all) =>
                  all.against.trim() === '' ||
                  who.trim() !== '' ||
                  'Who does not agree is empty: a name is wanted for what was written.',
              })}
            />
          </SignField>
        </details>
        <FormGrid style={{ marginTop: 12 }}>
          <SignField id="signedBy" label="Signed by" error={errors.signedBy}>
            <Input
              id="signedBy"
              autoComplete="name"
              aria-invalid={errors.signedBy !== undefined}
              {...register('signedBy', { required: 'Signed by is empty: a name is wanted.' })}
            />
          </SignField>
          <SignField id="signedOn" label="On" error={errors.signedOn}>
            <Controller
              control={control}
              name="signedOn"
              rules={{ validate: (on) => dateProblem('On', on) }}
              render={({ field: { value, onChange, ref }, fieldState }) => (
                <PlainDateInput
                  id="signedOn"
                  aria-invalid={fieldState.invalid}
                  value={value}
                  onTake={onChange}
                  inputRef={ref}
                />
              )}
            />
          </SignField>
        </FormGrid>
        {problem !== null && (
          <p role="alert" style={{ color: 'var(--alarm)', marginTop: 10 }}>
            {problem}
          </p>
        )}
        <Button
          type="submit"
          size="sm"
          variant="solid"
          mt="4"
          loading={isSubmitting}
          loadingText="Signing …"
          disabled={saveState === 'conflict' || hold !== null}
        >
          Sign and freeze
        </Button>
        {state !== null && <JobLine label="Freezing" state={state} onStop={stop} />}
        {hold !== null && (
          <Text textStyle="label" role="status">
            {hold}
          </Text>
        )}
        <Text textStyle="label" color="fg.muted" style={{ marginTop: 6 }}>
          Freezes the brief, the rates, the results, the draws and the core version ({CORE_VERSION}). Order date for the
          dates: {plainDate(orderDate)}.
        </Text>
      </form>
    </Section>
  );
}
