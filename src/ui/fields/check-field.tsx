'use client';
import { useController } from 'react-hook-form';
import { useBriefForm } from '../brief/form-context';
import { CheckBox } from '../kit';
import { Field, type FieldProps } from './field';

/** A permission or a wish that is plainly on or off. */
export function CheckField(props: FieldProps) {
  const { control } = useBriefForm();
  const { field } = useController({ name: props.path, control });
  return (
    <Field {...props} group>
      {({ describedBy }) => (
        <CheckBox
          label={props.label}
          describedBy={describedBy}
          checked={field.value === true}
          onChange={field.onChange}
          onBlur={field.onBlur}
          inputRef={field.ref}
        />
      )}
    </Field>
  );
}
