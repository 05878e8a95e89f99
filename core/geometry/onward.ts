/** Where a shortest way may go on from a corner: to corners that are touched on the right side and may be in sight. */
import type { Point } from './geometry.ts';
import { CELL, nextQuestion, straight, touching, type Floor, type Node, type Onward } from './sight.ts';

/**
 * The nodes to which a shortest way may go on from a node.
 * @param loose a way may bend either way here: it is the first after a start, or the last before a goal, that is itself
 *   nearer to something than a body is wide
 */
export function onwardFrom(floor: Floor, i: number, loose: boolean): Onward {
  const key = loose ? -1 - i : i;
  const known = floor.onward.get(key);
  if (known) return known;
  const { flat } = floor;
  const [nodes, far]: [number[], number[]] = [[], []];
  const at = 6 * i;
  const fans = loose ? null : fansOf(floor, floor.nodes[i]!);
  for (let j = 0; j < floor.nodes.length; j++) {
    if (i === j) continue;
    const to = 6 * j;
    const dx = flat[to]! - flat[at]!;
    const dy = flat[to + 1]! - flat[at + 1]!;
    if (!loose && !(touching(flat, at, dx, dy) && touching(flat, to, dx, dy))) continue;
    const length = Math.sqrt(dx * dx + dy * dy);
    if (fans && length > farthest(fans, dx, dy)) continue;
    nodes.push(j);
    far.push(length);
  }
  const onward = { nodes, far, sight: new Uint8Array(nodes.length) };
  floor.onward.set(key, onward);
  return onward;
}

/** Rays in one of the two directions in which a way may leave a corner, with how far each goes before it meets something. */
interface Fan {
  x: number;
  y: number;
  /** Angle between two rays. */
  step: number;
  /** For each gap between two rays, how far a body sees at most. */
  reach: number[];
}
const RAYS = 8;

/**
 * How far one sees from a corner. A body keeps its distance from what a ray meets, so between two rays that are nearer to
 * each other there than that distance nothing farther off is in sight.
 */
function fansOf(floor: Floor, node: Node): Fan[] {
  const sweep = Math.atan2(
    node.into.x * node.out.y - node.into.y * node.out.x,
    node.into.x * node.out.x + node.into.y * node.out.y,
  );
  return [1, -1].map((side) => {
    const from = Math.atan2(side * node.into.y, side * node.into.x);
    const step = sweep / RAYS;
    const hits = Array.from({ length: RAYS + 1 }, (_, k) => {
      const met = rayMeets(floor, node, Math.cos(from + step * k), Math.sin(from + step * k));
      return met * Math.abs(step) < 0.95 * floor.body ? met : Infinity;
    });
    const reach = Array.from({ length: RAYS }, (_, k) => Math.min(hits[k]!, hits[k + 1]!) + 1);
    return { x: Math.cos(from), y: Math.sin(from), step, reach };
  });
}

function farthest(fans: readonly Fan[], dx: number, dy: number): number {
  for (const fan of fans) {
    const along = fan.x * dx + fan.y * dy;
    if (along <= 0) continue;
    const k = Math.floor(Math.atan2(fan.x * dy - fan.y * dx, along) / fan.step);
    return fan.reach[Math.min(RAYS - 1, Math.max(0, k))]!;
  }
  return Infinity;
}

/** Distance at which a ray meets the first solid, mm. */
function rayMeets(floor: Floor, from: Point, ux: number, uy: number): number {
  const { left, top, across, down, solids } = floor.cells;
  const question = nextQuestion();
  let met = Infinity;
  for (let far = 0; far < met; far += CELL / 2) {
    const i = Math.floor((from.x + ux * far - left) / CELL);
    const j = Math.floor((from.y + uy * far - top) / CELL);
    if (i < 0 || j < 0 || i >= across || j >= down) break;
    for (const s of solids[j * across + i]!) {
      if (s.asked === question) continue;
      s.asked = question;
      const { points } = s;
      const edges = points.length > 2 ? points.length : 1;
      for (let k = 0; k < edges; k++) {
        const [a, b] = [points[k]!, points[(k + 1) % points.length]!];
        const [ex, ey] = [b.x - a.x, b.y - a.y];
        const cross = ux * ey - uy * ex;
        if (Math.abs(cross) < 1e-12) continue;
        const t = ((a.x - from.x) * ey - (a.y - from.y) * ex) / cross;
        const v = ((a.x - from.x) * uy - (a.y - from.y) * ux) / cross;
        if (t > 0 && v >= 0 && v <= 1 && t < met) met = t;
      }
    }
  }
  return met;
}

/** Whether the k-th of the nodes onward from i is in sight. */
export function inSight(floor: Floor, i: number, onward: Onward, k: number): boolean {
  if (onward.sight[k] === 0)
    onward.sight[k] = straight(floor, floor.nodes[i]!, floor.nodes[onward.nodes[k]!]!, []) ? 1 : 2;
  return onward.sight[k] === 1;
}
