/** A large made-up plan from a seed, for benchmarks only: units along the walls of a hall, supplies of all forms. */
import { applyChanges, set, type Change } from '@heronstone/core/model/change.ts';
import { emptyPlan, type Plan } from '@heronstone/core/model/plan.ts';
import { seeded } from '@heronstone/core/geometry/seeded.ts';
import { usualOrientations } from '@heronstone/core/fit/forms.ts';
import { UNIT_TYPES } from '@heronstone/library/units.ts';

/**
 * @param supplies how many lines of supplies
 * @param compartments about how many compartments (drawer units have nine each, cube shelves eight)
 */
export function largePlan(supplies: number, compartments: number, seed: number): Plan {
  const random = seeded(seed);
  const pick = (least: number, most: number) => Math.round(least + random() * (most - least));
  const side = 12_000;
  const changes: Change[] = [
    [0, 0],
    [side, 0],
    [side, side],
    [0, side],
  ].map(([x, y], order) =>
    set('corners', `c${order}`, { id: `c${order}`, order, x: x!, y: y!, wall: `Wall ${order}` }),
  );
  const drawers = UNIT_TYPES.find((t) => t.title === 'Tall drawer unit')!.shape;
  const cubes = UNIT_TYPES.find((t) => t.title === 'Cube shelf')!.shape;
  let made = 0;
  for (let i = 0; made < compartments; i++) {
    const shape = i % 2 === 0 ? drawers : cubes;
    made += i % 2 === 0 ? 9 : 8;
    // Rows of units 1.6 m apart, back to the north.
    changes.push(
      set('units', `u${i}`, {
        ...shape,
        id: `u${i}`,
        name: `Unit ${i}`,
        x: 500 + (i % 14) * 800,
        y: 400 + Math.floor(i / 14) * 1600,
        turn: 0,
      }),
    );
  }
  changes.push(set('people', 'p', { id: 'p', name: 'Maker', stature: 1700 }));
  for (let i = 0; i < 4; i++) {
    changes.push(
      set('stations', `s${i}`, {
        id: `s${i}`,
        name: `Seat ${i}`,
        unit: null,
        person: 'p',
        x: pick(1000, side - 1000),
        y: pick(1000, 6000),
        facing: 90 * i,
        posture: 'seated',
        seatHeight: 450,
      }),
    );
    changes.push(
      set('activities', `a${i}`, {
        id: `a${i}`,
        name: `Activity ${i}`,
        sessionsPerWeek: pick(1, 5),
        minutes: 60,
        station: `s${i}`,
      }),
    );
  }
  for (let i = 0; i < supplies; i++) {
    const form = (['pieces', 'pieces', 'pieces', 'sheets', 'loose'] as const)[pick(0, 4)]!;
    const size =
      form === 'sheets'
        ? { length: 297, width: 210, thickness: 0.2 }
        : form === 'loose'
          ? { length: pick(5, 25), width: pick(4, 20), thickness: pick(2, 12) }
          : { length: pick(60, 250), width: pick(20, 110), thickness: pick(8, 60) };
    changes.push(
      set('supplies', `x${i}`, {
        id: `x${i}`,
        name: `Thing ${i}`,
        category: '',
        form,
        count: pick(1, form === 'pieces' ? 8 : 120),
        ...size,
        grammage: form === 'sheets' ? 160 : null,
        mass: form === 'sheets' ? null : pick(5, 400),
        orientations: usualOrientations(form),
        goesBack: form === 'pieces',
        note: '',
      }),
    );
    changes.push(
      set('uses', `y${i}`, {
        id: `y${i}`,
        supply: `x${i}`,
        activity: `a${pick(0, 3)}`,
        fetches: Math.round(random() ** 3 * 80) / 10,
      }),
    );
  }
  return applyChanges(emptyPlan({ id: 'large', ceiling: 3000 }), changes).plan;
}
