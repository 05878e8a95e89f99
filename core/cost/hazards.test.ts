import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import { set } from '../model/change.ts';
import { SUPPLY_DEFAULTS, type Plan, type Supply } from '../model/plan.ts';
import { sceneOf } from '../scene/scene.ts';
import { solveAll } from '../search/solve.ts';
import { hazardsOf } from './hazards.ts';

const thing = (id: string, traits: Supply['traits']): Supply => ({
  ...SUPPLY_DEFAULTS,
  id,
  name: id,
  category: '',
  form: 'pieces',
  count: 1,
  length: 100,
  width: 80,
  thickness: 40,
  grammage: null,
  mass: 200,
  orientations: ['flat'],
  goesBack: false,
  note: '',
  traits,
});
/** A room with a window in the north wall, a heater in the east wall, a low and a high shelf by each, and one far from both. */
const room: Plan = having(
  rectangle(5000, 4000),
  set('openings', 'w', {
    id: 'w',
    kind: 'window',
    corner: 'c0',
    offset: 900,
    width: 1000,
    height: 1000,
    sill: 900,
    hinge: 'left',
    swing: 'none',
  }),
  set('fixtures', 'h', {
    id: 'h',
    kind: 'heater',
    name: '',
    corner: 'c1',
    offset: 1500,
    width: 800,
    height: 600,
    depth: 90,
    bottom: 100,
    outlets: 2,
    keepClear: null,
  }),
  unitRow(boxUnit('sunny', 1400, 150, 600, 300)),
  unitRow(boxUnit('shut', 2200, 150, 600, 300, { doors: 'pair' })),
  unitRow(boxUnit('warm', 4850, 1900, 600, 300, { turn: 90 })),
  unitRow(boxUnit('cool', 400, 3850, 600, 300, { turn: 180, bottom: 600 })),
  unitRow(
    boxUnit('high', 1400, 3900, 600, 200, { kind: 'wall shelf', turn: 180, bottom: 1700, height: 20, tiers: [300] }),
  ),
  ...seatRows('s', 2500, 2000, {}, { stature: 1700 }),
  set('people', 'kid', { id: 'kid', name: 'The child', stature: 1200, child: true }),
  set('activities', 'a', { id: 'a', name: 'Doing', sessionsPerWeek: 5, minutes: 60, station: 's' }),
);
const codes = (plan: Plan, supply: Supply, place: string) => {
  const scene = sceneOf(plan);
  return hazardsOf(scene, supply, scene.compartment.get(place)!).map((p) => p.code);
};

test('a thing to keep out of light, in the open near a window; behind a door, or farther away, it is in the dark', () => {
  const shy = thing('ink', ['keep out of light']);
  expect(codes(room, shy, 'sunny/s1')).toEqual(['sun']);
  expect(codes(room, shy, 'shut/s1')).toEqual([]);
  expect(codes(room, shy, 'cool/s1')).toEqual([]);
  expect(codes(room, thing('wood', []), 'sunny/s1')).toEqual([]);
});

test('a flammable or thing to keep from heat near the heater', () => {
  expect(codes(room, thing('spray', ['flammable']), 'warm/s1')).toEqual(['heat']);
  expect(codes(room, thing('wax', ['keep from heat']), 'warm/s1')).toEqual(['heat']);
  expect(codes(room, thing('wax', ['keep from heat']), 'sunny/s1')).toEqual([]);
});

test('a flammable thing within 1.2 m of a seat whose work gives flame or heat', () => {
  const spray = thing('spray', ['flammable']);
  const torch = (y: number, gives: Array<'flame' | 'heat' | 'fumes'>) =>
    having(room, set('stations', 's', { x: 400, y }), set('activities', 'a', { gives }));
  const front = sceneOf(room).compartment.get('cool/s1')!.mouth.y;
  expect(codes(torch(front - 1199, ['flame']), spray, 'cool/s1')).toEqual(['heat']);
  expect(codes(torch(front - 1199, ['heat']), spray, 'cool/s1')).toEqual(['heat']);
  expect(codes(torch(front - 1201, ['flame']), spray, 'cool/s1')).toEqual([]);
  expect(codes(torch(front - 1199, ['fumes']), spray, 'cool/s1')).toEqual([]);
  expect(codes(torch(front - 1199, ['flame']), thing('wood', []), 'cool/s1')).toEqual([]);
});

test('what is not for a child, within its reach; high up or under lock and key it is not', () => {
  const knife = thing('knife', ['not for a child']);
  expect(codes(room, knife, 'cool/s1')).toEqual(['child']);
  expect(codes(room, knife, 'high/s1')).toEqual([]);
  expect(codes(having(room, set('units', 'cool', { keyLocked: true })), knife, 'cool/s1')).toEqual([]);
  expect(codes(having(room, set('people', 'kid', { child: false })), knife, 'cool/s1')).toEqual([]);
  const wish = set('wishes', 'w', { id: 'w', person: 'kid', supply: 'pins', wish: 'must not reach' as const });
  const pins = thing('pins', []);
  expect(codes(having(room, set('supplies', 'pins', pins), wish), pins, 'cool/s1')).toEqual(['child']);
});

test('each changes where the search puts the thing, and a weight of 0 takes it back', () => {
  const weights = (w: number) => ({ constants: { childNear: w, sunNear: w, heatNear: w } });
  // A seat right before the place that is bad for it.
  for (const [trait, bad, at] of [
    ['not for a child', 'cool', { x: 400, y: 3100, facing: 180 }],
    ['keep out of light', 'sunny', { x: 1400, y: 900, facing: 0 }],
    ['flammable', 'warm', { x: 4100, y: 1900, facing: 90 }],
  ] as const) {
    const placed = (w: number) => {
      const plan = having(
        room,
        set('stations', 's', at),
        { table: 'meta', id: 'room', set: weights(w) },
        set('supplies', 'x', thing('x', [trait])),
        set('uses', 'u', { id: 'u', supply: 'x', activity: 'a', fetches: 5 }),
      );
      return solveAll(plan, { seed: 1, moves: 150 }).placements[0]!.unit;
    };
    expect(placed(0)).toBe(bad);
    expect(placed(60)).not.toBe(bad);
  }
});
