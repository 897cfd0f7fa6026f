import { defineSemanticTokens } from '@chakra-ui/react';
import { ALARM, HOT, INK, ON_HOT, PAPER, ROUTE_TONES, SHADE, type Pair } from './colors.data';

const pair = ([light, dark]: Pair) => ({ value: { _light: light, _dark: dark } });

/** What each colour is for, in light and dark; drawings take the same as CSS variables (`ink.ts`). */
export const semanticTokens = defineSemanticTokens({
  colors: {
    bg: { DEFAULT: pair(PAPER.paper), subtle: pair(PAPER.sunk), muted: pair(PAPER.deep) },
    fg: { DEFAULT: pair(INK.ink), muted: pair(INK.quiet) },
    border: { DEFAULT: pair(INK.hair), emphasized: pair(INK.line) },
    hot: { DEFAULT: pair(HOT), contrast: pair(ON_HOT) },
    alarm: pair(ALARM),
    shade: pair(SHADE),
    route: Object.fromEntries(Object.entries(ROUTE_TONES).map(([id, tone]) => [id, pair(tone)])),
  },
});
