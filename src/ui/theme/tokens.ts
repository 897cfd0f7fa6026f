import { defineTokens } from '@chakra-ui/react';

const px = (...steps: readonly (readonly [string, number])[]): Record<string, { value: string }> =>
  Object.fromEntries(steps.map(([name, size]) => [name, { value: `${size}px` }]));

/** Steps of white space, px. */
const STEPS = px(
  ...([0, 0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4, 5, 6, 7, 8, 10, 12, 14, 16, 20, 24, 32] as const).map(
    (n) => [String(n), 4 * n] as const,
  ),
);

/** What the look is measured in: one family with a width axis, three sizes and the verdict's, steps of 4 px. */
export const tokens = defineTokens({
  fonts: {
    heading: { value: "'Archivo Variable', system-ui, sans-serif" },
    body: { value: "'Archivo Variable', system-ui, sans-serif" },
    mono: { value: "'JetBrains Mono Variable', ui-monospace, monospace" },
  },
  fontSizes: {
    label: { value: '0.75rem' },
    body: { value: '0.875rem' },
    lead: { value: '1rem' },
    title: { value: '1.25rem' },
    verdict: { value: '1.25rem' },
  },
  fontWeights: {
    normal: { value: 400 },
    medium: { value: 560 },
    bold: { value: 650 },
  },
  spacing: STEPS,
  sizes: { ...STEPS, full: { value: '100%' } },
  radii: { none: { value: '0' }, sm: { value: '2px' }, md: { value: '3px' } },
  zIndex: {
    rail: { value: 5 },
    bar: { value: 6 },
    popover: { value: 1000 },
    toast: { value: 1100 },
    tooltip: { value: 1200 },
  },
});
