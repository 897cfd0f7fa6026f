/**
 * Calls back once for each key that has members, with the members of that key in the order they came.
 * @param keys key of each member, whole, from 0 to below `most`
 * @param each members of one key stand in `members` from `from` to below `to`; it may reorder them there
 */
export function groupByKey(
  keys: Uint32Array,
  most: number,
  each: (members: Uint32Array, from: number, to: number) => void,
): void {
  const start = new Uint32Array(most + 1);
  for (let i = 0; i < keys.length; i++) start[keys[i]! + 1]!++;
  for (let k = 0; k < most; k++) start[k + 1]! += start[k]!;
  const members = new Uint32Array(keys.length);
  const at = start.slice(0, most);
  for (let i = 0; i < keys.length; i++) members[at[keys[i]!]!++] = i;
  for (let k = 0; k < most; k++) if (start[k + 1]! > start[k]!) each(members, start[k]!, start[k + 1]!);
}
