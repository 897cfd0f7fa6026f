/** A seeded source of chance, so that a mutant that fails can be made again. Source: Mulberry32. */
export function chance(seed: number): () => number {
  let a = seed | 0;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

const pick = <T>(list: readonly T[], next: () => number): T => list[Math.floor(next() * list.length)] as T;

/** Values that have broken something somewhere: of every kind, at every edge. */
const STRANGE: readonly unknown[] = [
  null, true, false, 0, -0, -1, 1, 1.5, 1e-300, 1e9, 1e15, 1e308, -1e308, 4_294_967_296, 9_007_199_254_740_992,
  '', ' ', '0', '-1', '0002-03-31', '9999-12-31', '2027-02-30', '2027-12-31', 'null', '<b>x</b>', '\u0000', '\uD800',
  '\u202Eabc', 'x'.repeat(5000), '%zz', "'; DROP TABLE studies; --", '../../etc/passwd', [], {}, [null], [[]],
  { a: { b: { c: {} } } }, ['x', 1, null],
]; // prettier-ignore

type Holder = Record<string | number, unknown>;
const isHolder = (x: unknown): x is Holder => typeof x === 'object' && x !== null;

/** Every place of a value that can be changed: its holder and its key. */
function places(
  x: unknown,
  out: { holder: Holder; key: string | number }[] = [],
): { holder: Holder; key: string | number }[] {
  if (!isHolder(x)) return out;
  for (const key of Object.keys(x)) {
    out.push({ holder: x, key: Array.isArray(x) ? Number(key) : key });
    places(x[key], out);
  }
  return out;
}

/** A body with one to three of its values changed, taken away, doubled or nested; of a number also a neighbour. */
export function mutant(body: unknown, next: () => number): unknown {
  const copy: unknown = structuredClone(body);
  for (let k = Math.floor(next() * 3); k >= 0; k--) {
    const list = places(copy);
    if (list.length === 0) return pick(STRANGE, next);
    const { holder, key } = pick(list, next);
    const was = holder[key];
    const way = next();
    if (way < 0.45) holder[key] = structuredClone(pick(STRANGE, next));
    else if (way < 0.6 && typeof was === 'number') holder[key] = was * pick([-1, 0, 0.001, 0.5, 2, 1000, 1e6], next);
    else if (way < 0.7) Reflect.deleteProperty(holder, key);
    else if (way < 0.8) holder[typeof key === 'number' ? key : `${key}x`] = was;
    else if (way < 0.9 && Array.isArray(was)) holder[key] = (was as unknown[]).concat(was);
    else if (typeof was === 'string') holder[key] = was.slice(0, Math.floor(next() * was.length));
    else holder[key] = [was];
  }
  return copy;
}

/** A body as it is sent: most as JSON, some torn, nested or no JSON at all. */
export function sent(body: unknown, next: () => number): string {
  const text = JSON.stringify(body) ?? 'null';
  const way = next();
  if (way < 0.94) return text;
  if (way < 0.96) return text.slice(0, Math.floor(next() * text.length));
  if (way < 0.98) return `${'['.repeat(3000)}${']'.repeat(3000)}`;
  return text.replace(/[0-9]/g, () => String(Math.floor(next() * 10)));
}

/** A body with one figure, answer or word of it changed to another that could well be meant: most are accepted. */
export function variant(body: unknown, next: () => number): unknown {
  const copy: unknown = structuredClone(body);
  const list = places(copy).filter(({ holder, key }) => !isHolder(holder[key]));
  for (let k = Math.floor(next() * 2); k >= 0 && list.length > 0; k--) {
    const { holder, key } = pick(list, next);
    const was = holder[key];
    if (typeof was === 'number') {
      const by = was * pick([0.01, 0.3, 0.9, 1.1, 3, 40, 1000], next);
      holder[key] = Number.isInteger(was) ? Math.round(by) : by;
    } else if (typeof was === 'boolean') holder[key] = !was;
    else if (was === null) holder[key] = pick([true, false, 1, 5, 250, 0.5, '2027-06-01', 'marine'], next);
    else if (typeof was === 'string') holder[key] = pick([null, '2031-02-28', 'al-a356', `${was} `], next);
  }
  return copy;
}
