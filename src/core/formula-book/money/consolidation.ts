import { filled, notNegative } from '../../base/checks';
import { refuse } from '../../base/errors';

interface Item {
  readonly qty: number;
  readonly cost: number;
}

/**
 * One casting for today's assembly (formula money.consolidation).
 *
 * @param input.parts, input.joints count and money of each; input.assembly further money per assembly
 * @param input.castUnit, input.castMachining, input.tooling money of the single casting
 * @returns today's and the casting's money per piece, the saving, and the quantity that repays the tooling
 * @throws {CoreError} E_NO_SOLUTION when nothing is saved
 * @example
 * consolidation({ parts: [{ qty: 3, cost: 4 }], joints: [{ qty: 2, cost: 1.5 }], castUnit: 10, castMachining: 1, tooling: 6000 }).todayUnit
 * // 15
 */
export function consolidation(input: {
  parts: readonly Item[];
  joints?: readonly Item[];
  assembly?: number;
  castUnit: number;
  castMachining?: number;
  tooling: number;
}): { todayUnit: number; castUnit: number; saving: number; breakEvenQ: number } {
  const sum = (name: string, items: readonly Item[]): number =>
    items.reduce(
      (s, item, i) => s + notNegative(`${name}[${i}].qty`, item.qty) * notNegative(`${name}[${i}].cost`, item.cost),
      0,
    );
  const today =
    sum('parts', filled('parts', input.parts)) +
    sum('joints', input.joints ?? []) +
    notNegative('assembly', input.assembly ?? 0);
  const cast = notNegative('castUnit', input.castUnit) + notNegative('castMachining', input.castMachining ?? 0);
  const tooling = notNegative('tooling', input.tooling);
  const saving = today - cast;
  if (!(saving > 0)) refuse('E_NO_SOLUTION', 'castUnit', cast, `less than today's ${today}`);
  return { todayUnit: today, castUnit: cast, saving, breakEvenQ: Math.ceil(tooling / saving - 1e-9) };
}
