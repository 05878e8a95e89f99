/** A machine that stands where it is used is walked to, and never carried. */
import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import { thing } from '@heronstone/testing/thing.ts';
import { applyChanges, set } from '../model/change.ts';
import type { Plan, Supply } from '../model/plan.ts';
import { evaluate } from '../report/evaluate.ts';
import { explain } from '../ask/explain.ts';
import { sceneOf } from '../scene/scene.ts';
import { usedInPlace } from './atWork.ts';

const PLACED = { orientation: null, pinned: false };
const machine: Supply = thing({
  ...{ id: 'm', name: 'Sewing machine', form: 'machine', mass: 8500, orientations: ['flat'] },
  ...{ length: 410, width: 200, thickness: 310, workFront: 200, workBack: 250 },
});
/** A table with its seat and a shelf; the machine on the first of them, or in the second, and used twice a week. */
const room = (store: number, unit: string, slot: string, more: Partial<Supply> = {}): Plan =>
  applyChanges(
    having(
      rectangle(4000, 3000),
      unitRow(boxUnit('t', 2000, 400, 1600, 700, { kind: 'table', height: 740, storeDepth: store })),
      unitRow(
        boxUnit('b', 3600, 1500, 800, 400, {
          kind: 'bookcase',
          height: 900,
          tiers: [400, 400],
          storeDepth: 400,
          turn: 90,
        }),
      ),
      ...seatRows('s', 2000, 1000, { unit: 't' }),
    ),
    [
      set('supplies', 'm', { ...machine, ...more }),
      set('activities', 'a', { id: 'a', name: 'Sewing', sessionsPerWeek: 2, minutes: 60, station: 's' }),
      set('uses', 'u', { id: 'u', activity: 'a', supply: 'm', fetches: 1 }),
      set('placements', 'p', { id: 'p', supply: 'm', unit, slot, count: 1, arrangement: 'planned', ...PLACED }),
    ],
  ).plan;

test('on the table at which it works it is walked to, and nothing is lifted; out of the shelf it is carried', () => {
  const [table, shelf] = [evaluate(room(250, 't', 'top')), evaluate(room(250, 'b', 's1'))];
  expect(table.placements.p!.badly).toBeNull();
  expect(table.placements.p!.secondsPerFetch).toBeLessThan(5);
  expect(shelf.placements.p!.secondsPerFetch).toBeGreaterThan(15);
  const motions = explain(room(250, 't', 'top'), table, 'p');
  expect(motions.elements.map((e) => e.kind)).not.toContain('grasp');
  expect(motions.returning).toEqual([]);
  expect(motions.reasons).toContain('It is used where it stands, so nobody carries it.');
  // The elements add up to the figure.
  const sum = motions.elements.reduce((n, e) => n + e.seconds, 0);
  expect(sum).toBeCloseTo(table.placements.p!.secondsPerFetch, 6);
  expect(table.strain.planned.lifts).toEqual([]);
  expect(shelf.strain.planned.lifts.map((l) => l.placement)).toEqual(['p']);
});

test.each([
  ['the table is as deep as machine and cloth', {}, true],
  ['the cloth runs into the wall', { workBack: 700 }, false],
  ['it is no machine', { form: 'pieces' as const }, false],
])('%s: used in place %s', (_, more, used) => {
  const plan = room(250, 't', 'top', more);
  const scene = sceneOf(plan);
  expect(usedInPlace(scene, plan.supplies.m!, scene.compartment.get('t/top')!)).toBe(used);
  // In a shelf or on a low or high top nobody works at it.
  expect(usedInPlace(scene, plan.supplies.m!, scene.compartment.get('b/s1')!)).toBe(false);
  for (const height of [500, 1100]) {
    const other = sceneOf(applyChanges(plan, [set('units', 't', { height })]).plan);
    expect(usedInPlace(other, plan.supplies.m!, other.compartment.get('t/top')!)).toBe(false);
  }
});

test('a machine is seen at once: what lies beside it is found as quickly as alone', () => {
  const small = { ...thing({ id: 'k', name: 'Shears' }), count: 1 };
  const beside = (plan: Plan) =>
    evaluate(
      applyChanges(plan, [
        set('supplies', 'k', small),
        set('uses', 'v', { id: 'v', activity: 'a', supply: 'k', fetches: 5 }),
        set('placements', 'q', {
          id: 'q',
          supply: 'k',
          unit: 't',
          slot: 'top',
          count: 1,
          arrangement: 'planned',
          ...PLACED,
        }),
      ]).plan,
    ).placements.q!.secondsPerFetch;
  expect(beside(room(250, 't', 'top'))).toBeCloseTo(beside(room(250, 'b', 's1')), 9);
});
