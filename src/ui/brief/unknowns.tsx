'use client';
import { Box, List, Span, Text } from '@chakra-ui/react';
import { useMemo } from 'react';
import type { FieldEffect } from '@/core/comparison/next-fields';
import { nextFields, type NextField } from '@/core/study';
import type { CostCurvesClient } from '@/workers/cost-curves.client';
import type { StudyAsked } from '@/workers/cost-curves.protocol';
import { FileLink, Fold } from '../kit';
import { useQuantity, useStudy } from '../study/study-context';
import { useAsked } from '../study/use-asked';
import { late } from '../late';
import { moves } from './field-effect';
import { FIELD_NAMES } from './issue-words';

const EffectLine = late(() => import('./effect-line').then((m) => m.EffectLine));

interface Wanted extends StudyAsked {
  readonly q: number;
  readonly paths: readonly string[];
}

/** Where nothing is open nothing is asked. */
const askEffects = (client: CostCurvesClient, wanted: Wanted): Promise<readonly FieldEffect[]> =>
  wanted.paths.length === 0 ? Promise.resolve([]) : client.nextFields(wanted, wanted.paths, wanted.q);

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
  const { study, brief, school, rates } = useStudy('study', 'brief', 'school', 'rates');
  const { q } = useQuantity();
  const next = useMemo(() => nextFields(study).filter((f) => FIELD_NAMES[f.path] !== undefined), [study]);
  const wanted = useMemo<Wanted>(
    () => ({ brief, school, rates, q, paths: next.map((f) => f.path) }),
    [brief, school, rates, q, next],
  );
  const { answer } = useAsked(wanted, askEffects);
  const effects = useMemo(() => new Map(answer?.map((effect) => [effect.path, effect])), [answer]);
  const effectOf = (f: NextField) => {
    const effect = effects.get(f.path);
    return effect === undefined ? null : (
      <>
        {' '}
        <EffectLine effect={effect} currency={study.rates.currency.code} />
      </>
    );
  };
  const moved = (f: NextField): number => {
    const effect = effects.get(f.path);
    return effect === undefined ? 0 : moves(effect);
  };
  // What is needed first; then what moves the cost most.
  const ordered = next.toSorted(
    (a, b) => Number(b.kind === 'needed') - Number(a.kind === 'needed') || moved(b) - moved(a),
  );
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
          {effectOf(f)}
        </List.Item>
      ))}
    </List.Root>
  );
  return (
    <Box mt="3" borderInlineStart="2px solid" borderColor="hot" ps="3" data-testid="unknowns">
      {next.length > 0 && (
        <>
          <Text fontWeight="bold">Fill in next</Text>
          {lines(ordered.slice(0, FIRST))}
          {next.length > FIRST && <Fold summary={`${next.length - FIRST} more`}>{lines(ordered.slice(FIRST))}</Fold>}
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
