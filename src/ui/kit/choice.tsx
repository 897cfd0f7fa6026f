'use client';
import { NativeSelect } from '@chakra-ui/react';
import { ChevronDown } from 'lucide-react';
import type { ComponentProps } from 'react';

export type Option = readonly [value: string, name: string];
export type OptionGroup = readonly [group: string, options: readonly Option[]];

type FieldProps = ComponentProps<typeof NativeSelect.Field>;

/** One of several, in a list that opens. */
export function Choice({
  options,
  empty,
  variant = 'outline',
  size = 'sm',
  width,
  disabled = false,
  ...field
}: FieldProps & {
  readonly options: readonly Option[] | readonly OptionGroup[];
  /** What the empty answer is called; none is offered without it. */
  readonly empty?: string | undefined;
  readonly variant?: 'outline' | 'plain';
  readonly size?: 'xs' | 'sm';
  readonly width?: string;
  readonly disabled?: boolean;
}) {
  return (
    <NativeSelect.Root variant={variant} size={size} disabled={disabled} {...(width === undefined ? {} : { width })}>
      <NativeSelect.Field {...field}>
        {empty !== undefined && <option value="">{empty}</option>}
        {options.map(([value, name]) =>
          typeof name === 'string' ? (
            <option key={value} value={value}>
              {name}
            </option>
          ) : (
            <optgroup key={value} label={value}>
              {name.map(([v, n]) => (
                <option key={v} value={v}>
                  {n}
                </option>
              ))}
            </optgroup>
          ),
        )}
      </NativeSelect.Field>
      <NativeSelect.Indicator>
        <ChevronDown />
      </NativeSelect.Indicator>
    </NativeSelect.Root>
  );
}
