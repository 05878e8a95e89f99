/** Changes that move containers, with all that is in them. */
import { removeWithDependents, set, type Change } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import type { Report } from '../report/report.ts';
import type { Rect } from '../geometry/pack/freeSpace.ts';
import { overlaps } from '../fit/containers.ts';

/** How near to a wall or a neighbour a container is drawn to it, mm. */
const SNAP = 4;

/**
 * Puts a container at a place within its compartment; it stays inside and is drawn to walls and neighbours.
 * @param at near left corner, mm from the left and from the front (on a board from the top)
 * @returns the changes, or why it cannot stand there
 */
export function placeContainer(
  plan: Plan,
  report: Pick<Report, 'containers'>,
  within: {
    access: string;
    inside: { width: number; depth: number; height: number };
    holds: Record<'today' | 'planned', string[]>;
  },
  id: string,
  at: { x: number; y: number },
): { changes: Change[]; reason: string | null } {
  const row = plan.containers[id]!;
  const own = report.containers[id]!;
  const { rect } = own;
  if (!rect) return { changes: [], reason: `${row.name} has no room there.` };
  const { width } = within.inside;
  const depth = within.access === 'peg' ? within.inside.height : within.inside.depth;
  const beside = within.holds[row.arrangement === 'planned' ? 'planned' : 'today'];
  const others = beside.flatMap((o) => {
    const r = o === id ? null : report.containers[o]?.rect;
    return r ? [r] : [];
  });
  const x = drawn(
    at.x,
    rect.w,
    width,
    others.flatMap((o) => [o.x + o.w, o.x - rect.w]),
  );
  const y = drawn(
    at.y,
    rect.d,
    depth,
    others.flatMap((o) => [o.y + o.d, o.y - rect.d]),
  );
  const next: Rect = { x, y, w: rect.w, d: rect.d };
  const hit = others.find((o) => overlaps(o, next));
  if (hit) return { changes: [], reason: `${row.name} would stand in another container there.` };
  if (x === rect.x && y === rect.y) return { changes: [], reason: null };
  // The others keep where they are drawn, so that nothing jumps.
  const pinned = beside.flatMap((o): Change[] => {
    const r = report.containers[o]?.rect;
    const c = plan.containers[o]!;
    if (o === id || !r || (c.x !== null && c.y !== null)) return [];
    return [set('containers', o, { x: r.x, y: r.y, turned: report.containers[o]!.turned })];
  });
  return { changes: [...pinned, set('containers', id, { x, y, turned: own.turned })], reason: null };
}

function drawn(value: number, size: number, room: number, edges: readonly number[]): number {
  const clamped = Math.max(0, Math.min(room - size, value));
  const near = [0, room - size, ...edges].filter((e) => e >= -1e-6 && e <= room - size + 1e-6);
  const best = near.sort((a, b) => Math.abs(a - clamped) - Math.abs(b - clamped))[0];
  const snapped = best !== undefined && Math.abs(best - clamped) <= SNAP ? best : clamped;
  return Math.round(snapped * 10) / 10;
}

/** Changes that carry a container to another compartment with the containers and things in it. */
export function carryContainer(plan: Plan, id: string, to: { unit: string; slot: string }): Change[] {
  const moved = new Set([id, ...Object.values(plan.containers).flatMap((c) => (c.parent === id ? [c.id] : []))]);
  return [
    ...[...moved].map((c) => set('containers', c, { ...to, ...(c === id ? { parent: null, x: null, y: null } : {}) })),
    ...Object.values(plan.placements)
      .filter((p) => p.container !== null && moved.has(p.container))
      .map((p) => set('placements', p.id, to)),
  ];
}

/** Changes that take a container away; what is in it stays in the compartment, without it. */
export function takeContainerAway(plan: Plan, id: string): Change[] {
  const nested = Object.values(plan.containers).flatMap((c) => (c.parent === id ? [c.id] : []));
  return [id, ...nested].flatMap((c) => removeWithDependents(plan, 'containers', c));
}
