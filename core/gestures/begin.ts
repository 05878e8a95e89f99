/** The first answers about a room, made into changes: walls with a door and a window, what is made there and how often, whose room it is. */
import { onRule } from '../model/measure.ts';
import { set, setMeta, type Change } from '../model/change.ts';
import type { UnitSystem } from '../model/measure.ts';
import { byName, type Opening, type Plan } from '../model/plan.ts';
import { makeOutline } from '../room/outline.ts';

type OpeningShape = Pick<Opening, 'width' | 'height' | 'sill' | 'swing'>;
/** Doors and windows as they are commonly sold, mm: round figures of either system. Common practice, no source. */
const IN_MILLIMETRES: Readonly<Record<Opening['kind'], OpeningShape>> = {
  door: { width: 760, height: 2000, sill: 0, swing: 'in' },
  window: { width: 1000, height: 1200, sill: 900, swing: 'none' },
};
/** 30 in by 6 ft 8 in; 3 ft by 4 ft, 3 ft up. */
const IN_INCHES: Readonly<Record<Opening['kind'], OpeningShape>> = {
  door: { width: 762, height: 2032, sill: 0, swing: 'in' },
  window: { width: 914.4, height: 1219.2, sill: 914.4, swing: 'none' },
};
export const usualOpening = (kind: Opening['kind'], system: UnitSystem): OpeningShape =>
  (system === 'imperial' ? IN_INCHES : IN_MILLIMETRES)[kind];

/** The walls as one stands in the room with the drawing before one: the far one is at its top. */
export const SIDES = ['far', 'right', 'near', 'left'] as const;
type Side = (typeof SIDES)[number];
/** Where along a wall, as the drawing shows it: the left or far end comes first. */
export const ALONG = ['first', 'middle', 'last'] as const;

export interface FirstRoom {
  /** mm, from left to right and from near to far. */
  wide: number;
  deep: number;
  ceiling: number;
  door: { side: Side; along: (typeof ALONG)[number] } | null;
  window: { side: Side; along: (typeof ALONG)[number] } | null;
}

/** How far from the corner an opening at the end of a wall begins, mm: 4 in. */
const FROM_CORNER = 101.6;

/** A rectangular room with its door and window, where they fit. */
export function roomChanges(plan: Plan, room: FirstRoom, newId: () => string): Change[] {
  const { wide: x, deep: y } = room;
  const points = [
    { x: 0, y: 0 },
    { x, y: 0 },
    { x, y },
    { x: 0, y },
  ];
  const walls = makeOutline(points, [x, y, x, y], newId);
  const changes: Change[] = [setMeta(plan, { ceiling: room.ceiling }), ...walls];
  for (const kind of ['door', 'window'] as const) {
    const at = room[kind];
    if (!at) continue;
    const i = SIDES.indexOf(at.side);
    const length = i % 2 === 0 ? x : y;
    const usual = usualOpening(kind, plan.meta.units);
    const width = Math.min(usual.width, length - 2 * FROM_CORNER);
    const height = Math.min(usual.height, room.ceiling - usual.sill - 20);
    if (width < 300 || height < 300) continue;
    // Walls run clockwise: the near one from right to left, the left one from near to far.
    const turned = at.side === 'near' || at.side === 'left';
    const first = (at.along === 'first') !== turned;
    const offset = at.along === 'middle' ? (length - width) / 2 : first ? FROM_CORNER : length - width - FROM_CORNER;
    const id = newId();
    const wall = walls[i]!;
    const row = { ...usual, id, kind, corner: wall.id, offset: onRule(offset, plan.meta.units, 16), width, height };
    changes.push(set('openings', id, { ...row, hinge: 'left', keepClear: null }));
  }
  return changes;
}

/** How often a craft is done, and how long, when nobody says: two evenings a week. Common practice, no source. */
const USUALLY = { sessionsPerWeek: 2, minutes: 90 };

/** An activity for each craft that has none yet. */
export function craftChanges(plan: Plan, crafts: readonly string[], newId: () => string): Change[] {
  const there = new Set(Object.values(plan.activities).map((a) => a.name.toLowerCase()));
  return crafts
    .filter((c) => !there.has(c.toLowerCase()))
    .map((name) => {
      const id = newId();
      return set('activities', id, { id, name, ...USUALLY, station: null });
    });
}

/** Who works there: the first person, with a height. @param stature mm */
export function personChanges(plan: Plan, stature: number, hand: 'left' | 'right', newId: () => string): Change[] {
  const [first] = byName(plan.people);
  if (first) return [set('people', first.id, { stature, hand })];
  const id = newId();
  return [set('people', id, { id, name: 'Me', stature, hand })];
}
