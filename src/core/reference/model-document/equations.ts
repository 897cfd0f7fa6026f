import { BASELINE_EQUATIONS, BASELINE_TIME_EQUATIONS } from '../../baselines';
import { TIME_EQUATIONS } from '../../schedule';
import { COST_EQUATIONS } from '../../cost';
import { SCREEN_EQUATIONS } from '../../comparison/parts-list';
import { PART_EQUATIONS } from '../../part';
import { BESIDE_EQUATIONS, QUOTE_EQUATIONS } from '../../quotes';
import { RULE_EQUATIONS } from '../../screening';

/** Every equation that a figure of the board comes of, subject by subject, in the order of the model's document. */
export const EQUATIONS = [
  { id: 'part', subject: 'The part', model: 'Cost model', equations: PART_EQUATIONS },
  { id: 'rules', subject: 'Rules', model: 'Cost model', equations: RULE_EQUATIONS },
  { id: 'money', subject: 'Money', model: 'Cost model', equations: COST_EQUATIONS },
  { id: 'baselines', subject: 'Without a casting', model: 'Cost model', equations: BASELINE_EQUATIONS },
  { id: 'time', subject: 'Time', model: 'Time model', equations: [...TIME_EQUATIONS, ...BASELINE_TIME_EQUATIONS] },
  { id: 'parts-list', subject: 'A list of bought parts', model: 'Cost model', equations: SCREEN_EQUATIONS },
  { id: 'quotes', subject: 'Quotes', model: 'Cost model', equations: [...QUOTE_EQUATIONS, ...BESIDE_EQUATIONS] },
] as const;
