/** Homes to runs, beside HiGHS run to proof: every way in which the lines of a home may lie is a column, so the model knows all of it. */
import highsLoader from 'highs';
import { seeded } from '../geometry/seeded.ts';
import { belongingInstance } from '@heronstone/testing/assignments.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { toEnd } from '../model/groups.ts';
import { assignAll } from './assign.ts';
import { costOf, plainProblem, type Problem } from './assignment.ts';
import { homesToRuns, wholeWhereFree } from './homesToRuns.ts';

/** Places of a small room, in two pieces of furniture. */
const PLACES = 5;

/** Homes of two or three lines, three in a small room, and places that each have room for some three lines. */
function room(seed: number, homes = 3, places = PLACES): Problem {
  const random = seeded(seed);
  const home = Array.from({ length: homes }, (_, h) => h).flatMap((h) =>
    Array.from({ length: 2 + Math.floor(random() * 2) }, () => h),
  );
  const items = home.length;
  const far = Array.from({ length: places }, () => 5 + 60 * random());
  const cost = new Float64Array(items * places);
  const size = new Float64Array(items * places);
  for (let i = 0; i < items; i++) {
    const fetches = 0.2 + 3 * random();
    for (let j = 0; j < places; j++) {
      cost[i * places + j] = random() < 0.15 ? Infinity : fetches * far[j]! * (0.8 + 0.4 * random());
      size[i * places + j] = 40 + 60 * random();
    }
  }
  const bare = plainProblem({
    ...{ items, places, cost, size },
    capacity: Float64Array.from({ length: places }, () => 180 + 80 * random()),
    without: new Float64Array(items).fill(2000),
  });
  return {
    ...bare,
    unit: Int32Array.from({ length: places }, (_, j) => Math.floor(j / 3)),
    near: Array.from({ length: places }, (_, j) =>
      [j - 1, j + 1].filter((k) => k >= 0 && k < places && Math.floor(k / 3) === Math.floor(j / 3)),
    ),
    naming: {
      ...{ home: Int32Array.from(home), label: Int32Array.from(home), zone: new Int32Array(items).fill(-1) },
      ...{
        weight: new Float64Array(homes).fill(1),
        ownNames: new Int32Array(homes).fill(2),
        torn: 15,
        far: 30,
        nameless: 90,
        run: 15,
        place: 4,
      },
      ...{ mixed: new Float64Array(places), strangers: 0, tangled: 350, homesInPlace: 2, linesOnTable: 5, lying: [] },
    },
  };
}

/** The model: a column for each way in which all of a home may lie, the room of places, and homes too many for a name. */
function modelOf(p: Problem): string {
  const homes = [0, 1, 2].map((h) =>
    Array.from({ length: p.items }, (_, i) => i).filter((i) => p.naming!.home[i] === h),
  );
  const terms: string[] = [];
  const names: string[] = [];
  const room = Array.from({ length: PLACES }, () => [] as string[]);
  const inPlace = Array.from({ length: PLACES }, () => [] as string[]);
  const rows: string[] = [];
  for (const [h, items] of homes.entries()) {
    const own: string[] = [];
    for (let code = 0; code < (PLACES + 1) ** items.length; code++) {
      const at = new Int32Array(p.items).fill(-1);
      items.forEach((i, n) => (at[i] = (Math.floor(code / (PLACES + 1) ** n) % (PLACES + 1)) - 1));
      if (items.some((i) => at[i]! >= 0 && p.cost[i * PLACES + at[i]!] === Infinity)) continue;
      // What others would cost out of their places is taken off again.
      const others = p.without.reduce((sum, w, i) => sum + (items.includes(i) ? 0 : w), 0);
      const name = `x${h}_${code}`;
      terms.push(`${(costOf(p, at) - others).toFixed(6)} ${name}`);
      names.push(name);
      own.push(name);
      for (let j = 0; j < PLACES; j++) {
        const takes = items.reduce((sum, i) => sum + (at[i] === j ? p.size[i * PLACES + j]! : 0), 0);
        if (takes > 0) room[j]!.push(`${takes.toFixed(6)} ${name}`);
        if (takes > 0) inPlace[j]!.push(name);
      }
    }
    rows.push(` h${h}: ${own.join(' + ')} = 1`);
  }
  for (let j = 0; j < PLACES; j++) {
    if (room[j]!.length === 0) continue;
    terms.push(`350 t${j}`);
    rows.push(` r${j}: ${room[j]!.join(' + ')} <= ${p.capacity[j]!.toFixed(6)}`);
    rows.push(` n${j}: ${inPlace[j]!.join(' + ')} - t${j} <= 2`);
  }
  return `Minimize\n obj: ${terms.join(' + ')}\nSubject To\n${rows.join('\n')}\nBinary\n ${names.join(' ')}\nEnd\n`;
}

test('sixty small rooms: what HiGHS proves to be the best is found, in most by whole homes alone', async () => {
  const highs = await highsLoader();
  const rooms = runs(60, 600);
  let whole = 0;
  for (let seed = 1; seed <= rooms; seed++) {
    const p = room(seed);
    const { Status, ObjectiveValue: best } = highs.solve(modelOf(p));
    expect(Status).toBe('Optimal');
    const laid = toEnd(homesToRuns(p, 1));
    expect(laid.cost).toBeGreaterThanOrEqual(best - 1e-3);
    if (laid.cost <= best + 1e-3) whole++;
    // Then single things move.
    expect([seed, assignAll(p, 1, laid.at, 600).cost - best < 1e-3]).toEqual([seed, true]);
  }
  expect(whole / rooms).toBeGreaterThan(0.5);
});

test('property: no home is torn while a run that costs less has room for all of it', () => {
  let looked = 0;
  for (let seed = 1; seed <= runs(40, 1000); seed++) {
    const p = room(seed, 8, 12);
    const laid = wholeWhereFree(p, assignAll(p, seed, toEnd(homesToRuns(p, seed)).at, 200).at);
    const cost = costOf(p, laid);
    for (let h = 0; h < 8; h++) {
      const items = [...laid.keys()].filter((i) => p.naming!.home[i] === h);
      for (let j = 0; j < p.places; j++) {
        // All of the home in one place, with all else as it is.
        const other = Int32Array.from(laid, (at, i) => (items.includes(i) ? j : at));
        const takes = [...other.keys()].reduce((n, i) => n + (other[i] === j ? p.size[i * p.places + j]! : 0), 0);
        if (takes > p.capacity[j]! || items.some((i) => p.cost[i * p.places + j] === Infinity)) continue;
        looked++;
        expect([seed, h, j, costOf(p, other) >= cost - 1e-6]).toEqual([seed, h, j, true]);
      }
    }
  }
  expect(looked).toBeGreaterThan(runs(40, 1000));
});

test('the same seed gives the same answer, and it begins from what it is given', () => {
  const p = belongingInstance({ items: 30, places: 14, seed: 5, look: 0.26, paired: true, sorted: true });
  const once = toEnd(homesToRuns(p, 3));
  expect(toEnd(homesToRuns(p, 3))).toEqual(once);
  expect(toEnd(homesToRuns(p, 4, once.at)).cost).toBeLessThanOrEqual(once.cost + 1e-6);
});
