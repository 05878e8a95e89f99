import { craftsWith, KINDS } from '@heronstone/library/usualSizes.ts';
import { applyChanges, set, type Change } from '../model/change.ts';
import { emptyPlan, type Plan } from '../model/plan.ts';
import { likelyUse, usesForAll } from './likelyUse.ts';
import { readLine } from './read.ts';
import { addSupplies } from './addSupplies.ts';

let n = 0;
const newId = () => `u${n++}`;
const crafts = { craftsWith, kinds: KINDS };
const activity = (name: string): Change => {
  const id = newId();
  return set('activities', id, { id, name, sessionsPerWeek: 2, minutes: 60, station: null });
};
const having = (names: readonly string[], lines: readonly string[] = []): Plan => {
  const plan = applyChanges(emptyPlan({ id: 'p' }), names.map(activity)).plan;
  const made = lines.map((l) => ({ draft: readLine(l, 'metric', [], KINDS).draft!, uses: [] }));
  return applyChanges(plan, addSupplies(plan, made, newId)).plan;
};

test('a thing is for the only activity, for the craft of its kind, for its family, else for the first', () => {
  const of = (names: string[], category: string) => likelyUse(having(names), category, crafts)?.activity;
  expect(of([], 'thread')).toBeUndefined();
  expect(of(['Puppets'], 'thread')).toBe('Puppets');
  expect(of(['Paper cards', 'Sewing'], 'thread')).toBe('Sewing');
  expect(of(['Paper cards', 'Sewing'], 'stamps')).toBe('Paper cards');
  expect(of(['Fabric dolls', 'Paper theatre'], 'needles')).toBe('Fabric dolls');
  expect(of(['Fabric dolls', 'Paper theatre'], 'inks')).toBe('Paper theatre');
  expect(of(['Fabric dolls', 'Paper theatre'], 'safety')).toBe('Fabric dolls');
});

test('everything without a use gets one, and an activity where there is none; what has one keeps it', () => {
  const empty = having([], ['60 spools of thread', '12 markers']);
  const after = applyChanges(empty, usesForAll(empty, crafts, newId)).plan;
  expect(Object.values(after.activities).map((a) => a.name)).toEqual(['Crafting']);
  expect(Object.values(after.uses)).toHaveLength(2);
  expect(usesForAll(after, crafts, newId)).toEqual([]);
});
