import { useEffect, useMemo, useState } from 'react';
import { runChain, type ChainResult, type Link } from '@/core/comparison/calculator';
import { CoreError } from '@/core/base/errors';
import { keepHere, keptHere } from '../browser-store';
import { isTypedLinks, readTyped, typedLinks, type TypedLink } from './calculator-store';

/** What the rates come to; or the field that is wrong, and what it wants. */
export type ChainOutcome = ChainResult | { readonly at: string; readonly words: string };

/**
 * The rates of a chain as they are typed, kept in this browser, and what they come to.
 * @param id the chain is kept under
 * @param want unit the product should have
 * @param onResult told the product in that unit; null where there is none
 */
export function useChain(
  id: string,
  start: readonly Link[],
  want: string,
  onResult: ((value: number | null) => void) | undefined,
) {
  const [links, setLinks] = useState<readonly TypedLink[]>(() => typedLinks(start));
  useEffect(
    () =>
      queueMicrotask(() => {
        const kept = keptHere(`bench-${id}`, isTypedLinks);
        if (kept !== null) setLinks(kept);
      }),
    [id],
  );
  const change = (next: readonly TypedLink[]): void => {
    setLinks(next);
    keepHere(`bench-${id}`, next);
  };
  const result = useMemo((): ChainOutcome => {
    try {
      return runChain(
        links.map((l) => ({ ...l, value: readTyped(l.value) })),
        want,
      );
    } catch (error) {
      if (!(error instanceof CoreError)) throw error;
      const row = Number(/^links\[(\d+)\]/.exec(error.issue.field)?.[1] ?? 0);
      const what = error.issue.field.endsWith('unit') ? 'unit' : 'value';
      const given = what === 'unit' ? links[row]?.unit : links[row]?.value;
      return {
        at: `${row}.${what}`,
        words: `Row ${row + 1}, ${what} “${given ?? ''}”: ${error.issue.accepted} is wanted.`,
      };
    }
  }, [links, want]);
  const value = 'words' in result || result.leftOver !== '' ? null : result.value;
  useEffect(() => onResult?.(value), [onResult, value]);
  return { links, change, result };
}
