'use client';
import { Checkbox } from '@chakra-ui/react';
import type { ReactNode, Ref } from 'react';

/** Plainly on or off. */
export function CheckBox({
  id,
  label,
  name,
  checked,
  onChange,
  disabled = false,
  onBlur,
  inputRef,
  children,
  describedBy,
}: {
  readonly id?: string | undefined;
  /** Its name where none stands beside it. */
  readonly label?: string | undefined;
  readonly name?: string;
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
  readonly disabled?: boolean;
  readonly onBlur?: () => void;
  readonly inputRef?: Ref<HTMLInputElement>;
  readonly children?: ReactNode;
  readonly describedBy?: string | undefined;
}) {
  return (
    <Checkbox.Root
      {...(id === undefined ? {} : { ids: { hiddenInput: id } })}
      {...(name === undefined ? {} : { name })}
      checked={checked}
      disabled={disabled}
      onCheckedChange={(e) => onChange(e.checked === true)}
    >
      <Checkbox.HiddenInput aria-label={label} aria-describedby={describedBy} onBlur={onBlur} ref={inputRef} />
      <Checkbox.Control />
      {children !== undefined && <Checkbox.Label>{children}</Checkbox.Label>}
    </Checkbox.Root>
  );
}
