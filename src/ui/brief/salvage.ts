import { briefSchema, type Brief, type BriefIssue } from '@/core/brief';

/**
 * A brief from a form that is partly unreadable: each unreadable field keeps its last good value, each unreadable
 * table row is left out until it is whole. What was typed stays in the form. Null when that does not make a brief.
 */
export function salvage(raw: unknown, last: Brief, issues: readonly BriefIssue[]): Brief | null {
  const copy = structuredClone(raw) as Record<string, unknown>;
  const dropped = new Map<string, Set<number>>();
  for (const { path } of issues) {
    const [head = '', row] = path.split('.');
    if (head === 'features' || head === 'holes') {
      const rows = dropped.get(head) ?? new Set<number>();
      dropped.set(head, rows.add(Number(row)));
    } else restore(copy, last, path.split('.'));
  }
  for (const [table, rows] of dropped) copy[table] = (copy[table] as unknown[]).filter((_, i) => !rows.has(i));
  const parsed = briefSchema.safeParse(copy);
  return parsed.success ? parsed.data : null;
}

/** Puts the last good value back at a path; a whole list where one of its members is bad. */
function restore(copy: Record<string, unknown>, last: Record<string, unknown>, path: readonly string[]): void {
  const [key = '', ...rest] = path;
  const child = copy[key];
  if (rest.length === 0 || Array.isArray(child) || child === null || typeof child !== 'object')
    copy[key] = structuredClone(last[key]);
  else restore(child as Record<string, unknown>, (last[key] ?? {}) as Record<string, unknown>, rest);
}
