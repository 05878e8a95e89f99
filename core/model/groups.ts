/** Lists by what their items have in common, and searches run to their end. */

/** @param keyOf undefined leaves an item out @returns the items of each key, in the order in which they come */
export function groupBy<T, K>(items: Iterable<T>, keyOf: (item: T) => K | undefined): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const item of items) {
    const key = keyOf(item);
    if (key === undefined) continue;
    const group = groups.get(key);
    if (group) group.push(item);
    else groups.set(key, [item]);
  }
  return groups;
}

/** Runs a search that can be stopped between its steps to its end. */
export function toEnd<T>(run: Generator<unknown, T>): T {
  for (;;) {
    const step = run.next();
    if (step.done) return step.value;
  }
}
