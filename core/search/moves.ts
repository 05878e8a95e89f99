/** One step of the search of assign.ts: an item, all of a home in a place, or a home from all its places goes elsewhere, or stays. */
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

/** The items in a place that are of the home of an item, itself included. */
function ofHome(state: State, i: number, j: number): number[] {
  const home = state.p.naming!.home[i]!;
  return home < 0 ? [i] : state.there[j]!.filter((k) => state.p.naming!.home[k] === home);
}

/**
 * Tries to bring all of a home that lies in a place to another one; where there is no room, a home that lies there comes back
 * for it. @returns the change of cost
 */
export function tryHome(state: State, i: number, j: number, heat: number, random: () => number): number {
  const from = state.at[i]!;
  if (from === j || from < 0) return 0;
  const own = ofHome(state, i, from);
  let was = 0;
  for (const k of own) was += minus(state, k);
  const others: number[] = [];
  let will = 0;
  // Brings items to a place one by one; false, as soon as one has no room.
  const bring = (list: readonly number[], to: number): number => {
    let n = 0;
    for (const k of list) {
      if (!state.fits(k, to)) break;
      will += state.added(k, to);
      state.put(k, to);
      n++;
    }
    return n;
  };
  let [came, back] = [bring(own, j), 0];
  if (came < own.length) {
    for (const k of own.slice(0, came)) state.take(k);
    will = 0;
    const there = state.there[j]!;
    if (there.length > 0) {
      others.push(...ofHome(state, there[Math.floor(random() * there.length)]!, j));
      for (const k of others) was += minus(state, k);
      came = bring(own, j);
      if (came === own.length) back = bring(others, from);
    }
  }
  if (came === own.length && back === others.length) {
    const d = will - was;
    if (d <= 0 || random() < Math.exp(-d / heat)) return d;
  }
  for (const k of own.slice(0, came)) state.take(k);
  for (const k of others.slice(0, back)) state.take(k);
  for (const k of others) state.put(k, j);
  for (const k of own) state.put(k, from);
  return 0;
}

/**
 * Tries to gather all of a home, wherever it lies, in one place; what lies there goes to where it came from, or elsewhere.
 * @returns the change of cost
 */
export function tryGather(
  state: State,
  near: readonly Int32Array[],
  i: number,
  j: number,
  heat: number,
  random: () => number,
): number {
  const home = state.p.naming!.home[i]!;
  if (home < 0) return 0;
  const from: number[] = [];
  const own: number[] = [];
  for (const place of state.names!.placesOf[home]!)
    if (place !== j)
      for (const k of state.there[place]!)
        if (state.p.naming!.home[k] === home) {
          own.push(k);
          from.push(place);
        }
  if (own.length === 0) return 0;
  let was = 0;
  for (const k of own) was += minus(state, k);
  let will = 0;
  const out: number[] = [];
  const back: number[] = [];
  let placed = 0;
  for (const k of own) {
    while (!state.fits(k, j)) {
      const others = state.there[j]!.filter((x) => state.p.naming!.home[x] !== home);
      if (others.length === 0) break;
      const other = others[Math.floor(random() * others.length)]!;
      was += minus(state, other);
      out.push(other);
    }
    if (!state.fits(k, j)) break;
    will += state.added(k, j);
    state.put(k, j);
    placed++;
  }
  if (placed === own.length)
    for (const k of out) {
      const to = whereTo(state, near, k, from[Math.floor(random() * from.length)]!, j, random);
      if (to < 0) break;
      will += state.added(k, to);
      state.put(k, to);
      back.push(k);
    }
  if (placed === own.length && back.length === out.length) {
    const d = will - was;
    if (d <= 0 || random() < Math.exp(-d / heat)) return d;
  }
  for (const k of back) state.take(k);
  for (const k of own.slice(0, placed)) state.take(k);
  for (const k of out) state.put(k, j);
  own.forEach((k, n) => state.put(k, from[n]!));
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
