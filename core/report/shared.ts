/** Data beside data that it replaces: what says the same stays the same object, so that who looks at it need not look again. */

type Fields = Record<string, unknown>;
const isObject = (x: unknown): x is object => typeof x === 'object' && x !== null;

/** Whether plain data says the same. */
function same(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (!isObject(a) || !isObject(b)) return Object.is(a, b);
  if (Array.isArray(a)) {
    if (!Array.isArray(b) || a.length !== b.length) return false;
    for (let i = 0; i < a.length; i++) if (!same(a[i], b[i])) return false;
    return true;
  }
  if (Array.isArray(b)) return false;
  let more = 0;
  for (const key in a) {
    if (!same((a as Fields)[key], (b as Fields)[key])) return false;
    more++;
  }
  for (const _ in b) more--;
  return more === 0;
}

/** @returns data that says what `after` says, made of the objects of `before` wherever they say the same */
export function shared<T>(before: unknown, after: T): T {
  if (before === after || !isObject(before) || !isObject(after)) return after;
  if (Array.isArray(after)) {
    if (!Array.isArray(before)) return after;
    // What stands elsewhere in the list than before is not laid over what stood there.
    const had = new Set<unknown>(before);
    const list = after.map((x: unknown, i) => (had.has(x) ? x : shared(before[i], x)));
    return (list.length === before.length && list.every((x, i) => x === before[i]) ? before : list) as T;
  }
  if (Array.isArray(before)) return after;
  const [old, fresh] = [before as Fields, after as Fields];
  const result: Fields = {};
  let changed = false;
  let count = 0;
  for (const key in fresh) {
    const [was, is] = [old[key], fresh[key]];
    count++;
    if (was === is) result[key] = was;
    else if (same(was, is)) result[key] = was;
    else {
      result[key] = isObject(is) ? shared(was, is) : is;
      changed = true;
    }
  }
  if (!changed && Object.keys(old).length === count) return before as T;
  return result as T;
}
