'use client';
import { Input, Textarea } from '@chakra-ui/react';
import { useController } from 'react-hook-form';
import type { Dimension } from '@/core/base/units';
import { useBriefForm } from '../brief/form-context';
import { Choice, Segments, type Option, type OptionGroup } from '../kit';
import { useUnits } from '../preferences';
import { DateInput } from './date-input';
import { Field, type FieldProps } from './field';
import { FigureInput } from './figure-input';
import { unitOf } from './numbers';
import { WithUnit } from './with-unit';

/** A figure in the units of the screen. What cannot be read stays as typed and is shown. */
export function NumberField({
  dimension = null,
  unit,
  ...props
}: FieldProps & { readonly dimension?: Dimension | null; readonly unit?: string }) {
  const [units] = useUnits();
  return (
    <Field {...props}>
      {(framed) => (
        <WithUnit unit={dimension === null ? unit : unitOf(dimension, units)}>
          <FigureInput {...framed} path={props.path} dimension={dimension} />
        </WithUnit>
      )}
    </Field>
  );
}

/** A line or block of text. */
export function TextField({ rows, ...props }: FieldProps & { readonly rows?: number }) {
  const { register } = useBriefForm();
  return (
    <Field {...props}>
      {({ id, describedBy, bad }) =>
        rows === undefined ? (
          <Input
            id={id}
            aria-describedby={describedBy}
            aria-invalid={bad}
            autoComplete="off"
            {...register(props.path)}
          />
        ) : (
          <Textarea id={id} rows={rows} aria-describedby={describedBy} aria-invalid={bad} {...register(props.path)} />
        )
      }
    </Field>
  );
}

/** A plain date, saved when it is one. What is none stays in the field, says so and changes nothing. */
export function DateField(props: FieldProps) {
  const { control } = useBriefForm();
  const { field } = useController({ name: props.path, control });
  return (
    <Field {...props}>
      {({ id, describedBy, bad }) => (
        <DateInput
          id={id}
          label={props.label}
          describedBy={describedBy}
          bad={bad}
          value={(field.value as string | null) ?? ''}
          onTake={(text) => field.onChange(text === '' ? null : text)}
          inputRef={field.ref}
        />
      )}
    </Field>
  );
}

/** A choice of words; the empty one is "not known". */
export function SelectField({
  options,
  empty,
  ...props
}: FieldProps & { readonly options: readonly Option[] | readonly OptionGroup[]; readonly empty?: string }) {
  const { control, confirm } = useBriefForm();
  const { field } = useController({ name: props.path, control });
  return (
    <Field {...props}>
      {({ id, describedBy, bad }) => (
        <Choice
          id={id}
          aria-describedby={describedBy}
          aria-invalid={bad}
          options={options}
          empty={empty}
          value={(field.value as string | null) ?? ''}
          ref={field.ref}
          onChange={(e) => {
            field.onChange(e.target.value === '' ? null : e.target.value);
            confirm(props.path);
          }}
        />
      )}
    </Field>
  );
}

const ANSWERS = [
  ['yes', 'yes'],
  ['no', 'no'],
  ['', 'not said'],
] as const;

/** Yes, no, or not said: three answers, none of them silent. */
export function AnswerField(props: FieldProps) {
  const { control, confirm } = useBriefForm();
  const { field } = useController({ name: props.path, control });
  const value = field.value as boolean | null;
  return (
    <Field {...props} group>
      {() => (
        <Segments
          label={props.label}
          value={value === true ? 'yes' : value === false ? 'no' : ''}
          options={ANSWERS}
          onChange={(answer) => {
            field.onChange(answer === '' ? null : answer === 'yes');
            confirm(props.path);
          }}
        />
      )}
    </Field>
  );
}
