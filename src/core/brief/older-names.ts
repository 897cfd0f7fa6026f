type Holder = Record<string, unknown>;

const isHolder = (x: unknown): x is Holder => typeof x === 'object' && x !== null && !Array.isArray(x);

function rename(holder: unknown, older: string, now: string): void {
  if (!isHolder(holder) || !(older in holder)) return;
  if (!(now in holder)) holder[now] = holder[older];
  Reflect.deleteProperty(holder, older);
}

/**
 * Gives fields their present names where an earlier build wrote others: files and rows of that time still read.
 * @param brief what may be a brief; changed in place, anything else is left as it is
 */
export function renameOlderFields(brief: unknown): void {
  if (!isHolder(brief)) return;
  rename(brief, 'held', 'overrides');
  rename(brief['model'], 'mended', 'repaired');
}
