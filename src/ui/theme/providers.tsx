'use client';
import { ChakraProvider } from '@chakra-ui/react';
import { ThemeProvider } from 'next-themes';
import type { ReactNode } from 'react';
import { EmotionRegistry } from './emotion-registry';
import { system } from './system';

/** Look, colour mode and unit system for everything below. */
export function Providers({ children, nonce }: { children: ReactNode; nonce?: string | undefined }) {
  return (
    <EmotionRegistry>
      <ChakraProvider value={system}>
        <ThemeProvider {...(nonce ? { nonce } : {})} attribute="class" disableTransitionOnChange defaultTheme="system">
          {children}
        </ThemeProvider>
      </ChakraProvider>
    </EmotionRegistry>
  );
}
