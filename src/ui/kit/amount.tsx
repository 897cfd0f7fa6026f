'use client';
import { chakra } from '@chakra-ui/react';

/** The unit after a figure: quieter than the figure. */
export const Unit = chakra('span', {
  base: { color: 'fg.muted', fontSize: 'label', fontStretch: '88%', marginInlineStart: '0.3em', whiteSpace: 'nowrap' },
});
