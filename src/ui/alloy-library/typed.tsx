'use client';
import { Box, Input } from '@chakra-ui/react';
import { useState } from 'react';
import type { AlloyField, AlloyIssue } from '@/core/team-alloys';
import { useUnits } from '../preferences';
import { fieldText, readField } from './alloy-words';

/** What is wrong with a value, below it. */
export function Wrong({ words, issues }: { readonly words: string; readonly issues: readonly AlloyIssue[] }) {
  return issues.map((issue) => (
    <Box key={issue.path + issue.message} color="alarm" textStyle="label" role="alert">
      ▲ {words}
      {typeof issue.value === 'string' || typeof issue.value === 'number' ? ` “${issue.value}”` : ''}: {issue.message}
    </Box>
  ));
}

/** A text that is read as it is typed; what cannot be read stays in its box. */
export function Typed({
  label,
  value,
  of,
  placeholder,
  width,
  onPut,
}: {
  readonly label: string;
  readonly value: unknown;
  readonly of: Pick<AlloyField, 'unit' | 'kind'>;
  readonly placeholder?: string;
  readonly width: string;
  readonly onPut: (value: unknown) => void;
}) {
  const [units] = useUnits();
  /** What is being typed; null where the box shows what is kept. */
  const [text, setText] = useState<string | null>(null);
  const figure = of.kind === 'number' || of.kind === 'grade' || of.kind === 'band';
  return (
    <Input
      size="xs"
      variant="flushed"
      width={width}
      textAlign={figure ? 'end' : 'start'}
      inputMode={of.kind === 'number' || of.kind === 'grade' ? 'decimal' : 'text'}
      autoComplete="off"
      aria-label={label}
      placeholder={placeholder}
      value={text ?? fieldText(value, of, units)}
      onChange={(e) => {
        setText(e.target.value);
        onPut(readField(e.target.value, of, units));
      }}
      onBlur={() => setText(null)}
    />
  );
}
