/**
 * Room to move: do drawers, doors and lids open, can a person stand before them, do the doors of the room swing free, are
 * sockets, switches, vents and heater uncovered, is the fuse board clear. Each finding says by how many millimetres it
 * falls short.
 */
import { compartmentsOf } from '../furniture/compartments.ts';
import { onLeaf } from '../furniture/mounts.ts';
import { openedOf } from '../furniture/opened.ts';
import { caution, type Finding } from '../model/finding.ts';
import { formatLength } from '../model/measure.ts';
import { byName, type Fixture, type Plan, type Unit } from '../model/plan.ts';
import { boxOf, freeBefore, inSpan, NOISE, strip, together } from '../room/free.ts';
import { dot, outOfRoom, overlapDepth, subtract } from '../geometry/geometry.ts';
import { CLEAR, doorSweep, KEEP_CLEAR, usualClear } from '../room/doorSweep.ts';
import { lowest } from '../room/overhead.ts';
import { standing } from '../room/standing.ts';
import { outlineOf, wallsOf, type Wall } from '../room/walls.ts';

/** All findings about room to move, of the plan as it stands. */
export function checkClearance(plan: Plan): Finding[] {
  const all = standing(plan);
  const walls = wallsOf(all);
  if (walls.length < 3) return [];
  // What hangs on a leaf swings with it.
  const units = Object.values(all.units).filter((u) => !onLeaf(u));
  const here =
    units.length === Object.keys(all.units).length
      ? all
      : { ...all, units: Object.fromEntries(units.map((u) => [u.id, u])) };
  return [...fronts(here), ...meetings(here), ...openings(here, walls), ...fixtures(here, walls)];
}

/** How far a door or lid of a unit is from opening fully, mm, and what it meets. */
function doorMeets(plan: Plan, unit: Unit) {
  const outline = outlineOf(plan);
  for (const part of openedOf(unit).filter((o) => o.kind !== 'drawer')) {
    if (part.kind === 'door') {
      const out = outOfRoom(part.shape, outline);
      // A leaf that swings along the wall beside it only grazes it.
      if (out > 2) return { name: part.name, what: 'the wall', by: out, kind: part.kind, other: null };
    } else {
      const over = part.top - lowest(plan, part.shape).height;
      if (over > NOISE) return { name: part.name, what: 'the ceiling', by: over, kind: part.kind, other: null };
    }
    for (const other of Object.values(plan.units)) {
      if (together(other, unit)) continue;
      const box = boxOf(other);
      const high = inSpan(box, part);
      const depth = high > 1 ? overlapDepth(part.shape, box.feet) : 0;
      if (depth > NOISE)
        return { name: part.name, what: other.name, by: Math.min(depth, high), kind: part.kind, other: other.id };
    }
  }
  return null;
}

function fronts(plan: Plan): Finding[] {
  const say = (mm: number) => formatLength(mm, plan.meta.units);
  return byName(plan.units).flatMap((unit): Finding[] => {
    const list = compartmentsOf(unit);
    const drawers = list.filter((c) => c.access === 'drawer' || c.access === 'pull-out');
    if (drawers.length > 0) {
      for (const c of drawers) {
        const opens = c.inside.depth;
        const free = freeBefore(unit, plan, c.front, opens + CLEAR.person, c.front);
        if (free < opens - NOISE)
          return [
            caution('cannot open', `units.${unit.id}.x`, {
              message: `${c.name} opens ${say(free)} of ${say(opens)}: it falls ${say(opens - free)} short.`,
              by: opens - free,
            }),
          ];
      }
    }
    const meets = doorMeets(plan, unit);
    if (meets)
      return [
        caution('cannot open', `units.${unit.id}.x`, {
          message: `The ${meets.kind} of ${meets.name} meets ${meets.what}: ${say(Math.ceil(meets.by))} are missing to open it fully.`,
          by: meets.by,
          also: meets.other === null ? [] : [{ table: 'units', id: meets.other }],
        }),
      ];
    if (unit.kind === 'table' || unit.kind === 'cart' || unit.bottom > 0 || list.length === 0) return [];
    const opens = Math.max(0, ...drawers.map((c) => c.inside.depth));
    // A person stands beside or behind an open drawer; before an open shelf right at its front.
    const wanted = opens > 0 ? opens + CLEAR.person / 2 : CLEAR.person;
    const free = freeBefore(unit, plan, { bottom: unit.bottom, top: unit.bottom + unit.height }, wanted + 1);
    if (free >= wanted - NOISE) return [];
    return [
      caution('no room before it', `units.${unit.id}.x`, {
        message: `Before ${unit.name} ${say(free)} are free${opens > 0 ? ' with its drawers shut' : ''}; a person needs ${say(wanted)}${opens > 0 ? ' to open one' : ''}.`,
        by: wanted - free,
      }),
    ];
  });
}

/** Drawers and doors of two units that meet when both are open: opposite each other, or in a corner. */
function meetings(plan: Plan): Finding[] {
  const units = byName(plan.units);
  const parts = units.map((unit) => openedOf(unit).filter((o) => o.kind !== 'lid'));
  const findings: Finding[] = [];
  units.forEach((unit, i) => {
    for (let j = i + 1; j < units.length; j++) {
      const other = units[j]!;
      if (together(unit, other)) continue;
      let by = 0;
      for (const a of parts[i]!)
        for (const b of parts[j]!) if (inSpan(a, b) > 1) by = Math.max(by, overlapDepth(a.shape, b.shape));
      if (by > NOISE)
        findings.push(
          caution('open into each other', `units.${unit.id}.x`, {
            message: `${unit.name} and ${other.name} open into each other by ${formatLength(Math.ceil(by), plan.meta.units)}: only one at a time.`,
            by,
            also: [{ table: 'units', id: other.id }],
          }),
        );
    }
  });
  return findings;
}

function openings(plan: Plan, walls: readonly Wall[]): Finding[] {
  const findings: Finding[] = [];
  const say = (mm: number) => formatLength(Math.ceil(mm), plan.meta.units);
  for (const door of Object.values(plan.openings)) {
    const wall = walls.find((w) => w.id === door.corner);
    if (!wall) continue;
    const sweep = doorSweep(door, wall);
    const deep = door.keepClear ?? usualClear(door);
    const keep = deep > 0 ? strip(wall, door.offset, door.offset + door.width, deep) : [];
    const span = { bottom: door.sill, top: door.sill + door.height };
    for (const unit of byName(plan.units)) {
      const box = boxOf(unit);
      if (inSpan(box, span) <= 0) continue;
      const depth = sweep.length > 0 ? overlapDepth(sweep, box.feet) : 0;
      if (depth > NOISE)
        findings.push(
          caution(`${door.kind} meets it`, `units.${unit.id}.x`, {
            message: `The ${door.kind} on ${wall.name} meets ${unit.name} by ${say(depth)}.`,
            by: depth,
            also: [{ table: 'openings', id: door.id }],
          }),
        );
      else if (keep.length > 0) {
        const into = overlapDepth(keep, box.feet);
        if (into > NOISE)
          findings.push(
            caution(`${door.kind} blocked`, `units.${unit.id}.x`, {
              message: `${unit.name} stands ${say(into)} into the ${say(deep)} kept clear before the ${door.kind} on ${wall.name}.`,
              by: into,
              also: [{ table: 'openings', id: door.id }],
            }),
          );
      }
    }
  }
  return findings;
}

/** What a finding about something on the wall says: its code, and the sentence. */
function wallWords(
  f: Fixture,
  unit: Unit,
  wall: Wall,
  say: (mm: number) => string,
  size: { wide: number; deep: number; by: number },
): [code: string, message: string] {
  const name = f.name || `the ${f.kind}`;
  const depth = say(size.by);
  switch (f.kind) {
    case 'socket':
    case 'switch':
      return [
        `${f.kind} covered`,
        `${unit.name} covers ${f.name || `the ${f.kind}`} on ${wall.name}, ${say(f.bottom)} up.`,
      ];
    case 'fuse board':
      return [
        'fuse board not clear',
        `${unit.name} stands ${depth} into the ${say(size.wide)} × ${say(size.deep)} kept clear before the fuse board. Local code and an electrician decide how much it must be.`,
      ];
    case 'fixed thing':
      return ['fixed thing met', `${unit.name} stands ${depth} into ${f.name || 'the fixed thing'} on ${wall.name}.`];
    default:
      return [
        `${f.kind} covered`,
        `${unit.name} stands ${depth} into the ${say(size.deep)} that should be free before ${name}.`,
      ];
  }
}

/** How far the rim of a basin stands out over the top it is set into, at most, mm. Common practice, no source. */
const RIM = 100;

/** Whether a basin is set into a unit, or stands on it: a base cabinet under the tap. */
function holdsBasin(unit: Unit, wall: Wall, fixture: Fixture): boolean {
  const body = strip(wall, fixture.offset, fixture.offset + fixture.width, Math.max(fixture.depth, RIM));
  const top = unit.bottom + unit.height;
  return top <= fixture.bottom + fixture.height + RIM && overlapDepth(body, boxOf(unit).feet) > NOISE;
}

/** How far a unit stands out from a wall, mm. */
const farthestOut = (unit: Unit, wall: Wall): number =>
  Math.max(...boxOf(unit).feet.map((p) => dot(subtract(p, wall.from), wall.inward)));

function fixtures(plan: Plan, walls: readonly Wall[]): Finding[] {
  const findings: Finding[] = [];
  const say = (mm: number) => formatLength(Math.ceil(mm), plan.meta.units);
  for (const fixture of Object.values(plan.fixtures)) {
    const wall = walls.find((w) => w.id === fixture.corner);
    if (!wall) continue;
    const board = fixture.kind === 'fuse board';
    const clear = fixture.keepClear ?? KEEP_CLEAR[fixture.kind];
    const middle = fixture.offset + fixture.width / 2;
    const wide = board ? Math.max(fixture.width, CLEAR.boardWidth) : fixture.width;
    // Before a socket or a fuse board it is measured from the wall; before what stands out, from its front.
    const deep = board || fixture.kind === 'socket' || fixture.kind === 'switch' ? clear : fixture.depth + clear;
    if (deep <= 0) continue;
    // A basin stands in its cabinet, and one stands before that.
    const holds =
      fixture.kind === 'water' ? byName(plan.units).filter((u) => holdsBasin(u, wall, fixture)) : ([] as Unit[]);
    const out = Math.max(0, ...holds.map((u) => farthestOut(u, wall)));
    const keep = strip(wall, middle - wide / 2, middle + wide / 2, Math.max(deep, holds.length > 0 ? out + clear : 0));
    // Before a fuse board and water the floor must be clear up to its top; before others, what is at their own height.
    const floor = board || fixture.kind === 'water';
    const span = { bottom: floor ? 0 : fixture.bottom, top: fixture.bottom + fixture.height };
    for (const unit of byName(plan.units)) {
      const box = boxOf(unit);
      if (inSpan(box, span) <= 1 || holds.includes(unit)) continue;
      const by = overlapDepth(keep, box.feet);
      if (by <= NOISE) continue;
      const [code, message] = wallWords(fixture, unit, wall, say, { wide, deep, by });
      findings.push(
        caution(code, `units.${unit.id}.x`, { message, by, also: [{ table: 'fixtures', id: fixture.id }] }),
      );
    }
  }
  return findings;
}
