'use client';
import { chakra } from '@chakra-ui/react';
import { useMemo, type ReactNode } from 'react';
import { Hint } from '../kit';
import { useGlossary } from './use-glossary';

const Term = chakra('dfn', {
  base: { fontStyle: 'normal', cursor: 'help', borderBottom: '1px solid {colors.border.emphasized}' },
});

/** A text whose words of the trade are explained where the pointer rests on them. */
export function Glossed({ text }: { readonly text: string }) {
  const glossary = useGlossary();
  return useMemo(() => {
    if (glossary === null) return text;
    const out: ReactNode[] = [];
    let at = 0;
    for (const { term, from, to } of glossary.findTerms(text)) {
      out.push(
        text.slice(at, from),
        <Hint key={from} text={term.meaning}>
          <Term>{text.slice(from, to)}</Term>
        </Hint>,
      );
      at = to;
    }
    return [...out, text.slice(at)];
  }, [glossary, text]);
}
