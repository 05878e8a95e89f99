/** The curve of what order costs: from the quickest plan to the tidiest, each point a plan that has its figures. */
import { sampleRoom } from '../../demo/sampleRooms.ts';
import { applyChanges } from '../model/change.ts';
import { toEnd } from '../model/groups.ts';
import { evaluate } from '../report/evaluate.ts';
import { orderCurve } from './orderCurve.ts';
import { takeWay } from './ways.ts';

const plan = sampleRoom('cards');
const points = toEnd(orderCurve(plan, { seed: 1, moves: 500 }));

test('more minutes, more together; one of the points is what Fill takes', () => {
  expect(points.length).toBeGreaterThan(2);
  expect(points[0]!.more).toBe(0);
  expect(points.at(-1)!.more).toBeCloseTo(points.at(-1)!.minutes / points[0]!.minutes - 1, 9);
  expect(points.filter((p) => p.usual)).toHaveLength(1);
  points.slice(1).forEach((p, i) => {
    expect(p.minutes).toBeGreaterThan(points[i]!.minutes);
    if (!p.usual && !points[i]!.usual) expect(p.together).toBeGreaterThan(points[i]!.together);
  });
  expect(points.at(-1)!.together).toBeGreaterThan(points[0]!.together + 0.1);
});

test('a point that is taken has its figures, and what lies apart there lies apart', () => {
  for (const p of points) {
    const after = applyChanges(plan, takeWay(plan, p)).plan;
    const { week, names, homes, errors } = evaluate(after);
    expect(errors).toBe(0);
    expect(week.planned.minutes).toBeCloseTo(p.minutes, 9);
    expect(names.planned.placesNamed / names.planned.places).toBeCloseTo(p.named, 9);
    for (const a of p.apart) {
      expect(homes.find((h) => h.id === a.home)!.runs.planned.length).toBeGreaterThan(1);
      expect(a.mm).toBeGreaterThan(0);
      expect(a.lines).toBeLessThan(a.of);
    }
  }
});

test('stopped, it has no points and harms nothing', () => {
  expect(toEnd(orderCurve(plan, { seed: 1, stop: () => true }))).toEqual([]);
});
