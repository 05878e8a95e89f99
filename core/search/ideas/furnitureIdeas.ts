/** Ideas about furniture that could be added. */
import { compartmentsOf, litresIn } from '../../furniture/compartments.ts';
import { set } from '../../model/change.ts';
import { STANDING_DEFAULTS, UNIT_DEFAULTS, type Plan, type Unit } from '../../model/plan.ts';
import { stands } from '../../room/spot.ts';
import { wallsOf } from '../../room/walls.ts';
import type { Idea, UnitType } from './idea.ts';
import { MOST, harmless, busy, farFrom } from './idea.ts';

/** Steps in which places along the walls and over the floor are tried, mm. */
const STEP = 150;

/** Furniture of the library where it stands free at a wall, as near as can be to where most is fetched. */
export function more(plan: Plan, types: readonly UnitType[]): Idea[] {
  const seatsOf = busy(plan);
  const walls = wallsOf(plan);
  const ideas: Array<Idea & { far: number }> = [];
  for (const { title, shape } of types) {
    const id = `new-${title.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`.slice(0, 60);
    if (shape.kind === 'table' || plan.units[id]) continue;
    const unit: Omit<Unit, 'x' | 'y' | 'turn'> = {
      ...UNIT_DEFAULTS,
      ...STANDING_DEFAULTS,
      ...shape,
      id,
      name: title,
      owned: false,
    };
    const litres = litresIn(compartmentsOf({ ...unit, x: 0, y: 0, turn: 0 }));
    if (litres === 0) continue;
    const spots: Array<Pick<Unit, 'x' | 'y' | 'turn'>> = [];
    for (const wall of walls)
      for (let start = 0; start + unit.width <= wall.length; start += STEP) {
        const [along, deep] = [start + unit.width / 2, unit.depth / 2];
        const covers = Object.values(plan.openings).some(
          (o) =>
            o.corner === wall.id &&
            o.sill < unit.bottom + unit.height &&
            o.sill + o.height > unit.bottom &&
            start < o.offset + o.width &&
            start + unit.width > o.offset,
        );
        if (covers) continue;
        spots.push({
          x: Math.round(wall.from.x + wall.along.x * along + wall.inward.x * deep),
          y: Math.round(wall.from.y + wall.along.y * along + wall.inward.y * deep),
          turn: wall.turn,
        });
      }
    spots.sort((a, b) => farFrom(seatsOf, a) - farFrom(seatsOf, b));
    const spot = spots.find(
      (s) => stands({ ...unit, ...s }, plan) && harmless(plan, [set('units', id, { ...unit, ...s })]),
    );
    if (!spot) continue;
    const wall = walls.find((w) => w.turn === spot.turn);
    ideas.push({
      id: `unit ${id}`,
      kind: 'another unit',
      title: `${title} ${wall ? `at ${wall.name}` : ''}`.trim(),
      changes: [set('units', id, { ...unit, ...spot })],
      price: shape.price,
      basis: 'planned',
      far: farFrom(seatsOf, spot) / Math.sqrt(litres),
    });
  }
  return ideas
    .sort((a, b) => a.far - b.far)
    .slice(0, 2 * MOST)
    .map(({ far: _, ...idea }) => idea);
}
