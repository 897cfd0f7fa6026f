'use client';
import { Box, Fieldset, Grid, IconButton, Input, Text, Textarea } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { useEffect, useRef } from 'react';
import {
  Controller,
  useFieldArray,
  useFormState,
  type Control,
  type UseFormClearErrors,
  type UseFormRegister,
} from 'react-hook-form';
import type { Action } from '@/core/decision';
import { DateInput } from '../fields/date-input';
import { FigureButton } from '../kit';
import { dateProblem } from './date-problem';
import type { Signing } from './use-signing';

/** What is to be done, by whom, by when. */
export function ActionsFields({
  control,
  register,
  clearErrors,
  suggested,
  kept,
}: {
  readonly control: Control<Signing>;
  readonly register: UseFormRegister<Signing>;
  readonly clearErrors: UseFormClearErrors<Signing>;
  readonly suggested: readonly Action[];
  /** Whether the actions are those of a decision signed before. */
  readonly kept: boolean;
}) {
  const { fields, append, remove, replace } = useFieldArray({ control, name: 'actions' });
  const { errors } = useFormState({ control });
  // Until a hand has been at them the actions follow the choice; what was typed is never taken away.
  const touched = useRef(kept);
  const asText = JSON.stringify(suggested);
  useEffect(() => {
    if (!touched.current) replace(JSON.parse(asText) as Action[]);
  }, [asText, replace]);
  const touch = (): void => {
    touched.current = true;
  };
  return (
    <Fieldset.Root onInput={touch} onClick={touch} mt="3.5">
      <Fieldset.Legend>Actions</Fieldset.Legend>
      {fields.map((field, i) => {
        const problem = errors.actions?.[i]?.by?.message;
        return (
          <Grid
            key={field.id}
            templateColumns={{ base: '1fr 1fr 1.75rem', md: 'minmax(0, 1fr) 9rem 9.5rem 1.75rem' }}
            rowGap="1"
            columnGap="3"
            alignItems="start"
            py="1"
          >
            <Box gridColumn={{ base: '1 / -1', md: 'auto' }}>
              <Textarea
                aria-label={`Action ${i + 1}, what`}
                placeholder="what"
                rows={1}
                resize="none"
                onKeyDown={(event) => event.key === 'Enter' && event.preventDefault()}
                {...register(`actions.${i}.what`, { maxLength: 300 })}
              />
            </Box>
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
                <DateInput
                  label={`Action ${i + 1}, by`}
                  bad={fieldState.invalid}
                  value={value}
                  onTake={onChange}
                  // What is wrong goes as one types: were it to go on leaving, the button pressed would move away.
                  onTyping={() => clearErrors(`actions.${i}.by`)}
                  inputRef={ref}
                />
              )}
            />
            <IconButton size="xs" variant="ghost" aria-label={`Remove action ${i + 1}`} onClick={() => remove(i)}>
              <X size={14} />
            </IconButton>
            {problem !== undefined && (
              <Text gridColumn="1 / -1" textStyle="label" color="alarm" role="alert">
                ▲ {problem}
              </Text>
            )}
          </Grid>
        );
      })}
      <FigureButton textStyle="label" onClick={() => append({ what: '', owner: '', by: '' })}>
        Add an action
      </FigureButton>
    </Fieldset.Root>
  );
}
