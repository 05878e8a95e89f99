/** The smallest move of a unit, a seat or an area that fixes a finding without making another. */
import { set, type Change } from '../model/change.ts';
import { formatLength, STEP } from '../model/measure.ts';
import { isAbout, keyOf, type Finding } from '../model/finding.ts';
import type { Plan, Spot, Unit } from '../model/plan.ts';
import { checkAreas } from '../room/areas.ts';
import { checkRoom } from '../report/room/check.ts';
import { checkClearance } from '../room/clearance.ts';
import { checkSeats, checkWalkways } from '../report/room/seats.ts';
import { stands } from '../room/spot.ts';
import { inMode, standing } from '../room/standing.ts';
import { inRoom } from '../furniture/footprint.ts';
import { distanceToSegment } from '../geometry/geometry.ts';
import { outlineOf, wallsOf } from '../room/walls.ts';

export interface Mend {
  /** What moves: a unit, a seat or an area. */
  table: 'units' | 'stations' | 'areas';
  id: string;
  x: number;
  y: number;
  turn: number;
  /** The mode in which it stands there; every day without it. */
  mode: string;
  /** "Slide it 70 mm to the south", "Slide it 3 1/2 in to the south" */
  words: string;
  by: number;
}

const WAYS = [
  ['east', 1, 0],
  ['west', -1, 0],
  ['south', 0, 1],
  ['north', 0, -1],
] as const;
/** The farthest slide that is tried, mm. */
const FARTHEST = 800;
/** Grid on which a parking place is looked for, mm. */
const PARK = 50;

const cheap = (plan: Plan) => [...checkRoom(plan), ...checkClearance(plan), ...checkAreas(plan), ...checkSeats(plan)];

/** @returns the smallest slide along or across the room, or for what rolls away in a mode a parking place; null when there is none */
export function mendByMoving(plan: Plan, finding: Finding): Mend | null {
  const [target] = finding.targets;
  if (target?.table !== 'units' && target?.table !== 'stations' && target?.table !== 'areas') return null;
  const { table, id } = target;
  const row = plan[table][id];
  if (!row || finding.by === undefined) return null;
  // An area that goes with a unit is moved with it.
  if (table === 'areas' && plan.areas[id]!.unit !== null) return null;
  if (table === 'units') {
    const unit = plan.units[id]!;
    if (unit.pinned || unit.host !== null) return null;
    if (finding.mode !== undefined && unit.wheels) return park(plan, unit, finding.mode);
  }
  const sideways = table === 'units' ? alongWall(plan, plan.units[id]!) : null;
  const narrow = finding.code === 'narrow way';
  const all = (p: Plan) => (narrow ? [...cheap(p), ...checkWalkways(p)] : cheap(p));
  const before = new Set(all(plan).map(keyOf));
  const wanted = keyOf(finding);
  // Only what these checks find can be seen to go.
  if (!before.has(wanted)) return null;
  // Ways are slow to work out, so they are tried in longer steps.
  const step = narrow ? 5 * STEP[plan.meta.units] : STEP[plan.meta.units];
  // What stands or hangs at a wall stays there: it is moved sideways, and only what stands free of it in any way.
  for (let by = step; by <= FARTHEST; by += step) {
    for (const [word, dx, dy] of sideways ?? WAYS) {
      const at = { x: row.x + dx * by, y: row.y + dy * by };
      const after = all({ ...plan, [table]: { ...plan[table], [id]: { ...row, ...at } } }).map(keyOf);
      if (!after.includes(wanted) && after.every((k) => before.has(k)))
        return {
          table,
          id,
          ...at,
          turn: 'turn' in row ? row.turn : row.facing,
          mode: '',
          words: `Slide it ${formatLength(by, plan.meta.units)} to the ${word}`,
          by,
        };
    }
  }
  return null;
}

/** The two ways along the wall at which a unit stands with its back, or hangs; null for one that stands free. */
function alongWall(plan: Plan, unit: Unit): ReadonlyArray<(typeof WAYS)[number]> | null {
  const back = inRoom(unit, unit.width / 2, 0);
  const wall = wallsOf(standing(plan)).find(
    (w) =>
      distanceToSegment(back, w.from, { x: w.from.x + w.along.x * w.length, y: w.from.y + w.along.y * w.length }) <
      AT_WALL,
  );
  if (!wall || unit.wheels) return null;
  return WAYS.filter(([, dx, dy]) => Math.abs(dx * wall.along.x + dy * wall.along.y) > 0.7);
}

/** So near to a wall with its back a unit belongs to it, mm. */
const AT_WALL = 60;

/** The nearest place where a unit on wheels is out of the way in a mode. */
function park(plan: Plan, unit: Unit, mode: string): Mend | null {
  const here = inMode(plan, mode);
  const outline = outlineOf(here);
  const [xs, ys] = [outline.map((p) => p.x), outline.map((p) => p.y)];
  const spots: Array<{ x: number; y: number; turn: number; by: number }> = [];
  for (let x = Math.min(...xs); x <= Math.max(...xs); x += PARK)
    for (let y = Math.min(...ys); y <= Math.max(...ys); y += PARK)
      for (const turn of [unit.turn, (unit.turn + 90) % 360])
        spots.push({ x, y, turn, by: Math.hypot(x - unit.x, y - unit.y) });
  spots.sort((a, b) => a.by - b.by);
  const existing = Object.values(plan.spots).filter((s) => s.unit !== unit.id || s.mode !== mode);
  const bothered = (p: Plan) =>
    [...checkAreas(p), ...checkRoom(inMode(p, mode)), ...checkClearance(inMode(p, mode))].filter(
      (f) =>
        isAbout(f, 'units', unit.id) &&
        (f.code === 'in the way' || f.code.startsWith('door') || f.severity === 'error'),
    ).length;
  for (const { x, y, turn, by } of spots) {
    if (!stands({ ...unit, x, y, turn }, here)) continue;
    const spot: Spot = { id: 'trial', unit: unit.id, mode, station: null, x, y, turn };
    const trial = { ...plan, spots: Object.fromEntries([...existing, spot].map((s) => [s.id, s])) };
    if (bothered(trial) > 0) continue;
    const where = `${formatLength(Math.max(1, Math.round(by / PARK)) * PARK, plan.meta.units)} away`;
    return {
      table: 'units',
      id: unit.id,
      x,
      y,
      turn,
      mode,
      by: Math.round(by),
      words: `${turn === unit.turn ? 'Park it' : 'Turn it and park it'} ${where} in “${mode}”`,
    };
  }
  return null;
}

/** The changes that make a move. @param newId makes an id for a parking place that is not there yet */
export function mendChanges(plan: Plan, mend: Mend, newId: () => string): Change[] {
  const at = { x: mend.x, y: mend.y };
  if (mend.mode === '') return [set(mend.table, mend.id, at)];
  const spot = Object.values(plan.spots).find((s) => s.unit === mend.id && s.mode === mend.mode);
  const id = spot?.id ?? newId();
  return [set('spots', id, { id, unit: mend.id, mode: mend.mode, station: null, ...at, turn: mend.turn })];
}
