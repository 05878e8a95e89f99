/** Seats that roll back, seats back to back, heads under slopes, and the width of the ways between. */
import { caution, type Finding } from '../model/finding.ts';
import { formatLength } from '../model/measure.ts';
import { remembered } from '../model/memo.ts';
import { byName, type Plan, type Station, type Unit } from '../model/plan.ts';
import { openedOf } from '../furniture/opened.ts';
import { comesOver, SITTER } from '../reach/around.ts';
import { SITTING_HEIGHT } from '../reach/body.ts';
import { boxOf, NOISE } from '../room/free.ts';
import { distanceToSegment, inside, overlapDepth, turned, type Point } from '../geometry/geometry.ts';
import { freeHeight } from '../room/overhead.ts';
import { BODY, floorOf, reachedOver } from '../room/floor.ts';
import { standBefore } from '../geometry/path.ts';
import { pathsFromSeat } from '../room/seatPaths.ts';
import type { Floor } from '../geometry/sight.ts';
import { standing } from '../room/standing.ts';
import { outlineOf, wallsOf } from '../room/walls.ts';
import { allCompartments } from '../furniture/compartments.ts';

/** How far a seat rolls back to get up, from the middle of the body, and how wide it is, mm. Common practice, no source. */
export const ROLL_BACK = { deep: 600, wide: 600 } as const;
/** How high thighs are over the seat, mm: 95 of 100 men have less, with trousers (Pheasant, Bodyspace; value from memory). */
const THIGHS = 190;
/** Width of a way for a wheelchair, mm: 2010 ADA Standards, 403.5.1. */
export const WHEELCHAIR_ROUTE = 915;
/** What stands lower than this is rolled over or beside by a seat, mm. */
const SEAT_BACK = 1000;

/** The floor that a seat needs behind it, clockwise from its back left. */
export const rollBack = (station: Pick<Station, 'x' | 'y' | 'facing'>): Point[] => atSeat(station, 0, ROLL_BACK.deep);

/** The floor between two distances behind a seat, as wide as it, clockwise from its back left. */
function atSeat(station: Pick<Station, 'x' | 'y' | 'facing'>, from: number, to: number): Point[] {
  const half = ROLL_BACK.wide / 2;
  return [
    { x: -half, y: from },
    { x: half, y: from },
    { x: half, y: to },
    { x: -half, y: to },
  ].map((p) => {
    const q = turned(p, station.facing);
    return { x: station.x + q.x, y: station.y + q.y };
  });
}

/** Findings about seats: rolling back, back to back, head room. */
export function checkSeats(plan: Plan): Finding[] {
  const here = standing(plan);
  const outline = outlineOf(here);
  if (outline.length < 3) return [];
  const say = (mm: number) => formatLength(Math.ceil(mm), plan.meta.units);
  const findings: Finding[] = [];
  const stations = byName(here.stations);
  for (const station of stations) {
    const { stature } = here.people[station.person]!;
    const needs = station.posture === 'seated' ? station.seatHeight + SITTING_HEIGHT * stature : stature;
    const free = freeHeight(here, station);
    if (free < needs - NOISE)
      findings.push(
        caution('head room', `stations.${station.id}.x`, {
          message: `At ${station.name} ${say(free)} are free; the head of ${here.people[station.person]!.name} is at ${say(needs)}.`,
          by: needs - free,
        }),
      );
    if (station.posture !== 'seated') continue;
    const legs = station.seatHeight + THIGHS;
    for (const unit of byName(here.units)) {
      if (unit.hostSlot !== 'edge' || unit.host !== station.unit || unit.bottom >= legs - NOISE) continue;
      if (overlapDepth(atSeat(station, -ROLL_BACK.deep, 0), boxOf(unit).feet) <= NOISE) continue;
      findings.push(
        caution('legs meet it', `stations.${station.id}.x`, {
          message: `${unit.name} hangs down to ${say(unit.bottom)} in front of the seat of ${station.name}; legs need ${say(legs)} free.`,
          by: legs - unit.bottom,
          also: [{ table: 'units', id: unit.id }],
        }),
      );
    }
    findings.push(...opensOver(here, station));
    findings.push(...topCovered(here, station));
    const zone = rollBack(station);
    let worst = { by: 0, what: '' };
    for (const unit of byName(here.units)) {
      const box = boxOf(unit);
      if (unit.id === station.unit || box.bottom >= SEAT_BACK || unit.wheels) continue;
      const by = overlapDepth(zone, box.feet);
      if (by > worst.by) worst = { by, what: unit.name };
    }
    const wall = outsideBy(zone, outline);
    if (wall > worst.by) worst = { by: wall, what: 'the wall' };
    if (worst.by > NOISE)
      findings.push(
        caution('seat cannot roll back', `stations.${station.id}.x`, {
          message: `The seat of ${station.name} cannot roll back to get up: ${worst.what} is ${say(worst.by)} too near.`,
          by: worst.by,
        }),
      );
  }
  stations.forEach((a, i) => {
    for (const b of stations.slice(i + 1)) {
      if (a.posture !== 'seated' || b.posture !== 'seated' || a.person === b.person) continue;
      const by = overlapDepth(rollBack(a), rollBack(b));
      if (by > NOISE)
        findings.push(
          caution('seats back to back', `stations.${a.id}.x`, {
            message: `The seats of ${a.name} and ${b.name} roll back into each other by ${say(by)}.`,
            by,
          }),
        );
    }
  });
  return findings;
}

/** Drawers and doors that open over the sitter, once for each piece: one has to roll back first, or gets the edge in the body. */
function opensOver(plan: Plan, station: Station): Finding[] {
  const head = station.seatHeight + SITTING_HEIGHT * plan.people[station.person]!.stature;
  return byName(plan.units).flatMap((unit): Finding[] => {
    if (unit.elsewhere !== null) return [];
    const meets = openedOf(unit).find((o) => o.kind !== 'lid' && o.bottom < head && comesOver(o.shape, station));
    if (!meets) return [];
    const what = meets.kind === 'drawer' ? meets.name : `the door of ${unit.name}`;
    return [
      caution('opens over the seat', `stations.${station.id}.x`, {
        message: `${what.replace(/^t/, 'T')} opens over whoever sits at ${station.name}: roll back first, or move one of them aside.`,
        by: SITTER,
        also: [{ table: 'units', id: unit.id }],
      }),
    ];
  });
}

/** Another table that stands over the one at which somebody works. */
function topCovered(plan: Plan, station: Station): Finding[] {
  const table = plan.units[station.unit ?? ''];
  if (table?.kind !== 'table') return [];
  return byName(plan.units).flatMap((unit): Finding[] => {
    if (unit.kind !== 'table' || unit.id === table.id || unit.bottom + unit.height < table.bottom + table.height)
      return [];
    const by = overlapDepth(boxOf(unit).feet, boxOf(table).feet);
    if (by <= NOISE) return [];
    return [
      caution('top covered', `units.${table.id}.x`, {
        message: `${unit.name} stands ${formatLength(Math.ceil(by), plan.meta.units)} over ${table.name}: nobody can work there at ${station.name}.`,
        by,
        also: [{ table: 'units', id: unit.id }],
      }),
    ];
  });
}

function outsideBy(zone: readonly Point[], outline: readonly Point[]): number {
  return Math.max(
    0,
    ...zone.map((p) =>
      inside(p, outline)
        ? 0
        : Math.min(...outline.map((a, i) => distanceToSegment(p, a, outline[(i + 1) % outline.length]!))),
    ),
  );
}

/** The width of way that a plan asks for, mm: the one typed, or a wheelchair's where somebody uses one. */
function wantedWidth(plan: Plan): number {
  const rolls = Object.values(plan.stations).some((s) => plan.people[s.person]!.wheelchair);
  return rolls ? Math.max(WHEELCHAIR_ROUTE, plan.meta.walkway) : plan.meta.walkway;
}

/** A piece to which the way from a seat is narrower than wanted. */
interface NarrowWay {
  station: Station;
  unit: Unit;
  /** Whether a body or chair of a width still passes, mm. */
  passes: (width: number) => boolean;
}

/** Pieces to which the way is narrower than is wanted, each from the first seat from which it is. */
function narrowWays(here: Plan): NarrowWay[] {
  const wanted = wantedWidth(here);
  if (wallsOf(here).length < 3 || wanted <= 2 * BODY) return [];
  const narrow = floorOf(here);
  const goals = new Map<string, Point>();
  for (const c of allCompartments(here))
    if (!goals.has(c.unit)) goals.set(c.unit, standBefore(narrow, c.mouth, c.stand, reachedOver(here.units[c.unit]!)));
  // The halvings of several units begin with the same widths.
  const floors = new Map<string, Floor>();
  const floorFor = (width: number) => remembered(floors, String(width), () => floorOf(here, width / 2));
  const open = (floor: Floor, station: Station, ids: readonly string[]) => {
    const to = ids.map((id) => goals.get(id)!);
    return new Set(pathsFromSeat(floor, station, to).flatMap((path, i) => (typeof path === 'string' ? [] : [ids[i]!])));
  };
  const found = new Map<string, NarrowWay>();
  for (const station of byName(here.stations)) {
    const walked = [
      ...open(
        narrow,
        station,
        [...goals.keys()].filter((id) => !found.has(id)),
      ),
    ];
    const wide = open(floorFor(wanted), station, walked);
    for (const id of walked)
      if (!wide.has(id))
        found.set(id, {
          station,
          unit: here.units[id]!,
          passes: (width) => open(floorFor(width), station, [id]).size > 0,
        });
  }
  return [...found.values()];
}

/** To how many pieces the way is narrower than wanted; how wide it is takes many times as long to find. */
export const narrowWaysIn = (plan: Plan): number => narrowWays(standing(plan)).length;

/** Units to which the way is narrower than wanted, with its width to the millimetre. */
export function checkWalkways(plan: Plan): Finding[] {
  const here = standing(plan);
  const wanted = wantedWidth(here);
  const say = (mm: number) => formatLength(mm, plan.meta.units);
  return narrowWays(here).map(({ station, unit, passes }) => {
    const width = widest(2 * BODY, wanted, passes);
    return caution('narrow way', `units.${unit.id}.x`, {
      message: `The way from ${station.name} to ${unit.name} narrows to ${say(width)}; ${say(wanted)} are wanted${wanted >= WHEELCHAIR_ROUTE ? ' for a wheelchair' : ''}.`,
      by: wanted - width,
    });
  });
}

/** The widest whole millimetre that still passes; `low`, a whole one, is known to pass, `high` not to. */
function widest(low: number, high: number, passes: (mm: number) => boolean): number {
  let no = Math.ceil(high);
  while (no - low > 1) {
    const middle = Math.floor((low + no) / 2);
    if (passes(middle)) low = middle;
    else no = middle;
  }
  return low;
}
