import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { allIn } from '../report/allIn.ts';
import { evaluate } from '../report/evaluate.ts';
import { emptyOfContainers, takeAdvice } from '../ask/takeContainerAdvice.ts';
import { containerAdvice } from '../ask/containerAdvice.ts';
import { applyChanges, removeWithDependents, set, type Change } from '../model/change.ts';
import {
  emptyPlan,
  STANDING_DEFAULTS,
  SUPPLY_DEFAULTS,
  UNIT_DEFAULTS,
  type Container,
  type Plan,
} from '../model/plan.ts';
import { CONTAINER_DEFAULTS } from '../model/supply.ts';
import { overlaps, standContainers } from './containers.ts';
import { carryContainer, placeContainer, takeContainerAway } from '../gestures/moveContainer.ts';

const box = (id: string, size: [number, number, number], more: Partial<Container> = {}): Container => ({
  id,
  ...CONTAINER_DEFAULTS,
  name: id,
  kind: 'box',
  width: size[0],
  depth: size[1],
  height: size[2],
  insideWidth: size[0] - 4,
  insideDepth: size[1] - 4,
  insideHeight: size[2] - 2,
  lid: 'none',
  pulled: false,
  seeThrough: false,
  price: 5,
  mass: null,
  owned: false,
  labelled: false,
  arrangement: 'planned',
  unit: 'cubes',
  slot: 'c1r1',
  parent: null,
  becomes: null,
  x: null,
  y: null,
  returns: null,
  turned: false,
  ...more,
});
const unit = {
  ...UNIT_DEFAULTS,
  ...STANDING_DEFAULTS,
  kind: 'cube shelf' as const,
  columns: 2,
  tiers: [330],
  width: 708,
  depth: 380,
  height: 362,
  board: 16,
  x: 0,
  y: 0,
  turn: 0,
};
const pens = {
  ...SUPPLY_DEFAULTS,
  id: 'pens',
  name: 'Pens',
  category: '',
  form: 'pieces',
  count: 20,
  length: 140,
  width: 12,
  thickness: 12,
  grammage: null,
  mass: null,
  orientations: ['flat', 'edge', 'end'],
  goesBack: true,
  note: '',
} as const;
const placed = (id: string, container: string | null) =>
  set('placements', id, {
    id,
    arrangement: 'planned',
    supply: 'pens',
    unit: 'cubes',
    slot: 'c1r1',
    container,
    count: 20,
    orientation: null,
    pinned: false,
  });
const planWith = (...changes: Change[]): Plan =>
  applyChanges(emptyPlan({ id: 'x' }), [
    set('units', 'cubes', { ...unit, id: 'cubes', name: 'Cubes' }),
    set('supplies', 'pens', { ...pens, orientations: [...pens.orientations] }),
    ...changes,
  ]).plan;
const put = (c: Container) => set('containers', c.id, c);
const codes = (plan: Plan) => evaluate(plan).findings.map((f) => f.code);

test('a container is a place of its own with its inside; what lies in it counts there, and is in its opening, too', () => {
  const report = evaluate(planWith(put(box('bin', [160, 370, 150])), placed('p', 'bin')));
  const own = report.compartments.find((c) => c.container === 'bin')!;
  expect(own).toMatchObject({
    id: 'cubes/c1r1#bin',
    within: 'cubes/c1r1',
    inside: { width: 156, depth: 366, height: 148 },
  });
  expect(report.placements.p).toMatchObject({ compartment: own.id, fits: 20, place: 'Cubes, column 1, row 1, bin' });
  const opening = report.compartments.find((c) => c.id === 'cubes/c1r1')!;
  expect(opening).toMatchObject({ holds: { planned: ['bin'] }, contents: { planned: [] } });
  expect(allIn(report, opening, 'planned')).toEqual(['p']);
  expect(opening.fill.planned.share).toBeCloseTo((160 * 370) / (330 * 380), 9);
  expect(report.shopping).toMatchObject({ cost: 5, containers: [{ kind: 'box', count: 1, price: 5 }] });
});

test('a lid costs the time to open it', () => {
  const seat = [
    set('people', 'p', { id: 'p', name: 'Maker', stature: 1700 }),
    set('stations', 's', {
      id: 's',
      name: 'Seat',
      unit: null,
      person: 'p',
      x: 0,
      y: 900,
      facing: 0,
      posture: 'standing',
      seatHeight: 450,
    }),
  ];
  const seconds = (lid: 'on' | 'none') =>
    evaluate(planWith(...seat, put(box('bin', [160, 370, 150], { lid })), placed('p', 'bin'))).placements.p!
      .secondsPerFetch;
  expect(seconds('on')).toBeGreaterThan(seconds('none') + 0.5);
});

test('containers nest one level; deeper, elsewhere, too large, overlapping and shut ones are said', () => {
  const inner = box('inner', [60, 60, 60], { parent: 'bin' });
  expect(codes(planWith(put(box('bin', [160, 370, 150])), put(inner), placed('p', 'bin')))).toEqual([]);
  const deeper = box('deeper', [30, 30, 30], { parent: 'inner' });
  expect(codes(planWith(put(box('bin', [160, 370, 150])), put(inner), put(deeper)))).toContain('nested too deep');
  // Two in each other, and one in itself, are named as such.
  const [one, other] = [box('one', [160, 370, 150]), box('other', [140, 300, 120])];
  const each = planWith(put({ ...one, parent: 'other' }), put({ ...other, parent: 'one' }));
  expect(codes(each)).toContain('in itself');
  expect(evaluate(each).findings.find((f) => f.code === 'in itself')!.message).toMatch(
    /are said to stand in each other/,
  );
  expect(codes(planWith(put({ ...one, parent: 'one' })))).toContain('in itself');
  expect(codes(planWith(put(box('bin', [160, 370, 150])), put({ ...inner, slot: 'c2r1' })))).toContain(
    'container elsewhere',
  );
  const tall = evaluate(planWith(put(box('bin', [160, 370, 340])))).findings[0]!;
  expect(tall).toMatchObject({
    code: 'container does not fit',
    severity: 'error',
    message: expect.stringMatching(/10 mm too tall/),
  });
  expect(
    codes(planWith(put(box('a', [160, 370, 150], { x: 0, y: 0 })), put(box('b', [160, 370, 150], { x: 100, y: 0 })))),
  ).toContain('container does not fit');
  expect(codes(planWith(put(box('bin', [160, 370, 315], { lid: 'on', pulled: true }))))).toContain('lid cannot open');
  expect(codes(planWith(put(box('bin', [160, 370, 300], { lid: 'on', pulled: true }))))).toEqual([]);
  expect(codes(planWith(put(box('bin', [160, 370, 150], { slot: 'd9' }))))).toContain('no such place');
});

test('carried with what is in it, taken away without losing it, gone from the plan with it out', () => {
  const plan = planWith(
    put(box('bin', [160, 370, 150])),
    put(box('inner', [60, 60, 60], { parent: 'bin' })),
    placed('p', 'bin'),
  );
  const carried = applyChanges(plan, carryContainer(plan, 'bin', { unit: 'cubes', slot: 'c2r1' })).plan;
  expect(carried.placements.p).toMatchObject({ slot: 'c2r1', container: 'bin' });
  expect(carried.containers.inner).toMatchObject({ slot: 'c2r1', parent: 'bin' });
  expect(codes(carried)).toEqual([]);
  const away = applyChanges(plan, takeContainerAway(plan, 'bin')).plan;
  expect(away.containers).toEqual({});
  expect(away.placements.p).toMatchObject({ slot: 'c1r1', container: null });
  const removed = applyChanges(plan, removeWithDependents(plan, 'containers', 'bin')).plan;
  expect(removed.placements.p).toMatchObject({ container: null });
});

test('moved inside its place it stays inside, is drawn to its neighbour, and never stands in another', () => {
  const plan = planWith(
    put(box('a', [100, 100, 50], { x: 0, y: 0 })),
    put(box('b', [100, 100, 50], { x: 200, y: 200 })),
  );
  const report = evaluate(plan);
  const within = report.compartments.find((c) => c.id === 'cubes/c1r1')!;
  const at = (x: number, y: number) => {
    const { changes, reason } = placeContainer(plan, report, within, 'b', { x, y });
    if (reason) return reason;
    const { containers } = applyChanges(plan, changes).plan;
    return [containers.b!.x, containers.b!.y];
  };
  expect(at(103, 2)).toEqual([100, 0]);
  expect(at(900, 900)).toEqual([230, 280]);
  expect(at(50, 20)).toMatch(/would stand in another/);
});

test('taking advice puts containers in, to be bought, with everything in them; and out again', () => {
  const plan = planWith(placed('p', null));
  const report = evaluate(plan);
  const c = report.compartments.find((x) => x.id === 'cubes/c1r1')!;
  const {
    id: _,
    owned: _o,
    labelled: _l,
    arrangement: _a,
    unit: _u,
    slot: _s,
    parent: _p,
    x: _x,
    y: _y,
    turned: _t,
    ...shape
  } = box('tray', [80, 150, 40]);
  const { mixes } = containerAdvice([{ supply: plan.supplies.pens!, count: 20 }], c, [shape], 'space');
  let n = 0;
  const taken = applyChanges(
    plan,
    takeAdvice(plan, c, mixes[0]!, () => `n${n++}`),
  ).plan;
  const after = evaluate(taken);
  expect(after.errors).toBe(0);
  expect(Object.values(taken.placements).reduce((sum, p) => sum + p.count, 0)).toBe(20);
  expect(Object.values(after.placements).every((p) => p.fits === p.count && p.compartment.includes('#'))).toBe(true);
  expect(after.shopping.containers[0]!.count).toBe(mixes[0]!.items[0]!.containers);
  const out = applyChanges(taken, emptyOfContainers(taken, c)).plan;
  expect(out.containers).toEqual({});
  expect(evaluate(out).errors).toBe(0);
});

test('property: containers stand inside their place and apart, those with a place of their own at it', () => {
  const side = fc.integer({ min: 20, max: 200 });
  const at = fc.option(fc.tuple(fc.integer({ min: -20, max: 300 }), fc.integer({ min: -20, max: 300 })), { nil: null });
  fc.assert(
    fc.property(fc.array(fc.tuple(side, side, at, fc.boolean()), { maxLength: 8 }), (rows) => {
      const boxes = rows.map(([w, d, xy, turned], i) =>
        box(`b${i}`, [w, d, 50], { x: xy?.[0] ?? null, y: xy?.[1] ?? null, turned }),
      );
      const place = {
        access: 'open' as const,
        walls: 'sides' as const,
        inside: { width: 330, depth: 380, height: 330 },
      };
      const standing = standContainers(boxes, place, 'metric');
      const rects = standing.flatMap((s) => (s.rect ? [s.rect] : []));
      rects.forEach((r, i) => {
        expect(r.x >= -1e-6 && r.y >= -1e-6 && r.x + r.w <= 330 + 1e-6 && r.y + r.d <= 380 + 1e-6).toBe(true);
        expect(rects.slice(0, i).some((o) => overlaps(o, r))).toBe(false);
      });
      standing.forEach((s, i) => {
        expect((s.rect === null) === (s.reason !== null)).toBe(true);
        const b = boxes[i]!;
        if (s.rect && b.x !== null) expect([s.rect.x, s.rect.y, s.turned]).toEqual([b.x, b.y, b.turned]);
      });
    }),
    { numRuns: runs(150) },
  );
});
