/** No finding that geometry does not justify: every type of the library by its preset, and what was said wrongly before. */
import { unitTypes } from '@heronstone/library/inInches.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import { seeded } from '../geometry/seeded.ts';
import { overlapDepth } from '../geometry/geometry.ts';
import { newUnit } from '../gestures/newUnit.ts';
import { footprint, solidSpan } from '../furniture/footprint.ts';
import { openedOf } from '../furniture/opened.ts';
import { applyChanges, set, type Change } from '../model/change.ts';
import type { Finding } from '../model/finding.ts';
import { UNIT_SYSTEMS } from '../model/measure.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { outlineOf } from '../room/walls.ts';
import { outOfRoom } from '../geometry/geometry.ts';
import { freeBefore } from '../room/free.ts';
import { sceneOf } from '../scene/scene.ts';
import { evaluate } from '../report/evaluate.ts';

const codes = (plan: Plan) => evaluate(plan).findings.map((f) => f.code);
const about = (plan: Plan, code: string): Finding | undefined => evaluate(plan).findings.find((f) => f.code === code);
let n = 0;
const newId = () => `n${n++}`;

describe.each(UNIT_SYSTEMS)('every type of the library in an empty room (%s)', (units) => {
  const empty = (): Plan => having(rectangle(4500, 4000, { units }), ...seatRows('s', 2250, 2600));
  test.each(unitTypes(units).map((t) => [t.title, t] as const))('%s', (_, type) => {
    const plan = empty();
    const { changes } = newUnit(plan, type.shape, type.group === 'On the wall and the door', newId);
    const found = evaluate(applyChanges(plan, changes).plan).findings;
    // What can tip is fixed to the wall: that is justified by its height.
    expect(found.filter((f) => f.code !== 'fix to the wall').map((f) => f.message)).toEqual([]);
    for (const f of found) expect(type.shape.height).toBeGreaterThan(f.message.includes('rawer') ? 600 : 690);
  });
});

test.each(UNIT_SYSTEMS)(
  'property: presets in random free spots: each finding is there by plain geometry (%s)',
  (units) => {
    const types = unitTypes(units).filter((t) => t.group !== 'Into a cube opening' && t.group !== 'On the table');
    for (let seed = 1; seed <= runs(70, 700); seed++) {
      const random = seeded(seed);
      let plan = having(rectangle(4500, 4000, { units }), ...seatRows('s', 2250, 2200));
      for (let k = 0; k < 4; k++) {
        const type = types[Math.floor(random() * types.length)]!;
        const { unit } = newUnit(plan, type.shape, type.group === 'On the wall and the door', newId);
        // Anywhere in the room where it overlaps nothing.
        const hung = unit.bottom > 0;
        const placed: Unit = hung
          ? unit
          : {
              ...unit,
              x: 400 + random() * 3700,
              y: 400 + random() * 3200,
              turn: [0, 90, 180, 270][Math.floor(random() * 4)]!,
            };
        const clear =
          outOfRoom(footprint(placed), outlineOf(plan)) < 1 &&
          Object.values(plan.units).every((u) => overlapDepth(footprint(u), footprint(placed)) < 1);
        if (clear) plan = having(plan, set('units', unit.id, placed));
      }
      for (const f of evaluate(plan).findings) justified(plan, f, seed);
    }
  },
);

/** Fails for a finding that plain geometry does not show. */
function justified(plan: Plan, f: Finding, seed: number): void {
  const wrong = (why: string) => new Error(`Seed ${seed}: “${f.message}”, but ${why}.`);
  const unit = f.targets[0]?.table === 'units' ? plan.units[f.targets[0].id]! : null;
  const other = f.targets[1]?.table === 'units' ? plan.units[f.targets[1].id]! : null;
  switch (f.code) {
    case 'fix to the wall':
      return;
    case 'overlap':
    case 'too tall to stand under': {
      const [a, b] = [solidSpan(unit!), solidSpan(other!)];
      if (
        overlapDepth(footprint(unit!), footprint(other!)) <= 0 ||
        Math.min(a.top, b.top) <= Math.max(a.bottom, b.bottom)
      )
        throw wrong('they do not meet');
      return;
    }
    case 'no room before it': {
      const free = freeBefore(unit!, plan, { bottom: unit!.bottom, top: unit!.bottom + unit!.height }, 5000);
      if (free > 1100) throw wrong(`${Math.round(free)} mm are free`);
      return;
    }
    case 'cannot open':
    case 'open into each other':
    case 'opens over the seat': {
      const unitsAbout = f.targets.filter((t) => t.table === 'units').map((t) => plan.units[t.id]!);
      if (!unitsAbout.some((u) => openedOf(u).length > 0)) throw wrong('nothing opens there');
      return;
    }
    case 'seat cannot roll back':
    case 'head room':
    case 'narrow way':
    case 'cannot be walked to':
    case 'outside room':
    case 'door meets it':
      return;
    default:
      throw wrong('nobody expected it');
  }
}

const counter = unitRow(boxUnit('counter', 2000, 300, 1600, 600, { kind: 'table', height: 900, board: 30, tiers: [] }));

test('a board over a counter, and what stands on a table, are walked to before the counter', () => {
  const board = unitRow(
    boxUnit('board', 2000, 100, 900, 200, { kind: 'wall shelf', bottom: 950, height: 20, tiers: [200] }),
  );
  const on = unitRow(
    boxUnit('on', 2000, 250, 300, 200, {
      kind: 'drawer unit',
      bottom: 900,
      height: 300,
      tiers: [100, 100],
      columns: 1,
    }),
  );
  for (const what of [board, on]) {
    const plan = having(rectangle(4000, 4000), counter, what, ...seatRows('s', 2000, 2200));
    expect(codes(plan)).not.toContain('cannot be walked to');
  }
});

test('a cart that is too tall under a desk says by how much, and the cart is moved, not the desk', () => {
  const desk = unitRow(boxUnit('desk', 2000, 400, 1400, 700, { kind: 'table', height: 740, board: 28, tiers: [] }));
  for (const tall of [48, 188]) {
    const cart = unitRow(
      boxUnit('cart', 1700, 400, 400, 300, { kind: 'cart', height: 712 + tall, tiers: [100, 100], wheels: true }),
    );
    const found = about(
      having(rectangle(4000, 4000), desk, cart, ...seatRows('s', 2000, 2200)),
      'too tall to stand under',
    );
    expect(found).toMatchObject({ by: tall, targets: [{ id: 'cart' }, { id: 'desk' }] });
  }
});

test('a sink in a base cabinet is no fault; what stands before it is', () => {
  const sink = set('fixtures', 'f', {
    ...{ id: 'f', kind: 'water', name: 'Sink', corner: 'c0', offset: 1700, width: 600, bottom: 860, height: 150 },
    ...{ depth: 500, outlets: 1, keepClear: null },
  } as never);
  const cabinet = unitRow(
    boxUnit('cabinet', 2000, 300, 800, 600, { kind: 'drawer unit', height: 860, tiers: [200, 200], columns: 1 }),
  );
  const plan = having(rectangle(4000, 4000), sink, cabinet, ...seatRows('s', 2000, 3000));
  expect(codes(plan).filter((c) => c.startsWith('water'))).toEqual([]);
  const before = unitRow(boxUnit('before', 2000, 900, 600, 400, { kind: 'trunk', tiers: [], height: 500 }));
  expect(codes(having(plan, before))).toContain('water covered');
});

test('a corner cabinet of 900 by 900 says how it is measured', () => {
  const corner = unitRow(
    boxUnit('k', 450, 450, 900, 900, { kind: 'corner cabinet', tiers: [300, 300], turn: 315, height: 800 }),
  );
  const found = evaluate(having(rectangle(4000, 4000), corner, ...seatRows('s', 2500, 2500))).findings.find(
    (f) => f.code === 'unit',
  );
  expect(found).toMatchObject({ path: 'units.k.depth' });
  expect(found!.message).toMatch(
    /leave no front\. Across is over the corner.* 1,273 mm across and about 1,073 mm deep/,
  );
});

test('drawers that open over the sitter are said, once for each piece', () => {
  const before = (deep: number): Change =>
    unitRow(
      boxUnit('d', 2000, 1000, 400, deep, {
        kind: 'drawer unit',
        tiers: [150, 150, 150],
        columns: 1,
        height: 560,
        turn: 0,
      }),
    );
  // The front is at 1000 + 350; the drawers come out 658; somebody sits 500 before the front.
  const plan = having(rectangle(4000, 4000), before(700), ...seatRows('s', 2000, 1850));
  expect(evaluate(plan).findings.filter((f) => f.code === 'opens over the seat')).toHaveLength(1);
  expect(codes(having(rectangle(4000, 4000), before(700), ...seatRows('s', 2000, 2400)))).not.toContain(
    'opens over the seat',
  );
});

test('a bed folded out before a cupboard: it cannot open then, and nobody can sit in the bed', () => {
  const cupboard = unitRow(
    boxUnit('cup', 2000, 250, 800, 400, { kind: 'bookcase', doors: 'pair', tiers: [300, 300], height: 900 }),
  );
  const bed = set('areas', 'bed', {
    ...{
      id: 'bed',
      name: 'the bed',
      mode: 'guest',
      unit: null,
      x: 2000,
      y: 1100,
      width: 1900,
      depth: 900,
      height: 500,
      bottom: 0,
      turn: 0,
    },
  });
  const found = evaluate(having(rectangle(4000, 4000), cupboard, bed, ...seatRows('s', 2000, 1200))).findings;
  expect(
    found
      .filter((f) => f.mode === 'guest')
      .map((f) => f.code)
      .sort(),
  ).toEqual(['cannot open then', 'seat in the way']);
  expect(found.find((f) => f.code === 'cannot open then')!.message).toMatch(
    /In “guest”: Box cup cannot open: the bed is \d+ mm in its way/,
  );
});

test('what stands 60 mm before a place is reached over, with a lean, or said to be in the way', () => {
  const back = (height: number) => unitRow(boxUnit('back', 2000, 150, 800, 300, { tiers: [300, 300, 300], height }));
  const front = (height: number) =>
    unitRow(boxUnit('front', 2000, 660, 900, 600, { kind: 'trunk', tiers: [], height }));
  const ways = (before: number) => {
    const plan = having(rectangle(4000, 4000), back(1100), front(before), ...seatRows('s', 2000, 3000));
    const scene = sceneOf(plan);
    return { plan, top: scene.approaches.get('s')!.get('back/s1')!, low: scene.approaches.get('s')!.get('back/s3')! };
  };
  const over = ways(450);
  expect(over.top).toMatchObject({ beyond: null });
  expect(over.top.lean).toBeGreaterThan(50);
  expect(over.top.go.map((e) => e.kind)).toContain('bend');
  // Below the top of what stands before it no hand gets there.
  expect(over.low.beyond).toMatch(/something stands before it/);
  const tall = ways(1090);
  expect(tall.top.beyond).toMatch(/something stands before it, too high/);
  expect(about(tall.plan, 'cannot be walked to')!.message).toMatch(
    /Box back cannot be walked to from Seat s: something stands before it/,
  );
});
