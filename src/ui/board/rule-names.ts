import { ruleText } from '@/core/screening';

/** Names of rules that are not among the book's design rules. */
const OWN_NAMES: Readonly<Record<string, string>> = {
  'lead-free': 'Lead-free',
  'pour-mass': 'One pour holds it',
  'size-min': 'Not too small for the route',
  'dr-hole-depth': 'Holes not too deep to be cored',
  'scrap-charge': 'No unknown scrap in the charge',
  'parting-wash': 'Detail beside the parting',
};

/** What a rule is called. @param rule id of a finding */
export const ruleName = (rule: string): string => ruleText(rule)?.name ?? OWN_NAMES[rule] ?? rule;
