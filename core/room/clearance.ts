/**
 * Room to move: do drawers and lids open, can a person stand before them, does the door swing free, are sockets and heater
 * uncovered, is the fuse board clear. Each finding says by how many millimetres it falls short.
 */
import { compartmentsOf } from '../furniture/compartments.ts';
import { footprint, inRoom, solidSpan } from '../furniture/footprint.ts';
import type { Finding } from '../model/finding.ts';
import { formatLength } from '../model/measure.ts';
import { byName, type Opening, type Plan, type Unit } from '../model/plan.ts';
import { dot, overlapDepth, subtract, type Point } from './geometry.ts';
import { outlineOf, wallsOf, type Wall } from './walls.ts';

/** What is wanted, mm. Common practice, no source, unless named; local code decides. */
export const CLEAR = {
  /** A person standing before an open front: squeezing in. */
  person: 600,
  /** Free depth before a heater. */
  heater: 300,
  /** Working space before a fuse board, wide and deep: 30 x 36 in, as in NFPA 70 (NEC) 110.26(A) (value from memory). */
  boardWidth: 762,
  boardDepth: 914,
  /** A unit nearer than this to a socket covers it. */
  socket: 60,
} as const;

/** Differences smaller than this are measuring noise, mm. */
const NOISE = 0.5;

interface Box {
  feet: Point[];
  bottom: number;
  top: number;
}

const boxOf = (unit: Unit): Box => ({ feet: footprint(unit), ...solidSpan(unit) });

/** All findings about room to move. */
export function checkClearance(plan: Plan): Finding[] {
  const walls = wallsOf(plan);
  if (walls.length < 3) return [];
  return [...fronts(plan), ...doors(plan, walls), ...fixtures(plan, walls)];
}

function caution(code: string, unit: Unit, message: string, expected: string, by: number, value?: unknown): Finding {
  return {
    code,
    severity: 'caution',
    path: `units.${unit.id}.x`,
    value: value ?? [unit.x, unit.y],
    expected,
    message,
    target: { table: 'units', id: unit.id },
    by: Math.ceil(by - 1e-6),
  };
}

/**
 * How far a front as wide as the unit can move out before it meets something, mm.
 * @param from heights over the floor between which it must be free
 */
export function freeBefore(unit: Unit, plan: Plan, from: { bottom: number; top: number }, most: number): number {
  const outline = outlineOf(plan);
  const others = Object.values(plan.units)
    .filter((u) => u.id !== unit.id)
    .map(boxOf)
    .filter((b) => Math.min(b.top, from.top) - Math.max(b.bottom, from.bottom) > 1);
  const [left, right] = [inRoom(unit, 1, unit.depth), inRoom(unit, unit.width - 1, unit.depth)];
  const out = subtract(inRoom(unit, 0, unit.depth + 1), inRoom(unit, 0, unit.depth));
  let free = most;
  const walls = outline.map((a, i): Point[] => [a, outline[(i + 1) % outline.length]!]);
  for (const shape of [...others.map((b) => b.feet), ...walls])
    free = Math.min(free, firstMeeting(left, right, out, shape));
  return Math.max(0, free);
}

/** How far a segment can slide along a unit direction before it meets a shape, mm; Infinity when it never does. */
function firstMeeting(left: Point, right: Point, out: Point, shape: readonly Point[]): number {
  const across = { x: -out.y, y: out.x };
  const [a, b] = [dot(left, across), dot(right, across)].sort((p, q) => p - q) as [number, number];
  const start = dot(left, out);
  let least = Infinity;
  const edges = shape.length > 2 ? shape.length : 1;
  for (let i = 0; i < edges; i++) {
    const [p, q] = [shape[i]!, shape[(i + 1) % shape.length]!];
    const [pa, qa] = [dot(p, across), dot(q, across)];
    const [po, qo] = [dot(p, out) - start, dot(q, out) - start];
    // The part of the edge that lies in the band swept by the segment.
    for (const t of [0, 1, (a - pa) / (qa - pa), (b - pa) / (qa - pa)]) {
      if (!(t >= 0 && t <= 1)) continue;
      const at = pa + (qa - pa) * t;
      const far = po + (qo - po) * t;
      if (at > a - 1e-6 && at < b + 1e-6 && far > -NOISE) least = Math.min(least, far);
    }
  }
  return least;
}

function fronts(plan: Plan): Finding[] {
  const say = (mm: number) => formatLength(mm, plan.meta.units);
  return byName(plan.units).flatMap((unit): Finding[] => {
    const list = compartmentsOf(unit);
    const drawers = list.filter((c) => c.access === 'drawer');
    if (drawers.length > 0) {
      const opens = drawers[0]!.inside.depth;
      for (const c of drawers) {
        const free = freeBefore(unit, plan, c.front, opens + CLEAR.person);
        if (free < opens - NOISE)
          return [
            caution(
              'cannot open',
              unit,
              `${c.name} opens ${say(free)} of ${say(opens)}: it falls ${say(opens - free)} short.`,
              `${say(opens)} free before it`,
              opens - free,
              free,
            ),
          ];
      }
    }
    if (unit.kind === 'table' || unit.kind === 'cart' || unit.bottom > 0 || list.length === 0) return [];
    const opens = drawers[0]?.inside.depth ?? 0;
    // A person stands beside or behind an open drawer; before an open shelf right at its front.
    const wanted = opens > 0 ? opens + CLEAR.person / 2 : CLEAR.person;
    const free = freeBefore(unit, plan, { bottom: unit.bottom, top: unit.bottom + unit.height }, wanted + 1);
    if (free >= wanted - NOISE) return [];
    return [
      caution(
        'no room before it',
        unit,
        `Before ${unit.name} ${say(free)} are free${opens > 0 ? ' with its drawers shut' : ''}; a person needs ${say(wanted)}${opens > 0 ? ' to open one' : ''}.`,
        `${say(wanted)} free before it`,
        wanted - free,
        free,
      ),
    ];
  });
}

/** The floor that a door sweeps: a quarter of a circle, as a polygon. Empty for doors that open outward or slide. */
export function doorSweep(door: Opening, wall: Wall): Point[] {
  if (door.kind !== 'door' || door.swing !== 'in') return [];
  const on = (along: number, out: number) => ({
    x: wall.from.x + wall.along.x * along + wall.inward.x * out,
    y: wall.from.y + wall.along.y * along + wall.inward.y * out,
  });
  const hinge = door.hinge === 'left' ? door.offset : door.offset + door.width;
  const side = door.hinge === 'left' ? 1 : -1;
  const arc = Array.from({ length: 13 }, (_, i) => {
    const angle = (i * Math.PI) / 24;
    return on(hinge + side * Math.cos(angle) * door.width, Math.sin(angle) * door.width);
  });
  return [on(hinge, 0), ...arc];
}

function doors(plan: Plan, walls: readonly Wall[]): Finding[] {
  const findings: Finding[] = [];
  for (const door of Object.values(plan.openings)) {
    const wall = walls.find((w) => w.id === door.corner);
    const sweep = wall ? doorSweep(door, wall) : [];
    if (sweep.length === 0) continue;
    for (const unit of byName(plan.units)) {
      const box = boxOf(unit);
      const depth = box.bottom < door.height ? overlapDepth(sweep, box.feet) : 0;
      if (depth > NOISE)
        findings.push(
          caution(
            'door meets it',
            unit,
            `The door on ${wall!.name} meets ${unit.name} by ${formatLength(Math.ceil(depth), plan.meta.units)}.`,
            'outside the swing of the door',
            depth,
          ),
        );
    }
  }
  return findings;
}

function fixtures(plan: Plan, walls: readonly Wall[]): Finding[] {
  const findings: Finding[] = [];
  const say = (mm: number) => formatLength(Math.ceil(mm), plan.meta.units);
  for (const fixture of Object.values(plan.fixtures)) {
    const wall = walls.find((w) => w.id === fixture.corner);
    if (!wall) continue;
    const middle = fixture.offset + fixture.width / 2;
    const wide = fixture.kind === 'fuse board' ? Math.max(fixture.width, CLEAR.boardWidth) : fixture.width;
    const deep =
      fixture.kind === 'fuse board'
        ? CLEAR.boardDepth
        : fixture.kind === 'heater'
          ? fixture.depth + CLEAR.heater
          : CLEAR.socket;
    const on = (along: number, out: number) => ({
      x: wall.from.x + wall.along.x * along + wall.inward.x * out,
      y: wall.from.y + wall.along.y * along + wall.inward.y * out,
    });
    const keep = [
      on(middle - wide / 2, 0),
      on(middle + wide / 2, 0),
      on(middle + wide / 2, deep),
      on(middle - wide / 2, deep),
    ];
    // Before a fuse board the floor must be clear up to its top; before others, what is at their own height.
    const [bottom, top] = [fixture.kind === 'fuse board' ? 0 : fixture.bottom, fixture.bottom + fixture.height];
    for (const unit of byName(plan.units)) {
      const box = boxOf(unit);
      if (Math.min(box.top, top) - Math.max(box.bottom, bottom) <= 1) continue;
      const depth = overlapDepth(keep, box.feet);
      if (depth <= NOISE) continue;
      if (fixture.kind === 'socket')
        findings.push(
          caution(
            'socket covered',
            unit,
            `${unit.name} covers the socket on ${wall.name}, ${say(fixture.bottom)} up.`,
            'the socket within reach',
            depth,
          ),
        );
      else if (fixture.kind === 'heater')
        findings.push(
          caution(
            'heater covered',
            unit,
            `${unit.name} stands ${say(depth)} into the ${say(deep)} that should be free before the heater.`,
            `${say(deep)} free before the heater`,
            depth,
          ),
        );
      else
        findings.push(
          caution(
            'fuse board not clear',
            unit,
            `${unit.name} stands ${say(depth)} into the ${say(wide)} × ${say(deep)} kept clear before the fuse board. Local code and an electrician decide how much it must be.`,
            'a clear floor before the fuse board',
            depth,
          ),
        );
    }
  }
  return findings;
}
