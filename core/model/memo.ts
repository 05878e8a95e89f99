/**
 * Remembering what was worked out, for as long as the object is there from which it was worked out. Tables, rows and scenes are
 * never changed in place, so what was worked out of one stays true.
 */

/** Work on an object that is done once for each. */
export function once<K extends object, T>(work: (key: K) => T): (key: K) => T {
  const cache = new WeakMap<K, { value: T }>();
  return (key) => {
    let hit = cache.get(key);
    if (!hit) cache.set(key, (hit = { value: work(key) }));
    return hit.value;
  };
}

/** For each object a map of its own, in which more is remembered by a name. */
export const mapFor = <K extends object, T>(): ((key: K) => Map<string, T>) => once(() => new Map<string, T>());

/** What a map has under a name, worked out when it is first wanted. */
export function remembered<T>(map: Map<string, T>, name: string, work: () => T): T {
  let value = map.get(name);
  if (value === undefined && !map.has(name)) map.set(name, (value = work()));
  return value as T;
}
