import { SCREEN_LIST_RATES } from './data/screen-list.data';
import { TABLE_PRICES } from './metals';
import { shippedAt } from './shipped-at';
import type { RateSet } from './types';

/** The rate set shipped with the application: read-only, and every figure of it an assumption until a shop replaces it. */
export const SHIPPED_RATES: RateSet = { ...shippedAt(TABLE_PRICES), screenList: SCREEN_LIST_RATES };
