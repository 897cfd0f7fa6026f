'use client';
import { Button, Span } from '@chakra-ui/react';
import { Section, Unit } from '../kit';
import type { Link } from '@/core/comparison/calculator';
import { significant } from '../format';
import { FillFrom } from './fill-from';
import { ResultLine } from './result-line';
import { ChainTable } from './chain-table';
import { typedLinks } from './calculator-store';
import { useChain } from './use-chain';

export interface Filling {
  readonly from: string;
  readonly links: readonly Link[];
}

/** A product of rates: each with its unit, what it has come to after each, and whether it ends in the unit wanted. */
export function ChainSheet({
  id,
  title,
  want,
  start,
  fillings,
  onResult,
}: {
  readonly id: string;
  readonly title: string;
  /** Unit the product should have. */
  readonly want: string;
  readonly start: readonly Link[];
  readonly fillings: readonly Filling[];
  readonly onResult?: ((value: number | null) => void) | undefined;
}) {
  const { links, change, result } = useChain(id, start, want, onResult);
  return (
    <Section title={title} under={`in ${want}`} aria-label={title}>
      <ChainTable title={title} links={links} result={result} onChange={change} />
      <ResultLine
        title={title}
        actions={
          <>
            <Button size="xs" onClick={() => change([...links, { name: '', value: '1', unit: '1', by: 'times' }])}>
              Add a rate
            </Button>
            <FillFrom
              title={title}
              names={fillings.map((f) => f.from)}
              onPick={(i) => change(typedLinks(fillings[i]?.links ?? []))}
            />
          </>
        }
      >
        {'words' in result ? (
          <Span color="alarm">{result.words}</Span>
        ) : result.leftOver !== '' ? (
          <Span color="alarm">
            {significant(result.value, 5)} {result.unit}, not {want}: {result.leftOver} does not cancel. A rate is
            missing or inverted.
          </Span>
        ) : (
          <>
            <strong>{significant(result.value, 5)}</strong> <Unit>{want}</Unit>
          </>
        )}
      </ResultLine>
    </Section>
  );
}
