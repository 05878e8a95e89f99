import fc from 'fast-check';
import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { set, setMeta } from '../model/change.ts';
import { shiftUnits } from '../room/arrange.ts';
import { inMode } from '../room/standing.ts';
import { standChanges } from '../search/furniture/stands.ts';
import { dragUnits, idleSeatsOf, onGrid, placeAt, takeElsewhere, turnUnit } from './moveFurniture.ts';

const plan = having(
  rectangle(6000, 4000),
  unitRow(boxUnit('table', 3000, 2000, 1200, 600)),
  // Off its middle, so that turning shows.
  unitRow(boxUnit('lamp', 3400, 2000, 200, 200, { bottom: 700, height: 100 })),
  unitRow(boxUnit('chest', 1000, 1000, 400, 300)),
  unitRow(boxUnit('locked', 5000, 1000, 400, 300, { pinned: true })),
  unitRow(boxUnit('cubes', 5000, 3000, 714, 380, { kind: 'cube shelf', columns: 2, tiers: [330, 330], height: 714 })),
  unitRow(boxUnit('insert', 0, 0, 300, 300, { host: 'cubes', hostSlot: 'c1r1', height: 300 })),
  set('spots', 'then', { id: 'then', unit: 'table', mode: 'guest', x: 1500, y: 3000, turn: 90 }),
);
const demo = withFewThings(demoPlan(), [], 3);
const rest = (p: typeof plan, id: string) => {
  const { x, y, turn } = p.units[id]!;
  return [x, y, turn];
};

test('a quarter turn takes along what stands on it', () => {
  const turned = having(plan, ...turnUnit(plan, 'table', 90));
  expect(rest(turned, 'table')).toEqual([3000, 2000, 90]);
  expect(rest(turned, 'lamp')).toEqual([3000, 2400, 90]);
});

test('what is locked, and what stands in another, is neither turned nor dragged', () => {
  for (const id of ['locked', 'insert', 'unknown']) {
    expect(turnUnit(plan, id, 90)).toEqual([]);
    expect(dragUnits(plan, id, [], { x: 2000, y: 2000 }, '', null)).toEqual([]);
  }
  const moved = having(plan, ...dragUnits(plan, 'chest', ['locked'], { x: 1100, y: 1000 }, '', null));
  expect(rest(moved, 'locked')).toEqual([5000, 1000, 0]);
});

test('in a mode only the spot of the mode is turned and dragged, and it is turned by a wall there, too', () => {
  const turned = having(plan, ...turnUnit(plan, 'table', 90, 'guest'));
  expect(rest(turned, 'table')).toEqual([3000, 2000, 0]);
  expect(turned.spots.then).toMatchObject({ x: 1500, y: 3000, turn: 180 });
  // Its back comes near the west wall.
  const dragged = having(plan, ...dragUnits(plan, 'table', [], { x: 310, y: 2000 }, 'guest', 60));
  expect(rest(dragged, 'table')).toEqual([3000, 2000, 0]);
  expect(dragged.spots.then!.x).toBe(300);
  expect([90, 270]).toContain(dragged.spots.then!.turn);
  expect(inMode(dragged, 'guest').units.table).toMatchObject({ x: 300 });
  // A unit without a spot then is turned as it stands every day.
  expect(having(plan, ...turnUnit(plan, 'chest', 90, 'guest')).units.chest!.turn).toBe(90);
});

test('others that are chosen keep their distance; what stands on one is not moved twice', () => {
  const moved = having(plan, ...dragUnits(plan, 'table', ['lamp', 'chest'], { x: 3100, y: 1900 }, '', null));
  expect(rest(moved, 'table')).toEqual([3100, 1900, 0]);
  expect(rest(moved, 'lamp')).toEqual([3500, 1900, 0]);
  expect(rest(moved, 'chest')).toEqual([1100, 900, 0]);
});

test('the seats of a table go along when it is dragged, nudged or turned, and stay when it stands elsewhere in a mode only', () => {
  const seated = having(
    plan,
    set('people', 'me', { id: 'me', name: 'Me', stature: 1700 }),
    set('stations', 's', {
      id: 's',
      name: 'Table',
      unit: 'table',
      person: 'me',
      x: 3000,
      y: 2600,
      facing: 0,
      posture: 'seated',
      seatHeight: 450,
    }),
  );
  const seat = (p: typeof plan) => [p.stations.s!.x, p.stations.s!.y, p.stations.s!.facing];
  expect(seat(having(seated, ...dragUnits(seated, 'table', [], { x: 3100, y: 1900 }, '', null)))).toEqual([
    3100, 2500, 0,
  ]);
  expect(seat(having(seated, ...shiftUnits(seated, ['table'], 10, -20)))).toEqual([3010, 2580, 0]);
  expect(seat(having(seated, ...turnUnit(seated, 'table', 90)))).toEqual([2400, 2000, 90]);
  expect(seat(having(seated, ...dragUnits(seated, 'table', [], { x: 1400, y: 3000 }, 'guest', null)))).toEqual([
    3000, 2600, 0,
  ]);
});

test('a hand, an arrow key, an advice and an arrangement move the demo bench alike, with its seats and the cart’s place beside them', () => {
  const { bench } = demo.units;
  const to = { x: bench!.x + 130, y: bench!.y + 70, turn: bench!.turn };
  const seats = Object.values(demo.stations).filter((s) => s.unit === 'bench');
  const places = Object.values(demo.spots).filter((s) => seats.some((seat) => seat.id === s.station));
  expect(places.length).toBeGreaterThan(0);
  const ways = {
    hand: dragUnits(demo, 'bench', [], to, '', null),
    key: shiftUnits(demo, ['bench'], 130, 70),
    typed: placeAt(demo, 'bench', { x: to.x, y: to.y }),
    arrangement: standChanges(demo, [bench!], [to]),
  };
  const after = Object.fromEntries(Object.entries(ways).map(([way, changes]) => [way, having(demo, ...changes)]));
  for (const [way, plan] of Object.entries(after)) {
    expect([way, plan.units]).toEqual([way, after.hand!.units]);
    expect([way, plan.stations]).toEqual([way, after.hand!.stations]);
    expect([way, plan.spots]).toEqual([way, after.hand!.spots]);
  }
  for (const { id, x, y } of places) expect(after.hand!.spots[id]).toMatchObject({ x: x + 130, y: y + 70 });
});

test('property: four quarter turns bring everything back', () => {
  fc.assert(
    fc.property(fc.constantFrom('table', 'chest', 'cubes'), fc.constantFrom('', 'guest'), (id, mode) => {
      let turned = plan;
      for (let i = 0; i < 4; i++) turned = having(turned, ...turnUnit(turned, id, 90, mode));
      expect(turned.units).toEqual(plan.units);
      expect(turned.spots).toEqual(plan.spots);
    }),
    { numRuns: runs(6, 6) },
  );
});

test('a hand sets furniture down in whole centimetres from the walls, or in half inches', () => {
  const chest = plan.units.chest!; // 400 x 300
  expect(onGrid(plan, chest, { x: 1234.4, y: 1006 })).toEqual({ x: 1230, y: 1010 });
  // Turned a quarter, it is 300 wide.
  expect(onGrid(plan, { ...chest, turn: 90 }, { x: 1234.4, y: 1006 })).toEqual({ x: 1230, y: 1010 });
  const inches = having(plan, setMeta(plan, { units: 'imperial' }));
  const { x } = onGrid(inches, chest, { x: 1234.4, y: 1006 });
  expect(((x - 200) / 12.7) % 1).toBeCloseTo(0);
  expect(Math.abs(x - 1234.4)).toBeLessThanOrEqual(6.35);
});

test('with a table go the seats at which nothing is done, not those at which work is planned', () => {
  const plan = having(
    rectangle(3000, 2600),
    set('units', 't', boxUnit('t', 1500, 300, 1200, 600, { kind: 'table' })),
    set('people', 'me', { id: 'me', name: 'Me', stature: 1700 }),
    ...['a', 'b'].map((id) =>
      set('stations', id, {
        id,
        name: id,
        unit: 't',
        person: 'me',
        x: 1500,
        y: 900,
        facing: 0,
        posture: 'seated',
        seatHeight: 450,
      }),
    ),
    set('activities', 'sew', { id: 'sew', name: 'Sewing', sessionsPerWeek: 2, minutes: 60, station: 'a' }),
  );
  expect(idleSeatsOf(plan, 't').map((s) => s.id)).toEqual(['b']);
  expect(idleSeatsOf(plan, 'nothing')).toEqual([]);
});

test('a table whose place is typed stands exactly there, and its seat and what stands on it go along', () => {
  const plan = having(
    rectangle(4000, 3000),
    unitRow(boxUnit('desk', 1000, 1000, 1200, 700, { kind: 'table', tiers: [], height: 740 })),
    unitRow(boxUnit('set', 800, 850, 300, 200, { kind: 'drawer unit', tiers: [80], height: 150, bottom: 740 })),
    ...seatRows('s', 1000, 1600, { unit: 'desk' }),
  );
  // 1/64 in is typed, and stays.
  const after = having(plan, ...placeAt(plan, 'desk', { x: 1000 + 25.4 / 64 + 500 }));
  expect(after.units.desk).toMatchObject({ x: 1500.396875, y: 1000 });
  expect([after.stations.s!.x, after.stations.s!.y]).toEqual([1500.4, 1600]);
  expect([after.units.set!.x, after.units.set!.y]).toEqual([1300.4, 850]);
  const turned = having(plan, ...placeAt(plan, 'desk', { turn: 90 }));
  expect([turned.stations.s!.x, turned.stations.s!.y, turned.stations.s!.facing]).toEqual([400, 1000, 90]);
});

test('a table that goes elsewhere takes its seats along, and what is done there looks for another', () => {
  const plan = having(
    rectangle(4000, 3000),
    unitRow(boxUnit('desk', 1000, 1000, 1200, 700, { kind: 'table', tiers: [], height: 740 })),
    ...seatRows('s', 1000, 1600, { unit: 'desk' }),
    set('elsewheres', 'hall', { id: 'hall', name: 'Hall cupboard', seconds: 40 }),
    set('activities', 'sew', { id: 'sew', name: 'Sewing', sessionsPerWeek: 2, minutes: 60, station: 's' }),
  );
  const after = having(plan, ...takeElsewhere(plan, 'desk', 'hall'));
  expect(after.units.desk!.elsewhere).toBe('hall');
  expect(after.stations).toEqual({});
  expect(after.activities.sew!.station).toBeNull();
});
