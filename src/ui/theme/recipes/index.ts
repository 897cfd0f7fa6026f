import { breadcrumb, button, figure, kbd, link, segmentGroup, skipNavLink, tabs } from './actions';
import {
  checkbox,
  checkmark,
  field,
  fieldset,
  fileUpload,
  input,
  nativeSelect,
  radioGroup,
  radiomark,
  slider,
  textarea,
} from './fields';
import { combobox, dialog, drawer, menu, popover, toast, tooltip } from './overlays';
import { dataList, table } from './tables';
import {
  alert,
  badge,
  code,
  collapsible,
  emptyState,
  expression,
  heading,
  progress,
  section,
  skeleton,
  spinner,
} from './messages';

/** Recipes of one part. */
export const recipes = {
  badge,
  button,
  checkmark,
  code,
  expression,
  figure,
  heading,
  input,
  kbd,
  link,
  radiomark,
  skeleton,
  skipNavLink,
  spinner,
  textarea,
};

/** Recipes of several parts. */
export const slotRecipes = {
  alert,
  breadcrumb,
  checkbox,
  collapsible,
  combobox,
  dataList,
  dialog,
  drawer,
  emptyState,
  field,
  fieldset,
  fileUpload,
  menu,
  nativeSelect,
  popover,
  progress,
  radioGroup,
  section,
  segmentGroup,
  slider,
  table,
  tabs,
  toast,
  tooltip,
};
