/** Lane names short enough for a sentence or a chart label. */
export const SHORT_NAMES: Readonly<Record<string, string>> = {
  'green-sand/loose': 'green sand, loose pattern',
  'green-sand/bench': 'green sand, match plate',
  'green-sand/machine': 'green sand, machine-moulded',
  'bonded-sand/pattern': 'bonded sand, pattern',
  'bonded-sand/printed': 'bonded sand, printed mould',
  'plaster/resin': 'plaster, resin pattern',
  'plaster/printed': 'plaster, printed pattern',
  'shell-investment/wax-die': 'shell investment, wax die',
  'shell-investment/printed': 'shell investment, printed patterns',
  'flask-investment/rubber-mould': 'flask investment, rubber mould',
  'flask-investment/printed': 'flask investment, printed patterns',
  'gravity-die/hand': 'gravity die, ladled by hand',
  'gravity-die/open': 'gravity die, open block',
  'permanent-mould/tilt': 'permanent mould, tilting',
  'permanent-mould/low-pressure': 'permanent mould, low pressure',
  'pressure-die/hot': 'pressure die, hot chamber',
  'pressure-die/cold': 'pressure die, cold chamber',
  'spin/organic-rubber': 'spin casting, organic rubber',
  'spin/silicone-rubber': 'spin casting, silicone rubber',
  machined: 'machined from solid',
  stamped: 'stamped from strip',
  fabricated: 'today’s assembly',
  split: 'split in two and joined',
  plan: 'the two-step plan',
  'plan.1': 'the first step',
  'plan.2': 'the second step',
  'plan.alone': 'the best route alone',
};

/** What sets a variant apart from its kin on the same route, in a few words. */
export const VARIANT_WORDS: Readonly<Record<string, string>> = Object.fromEntries(
  Object.entries(SHORT_NAMES).map(([id, name]) => [id, name.split(', ')[1] ?? name]),
);

/** Route names without the words that tell kin apart elsewhere. */
export const ROUTE_WORDS: Readonly<Record<string, string>> = {
  'green-sand': 'Green sand',
  'bonded-sand': 'Bonded sand',
  plaster: 'Plaster',
  'shell-investment': 'Shell investment',
  'flask-investment': 'Flask investment',
  'gravity-die': 'Gravity die',
  'permanent-mould': 'Permanent mould',
  'pressure-die': 'Pressure die',
  spin: 'Spin casting',
  machined: 'From solid',
  stamped: 'Stamped',
  fabricated: 'Today’s assembly',
  split: 'Split in two',
};
