import { defineSlotRecipe } from '@chakra-ui/react';

/** Tables: ruled under the head in ink, under each row by a hairline; figures (class `num`) end at one edge. */
export const table = defineSlotRecipe({
  className: 'table',
  slots: ['root', 'header', 'body', 'row', 'columnHeader', 'cell', 'footer', 'caption'],
  base: {
    root: {
      // What is hidden from the eye in it scrolls along, and does not widen the page.
      position: 'relative',
      width: 'full',
      borderCollapse: 'collapse',
      fontVariantNumeric: 'tabular-nums lining-nums',
      textAlign: 'start',
      '& .num': { textAlign: 'end', whiteSpace: 'nowrap' },
      '& th[scope=row]': {
        borderBottom: '1px solid {colors.border}',
        color: 'fg',
        textStyle: 'body',
        verticalAlign: 'baseline',
        whiteSpace: 'normal',
      },
      '& tr[data-quiet] > *': { color: 'fg.muted' },
      '& tr[data-marked] > *': { bg: 'shade' },
    },
    columnHeader: {
      textStyle: 'label',
      fontWeight: 'medium',
      textAlign: 'start',
      color: 'fg.muted',
      verticalAlign: 'bottom',
      borderBottom: '1px solid',
      borderColor: 'fg',
    },
    cell: { textAlign: 'start', verticalAlign: 'baseline', borderBottom: '1px solid', borderColor: 'border' },
    caption: { textStyle: 'label', color: 'fg.muted', textAlign: 'start', captionSide: 'bottom', pt: '1' },
  },
  variants: {
    variant: {
      line: {},
      outline: {
        cell: { verticalAlign: 'top' },
      },
    },
    size: {
      sm: { columnHeader: { py: '1', pe: '2' }, cell: { py: '1', pe: '2' } },
      md: { columnHeader: { py: '1', pe: '3' }, cell: { py: '1.5', pe: '3' } },
      lg: { columnHeader: { py: '1', pe: '3' }, cell: { py: '2', pe: '3' } },
    },
    interactive: { true: { row: { _hover: { '& > td': { bg: 'shade' } } } } },
    stickyHeader: { true: { header: { position: 'sticky', top: 0, zIndex: 1, bg: 'bg' } } },
  },
  defaultVariants: { variant: 'line', size: 'md' },
});

/** Names beside their values. */
export const dataList = defineSlotRecipe({
  className: 'data-list',
  slots: ['root', 'item', 'itemLabel', 'itemValue'],
  base: {
    root: {
      display: 'grid',
      gridTemplateColumns: 'max-content minmax(0, 1fr)',
      rowGap: '1',
      columnGap: '4',
      alignItems: 'baseline',
      m: 0,
    },
    item: { display: 'contents' },
    itemLabel: { color: 'fg.muted' },
    itemValue: { m: 0, minW: 0 },
  },
  variants: {
    orientation: {
      horizontal: {},
      vertical: {
        root: { gridTemplateColumns: 'repeat(auto-fit, minmax(min(100%, 170px), 1fr))', rowGap: '3', columnGap: '6' },
        item: { display: 'block' },
        itemLabel: { textStyle: 'label' },
      },
    },
  },
  defaultVariants: { orientation: 'horizontal' },
});
