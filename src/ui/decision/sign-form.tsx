'use client';
import { Box, Button, Input, Text, Textarea } from '@chakra-ui/react';
import { Controller, useForm } from 'react-hook-form';
import { CORE_VERSION } from '@/core/base/version';
import { isReason, REASON_WANTED, type Action } from '@/core/decision';
import type { DecisionRecord } from '@/server/decisions';
import { DateInput } from '../fields/date-input';
import { plainDate } from '../format';
import { Fold, FormGrid, Section } from '../kit';
import { JobLine } from '../progress';
import { ownName } from '../study/autosave';
import { useStudy } from '../study/study-context';
import { ActionsFields } from './actions-fields';
import { dateProblem } from './date-problem';
import { SignField } from './sign-field';
import { useSigning, type SignedChoice, type Signing } from './use-signing';

/** Letters at most of the reason and of what speaks against it. */
const MOST_LETTERS = 4000;

/** Why this route, what is to be done by whom, who disagrees, who signs. What was written stays until it is signed. */
export function SignForm({
  suggested,
  before,
  hold,
  ...choice
}: SignedChoice & {
  readonly suggested: readonly Action[];
  /** The reopened decision whose reason and actions are taken up again. */
  readonly before: DecisionRecord | undefined;
  /** Why nothing can be signed at this moment, in words; null where it can. */
  readonly hold: string | null;
}) {
  const { orderDate, saveState } = useStudy('orderDate', 'saveState');
  const kept = (before?.actions.length ?? 0) > 0;
  const { register, control, clearErrors, handleSubmit, formState } = useForm<Signing>({
    defaultValues: {
      why: before?.why ?? '',
      signedBy: ownName(),
      signedOn: new Date().toISOString().slice(0, 10),
      actions: [...(kept ? (before?.actions ?? []) : suggested)],
      against: '',
      dissenter: '',
    },
  });
  const { errors, isSubmitting } = formState;
  const { sign, problem, state, stop } = useSigning(choice);
  return (
    <Section title="Reason, actions, signature" maxW="54rem">
      <form onSubmit={(event) => void handleSubmit(sign)(event)} noValidate>
        <SignField
          id="why"
          label="Why this route"
          error={errors.why}
          help="For whoever asks in two years. The reasons against it are kept beside it."
        >
          <Textarea
            rows={4}
            {...register('why', {
              validate: (words) =>
                isReason(words) ||
                `Why this route${words.trim() === '' ? ' is empty' : `, “${words.trim()}”`}: ${REASON_WANTED} is wanted.`,
              maxLength: {
                value: MOST_LETTERS,
                message: `Why this route: at most ${MOST_LETTERS} letters are wanted.`,
              },
            })}
          />
        </SignField>
        <ActionsFields
          control={control}
          register={register}
          clearErrors={clearErrors}
          suggested={suggested}
          kept={kept}
        />
        <Fold summary="Somebody disagrees">
          <SignField id="against" label="Why not" error={errors.against} help="Kept beside the decision.">
            <Textarea rows={2} {...register('against', { maxLength: MOST_LETTERS })} />
          </SignField>
          <SignField id="dissenter" label="Who disagrees" error={errors.dissenter}>
            <Input
              autoComplete="name"
              {...register('dissenter', {
                validate: (who, all) =>
                  all.against.trim() === '' ||
                  who.trim() !== '' ||
                  'Who disagrees is empty: a name is wanted for what was written.',
              })}
            />
          </SignField>
        </Fold>
        <FormGrid mt="3">
          <SignField id="signedBy" label="Signed by" error={errors.signedBy}>
            <Input
              autoComplete="name"
              {...register('signedBy', { required: 'Signed by is empty: a name is wanted.' })}
            />
          </SignField>
          <SignField id="signedOn" label="Date" error={errors.signedOn}>
            <Controller
              control={control}
              name="signedOn"
              rules={{ validate: (on) => dateProblem('Date', on) }}
              render={({ field: { value, onChange, ref }, fieldState }) => (
                <DateInput
                  id="signedOn"
                  label="Date"
                  bad={fieldState.invalid}
                  value={value}
                  onTake={onChange}
                  onTyping={() => clearErrors('signedOn')}
                  inputRef={ref}
                />
              )}
            />
          </SignField>
        </FormGrid>
        {problem !== null && (
          <Text role="alert" color="alarm" mt="2.5">
            {problem}
          </Text>
        )}
        <Box mt="4">
          <Button
            type="submit"
            variant="solid"
            loading={isSubmitting}
            loadingText="Signing …"
            disabled={saveState === 'conflict' || hold !== null}
          >
            Sign decision
          </Button>
        </Box>
        {state !== null && <JobLine label="Signing" state={state} onStop={stop} />}
        {hold !== null && (
          <Text textStyle="label" role="status">
            {hold}
          </Text>
        )}
        <Text textStyle="label" color="fg.muted" mt="1.5">
          Signing keeps the brief, the rates, the results, the simulation and the version of the model ({CORE_VERSION})
          as they are now. Dates count from {plainDate(orderDate)}.
        </Text>
      </form>
    </Section>
  );
}
