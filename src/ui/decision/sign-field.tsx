'use client';
import { Field } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { FieldError } from 'react-hook-form';

/** Frame of a field of the signing form: label, what is wrong, help. */
export function SignField({
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
    <Field.Root invalid={error !== undefined} id={id} role={undefined} mb="2.5">
      <Field.Label>{label}</Field.Label>
      {children}
      {error !== undefined && <Field.ErrorText role="alert">{error.message}</Field.ErrorText>}
      {help !== undefined && <Field.HelperText>{help}</Field.HelperText>}
    </Field.Root>
  );
}
