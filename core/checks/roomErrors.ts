/** What is wrong with the room and what stands in it: openings that do not fit their wall, overlaps, things outside. */
import { caution, error, type Finding } from '../model/finding.ts';
import { formatLength } from '../model/measure.ts';
import { byName, cornersInOrder, type Plan, type Unit } from '../model/plan.ts';
import { footprint, solidSpan } from '../furniture/footprint.ts';
import { tierFindings } from '../furniture/inside.ts';
import { compartmentsOf } from '../furniture/compartments.ts';
import { mountsOf, onLeaf } from '../furniture/mounts.ts';
import { lowest } from '../room/overhead.ts';
import { standing } from '../room/standing.ts';
import { dot, outOfRoom, overlapDepth, signedArea, standsOut, subtract } from '../geometry/geometry.ts';
import { selfCrossing } from '../geometry/traverse.ts';
import { outlineOf, wallsOf } from '../room/walls.ts';

/** Overlaps and gaps smaller than this are measuring noise, mm. */
const TOLERANCE = 1;

/** Everything wrong with walls, openings, fixtures and furniture, in the order of the tables. */
export function checkRoom(plan: Plan): Finding[] {
  const here = standing(plan);
  return [...checkOutline(here), ...checkOnWalls(here), ...checkUnits(here), ...checkStations(here)];
}

function checkOutline(plan: Plan): Finding[] {
  const outline = outlineOf(plan);
  if (outline.length === 0) return [];
  const crossing = selfCrossing(outline);
  if (crossing) {
    const corners = cornersInOrder(plan);
    const [a, b] = [corners[crossing.a]!, corners[crossing.b]!];
    const at = [Math.round(crossing.at.x), Math.round(crossing.at.y)];
    const message = `${a.wall} and ${b.wall} cross each other, ${formatLength(at[0]!, plan.meta.units)} east and ${formatLength(at[1]!, plan.meta.units)} south of the first corner.`;
    const other = [{ table: 'corners', id: a.id }] as const;
    return [
      error('crossing', `corners.${b.id}.x`, {
        message,
        expected: 'walls that meet only at their corners',
        also: other,
      }),
    ];
  }
  const first = Object.values(plan.corners)[0]!;
  if (outline.length < 3 || signedArea(outline) < 0.5e6) {
    return [
      error('outline', `corners.${first.id}.order`, {
        message: 'The outline of the room does not run clockwise round at least 0.5 m² of floor.',
        expected: 'three or more corners, clockwise',
      }),
    ];
  }
  return wallsOf(plan)
    .filter((wall) => wall.length > 30_000)
    .map((wall) =>
      error('wall length', `corners.${wall.id}.x`, {
        message: `${wall.name} is ${formatLength(wall.length, plan.meta.units)} long; a room here has walls of up to ${plan.meta.units === 'imperial' ? '98 ft' : '30 m'}.`,
        expected: `at most ${formatLength(30_000, plan.meta.units)}`,
      }),
    );
}

function checkOnWalls(plan: Plan): Finding[] {
  const findings: Finding[] = [];
  const { units, ceiling } = plan.meta;
  const say = (mm: number) => formatLength(mm, units);
  for (const wall of wallsOf(plan)) {
    const openings = Object.values(plan.openings).filter((o) => o.corner === wall.id);
    for (const o of openings) {
      const label = `The ${o.kind} on ${wall.name}`;
      if (o.width > wall.length + TOLERANCE)
        findings.push(
          error('wider than wall', `openings.${o.id}.width`, {
            message: `${label} is ${say(o.width)} wide, but the wall is ${say(wall.length)} long.`,
            expected: `at most ${say(Math.floor(wall.length))}`,
            by: o.width - wall.length,
          }),
        );
      else if (o.offset + o.width > wall.length + TOLERANCE)
        findings.push(
          error('off the wall', `openings.${o.id}.offset`, {
            message: `${label} ends ${say(o.offset + o.width - wall.length)} past the end of the wall.`,
            expected: `at most ${say(Math.floor(wall.length - o.width))} from the corner`,
            by: o.offset + o.width - wall.length,
          }),
        );
      if (o.sill + o.height > ceiling + TOLERANCE)
        findings.push(
          error('above ceiling', `openings.${o.id}.height`, {
            message: `${label} reaches ${say(o.sill + o.height)}, above the ceiling at ${say(ceiling)}.`,
            expected: `at most ${say(ceiling - o.sill)} high`,
            by: o.sill + o.height - ceiling,
          }),
        );
    }
    for (const [i, a] of openings.entries())
      for (const b of openings.slice(i + 1)) {
        const depth = Math.min(a.offset + a.width, b.offset + b.width) - Math.max(a.offset, b.offset);
        const high = Math.min(a.sill + a.height, b.sill + b.height) - Math.max(a.sill, b.sill);
        if (depth > TOLERANCE && high > TOLERANCE)
          findings.push(
            error('openings overlap', `openings.${b.id}.offset`, {
              message: `The ${b.kind} on ${wall.name} overlaps the ${a.kind} by ${say(depth)}.`,
              expected: 'openings apart from each other',
              by: depth,
              also: [{ table: 'openings', id: a.id }],
            }),
          );
      }
    for (const f of Object.values(plan.fixtures).filter((f) => f.corner === wall.id)) {
      if (f.offset + f.width > wall.length + TOLERANCE)
        findings.push(
          error('off the wall', `fixtures.${f.id}.offset`, {
            message: `The ${f.kind} on ${wall.name} ends ${say(f.offset + f.width - wall.length)} past the end of the wall.`,
            expected: `at most ${say(Math.floor(wall.length - f.width))} from the corner`,
            by: f.offset + f.width - wall.length,
          }),
        );
      if (f.bottom + f.height > ceiling + TOLERANCE)
        findings.push(
          error('above ceiling', `fixtures.${f.id}.bottom`, {
            message: `The ${f.kind} on ${wall.name} reaches above the ceiling at ${say(ceiling)}.`,
            expected: `at most ${say(ceiling - f.height)} over the floor`,
            by: f.bottom + f.height - ceiling,
          }),
        );
    }
  }
  return findings;
}

/** Height of the top of a unit over the floor, mm. */
const topOf = (unit: Unit) => unit.bottom + unit.height;

function checkUnits(plan: Plan): Finding[] {
  const findings: Finding[] = [];
  const outline = outlineOf(plan);
  const { units: system } = plan.meta;
  const say = (mm: number) => formatLength(mm, system);
  const units = byName(plan.units);
  const feet = units.map(footprint);
  units.forEach((unit, i) => {
    findings.push(...tierFindings(unit, system));
    const over = lowest(plan, feet[i]!);
    if (topOf(unit) > over.height + TOLERANCE)
      findings.push(
        error('taller than room', `units.${unit.id}.${over.under ? 'x' : unit.bottom > 0 ? 'bottom' : 'height'}`, {
          message: `${unit.name} reaches ${say(topOf(unit))}; ${over.under ? `${over.under.name} over it is` : 'the ceiling is'} at ${say(Math.floor(over.height))}.`,
          expected: `at most ${say(Math.floor(over.height - unit.bottom))} high here`,
          by: topOf(unit) - over.height,
        }),
      );
    const air = hangsInTheAir(plan, unit, units);
    if (air)
      findings.push(
        caution('hangs in the air', `units.${unit.id}.bottom`, {
          message: `${unit.name} hangs in the air at ${say(unit.bottom)}: nothing is under it, and no wall is behind it.`,
        }),
      );
    const host = unit.host === null ? undefined : plan.units[unit.host];
    if (host) findings.push(...insertFindings(unit, host, say));
    const door = unit.onDoor === null ? undefined : plan.openings[unit.onDoor];
    if (door) findings.push(...tooLarge(unit, 'The leaf of the door', ['width', 'height'], door, say));
    if (outline.length >= 3) {
      const out = outOfRoom(feet[i]!, outline);
      if (out > TOLERANCE)
        findings.push(
          error('outside room', `units.${unit.id}.x`, {
            message: `${unit.name} stands ${say(Math.ceil(out))} through a wall or outside the room.`,
            expected: 'inside the outline of the room',
            by: out,
          }),
        );
    }
    for (let j = i + 1; j < units.length; j++) {
      const other = units[j]!;
      if (unit.host === other.id || other.host === unit.id || onLeaf(unit) || onLeaf(other)) continue;
      const depth = overlapDepth(feet[i]!, feet[j]!);
      const [a, b] = [solidSpan(unit), solidSpan(other)];
      const high = Math.min(a.top, b.top) - Math.max(a.bottom, b.bottom);
      if (depth <= TOLERANCE || high <= TOLERANCE) continue;
      // What stands on the floor under a top that begins higher up is too tall for it.
      const [below, above] = a.bottom < b.bottom ? [unit, other] : [other, unit];
      const under = Math.min(a.bottom, b.bottom) === 0 && above.kind === 'table' && below.kind !== 'table';
      const tall = topOf(below) - Math.max(a.bottom, b.bottom);
      if (under && tall < depth + STANDS_UNDER) {
        findings.push(
          error('too tall to stand under', `units.${below.id}.height`, {
            message: `${below.name} is ${say(Math.ceil(tall))} too tall to stand under ${above.name}.`,
            expected: `at most ${say(Math.floor(Math.max(a.bottom, b.bottom)))} high there, or beside it`,
            by: tall,
            also: [{ table: 'units', id: above.id }],
          }),
        );
        continue;
      }
      const [mover, stays] = easier(unit, other) ? [unit, other] : [other, unit];
      // What stands on the floor only moves sideways; what does not can also be lifted over the other, or let down under it.
      const lift = Math.min(a.top - b.bottom, b.top - a.bottom);
      const by = unit.bottom > 0 || other.bottom > 0 ? Math.min(depth, lift) : depth;
      findings.push(
        error('overlap', `units.${mover.id}.x`, {
          message: `${mover.name} and ${stays.name} overlap by ${say(Math.ceil(by))}.`,
          expected: `at least ${say(Math.ceil(by))} apart`,
          by,
          also: [{ table: 'units', id: stays.id }],
        }),
      );
    }
  });
  return findings;
}

/** How far from a wall a piece still hangs on it, and over what is under it still stands on it, mm. Common practice, no source. */
const HANGS = 60;
const RESTS = 12;

/** Whether nothing holds a piece: it is over the floor, on no other piece, in none, on no door, and at no wall. */
function hangsInTheAir(plan: Plan, unit: Unit, units: readonly Unit[]): boolean {
  if (unit.bottom <= RESTS || unit.host !== null || unit.onDoor !== null || unit.elsewhere !== null) return false;
  const walls = wallsOf(plan);
  if (walls.length < 3) return false;
  const [left, right] = footprint(unit);
  const atWall = walls.some((w) =>
    [left!, right!].some((p) => {
      const from = subtract(p, w.from);
      const along = dot(from, w.along);
      return Math.abs(dot(from, w.inward)) <= HANGS && along >= -HANGS && along <= w.length + HANGS;
    }),
  );
  if (atWall) return false;
  return !units.some(
    (o) =>
      o.id !== unit.id &&
      o.elsewhere === null &&
      Math.abs(o.bottom + o.height - unit.bottom) <= RESTS &&
      overlapDepth(footprint(o), footprint(unit)) > 1,
  );
}

/** A thing taller than what it stands in by more than this was hardly meant to stand under it, mm. Common practice, no source. */
const STANDS_UNDER = 200;

/** Which of two pieces a person would sooner move: one on wheels, the one that is not pinned, the smaller one. */
function easier(a: Unit, b: Unit): boolean {
  const weight = (u: Unit) => (u.pinned ? 1e9 : 0) + (u.wheels ? -1e8 : 0) + u.width * u.depth;
  return weight(a) <= weight(b);
}

/** An insert that is larger than its opening, or whose opening is not there. */
function insertFindings(unit: Unit, host: Unit, say: (mm: number) => string): Finding[] {
  const opening =
    compartmentsOf(host).find((c) => c.slot === unit.hostSlot) ?? mountsOf(host).find((m) => m.slot === unit.hostSlot);
  if (!opening)
    return [
      error('no such opening', `units.${unit.id}.hostSlot`, {
        message: `${unit.name} stands in “${unit.hostSlot}” of ${host.name}, which has no such opening.`,
        expected: `an opening of ${host.name}`,
      }),
    ];
  return tooLarge(unit, opening.name, ['width', 'depth', 'height'], opening.inside, say);
}

/** What is larger than that in or on which it is. */
function tooLarge<Side extends 'width' | 'depth' | 'height'>(
  unit: Unit,
  where: string,
  sides: readonly Side[],
  room: Readonly<Record<Side, number>>,
  say: (mm: number) => string,
): Finding[] {
  return sides.flatMap((side) =>
    unit[side] > room[side] + 0.5
      ? [
          error('insert too large', `units.${unit.id}.${side}`, {
            message: `${unit.name} is ${say(unit[side])} in ${side}; ${where} has ${say(room[side])}.`,
            expected: `at most ${say(room[side])}`,
            by: unit[side] - room[side],
          }),
        ]
      : [],
  );
}

function checkStations(plan: Plan): Finding[] {
  const outline = outlineOf(plan);
  if (outline.length < 3) return [];
  return byName(plan.stations).flatMap((station) => {
    const out = standsOut([station], outline);
    return out > TOLERANCE
      ? [
          error('outside room', `stations.${station.id}.x`, {
            message: `The seat of ${station.name} is ${formatLength(Math.ceil(out), plan.meta.units)} outside the room.`,
            expected: 'inside the outline of the room',
            by: out,
          }),
        ]
      : [];
  });
}
