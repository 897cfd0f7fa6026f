import { defineRecipe, defineSlotRecipe } from '@chakra-ui/react';

/** What the page says of itself: a banner that waits for a choice, in alarm where work may be lost. */
export const alert = defineSlotRecipe({
  className: 'alert',
  slots: ['title', 'description', 'root', 'indicator', 'content'],
  base: {
    root: {
      display: 'flex',
      flexWrap: 'wrap',
      alignItems: 'center',
      gap: '3.5',
      my: '3',
      px: '3.5',
      py: '2.5',
      border: '1px solid',
      borderColor: 'fg',
      borderRadius: 'sm',
    },
    content: { flex: '1 1 20rem', minW: 0 },
    title: { fontWeight: 'bold' },
    description: { textStyle: 'label' },
  },
  variants: {
    status: {
      info: {},
      error: { root: { borderColor: 'alarm' } },
      warning: { root: { borderColor: 'alarm' } },
      success: {},
    },
  },
  defaultVariants: { status: 'info' },
});

/** What stands where there is nothing yet, and the way on. */
export const emptyState = defineSlotRecipe({
  className: 'empty',
  slots: ['root', 'content', 'indicator', 'title', 'description'],
  base: {
    root: { width: 'full', py: '8' },
    content: { display: 'flex', flexDirection: 'column', gap: '3', alignItems: 'flex-start' },
    title: { textStyle: 'lead', fontWeight: 'bold' },
    description: { color: 'fg.muted', maxW: '60ch' },
  },
});

export const progress = defineSlotRecipe({
  className: 'progress',
  slots: ['root', 'label', 'track', 'range', 'valueText', 'view', 'circle', 'circleTrack', 'circleRange'],
  base: {
    root: { position: 'relative', flex: 'none' },
    track: { height: '6px', bg: 'bg.muted', overflow: 'hidden' },
    range: {
      height: 'full',
      bg: 'fg',
      transition: 'width 120ms',
      _indeterminate: { width: '40%', animation: 'pulse 1.2s infinite' },
    },
    label: { textStyle: 'label' },
  },
});

export const skeleton = defineRecipe({
  className: 'skeleton',
  base: {
    bg: 'bg.subtle',
    borderRadius: 'sm',
    color: 'transparent',
    animation: 'pulse 1.6s infinite',
    '& *': { visibility: 'hidden' },
  },
});

export const spinner = defineRecipe({
  className: 'spinner',
  base: {
    display: 'inline-block',
    width: '1em',
    height: '1em',
    border: '2px solid',
    borderColor: 'fg',
    borderInlineStartColor: 'transparent',
    borderRadius: '50%',
    animation: 'turn 800ms linear infinite',
  },
});

/** A word set apart: how grave a caution is, where a value comes from. */
export const badge = defineRecipe({
  className: 'badge',
  base: {
    display: 'inline-block',
    textStyle: 'label',
    lineHeight: '1.3',
    px: '1.5',
    border: '1px solid',
    borderColor: 'border.emphasized',
    borderRadius: 'sm',
    whiteSpace: 'nowrap',
    fontWeight: 'normal',
  },
  variants: {
    variant: {
      outline: {},
      subtle: { borderStyle: 'dashed', color: 'fg.muted' },
      solid: { borderColor: 'alarm', color: 'alarm', fontWeight: 'bold' },
    },
  },
  defaultVariants: { variant: 'outline' },
});

export const code = defineRecipe({
  className: 'code',
  base: { fontFamily: 'mono', fontSize: 'label', overflowWrap: 'anywhere' },
});

/** An equation as it stands in a working. */
export const expression = defineRecipe({
  className: 'expression',
  base: {
    fontFamily: 'mono',
    fontSize: '0.8125rem',
    lineHeight: '1.6',
    bg: 'bg.subtle',
    borderInlineStart: '2px solid',
    borderColor: 'fg',
    py: '2',
    px: '2.5',
    overflowWrap: 'anywhere',
  },
});

/** A heading; its rank is the element's, its size the text style's. */
export const heading = defineRecipe({
  className: 'heading',
  base: { fontFamily: 'heading', textStyle: 'heading' },
  variants: { size: { lg: { textStyle: 'title' }, md: { textStyle: 'lead', fontWeight: 'bold' }, sm: {} } },
  defaultVariants: { size: 'sm' },
});

/** What opens under its own line. */
export const collapsible = defineSlotRecipe({
  className: 'fold',
  slots: ['root', 'trigger', 'content', 'indicator'],
  base: {
    trigger: {
      display: 'flex',
      alignItems: 'baseline',
      gap: '2',
      width: 'full',
      py: '1.5',
      cursor: 'pointer',
      textAlign: 'start',
    },
    indicator: {
      flex: 'none',
      color: 'fg.muted',
      alignSelf: 'center',
      transition: 'rotate 120ms',
      '&[data-state=open]': { rotate: '90deg' },
    },
    content: { overflow: 'hidden' },
  },
});

/** A section of a view: its heading ruled in ink. */
export const section = defineSlotRecipe({
  className: 'section',
  slots: ['root', 'heading', 'under'],
  base: {
    root: {
      mt: '6',
      breakInside: 'avoid',
      scrollMarginTop: '150px',
      '&:target': { outline: '2px solid', outlineColor: 'hot', outlineOffset: '6px' },
    },
    heading: {
      display: 'flex',
      flexWrap: 'wrap',
      alignItems: 'baseline',
      rowGap: '0',
      columnGap: '3',
      textStyle: 'heading',
      borderBottom: '1px solid',
      borderColor: 'fg',
      pb: '0.5',
      mb: '1.5',
    },
    under: { textStyle: 'label', fontWeight: 'normal', color: 'fg.muted' },
  },
});
