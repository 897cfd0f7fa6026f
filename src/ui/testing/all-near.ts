import { vi } from 'vitest';

// In tests of screens every page has been touched, and all of it is near the view.
vi.mock('../late/near', () => ({ Near: ({ children }: { readonly children: unknown }) => children }));
vi.mock('../late/touched', () => ({ Touched: ({ children }: { readonly children: unknown }) => children }));
vi.mock('../late/when-touched', () => ({
  whenTouched: (run: () => void) => {
    run();
    return () => undefined;
  },
}));
