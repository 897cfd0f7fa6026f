import { defineRecipe, defineSlotRecipe } from '@chakra-ui/react';

/** A line to write on: ruled below, hot while it is written on, alarmed where what stands there is not taken. */
const RULED = {
  width: 'full',
  minW: 0,
  bg: 'transparent',
  border: 0,
  borderBottom: '1px solid',
  borderColor: 'border.emphasized',
  borderRadius: 'none',
  color: 'inherit',
  font: 'inherit',
  fontVariantNumeric: 'tabular-nums',
  py: '1',
  px: 0,
  outline: 0,
  appearance: 'none',
  _focus: { borderColor: 'hot', boxShadow: '0 1px 0 {colors.hot}' },
  _invalid: { borderColor: 'alarm', boxShadow: '0 1px 0 {colors.alarm}' },
  _disabled: { opacity: 0.5 },
} as const;

/** The same in the cell of a table: the line shows when it is wanted. */
const IN_CELL = {
  ...RULED,
  borderBottomStyle: 'dotted',
  py: '0.5',
  _hover: { borderBottomStyle: 'solid' },
} as const;

const SIZES = { xs: { textStyle: 'label' }, sm: { textStyle: 'body' } } as const;

export const input = defineRecipe({
  className: 'input',
  base: RULED,
  variants: { variant: { outline: {}, flushed: IN_CELL }, size: SIZES },
  defaultVariants: { variant: 'outline', size: 'sm' },
});

export const textarea = defineRecipe({
  className: 'textarea',
  base: { ...RULED, fieldSizing: 'content', resize: 'none', lineHeight: '1.4' },
  variants: { variant: { outline: {}, flushed: IN_CELL }, size: SIZES },
  defaultVariants: { variant: 'outline', size: 'sm' },
});

export const nativeSelect = defineSlotRecipe({
  className: 'select',
  slots: ['root', 'field', 'indicator'],
  base: {
    root: { display: 'inline-flex', position: 'relative', width: 'full', minW: 0 },
    field: { ...RULED, pe: '5', cursor: 'pointer', '& > option, & > optgroup': { bg: 'bg', color: 'fg' } },
    indicator: {
      position: 'absolute',
      insetEnd: 0,
      top: '50%',
      translate: '0 -50%',
      pointerEvents: 'none',
      color: 'fg.muted',
      '& svg': { width: '14px', height: '14px' },
    },
  },
  variants: {
    variant: { outline: {}, plain: { field: { borderBottomStyle: 'dotted', py: '0.5' } } },
    size: { xs: { field: SIZES.xs }, sm: { field: SIZES.sm } },
  },
  defaultVariants: { variant: 'outline', size: 'sm' },
});

export const field = defineSlotRecipe({
  className: 'field',
  slots: ['root', 'errorText', 'helperText', 'input', 'label', 'select', 'textarea', 'requiredIndicator'],
  base: {
    root: {
      display: 'block',
      width: 'full',
      position: 'relative',
    },
    label: { textStyle: 'label', fontSize: '0.8125rem', fontWeight: 'medium' },
    helperText: { textStyle: 'label', color: 'fg.muted', mt: '0.5' },
    errorText: { textStyle: 'label', color: 'alarm', mt: '0.5', '&::before': { content: '"▲ "' } },
  },
});

export const fieldset = defineSlotRecipe({
  className: 'fieldset',
  slots: ['root', 'errorText', 'helperText', 'legend', 'content'],
  base: {
    root: { border: 0, p: 0, m: 0, minW: 0 },
    legend: { textStyle: 'heading', p: 0, mb: '1' },
  },
});

const BOX = {
  flex: 'none',
  width: '14px',
  height: '14px',
  display: 'inline-flex',
  alignItems: 'center',
  justifyContent: 'center',
  border: '1px solid',
  borderColor: 'fg.muted',
  bg: 'bg',
  '&[data-state=checked]': { bg: 'fg', borderColor: 'fg', color: 'bg' },
  '&[data-focus-visible]': { outline: '2px solid', outlineColor: 'hot', outlineOffset: '2px' },
} as const;

const TICKED = {
  display: 'inline-flex',
  alignItems: 'center',
  gap: '2',
  position: 'relative',
  cursor: 'pointer',
} as const;

export const checkbox = defineSlotRecipe({
  className: 'checkbox',
  slots: ['root', 'label', 'control', 'indicator', 'group'],
  base: {
    root: TICKED,
    control: { ...BOX, borderRadius: 'sm', '& svg': { width: '12px', height: '12px' } },
    label: { userSelect: 'none' },
  },
});

/** The sign in the box of a checkbox: drawn by the kit, sized and coloured by the box. */
export const checkmark = defineRecipe({ className: 'checkmark', base: BOX });

export const radioGroup = defineSlotRecipe({
  className: 'radios',
  slots: ['root', 'label', 'item', 'itemText', 'itemControl', 'indicator', 'itemAddon', 'itemIndicator'],
  base: {
    root: { display: 'flex', flexWrap: 'wrap', rowGap: '1', columnGap: '4' },
    item: TICKED,
    itemControl: {
      ...BOX,
      borderRadius: '50%',
      '& .dot': { width: '6px', height: '6px', borderRadius: '50%', bg: 'currentColor' },
    },
  },
});

export const radiomark = defineRecipe({ className: 'radiomark', base: { ...BOX, borderRadius: '50%' } });

export const slider = defineSlotRecipe({
  className: 'slider',
  slots: [
    'root',
    'label',
    'thumb',
    'valueText',
    'track',
    'range',
    'control',
    'markerGroup',
    'marker',
    'draggingIndicator',
    'markerIndicator',
    'markerLabel',
  ],
  base: {
    root: { display: 'flex', flexDirection: 'column', width: 'full', touchAction: 'none' },
    control: { display: 'inline-flex', alignItems: 'center', position: 'relative', minH: '5' },
    track: { flex: 1, height: '2px', bg: 'border.emphasized' },
    range: { height: '2px', bg: 'fg' },
    thumb: {
      width: '10px',
      height: '16px',
      bg: 'bg',
      border: '1.5px solid',
      borderColor: 'fg',
      borderRadius: 'sm',
      cursor: 'grab',
      zIndex: 1,
      _focusVisible: { outline: '2px solid', outlineColor: 'hot', outlineOffset: '2px' },
    },
  },
});

export const fileUpload = defineSlotRecipe({
  className: 'file',
  slots: [
    'root',
    'dropzone',
    'item',
    'itemDeleteTrigger',
    'itemGroup',
    'itemName',
    'itemPreview',
    'itemPreviewImage',
    'itemSizeText',
    'label',
    'trigger',
    'clearTrigger',
    'itemContent',
    'dropzoneContent',
    'fileText',
  ],
  base: {
    root: { display: 'flex', flexDirection: 'column', gap: '3', width: 'full', alignItems: 'flex-start' },
    dropzone: {
      width: 'full',
      p: '5',
      border: '1px dashed',
      borderColor: 'border.emphasized',
      borderRadius: 'sm',
      '&[data-dragging]': { borderColor: 'hot', bg: 'bg.subtle' },
    },
  },
});
