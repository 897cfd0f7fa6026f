import { RULE_TEXTS } from './rules.data';
import type { RuleText } from './types';

const TEXTS = new Map<string, RuleText>(RULE_TEXTS.map((r) => [r.id, r]));

/**
 * The words of a rule, or undefined for a rule that has none.
 *
 * @example
 * ruleText('no such rule') // undefined
 */
export function ruleText(id: string): RuleText | undefined {
  return TEXTS.get(id);
}
