/** Homes of one kind at one seat: which things are drawn to the largest of them, and what it weighs when they lie far from it. */
import { demoPlan } from '@heronstone/testing/demo.ts';
import { orderOf, wantedOf } from '../cost/sortingCost.ts';
import { applyChanges, set, setMeta } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import { compartmentId, sceneOf, usesOf } from '../scene/scene.ts';
import { homesOf } from './homes.ts';
import { kinOf } from './kin.ts';

const byHomes = applyChanges(demoPlan(), [
  setMeta(demoPlan(), { sorting: { ...demoPlan().meta.sorting, way: 'home' } }),
]).plan;
const planned = (plan: Plan) => Object.values(plan.placements).filter((p) => p.arrangement === 'planned');

test('kin are of one kind and seat and of two homes; the first is of the largest of them; machines have none', () => {
  const scene = sceneOf(byHomes);
  const { of } = homesOf(scene);
  const seat = (id: string) => [...usesOf(scene, id)].sort((a, b) => b.fetches - a.fetches)[0]?.station;
  const pairs = kinOf(scene);
  expect(pairs.length).toBeGreaterThan(10);
  for (const [first, other] of pairs) {
    const [a, b] = [byHomes.supplies[first]!, byHomes.supplies[other]!];
    expect(b.category.toLowerCase()).toBe(a.category.toLowerCase());
    expect(seat(other)).toBe(seat(first));
    expect(of.get(other)).not.toBe(of.get(first));
    const there = (id: string) =>
      of.get(id)!.supplies.filter((s) => byHomes.supplies[s]!.category === a.category && seat(s) === seat(first))
        .length;
    expect(there(first)).toBeGreaterThanOrEqual(there(other));
    expect([a.form, b.form]).not.toContain('machine');
  }
});

test('a thing that moves into the furniture of its kin weighs less for it', () => {
  const scene = sceneOf(byHomes);
  const list = planned(byHomes);
  const at = (id: string) => list.find((p) => p.supply === id && !p.spare);
  const [first, other] = kinOf(scene).find(([a, b]) => at(a) && at(b) && at(a)!.unit !== at(b)!.unit)!;
  const [here, there] = [at(first)!, at(other)!];
  const beside = list.map((p) =>
    p === there ? { ...p, unit: here.unit, slot: here.slot, container: here.container } : p,
  );
  const alone = [here, there];
  expect(compartmentId(beside.find((p) => p.id === there.id)!)).toBe(compartmentId(here));
  const moved = beside.filter((p) => alone.some((a) => a.id === p.id));
  const weighs = (placements: typeof list) => orderOf(scene, placements).minutes - orderOf(scene, placements).rent;
  // Both in one place: a further home in it weighs less than the way between them.
  expect(weighs(moved)).toBeLessThan(weighs(alone));
});

test('a place that is kept for things draws them, and nothing is drawn to one in which it cannot lie', () => {
  const slot = sceneOf(byHomes).compartments.find((c) => c.access === 'drawer' && c.inside.width > 200)!;
  const supply = Object.values(byHomes.supplies).find((s) => s.form === 'pieces' && s.length < 100 && s.count < 5)!;
  const keep = { id: 'kept', unit: slot.unit, slot: slot.slot, container: null, for: 'these' as const };
  const plan = applyChanges(byHomes, [
    set('keeps', 'kept', { ...keep, things: [supply.category], lines: null, litres: null }),
  ]).plan;
  const [before, scene] = [sceneOf(byHomes), sceneOf(plan)];
  const elsewhere = scene.compartments.find((c) => c.unit !== slot.unit && c.access === 'drawer')!;
  const inside = scene.compartment.get(slot.id)!;
  const more = (c: typeof slot) =>
    wantedOf(scene).given(supply, c) - wantedOf(before).given(supply, before.compartment.get(c.id)!);
  expect(more(elsewhere)).toBeCloseTo(scene.constants.strangers, 9);
  expect(more(inside)).toBeLessThanOrEqual(1e-9);
  const large = { ...supply, id: 'large', length: 3000, width: 900, thickness: 900 };
  expect(wantedOf(scene).given(large, elsewhere)).toBeLessThanOrEqual(wantedOf(before).given(large, elsewhere));
});
