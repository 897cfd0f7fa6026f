import { parseExpression, type Expr } from '@/core/equations';

/** Noise allowed before rounding a count up or down, as in the core. */
const GUARD = '0.000000001';

const FUNCTIONS: Readonly<Record<string, (args: readonly string[]) => string>> = {
  min: (args) => `MIN(${args.join(',')})`,
  max: (args) => `MAX(${args.join(',')})`,
  // Counts are never below nothing, and programs differ on INT below it.
  ceil: ([x = '0']) => `ROUNDUP(MAX(0,(${x})-${GUARD}*MAX(1,ABS(${x}))),0)`,
  floor: ([x = '0']) => `INT(MAX(0,(${x})+${GUARD}*MAX(1,ABS(${x}))))`,
  pow: ([x = '0', y = '1']) => `POWER(${x},${y})`,
  on: ([x = '0']) => `IF((${x})>0,1,0)`,
};

/**
 * A working's expression as a formula of a spreadsheet, without its equals sign.
 * @param cell the cell of a symbol
 * @throws {CoreError} E_KEY for an expression that cannot be read
 */
export function sheetFormula(expression: string, cell: (symbol: string) => string): string {
  const told = (e: Expr): string => {
    if (e.kind === 'number') return String(e.value);
    if (e.kind === 'name') return cell(e.name);
    if (e.kind === 'list') throw new Error(`A working tells ${e.name} one by one`);
    const args = e.args.map(told);
    const call = FUNCTIONS[e.op];
    return call === undefined ? `(${args.join(e.op)})` : `(${call(args)})`;
  };
  return told(parseExpression(expression));
}
