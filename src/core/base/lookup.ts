/**
 * The entry of a list at a place that must have one.
 *
 * @param list any list or typed array
 * @param i whole, from 0
 * @returns the entry there
 * @throws {RangeError} where the list has no such place: a fault of the caller, never of what a user typed
 * @example
 * nth([3, 5, 8], 1) // 5
 */
export function nth<T>(list: ArrayLike<T>, i: number): T {
  if (!(i >= 0 && i < list.length)) throw new RangeError(`no entry ${i} in a list of ${list.length}`);
  return list[i] as T;
}

/**
 * Adds to the entry of a list at a place that must have one.
 *
 * @param list changed in place
 * @param i whole, from 0
 * @param more what is added
 * @throws {RangeError} where the list has no such place
 * @example
 * increase([1, 2], 0, 5) // undefined
 */
export function increase(list: { [i: number]: number; readonly length: number }, i: number, more: number): void {
  list[i] = nth(list, i) + more;
}

/**
 * The entry of a record under a key that must be there.
 *
 * @param record by key
 * @param key one of its own keys
 * @returns the entry
 * @throws {RangeError} where the record has no such key
 * @example
 * keyed({ a: 1, b: 2 }, 'b') // 2
 */
export function keyed<T>(record: Readonly<Record<string, T>>, key: string): T {
  if (!Object.hasOwn(record, key)) throw new RangeError(`no entry ${key} in a record`);
  return record[key] as T;
}
