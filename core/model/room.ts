/** The room as rows of the plan: its outline, what is in the walls and under the ceiling, what must stay free, places elsewhere. */
import { z } from 'zod';
import { amount, count, degrees, id, length, name, ownRef, position, ref } from './fields.ts';

const corners = z.strictObject({
  id,
  order: count('The order of a corner', 0, 199),
  x: position('x'),
  y: position('y'),
  /** Name of the wall that starts at this corner. */
  wall: name('The wall'),
  /** What was read off the tape for that wall, mm; null when it was not taped. */
  taped: length('A taped length', 1, 50_000).nullable().default(null),
});

const openings = z.strictObject({
  id,
  kind: z.enum(['door', 'window']),
  /** The corner at which its wall starts. */
  corner: ref('corners'),
  /** Distance from that corner to the near edge, mm. */
  offset: length('The distance from the corner', 0, 20_000),
  width: length('The width', 100, 10_000),
  /** Height of the opening itself, mm. */
  height: length('The height', 100, 5000),
  /** Height of its lower edge over the floor, mm; 0 for a door. */
  sill: length('The sill', 0, 3000),
  /** Hinge side, as seen from inside the room. */
  hinge: z.enum(['left', 'right']),
  swing: z.enum(['in', 'out', 'slide', 'none']),
  /** Depth of floor that must stay free before it, mm; null takes the usual one (see room/clearance). */
  keepClear: length('The depth kept clear', 0, 3000).nullable().default(null),
});

export const FIXTURE_KINDS = ['socket', 'switch', 'heater', 'vent', 'water', 'fuse board', 'fixed thing'] as const;

const fixtures = z.strictObject({
  id,
  kind: z.enum(FIXTURE_KINDS),
  /** What it is called, where the kind does not say enough; may be empty. */
  name: z.string().trim().max(120, 'At most 120 characters.').default(''),
  corner: ref('corners'),
  offset: length('The distance from the corner', 0, 20_000),
  width: length('The width', 20, 5000),
  height: length('The height', 20, 3000),
  depth: length('The depth', 0, 1000),
  /** Height of its lower edge over the floor, mm. */
  bottom: length('The height over the floor', 0, 5000),
  /** Plugs that a socket takes. */
  outlets: count('The number of outlets', 0, 20).default(2),
  /** Depth that must stay free before it, mm; null takes the usual one (see room/clearance). */
  keepClear: length('The depth kept clear', 0, 3000).nullable().default(null),
});

/** What hangs lower than the ceiling: a slope along a wall, a beam, a soffit. */
const overheads = z
  .strictObject({
    id,
    name: name('A slope or beam'),
    kind: z.enum(['slope', 'beam', 'soffit']),
    /** The wall (its first corner) along which a slope begins; null for beams and soffits. */
    corner: ownRef('corners'),
    /** Height over the floor: of the knee wall where a slope begins, or of the underside of a beam, mm. */
    low: length('The height under it', 0, 8000),
    /** How far from the wall a slope reaches the full height, mm. */
    run: length('The run of the slope', 1, 20_000).default(1000),
    /** Centre, turn and size of a beam or soffit from above. */
    x: position('x').default(0),
    y: position('y').default(0),
    turn: degrees.default(0),
    width: length('The width', 1, 50_000).default(1000),
    depth: length('The depth', 1, 50_000).default(200),
  })
  .refine((o) => o.kind !== 'slope' || o.corner !== null, { path: ['corner'], message: 'A slope begins at a wall.' });

/** An area that must be free: always, or in a named mode ("guest"); or the space that a machine on a unit works in. */
const areas = z.strictObject({
  id,
  name: name('An area'),
  /** The mode in which it must be free; empty for always. */
  mode: z.string().trim().max(60, 'A mode has at most 60 characters.').default(''),
  /** The unit with which it moves; x, y and turn then count from the middle of that unit. */
  unit: ownRef('units'),
  x: position('x'),
  y: position('y'),
  turn: degrees.default(0),
  width: length('The width', 50, 10_000),
  depth: length('The depth', 50, 10_000),
  /** Heights over the floor between which it must be free, mm. */
  bottom: length('The height over the floor', 0, 4000).default(0),
  height: length('The height', 10, 5000),
});

/** A place outside the room: a cupboard on the landing, a cellar. */
const elsewheres = z.strictObject({
  id,
  name: name('A place elsewhere'),
  /** Seconds to go there, one way. */
  seconds: amount('The time to go there', 0, 3600),
  conditions: z.array(z.enum(['cold', 'damp', 'hot', 'locked', 'shared'])).default([]),
});

export const ROOM_TABLES = { corners, openings, fixtures, overheads, areas, elsewheres };
