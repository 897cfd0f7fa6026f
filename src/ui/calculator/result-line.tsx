'use client';
import { chakra, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';

const Result = chakra('output', { base: { ms: 'auto', textAlign: 'end', textStyle: 'lead', maxW: '30rem' } });

/** The foot of a sheet: what can be done to it, and what it comes to. */
export function ResultLine({
  title,
  actions,
  children,
}: {
  readonly title: string;
  readonly actions: ReactNode;
  readonly children: ReactNode;
}) {
  return (
    <Flex columnGap="4" rowGap="1" align="baseline" flexWrap="wrap" pt="2">
      {actions}
      <Result aria-label={`${title}, result`}>{children}</Result>
    </Flex>
  );
}
