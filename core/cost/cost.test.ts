import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { evaluate } from '../report/evaluate.ts';
import { explain } from '../ask/explain.ts';
import { applyChanges, set } from '../model/change.ts';
import { sceneOf } from '../scene/scene.ts';
import { PUBLISHED } from '../model/constants.ts';
import { seeded } from '../geometry/seeded.ts';
import { lookupIn, penaltiesOf, placeCost, lookSeconds, secondsFrom } from './cost.ts';
import { stripWidth } from '../fit/poses.ts';
import { Fitter } from '../fit/feasible.ts';
import { changesTo, solveAll } from '../search/solve.ts';

const demo = demoPlan();
const scene = sceneOf(demo);
const at = (id: string) => scene.compartment.get(id)!;
const supply = (id: string) => demo.supplies[id]!;
const alone = { lines: 1, share: 0 };

describe('what a place costs', () => {
  test('is fetches a week times seconds a fetch, over all uses', () => {
    const brushes = supply('brushes-fine');
    const cost = placeCost(scene, brushes, at('cubes/c1r1'), alone, 'planned');
    const uses = scene.uses.get('brushes-fine')!;
    expect(cost.fetches).toBeCloseTo(
      uses.reduce((sum, u) => sum + u.fetches, 0),
      9,
    );
    const byHand = uses.reduce(
      (sum, u) => sum + u.fetches * secondsFrom(scene, brushes, at('cubes/c1r1'), u.station, alone, 'planned'),
      0,
    );
    expect(cost.fetching).toBeCloseTo(byHand, 9);
    expect(cost.penalty).toBe(0);
  });

  test('a heavy machine costs a penalty high up and on the floor, none between knee and shoulder', () => {
    const machine = supply('sewing-machine');
    const way = (id: string) => scene.approaches.get('seat-sewing')!.get(id)!;
    const [high] = penaltiesOf(scene, machine, at('shelfE/s1'), way('shelfE/s1'));
    expect(high).toMatchObject({ code: 'heavy', seconds: 9 * PUBLISHED.heavyPerKilo });
    expect(penaltiesOf(scene, machine, at('books/s6'), way('books/s6'))[0]!.words).toMatch(/on the floor/);
    expect(penaltiesOf(scene, machine, at('books/s4'), way('books/s4'))).toEqual([]);
    expect(penaltiesOf(scene, supply('pins'), at('shelfE/s1'), way('shelfE/s1'))).toEqual([]);
  });

  test('a line more in a compartment adds half a look; the first one none', () => {
    expect(lookSeconds(1)).toBe(0);
    expect(lookSeconds(3) - lookSeconds(2)).toBeCloseTo((7.3 * 0.036) / 2, 9);
    const two = placeCost(scene, supply('pins'), at('tall/d1'), { lines: 2, share: 0.5 }, 'planned');
    const one = placeCost(scene, supply('pins'), at('tall/d1'), alone, 'planned');
    expect(two.fetching - one.fetching).toBeCloseTo(one.fetches * lookSeconds(2), 9);
  });

  test('today an unlabelled drawer is guessed at, an open shelf is not; a plan counts on its labels', () => {
    const find = (id: string, arrangement: 'today' | 'planned', plan = demo) =>
      lookupIn(sceneOf(plan), supply('pins'), at(id), alone, arrangement);
    expect(find('tall/d1', 'today')).toMatchObject({ known: false, alike: 9, loose: true, aside: 0 });
    expect(find('tall/d1', 'planned').known).toBe(true);
    expect(find('books/s1', 'today').known).toBe(true);
    const labelled = applyChanges(demo, [set('units', 'tall', { labelled: true })]).plan;
    expect(find('tall/d1', 'today', labelled).known).toBe(true);
  });

  test('what is overfull makes one move things aside, in proportion to what is too much', () => {
    const aside = (lines: number, share: number) =>
      lookupIn(scene, supply('pins'), at('trunk/box'), { lines, share }, 'today').aside;
    expect(aside(10, 1)).toBe(0);
    expect(aside(10, 2)).toBeCloseTo(2.5, 9);
    expect(aside(20, 2)).toBeCloseTo(5, 9);
  });
});

describe('feasibility', () => {
  const fitter = new Fitter(scene.compartments, 0.2);
  test('leaves the room to grow, and knows compartments of the same size as one', () => {
    const index = scene.compartments.findIndex((c) => c.id === 'cubes/c1r1');
    // Nine skeins, and a fifth of the room for two more of them.
    const { width, lie } = fitter.into(supply('yarn-bright'), 9, index, 0)!;
    expect(width).toBeCloseTo(stripWidth(lie, 11), 9);
    const twin = scene.compartments.findIndex((c) => c.id === 'cubes/c2r3');
    expect(fitter.ways(supply('gouges'), index)).toBe(fitter.ways(supply('gouges'), twin));
  });

  test('what is taken already is not given again', () => {
    const index = scene.compartments.findIndex((c) => c.id === 'cubes/c1r1');
    const whole = fitter.into(supply('yarn-bright'), 9, index, 0)!;
    expect(whole.count).toBeGreaterThan(0);
    expect(fitter.into(supply('yarn-bright'), 9, index, 320)).toBeNull();
  });
});

describe('the seeded generator', () => {
  test('same seed, same numbers between 0 and 1; another seed, others', () => {
    const take = (seed: number) => Array.from({ length: 5 }, seeded(seed));
    expect(take(7)).toEqual(take(7));
    expect(take(7)).not.toEqual(take(8));
    expect(take(7).every((x) => x >= 0 && x < 1)).toBe(true);
  });
});

describe('why here names true reasons', () => {
  const report = evaluate(demo);
  const often = Object.values(report.placements)
    .filter((p) => p.arrangement === 'planned' && !p.pinned)
    .sort((a, b) => b.fetchesPerWeek - a.fetchesPerWeek)[0]!;

  test('take the fetches away and the thing is placed elsewhere, with another reason', () => {
    const uses = Object.values(demo.uses).filter((u) => u.supply === often.supply);
    const unused = applyChanges(
      withFewThings(demo, [often.supply]),
      uses.map((u) => set('uses', u.id, { fetches: 0 })),
    ).plan;
    const again = applyChanges(unused, changesTo(unused, solveAll(unused, { seed: 1, moves: 30 }))).plan;
    const next = evaluate(again);
    const moved = Object.values(next.placements).find((p) => p.arrangement === 'planned' && p.supply === often.supply)!;
    expect(moved.compartment).not.toBe(often.compartment);
    expect(explain(again, next, moved.id).reasons[1]).toMatch(/^Nobody fetches it/);
    expect(explain(demo, report, often.id).reasons[1]).toMatch(/^Fetched \d+ times a week/);
  });

  test('a lock is the first reason; the next best places are never cheaper and free', () => {
    const locked = applyChanges(demo, [set('placements', often.id, { pinned: true })]).plan;
    const why = explain(locked, evaluate(locked), often.id);
    expect(why.reasons[0]).toBe('You keep it here.');
    for (const place of why.nextBest) expect(place.fits).toBeGreaterThanOrEqual(often.count);
    for (const place of why.nearer) expect(place.seconds).toBeGreaterThan(0);
  });

  test('a placement that is not there is an error that names it', () => {
    expect(() => explain(demo, report, 'nothing')).toThrow(/no placement “nothing”/);
  });
});
