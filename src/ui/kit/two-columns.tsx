'use client';
import { chakra } from '@chakra-ui/react';

/** Two sections side by side where there is room. */
export const TwoColumns = chakra('div', {
  base: {
    display: 'grid',
    gridTemplateColumns: 'repeat(auto-fit, minmax(min(100%, 440px), 1fr))',
    columnGap: '10',
  },
});
