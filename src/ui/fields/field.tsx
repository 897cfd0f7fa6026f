'use client';
import { Badge, chakra, Field as Frame, Flex, Text } from '@chakra-ui/react';
import { useId, type ReactNode } from 'react';
import { DATE_SHOWN_WANTED, DATE_WANTED } from '@/core/base/plain-date';
import type { Origin } from '@/core/part-file/measured';
import { useBriefForm } from '../brief/form-context';
import { EstimateTag } from '../study/estimates';
import { field } from '../theme/recipes/fields';

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

const FIELD = field.base ?? {};
const Name = chakra('span', { base: FIELD.label ?? {} });
const Problem = chakra('div', { base: FIELD.errorText ?? {} });

/** Where links to a field lead; marked when one has led there. */
const Anchor = chakra('div', {
  base: {
    scrollMarginTop: '150px',
    '&:target': { outline: '2px solid', outlineColor: 'hot', outlineOffset: '6px' },
  },
});

/** Frame of a field: label, mark of an unconfirmed default, help, and what is wrong. */
export function Field({
  path,
  label,
  help,
  children,
  group = false,
}: FieldProps & {
  readonly children: (framed: Framed) => ReactNode;
  /** Whether it holds several inputs, or none that a label could point at. */
  readonly group?: boolean;
}) {
  const { issues, assumed, confirm, originOf, remarkOf } = useBriefForm();
  const id = useId();
  const origin = originOf(path);
  const remark = origin === null ? undefined : remarkOf(path);
  const issue = (issues.get(path) ?? [...issues].find(([p]) => p.startsWith(`${path}.`))?.[1])?.replace(
    DATE_WANTED,
    DATE_SHOWN_WANTED,
  );
  const bad = issue !== undefined;
  const described = bad ? `${id}-bad` : help !== undefined ? `${id}-help` : undefined;
  const marks = (
    <>
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
      <EstimateTag path={path} />
    </>
  );
  const below = (
    <>
      {bad && (
        <Problem id={`${id}-bad`} role="alert">
          {issue}
        </Problem>
      )}
      {remark !== undefined && (
        <Text textStyle="label" color="fg.muted">
          Measured: {remark}.
        </Text>
      )}
      {help !== undefined && (
        <Text textStyle="label" color="fg.muted" mt="0.5" id={`${id}-help`}>
          {help}
        </Text>
      )}
    </>
  );
  const framed = children({ id, describedBy: described, bad });
  return (
    <Anchor id={`field-${path.replaceAll('.', '-')}`}>
      {group ? (
        // Several inputs, each with its own name: the kit's frame would give them all one id.
        <div role="group" aria-labelledby={`${id}-label`}>
          <Flex gap="1.5" align="baseline">
            <Name id={`${id}-label`}>{label}</Name>
            {marks}
          </Flex>
          {framed}
          {below}
        </div>
      ) : (
        <Frame.Root invalid={bad} id={id}>
          <Flex gap="1.5" align="baseline">
            <Frame.Label>{label}</Frame.Label>
            {marks}
          </Flex>
          {framed}
          {below}
        </Frame.Root>
      )}
    </Anchor>
  );
}

/** Where a measured field's value comes from. */
function OriginTag({ origin }: { readonly origin: Origin | null }) {
  if (origin !== 'measured' && origin !== 'overridden') return null;
  return <Badge variant="subtle">{origin === 'measured' ? 'measured' : 'typed, replaces the measured value'}</Badge>;
}
