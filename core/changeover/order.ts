/**
 * The order of moves in which every destination is free when its turn comes and as little as possible stands on the
 * floor at any time. Pieces that wait for each other in a circle are found first (Tarjan 1972, strongly connected
 * components): whatever waits for nothing in a circle is carried over directly, and only within a circle must something
 * be lifted out. The least that must stand about is a bottleneck shortest path over the states of a circle (Dijkstra 1959
 * with the largest instead of the sum), or, for circles too large for that, the best of a beam of partial orders.
 */
import TinyQueue from 'tinyqueue';

/** What is carried as one. */
export interface Piece {
  id: string;
  /** Room that it takes on the floor, litres. */
  litres: number;
  /** Where it is and where it goes; null for outside of all places. */
  from: string | null;
  to: string | null;
  /** It stands on the floor already. */
  staged?: boolean;
  /** Pieces that must have left their places before this one is lifted. */
  after?: readonly string[];
  /** Pieces that must have arrived before this one is put in. */
  awaits?: readonly string[];
}

export type MoveKind = 'carry' | 'lift out' | 'put in';
interface MoveStep {
  piece: string;
  kind: MoveKind;
}

/**
 * Whether a piece can be put into its destination while others that are still to leave it are there.
 * Must be monotone: what is free stays free when less is there. When none of them is left it is always free.
 * @param here pieces still to leave, and pieces that have arrived
 */
export type Free = (piece: string, here: { leaving: readonly string[]; arrived: readonly string[] }) => boolean;

export interface Ordered {
  steps: MoveStep[];
  /** The most that stands on the floor at any time, litres. */
  peak: number;
  /** Whether no order has less. */
  exact: boolean;
}

/** States of a circle that are looked at before a beam is taken instead. */
const MOST_STATES = 40_000;
const BEAM = 8;

interface Known {
  pieces: readonly Piece[];
  after: readonly number[][];
  awaits: readonly number[][];
  /** Pieces that lie where a piece goes, before they are moved. */
  inTheWay: readonly number[][];
  /** Pieces that may be able to go in once a piece has left or arrived. */
  wakes: readonly number[][];
  /** Pieces with the same destination. */
  together: readonly number[][];
  free: Free;
}

/** Orders pieces. `prefer` says which of several equally good ones comes first (larger first). */
export function orderMoves(
  pieces: readonly Piece[],
  free: Free = () => false,
  prefer: (piece: string) => number = () => 0,
): Ordered {
  const known = knownOf(pieces, free);
  const state = new Uint8Array(pieces.length);
  pieces.forEach((p, i) => (state[i] = p.staged ? 1 : 0));
  const standing = pieces.reduce((sum, p) => sum + (p.staged ? p.litres : 0), 0);
  const result: Ordered = { steps: [], peak: standing, exact: true };
  let floor = standing;
  const rank = new Map(pieces.map((p, i) => [i, prefer(p.id)]));
  const all = circles(known, rank);
  // With pieces on the floor from the beginning, it matters what is done between the circles, too.
  if (standing > 0 && all.some((c) => c.length > 1)) result.exact = false;
  for (const circle of all) {
    const own = circle.sort((a, b) => rank.get(b)! - rank.get(a)! || a - b);
    const solved = exactly(known, state, own) ?? beam(known, state, own, rank);
    for (const [i, next] of solved.steps) {
      const kind: MoveKind = next === 1 ? 'lift out' : state[i] === 1 ? 'put in' : 'carry';
      result.steps.push({ piece: pieces[i]!.id, kind });
      floor += next === 1 ? pieces[i]!.litres : state[i] === 1 ? -pieces[i]!.litres : 0;
      result.peak = Math.max(result.peak, floor);
      state[i] = next;
    }
    result.exact &&= solved.exact;
  }
  return result;
}

function knownOf(pieces: readonly Piece[], free: Free): Known {
  const index = new Map(pieces.map((p, i) => [p.id, i]));
  const leaves = new Map<string, number[]>();
  const enters = new Map<string, number[]>();
  pieces.forEach((p, i) => {
    if (p.from !== null && !p.staged) leaves.set(p.from, [...(leaves.get(p.from) ?? []), i]);
    if (p.to !== null) enters.set(p.to, [...(enters.get(p.to) ?? []), i]);
  });
  const numbers = (ids: readonly string[] = []) => ids.flatMap((id) => index.get(id) ?? []);
  const after = pieces.map((p) => numbers(p.after));
  const needs = pieces.map((p) => numbers(p.awaits));
  const inTheWay = pieces.map((p, i) => (p.to === null ? [] : (leaves.get(p.to) ?? []).filter((j) => j !== i)));
  const wakes: number[][] = pieces.map(() => []);
  pieces.forEach((_, i) => new Set([...after[i]!, ...needs[i]!, ...inTheWay[i]!]).forEach((j) => wakes[j]!.push(i)));
  return {
    pieces,
    after,
    awaits: needs,
    inTheWay,
    wakes,
    together: pieces.map((p, i) => (p.to === null ? [] : enters.get(p.to)!.filter((j) => j !== i))),
    free,
  };
}

/** Pieces that wait for each other, each such group after those for which it waits; most wanted first where that is open. */
function circles(known: Known, rank: ReadonlyMap<number, number>): number[][] {
  const n = known.pieces.length;
  const order = Array.from({ length: n }, (_, i) => i).sort((a, b) => rank.get(b)! - rank.get(a)! || a - b);
  const waits = (i: number) => [...known.inTheWay[i]!, ...known.after[i]!, ...known.awaits[i]!];
  const [seen, low, on] = [new Int32Array(n).fill(-1), new Int32Array(n), new Uint8Array(n)];
  const [stack, groups]: [number[], number[][]] = [[], []];
  let next = 0;
  // Tarjan's algorithm without recursion: a group is finished after all for which it waits.
  for (const root of order) {
    if (seen[root]! >= 0) continue;
    const work: Array<{ at: number; to: number[]; k: number }> = [];
    const enter = (i: number) => {
      seen[i] = low[i] = next++;
      stack.push(i);
      on[i] = 1;
      work.push({ at: i, to: waits(i), k: 0 });
    };
    enter(root);
    while (work.length > 0) {
      const top = work.at(-1)!;
      if (top.k < top.to.length) {
        const j = top.to[top.k++]!;
        if (seen[j]! < 0) enter(j);
        else if (on[j]) low[top.at] = Math.min(low[top.at]!, seen[j]!);
        continue;
      }
      work.pop();
      const parent = work.at(-1);
      if (parent) low[parent.at] = Math.min(low[parent.at]!, low[top.at]!);
      if (low[top.at] !== seen[top.at]) continue;
      const group: number[] = [];
      for (let i = -1; i !== top.at;) {
        i = stack.pop()!;
        on[i] = 0;
        group.push(i);
      }
      groups.push(group);
    }
  }
  return calmFirst(groups, waits, rank);
}

/** The groups in an order in which single pieces, which never bring anything to the floor, come as early as they can. */
function calmFirst(
  groups: readonly number[][],
  waits: (i: number) => number[],
  rank: ReadonlyMap<number, number>,
): number[][] {
  const groupOf = new Map(groups.flatMap((group, g) => group.map((i) => [i, g] as const)));
  const open = groups.map(
    (group, g) =>
      new Set(
        group
          .flatMap(waits)
          .map((i) => groupOf.get(i)!)
          .filter((h) => h !== g),
      ),
  );
  const next: number[][] = groups.map(() => []);
  open.forEach((set, g) => set.forEach((h) => next[h]!.push(g)));
  const wish = groups.map((group) => Math.max(...group.map((i) => rank.get(i)!)));
  const calm = (g: number) => (groups[g]!.length === 1 ? 0 : 1);
  const queue = new TinyQueue<number>(
    groups.flatMap((_, g) => (open[g]!.size === 0 ? [g] : [])),
    (a, b) => calm(a) - calm(b) || wish[b]! - wish[a]! || a - b,
  );
  const order: number[][] = [];
  while (queue.length > 0) {
    const g = queue.pop()!;
    order.push(groups[g]!);
    for (const h of next[g]!) if (open[h]!.delete(g) && open[h]!.size === 0) queue.push(h);
  }
  return order;
}
const left = (state: Uint8Array, all: readonly number[]) => all.every((i) => state[i]! > 0);
const arrived = (state: Uint8Array, all: readonly number[]) => all.every((i) => state[i] === 2);

/** Whether a piece may go in now; `surely` when nothing that leaves is left there. */
function entry(known: Known, state: Uint8Array, i: number): 'surely' | 'beside' | 'no' {
  if (!arrived(state, known.awaits[i]!)) return 'no';
  if (left(state, known.inTheWay[i]!)) return 'surely';
  const leaving = known.inTheWay[i]!.filter((j) => state[j] === 0);
  const here = known.together[i]!.filter((j) => state[j] === 2);
  const ids = (list: number[]) => list.map((j) => known.pieces[j]!.id);
  return known.free(known.pieces[i]!.id, { leaving: ids(leaving), arrived: ids(here) }) ? 'beside' : 'no';
}

/** Brings in everything that goes in for certain: that is never worse than waiting. `of` is what may have become free. */
function settle(known: Known, node: Node, own: ReadonlySet<number>, of: readonly number[]): void {
  const { state } = node;
  const open = [...of];
  for (let k = 0; k < open.length; k++) {
    const i = open[k]!;
    if (!own.has(i) || state[i] === 2 || (state[i] === 0 && !left(state, known.after[i]!))) continue;
    if (entry(known, state, i) !== 'surely') continue;
    if (state[i] === 1) node.floor -= known.pieces[i]!.litres;
    state[i] = 2;
    node.steps.push([i, 2]);
    open.push(...known.wakes[i]!);
  }
}

interface Node {
  state: Uint8Array;
  floor: number;
  peak: number;
  /** All that was ever lifted out, litres: of two orders with the same peak the one that lifts less. */
  lifted: number;
  before: Node | null;
  steps: Array<[number, 1 | 2]>;
}

function start(known: Known, state: Uint8Array, own: readonly number[]): Node {
  const node: Node = { state: state.slice(), floor: 0, peak: 0, lifted: 0, before: null, steps: [] };
  for (const i of own) if (state[i] === 1) node.floor += known.pieces[i]!.litres;
  node.peak = node.floor;
  settle(known, node, new Set(own), own);
  return node;
}

/** What can be done next: putting in beside what still leaves, or lifting out what is in the way of something. */
function* onward(known: Known, node: Node, own: readonly number[]): Generator<Node> {
  const wanted = new Set<number>();
  const all = new Set(own);
  for (const i of own) {
    if (node.state[i] === 2) continue;
    for (const j of known.inTheWay[i]!) if (node.state[j] === 0) wanted.add(j);
    for (const j of known.after[i]!) if (node.state[i] === 0 && node.state[j] === 0) wanted.add(j);
  }
  for (const i of own) {
    if (node.state[i] === 2) continue;
    const liftable = node.state[i] === 0 && left(node.state, known.after[i]!);
    if (node.state[i] === 0 && !liftable) continue;
    if (entry(known, node.state, i) === 'beside') yield step(known, node, all, i, 2);
    if (liftable && wanted.has(i)) yield step(known, node, all, i, 1);
  }
}

function step(known: Known, before: Node, own: ReadonlySet<number>, i: number, to: 1 | 2): Node {
  const { litres } = known.pieces[i]!;
  const node: Node = { ...before, state: before.state.slice(), before, steps: [[i, to]] };
  if (to === 1) {
    node.floor += litres;
    node.lifted += litres;
    node.peak = Math.max(node.peak, node.floor);
  } else if (node.state[i] === 1) node.floor -= litres;
  node.state[i] = to;
  settle(known, node, own, [i, ...known.wakes[i]!]);
  return node;
}

function back(node: Node): Array<[number, 1 | 2]> {
  const all: Array<Array<[number, 1 | 2]>> = [];
  for (let n: Node | null = node; n; n = n.before) all.push(n.steps);
  return all.reverse().flat();
}

const keyOf = (state: Uint8Array, own: readonly number[]) => own.map((i) => state[i]).join('');
const better = (a: Node, b: Node) => a.peak - b.peak || a.lifted - b.lifted;

/** The least peak, or null when there are too many states to look at all. */
function exactly(known: Known, from: Uint8Array, own: readonly number[]) {
  const first = start(known, from, own);
  if (arrived(first.state, own)) return { steps: back(first), exact: true };
  if (own.length > 40) return null;
  const queue = new TinyQueue<Node>([first], better);
  const done = new Set<string>();
  while (queue.length > 0) {
    const node = queue.pop()!;
    const key = keyOf(node.state, own);
    if (done.has(key)) continue;
    done.add(key);
    if (arrived(node.state, own)) return { steps: back(node), exact: true };
    if (done.size > MOST_STATES / own.length) return null;
    for (const next of onward(known, node, own)) queue.push(next);
  }
  throw new Error('Pieces wait for each other in a way that lifting out does not break.');
}

/** The best of many partial orders, kept at each length. */
function beam(known: Known, from: Uint8Array, own: readonly number[], rank: ReadonlyMap<number, number>) {
  let level = [start(known, from, own)];
  let best: Node | null = null;
  const waiting = (node: Node) => own.reduce((n, i) => n + (node.state[i] === 2 ? 0 : 1), 0);
  const wish = (node: Node) => own.reduce((sum, i) => sum + (node.state[i] === 2 ? rank.get(i)! : 0), 0);
  const score = new Map<Node, [number, number, number]>();
  const of = (node: Node) => {
    let s = score.get(node);
    if (!s) score.set(node, (s = [node.peak * 2 + node.floor, waiting(node), -wish(node)]));
    return s;
  };
  while (level.length > 0) {
    const next = new Map<string, Node>();
    for (const node of level) {
      if (arrived(node.state, own)) {
        if (!best || better(node, best) < 0) best = node;
        continue;
      }
      for (const more of onward(known, node, own)) {
        if (best && better(more, best) >= 0) continue;
        const key = keyOf(more.state, own);
        const same = next.get(key);
        if (!same || better(more, same) < 0) next.set(key, more);
      }
    }
    level = [...next.values()]
      .sort((a, b) => {
        const [x, y] = [of(a), of(b)];
        return x[0] - y[0] || x[1] - y[1] || x[2] - y[2];
      })
      .slice(0, BEAM);
  }
  if (!best) throw new Error('Pieces wait for each other in a way that lifting out does not break.');
  return { steps: back(best), exact: false };
}
