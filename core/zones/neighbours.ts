/** Which places of a piece of furniture are neighbours, and the runs that places make: the next drawer down, the cubby beside. */
import { groupBy } from '../model/groups.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { once } from '../model/memo.ts';
import { openingOf, type Scene } from '../scene/scene.ts';

/** By how much two fronts overlap at the least to be over or beside each other, as a share of the smaller. */
const OVERLAP = 0.5;

/**
 * Neighbours of every place, in its own piece of furniture: the next one up, down, left and right of an opening; for a box what
 * stands with it in one opening or in the next one, and that opening itself.
 */
export const neighboursOf = (scene: Pick<Scene, 'compartments'>): ReadonlyMap<string, readonly string[]> =>
  neighbours(scene.compartments);

const neighbours = once((compartments: readonly Compartment[]): Map<string, string[]> => {
  const units = groupBy(compartments, (c) => c.unit);
  const near = new Map<string, Set<string>>(compartments.map((c) => [c.id, new Set()]));
  const join = (a: string, b: string) => {
    near.get(a)!.add(b);
    near.get(b)!.add(a);
  };
  for (const list of units.values()) {
    const openings = list.filter((c) => c.container === null);
    for (const c of openings) {
      for (const [along, across] of AXES) {
        const next = openings
          .filter((o) => o !== c && across(o)[0] < across(c)[0] && overlap(along(o), along(c)) >= OVERLAP)
          .sort((a, b) => across(b)[0] - across(a)[0] || (a.id < b.id ? -1 : 1));
        // All those that are next at the same distance.
        for (const o of next) if (across(o)[0] >= across(next[0]!)[0] - 1) join(c.id, o.id);
      }
    }
    const boxes = list.filter((c) => c.container !== null);
    const opened = new Map(openings.map((c) => [c.id, c]));
    for (const [i, a] of boxes.entries()) {
      const [own] = [openingOf(a.id)];
      if (opened.has(own)) join(a.id, own);
      for (const b of boxes.slice(i + 1)) {
        const other = openingOf(b.id);
        if (own === other || near.get(own)?.has(other)) join(a.id, b.id);
      }
    }
  }
  return new Map([...near].map(([id, set]) => [id, [...set]]));
});

type Span = readonly [number, number];
type Axis = (c: Compartment) => Span;
const UP: Axis = (c) => [c.front.bottom, c.front.top];
const ACROSS: Axis = (c) => [c.front.left, c.front.right];
const AXES: ReadonlyArray<readonly [along: Axis, across: Axis]> = [
  [ACROSS, UP],
  [UP, ACROSS],
];

function overlap([a, b]: Span, [c, d]: Span): number {
  const smaller = Math.min(b - a, d - c);
  return smaller <= 0 ? (Math.min(b, d) >= Math.max(a, c) ? 1 : 0) : (Math.min(b, d) - Math.max(a, c)) / smaller;
}

/** Places as runs of neighbours, each in the order in which it was reached. */
export function runsOf(scene: Pick<Scene, 'approaches' | 'compartments'>, places: Iterable<string>): string[][] {
  const near = neighboursOf(scene);
  const left = new Set(places);
  const runs: string[][] = [];
  for (const first of [...left]) {
    if (!left.delete(first)) continue;
    const run = [first];
    for (const at of run) for (const next of near.get(at) ?? []) if (left.delete(next)) run.push(next);
    runs.push(run);
  }
  return runs;
}
