import type { Triple } from '../base/figures';
import { CAPABILITY_FAMILIES, type CapabilityFamily } from '../catalogue/routes';
import { CLAIM_KEYS, METAL_TABLES, type MetalShape, type MetalTable } from './data/metal-tables.data';

type Node = Readonly<Record<string, unknown>>;
const isNode = (x: unknown): x is Node => typeof x === 'object' && x !== null && !Array.isArray(x);
const METALS: ReadonlySet<string> = new Set(CAPABILITY_FAMILIES);

/** Where a value for one metal stands: its table, the metal, and which of its figures it is. */
export interface MetalPlace {
  readonly table: MetalTable;
  readonly metal: CapabilityFamily;
  /** Place in a pair, name in a claim; empty for one figure and for a band. */
  readonly slot: string;
}

const SLOTS_OF: Readonly<Record<MetalShape, readonly string[]>> = {
  one: [''],
  band: [''],
  pair: ['0', '1'],
  claim: CLAIM_KEYS,
};

/**
 * What a path in a capability says of one metal; null for a value that is of none.
 *
 * @param names on the way to it, the route or lane left out
 * @example
 * metalPlace(['wallMin', 'steel', '0'])?.metal // 'steel'
 */
export function metalPlace(names: readonly string[]): MetalPlace | null {
  for (const table of METAL_TABLES) {
    const n = table.names.length;
    if (!table.names.every((name, i) => names[i] === name)) continue;
    const metal = names[n] ?? '';
    const slot = names[n + 1] ?? '';
    const fits = METALS.has(metal) && names.length <= n + 2 && SLOTS_OF[table.shape].includes(slot);
    return fits ? { table, metal: metal as CapabilityFamily, slot } : null;
  }
  return null;
}

/** What stands in a capability at the end of a way of names. */
const at = (capability: Node, names: readonly string[]): unknown =>
  names.reduce<unknown>((node, name) => (isNode(node) ? node[name] : undefined), capability);

/**
 * Ways to every value for a metal that a route or variant has no figure of. A variant has a table of its own only where
 * it already differs from its route.
 *
 * @param part id of a route, or of a lane
 * @param capability what the part has of its own
 * @example
 * lackingMetals('spin', {}) // []
 */
export function lackingMetals(part: string, capability: object): readonly (readonly string[])[] {
  const own = capability as Node;
  return METAL_TABLES.flatMap(({ names, shape, needed }) => {
    const table = at(own, names);
    const holder = names.length === 1 ? own : at(own, names.slice(0, -1));
    const mayBegin = !needed && !part.includes('/') && isNode(holder) && Object.keys(own).length > 0;
    if (!isNode(table) && !mayBegin) return [];
    const told = isNode(table) ? table : {};
    return CAPABILITY_FAMILIES.filter((metal) => told[metal] === undefined).flatMap((metal) =>
      SLOTS_OF[shape].map((slot) => [...names, metal, ...(slot === '' ? [] : [slot])]),
    );
  });
}

/** A value before anyone has given it, in the shape of its table. */
export const emptyOf = (shape: MetalShape): number | Triple => (shape === 'band' ? [0, 0, 0] : 0);

/**
 * Puts a figure for a metal that a table lacks. A pair of which one figure is given has it twice; a claim stands once all
 * its figures are given.
 *
 * @param root capability to be changed; what is on the way is copied already or begun here
 * @param values every value for that metal and table, by slot
 */
export function beginMetal(
  root: Record<string, unknown>,
  { table, metal }: MetalPlace,
  values: ReadonlyMap<string, unknown>,
): void {
  const { names, shape } = table;
  let holder = root;
  for (const [i, name] of names.entries()) {
    const was = holder[name];
    if (!isNode(was) && i < names.length - 1) return;
    const copy: Record<string, unknown> = isNode(was) ? { ...was } : { basis: 'shop' };
    holder[name] = copy;
    holder = copy;
  }
  const [first] = values.values();
  if (shape === 'one' || shape === 'band') holder[metal] = first;
  else if (shape === 'pair') holder[metal] = [values.get('0') ?? first, values.get('1') ?? first];
  else if (CLAIM_KEYS.every((key) => values.has(key))) holder[metal] = Object.fromEntries(values);
}

/** Slots of a claim that are still to be given. */
export const claimLacks = (values: ReadonlyMap<string, unknown>): readonly string[] =>
  CLAIM_KEYS.filter((key) => !values.has(key));

/** Tables without which a metal cannot be judged or costed, that a lane has no figure of it in. */
export function tablesLacking(capability: object, metal: CapabilityFamily): readonly MetalTable[] {
  return METAL_TABLES.filter(({ names, needed }) => {
    const table = at(capability as Node, names);
    return needed && isNode(table) && table[metal] === undefined && table['any'] === undefined;
  });
}
