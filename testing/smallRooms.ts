/** Small random rooms, so small that all their plans can be tried: a few places, a few things, room that is scarce. */
import { seeded } from '@heronstone/core/geometry/seeded.ts';
import { applyChanges, set, setMeta, type Change } from '@heronstone/core/model/change.ts';
import type { Form, Placement, Plan, Supply } from '@heronstone/core/model/plan.ts';
import { usualOrientations } from '@heronstone/core/fit/forms.ts';
import { usualUse } from '@heronstone/core/fit/usedUp.ts';
import type { Compartment } from '@heronstone/core/furniture/compartments.ts';
import { layPlace, packPlace } from '@heronstone/core/report/contents.ts';
import type { PlacementReport } from '@heronstone/core/report/report.ts';
import { setupsOf } from '@heronstone/core/report/setupTime.ts';
import { contentsOf, fetchesAWeek, sceneOf } from '@heronstone/core/scene/scene.ts';
import { boxUnit, having, rectangle, seatRows, unitRow } from './rooms.ts';
import { thing } from './thing.ts';

const FORMS: readonly Form[] = [
  'pieces',
  'pieces',
  'pieces',
  'sheets',
  'bottles',
  'rolls',
  'soft',
  'loose',
  'set',
  'long',
];

/** @param most things at the most, and places */
export function smallRoom(seed: number, most = { things: 4, places: 3 }): Plan {
  const random = seeded(seed);
  const between = (a: number, b: number) => a + Math.floor(random() * (b - a + 1));
  const pick = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)]!;
  const units: Change[] = [];
  const kinds = [
    () =>
      boxUnit('a', 700, 200, between(300, 700), between(200, 380), {
        kind: 'bookcase',
        tiers: [between(120, 320), between(120, 320)],
        height: 720,
      }),
    () =>
      boxUnit('a', 700, 250, between(250, 500), between(300, 450), {
        kind: 'drawer unit',
        tiers: [between(60, 160), between(60, 200)],
        columns: 1,
        height: 500,
      }),
    () =>
      boxUnit('a', 700, 160, between(300, 700), between(150, 300), {
        kind: 'wall shelf',
        tiers: [250],
        bottom: between(900, 1500),
        height: 20,
      }),
  ];
  units.push(unitRow({ ...pick(kinds)(), id: 'a', name: 'One' }));
  if (random() < 0.7 && most.places > 2) {
    const second = pick(kinds)();
    units.push(unitRow({ ...second, id: 'b', name: 'Two', x: 2700, y: second.y }));
  }
  const things: Change[] = [];
  const many = between(2, most.things);
  for (let i = 0; i < many; i++) {
    const form = pick(FORMS);
    const count = pick([1, 1, 1, between(2, 6), between(5, 60)]);
    const [l, w, t] = [between(60, 420), between(30, 300), between(5, 160)].sort((x, y) => y - x) as [
      number,
      number,
      number,
    ];
    const sizes =
      form === 'sheets'
        ? { length: pick([297, 305, 210]), width: pick([210, 305, 148]), thickness: 0.3 }
        : form === 'loose'
          ? { length: 8, width: 8, thickness: 6 }
          : form === 'bottles' || form === 'rolls'
            ? { length: l, width: Math.min(w, 90), thickness: Math.min(w, 90) }
            : { length: l, width: w, thickness: t };
    const kind = pick(['tools', 'paints', 'card and paper', 'cutting']);
    things.push(
      set('supplies', `t${i}`, {
        ...thing({
          id: `t${i}`,
          name: `Thing ${i}`,
          form,
          count: form === 'loose' ? count * 20 : count,
          category: kind,
          ...sizes,
        }),
        orientations: usualOrientations(form),
        ...usualUse({ form, category: kind }),
      } as Supply),
      set('uses', `u${i}`, { id: `u${i}`, supply: `t${i}`, activity: 'w', fetches: between(1, 12) }),
    );
  }
  const plan = having(
    rectangle(3600, 3200),
    ...units,
    ...seatRows('s', between(900, 2600), between(1300, 2500), {
      facing: pick([0, 90, 180, 270]),
      posture: pick(['seated', 'standing']),
    }),
    set('activities', 'w', { id: 'w', name: 'Work', station: 's', sessionsPerWeek: between(1, 5), minutes: 60 }),
    ...things,
  );
  return applyChanges(plan, [setMeta(plan, { roomToGrow: pick([0, 0.1, 0.2]) })]).plan;
}

/** Whether the Report accepts what is planned: all of it fits as it should lie, where it may. */
export function accepted(placements: readonly PlacementReport[]): boolean {
  return placements.every((p) => p.fits >= p.count && p.badly === null && p.barred === null);
}

/**
 * The plan with the fewest minutes of all in which each thing lies whole in one place, or nowhere, as the Report judges them. What
 * lies in a place is judged once for each set of things: places make no difference to each other.
 */
export function cheapestPlan(plan: Plan): { minutes: number; best: Plan } {
  const scene = sceneOf(plan);
  const supplies = Object.values(plan.supplies);
  const setup = setupsOf(scene).reduce((sum, s) => sum + (s.seconds * s.times) / 60, 0);
  const row = (i: number, c: Compartment): Placement => ({
    ...{ id: `p${i}`, arrangement: 'planned', supply: supplies[i]!.id },
    ...{ unit: c.unit, slot: c.slot, container: c.container, count: supplies[i]!.count },
    ...{ orientation: null, pinned: false, spare: false, part: null, returns: null },
  });
  const judged = scene.compartments.map((c) => {
    let refused = 0;
    return Array.from({ length: 1 << supplies.length }, (_, set) => {
      // What is refused by itself, and that comes first, is refused beside others, too.
      if (set & refused) return null;
      const own = supplies.map((_, i) => i).filter((i) => set & (1 << i));
      const rows = own.map((i) => row(i, c));
      const fake = { ...plan, placements: Object.fromEntries(rows.map((p) => [p.id, p])) };
      const here = { ...scene, plan: fake };
      const list = contentsOf(here, 'planned').get(c.id) ?? [];
      const { placements } = packPlace(here, c, list, 'planned', new Map(), layPlace(here, c, list, 'planned'));
      if (accepted(placements)) return placements.reduce((sum, p) => sum + p.minutesPerWeek + p.penaltyMinutes, 0);
      if (own.length === 1) refused |= set;
      return null;
    });
  });
  const hunted = supplies.map((s) => (fetchesAWeek(scene, s.id) * scene.constants.hunt) / 60);
  let best: { minutes: number; at: number[] } = { minutes: Infinity, at: [] };
  const go = (i: number, at: readonly number[]): void => {
    if (i < supplies.length) {
      for (let j = -1; j < judged.length; j++) go(i + 1, [...at, j]);
      return;
    }
    let minutes = setup;
    for (const [k, j] of at.entries()) if (j < 0) minutes += hunted[k]!;
    for (const [j, own] of judged.entries()) {
      const set = at.reduce((sum, to, k) => sum + (to === j ? 1 << k : 0), 0);
      const here = own[set]!;
      if (here === null) return;
      minutes += here;
    }
    if (minutes < best.minutes) best = { minutes, at: [...at] };
  };
  go(0, []);
  const rows = best.at.flatMap((j, i) => (j < 0 ? [] : [row(i, scene.compartments[j]!)]));
  return {
    minutes: best.minutes,
    best: { ...plan, placements: Object.fromEntries(rows.map((p) => [p.id, p])) },
  };
}
