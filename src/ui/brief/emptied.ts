/** Optional figures of the whole brief, and of each row of a list: an emptied one is absent, not "not known". */
const OPTIONAL = ['bends', 'machiningSetups'] as const;
/** The same inside holders of the brief. */
const OPTIONAL_IN: Readonly<Record<string, readonly string[]>> = {
  geometry: ['flatFace'],
  surface: ['Rq_um'],
  needs: ['grain', 'coating', 'chromate', 'gasTest', 'hardened', 'hardness_HRC', 'nonMagnetic'],
  today: ['repairPerYear_USD', 'partKinds'],
  cores: ['maker'],
  tool: ['variant', 'state', 'lifeLeft', 'fitUp_USD', 'share', 'storagePerYear_USD'],
  toolOption: ['variant', 'id'],
};
/** Holders that mean nothing without all of these. */
const WHOLE: Readonly<Record<string, readonly string[]>> = {
  cores: ['maker'],
  tool: ['variant', 'state'],
  toolOption: ['variant', 'id'],
};
const OPTIONAL_IN_ROWS = {
  features: ['area_cm2', 'depth_mm', 'count', 'Ra_um'],
  holes: ['tol_mm'],
} as const;

const isObject = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x);

/** An object without those of the keys that hold nothing. */
const without = (x: unknown, keys: readonly string[]): unknown =>
  isObject(x)
    ? Object.fromEntries(Object.entries(x).filter(([k, v]) => (v !== null && v !== undefined) || !keys.includes(k)))
    : x;

/**
 * A form's values with emptied optional figures left out. The form itself holds null for them, since a form forgets a
 * field that is set to nothing and would show its first value again.
 */
export function withoutEmptied(values: Readonly<Record<string, unknown>>): Record<string, unknown> {
  const out = { ...(without(values, OPTIONAL) as Record<string, unknown>) };
  for (const [list, keys] of Object.entries(OPTIONAL_IN_ROWS)) {
    const rows = out[list];
    if (Array.isArray(rows)) out[list] = rows.map((row) => without(row, keys));
  }
  for (const [key, keys] of Object.entries(OPTIONAL_IN)) if (isObject(out[key])) out[key] = without(out[key], keys);
  for (const [key, keys] of Object.entries(WHOLE)) {
    const holder = out[key];
    if (isObject(holder) && keys.some((k) => holder[k] == null)) Reflect.deleteProperty(out, key);
  }
  const today = out['today'];
  if (isObject(today) && isObject(today['partKinds'])) {
    const { partKinds, ...rest } = today;
    const told = Object.entries(partKinds as object).filter(([, n]) => n !== null && n !== undefined);
    out['today'] = told.length === 0 ? rest : { ...rest, partKinds: Object.fromEntries(told) };
  }
  for (const key of ['today', 'split']) {
    const holder = out[key];
    if (isObject(holder) && isObject(holder['joints']))
      out[key] = { ...holder, joints: without(holder['joints'], Object.keys(holder['joints'])) };
  }
  return out;
}
