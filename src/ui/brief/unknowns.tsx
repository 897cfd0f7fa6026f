'use client';
import { Box, List, Span, Text } from '@chakra-ui/react';
import { useMemo } from 'react';
import { nextFields, type NextField } from '@/core/study';
import { FileLink, Fold } from '../kit';
import { useStudy } from '../study/study-context';
import { FIELD_NAMES } from './issue-words';

/** Fields told at once; the others are behind a fold. */
const FIRST = 3;

const variants = (n: number): string => `${n} route ${n === 1 ? 'variant' : 'variants'}`;

/** What filling in a field would settle, in words. */
function settles({ kind, variants: waiting }: NextField): string {
  if (kind === 'needed') return 'needed before any route can be compared';
  const judged = waiting > 0 ? `settles ${variants(waiting)} that cannot be judged without it` : '';
  return kind === 'estimated'
    ? ['estimated now; replaces the estimate in every cost', judged].filter(Boolean).join('; ')
    : judged;
}

function FieldLink({ path }: { readonly path: string }) {
  return <FileLink href={`#field-${path.replaceAll('.', '-')}`}>{FIELD_NAMES[path]?.toLowerCase()}</FileLink>;
}

/** What is useful to fill in next and what it would settle, the weightiest first; and what is still a default. */
export function Unknowns() {
  const { study, brief } = useStudy('study', 'brief');
  const next = useMemo(() => nextFields(study).filter((f) => FIELD_NAMES[f.path] !== undefined), [study]);
  const defaults = brief.assumed.filter((p) => FIELD_NAMES[p] !== undefined);
  if (next.length === 0 && defaults.length === 0) return null;
  const lines = (fields: readonly NextField[]) => (
    <List.Root listStyleType="none">
      {fields.map((f) => (
        <List.Item key={f.path}>
          <FieldLink path={f.path} />{' '}
          <Span color="fg.muted" textStyle="label">
            {settles(f)}
          </Span>
        </List.Item>
      ))}
    </List.Root>
  );
  return (
    <Box mt="3" borderInlineStart="2px solid" borderColor="hot" ps="3" data-testid="unknowns">
      {next.length > 0 && (
        <>
          <Text fontWeight="bold">Fill in next</Text>
          {lines(next.slice(0, FIRST))}
          {next.length > FIRST && <Fold summary={`${next.length - FIRST} more`}>{lines(next.slice(FIRST))}</Fold>}
        </>
      )}
      {defaults.length > 0 && (
        <Text textStyle="label" mt={next.length > 0 ? '1' : '0'}>
          Still a default:{' '}
          {defaults.map((path, i) => (
            <span key={path}>
              {i > 0 && ', '}
              <FieldLink path={path} />
            </span>
          ))}
          .
        </Text>
      )}
    </Box>
  );
}
