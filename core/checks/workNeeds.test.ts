import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import { evaluate } from '../report/evaluate.ts';
import { set, type Change } from '../model/change.ts';
import type { Activity, Plan } from '../model/plan.ts';
import { bodyOf } from '../reach/body.ts';
import { checkNeeds, surfaceRange, WITHIN } from './workNeeds.ts';
import { checkRelations, relationsOf } from './relations.ts';

const doing = (id: string, more: Partial<Activity> = {}): Change =>
  set('activities', id, { id, name: id, sessionsPerWeek: 2, minutes: 60, station: 's', ...more });
const table = (more: object = {}) =>
  unitRow(boxUnit('t', 2000, 300, 1400, 600, { kind: 'table', height: 700, board: 25, tiers: [], ...more }));
const plan = (more: Partial<Activity>, ...changes: Change[]): Plan =>
  having(rectangle(6000, 5000), table(), ...seatRows('s', 2000, 850, { unit: 't' }), doing('work', more), ...changes);
const found = (p: Plan) => checkNeeds(p).map((f) => f.code);
const by = (p: Plan, code: string) => checkNeeds(p).find((f) => f.code === code)?.by;

describe('the height of a work surface (Grandjean, values from memory)', () => {
  test('standing: precision above the elbow, light below it, heavy farther below', () => {
    const body = bodyOf({ stature: 1700 }, null);
    expect(surfaceRange(body, 'precision', false)).toEqual([body.elbow + 50, body.elbow + 100]);
    expect(surfaceRange(body, 'light', false)).toEqual([body.elbow - 150, body.elbow - 100]);
    expect(surfaceRange(body, 'heavy', false)).toEqual([body.elbow - 400, body.elbow - 150]);
  });
  test('one millimetre too high is found; at the limit it is not', () => {
    // Elbow seated at 450: 450 + 0.15 x 1700 = 705; light seated work reaches from 555 to 705.
    expect(found(having(plan({}), set('units', 't', { height: 705 })))).toEqual([]);
    // A seat that turns is set 50 mm higher or lower; a stool that is fixed is not.
    expect(found(having(plan({}), set('units', 't', { height: 755 })))).toEqual([]);
    expect(by(having(plan({}), set('units', 't', { height: 756 })), 'work height')).toBe(51);
    expect(by(having(plan({}), set('units', 't', { height: 504 })), 'work height')).toBe(51);
    // In an armchair one works on the lap, whatever the height of its back.
    expect(found(having(plan({}), set('units', 't', { kind: 'seat', height: 900 })))).not.toContain('work height');
    expect(
      by(having(plan({}), set('stations', 's', { seat: 'chair' }), set('units', 't', { height: 721 })), 'work height'),
    ).toBe(16);
  });
  test('a second person counts when two work there', () => {
    const child = [
      set('people', 'kid', { id: 'kid', name: 'Kid', stature: 1200 }),
      set('stations', 's', { second: 'kid' }),
    ];
    expect(found(plan({}, ...child))).toEqual([]);
    // 450 + 0.15 x 1200 = 630.
    expect(by(plan({ people: 2 }, ...child), 'work height')).toBe(70);
    expect(found(plan({ people: 3 }, ...child))).toContain('too few places');
    expect(found(plan({ people: 2 }))).toContain('too few places');
  });
});

test('a surface that is too small, by the side that is short; the strip for things does not count', () => {
  expect(found(plan({ surfaceWidth: 1400, surfaceDepth: 600 }))).toEqual([]);
  expect(by(plan({ surfaceWidth: 1401 }), 'surface too small')).toBe(1);
  expect(by(having(plan({ surfaceDepth: 600 }), set('units', 't', { storeDepth: 150 })), 'surface too small')).toBe(
    150,
  );
  expect(found(having(plan({ surfaceWidth: 500 }), set('stations', 's', { unit: null })))).toContain('no surface');
});

test('posture', () => {
  expect(found(plan({ posture: 'standing' }))).toEqual(['posture']);
  expect(found(plan({ posture: 'seated' }))).toEqual([]);
});

describe('what is on the walls', () => {
  const socket = (offset: number, outlets = 2) =>
    set('fixtures', 'f', {
      id: 'f',
      kind: 'socket',
      corner: 'c0',
      offset: offset - 50,
      width: 100,
      height: 80,
      depth: 0,
      bottom: 300,
      outlets,
    });
  test('a cord of 1500 mm from the edge of the table', () => {
    expect(WITHIN.cord).toBe(1500);
    // The table ends at 2700.
    expect(found(plan({ sockets: 1 }, socket(4200)))).toEqual([]);
    expect(by(plan({ sockets: 1 }, socket(4201)), 'no socket in reach')).toBe(1);
    expect(found(plan({ sockets: 1 }))).toEqual(['no socket in reach']);
    expect(found(plan({ sockets: 3 }, socket(4000)))).toEqual(['no socket in reach']);
    expect(found(plan({ sockets: 3 }, socket(4000, 4)))).toEqual([]);
    expect(found(plan({ watts: 2001 }))).toEqual(['much power']);
  });
  test('water, fresh air, daylight', () => {
    const tap = (offset: number) =>
      set('fixtures', 'w', {
        id: 'w',
        kind: 'water',
        corner: 'c0',
        offset,
        width: 400,
        height: 200,
        depth: 0,
        bottom: 800,
      });
    expect(found(plan({ needs: ['water'] }))).toEqual(['far from water']);
    expect(found(plan({ needs: ['water'] }, tap(4500)))).toEqual([]);
    expect(by(plan({ needs: ['water'] }, tap(5001)), 'far from water')).toBe(1);
    const window = set('openings', 'o', {
      id: 'o',
      kind: 'window',
      corner: 'c0',
      offset: 1500,
      width: 1000,
      height: 1200,
      sill: 900,
      hinge: 'left',
      swing: 'none',
    });
    expect(found(plan({ gives: ['fumes'] }))).toEqual(['no fresh air']);
    expect(found(plan({ gives: ['fumes'], needs: ['daylight'] }, window))).toEqual([]);
    expect(found(plan({ needs: ['daylight'] }))).toEqual(['no daylight']);
  });
  test('light from the side of the working hand is said, for either hand', () => {
    const side = set('openings', 'o', {
      id: 'o',
      kind: 'window',
      corner: 'c1',
      offset: 350,
      width: 1000,
      height: 1200,
      sill: 900,
      hinge: 'left',
      swing: 'none',
    });
    const near = having(plan({ needs: ['daylight'] }, side), set('stations', 's', { x: 4000 }));
    expect(found(near)).toEqual(['light from the hand']);
    expect(found(having(near, set('people', 's-person', { hand: 'left' })))).toEqual([]);
  });
});

describe('relations, after Muther', () => {
  const supply = (id: string, ...uses: Array<[string, number]>): Change[] => [
    set('supplies', id, {
      id,
      name: id,
      category: '',
      form: 'pieces',
      count: 1,
      length: 10,
      width: 10,
      thickness: 10,
      grammage: null,
      mass: null,
      orientations: ['flat'],
      goesBack: true,
      note: '',
    }),
    ...uses.map(([activity, fetches]) =>
      set('uses', `${id}-${activity}`, { id: `${id}-${activity}`, supply: id, activity, fetches }),
    ),
  ];
  const two = (a: Partial<Activity>, b: Partial<Activity>, ...changes: Change[]) =>
    having(
      rectangle(8000, 3000),
      ...seatRows('s', 500, 1500),
      ...seatRows('z', 500, 1500, { x: 5000 }),
      doing('one', a),
      doing('two', { station: 'z', ...b }),
      ...changes,
    );

  test('shared fetches a week give the letter', () => {
    const letter = (fetches: number) =>
      relationsOf(two({}, {}, ...supply('x', ['one', fetches], ['two', fetches])))[0]!.closeness;
    // Two sessions a week each: 4 x fetches.
    expect(letter(0)).toBe('U');
    expect(letter(0.25)).toBe('O');
    expect(letter(2)).toBe('I');
    expect(letter(6.25)).toBe('E');
    expect(letter(15)).toBe('A');
  });
  test('dust beside what must dry clean is X whatever they share, in both orders, and too near below 1500 mm', () => {
    for (const [a, b] of [
      [{ gives: ['dust' as const] }, { needs: ['clean air' as const] }],
      [{ needs: ['clean air' as const] }, { gives: ['dust' as const] }],
    ]) {
      const p = two(a!, b!, ...supply('x', ['one', 50], ['two', 50]));
      expect(relationsOf(p)[0]).toMatchObject({ closeness: 'X', kept: true, distance: 4500 });
      expect(checkRelations(p)).toEqual([]);
      expect(checkRelations(having(p, set('stations', 'z', { x: 1999 })))).toMatchObject([{ code: 'too near', by: 1 }]);
      expect(checkRelations(having(p, set('stations', 'z', { x: 2000 })))).toEqual([]);
    }
  });
  test('what should be near and is not is said with what is missing', () => {
    const p = two({}, {}, ...supply('x', ['one', 15], ['two', 15]));
    expect(checkRelations(p)).toMatchObject([{ code: 'too far', by: 3000 }]);
  });
  test('the maker knows better', () => {
    const p = two(
      { gives: ['dust'] },
      { needs: ['clean air'] },
      set('relations', 'r', { id: 'r', a: 'two', b: 'one', closeness: 'U', reason: 'I clean up' }),
    );
    expect(relationsOf(p)[0]).toMatchObject({
      closeness: 'U',
      own: true,
      worked: 'X',
      reasons: expect.arrayContaining(['I clean up']),
    });
  });
  test('an activity at two stations shares its week between them', () => {
    const p = two({}, {}, ...supply('x', ['one', 10]), set('helpers', 'h', { id: 'h', activity: 'one', station: 'z' }));
    expect(relationsOf(p)[0]!.distance).toBe(0);
    const shelf = having(
      p,
      unitRow(boxUnit('u', 4000, 150, 800, 300)),
      set('placements', 'p', {
        id: 'p',
        arrangement: 'planned',
        supply: 'x',
        unit: 'u',
        slot: 's1',
        count: 1,
        orientation: null,
        pinned: false,
      }),
    );
    const { from } = evaluate(shelf).placements.p!;
    expect(from.map((u) => [u.station, u.fetches]).sort()).toEqual([
      ['s', 10],
      ['z', 10],
    ]);
  });
});

describe('carts, kits and money', () => {
  const cart = unitRow(
    boxUnit('cart', 5000, 4500, 450, 350, { kind: 'cart', wheels: true, board: 3, tiers: [120, 200], turn: 180 }),
  );
  const served = plan(
    {},
    cart,
    set('helpers', 'h', { id: 'h', activity: 'work', cart: 'cart' }),
    set('spots', 'p', { id: 'p', unit: 'cart', station: 's', x: 2600, y: 1000, turn: 0 }),
  );

  test('rolling a cart up and back is part of the week, once a session', () => {
    const report = evaluate(served);
    expect(report.setups).toMatchObject([{ activity: 'work', what: 'cart', times: 2 }]);
    expect(report.setups[0]!.seconds).toBeGreaterThan(2);
    expect(report.week.planned.setup).toBeCloseTo((report.setups[0]!.seconds * 2) / 60, 9);
    expect(report.week.planned.minutes).toBeCloseTo(report.week.planned.setup, 9);
  });
  test('a kit is fetched from its home; one that is too large for it says so', () => {
    const kit = (height: number, slot = 's1') =>
      plan(
        {},
        unitRow(boxUnit('u', 4000, 150, 800, 300, { height: 700, tiers: [300] })),
        set('kits', 'k', { id: 'k', name: 'Stencils', width: 290, depth: 390, height, unit: 'u', slot }),
        set('helpers', 'h', { id: 'h', activity: 'work', kit: 'k' }),
      );
    expect(evaluate(kit(300)).findings).toEqual([]);
    expect(evaluate(kit(300)).setups).toHaveLength(1);
    expect(evaluate(kit(301)).findings).toMatchObject([{ code: 'kit does not fit', by: 1 }]);
    expect(evaluate(kit(100, 's9')).findings).toMatchObject([{ code: 'no such place' }]);
  });
  test('one of a station, a cart or a kit, not two and not none', () => {
    expect(() => having(served, set('helpers', 'x', { id: 'x', activity: 'work' }))).toThrow(
      'one of a station, a cart or a kit',
    );
    expect(() =>
      having(served, set('helpers', 'x', { id: 'x', activity: 'work', station: 's', cart: 'cart' })),
    ).toThrow('one of');
  });
  test('what is wanted with the money that is known', () => {
    const p = plan(
      {},
      unitRow(boxUnit('a', 4000, 150, 400, 300, { owned: false, price: 120 })),
      unitRow(boxUnit('b', 5000, 150, 400, 300, { owned: false })),
    );
    expect(evaluate(p).shopping).toMatchObject({
      cost: 120,
      unpriced: 1,
      wanted: [
        { unit: 'a', price: 120 },
        { unit: 'b', price: null },
      ],
      owned: { count: 1 },
    });
  });
});
