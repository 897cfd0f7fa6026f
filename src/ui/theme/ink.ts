/** Prefix of every CSS variable the theme makes. */
export const VARIABLES = 'np';

const variable = (name: string): string => `--${VARIABLES}-colors-${name}`;

/** CSS variables of the theme's colours, for what is drawn by hand: in canvases, read with `getComputedStyle`. */
export const INK_VARIABLES = {
  paper: variable('bg'),
  sunk: variable('bg-subtle'),
  deep: variable('bg-muted'),
  ink: variable('fg'),
  quiet: variable('fg-muted'),
  hair: variable('border'),
  line: variable('border-emphasized'),
  hot: variable('hot'),
  alarm: variable('alarm'),
  shade: variable('shade'),
} as const;

/** The same as CSS values, for SVG and styles: `INK.hot`. */
export const INK = Object.fromEntries(
  Object.entries(INK_VARIABLES).map(([name, is]) => [name, `var(${is})`]),
) as Readonly<Record<keyof typeof INK_VARIABLES, string>>;

/** CSS value of a route's tone. @param route id of a route, or "machined" for a way without a casting */
export const routeTone = (route: string): string => `var(${variable(`route-${route}`)})`;
