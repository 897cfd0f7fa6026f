'use client';
import { useController } from 'react-hook-form';
import { Field, type FieldProps } from '../fields/field';
import { SearchChoice } from '../kit';
import { ALLOY_SEARCH } from './alloy-options';
import { useBriefForm } from './form-context';

/** The alloy, found by typing its name, family or designation. */
export function AlloyField(props: FieldProps) {
  const { control, confirm } = useBriefForm();
  const { field } = useController({ name: props.path, control });
  return (
    <Field {...props}>
      {({ id, describedBy, bad }) => (
        <SearchChoice
          id={id}
          describedBy={describedBy}
          bad={bad}
          options={ALLOY_SEARCH}
          placeholder="not chosen yet"
          value={(field.value as string | null | undefined) || null}
          onChange={(alloy) => {
            field.onChange(alloy);
            confirm(props.path);
          }}
        />
      )}
    </Field>
  );
}
