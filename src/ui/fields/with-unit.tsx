'use client';
import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { Unit } from '../kit';

/** An input with its unit at the end of its line. */
export function WithUnit({ unit, children }: { readonly unit: string | undefined; readonly children: ReactNode }) {
  return (
    <Box display="flex" alignItems="baseline" gap="1">
      {children}
      {unit !== undefined && unit !== '' && <Unit>{unit}</Unit>}
    </Box>
  );
}
