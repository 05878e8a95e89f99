/** What activities need against what their stations give: surface, height, sockets, water, light, air, people. */
import { inRoom } from '../furniture/footprint.ts';
import { caution, type Finding, type Said } from '../model/finding.ts';
import { constantsOf } from '../model/constants.ts';
import { formatLength, listed } from '../model/measure.ts';
import { byName, type Activity, type Plan, type Station } from '../model/plan.ts';
import { bodyAt, type Body } from '../reach/body.ts';
import { seatsOf } from '../scene/scene.ts';
import { atWall } from '../room/free.ts';
import { bearing, distance, distanceToSegment, type Point } from '../geometry/geometry.ts';
import { standing } from '../room/standing.ts';
import { wallsOf } from '../room/walls.ts';

/**
 * Height of a work surface over (+) or under (-) the elbow, mm: Grandjean, Fitting the Task to the Man (values from memory).
 * Seated, thighs and table top take their room below the elbow: there light and heavy work may go up to elbow height.
 */
const WORK_HEIGHT: Readonly<Record<Activity['work'], readonly [low: number, high: number]>> = {
  precision: [50, 100],
  light: [-150, -100],
  heavy: [-400, -150],
};

/** How far away things may be, mm. Common practice, no source. */
export const WITHIN = { cord: 1500, water: 2500, air: 3000 } as const;
/** Light from a window reaches about twice as far in as its head is high. Common practice, no source. */
const DAYLIGHT = 2;
/** More than this on one station is a question for an electrician, W. Common practice, no source. */
const MUCH_POWER = 2000;

/** Lowest and highest surface for a person's work in a posture, mm over the floor. */
export function surfaceRange(body: Body, work: Activity['work'], seated: boolean): [number, number] {
  const [low, high] = WORK_HEIGHT[work];
  return [body.elbow + (seated ? Math.max(low, -150) : low), body.elbow + (seated && high < 0 ? 0 : high)];
}

/** Findings of every activity at each station where it is done. */
export function checkNeeds(plan: Plan): Finding[] {
  const here = standing(plan);
  return [
    ...byName(here.activities).flatMap((activity) =>
      seatsOf(here, activity).flatMap((id) => atStation(here, activity, here.stations[id]!)),
    ),
    ...workHeights(here),
  ];
}

/** How far a swivel seat is set higher or lower, mm; a fixed one is what it is. Common practice, no source. */
const SEAT_MOVES = 50;
/** A difference nobody notices, mm. Common practice, no source. */
const UNNOTICED = 15;

/** Surfaces that are too high or too low for what is done at them, once for each seat, person and height that is wanted. */
function workHeights(plan: Plan): Finding[] {
  const say = (mm: number) => formatLength(Math.ceil(mm - 1e-6), plan.meta.units);
  const found = new Map<string, { finding: Finding; names: string[]; rest: string }>();
  for (const a of byName(plan.activities))
    for (const id of seatsOf(plan, a)) {
      const station = plan.stations[id]!;
      const table = station.unit === null ? undefined : plan.units[station.unit];
      // In an armchair one works on the lap.
      if (!table || table.kind === 'seat') continue;
      const top = table.bottom + table.height;
      const seated = station.posture === 'seated';
      const slack = seated && station.seat === 'swivel' ? SEAT_MOVES : UNNOTICED;
      for (const personId of [station.person, ...(station.second === null || a.people < 2 ? [] : [station.second])]) {
        const person = plan.people[personId]!;
        const [low, high] = surfaceRange(bodyAt(station, person, constantsOf(plan.meta.constants)), a.work, seated);
        const off = top < low ? low - top : top - high;
        if (off <= slack) continue;
        const key = `${id} ${personId} ${a.work}`;
        const known = found.get(key);
        if (known) {
          known.names.push(a.name);
          known.finding = { ...known.finding, targets: [...known.finding.targets, { table: 'activities', id: a.id }] };
          continue;
        }
        found.set(key, {
          names: [a.name],
          rest: `${table.name} is ${say(top)} high; ${a.work} work of ${person.name} wants ${say(low)} to ${say(high)}, so it is ${say(off)} too ${top < low ? 'low' : 'high'}.`,
          finding: caution('work height', `units.${table.id}.height`, {
            message: station.name,
            by: off,
            also: [
              { table: 'stations', id },
              { table: 'activities', id: a.id },
            ],
          }),
        });
      }
    }
  return [...found.values()].map(({ finding, names, rest }) => ({
    ...finding,
    message: `${listed(names)} at ${finding.message}: ${rest}`,
  }));
}

function atStation(plan: Plan, a: Activity, station: Station): Finding[] {
  const findings: Finding[] = [];
  const say = (mm: number) => formatLength(Math.ceil(mm - 1e-6), plan.meta.units);
  const add: Add = (code, field, said) => findings.push(caution(code, `activities.${a.id}.${field}`, said));
  const where = `${a.name} at ${station.name}`;
  surface(plan, a, station, where, say, add);
  if (a.posture !== 'either' && a.posture !== station.posture)
    add('posture', 'posture', { message: `${where}: it is ${a.posture} work, the station is ${station.posture}.` });
  const places = station.second === null ? 1 : 2;
  if (a.people > places)
    add('too few places', 'people', {
      message: `${where}: ${a.people} people work there, and there ${places === 1 ? 'is one place' : 'are two places'}.`,
    });
  const around = edgeOf(plan, station);
  const near = (points: readonly Point[]) => Math.min(Infinity, ...points.map((p) => around(p)));
  const things = (kind: string) =>
    Object.values(plan.fixtures).flatMap((f) => {
      const wall = wallsOf(plan).find((w) => w.id === f.corner);
      return f.kind === kind && wall ? [{ f, at: atWall(wall, f.offset + f.width / 2, f.depth) }] : [];
    });
  if (a.sockets > 0) {
    const sockets = things('socket').map((s) => ({ outlets: s.f.outlets, far: around(s.at) }));
    const reach = sockets.filter((s) => s.far <= WITHIN.cord);
    const outlets = reach.reduce((sum, s) => sum + s.outlets, 0);
    if (outlets < a.sockets) {
      const nearest = Math.min(Infinity, ...sockets.map((s) => s.far));
      const how =
        outlets > 0
          ? `${outlets} of ${a.sockets} plugs have an outlet within ${say(WITHIN.cord)}`
          : nearest === Infinity
            ? 'there is no socket in the room'
            : `the nearest socket is ${say(nearest)} away, a cord reaches ${say(WITHIN.cord)}`;
      add('no socket in reach', 'sockets', {
        message: `${where}: ${how}. No cords across the floor; new sockets are for an electrician.`,
        by: outlets === 0 && nearest < Infinity ? nearest - WITHIN.cord : undefined,
      });
    }
  }
  if (a.watts > MUCH_POWER)
    add('much power', 'watts', {
      message: `${where} takes ${a.watts} W at once. What the circuit carries is for local code and an electrician.`,
    });
  if (a.needs.includes('water')) {
    const far = near(things('water').map((w) => w.at));
    if (far > WITHIN.water)
      add('far from water', 'needs', {
        message:
          far === Infinity
            ? `${where} needs water; there is none in the room.`
            : `${where} needs water; the tap is ${say(far)} away.`,
        by: far === Infinity ? undefined : far - WITHIN.water,
      });
  }
  const windows = windowsOf(plan);
  if (a.needs.includes('ventilation') || a.gives.includes('fumes')) {
    const far = near([...things('vent').map((v) => v.at), ...windows.map((w) => w.at)]);
    if (far > WITHIN.air)
      add('no fresh air', 'needs', {
        message:
          far === Infinity
            ? `${where} needs fresh air; there is no window and no vent. Follow the label of the product.`
            : `${where} needs fresh air; the nearest window or vent is ${say(far)} away. Follow the label of the product.`,
        by: far === Infinity ? undefined : far - WITHIN.air,
      });
  }
  if (a.needs.includes('daylight')) daylight(plan, station, where, windows, say, add);
  return findings;
}

type Add = (code: string, field: string, said: Said) => void;

function surface(
  plan: Plan,
  a: Activity,
  station: Station,
  where: string,
  say: (mm: number) => string,
  add: Add,
): void {
  const table = station.unit === null ? undefined : plan.units[station.unit];
  if (!table) {
    if (a.surfaceWidth !== null || a.surfaceDepth !== null)
      add('no surface', 'surfaceWidth', { message: `${where} needs a surface; the station has no table.` });
    return;
  }
  const free = { width: table.width, depth: table.depth - table.storeDepth };
  const wants = { width: a.surfaceWidth ?? 0, depth: a.surfaceDepth ?? 0 };
  const short = Math.max(wants.width - free.width, wants.depth - free.depth);
  if (short > 0.5)
    add('surface too small', wants.width > free.width ? 'surfaceWidth' : 'surfaceDepth', {
      message: `${where} needs ${say(wants.width)} × ${say(wants.depth)}; ${table.name} has ${say(free.width)} × ${say(free.depth)} free.`,
      by: short,
      also: [{ table: 'units', id: table.id }],
    });
}

/** Distance of a point from the edge of a station's table, or from its seat, mm. */
function edgeOf(plan: Plan, station: Station): (p: Point) => number {
  const table = station.unit === null ? undefined : plan.units[station.unit];
  if (!table) return (p) => distance(p, station);
  const feet = [
    inRoom(table, 0, 0),
    inRoom(table, table.width, 0),
    inRoom(table, table.width, table.depth),
    inRoom(table, 0, table.depth),
  ];
  return (p) => Math.min(...feet.map((a, i) => distanceToSegment(p, a, feet[(i + 1) % 4]!)));
}

function windowsOf(plan: Plan): Array<{ at: Point; head: number; name: string }> {
  const walls = wallsOf(plan);
  return Object.values(plan.openings).flatMap((o) => {
    const wall = walls.find((w) => w.id === o.corner);
    return o.kind === 'window' && wall
      ? [{ at: atWall(wall, o.offset + o.width / 2, 0), head: o.sill + o.height, name: wall.name }]
      : [];
  });
}

function daylight(
  plan: Plan,
  station: Station,
  where: string,
  windows: ReturnType<typeof windowsOf>,
  say: (mm: number) => string,
  add: Add,
): void {
  const lit = windows.filter((w) => distance(w.at, station) <= DAYLIGHT * w.head);
  if (lit.length === 0) {
    add('no daylight', 'needs', { message: `${where} wants daylight; no window is near enough.` });
    return;
  }
  const person = plan.people[station.person]!;
  const side = (w: { at: Point }) => ((bearing(station, w.at) - station.facing + 540) % 360) - 180;
  const fromHand = (w: { at: Point }) => (person.hand === 'right' ? side(w) : -side(w)) > 45;
  if (lit.every((w) => fromHand(w) && Math.abs(side(w)) < 135))
    add('light from the hand', 'needs', {
      message: `${where}: the window is on the side of the ${person.hand} hand, ${say(distance(lit[0]!.at, station))} away, so that the hand throws its shadow on the work.`,
    });
}
