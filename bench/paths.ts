/** Ways over the free floor: how their time grows with the furniture, and against A* on a grid (the package pathfinding). */
import { performance } from 'node:perf_hooks';
import PF from 'pathfinding';
import { footprint } from '@heronstone/core/furniture/footprint.ts';
import { applyChanges, set, type Change } from '@heronstone/core/model/change.ts';
import { emptyPlan, STANDING_DEFAULTS, UNIT_DEFAULTS, type Plan } from '@heronstone/core/model/plan.ts';
import { distanceToSegment, inside, type Point } from '@heronstone/core/geometry/geometry.ts';
import { BODY, floorOf } from '@heronstone/core/room/floor.ts';
import { pathsFrom, type Path } from '@heronstone/core/geometry/path.ts';

/** A room of rows of units at any angle, with aisles between them, as large as they need; or a hall of the size for 120 of them. */
function roomWith(units: number, hall = false): { plan: Plan; stations: Point[]; goals: Point[] } {
  const columns = Math.ceil(Math.sqrt(hall ? 120 : units));
  const rows = Math.ceil((hall ? 120 : units) / columns);
  // In the hall the units stand spread over all of its places.
  const place = (i: number) => (hall ? Math.floor((i * 120) / units) : i);
  const cell = 1900;
  const [x, y] = [columns * cell + 1200, rows * cell + 1200];
  const changes: Change[] = (
    [
      [0, 0],
      [x, 0],
      [x, y],
      [0, y],
    ] as const
  ).map(([cx, cy], order) =>
    set('corners', `c${order}`, { id: `c${order}`, order, x: cx, y: cy, wall: `Wall ${order}` }),
  );
  const goals: Point[] = [];
  for (let i = 0; i < units; i++) {
    const at = { x: 1200 + (place(i) % columns) * cell + 350, y: 1200 + Math.floor(place(i) / columns) * cell + 350 };
    const turn = (i * 37) % 180;
    const row = {
      ...UNIT_DEFAULTS,
      ...STANDING_DEFAULTS,
      id: `u${i}`,
      name: `Unit ${i}`,
      kind: 'bookcase' as const,
      ...at,
      turn,
      width: 900,
      depth: 380,
      height: 1200,
      tiers: [300],
    };
    changes.push(set('units', row.id, row));
    goals.push({ x: at.x - Math.sin((turn * Math.PI) / 180) * 650, y: at.y + Math.cos((turn * Math.PI) / 180) * 650 });
  }
  const stations = Array.from({ length: 12 }, (_, i) => ({
    x: 500 + ((x - 1000) * i) / 11,
    y: i % 2 === 0 ? 450 : y - 450,
  }));
  return { plan: applyChanges(emptyPlan({ id: 'bench' }), changes).plan, stations, goals };
}

function allPaths(room: ReturnType<typeof roomWith>): { seconds: number; paths: Array<Path | null> } {
  const start = performance.now();
  const floor = floorOf(room.plan);
  const paths = room.stations.flatMap((s) =>
    pathsFrom(floor, s, room.goals).map((p) => (typeof p === 'string' ? null : p)),
  );
  return { seconds: (performance.now() - start) / 1000, paths };
}

/** Ways on a grid, straightened by the package; cells are shut when their middle is nearer to something than a body. */
function gridPaths(
  room: ReturnType<typeof roomWith>,
  cell: number,
): { seconds: number; lengths: Array<number | null> } {
  const outline = Object.values(room.plan.corners).map(({ x, y }) => ({ x, y }));
  const start = performance.now();
  const [wide, high] = [Math.max(...outline.map((p) => p.x)), Math.max(...outline.map((p) => p.y))];
  const [nx, ny] = [Math.ceil(wide / cell), Math.ceil(high / cell)];
  const grid = new PF.Grid(nx, ny);
  for (let i = 0; i < nx; i++)
    for (let j = 0; j < ny; j++) {
      const p = { x: (i + 0.5) * cell, y: (j + 0.5) * cell };
      if (p.x < BODY || p.y < BODY || p.x > wide - BODY || p.y > high - BODY) grid.setWalkableAt(i, j, false);
    }
  for (const unit of Object.values(room.plan.units)) {
    const feet = footprint(unit);
    const [x0, x1] = [Math.min(...feet.map((p) => p.x)) - BODY, Math.max(...feet.map((p) => p.x)) + BODY];
    const [y0, y1] = [Math.min(...feet.map((p) => p.y)) - BODY, Math.max(...feet.map((p) => p.y)) + BODY];
    for (let i = Math.max(0, Math.floor(x0 / cell)); i <= Math.min(nx - 1, Math.floor(x1 / cell)); i++)
      for (let j = Math.max(0, Math.floor(y0 / cell)); j <= Math.min(ny - 1, Math.floor(y1 / cell)); j++) {
        const p = { x: (i + 0.5) * cell, y: (j + 0.5) * cell };
        if (inside(p, feet) || feet.some((a, k) => distanceToSegment(p, a, feet[(k + 1) % feet.length]!) < BODY))
          grid.setWalkableAt(i, j, false);
      }
  }
  const finder = new PF.AStarFinder({ diagonalMovement: PF.DiagonalMovement.OnlyWhenNoObstacles });
  const at = (p: Point): [number, number] => [
    Math.min(nx - 1, Math.floor(p.x / cell)),
    Math.min(ny - 1, Math.floor(p.y / cell)),
  ];
  const lengths = room.stations.flatMap((s) =>
    room.goals.map((g) => {
      const path = finder.findPath(...at(s), ...at(g), grid.clone());
      if (path.length === 0) return null;
      const smooth = path.length > 2 ? PF.Util.smoothenPath(grid, path) : path;
      return smooth
        .slice(1)
        .reduce((sum, p, i) => sum + Math.hypot(p[0]! - smooth[i]![0]!, p[1]! - smooth[i]![1]!) * cell, 0);
    }),
  );
  return { seconds: (performance.now() - start) / 1000, lengths };
}

const percent = (x: number) => `${(x * 100).toFixed(2)} %`;
const median = (list: number[]) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0;

/** Prints the ratios. */
export function benchPaths(): void {
  for (let i = 0; i < 6; i++) allPaths(roomWith(60)); // warm up
  const sizes = [15, 30, 60, 120];
  for (const hall of [true, false]) {
    const times = sizes.map((units) => {
      const room = roomWith(units, hall);
      return median(Array.from({ length: 9 }, () => allPaths(room).seconds));
    });
    console.log(
      `\nways from 12 stations to all units ${hall ? 'in one hall' : 'in rooms that grow with them'}, time against 15 units:`,
    );
    sizes.forEach((units, i) =>
      console.log(
        `  ${String(units).padStart(4)} units, x ${(units / 15).toFixed(0)}: time x ${(times[i]! / times[0]!).toFixed(2)}`,
      ),
    );
  }
  const room = roomWith(60);
  const ours = allPaths(room);
  console.log('against A* on a grid with straightening (package pathfinding), 60 units x 12 stations:');
  for (const cell of [100, 50]) {
    const grid = gridPaths(room, cell);
    const over = grid.lengths.flatMap((l, i) =>
      l !== null && ours.paths[i] && l > 500 ? [l / ours.paths[i].length - 1] : [],
    );
    const found = grid.lengths.filter((l) => l !== null).length;
    console.log(
      `  cells of ${cell} mm: time x ${(grid.seconds / ours.seconds).toFixed(1)} of ours; its ways are ${percent(median(over))} longer (median), finds ${found} of ${ours.paths.filter((p) => p !== null).length}`,
    );
  }
}
