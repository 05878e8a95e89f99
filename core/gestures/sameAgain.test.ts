/** The same again: into free openings only, never more than stand there, names that differ. */
import fc from 'fast-check';
import { boxUnit, having, rectangle, unitRow } from '@heronstone/testing/rooms.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { CONTAINER_TYPES } from '@heronstone/library/containerTypes.ts';
import { UNIT_TYPES } from '@heronstone/library/units.ts';
import { applyChanges, set } from '../model/change.ts';
import { evaluate } from '../report/evaluate.ts';
import { sceneOf } from '../scene/scene.ts';
import { containersAgain, freeOpenings, insertAgain, moreStand, newInsert, placesAlike } from './sameAgain.ts';

const room = having(
  rectangle(4000, 3000),
  unitRow(
    boxUnit('cubes', 1000, 190, 714, 380, {
      kind: 'cube shelf',
      columns: 2,
      tiers: [330, 330, 330, 330],
      height: 1428,
      board: 18,
    }),
  ),
);
const ids = () => {
  let n = 0;
  return () => `n${n++}`;
};
const slots = UNIT_TYPES.find((t) => t.title === 'Paper slots')!.shape;
const bin = {
  ...CONTAINER_TYPES[0]!.shape,
  width: 160,
  depth: 370,
  height: 150,
  insideWidth: 154,
  insideDepth: 364,
  insideHeight: 147,
};
const withBin = (width: number) =>
  having(
    room,
    set('containers', 'b', {
      ...{ ...bin, width, insideWidth: width - 6 },
      ...{ id: 'b', name: 'Bin', owned: false, labelled: false, arrangement: 'planned', unit: 'cubes', slot: 'c1r1' },
      ...{ parent: null, x: null, y: null, turned: false },
    }),
  );

test('an insert of the library goes into the first free opening, then into all others', () => {
  expect(freeOpenings(room, slots)).toHaveLength(8);
  const newId = ids();
  const first = newInsert(room, slots, newId)!;
  const one = applyChanges(room, first.changes).plan;
  expect(first.unit).toMatchObject({ host: 'cubes', hostSlot: 'c1r1' });
  const all = applyChanges(one, insertAgain(one, first.unit.id, newId)).plan;
  expect(Object.values(all.units).filter((u) => u.host === 'cubes')).toHaveLength(8);
  expect(new Set(Object.values(all.units).map((u) => u.name)).size).toBe(9);
  expect(evaluate(all).findings.filter((f) => f.severity === 'error')).toEqual([]);
  expect(insertAgain(all, first.unit.id, newId)).toEqual([]);
  expect(newInsert(all, slots, newId)).toBeNull();
});

test('an opening in which something lies or stands is left as it is', () => {
  const plan = withBin(160);
  expect(freeOpenings(plan, slots).map((c) => c.slot)).not.toContain('c1r1');
  expect(freeOpenings(plan, { width: 331, depth: 380, height: 330 })).toEqual([]);
});

test.each([
  [165, 2],
  [110, 3],
  [82, 4],
])('bins of %d mm: %d in an opening of 330 mm (common practice, no source)', (width, many) => {
  const plan = withBin(width);
  const place = sceneOf(plan).compartment.get('cubes/c1r1')!;
  expect(1 + moreStand(plan, 'b', place)).toBe(many);
  const others = placesAlike(plan, 'b');
  expect(others.map(([, n]) => n)).toEqual(Array.from({ length: 7 }, () => many));
  const newId = ids();
  const full = applyChanges(plan, containersAgain(plan, 'b', [[place, many - 1], ...others], newId)).plan;
  expect(Object.keys(full.containers)).toHaveLength(8 * many);
  expect(new Set(Object.values(full.containers).map((c) => c.name)).size).toBe(8 * many);
  const report = evaluate(full);
  for (const c of Object.values(report.containers)) expect(c.reason).toBeNull();
  expect(moreStand(full, 'b', place)).toBe(0);
});

test('property: as many as are said stand there, and one more does not', () => {
  fc.assert(
    fc.property(fc.integer({ min: 40, max: 330 }), fc.integer({ min: 60, max: 380 }), (width, depth) => {
      const start = withBin(width);
      const plan = having(
        start,
        set('containers', 'b', { width, insideWidth: width - 6, depth, insideDepth: depth - 6 }),
      );
      const place = sceneOf(plan).compartment.get('cubes/c1r1')!;
      const more = moreStand(plan, 'b', place);
      const put = (n: number) => evaluate(applyChanges(plan, containersAgain(plan, 'b', [[place, n]], ids())).plan);
      expect(Object.values(put(more).containers).every((c) => c.reason === null)).toBe(true);
      expect(Object.values(put(more + 1).containers).some((c) => c.reason !== null)).toBe(true);
    }),
    { numRuns: runs(15, 300) },
  );
});
