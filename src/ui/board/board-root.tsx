'use client';
import { chakra } from '@chakra-ui/react';
import { INK } from '../theme/ink';

const COLUMNS =
  'minmax(190px, 1.7fr) minmax(88px, 0.8fr) minmax(104px, 0.95fr) minmax(116px, 1fr) minmax(108px, 0.95fr) minmax(88px, 0.75fr) minmax(116px, 0.95fr) 26px';

/**
 * What the lanes are drawn in. The rows and cells within are plain elements: a hand that drags the rail draws hundreds
 * of them at a time. Two densities: full, and compact with one line a lane.
 */
export const BoardRoot = chakra('div', {
  base: {
    position: 'relative',
    '& [data-grid]': { display: 'grid', gridTemplateColumns: COLUMNS, columnGap: '3.5' },
    '& [data-head]': {
      position: 'sticky',
      zIndex: 4,
      bg: 'bg',
      pt: '1',
      pb: '1',
      borderBottom: '1px solid {colors.fg}',
      textStyle: 'narrow',
      alignItems: 'end',
    },
    '& [data-head] > div': { textAlign: 'end', minW: 0 },
    '& [data-head] > div:first-of-type': { textAlign: 'start' },
    '& [data-head] [data-title]': { color: 'fg', fontWeight: 'medium' },
    '& [data-head] [data-under]': { color: 'fg.muted' },
    '& [data-head] [data-axis]': {
      display: 'flex',
      justifyContent: 'space-between',
      color: 'fg.muted',
      borderTop: `1px solid ${INK.line}`,
      mt: '0.5',
    },
    '& :is([data-lane], [data-quote])': {
      contain: 'layout style',
      borderBottom: '1px solid {colors.border}',
      alignItems: 'start',
    },
    '& [data-lane][data-leader]': { borderBottomColor: 'fg', boxShadow: `inset 0 -2px 0 ${INK.ink}` },
    '& [data-lane][data-sub]': { bg: 'shade' },
    '& [role=gridcell]': { minW: 0, borderRadius: 'sm', px: '0.5', textAlign: 'end' },
    '& [role=gridcell]:focus': { outline: '2px solid {colors.hot}', outlineOffset: '1px' },
    '& [data-column=route]': { textAlign: 'start', display: 'flex', gap: '2.5', minW: 0 },
    '& [data-name]': { fontWeight: 'bold', lineHeight: '1.25' },
    '& [data-note]': { textStyle: 'narrow', color: 'fg.muted', minHeight: '1.35em' },
    '& [data-note] b': { fontWeight: 'bold', color: 'fg' },
    '& [data-figure]': { fontWeight: 'medium', whiteSpace: 'nowrap' },
    '& [data-cap]': { display: 'none', textStyle: 'label', color: 'fg.muted' },
    '& [data-marks]': { display: 'flex', flexWrap: 'wrap', gap: '1', alignItems: 'center' },
    // The bar of a figure, on the scale of its column.
    '& [data-bar]': {
      display: 'block',
      position: 'relative',
      height: '9px',
      my: '2px',
      contain: 'strict',
      printColorAdjust: 'exact',
      background: `linear-gradient(${INK.hair}, ${INK.hair}) no-repeat center / 100% 1px`,
    },
    '& [data-bar] i': { position: 'absolute' },
    '& [data-fill]': {
      left: 0,
      top: '2px',
      height: '5px',
      bg: 'border.emphasized',
      borderRight: `2px solid ${INK.ink}`,
    },
    '& [data-fill][data-beyond]': {
      borderRight: 0,
      clipPath: 'polygon(0 0, calc(100% - 5px) 0, 100% 50%, calc(100% - 5px) 100%, 0 100%)',
    },
    '& [data-bare]': { left: 0, top: '2px', height: '5px', bg: 'fg.muted' },
    '& [data-leader] [data-fill]': { borderRightColor: 'hot' },
    '& [data-range]': {
      top: 0,
      height: '9px',
      borderInline: `1.5px solid ${INK.ink}`,
      background: `linear-gradient(${INK.ink}, ${INK.ink}) no-repeat center / 100% 1.5px`,
      opacity: 0.85,
    },
    '& [data-mid]': { top: '1px', height: '7px', width: '1.5px', bg: 'fg' },
    '& [data-limit]': { top: 0, height: '9px', width: 0, borderLeft: `1.5px dashed ${INK.ink}` },
    '&[data-lagging] [data-range], &[data-lagging] [data-mid], &[data-lagging] [data-best]': { opacity: 0.3 },
    // Full: figure, bar, and a line below.
    '&[data-density=full] :is([data-lane], [data-quote])[data-grid]': { py: '1.5' },
    // Compact: one line, the bar before its figure.
    '&[data-density=compact] :is([data-lane], [data-quote])[data-grid]': {
      py: '0.5',
      alignItems: 'center',
      minH: '30px',
    },
    '&[data-density=compact] [data-note]': { display: 'none' },
    '&[data-density=compact] [data-value]': {
      display: 'flex',
      alignItems: 'center',
      gap: '2',
      flexDirection: 'row-reverse',
    },
    '&[data-density=compact] [data-bar]': { flex: 1, minW: '20px', my: 0 },
    '&[data-density=compact] [data-name]': { whiteSpace: 'nowrap', overflow: 'hidden', textOverflow: 'ellipsis' },
    '&[data-density=compact] [data-column=route]': { alignItems: 'center' },
    // A route that is ruled out: one line, what bars it and what would open it.
    '& [data-folded]': { borderBottom: '1px solid {colors.border}', contain: 'layout style', py: '1' },
    '& [data-folded] [role=gridcell]': {
      display: 'flex',
      flexWrap: 'wrap',
      alignItems: 'center',
      rowGap: '0',
      columnGap: '2',
      textAlign: 'start',
      textStyle: 'label',
    },
    '& [data-folded] [data-why]': { color: 'fg.muted' },
    '& [data-folded] [data-name]': { textStyle: 'body', fontWeight: 'medium' },
    '@media screen and (max-width: 56.24rem)': {
      '& [data-head]': { display: 'none' },
      '& [data-grid]': { gridTemplateColumns: '1fr 1fr', rowGap: '1.5' },
      '& [data-column=route]': { gridColumn: '1 / -1' },
      '& [role=gridcell]': { textAlign: 'start' },
      '& [data-cap]': { display: 'block' },
      '& [data-column=pin]': { display: 'none' },
      // A lane that is closed shows its cost and its lead time; opened, all of its cells.
      '& [data-grid]:not([data-open]) :is([data-column=quantity], [data-column=tooling], [data-column=alloy], [data-column=tolerance])':
        { display: 'none' },
    },
    '@media print': {
      '& [data-column=pin], & [data-head] > div:last-of-type': { display: 'none' },
      '& [data-grid]': {
        gridTemplateColumns: 'minmax(96px, 1.5fr) 0.8fr 0.9fr 1.2fr 1.1fr 0.7fr 1.1fr',
        columnGap: '8px',
        fontSize: '10px',
      },
      '& [data-head]': { position: 'static' },
    },
  },
});
