'use client';
import { DataList } from '@chakra-ui/react';
import { useMemo } from 'react';
import { Fold } from '../kit';
import { useGlossary } from './use-glossary';

/** The words of the trade in a text with what they mean, by the alphabet: for reading on keys and on paper. */
export function TermsUsed({ text }: { readonly text: string }) {
  const glossary = useGlossary();
  const terms = useMemo(
    () =>
      (glossary?.findTerms(text) ?? [])
        .map((found) => found.term)
        .toSorted((a, b) => a.term.localeCompare(b.term, 'en', { sensitivity: 'base' })),
    [glossary, text],
  );
  if (terms.length === 0) return null;
  return (
    <Fold summary={`${terms.length} words of the trade on this page`}>
      <DataList.Root>
        {terms.map(({ term, meaning }) => (
          <DataList.Item key={term}>
            <DataList.ItemLabel>{term}</DataList.ItemLabel>
            <DataList.ItemValue>{meaning}</DataList.ItemValue>
          </DataList.Item>
        ))}
      </DataList.Root>
    </Fold>
  );
}
