import { createSystem, defaultBaseConfig, defineConfig } from '@chakra-ui/react';
import { globalCss } from './global';
import { VARIABLES } from './ink';
import { recipes, slotRecipes } from './recipes';
import { semanticTokens } from './semantic-tokens';
import { textStyles } from './text-styles';
import { tokens } from './tokens';

/** Chakra set to the sheet: on the base configuration, with no recipe but those the product draws with. */
const config = defineConfig({
  preflight: true,
  cssVarsPrefix: VARIABLES,
  globalCss,
  theme: {
    breakpoints: { sm: '30rem', md: '56.25rem', lg: '72rem' },
    tokens,
    semanticTokens,
    textStyles,
    recipes,
    slotRecipes,
    keyframes: {
      'fade-in': { from: { opacity: 0 }, to: { opacity: 1 } },
      'fade-out': { from: { opacity: 1 }, to: { opacity: 0 } },
      'from-right': { from: { translate: '24px 0' }, to: { translate: '0 0' } },
      pulse: { '50%': { opacity: 0.5 } },
      turn: { to: { transform: 'rotate(360deg)' } },
    },
  },
});

export const system = createSystem(defaultBaseConfig, config);
