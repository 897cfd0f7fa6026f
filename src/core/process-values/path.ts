/**
 * Names on the way to a process value, the route or lane first.
 *
 * @param path such as `["gravity-die/hand"].wallMin.copper[0]`
 * @returns its names from the table on
 * @example
 * processNames('["gravity-die/hand"].wallMin.copper[0]') // ['gravity-die/hand', 'wallMin', 'copper', '0']
 */
export function processNames(path: string): string[] {
  return [...path.matchAll(/\["([^"]+)"\]|\[(\d+)\]|([^.[\]]+)/g)].map((m) => m[1] ?? m[2] ?? m[3] ?? '');
}

/**
 * The path of a value in the capability of its route or lane.
 *
 * @param names of the value, the route or lane left out
 * @example
 * capabilityPath(['wallMin', 'copper', '0']) // 'wallMin.copper[0]'
 */
export const capabilityPath = (names: readonly string[]): string =>
  names.reduce((path, name) => (/^\d+$/.test(name) ? `${path}[${name}]` : path === '' ? name : `${path}.${name}`), '');

/**
 * The path of a value in the table.
 *
 * @param part route id or lane id
 * @param inCapability path within its capability
 * @example
 * processPath('gravity-die/hand', 'scrap.new') // '["gravity-die/hand"].scrap.new'
 */
export const processPath = (part: string, inCapability: string): string => `["${part}"].${inCapability}`;
