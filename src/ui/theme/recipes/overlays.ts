import { defineSlotRecipe } from '@chakra-ui/react';

const BACKDROP = { position: 'fixed', inset: 0, bg: 'rgb(0 0 0 / 32%)', zIndex: 'popover', _open: { animation: 'fade-in 120ms' } } as const;
const LIFTED = {
  bg: 'bg',
  color: 'fg',
  border: '1px solid',
  borderColor: 'border.emphasized',
  borderRadius: 'md',
  boxShadow: '0 8px 28px rgb(0 0 0 / 22%)',
  outline: 0,
} as const;
const PAGE = {
  header: { px: '6', pt: '5', pb: '2', pe: '14' },
  title: { textStyle: 'lead', fontWeight: 'bold' },
  description: { textStyle: 'label', color: 'fg.muted' },
  closeTrigger: { position: 'absolute', top: '3', insetEnd: '3' },
} as const;

/** A sheet that slides in from the side; from 480 px down it covers the screen. */
export const drawer = defineSlotRecipe({
  className: 'drawer',
  slots: ['trigger', 'backdrop', 'positioner', 'content', 'title', 'description', 'closeTrigger', 'header', 'body', 'footer'],
  base: {
    ...PAGE,
    backdrop: BACKDROP,
    positioner: { position: 'fixed', inset: 0, display: 'flex', justifyContent: 'flex-end', zIndex: 'popover', overscrollBehavior: 'none' },
    content: {
      ...LIFTED,
      position: 'relative',
      display: 'flex',
      flexDirection: 'column',
      width: 'full',
      maxW: '44rem',
      height: '100dvh',
      borderWidth: '0 0 0 1px',
      borderRadius: 'none',
      _open: { animation: 'from-right 140ms ease-out, fade-in 140ms' },
    },
    body: { flex: 1, px: '6', py: '2', pb: '8', overflow: 'auto' },
    footer: { px: '6', py: '3', display: 'flex', gap: '3', justifyContent: 'flex-end' },
  },
});

export const dialog = defineSlotRecipe({
  className: 'dialog',
  slots: ['trigger', 'backdrop', 'positioner', 'content', 'title', 'description', 'closeTrigger', 'header', 'body', 'footer'],
  base: {
    ...PAGE,
    backdrop: BACKDROP,
    positioner: { position: 'fixed', inset: 0, display: 'flex', alignItems: 'flex-start', justifyContent: 'center', p: '4', pt: '16', overflow: 'auto', zIndex: 'popover' },
    content: { ...LIFTED, position: 'relative', width: 'full', maxW: '34rem', _open: { animation: 'fade-in 120ms' } },
    body: { px: '6', py: '2', pb: '5' },
    footer: { px: '6', pb: '5', display: 'flex', gap: '3', justifyContent: 'flex-end' },
  },
});

export const popover = defineSlotRecipe({
  className: 'popover',
  slots: ['arrow', 'arrowTip', 'anchor', 'trigger', 'indicator', 'positioner', 'content', 'title', 'description', 'closeTrigger', 'header', 'body', 'footer'],
  base: {
    ...PAGE,
    content: { ...LIFTED, width: '22rem', maxW: 'calc(100vw - 16px)', zIndex: 'popover', textStyle: 'body' },
    body: { p: '4' },
  },
});

export const menu = defineSlotRecipe({
  className: 'menu',
  slots: ['arrow', 'arrowTip', 'content', 'contextTrigger', 'indicator', 'item', 'itemGroup', 'itemGroupLabel', 'itemIndicator', 'itemText', 'positioner', 'separator', 'trigger', 'triggerItem', 'itemCommand'],
  base: {
    content: { ...LIFTED, minW: '10rem', py: '1', zIndex: 'popover' },
    item: { display: 'flex', alignItems: 'center', gap: '2', px: '3', py: '1.5', cursor: 'pointer', textStyle: 'body', _highlighted: { bg: 'bg.muted' }, _disabled: { opacity: 0.5 } },
    itemGroupLabel: { px: '3', py: '1', textStyle: 'label', color: 'fg.muted' },
    separator: { height: '1px', my: '1', bg: 'border' },
  },
});

export const tooltip = defineSlotRecipe({
  className: 'tooltip',
  slots: ['trigger', 'arrow', 'arrowTip', 'positioner', 'content'],
  base: {
    content: {
      bg: 'fg',
      color: 'bg',
      px: '2.5',
      py: '1.5',
      borderRadius: 'sm',
      textStyle: 'label',
      maxW: '22rem',
      zIndex: 'tooltip',
    },
  },
});

export const toast = defineSlotRecipe({
  className: 'notice',
  slots: ['root', 'title', 'description', 'indicator', 'closeTrigger', 'actionTrigger'],
  base: {
    root: {
      bg: 'fg',
      color: 'bg',
      display: 'flex',
      alignItems: 'baseline',
      gap: '4',
      position: 'relative',
      width: 'full',
      px: '4',
      py: '2.5',
      pe: '10',
      borderRadius: 'md',
      textStyle: 'body',
      translate: 'var(--x) var(--y)',
      scale: 'var(--scale)',
      zIndex: 'var(--z-index)',
      height: 'var(--height)',
      opacity: 'var(--opacity)',
      willChange: 'translate, opacity, scale',
      transition: 'translate 160ms, scale 160ms, opacity 160ms, height 160ms',
    },
    title: { fontWeight: 'medium' },
    actionTrigger: { borderBottom: '1px solid', cursor: 'pointer' },
    closeTrigger: { position: 'absolute', top: '1', insetEnd: '1', p: '2', cursor: 'pointer', '& svg': { width: '14px', height: '14px' } },
  },
});

export const combobox = defineSlotRecipe({
  className: 'combobox',
  slots: ['root', 'clearTrigger', 'content', 'control', 'input', 'item', 'itemGroup', 'itemGroupLabel', 'itemIndicator', 'itemText', 'label', 'list', 'positioner', 'trigger', 'empty', 'indicatorGroup'],
  base: {
    root: { width: 'full', display: 'block' },
    control: { position: 'relative' },
    input: {
      width: 'full',
      bg: 'transparent',
      border: 0,
      borderBottom: '1px solid',
      borderColor: 'border.emphasized',
      borderRadius: 'none',
      color: 'inherit',
      font: 'inherit',
      py: '1',
      pe: '12',
      outline: 0,
      _focus: { borderColor: 'hot', boxShadow: '0 1px 0 {colors.hot}' },
      _invalid: { borderColor: 'alarm', boxShadow: '0 1px 0 {colors.alarm}' },
    },
    indicatorGroup: { position: 'absolute', insetEnd: 0, top: 0, bottom: 0, display: 'flex', alignItems: 'center', gap: '1', color: 'fg.muted', '& svg': { width: '14px', height: '14px' } },
    trigger: { p: '1', cursor: 'pointer' },
    clearTrigger: { p: '1', cursor: 'pointer', '&[hidden]': { display: 'none' } },
    content: { ...LIFTED, maxH: '20rem', overflowY: 'auto', py: '1', zIndex: 'popover' },
    itemGroupLabel: { px: '3', pt: '2', pb: '0.5', textStyle: 'label', color: 'fg.muted' },
    item: { display: 'flex', gap: '3', justifyContent: 'space-between', px: '3', py: '1', cursor: 'pointer', _highlighted: { bg: 'bg.muted' }, '&[data-state=checked]': { fontWeight: 'bold' } },
    empty: { px: '3', py: '2', color: 'fg.muted' },
  },
});
