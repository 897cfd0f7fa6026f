'use client';
import { useController } from 'react-hook-form';
import { Field, type FieldProps } from '../fields/field';
import { SearchChoice } from '../kit';
import { useBriefForm } from './form-context';
import { useAlloyChoice } from './use-alloy-choice';

/** The alloy, found by typing its name, family or designation. */
export function AlloyField(props: FieldProps) {
  const { control, confirm } = useBriefForm();
  const { load, nameOf } = useAlloyChoice();
  const { field } = useController({ name: props.path, control });
  const chosen = (field.value as string | null | undefined) || null;
  return (
    <Field {...props}>
      {({ id, describedBy, bad }) => (
        <SearchChoice
          id={id}
          describedBy={describedBy}
          bad={bad}
          load={load}
          name={chosen === null ? null : nameOf(chosen)}
          placeholder="not chosen yet"
          value={chosen}
          onChange={(alloy) => {
            field.onChange(alloy);
            confirm(props.path);
          }}
        />
      )}
    </Field>
  );
}
