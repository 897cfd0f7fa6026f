/** What each foundry can do: its profile, and lanes and rates as it runs them. */
export { LINE_FIELDS, SHOP_FIELDS, type ProfileField, type ProfileSlot } from './fields.data';
export { profileChanges, type ProfileChange } from './changes';
export { bandOf, laneAt } from './lane-at';
export { OLD_AFTER_D } from './old-after';
export { calendarAt, variantAt } from './rates-at';
export { parseFoundryProfile, PROFILE_SCHEMA } from './schema';
export type { Foundry, FoundryLine, FoundryProfile, Said, SaidWidth, Shifts, Sides, Steps } from './types';
