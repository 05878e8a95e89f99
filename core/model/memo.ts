/**
 * Remembering what was worked out, for as long as the object is there from which it was worked out. Tables, rows and scenes are
 * never changed in place, so what was worked out of one stays true.
 */

/**
 * Work that is done again only where something that it is made of is another than last time.
 * @param of what it is made of; the first is an object, and by it the last answer is remembered
 */
export function onceFor<A extends readonly unknown[], T>(
  of: (...args: A) => readonly [object, ...unknown[]],
  work: (...args: A) => T,
): (...args: A) => T {
  const cache = new WeakMap<object, { made: readonly unknown[]; value: T }>();
  return (...args) => {
    const made = of(...args);
    const hit = cache.get(made[0]);
    if (hit && sameList(hit.made, made)) return hit.value;
    const value = work(...args);
    cache.set(made[0], { made, value });
    return value;
  };
}

/** Work on an object that is done once for each. */
export const once = <K extends object, T>(work: (key: K) => T): ((key: K) => T) => onceFor((key: K) => [key], work);

/** For each object a map of its own, in which more is remembered by a name. */
export const mapFor = <K extends object, T>(): ((key: K) => Map<string, T>) => once(() => new Map<string, T>());

/** What a map has under a name, worked out when it is first wanted. */
export function remembered<T>(map: Map<string, T>, name: string, work: () => T): T {
  let value = map.get(name);
  if (value === undefined && !map.has(name)) map.set(name, (value = work()));
  return value as T;
}

/** Whether two lists hold the same objects. */
export const sameList = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((x, i) => x === b[i]);

/** By a name: made again only where something that it is made of is another than last time. */
export type Again = <T>(name: string, of: readonly unknown[], make: () => T) => T;

/** @returns one that has nothing to remember yet */
export function remembering(): Again {
  const cache = new Map<string, { of: readonly unknown[]; value: unknown }>();
  return <T>(name: string, of: readonly unknown[], make: () => T) => {
    const hit = cache.get(name);
    if (hit && sameList(hit.of, of)) return hit.value as T;
    const value = make();
    cache.set(name, { of, value });
    return value;
  };
}
