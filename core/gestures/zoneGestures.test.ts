import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { applyChanges, set, type Change } from '../model/change.ts';
import { samePlan, type Plan } from '../model/plan.ts';
import { roundsBefore } from '../changeover/rounds.ts';
import { evaluate } from '../report/evaluate.ts';
import { nameOfZone } from '../zones/zonesOfPlan.ts';
import * as by from './zoneGestures.ts';

const demo = withFewThings(
  demoPlan(),
  ['acrylics-bottled', 'awl', 'brushes-fine', 'card-a3-white', 'gouache-tubes', 'gouges', 'primer', 'varnish-matt'],
  3,
);
let next = 0;
const newId = () => `new${next++}`;
/** Makes changes and sees that undo takes all of them back. */
function made(plan: Plan, changes: Change[]): Plan {
  const after = applyChanges(plan, changes);
  expect(samePlan(applyChanges(after.plan, after.inverse).plan, plan)).toBe(true);
  return after.plan;
}
const said = evaluate(demo);

test('zones: kept as they are proposed, a new one, an activity into another, merged with all that is theirs', () => {
  const kept = made(demo, by.keepZones(said));
  expect(
    Object.values(kept.zones)
      .map((z) => z.letter)
      .sort(),
  ).toEqual(['A', 'B', 'C']);
  expect(kept.activities.sewing!.zone).toBe('zone-sewing');
  expect(by.keepZones(evaluate(kept))).toEqual([]);
  const more = made(demo, by.addZone(demo, said, 'Strings', ['stringing'], newId));
  const own = Object.values(more.zones).find((z) => z.name === 'Strings')!;
  expect([own.letter, more.activities.stringing!.zone]).toEqual(['D', own.id]);
  const moved = made(more, by.moveActivity(more, evaluate(more), 'pulp', own.id));
  expect(
    evaluate(moved)
      .zones.find((z) => z.id === own.id)!
      .activities.sort(),
  ).toEqual(['pulp', 'stringing']);
  const given = made(
    moved,
    by.give(moved, evaluate(moved), { unit: 'slim', slot: '', container: null }, { as: 'zone', zone: own.id }, newId),
  );
  const merged = made(given, by.mergeZones(given, evaluate(given), own.id, 'zone-sewing'));
  expect(merged.zones[own.id]).toBeUndefined();
  expect(merged.activities.pulp!.zone).toBe('zone-sewing');
  expect(Object.values(merged.allotments)).toMatchObject([{ unit: 'slim', zone: 'zone-sewing' }]);
});

test('what is left of a zone is named after what is in it; a name of the maker’s own stays', () => {
  const zones = Object.fromEntries(said.zones.map((z) => [z.id, z.activities]));
  const [id, activities] = Object.entries(zones).find(([, own]) => own.length > 1)!;
  const two = made(demo, [
    ...by.keepZones(said),
    ...activities.slice(2).map((a) => set('activities', a, { zone: Object.keys(zones).find((z) => z !== id)! })),
    set('zones', id, { name: nameOfZone(activities.slice(0, 2).map((a) => demo.activities[a]!)) }),
  ]);
  const [stays, leaves] = activities as [string, string];
  const alone = made(two, by.addZone(two, evaluate(two), 'Another', [leaves], newId));
  expect(two.zones[id]!.name).toContain(' and ');
  expect(alone.zones[id]!.name).toBe(demo.activities[stays]!.name);
  const own = made(two, [set('zones', id, { name: 'My corner' })]);
  expect(made(own, by.addZone(own, evaluate(own), 'Another', [leaves], newId)).zones[id]!.name).toBe('My corner');
});

test('giving: a unit, one of its places to another, shared by two, storage, and open again', () => {
  const place = (slot: string) => ({ unit: 'tall', slot, container: null });
  const zone = (id: string) => ({ as: 'zone', zone: id }) as const;
  const give = (plan: Plan, slot: string, to: Parameters<typeof by.give>[3], more = {}) =>
    made(plan, by.give(plan, evaluate(plan), place(slot), to, newId, more));
  const letters = (plan: Plan, slot: string) => evaluate(plan).compartments.find((c) => c.id === `tall/${slot}`)!.given;
  const whole = give(demo, '', zone('zone-sewing'));
  expect(letters(whole, 'd3')).toEqual({ as: 'zone', zones: ['zone-sewing'], firm: true });
  const part = give(whole, 'd3', zone('zone-theatre'), { firm: false });
  expect([letters(part, 'd3').zones, letters(part, 'd4').zones]).toEqual([['zone-theatre'], ['zone-sewing']]);
  const shared = give(part, 'd3', zone('zone-carving'), { shared: true });
  expect(letters(shared, 'd3').zones).toEqual(['zone-carving', 'zone-theatre']);
  expect(letters(give(shared, 'd4', { as: 'storage' }), 'd4')).toMatchObject({ as: 'storage', zones: [] });
  expect(letters(give(shared, 'd4', { as: 'open' }), 'd4').as).toBe('open');
  // What is said of the whole goes before what was said of its places.
  const again = give(shared, '', { as: 'open' });
  expect(Object.keys(again.allotments)).toEqual([]);
});

test('homes: renamed, merged, split, a thing moved, left to the program again; each is one undo', () => {
  const of = (plan: Plan, supply: string) =>
    evaluate(plan).homes.find((h) => !h.spares && h.supplies.includes(supply))!;
  const paints = of(demo, 'acrylics-bottled');
  const named = made(demo, by.setHome(demo, said, paints.id, { name: 'Colours' }, newId));
  expect(of(named, 'gouache-tubes')).toMatchObject({
    name: 'Colours',
    own: true,
    supplies: expect.arrayContaining(paints.supplies),
  });
  const brushes = of(named, 'brushes-fine');
  const merged = made(named, by.mergeHomes(named, evaluate(named), of(named, 'primer').id, brushes.id, newId));
  expect(of(merged, 'brushes-fine').name).toBe('Colours');
  const split = made(
    merged,
    by.splitHome(merged, evaluate(merged), of(merged, 'primer').id, ['primer', 'varnish-matt'], 'Grounds', newId),
  );
  expect(of(split, 'primer')).toMatchObject({ name: 'Grounds', supplies: ['primer', 'varnish-matt'] });
  const moved = made(split, by.moveToHome(split, evaluate(split), 'gouges', of(split, 'primer').id, newId));
  expect(of(moved, 'gouges').name).toBe('Grounds');
  const back = made(moved, by.dissolveHome(moved, evaluate(moved), of(moved, 'primer').id));
  expect(of(back, 'primer').own).toBe(false);
  expect(() => by.setHome(demo, said, 'nowhere', { name: 'X' }, newId)).toThrow('There is no home “nowhere”.');
});

test('a second set for another zone: one more of each tool, used there; what is used up has none', () => {
  const tools = said.homes.find((h) => !h.spares && h.supplies.includes('awl'))!;
  const plan = made(demo, by.secondSet(demo, said, tools.id, 'zone-sewing', newId));
  const home = Object.values(plan.homes)[0]!;
  const second = Object.values(plan.supplies).filter((s) => s.home === home.id);
  expect([home.name, home.zone]).toEqual([`${tools.name}, second set`, 'zone-sewing']);
  expect(second.map((s) => s.name).sort()).toEqual(
    tools.supplies.map((s) => `${demo.supplies[s]!.name}, second`).sort(),
  );
  expect(second.every((s) => s.count === 1 && s.goesBack)).toBe(true);
  // Each is used there, is on the shopping list, and comes last in the move.
  for (const s of second) {
    const uses = Object.values(plan.uses).filter((u) => u.supply === s.id);
    expect(uses.map((u) => u.activity)).toEqual(['sewing']);
  }
  const report = evaluate(plan);
  expect(report.shopping.things.map((t) => t.supply).sort()).toEqual(second.map((s) => s.id).sort());
  expect(roundsBefore(plan, report, 1).find((r) => r.kind === 'buy')!.lines).toContain(second[0]!.name);
  const paper = said.homes.find((h) => h.supplies.includes('card-a3-white'))!;
  expect(by.secondSet(demo, said, paper.id, 'zone-sewing', newId)).toEqual([]);
});
