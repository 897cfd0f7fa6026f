import { defineRecipe, defineSlotRecipe } from '@chakra-ui/react';

/** Buttons: the primary action hot and full, others in outline, words that act without a box. */
export const button = defineRecipe({
  className: 'button',
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    justifyContent: 'center',
    gap: '1.5',
    flexShrink: 0,
    appearance: 'none',
    border: '1px solid transparent',
    borderRadius: 'sm',
    fontFamily: 'inherit',
    fontWeight: 'medium',
    lineHeight: '1.2',
    whiteSpace: 'nowrap',
    textAlign: 'start',
    cursor: 'pointer',
    _disabled: { opacity: 0.5, cursor: 'not-allowed' },
    '& svg': { flexShrink: 0 },
  },
  variants: {
    size: {
      xs: { minH: '6', minW: '6', px: '2', textStyle: 'label' },
      sm: { minH: '8', minW: '8', px: '3', textStyle: 'body' },
      md: { minH: '10', minW: '10', px: '4', textStyle: 'lead' },
    },
    variant: {
      solid: { bg: 'hot', color: 'hot.contrast', _hover: { bg: 'color-mix(in srgb, {colors.hot}, {colors.fg} 14%)' } },
      outline: {
        borderColor: 'border.emphasized',
        bg: 'bg',
        _hover: { borderColor: 'fg' },
        _expanded: { bg: 'bg.subtle' },
      },
      ghost: { color: 'fg.muted', _hover: { bg: 'bg.subtle', color: 'fg' } },
      plain: {
        h: 'auto',
        minW: 0,
        minH: 0,
        px: 0,
        py: '0.5',
        borderWidth: '0 0 1px',
        borderRadius: 'none',
        fontWeight: 'normal',
        whiteSpace: 'normal',
        bg: 'none',
        _hover: { borderBottomColor: 'fg' },
        '&[aria-pressed=true]': { fontWeight: 'bold' },
      },
    },
  },
  compoundVariants: (['xs', 'sm', 'md'] as const).map((size) => ({
    variant: 'plain' as const,
    size,
    css: { px: 0, minW: 0, minH: 0 },
  })),
  defaultVariants: { variant: 'outline', size: 'sm' },
});

/** A link in running words, and one in a row of links. */
export const link = defineRecipe({
  className: 'link',
  base: { color: 'inherit', borderRadius: 'none', borderBottom: '1px solid' },
  variants: {
    variant: {
      underline: { borderBottomColor: 'border.emphasized', _hover: { borderBottomColor: 'fg' } },
      plain: { borderBottomColor: 'transparent', _hover: { borderBottomColor: 'fg' } },
    },
  },
  defaultVariants: { variant: 'underline' },
});

/** The way past the head of the page, shown when the keyboard comes to it. */
export const skipNavLink = defineRecipe({
  className: 'skip',
  base: {
    position: 'fixed',
    top: '2',
    insetStart: '2',
    zIndex: 'tooltip',
    px: '3',
    py: '1.5',
    bg: 'fg',
    color: 'bg',
    '&:not(:focus)': {
      width: '1px',
      height: '1px',
      p: 0,
      overflow: 'hidden',
      clipPath: 'inset(50%)',
      whiteSpace: 'nowrap',
    },
  },
});

/** A figure whose working opens: it looks like itself, dotted below. */
export const figure = defineRecipe({
  className: 'figure',
  base: {
    display: 'inline',
    appearance: 'none',
    bg: 'none',
    border: 0,
    borderBottom: '1px dotted',
    borderBottomColor: 'border.emphasized',
    borderRadius: 'none',
    p: 0,
    m: 0,
    color: 'inherit',
    font: 'inherit',
    fontStretch: 'inherit',
    lineHeight: 'inherit',
    letterSpacing: 'inherit',
    textAlign: 'start',
    cursor: 'pointer',
    _hover: { borderBottomStyle: 'solid', borderBottomColor: 'fg' },
  },
});

/** One of two or three: a strip whose chosen part is inked. */
export const segmentGroup = defineSlotRecipe({
  className: 'segments',
  slots: ['root', 'label', 'item', 'itemText', 'itemControl', 'indicator'],
  base: {
    root: {
      display: 'inline-flex',
      alignItems: 'stretch',
      border: '1px solid',
      borderColor: 'border.emphasized',
      borderRadius: 'sm',
      position: 'relative',
      verticalAlign: 'middle',
    },
    item: {
      display: 'inline-flex',
      alignItems: 'center',
      gap: '1',
      minH: '6',
      px: '2',
      textStyle: 'label',
      color: 'fg.muted',
      whiteSpace: 'nowrap',
      cursor: 'pointer',
      userSelect: 'none',
      _hover: { color: 'fg' },
      '&[data-state=checked]': { bg: 'fg', color: 'bg' },
      '&:has(input:focus-visible)': { outline: '2px solid', outlineColor: 'hot', outlineOffset: '2px' },
      _disabled: { opacity: 0.5, cursor: 'not-allowed' },
    },
    indicator: { display: 'none' },
  },
});

/** Ways to the views of a study, and tabs. */
export const tabs = defineSlotRecipe({
  className: 'tabs',
  slots: ['root', 'trigger', 'list', 'content', 'contentGroup', 'indicator'],
  base: {
    list: { display: 'flex', flexWrap: 'wrap', rowGap: '0', columnGap: '4' },
    trigger: {
      textStyle: 'body',
      color: 'fg.muted',
      py: '1',
      cursor: 'pointer',
      borderBottom: '2px solid transparent',
      _hover: { color: 'fg' },
      '&[aria-current=page], &[data-selected]': { color: 'fg', fontWeight: 'bold', borderBottomColor: 'fg' },
    },
  },
});

export const breadcrumb = defineSlotRecipe({
  className: 'breadcrumb',
  slots: ['link', 'currentLink', 'item', 'list', 'root', 'ellipsis', 'separator'],
  base: {
    list: {
      display: 'flex',
      flexWrap: 'wrap',
      alignItems: 'center',
      gap: '1.5',
      textStyle: 'label',
      color: 'fg.muted',
      listStyle: 'none',
    },
    item: { display: 'inline-flex', alignItems: 'center' },
    link: { color: 'fg.muted', _hover: { color: 'fg' } },
    currentLink: { color: 'fg' },
    separator: { color: 'border.emphasized' },
  },
});

export const kbd = defineRecipe({
  className: 'kbd',
  base: {
    fontFamily: 'mono',
    fontSize: '0.6875rem',
    border: '1px solid',
    borderColor: 'border.emphasized',
    borderBottomWidth: '2px',
    borderRadius: 'md',
    px: '1',
    whiteSpace: 'nowrap',
  },
});
