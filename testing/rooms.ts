/** Rooms and furniture for tests, in a line each. */
import { applyChanges, set, type Change } from '@heronstone/core/model/change.ts';
import {
  emptyPlan,
  SEAT_DEFAULTS,
  STANDING_DEFAULTS,
  UNIT_DEFAULTS,
  type Meta,
  type Plan,
  type Station,
  type Unit,
} from '@heronstone/core/model/plan.ts';

/** A room with these corners, clockwise from above; wall n starts at corner `c${n}`. */
export function roomOf(corners: ReadonlyArray<readonly [number, number]>, meta: Partial<Meta> = {}): Plan {
  return applyChanges(
    emptyPlan({ id: 'room', ceiling: 2500, ...meta }),
    corners.map(([x, y], order) =>
      set('corners', `c${order}`, { id: `c${order}`, order, x, y, wall: `Wall ${order}` }),
    ),
  ).plan;
}

/** A rectangle with its first corner at 0, 0; walls 0 to 3 are north, east, south and west. */
export const rectangle = (x: number, y: number, meta: Partial<Meta> = {}): Plan =>
  roomOf(
    [
      [0, 0],
      [x, 0],
      [x, y],
      [0, y],
    ],
    meta,
  );

/** A closed box; more says what else it is. */
export const boxUnit = (
  id: string,
  x: number,
  y: number,
  width: number,
  depth: number,
  more: Partial<Unit> = {},
): Unit => ({
  ...UNIT_DEFAULTS,
  ...STANDING_DEFAULTS,
  id,
  name: `Box ${id}`,
  kind: 'bookcase',
  tiers: [200],
  x,
  y,
  turn: 0,
  width,
  depth,
  height: 700,
  ...more,
});

/** A plan with more rows. */
export const having = (plan: Plan, ...changes: Change[]): Plan => applyChanges(plan, changes).plan;
export const unitRow = (unit: Unit): Change => set('units', unit.id, unit);

/** A person and a seat of theirs. */
export function seatRows(id: string, x: number, y: number, more: Partial<Station> = {}, person: object = {}): Change[] {
  const who = more.person ?? `${id}-person`;
  return [
    set('people', who, { id: who, name: 'Maker', stature: 1700, ...person }),
    set('stations', id, {
      ...SEAT_DEFAULTS,
      id,
      name: `Seat ${id}`,
      unit: null,
      person: who,
      x,
      y,
      facing: 0,
      posture: 'seated',
      seatHeight: 450,
      ...more,
    }),
  ];
}
