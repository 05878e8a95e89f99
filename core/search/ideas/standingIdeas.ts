/** Ideas about where things stand: a cart, a seat that turns, two units that change places. */
import { formatWalk } from '../../model/measure.ts';
import { set, type Change } from '../../model/change.ts';
import { byName, type Plan, type Unit } from '../../model/plan.ts';
import { isLoose } from '../../room/arrange.ts';
import { inPlaceOf, putDown } from '../../room/putDown.ts';
import { ridersOf } from '../../room/standing.ts';
import { distance, inside, type Point } from '../../geometry/geometry.ts';
import { stands } from '../../room/spot.ts';
import { outlineOf } from '../../room/walls.ts';
import { fetchesAWeek, sceneOf } from '../../scene/scene.ts';
import type { Idea } from './idea.ts';
import { MOST, harmless, busy, farFrom, floorPoints } from './idea.ts';

const PARK = 250;

export function carts(plan: Plan): Idea[] {
  const grid = floorPoints(plan, PARK);
  return byName(plan.units)
    .filter((u) => u.wheels && isLoose(u) && u.elsewhere === null)
    .flatMap((u) => {
      const found: Idea[] = [];
      for (const p of grid) {
        if (found.length >= 3) break;
        for (const turn of [0, 90, 180, 270]) {
          if (distance(p, u) < PARK || !stands({ ...u, ...p, turn }, plan)) continue;
          if (found.some((f) => f.id.startsWith(`cart ${u.id}`) && distance(at(f), p) < 2 * PARK)) continue;
          const changes = [set('units', u.id, { x: Math.round(p.x), y: Math.round(p.y), turn })];
          if (!harmless(plan, changes)) continue;
          const near = [...Object.values(plan.stations)].sort((a, b) => distance(a, p) - distance(b, p))[0];
          found.push({
            id: `cart ${u.id} ${found.length}`,
            kind: 'cart',
            title: `Park ${u.name} ${near ? `${formatWalk(distance(near, p), plan.meta.units)} from ${near.name}` : 'elsewhere'}`,
            changes,
            price: 0,
            basis: 'planned',
          });
          break;
        }
      }
      return found;
    });
}

const at = (idea: Idea): Point => {
  const first = idea.changes[0]!;
  return 'set' in first ? (first.set as unknown as Point) : { x: 0, y: 0 };
};

/** Sitting turned by a quarter, or at the other side of the table. */
export function seats(plan: Plan): Idea[] {
  const ideas: Idea[] = [];
  const idea = (id: string, title: string, changes: Change[]) => {
    if (harmless(plan, changes)) ideas.push({ id, kind: 'seat', title, changes, price: 0, basis: 'planned' });
  };
  const outline = outlineOf(plan);
  for (const s of byName(plan.stations)) {
    const table = s.unit === null ? undefined : plan.units[s.unit];
    if (table) {
      const other = { x: 2 * table.x - s.x, y: 2 * table.y - s.y };
      const free = Object.values(plan.units).every((u) => u.bottom > 1500 || distance(u, other) > u.depth / 2 + 250);
      if (inside(other, outline, -250) && free)
        idea(`seat ${s.id} other`, `Sit at the other side of ${table.name} (${s.name})`, [
          set('stations', s.id, { ...other, facing: (s.facing + 180) % 360 }),
        ]);
    } else
      for (const by of [90, 180, 270])
        idea(
          `seat ${s.id} ${by}`,
          `Turn the seat of ${s.name} by ${by === 270 ? 'a quarter to the left' : by === 90 ? 'a quarter to the right' : 'half a turn'}`,
          [set('stations', s.id, { facing: (s.facing + by) % 360 })],
        );
  }
  return ideas;
}

/** Two units that change places, a busy far one with a quiet near one. */
export function swaps(plan: Plan): Idea[] {
  const scene = sceneOf(plan);
  const seatsOf = busy(plan);
  const weight = new Map<string, number>();
  for (const p of Object.values(plan.placements))
    if (p.arrangement === 'planned' && !p.spare)
      weight.set(p.unit, (weight.get(p.unit) ?? 0) + fetchesAWeek(scene, p.supply));
  const loose = byName(plan.units).filter(
    (u) =>
      isLoose(u) &&
      !u.fixed &&
      u.elsewhere === null &&
      u.bottom === 0 &&
      !Object.values(plan.stations).some((s) => s.unit === u.id),
  );
  const pairs = loose.flatMap((a, i) =>
    loose.slice(i + 1).map((b) => {
      const gain = ((weight.get(a.id) ?? 0) - (weight.get(b.id) ?? 0)) * (farFrom(seatsOf, a) - farFrom(seatsOf, b));
      return { a, b, gain };
    }),
  );
  const ideas: Idea[] = [];
  for (const { a, b } of pairs.sort((p, q) => q.gain - p.gain)) {
    if (ideas.length >= MOST) break;
    if (ridersOf(plan, a).length + ridersOf(plan, b).length > 0) continue;
    const changes = swapPlaces(plan, a, b);
    if (changes && harmless(plan, changes))
      ideas.push({
        id: `swap ${a.id} ${b.id}`,
        kind: 'swap',
        title: `Let ${a.name} and ${b.name} change places`,
        changes,
        price: 0,
        basis: 'planned',
      });
  }
  return ideas;
}

/** Each with its back where the back of the other is; null where one does not stand. */
function swapPlaces(plan: Plan, a: Unit, b: Unit): Change[] | null {
  const [ra, rb] = [inPlaceOf(a, b, 'middle'), inPlaceOf(b, a, 'middle')];
  const without = { ...plan, units: { ...plan.units, [a.id]: { ...a, ...ra }, [b.id]: { ...b, ...rb } } };
  if (!stands({ ...a, ...ra }, without) || !stands({ ...b, ...rb }, without)) return null;
  return [...putDown(plan, a, ra, ''), ...putDown(plan, b, rb, '')];
}
