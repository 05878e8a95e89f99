/**
 * Sittings: the moves in order, cut so that each sitting begins and ends with nothing on the floor where that is possible,
 * what wins most in the least time first (as in scheduling jobs with weights and precedence, Sidney 1975).
 */
import type { MoveKind } from './order.ts';

export interface Cut {
  piece: string;
  kind: MoveKind;
  from: string | null;
  to: string | null;
  after: readonly string[];
  awaits: readonly string[];
  seconds: number;
  saving: number;
  litres: number;
}

/**
 * For each move those that must come before it, so that its destination is free also in another order: those that empty
 * the destination before it; and, when others were still to leave, nothing goes in before it that came in after it.
 */
export function dependencies(moves: readonly Cut[]): Array<Set<number>> {
  const deps = moves.map(() => new Set<number>());
  const leaves = (m: Cut) => m.kind !== 'put in' && m.from !== null;
  const enters = (m: Cut) => m.kind !== 'lift out' && m.to !== null;
  const leaver = new Map<string, number>();
  const arrival = new Map<string, number>();
  moves.forEach((m, i) => {
    if (m.kind !== 'put in') leaver.set(m.piece, i);
    if (m.kind !== 'lift out') arrival.set(m.piece, i);
  });
  const waits = (i: number, on: number | undefined) => on !== undefined && on !== i && deps[i]!.add(on);
  moves.forEach((m, i) => {
    if (m.kind === 'put in') waits(i, leaver.get(m.piece));
    else for (const a of m.after) waits(i, leaver.get(a));
    if (!enters(m)) return;
    for (const n of m.awaits) waits(i, arrival.get(n));
    let beside = false;
    moves.forEach((other, j) => {
      if (i === j || other.piece === m.piece || !leaves(other) || other.from !== m.to) return;
      if (j < i) deps[i]!.add(j);
      else beside = true;
    });
    if (!beside) return;
    moves.forEach((other, j) => {
      if (j > i && enters(other) && other.to === m.to) deps[j]!.add(i);
    });
  });
  return deps;
}

/**
 * Cuts moves into sittings.
 * @param seconds length of a sitting
 * @returns indices of the moves, sitting by sitting, in the order in which they are done
 */
export function cutIntoSittings(moves: readonly Cut[], seconds: number): number[][] {
  const groups = groupsOf(moves);
  const groupOf = new Map(groups.flatMap((group, g) => group.map((i) => [i, g] as const)));
  const deps = dependencies(moves);
  const needs = groups.map(
    (group, g) => new Set(group.flatMap((i) => [...deps[i]!].map((j) => groupOf.get(j)!)).filter((h) => h !== g)),
  );
  const time = groups.map((group) => group.reduce((sum, i) => sum + moves[i]!.seconds, 0));
  const won = groups.map((group) => group.reduce((sum, i) => sum + moves[i]!.saving, 0));
  const open = new Set(groups.keys());
  const closure = (g: number, seen = new Set<number>()): Set<number> => {
    for (const h of needs[g]!) if (open.has(h) && !seen.has(h)) closure(h, seen);
    return seen.add(g);
  };
  const sittings: number[][] = [];
  let [sitting, left]: [number[], number] = [[], seconds];
  const close = () => {
    if (sitting.length > 0) sittings.push(sitting);
    [sitting, left] = [[], seconds];
  };
  while (open.size > 0) {
    let best: { groups: number[]; time: number; rate: number } | null = null;
    let any: { groups: number[]; time: number; rate: number } | null = null;
    for (const g of open) {
      // Groups are in a possible order already: what is needed comes before.
      const all = [...closure(g)].sort((a, b) => a - b);
      const took = all.reduce((sum, h) => sum + time[h]!, 0);
      const rate = all.reduce((sum, h) => sum + won[h]!, 0) / Math.max(1, took);
      const found = { groups: all, time: took, rate };
      if (!any || rate > any.rate) any = found;
      if (took <= left && (!best || rate > best.rate)) best = found;
    }
    // When what wins most does not fit any sitting, what has to come before it is begun with.
    if (!best && sitting.length > 0) {
      close();
      continue;
    }
    const chosen = best ?? any!;
    for (const g of chosen.groups) {
      open.delete(g);
      // A run that fits into a sitting is not cut: nothing of it stays on the floor until the next one.
      if (time[g]! > left && sitting.length > 0) close();
      for (const part of runsOf(groups[g]!, moves, left, seconds)) {
        const took = part.reduce((sum, i) => sum + moves[i]!.seconds, 0);
        if (took > left && sitting.length > 0) close();
        sitting.push(...part);
        left -= took;
      }
    }
  }
  close();
  return sittings;
}

/** Runs of moves that begin and end with nothing on the floor. */
function groupsOf(moves: readonly Cut[]): number[][] {
  const groups: number[][] = [];
  const floor = new Set(
    moves
      .filter((m, i) => m.kind === 'put in' && !moves.slice(0, i).some((n) => n.piece === m.piece))
      .map((m) => m.piece),
  );
  let group: number[] = [];
  moves.forEach((m, i) => {
    group.push(i);
    if (m.kind === 'lift out') floor.add(m.piece);
    if (m.kind === 'put in') floor.delete(m.piece);
    if (floor.size === 0) {
      groups.push(group);
      group = [];
    }
  });
  if (group.length > 0) groups.push(group);
  return groups;
}

/**
 * A run of moves in parts that fit into what is left of a sitting and into the ones after it: cut where least lies on the floor,
 * in the second half of each sitting.
 * @param left seconds left in the first sitting
 * @param seconds length of the others
 */
function runsOf(run: readonly number[], moves: readonly Cut[], left: number, seconds: number): number[][] {
  const parts: number[][] = [];
  const floor = new Map<string, number>();
  let [part, took, room]: [number[], number, number] = [[], 0, left];
  let best: { length: number; litres: number } | null = null;
  for (let k = 0; k < run.length; k++) {
    const move = moves[run[k]!]!;
    if (took + move.seconds > room && part.length > 0) {
      // Back to where least lay on the floor.
      const length = best?.length ?? part.length;
      k -= part.length - length;
      parts.push(part.slice(0, length));
      floor.clear();
      for (const i of parts.flat()) stand(floor, moves[i]!);
      [part, took, room, best] = [[], 0, seconds, null];
      k--;
      continue;
    }
    part.push(run[k]!);
    took += move.seconds;
    stand(floor, move);
    const litres = [...floor.values()].reduce((sum, l) => sum + l, 0);
    if (took >= room / 2 && (best === null || litres <= best.litres)) best = { length: part.length, litres };
  }
  if (part.length > 0) parts.push(part);
  return parts;
}

/** What stands on the floor after a move. */
function stand(floor: Map<string, number>, move: Cut): void {
  if (move.kind === 'lift out') floor.set(move.piece, move.litres);
  if (move.kind === 'put in') floor.delete(move.piece);
}
