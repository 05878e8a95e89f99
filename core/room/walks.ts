/** How far it is from each station to where one stands before each compartment; worked out once for a room as it stands. */
import { onceFor } from '../model/memo.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { byName, type Plan } from '../model/plan.ts';
import { distance, type Point } from '../geometry/geometry.ts';
import { floorOf, reachedOver } from './floor.ts';
import { pathsFromSeat } from './seatPaths.ts';
import { standBefore, standBeyond, type NoPath, type Path } from '../geometry/path.ts';

interface Walk {
  /** mm; the straight line where there is no path. */
  length: number;
  path: Path | null;
  /** Why there is none. */
  reason: NoPath | null;
  /** Something stands right before it, and one reaches over that. */
  over?: true;
}

/** walks.get(station).get(compartment) */
export type Walks = ReadonlyMap<string, ReadonlyMap<string, Walk>>;

/** All walks of a plan as it stands (see standing). Without an outline people walk straight; what is elsewhere takes no walk here. */
export const walksOf = onceFor(
  (plan: Plan, _: readonly Compartment[]) => [
    plan.units,
    plan.corners,
    plan.stations,
    plan.overheads,
    plan.meta.ceiling,
  ],
  measure,
);

function measure(plan: Plan, compartments: readonly Compartment[]): Walks {
  const stations = byName(plan.stations);
  const straight = (station: Point, c: Compartment, reason: NoPath | null): Walk => ({
    length: distance(station, c.stand),
    path: null,
    reason,
  });
  if (Object.keys(plan.corners).length < 3) {
    return new Map(stations.map((s) => [s.id, new Map(compartments.map((c) => [c.id, straight(s, c, null)]))]));
  }
  const floor = floorOf(plan);
  // The drawers of a unit share the place before it.
  const places = new Map<string, Point>();
  const over = new Set<string>();
  const key = (c: Compartment) => `${c.unit} ${c.stand.x} ${c.stand.y}`;
  const here = compartments.filter((c) => plan.units[c.unit]);
  for (const c of here)
    if (!places.has(key(c))) {
      const hangs = reachedOver(plan.units[c.unit]!);
      const beyond = hangs ? null : standBeyond(floor, c.mouth, c.stand);
      if (beyond) over.add(key(c));
      places.set(key(c), beyond ?? standBefore(floor, c.mouth, c.stand, hangs));
    }
  const goals = [...places.values()];
  const index = new Map([...places.keys()].map((k, i) => [k, i]));
  return new Map(
    stations.map((station) => {
      const paths = pathsFromSeat(floor, station, goals);
      const own = new Map(
        compartments.map((c): [string, Walk] => {
          if (!plan.units[c.unit]) return [c.id, { length: 0, path: null, reason: null }];
          const found = paths[index.get(key(c))!]!;
          return [
            c.id,
            typeof found === 'string'
              ? straight(station, c, found)
              : { length: found.length, path: found, reason: null, ...(over.has(key(c)) ? { over: true } : {}) },
          ];
        }),
      );
      return [station.id, own];
    }),
  );
}
