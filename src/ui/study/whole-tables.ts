import { findAlloy } from '@/core/catalogue/alloys';
import { ratesOf } from '@/core/rates';
import type { Tables } from './tables.types';

/** Every alloy and every rate. */
export const WHOLE_TABLES: Tables = { alloyOf: findAlloy, ratesOf, whole: true };
