'use client';
import { Field, Textarea } from '@chakra-ui/react';

/** Days the shop is closed, beside weekends: one after another, as they are typed. */
export function HolidaysField({
  text,
  problem,
  readOnly,
  onChange,
}: {
  readonly text: string;
  readonly problem: string | null;
  readonly readOnly: boolean;
  readonly onChange: (text: string) => void;
}) {
  return (
    <Field.Root invalid={problem !== null} maxW="32rem" mb="3">
      <Field.Label>Holidays: days the shop is closed, beside weekends</Field.Label>
      <Textarea
        rows={3}
        readOnly={readOnly}
        value={text}
        placeholder={readOnly ? 'none in the shipped set' : '24 Dec 2027, 27 Dec 2027 …'}
        onChange={(e) => onChange(e.target.value)}
      />
      {problem === null ? (
        <Field.HelperText>Each that falls on a working day between order and delivery moves the date.</Field.HelperText>
      ) : (
        <Field.ErrorText role="alert">{problem}</Field.ErrorText>
      )}
    </Field.Root>
  );
}
