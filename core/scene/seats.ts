/** How every place is approached and seen from every seat, with and without carts beside it. */
import { allCompartments, type Compartment } from '../furniture/compartments.ts';
import { intoContainer, approachOf, type Approach } from '../fetch/approach.ts';
import { constantsOf, type Constants } from '../model/constants.ts';
import { type Person, type Plan, type Station } from '../model/plan.ts';
import { turned } from '../geometry/geometry.ts';
import { aroundFor, obstaclesOf, type Obstacles } from '../reach/around.ts';
import { bodyAt } from '../reach/body.ts';
import { sightOf, type Sight } from '../reach/seen.ts';
import { behindDoors } from '../room/behindDoors.ts';
import { freeHeight } from '../room/overhead.ts';
import { atSpots, standing } from '../room/standing.ts';
import { type Walks } from '../room/walks.ts';
import { seatKey } from './seatKey.ts';

/** Somebody at a station, with or without carts and boxes brought to it. */
export interface Seat {
  key: string;
  station: Station;
  person: Person;
}

/** How far before a body an open box stands on the table, mm. Common practice, no source. */
const BEFORE = 400;

/** Approaches and sights of all seats. */
export class Seats {
  readonly seats = new Map<string, Seat>();
  readonly approaches = new Map<string, Map<string, Approach>>();
  readonly sights = new Map<string, Map<string, Sight>>();
  private readonly plan: Plan;
  private readonly openings: readonly Compartment[];
  private readonly boxes: readonly Compartment[];
  private readonly walks: Walks;
  readonly obstacles: Obstacles;
  private readonly constants: Constants;
  private readonly behind: ReadonlySet<string>;
  private readonly units: Plan['units'];
  private readonly byId: ReadonlyMap<string, Compartment>;

  constructor(
    plan: Plan,
    units: Plan['units'],
    openings: readonly Compartment[],
    boxes: readonly Compartment[],
    walks: Walks,
  ) {
    this.plan = plan;
    this.units = units;
    this.openings = openings;
    this.boxes = boxes;
    this.walks = walks;
    this.obstacles = obstaclesOf(standing(plan));
    this.constants = constantsOf(plan.meta.constants);
    this.behind = behindDoors(standing(plan), openings);
    this.byId = new Map([...openings, ...boxes].map((c) => [c.id, c]));
  }

  /** Somebody at a station, as the room stands. */
  add(station: Station, person: Person): void {
    const key = seatKey(station, person.id);
    if (this.seats.has(key)) return;
    this.seats.set(key, { key, station, person });
    const ways = new Map(this.openings.map((c) => [c.id, this.way(station, person, c)]));
    this.finish(key, station, person, ways, this.units, this.obstacles);
  }

  /** The same with carts at their places beside the station, reached in a straight line, and boxes open on its table. */
  addWith(station: Station, person: Person, carts: readonly string[], boxes: readonly string[]): void {
    const key = seatKey(station, person.id, [...carts, ...boxes]);
    if (this.seats.has(key)) return;
    this.add(station, person);
    this.seats.set(key, { key, station, person });
    const moved = standing(atSpots(this.plan, (s) => s.station === station.id && carts.includes(s.unit)));
    const obstacles = obstaclesOf(moved);
    const ways = new Map(this.approaches.get(seatKey(station, person.id)));
    for (const c of allCompartments(moved)) {
      const now = moved.units[c.unit]!;
      const parked = this.plan.units[c.unit]!;
      if (now.x === parked.x && now.y === parked.y && now.turn === parked.turn) continue;
      const around = aroundFor(c, obstacles);
      ways.set(c.id, approachOf(station, person, c, { around, constants: this.constants }));
    }
    const units = { ...this.units, ...moved.units };
    this.finish(key, station, person, ways, units, obstacles, new Set(boxes));
  }

  private way(station: Station, person: Person, c: Compartment): Approach {
    const walk = this.walks.get(station.id)!.get(c.id)!;
    const { elsewhere } = this.units[c.unit]!;
    return approachOf(station, person, c, {
      walk: walk.length,
      ...(walk.path ? { path: walk.path.points } : {}),
      away: elsewhere === null ? null : this.plan.elsewheres[elsewhere]!.seconds,
      headroom: freeHeight(this.plan, c.stand),
      around: aroundFor(c, this.obstacles),
      behindDoor: this.behind.has(c.id),
      over: walk.over === true,
      constants: this.constants,
    });
  }

  /** A box that was brought stands open before who sits or stands there, on the height of the elbow. */
  private atHand(station: Station, person: Person, box: Compartment): Approach {
    const body = bodyAt(station, person, this.constants);
    const before = turned({ x: 0, y: -BEFORE }, station.facing);
    const at = { x: station.x + before.x, y: station.y + before.y };
    const { leaf: _, ...bare } = box;
    const open: Compartment = { ...bare, access: 'box', stand: at, access3: { ...at, z: body.elbow } };
    return approachOf(station, person, open, { walk: 0, constants: this.constants });
  }

  private finish(
    key: string,
    station: Station,
    person: Person,
    ways: Map<string, Approach>,
    units: Plan['units'],
    obstacles: Obstacles,
    brought: ReadonlySet<string> = new Set(),
  ): void {
    for (const box of this.boxes) {
      if (brought.has(box.container!)) {
        ways.set(box.id, this.atHand(station, person, box));
        continue;
      }
      const { pulled, height, lid } = this.plan.containers[box.container!]!;
      ways.set(
        box.id,
        intoContainer(ways.get(box.within!)!, box, {
          pulled,
          height,
          snaps: lid === 'snap',
          opening: this.byId.get(box.within!)!,
        }),
      );
    }
    this.approaches.set(key, ways);
    const body = bodyAt(station, person, this.constants);
    this.sights.set(
      key,
      new Map(
        [...this.openings, ...this.boxes].map((c): [string, Sight] => {
          if (c.container !== null && brought.has(c.container)) return [c.id, { state: 'things', words: '' }];
          const unit = units[c.unit]!;
          if (unit.elsewhere !== null) return [c.id, { state: 'nothing', words: 'in another room' }];
          const clear = c.container !== null && this.plan.containers[c.container]!.seeThrough;
          return [c.id, sightOf(station, body, unit, c, obstacles, this.constants, clear)];
        }),
      ),
    );
  }
}
