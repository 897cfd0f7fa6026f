import { createSystem, defaultConfig, defineConfig } from '@chakra-ui/react';

/** Chakra set to the sheet: its semantic colours are the sheet's own variables, in light and dark. */
const config = defineConfig({
  globalCss: { html: { colorPalette: 'gray' } },
  theme: {
    tokens: {
      fonts: {
        heading: { value: "'Archivo Variable', system-ui, sans-serif" },
        body: { value: "'Archivo Variable', system-ui, sans-serif" },
        mono: { value: "'JetBrains Mono Variable', ui-monospace, monospace" },
      },
      radii: { l1: { value: '2px' }, l2: { value: '2px' }, l3: { value: '3px' } },
    },
    semanticTokens: {
      colors: {
        bg: {
          DEFAULT: { value: 'var(--paper)' },
          subtle: { value: 'var(--paper-2)' },
          muted: { value: 'var(--paper-3)' },
          emphasized: { value: 'var(--paper-3)' },
          panel: { value: 'var(--paper)' },
          error: { value: 'var(--paper-2)' },
        },
        fg: {
          DEFAULT: { value: 'var(--ink)' },
          muted: { value: 'var(--ink-2)' },
          subtle: { value: 'var(--ink-2)' },
          error: { value: 'var(--alarm)' },
        },
        border: {
          DEFAULT: { value: 'var(--hair)' },
          muted: { value: 'var(--hair)' },
          emphasized: { value: 'var(--hair-2)' },
          error: { value: 'var(--alarm)' },
        },
        gray: {
          contrast: { value: 'var(--paper)' },
          fg: { value: 'var(--ink)' },
          subtle: { value: 'var(--paper-2)' },
          muted: { value: 'var(--paper-3)' },
          emphasized: { value: 'var(--hair-2)' },
          solid: { value: 'var(--ink)' },
          focusRing: { value: 'var(--hot)' },
        },
        hot: {
          contrast: { value: 'var(--on-hot)' },
          fg: { value: 'var(--hot)' },
          subtle: { value: 'var(--paper-2)' },
          muted: { value: 'var(--paper-3)' },
          emphasized: { value: 'var(--hot)' },
          solid: { value: 'var(--hot)' },
          focusRing: { value: 'var(--hot)' },
        },
      },
    },
  },
});

export const system = createSystem(defaultConfig, config);
