'use client';
import { useController } from 'react-hook-form';
import { Field, type FieldProps } from '../fields/field';
import { SearchChoice } from '../kit';
import { useStudy } from '../study/study-context';
import { useBriefForm } from './form-context';
import { loadAlloys } from './load-alloys';

/** The alloy, found by typing its name, family or designation. */
export function AlloyField(props: FieldProps) {
  const { control, confirm } = useBriefForm();
  const { field } = useController({ name: props.path, control });
  const { alloyOf } = useStudy('alloyOf');
  const chosen = (field.value as string | null | undefined) || null;
  return (
    <Field {...props}>
      {({ id, describedBy, bad }) => (
        <SearchChoice
          id={id}
          describedBy={describedBy}
          bad={bad}
          load={loadAlloys}
          name={(chosen === null ? null : alloyOf(chosen)?.name) ?? chosen}
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
