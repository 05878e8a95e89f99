/**
 * Shortest ways over the free floor, any angle: a body of half width 250 mm keeps that far from walls and furniture.
 * The nodes are points round the corners that stand out into the room; two are joined when a body can go straight from
 * one to the other; the shortest way along such edges is found by Dijkstra's rule (visibility graph, Lozano-Pérez & Wesley 1979).
 */
import TinyQueue from 'tinyqueue';
import { distance, dot, inside, subtract, type Point } from './geometry.ts';
import { inSight, onwardFrom } from './onward.ts';
import { distanceBetween, nearOf, NOISE, straight, touching, type Floor, type Solid } from './sight.ts';

export interface Path {
  /** mm */
  length: number;
  /** From start to goal. */
  points: Point[];
}

/** Why there is no way, for a person. */
export type NoPath =
  | 'the start is outside the room or inside furniture'
  | 'the goal is outside the room or inside furniture'
  | 'walled in: there is no way wide enough for a body';

/**
 * Shortest ways from one start to many goals.
 * @param taut leave out ways between corners that bend the wrong way; false looks at all (the check of the shortcut)
 * @returns for each goal a path, or why there is none
 */
export function pathsFrom(floor: Floor, start: Point, goals: readonly Point[], taut = true): Array<Path | NoPath> {
  const stands = (p: Point) => inside(p, floor.outline) && floor.solids.every((s) => !touches(p, s));
  if (!stands(start)) return goals.map(() => 'the start is outside the room or inside furniture');
  const { nodes } = floor;
  const count = nodes.length;
  const best = new Float64Array(count).fill(Infinity);
  const before = new Int32Array(count).fill(-1);
  const done = new Uint8Array(count);
  const near = nearOf(floor, start);
  const queue = new TinyQueue<[node: number, far: number]>([], (a, b) => a[1] - b[1]);
  nodes.forEach((node, i) => {
    // A way that bends at its first corner touches it, too, unless the start is itself near to something.
    if (taut && near.size === 0 && !touching(floor.flat, 6 * i, node.x - start.x, node.y - start.y)) return;
    if (!straight(floor, start, node, [near])) return;
    best[i] = distance(start, node);
    queue.push([i, best[i]]);
  });
  const loose = (i: number) => near.size > 0 && before[i] === -1;
  for (let next = queue.pop(); next; next = queue.pop()) {
    const [i] = next;
    if (done[i]) continue;
    done[i] = 1;
    const onward = onwardFrom(floor, i, !taut || loose(i));
    for (let k = 0; k < onward.nodes.length; k++) {
      const j = onward.nodes[k]!;
      const far = best[i]! + onward.far[k]!;
      // Only a way that would be shorter is worth looking at.
      if (done[j] || far >= best[j]! - NOISE || !inSight(floor, i, onward, k)) continue;
      best[j] = far;
      before[j] = i;
      queue.push([j, far]);
    }
  }
  const first = near.size > 0 ? [...before.keys()].filter((i) => before[i] === -1 && best[i]! < Infinity) : [];
  return goals.map((goal): Path | NoPath => {
    if (!stands(goal)) return 'the goal is outside the room or inside furniture';
    const nearGoal = nearOf(floor, goal);
    if (straight(floor, start, goal, [near, nearGoal])) return { length: distance(start, goal), points: [start, goal] };
    const end =
      nearGoal.size > 0 ? endNear(floor, best, start, near, goal, nearGoal) : endFree(floor, best, first, goal);
    if (!end) return 'walled in: there is no way wide enough for a body';
    const points = [goal];
    if (end.over !== end.node) points.unshift(nodes[end.node]!);
    for (let i = end.over; i >= 0; i = before[i]!) points.unshift(nodes[i]!);
    return { length: end.far, points: [start, ...points] };
  });
}

/** How a way reaches its goal: the last node, and the node from which that was reached (itself when by its own best way; -1 when straight from the start). */
interface End {
  node: number;
  over: number;
  far: number;
}

/** The shortest end to a goal that is clear of everything. @param first nodes at which a way may bend either way */
function endFree(floor: Floor, best: Float64Array, first: readonly number[], goal: Point): End | undefined {
  const key = `${goal.x} ${goal.y}`;
  let from = floor.toGoal.get(key);
  if (!from) {
    const [nodes, far]: [number[], number[]] = [[], []];
    floor.nodes.forEach((node, i) => {
      const dx = goal.x - node.x;
      const dy = goal.y - node.y;
      if (!touching(floor.flat, 6 * i, dx, dy)) return;
      nodes.push(i);
      far.push(Math.sqrt(dx * dx + dy * dy));
    });
    from = { nodes, far, sight: new Uint8Array(nodes.length) };
    floor.toGoal.set(key, from);
  }
  let end: End | undefined;
  for (let k = 0; k < from.nodes.length; k++) {
    const node = from.nodes[k]!;
    const far = best[node]! + from.far[k]!;
    if (far >= (end?.far ?? Infinity)) continue;
    if (from.sight[k] === 0) from.sight[k] = straight(floor, floor.nodes[node]!, goal, []) ? 1 : 2;
    if (from.sight[k] === 1) end = { node, over: node, far };
  }
  for (const node of first) {
    const far = best[node]! + distance(floor.nodes[node]!, goal);
    if (far < (end?.far ?? Infinity) && straight(floor, floor.nodes[node]!, goal, [])) end = { node, over: node, far };
  }
  return end;
}

/** The shortest end to a goal that is itself near to something: its last corner may be turned either way. */
function endNear(
  floor: Floor,
  best: Float64Array,
  start: Point,
  near: ReadonlyMap<Solid, number>,
  goal: Point,
  nearGoal: ReadonlyMap<Solid, number>,
): End | undefined {
  const key = `${goal.x} ${goal.y}`;
  let seeing = floor.ends.get(key);
  if (!seeing) {
    seeing = floor.nodes.flatMap((node, i) =>
      straight(floor, goal, node, [nearGoal]) ? [[i, distance(node, goal)] as const] : [],
    );
    floor.ends.set(key, seeing);
  }
  let end: End | undefined;
  for (const [i, rest] of seeing) {
    const least = () => (end?.far ?? Infinity) - NOISE;
    // Straight from the start: not among the best ways when it touches this corner from the wrong side.
    const direct = distance(start, floor.nodes[i]!) + rest;
    if (direct < least() && direct < best[i]! + rest - NOISE && straight(floor, start, floor.nodes[i]!, [near]))
      end = { node: i, over: -1, far: direct };
    if (best[i]! + rest < least()) end = { node: i, over: i, far: best[i]! + rest };
    if (rest >= least()) continue;
    const onward = onwardFrom(floor, i, true);
    for (let k = 0; k < onward.nodes.length; k++) {
      const far = best[onward.nodes[k]!]! + onward.far[k]! + rest;
      if (far < least() && inSight(floor, i, onward, k)) end = { node: i, over: onward.nodes[k]!, far };
    }
  }
  return end;
}

function touches(p: Point, s: Solid): boolean {
  return !(s.x0 > p.x || s.x1 < p.x || s.y0 > p.y || s.y1 < p.y) && distanceBetween(p, p, s.points) <= NOISE;
}

/**
 * Where one stands before the front of a unit: as far out as wanted; nearer when something is in the way, and farther
 * when it hangs over a table.
 * @param hangs whether the unit hangs on the wall, so that something may stand below it
 */
export function standBefore(floor: Floor, front: Point, wanted: Point, hangs: boolean): Point {
  return firstFree(floor, front, wanted, hangs ? [...NEAR, ...FAR] : NEAR) ?? wanted;
}

/** Where one stands to reach over what stands before a unit on the floor; null where one gets right before it, or nowhere. */
export function standBeyond(floor: Floor, front: Point, wanted: Point): Point | null {
  return firstFree(floor, front, wanted, NEAR) ? null : firstFree(floor, front, wanted, FAR);
}

/** Shares of the wanted distance from a front that are tried, as wanted and nearer; and farther off. */
const NEAR = [1, 0.8, 0.6, 0.4];
const FAR = [1.3, 1.6, 1.9, 2.2, 2.6, 3, 3.5];

function firstFree(floor: Floor, front: Point, wanted: Point, shares: readonly number[]): Point | null {
  const out = subtract(wanted, front);
  for (const share of shares) {
    const at = { x: front.x + out.x * share, y: front.y + out.y * share };
    if (
      inside(at, floor.outline) &&
      floor.solids.every((s) => distanceBetween(at, at, s.points) > Math.min(60, Math.sqrt(dot(out, out)) * 0.3))
    )
      return at;
  }
  return null;
}
