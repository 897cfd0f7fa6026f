/** Figures of which two lanes are shown against each other. */
export const COMPARED = ['allIn', 'total', 'tooling', 'firstArticle'] as const;
export type Compared = (typeof COMPARED)[number];

export const TODAY = 'underToday';

/**
 * Name of the difference of a figure to the same figure of another lane or baseline.
 *
 * @example
 * differenceTo('allIn', 'plaster/resin') // 'diff.allIn.plaster/resin'
 */
export const differenceTo = (what: Compared, otherId: string): string => `diff.${what}.${otherId}`;

/**
 * Name of the difference to what the part costs today, as the brief says.
 *
 * @example
 * underToday() // 'underToday'
 */
export const underToday = (): string => TODAY;

/**
 * True for the name of a difference.
 *
 * @example
 * isDifference('diff.allIn.plaster/resin') // true
 */
export const isDifference = (figure: string): boolean => figure === TODAY || figure.startsWith('diff.');
