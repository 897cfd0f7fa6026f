import { cleanup } from '@testing-library/react';
import { afterEach, beforeEach, vi } from 'vitest';

/**
 * Gives every test of a file a clock it can move, an empty browser storage, and a page that is cleared after it.
 * @param now the time the clock begins at; the real one where not given
 */
export function setUpPage(now?: string): void {
  beforeEach(() => {
    localStorage.clear();
    sessionStorage.clear();
    vi.useFakeTimers(now === undefined ? {} : { now: new Date(now) });
  });
  afterEach(() => {
    cleanup();
    vi.useRealTimers();
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
  });
}
