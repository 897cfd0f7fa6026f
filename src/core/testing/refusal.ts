import fc from 'fast-check';
import { CoreError } from '../base/errors';

/** Code by which something is refused; “none” where it is not, “other” for an error that is no refusal. */
export function refusalOf(run: () => unknown): string {
  try {
    run();
    return 'none';
  } catch (error) {
    return error instanceof CoreError ? error.issue.code : 'other';
  }
}

/** Any number between two, for properties. */
export const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
