/** Every alloy the shop may choose from, by family. */
import { ALUMINIUM_ALLOYS } from './aluminium.data';
import { MAGNESIUM_ALLOYS } from './magnesium.data';
import { ZINC_ALLOYS } from './zinc.data';
import { TIN_ALLOYS } from './tin.data';
import { LEAD_ALLOYS } from './lead.data';
import { COPPER_ALLOYS } from './copper.data';
import { PRECIOUS_ALLOYS } from './precious.data';
import { GREY_IRON_ALLOYS } from './grey-iron.data';
import { DUCTILE_IRON_ALLOYS } from './ductile-iron.data';
import { STEEL_ALLOYS } from './steel.data';
import { STAINLESS_ALLOYS } from './stainless.data';
import { TOOL_STEEL_ALLOYS } from './tool-steel.data';
import { COBALT_ALLOYS } from './cobalt.data';
import { NICKEL_ALLOYS } from './nickel.data';
import { TITANIUM_ALLOYS } from './titanium.data';
import { withNear } from '../near';
import type { Alloy } from '../types';

export const ALLOYS: readonly Alloy[] = withNear([
  ...ALUMINIUM_ALLOYS,
  ...MAGNESIUM_ALLOYS,
  ...ZINC_ALLOYS,
  ...TIN_ALLOYS,
  ...LEAD_ALLOYS,
  ...COPPER_ALLOYS,
  ...PRECIOUS_ALLOYS,
  ...GREY_IRON_ALLOYS,
  ...DUCTILE_IRON_ALLOYS,
  ...STEEL_ALLOYS,
  ...STAINLESS_ALLOYS,
  ...TOOL_STEEL_ALLOYS,
  ...COBALT_ALLOYS,
  ...NICKEL_ALLOYS,
  ...TITANIUM_ALLOYS,
]);
