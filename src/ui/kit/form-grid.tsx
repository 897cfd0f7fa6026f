'use client';
import { chakra } from '@chakra-ui/react';

/** Fields side by side, as many as the width takes. */
export const FormGrid = chakra('div', {
  base: {
    display: 'grid',
    gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 250px), 1fr))',
    rowGap: '3.5',
    columnGap: '6',
    alignItems: 'start',
  },
  variants: { dense: { true: { gridTemplateColumns: 'repeat(auto-fill, minmax(140px, 1fr))' } } },
});
