/** The plan as this browser saw it last, so that it can be opened while the server is away. */
import { get, set } from 'idb-keyval';
import type { Base } from './machine.ts';

const key = (plan: string) => `heronstone.seen.${plan}`;
const there = () => typeof indexedDB !== 'undefined';

/** Keeps what the server has confirmed. A browser that keeps nothing goes without. */
export async function keepSeen(base: Base): Promise<void> {
  if (there()) await set(key(base.plan.meta.id), base).catch(() => {});
}

/** @returns the plan as it was last seen, or null */
export async function lastSeen(plan: string): Promise<Base | null> {
  if (!there()) return null;
  return (await get<Base>(key(plan)).catch(() => undefined)) ?? null;
}
