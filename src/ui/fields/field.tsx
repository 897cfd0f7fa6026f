'use client';
import { Badge, Box, chakra, Field as Frame, Flex, Text } from '@chakra-ui/react';
import { useId, type ReactNode } from 'react';
import type { Origin } from '@/core/part-file/measured';
import { useBriefForm } from '../brief/form-context';

export interface FieldProps {
  readonly path: string;
  readonly label: string;
  /** Why the value matters, in a line. */
  readonly help?: string;
}

/** What an input takes from its frame. */
export interface Framed {
  readonly id: string;
  readonly describedBy: string | undefined;
  readonly bad: boolean;
}

const AssumedButton = chakra('button', {
  base: {
    textStyle: 'label',
    lineHeight: '1.2',
    color: 'fg.muted',
    border: '1px dashed',
    borderColor: 'border.emphasized',
    borderRadius: 'sm',
    px: '1',
    cursor: 'pointer',
    _hover: { color: 'fg', borderColor: 'fg' },
  },
});

/** Frame of a field: label, mark of an unconfirmed default, help, and what is wrong. */
export function Field({
  path,
  label,
  help,
  children,
  group = false,
  problem,
}: FieldProps & {
  readonly children: (framed: Framed) => ReactNode;
  /** Whether it holds several inputs, or none that a label could point at. */
  readonly group?: boolean;
  /** What is wrong with what stands in the field and was not taken; goes before what is wrong with its value. */
  readonly problem?: string | undefined;
}) {
  const { issues, assumed, confirm, originOf, remarkOf } = useBriefForm();
  const id = useId();
  const origin = originOf(path);
  const remark = origin === null ? undefined : remarkOf(path);
  const issue = problem ?? issues.get(path) ?? [...issues].find(([p]) => p.startsWith(`${path}.`))?.[1];
  const bad = issue !== undefined;
  const described = bad ? `${id}-bad` : help !== undefined ? `${id}-help` : undefined;
  return (
    <Frame.Root
      invalid={bad}
      ids={{ root: `field-${path.replaceAll('.', '-')}`, control: id, label: `${id}-label` }}
      role={group ? 'group' : undefined}
      aria-labelledby={group ? `${id}-label` : undefined}
    >
      <Flex gap="1.5" align="baseline">
        {group ? (
          <Box as="span" id={`${id}-label`} textStyle="label" fontSize="0.8125rem" fontWeight="medium">
            {label}
          </Box>
        ) : (
          <Frame.Label>{label}</Frame.Label>
        )}
        {assumed.has(path) && (
          <AssumedButton
            type="button"
            title="A default. Press to confirm it."
            aria-label={`${label} is a default; confirm it`}
            onClick={() => confirm(path)}
          >
            default
          </AssumedButton>
        )}
        <OriginTag origin={origin} />
      </Flex>
      {children({ id, describedBy: described, bad })}
      {bad && (
        <Frame.ErrorText id={`${id}-bad`} role="alert">
          {issue}
        </Frame.ErrorText>
      )}
      {remark !== undefined && (
        <Text textStyle="label" color="fg.muted">
          Measured: {remark}.
        </Text>
      )}
      {help !== undefined && <Frame.HelperText id={`${id}-help`}>{help}</Frame.HelperText>}
    </Frame.Root>
  );
}

/** Where a measured field's value comes from. */
function OriginTag({ origin }: { readonly origin: Origin | null }) {
  if (origin !== 'measured' && origin !== 'overridden') return null;
  return <Badge variant="subtle">{origin === 'measured' ? 'measured' : 'typed, replaces the measured value'}</Badge>;
}
