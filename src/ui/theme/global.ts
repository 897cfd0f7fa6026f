import { defineGlobalStyles } from '@chakra-ui/react';

/** What holds everywhere: paper, ink, figures that align, the focus one can see, stillness where it is asked for. */
export const globalCss = defineGlobalStyles({
  html: { bg: 'bg', color: 'fg', fontSize: '100%', colorScheme: { _light: 'light', _dark: 'dark' } },
  body: {
    fontFamily: 'body',
    textStyle: 'body',
    bg: 'bg',
    color: 'fg',
    fontVariantNumeric: 'tabular-nums lining-nums',
    fontFeatureSettings: "'tnum' 1, 'lnum' 1",
  },
  '*::placeholder': { color: 'fg.muted', opacity: 1 },
  '::selection': { bg: 'bg.muted' },
  ':focus-visible': { outline: '2px solid', outlineColor: 'hot', outlineOffset: '2px' },
  '*': { _motionReduce: { transition: 'none !important', animationDuration: '0.01ms !important' } },
});
