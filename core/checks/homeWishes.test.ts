/** Each wish for a home, and for what is to stay in view, is kept or said, with what it weighs. */
import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import { thing } from '@heronstone/testing/thing.ts';
import { set, type Change } from '../model/change.ts';
import type { Home, Plan, Supply } from '../model/plan.ts';
import { evaluate } from '../report/evaluate.ts';
import { changesTo, solveAll } from '../search/solve.ts';

const HOME = { zone: null, set: false, inside: [], unit: null, slot: '', firm: false, side: null, station: null };
const homeRow = (id: string, name: string, more: Partial<Home>): Change =>
  set('homes', id, { ...HOME, other: null, unsorted: false, sparesWith: false, id, name, ...more });
const thingRow = (id: string, more: Partial<Supply>): Change =>
  set('supplies', id, thing({ id, name: id, category: id, ...more }));
const at = (supply: string, unit: string, slot: string, count = 1): Change =>
  set('placements', `${supply}-${unit}`, {
    ...{ id: `${supply}-${unit}`, arrangement: 'planned', supply, unit, slot, container: null, count },
    ...{ orientation: null, pinned: false, spare: false, part: null, returns: null },
  });

/** A seat that looks north, a bookcase to its left and drawers to its right. */
const room = (...more: Change[]): Plan =>
  having(
    rectangle(4000, 4000),
    unitRow(boxUnit('left', 600, 2000, 800, 300, { turn: 90, height: 1200, tiers: [300, 300, 300] })),
    unitRow(boxUnit('right', 3400, 2000, 500, 400, { turn: 270, kind: 'drawer unit', tiers: [120, 120, 120] })),
    ...seatRows('s', 2000, 2000),
    set('activities', 'a', { id: 'a', name: 'Cards', sessionsPerWeek: 5, minutes: 60, station: 's' }),
    ...more,
  );
const said = (plan: Plan, code: string) => evaluate(plan).findings.filter((f) => f.code === code);

test('a home that is wanted on the left and lies on the right is said, on the wish and on the things, with what it weighs', () => {
  const wish = homeRow('h', 'Pens', { side: 'left', station: 's' });
  const kept = room(wish, thingRow('pens', { home: 'h' }), at('pens', 'left', 's1'));
  expect(said(kept, 'not where wanted')).toEqual([]);
  const broken = room(wish, thingRow('pens', { home: 'h' }), at('pens', 'right', 'd1'));
  const [finding] = said(broken, 'not where wanted');
  expect(finding).toMatchObject({
    path: 'homes.h.side',
    targets: [
      { table: 'homes', id: 'h' },
      { table: 'placements', id: 'pens-right' },
    ],
  });
  expect(finding!.message).toContain('to the left of Seat s; it lies elsewhere: Box right, drawer 1');
  expect(finding!.message).toContain('1.0 min a week');
  const piece = room(
    homeRow('h', 'Pens', { unit: 'left' }),
    thingRow('pens', { home: 'h' }),
    at('pens', 'right', 'd1'),
  );
  expect(said(piece, 'not where wanted')[0]!.path).toBe('homes.h.unit');
});

test('what is to stay in view and lies in a drawer is said', () => {
  const shown = (unit: string, slot: string) =>
    room(thingRow('clock', { traits: ['keep in view'] }), at('clock', unit, slot));
  expect(said(shown('left', 's1'), 'out of view')).toEqual([]);
  expect(said(shown('right', 'd1'), 'out of view')[0]!.message).toBe(
    'clock is to stay in view, and Box right, drawer 1 is closed.',
  );
});

test('a firm home has its piece before others; what has no room there is said of the home', () => {
  const paper = Array.from({ length: 5 }, (_, i) => `paper${i}`);
  const plan = (slots: number): Plan => {
    const empty = room(
      unitRow(boxUnit('slots', 1400, 200, 360, 350, { height: 900, tiers: Array<number>(slots).fill(40) })),
      homeRow('h', 'Paper by colour', { unit: 'slots', firm: true }),
      ...paper.map((id) =>
        thingRow(id, { home: 'h', form: 'sheets', length: 305, width: 305, thickness: 0.3, count: 100 }),
      ),
      thingRow('photographs', { form: 'sheets', length: 150, width: 100, thickness: 0.3, count: 792 }),
      ...[...paper, 'photographs'].map((supply) =>
        set('uses', `u-${supply}`, {
          id: `u-${supply}`,
          supply,
          activity: 'a',
          fetches: supply === 'photographs' ? 10 : 2,
        }),
      ),
    );
    return having(empty, ...changesTo(empty, solveAll(empty, { seed: 1 })));
  };
  const [all, few] = [plan(5), plan(4)];
  const inSlots = (p: Plan) =>
    Object.values(p.placements)
      .filter((x) => x.unit === 'slots')
      .map((x) => x.supply)
      .sort();
  expect(inSlots(all)).toEqual(paper);
  expect(said(all, 'firm and full')).toEqual([]);
  expect(inSlots(few).every((s) => paper.includes(s))).toBe(true);
  expect(said(few, 'firm and full')).toMatchObject([{ path: 'homes.h.firm' }]);
  expect(said(few, 'firm and full')[0]!.message).toMatch(
    /firmly in Box slots, and 100 of 100 paper\d have no room there/,
  );
});

test('a drawer that is kept for odds and ends, with none in the room, is said', () => {
  const keep = set('keeps', 'k', {
    id: 'k',
    unit: 'right',
    slot: 'd3',
    container: null,
    for: 'odds',
    lines: 5,
    litres: null,
  });
  const kinds = room(keep, thingRow('pens', {}), at('pens', 'right', 'd1'));
  expect(said(kinds, 'kept and empty')).toHaveLength(1);
  const odds = room(keep, thingRow('pens', { category: 'Odds and ends' }), at('pens', 'right', 'd3'));
  expect(said(odds, 'kept and empty')).toEqual([]);
  // Where there are some and they lie elsewhere it is said, too.
  const apart = room(keep, thingRow('pens', { category: 'Odds and ends' }), at('pens', 'right', 'd1'));
  expect(said(apart, 'kept and empty')[0]!.message).toContain('pens would belong there');
});
