/** What room is worth in each place, and what no answer costs less than. */
import type { Problem } from './assignment.ts';

/**
 * Prices of the room in each place and the bound that they prove: Lagrange multipliers by subgradient steps (Held, Wolfe &
 * Crowder 1974), crowding and pairs left out. The best bound is that of the linear relaxation (Geoffrion 1974).
 * @param target cost of a known answer, or a guess, for the length of the steps
 */
export function pricesOf(p: Problem, target: number, rounds: number): { prices: Float64Array; bound: number } {
  const price = new Float64Array(p.places);
  const bestPrice = new Float64Array(p.places);
  let best = -Infinity;
  let pace = 1;
  let since = 0;
  const used = new Float64Array(p.places);
  for (let round = 0; round < rounds; round++) {
    used.fill(0);
    let value = 0;
    for (let i = 0; i < p.items; i++) {
      let [least, at] = [p.without[i]!, -1];
      for (let j = 0, k = i * p.places; j < p.places; j++, k++) {
        const cost = p.cost[k]! + price[j]! * p.size[k]!;
        if (cost < least) [least, at] = [cost, j];
      }
      value += least;
      if (at >= 0) used[at]! += p.size[i * p.places + at]!;
    }
    let norm = 0;
    for (let j = 0; j < p.places; j++) {
      value -= price[j]! * p.capacity[j]!;
      const over = used[j]! - p.capacity[j]!;
      if (over > 0 || price[j]! > 0) norm += over * over;
    }
    if (value > best + 1e-9) {
      [best, since] = [value, 0];
      bestPrice.set(price);
    } else if (++since >= 12) [pace, since] = [pace * 0.7, 0];
    if (norm === 0 || pace < 1e-4) break;
    const step = (pace * Math.max(target - value, Math.abs(target) * 1e-4)) / norm;
    for (let j = 0; j < p.places; j++) price[j] = Math.max(0, price[j]! + step * (used[j]! - p.capacity[j]!));
  }
  return { prices: bestPrice, bound: best };
}

/** A cost that no answer is below. @param target cost of a known answer */
export function lowerBound(p: Problem, target: number, rounds = 1500): number {
  return pricesOf(p, target, rounds).bound;
}
