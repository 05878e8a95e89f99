/** Changes made by hand that are more than moving one thing: swapping, moving all, taking a zone over from another plan. */
import { remove, set, type Change } from '../model/change.ts';
import type { Container, Placement, Plan } from '../model/plan.ts';
import { sceneOf, mainStationOf } from '../scene/scene.ts';

/** An opening of furniture. */
export interface Opening {
  unit: string;
  slot: string;
}

const lies = (at: Opening) => (row: Placement | Container) =>
  row.arrangement === 'planned' && row.unit === at.unit && row.slot === at.slot;

/** Changes that carry all that is planned in an opening, its containers included, to another one. */
export function moveContents(plan: Plan, from: Opening, to: Opening): Change[] {
  const { unit, slot } = to;
  return [
    ...Object.values(plan.containers)
      .filter(lies(from))
      .map((c) => set('containers', c.id, { unit, slot, ...(c.parent === null ? { x: null, y: null } : {}) })),
    ...Object.values(plan.placements)
      .filter(lies(from))
      .map((p) => set('placements', p.id, { unit, slot, orientation: null, part: null })),
  ];
}

/** Changes that let two openings change all that is planned in them, containers included. */
export function swapContents(plan: Plan, a: Opening, b: Opening): Change[] {
  if (a.unit === b.unit && a.slot === b.slot) return [];
  return [...moveContents(plan, a, b), ...moveContents(plan, b, a)];
}

/**
 * Changes that take a zone over from another plan of the same room: everything that is used most at a station lies as it
 * does there. What the other plan does not have keeps its place; compartments that are not here are left out.
 * @param station of this plan; the other plan's uses do not count
 * @returns the changes, and supplies whose place is not in this plan
 */
export function mergeZone(plan: Plan, other: Plan, station: string): { changes: Change[]; left: string[] } {
  const scene = sceneOf(plan);
  const zone = new Set(
    Object.keys(plan.supplies).filter((id) => mainStationOf(scene, id) === station && other.supplies[id]),
  );
  const theirs = Object.values(other.placements).filter((p) => p.arrangement === 'planned' && zone.has(p.supply));
  const openings = new Set(scene.compartments.filter((c) => c.container === null).map((c) => `${c.unit}/${c.slot}`));
  const there = (row: Opening) => openings.has(`${row.unit}/${row.slot}`);
  const boxes = new Map<string, Container>();
  for (const p of theirs)
    for (let id = p.container; id !== null; id = other.containers[id]?.parent ?? null) {
      const box = other.containers[id];
      if (box) boxes.set(id, box);
    }
  const left = new Set(theirs.filter((p) => !there(p)).map((p) => p.supply));
  const changes: Change[] = [];
  // A box that this plan has already stays as it is; one that it lacks comes along, with its lid, its divisions and its place.
  const rows = [...boxes.values()].filter(there).sort((a, b) => Number(a.parent !== null) - Number(b.parent !== null));
  for (const box of rows)
    if (plan.containers[box.id]) {
      const { unit, slot, parent, x, y, turned } = box;
      changes.push(set('containers', box.id, { unit, slot, parent, x, y, turned }));
    } else changes.push(set('containers', box.id, { ...box, becomes: null }));
  const taken = theirs.filter((p) => there(p) && !left.has(p.supply));
  const ids = new Set(taken.map((p) => p.id));
  const moved = new Set(taken.map((p) => p.supply));
  for (const p of Object.values(plan.placements))
    if (p.arrangement === 'planned' && moved.has(p.supply) && !ids.has(p.id)) changes.push(remove('placements', p.id));
  for (const p of taken) {
    const count = Math.min(p.count, plan.supplies[p.supply]!.count);
    const row = plan.placements[p.id];
    // The same name may stand for something else here.
    const id = row && (row.supply !== p.supply || row.arrangement !== 'planned') ? `${p.id.slice(0, 60)}_m` : p.id;
    changes.push(set('placements', id, { ...p, id, count }));
  }
  return { changes, left: [...left] };
}
