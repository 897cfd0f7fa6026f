import { act } from '@testing-library/react';

/** Lets parts of a screen that are fetched when asked for arrive, and stand. */
export const arrived = (...parts: readonly Promise<unknown>[]): Promise<void> =>
  act(async () => {
    await Promise.all(parts);
    await Promise.resolve();
  });
