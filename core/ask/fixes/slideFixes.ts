/** Mends by moving: the smallest slide of a unit, a seat or an area; for what rolls away in a mode a parking place. */
import { putDown } from '../../room/putDown.ts';
import { set } from '../../model/change.ts';
import type { Finding } from '../../model/finding.ts';
import { formatLength, STEP } from '../../model/measure.ts';
import type { Plan, Spot, Unit } from '../../model/plan.ts';
import { checkAreas } from '../../checks/areasFree.ts';
import { isLoose } from '../../room/arrange.ts';
import { checkClearance } from '../../checks/clearance.ts';
import { checkRoom } from '../../checks/roomErrors.ts';
import { isAbout } from '../../model/finding.ts';
import { stands } from '../../room/spot.ts';
import { inMode, standing } from '../../room/standing.ts';
import { inRoom } from '../../furniture/footprint.ts';
import { distanceToSegment } from '../../geometry/geometry.ts';
import { outlineOf, wallsOf, type Wall } from '../../room/walls.ts';
import type { Fix, NewId } from './fix.ts';

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
/** So near to a wall with its back a unit belongs to it, mm. */
const AT_WALL = 60;

/** Slides, the shortest first; in a mode, for what is on wheels, parking places, the nearest first. */
export function* moves(plan: Plan, finding: Finding, newId: NewId): Generator<Fix> {
  const [target] = finding.targets;
  if (target?.table !== 'units' && target?.table !== 'stations' && target?.table !== 'areas') return;
  const { table, id } = target;
  const row = plan[table][id];
  if (!row) return;
  // An area that goes with a unit is moved with it.
  if (table === 'areas' && plan.areas[id]!.unit !== null) return;
  const unit = table === 'units' ? plan.units[id]! : null;
  if (unit && !isLoose(unit)) return;
  if (unit?.wheels && finding.mode !== undefined) {
    yield* parks(plan, unit, finding.mode, newId);
    return;
  }
  // What stands or hangs at a wall stays there: it is moved sideways, and only what stands free of it in any way.
  const wall = unit && !unit.wheels ? wallBehind(plan, unit) : null;
  const ways = wall ? WAYS.filter(([, dx, dy]) => Math.abs(dx * wall.along.x + dy * wall.along.y) > 0.7) : WAYS;
  // Ways are slow to work out, so they are tried in longer steps.
  const step = STEP[plan.meta.units] * (finding.code === 'narrow way' ? 5 : 1);
  for (let by = step; by <= FARTHEST; by += step)
    for (const [word, dx, dy] of ways) {
      const at = { x: row.x + dx * by, y: row.y + dy * by };
      yield {
        words: `Slide it ${formatLength(by, plan.meta.units)} to the ${word}`,
        changes: unit ? putDown(plan, unit, { ...at, turn: unit.turn }, '') : [set(table, id, at)],
        by,
        effort: by,
      };
    }
}

/** The wall at which a unit stands with its back, or hangs; null for one that stands free. */
export function wallBehind(plan: Plan, unit: Unit): Wall | null {
  const back = inRoom(unit, unit.width / 2, 0);
  const end = (w: Wall) => ({ x: w.from.x + w.along.x * w.length, y: w.from.y + w.along.y * w.length });
  return wallsOf(standing(plan)).find((w) => distanceToSegment(back, w.from, end(w)) < AT_WALL) ?? null;
}

/** Places where a unit on wheels is out of the way in a mode, the nearest first. */
function* parks(plan: Plan, unit: Unit, mode: string, newId: NewId): Generator<Fix> {
  const here = inMode(plan, mode);
  const outline = outlineOf(here);
  const [xs, ys] = [outline.map((p) => p.x), outline.map((p) => p.y)];
  const spots: Array<{ x: number; y: number; turn: number; by: number }> = [];
  for (let x = Math.min(...xs); x <= Math.max(...xs); x += PARK)
    for (let y = Math.min(...ys); y <= Math.max(...ys); y += PARK)
      for (const turn of [unit.turn, (unit.turn + 90) % 360])
        spots.push({ x, y, turn, by: Math.hypot(x - unit.x, y - unit.y) });
  spots.sort((a, b) => a.by - b.by);
  const known = Object.values(plan.spots).find((s) => s.unit === unit.id && s.mode === mode);
  const existing = Object.values(plan.spots).filter((s) => s !== known);
  const bothered = (p: Plan) =>
    [...checkAreas(p), ...checkRoom(inMode(p, mode)), ...checkClearance(inMode(p, mode))].some(
      (f) =>
        isAbout(f, 'units', unit.id) &&
        (f.code === 'in the way' || f.code.startsWith('door') || f.severity === 'error'),
    );
  for (const { x, y, turn, by } of spots) {
    if (!stands({ ...unit, x, y, turn }, here)) continue;
    const spot: Spot = { id: known?.id ?? newId(), unit: unit.id, mode, station: null, x, y, turn };
    if (bothered({ ...plan, spots: Object.fromEntries([...existing, spot].map((s) => [s.id, s])) })) continue;
    const away = formatLength(Math.max(1, Math.round(by / PARK)) * PARK, plan.meta.units);
    yield {
      words: `${turn === unit.turn ? 'Park it' : 'Turn it and park it'} ${away} away in “${mode}”`,
      changes: [set('spots', spot.id, spot)],
      by: Math.round(by),
      effort: Math.round(by),
    };
  }
}
