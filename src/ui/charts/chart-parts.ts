/** The typeface of charts: a canvas does not take it from the page. */
export const FAMILY = "'Archivo Variable', system-ui, sans-serif";

/** The value of a custom property of the page, given as its name or as var(name). */
export const css = (name: string): string =>
  getComputedStyle(document.documentElement)
    .getPropertyValue(name.replace(/^var\((.*)\)$/, '$1'))
    .trim();
