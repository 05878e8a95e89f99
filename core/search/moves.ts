/** One step of the search of assign.ts: an item goes elsewhere, or stays. */
import type { State } from './assignment.ts';

/** What is this many times worse than the heat is not taken once in a million moves. */
const HOPELESS = 15;
/** The cheapest places of an item that are mostly looked at. */
export const NEAR = 30;

/**
 * Tries to bring an item to a place; where there is no room one or two things that lie there go elsewhere, to where it came
 * from if they can. @returns the change of cost
 */
export function tryMove(
  state: State,
  near: readonly Int32Array[],
  i: number,
  j: number,
  heat: number,
  random: () => number,
): number {
  const { p } = state;
  const from = state.at[i]!;
  if (from === j) return 0;
  if (state.fits(i, j)) {
    const before = state.here(i);
    if (state.least(i, j) - before > HOPELESS * heat) return 0;
    const d = state.added(i, j, from) - before;
    if (d > 0 && random() >= Math.exp(-d / heat)) return 0;
    state.take(i);
    state.put(i, j);
    return d;
  }
  const there = state.there[j]!;
  if (there.length === 0 || !(p.cost[i * p.places + j]! < Infinity)) return 0;
  const k = there[Math.floor(random() * there.length)]!;
  // What it can save at the most that one thing makes room, wherever that goes.
  if (state.fits(i, j, p.size[k * p.places + j])) {
    const least = state.least(i, j) - state.here(i) + state.cheapest[k]! - state.here(k);
    if (least > HOPELESS * heat) return 0;
  }
  let was = minus(state, i) + minus(state, k);
  let l = -1;
  if (!state.fits(i, j) && there.length > 0) {
    l = there[Math.floor(random() * there.length)]!;
    was += minus(state, l);
  }
  if (state.fits(i, j)) {
    let will = state.added(i, j);
    state.put(i, j);
    const kTo = whereTo(state, near, k, from, j, random);
    will += state.added(k, kTo);
    state.put(k, kTo);
    if (l >= 0) {
      const lTo = whereTo(state, near, l, from, j, random);
      will += state.added(l, lTo);
      state.put(l, lTo);
    }
    const d = will - was;
    if (d <= 0 || random() < Math.exp(-d / heat)) return d;
    if (l >= 0) state.take(l);
    state.take(k);
    state.take(i);
  }
  if (l >= 0) state.put(l, j);
  state.put(k, j);
  state.put(i, from);
  return 0;
}

/** Where something goes that has to make room: to where the other came from, or to a place near to it, or out. */
function whereTo(
  state: State,
  near: readonly Int32Array[],
  k: number,
  from: number,
  not: number,
  random: () => number,
): number {
  let to = from >= 0 && state.fits(k, from) ? from : -2;
  const list = near[k]!;
  // What fits nowhere by the strips that a search reckons with may lie where it is.
  if ((to === -2 || random() < 0.3) && list.length > 0) {
    for (let t = 0; t < 3; t++) {
      const other = list[Math.floor(random() * Math.min(list.length, NEAR))]!;
      if (other !== not && state.fits(k, other) && (to < 0 || state.added(k, other) < state.added(k, to))) to = other;
    }
  }
  return to === -2 ? -1 : to;
}

/** Takes an item out. @returns what it cost where it was */
export function minus(state: State, i: number): number {
  const j = state.at[i]!;
  state.take(i);
  return state.added(i, j);
}
