/** Random rooms with furniture that stands at random within the clearances, a seat at a table, and things that are fetched. */
import { set, applyChanges, type Change } from '@heronstone/core/model/change.ts';
import {
  emptyPlan,
  STANDING_DEFAULTS,
  SUPPLY_DEFAULTS,
  UNIT_DEFAULTS,
  type Plan,
  type Unit,
} from '@heronstone/core/model/plan.ts';
import { compartmentsOf } from '@heronstone/core/furniture/compartments.ts';
import { seeded } from '@heronstone/core/geometry/seeded.ts';
import { putDown } from '@heronstone/core/room/putDown.ts';
import { choicesOf, faultsOf, type Stand } from '@heronstone/core/search/furniture/stands.ts';

const plain = { ...UNIT_DEFAULTS, ...STANDING_DEFAULTS, board: 16 };
const drawers: Partial<Unit> = {
  kind: 'drawer unit',
  width: 400,
  depth: 450,
  height: 722,
  board: 12,
  tiers: [100, 150, 200, 200],
};
const shelf: Partial<Unit> = { kind: 'bookcase', width: 800, depth: 280, height: 1430, tiers: [300, 350, 350, 350] };
const cubes: Partial<Unit> = {
  kind: 'cube shelf',
  width: 706,
  depth: 390,
  height: 1400,
  columns: 2,
  tiers: [330, 330, 330, 330],
};

/**
 * A room of 3 to 5 m with a door, a table with a seat and a number of pieces of furniture, some of which serve the seat often.
 * @param pieces of furniture beside the table
 */
export function roomToArrange(seed: number, pieces: number): Plan {
  const random = seeded(seed);
  const [x, y] = [3000 + Math.round(random() * 2000), 3000 + Math.round(random() * 1500)];
  const kinds = Array.from({ length: pieces }, () => [drawers, shelf, cubes][Math.floor(random() * 3)]!);
  for (;;) {
    const base = roomWith(x, y, kinds, random);
    // Where everything stands: at random, until nothing is wrong with it.
    const plan = standing(base, random);
    if (plan) return plan;
  }
}

function roomWith(x: number, y: number, kinds: ReadonlyArray<Partial<Unit>>, random: () => number): Plan {
  const corners = [
    [0, 0],
    [x, 0],
    [x, y],
    [0, y],
  ] as const;
  const at = { x: x / 2, y: y / 2, turn: 0 };
  const changes: Change[] = corners.map(([cx, cy], order) =>
    set('corners', `c${order}`, { id: `c${order}`, order, x: cx, y: cy, wall: `Wall ${order}` }),
  );
  changes.push(
    set('openings', 'door', {
      ...{ id: 'door', kind: 'door', corner: 'c0', offset: 150, width: 800, height: 2000, sill: 0 },
      ...{ hinge: 'left', swing: 'in' },
    }),
    set('people', 'p', { id: 'p', name: 'Maker', stature: 1700 }),
    set('units', 'table', {
      ...plain,
      id: 'table',
      name: 'Table',
      kind: 'table',
      width: 1200,
      depth: 600,
      height: 740,
      board: 28,
      storeDepth: 0,
      ...at,
    }),
    set('stations', 'seat', {
      ...{ id: 'seat', name: 'Seat', person: 'p', unit: 'table', posture: 'seated', seatHeight: 450, facing: 0 },
      ...{ x: at.x, y: at.y + 550 },
    }),
    set('activities', 'a', { id: 'a', name: 'Work', station: 'seat', sessionsPerWeek: 3, minutes: 60 }),
  );
  kinds.forEach((shape, i) => {
    const unit = { ...plain, ...shape, id: `u${i}`, name: `Unit ${i}`, ...at } as Unit;
    changes.push(set('units', unit.id, unit));
    const slots = compartmentsOf(unit);
    const supply = `s${i}`;
    changes.push(
      set('supplies', supply, {
        ...SUPPLY_DEFAULTS,
        ...{
          id: supply,
          name: `Thing ${i}`,
          category: '',
          form: 'pieces',
          count: 2,
          length: 60,
          width: 40,
          thickness: 30,
        },
        ...{ orientations: ['flat'], goesBack: true, mass: 50, grammage: null, note: '', squeeze: 1 },
      }),
      set('uses', `use${i}`, { id: `use${i}`, supply, activity: 'a', fetches: Math.round(1 + random() * 12) }),
      set('placements', `at${i}`, {
        ...{ id: `at${i}`, arrangement: 'planned', supply, unit: unit.id, slot: slots[0]!.slot, count: 2 },
        ...{ container: null, orientation: null, pinned: true },
      }),
    );
  });
  return applyChanges(emptyPlan({ id: 'room', ceiling: 2500 }), changes).plan;
}

/** Every piece at a place along a wall that is fine by itself, tried at random; null when nothing was found. */
function standing(plan: Plan, random: () => number): Plan | null {
  const units = Object.values(plan.units);
  const choices = choicesOf(plan, units, 300);
  for (let n = 0; n < 400; n++) {
    const changes: Change[] = choices.flatMap(({ unit, stands }) => {
      const stand: Stand = stands[1 + Math.floor(random() * (stands.length - 1))] ?? stands[0]!;
      return putDown(plan, unit, stand, '');
    });
    const placed = applyChanges(plan, changes).plan;
    if (faultsOf(placed).length === 0) return placed;
  }
  return null;
}
