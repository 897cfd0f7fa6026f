import { keyOf, parseExpression, sourceOf } from '../../equations';
import { EQUATIONS } from './equations';

const HEAD = `/* Made by npm run equations of the expressions of all equations; a test makes it anew and compares. */
/* eslint-disable */
import { ceilGuarded } from '../base/checks';
import { power } from '../base/power';
import { least, most, on, sum, type Run } from './closures';

export const COMPILED: Readonly<Record<string, Run>> = {
`;

/** Subjects and figures that nothing runs thousands of times: their equations run as closures, and load nothing. */
const SELDOM = /^(screen|damage|quote|fabricated\.damage)/;

/**
 * The forms that are compiled: all but those that are seldom run.
 *
 * @example
 * compiledForms().has('V * rho') // true
 */
export const compiledForms = (): ReadonlySet<string> =>
  new Set(EQUATIONS.flatMap(({ equations }) => equations.flatMap((e) => (SELDOM.test(e.figure) ? [] : [...e.forms]))));

/**
 * The expressions of equations as a file of TypeScript functions, by the key of each.
 *
 * @example
 * compiledSource().includes('export const COMPILED') // true
 */
export function compiledSource(): string {
  const lines = [...compiledForms()].map(
    (text) => `  // ${text}\n  '${keyOf(text)}': (v: any) => ${sourceOf(parseExpression(text))},\n`,
  );
  return `${HEAD}${lines.join('')}};\nvoid [ceilGuarded, least, most, on, power, sum];\n`;
}
