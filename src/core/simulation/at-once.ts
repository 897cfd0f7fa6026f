/**
 * The result of a search that yields now and then, gone through without a break.
 *
 * @example
 * atOnce((function* () { yield 1; return 'done'; })()) // 'done'
 */
export function atOnce<T>(search: Generator<unknown, T, void>): T {
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value;
}
