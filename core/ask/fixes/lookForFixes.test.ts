/** What is offered for a finding: what a person would do, tried; the finding goes and none comes. */
import { demoPlan } from '@heronstone/testing/demo.ts';
import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import { roomToArrange } from '@heronstone/testing/roomsToArrange.ts';
import { longTest } from '@heronstone/testing/longTest.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { set } from '../../model/change.ts';
import { keyOf, type Finding } from '../../model/finding.ts';
import type { Plan, Unit } from '../../model/plan.ts';
import { evaluate } from '../../report/evaluate.ts';
import { seeded } from '../../geometry/seeded.ts';
import { mendsOf as lookedFor } from './lookForFixes.ts';

const mendsOf = (plan: Plan, f: Finding, known = evaluate(plan).findings) =>
  lookedFor(plan, known, f, () => 'new-spot');
const table: Partial<Unit> = { kind: 'table', tiers: [], height: 740, board: 30, storeDepth: 0 };
const cart: Partial<Unit> = { kind: 'cart', wheels: true, board: 3, tiers: [150, 150] };
const finding = (plan: Plan, code: string, id?: string): Finding => {
  const found = evaluate(plan).findings.find((f) => f.code === code && (!id || f.targets[0]?.id === id));
  if (!found) throw new Error(`no ${code}: ${evaluate(plan).findings.map((f) => f.code)}`);
  return found;
};
const offered = (plan: Plan, f: Finding) => mendsOf(plan, f).map((m) => m.words);

/** Every mend that a plan is offered is done; what remains, and what is new. */
function tryAll(plan: Plan): { offers: number; faults: string[] } {
  const report = evaluate(plan);
  const keys = new Set(report.findings.map(keyOf));
  let offers = 0;
  const faults: string[] = [];
  for (const f of report.findings)
    for (const mend of mendsOf(plan, f, report.findings)) {
      offers++;
      const after = evaluate(having(plan, ...mend.changes)).findings;
      for (const x of after)
        if (keyOf(x) === keyOf(f) || !keys.has(keyOf(x))) faults.push(`${f.message} -> ${mend.words}: ${x.message}`);
    }
  return { offers, faults };
}

longTest('every mend that the demo is offered makes its finding vanish and adds none', () => {
  const { offers, faults } = tryAll(demoPlan());
  expect(faults).toEqual([]);
  expect(offers).toBeGreaterThanOrEqual(5);
});

test('so does every mend in random rooms in which pieces were pushed about', () => {
  let all = 0;
  for (let seed = 1; seed <= runs(5, 200); seed++) {
    const random = seeded(seed);
    const plan = roomToArrange(seed, 4);
    const pushed = Object.values(plan.units).map((u) =>
      set('units', u.id, { x: u.x + (random() - 0.5) * 500, y: u.y + (random() - 0.5) * 500 }),
    );
    const { offers, faults } = tryAll(having(plan, ...pushed));
    expect(faults).toEqual([]);
    all += offers;
  }
  expect(all).toBeGreaterThan(runs(5, 200));
}, 300_000);

test('a cart 28 mm too tall for its place under a desk: the desk is raised, or the cart is a lower one; the desk is not slid away', () => {
  // The underside of the top is at 740 - 30 = 710 mm, the cart 738 mm high, and nobody works at the desk.
  const plan = having(
    rectangle(4000, 3000),
    unitRow(boxUnit('desk', 2000, 400, 1600, 700, table)),
    unitRow(boxUnit('cart', 2000, 450, 400, 400, { ...cart, height: 738 })),
  );
  const f = finding(plan, 'too tall to stand under', 'cart');
  expect(f.by).toBe(28);
  const mends = mendsOf(plan, f);
  // Half of its depth stands under: out to the front by itself, or 30 mm of height.
  expect(mends[0]!.words).toBe('Raise Box desk by 30 mm, to 770 mm');
  expect(mends.every((m) => m.changes.every((c) => c.id === 'cart' || !('set' in c) || !('x' in c.set)))).toBe(true);
  // At a desk that is just right for its sitter, it is the cart that is made lower.
  const low = having(plan, ...seatRows('s', 2000, 900, { unit: 'desk' }, { stature: 1650 }));
  const works = having(low, set('units', 'desk', { height: 710 }), set('units', 'cart', { height: 708 }));
  expect(evaluate(works).findings.map((x) => x.code)).toContain('too tall to stand under');
  expect(offered(works, finding(works, 'too tall to stand under'))).toEqual(
    expect.arrayContaining([expect.stringMatching(/^(Make it lower by 30 mm, to 678 mm|Raise Box desk by 30 mm)/)]),
  );
});

test('a table that is too low for work standing is raised with what stands on it, by the least that is enough', () => {
  const plan = having(
    rectangle(4000, 3000),
    unitRow(boxUnit('desk', 2000, 400, 1600, 700, { ...table, height: 800 })),
    unitRow(boxUnit('set', 2000, 250, 300, 200, { kind: 'drawer unit', tiers: [80], height: 150, bottom: 800 })),
    ...seatRows('s', 2000, 1000, { unit: 'desk', posture: 'standing' }, { stature: 1700 }),
    set('activities', 'a', {
      ...{
        id: 'a',
        name: 'Cutting',
        minutes: 60,
        sessionsPerWeek: 2,
        station: 's',
        posture: 'standing',
        work: 'light',
      },
    } as never),
  );
  const f = finding(plan, 'work height', 'desk');
  const [mend] = mendsOf(plan, f);
  const up = Math.ceil(f.by! / 10) * 10;
  expect(mend!.words).toBe(`Raise it by ${up} mm, to ${800 + up} mm`);
  const after = having(plan, ...mend!.changes);
  expect(after.units.set!.bottom).toBe(800 + up);
  expect(evaluate(after).findings.filter((x) => x.code === 'work height')).toEqual([]);
});

test('a board that hangs before a switch and has no room beside it is hung lower or higher, never taken off its wall', () => {
  const wide: Partial<Unit> = { kind: 'pegboard', tiers: [], height: 600, bottom: 900 };
  const plan = having(
    rectangle(1520, 3000),
    unitRow(boxUnit('peg', 760, 10, 1500, 20, wide)),
    set('fixtures', 'k', {
      ...{ id: 'k', kind: 'switch', name: '', outlets: 0, keepClear: null, depth: 10, width: 80, height: 80 },
      ...{ corner: 'c0', offset: 700, bottom: 1000 },
    } as never),
  );
  const f = finding(plan, 'switch covered', 'peg');
  const mends = mendsOf(plan, f);
  expect(mends.map((m) => m.words)).toEqual(['Hang it 180 mm higher, at 1,080 mm over the floor']);
  expect(having(plan, ...mends[0]!.changes).units.peg!.y).toBe(10);
});

test('a bookcase 60 mm too wide for its niche is made narrower; where there is room beside it, it is slid', () => {
  // Between the west wall and a cupboard that is fixed there are 800 mm; the bookcase is 860 mm wide.
  const plan = having(
    rectangle(1700, 3000),
    unitRow(boxUnit('fixed', 1250, 300, 900, 600, { pinned: true })),
    unitRow(boxUnit('case', 430, 150, 860, 300)),
  );
  const f = finding(plan, 'overlap', 'case');
  expect(f.by).toBe(60);
  expect(offered(plan, f)).toEqual(['Make it 60 mm narrower on its right: 800 mm']);
  const room = having(
    rectangle(4000, 3000),
    unitRow(boxUnit('fixed', 1250, 300, 900, 600, { pinned: true })),
    unitRow(boxUnit('case', 2070, 150, 860, 300)),
  );
  expect(offered(room, finding(room, 'overlap', 'case'))[0]).toBe('Slide it 60 mm to the east');
});

test('a piece before a heater that has nowhere to slide changes places with a smaller one', () => {
  // The north wall is full: a tall case before the heater, a low one beside it that stands under the heater’s height.
  const plan = having(
    rectangle(2000, 3000),
    unitRow(boxUnit('tall', 500, 150, 1000, 300, { height: 1200, fixed: true })),
    unitRow(boxUnit('low', 1500, 150, 1000, 300, { height: 500 })),
    set('fixtures', 'h', {
      ...{ id: 'h', kind: 'heater', name: '', outlets: 0, keepClear: 100, depth: 100, width: 800, height: 400 },
      ...{ corner: 'c0', offset: 100, bottom: 600 },
    } as never),
  );
  const words = offered(plan, finding(plan, 'heater covered', 'tall'));
  expect(words).toContain('Let it change places with Box low');
});

test('a strip for things that leaves too little of a table top to work on is made narrower', () => {
  const plan = having(
    rectangle(4000, 3000),
    unitRow(boxUnit('desk', 2000, 400, 1600, 700, { ...table, storeDepth: 260 })),
    ...seatRows('s', 2000, 1000, { unit: 'desk' }),
    set('activities', 'a', {
      ...{ id: 'a', name: 'Cutting', minutes: 60, sessionsPerWeek: 2, station: 's', posture: 'seated', work: 'light' },
      ...{ surfaceWidth: 600, surfaceDepth: 500 },
    } as never),
  );
  expect(offered(plan, finding(plan, 'surface too small'))).toEqual([
    'Keep 60 mm less of its top for things: a strip of 200 mm',
  ]);
});

test('a table is slid with its seat', () => {
  const plan = having(
    rectangle(4000, 4000),
    unitRow(boxUnit('desk', 1000, 2000, 1200, 700, table)),
    ...seatRows('s', 1000, 2700, { unit: 'desk' }),
    unitRow(boxUnit('case', 300, 2050, 300, 400, { pinned: true, height: 1200 })),
  );
  const f = finding(plan, 'overlap', 'desk');
  const slide = mendsOf(plan, f).find((m) => m.words.startsWith('Slide'))!;
  const after = having(plan, ...slide.changes);
  expect([after.stations.s!.x - 1000, after.stations.s!.y - 2700]).toEqual([
    after.units.desk!.x - 1000,
    after.units.desk!.y - 2000,
  ]);
  expect(slide.by).toBeGreaterThan(0);
});
