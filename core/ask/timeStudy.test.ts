import { demoPlan } from '@heronstone/testing/demo.ts';
import { evaluate } from '../report/evaluate.ts';
import { applyChanges, set } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import { seeded } from '../geometry/seeded.ts';
import { sceneOf } from '../scene/scene.ts';
import { byMotion, MOTIONS, type Motion } from '../fetch/elements.ts';
import { elementsOfTiming, fitFactors, keepFactors, LEAST_TIMINGS, timeStudy, type Timed } from './timeStudy.ts';

const demo = demoPlan();
const scene = sceneOf(demo);
/** Fetches from all seats out of all kinds of places, as a maker with these factors would take, with noise. */
function timings(count: number, factors: Partial<Record<Motion, number>>, noise: number, plan: Plan = demo): Plan {
  const random = seeded(7);
  const places = scene.compartments.filter((c) => c.container === null);
  const changes = Array.from({ length: count }, (_, i) => {
    const c = places[Math.floor(random() * places.length)]!;
    const station = scene.stations[i % scene.stations.length]!;
    const row = {
      id: `t${i}`,
      station: station.id,
      person: null,
      unit: c.unit,
      slot: c.slot,
      container: null,
      supply: null,
      back: i % 2 === 0,
      seconds: 1,
      day: '2026-11-25',
    };
    const motions = byMotion(elementsOfTiming(scene, row)!);
    const true_ = MOTIONS.reduce((sum, m) => sum + motions[m] * (factors[m] ?? 1), 0);
    // Noise of about a normal shape: the sum of four even ones.
    const off = (random() + random() + random() + random() - 2) * Math.sqrt(3) * noise;
    return set('timings', row.id, { ...row, seconds: Math.max(0.2, true_ * (1 + off)) });
  });
  return applyChanges(plan, changes).plan;
}

test('known factors are recovered exactly without noise', () => {
  const study = timeStudy(timings(40, { walking: 1.4, rising: 0.8, bending: 1.2 }, 0));
  expect(study.ok).toBe(true);
  if (!study.ok) return;
  expect(study.factors.walking).toBeCloseTo(1.4, 6);
  expect(study.factors.rising).toBeCloseTo(0.8, 6);
  expect(study.after).toBeLessThan(1e-6);
  expect(study.before).toBeGreaterThan(0.5);
});

test('and within a tenth with 5 % of noise; what is left over is smaller than before', () => {
  const study = timeStudy(timings(80, { walking: 1.4, rising: 1.25 }, 0.05));
  if (!study.ok) throw new Error(study.reason);
  expect(Math.abs(study.factors.walking! - 1.4)).toBeLessThan(0.1);
  expect(Math.abs(study.factors.rising! - 1.25)).toBeLessThan(0.2);
  expect(study.after).toBeLessThan(study.before / 2);
  expect(study.timed).toHaveLength(80);
});

test('too few are refused, with how many more', () => {
  for (let n = 0; n < LEAST_TIMINGS; n++) {
    const study = timeStudy(timings(n, { walking: 2 }, 0));
    expect(study).toMatchObject({ ok: false, need: LEAST_TIMINGS - n });
  }
  expect(timeStudy(timings(LEAST_TIMINGS, { walking: 2 }, 0)).ok).toBe(true);
});

test('fetches that are all alike give one factor for all, not six made-up ones', () => {
  const motions = byMotion([
    { kind: 'walk', quantity: 4, seconds: 2 },
    { kind: 'stand up', quantity: 1, seconds: 1.5 },
  ]);
  const same: Timed[] = Array.from({ length: 12 }, (_, i) => ({
    id: `${i}`,
    seconds: 7,
    before: 3.5,
    after: 3.5,
    motions,
  }));
  const study = fitFactors(same);
  expect(study).toMatchObject({ ok: true, together: true });
  if (study.ok) for (const m of MOTIONS) expect(study.factors[m]).toBeCloseTo(2, 9);
  expect(fitFactors(same.map((t) => ({ ...t, seconds: 90 })))).toMatchObject({ ok: false });
});

test('kept factors multiply what is there, and every figure follows', () => {
  const plan = timings(40, { walking: 1.5 }, 0);
  const study = timeStudy(plan);
  if (!study.ok) throw new Error(study.reason);
  const constants = keepFactors({ walk: 16 }, study.factors);
  expect(constants).toMatchObject({ walk: 16, walking: 1.5 });
  const kept = applyChanges(plan, [
    { table: 'meta', id: 'demo', set: { constants: keepFactors({}, study.factors) } },
  ]).plan;
  const again = timeStudy(kept);
  if (!again.ok) throw new Error(again.reason);
  expect(again.before).toBeLessThan(0.05);
  const [before, after] = [evaluate(plan).week.today, evaluate(kept).week.today];
  expect(after.motions.walking / before.motions.walking).toBeCloseTo(1.5, 2);
});

test('a timing whose place is gone is left out', () => {
  const plan = timings(8, {}, 0);
  const gone = applyChanges(plan, [set('timings', 't0', { slot: 'd99' })]).plan;
  const study = timeStudy(gone);
  expect(study.timed).toHaveLength(7);
});
