'use client';
import { chakra } from '@chakra-ui/react';
import NextLink from 'next/link';
import { INK } from '../theme/ink';

const Home = chakra(NextLink, {
  base: { display: 'inline-flex', alignItems: 'center', gap: '2', fontWeight: 700, fontStretch: '110%', me: '2' },
});

/** The name of the product, and the way to the list of parts. */
export function Logo() {
  return (
    <Home href="/">
      <svg width="18" height="18" viewBox="0 0 32 32" aria-hidden="true">
        <path d="M3 6h26v22H3z" fill={INK.ink} />
        <path d="M9 6h14l-3 14h-8z M14 1h4v5h-4z" fill={INK.hot} />
      </svg>
      Nine Pours
    </Home>
  );
}
