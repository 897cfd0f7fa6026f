import { ROUTES } from '../catalogue/routes';
import type { ProcessTable } from './types';

/** The book's process values. */
export const BOOK_PROCESS: ProcessTable = Object.fromEntries(
  ROUTES.flatMap((route) => [
    [route.id, route.capability] as const,
    ...route.variants.map((variant) => [`${route.id}/${variant.id}`, variant.capability] as const),
  ]),
);
