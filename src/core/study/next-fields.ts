import type { Study } from './types';

/** A field that the brief leaves open, and what filling it in would settle. */
export interface NextField {
  /** Path in the brief. */
  readonly path: string;
  /** Without it nothing can be compared; a rule cannot be judged; or a figure is estimated. */
  readonly kind: 'needed' | 'judged' | 'estimated';
  /** Route variants with a rule that cannot be judged without it. */
  readonly variants: number;
  /** Rules that cannot be judged without it, over all variants. */
  readonly rules: readonly string[];
}

const ORDER = ['needed', 'judged', 'estimated'] as const;

/**
 * What to fill in next, in the order in which it matters: what any comparison needs, then by how many route variants
 * have a rule that waits for it, then what is only estimated.
 *
 * @example
 * nextFields(study).length // 0
 */
export function nextFields(study: Study): readonly NextField[] {
  const waiting = new Map<string, { variants: number; rules: Set<string> }>();
  for (const { screening } of study.lanes) {
    const here = new Set<string>();
    for (const f of screening?.findings ?? []) {
      if (f.status !== 'not-known') continue;
      for (const path of f.fields) {
        here.add(path);
        const found = waiting.get(path) ?? { variants: 0, rules: new Set<string>() };
        found.rules.add(f.rule);
        waiting.set(path, found);
      }
    }
    for (const path of here) {
      const found = waiting.get(path);
      if (found !== undefined) found.variants++;
    }
  }
  const needed = new Set(study.missing);
  const estimated = new Set(study.estimated);
  const all = new Set([...needed, ...waiting.keys(), ...estimated]);
  return [...all]
    .map((path): NextField => {
      const { variants = 0, rules = new Set<string>() } = waiting.get(path) ?? {};
      const kind = needed.has(path) ? 'needed' : estimated.has(path) ? 'estimated' : 'judged';
      return { path, kind, variants, rules: [...rules] };
    })
    .sort((a, b) => ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind) || b.variants - a.variants);
}
