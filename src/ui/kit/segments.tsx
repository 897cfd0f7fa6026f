'use client';
import { SegmentGroup } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** One of two or three, all in sight. */
export function Segments<T extends string>({
  label,
  value,
  options,
  onChange,
  disabled = false,
}: {
  /** What is chosen between, for who does not see it. */
  readonly label: string;
  readonly value: T | null;
  readonly options: readonly (readonly [value: T, name: ReactNode])[];
  readonly onChange: (value: T) => void;
  readonly disabled?: boolean;
}) {
  return (
    <SegmentGroup.Root
      aria-label={label}
      value={value}
      disabled={disabled}
      onValueChange={(e) => e.value !== null && onChange(e.value as T)}
    >
      {options.map(([id, name]) => (
        <SegmentGroup.Item key={id} value={id}>
          <SegmentGroup.ItemText>{name}</SegmentGroup.ItemText>
          <SegmentGroup.ItemHiddenInput />
        </SegmentGroup.Item>
      ))}
    </SegmentGroup.Root>
  );
}
