/** The smallest slide of a unit that mends a finding without making another. */
import type { Finding } from '../model/finding.ts';
import type { Plan } from '../model/plan.ts';
import { checkRoom } from './check.ts';
import { checkClearance } from './clearance.ts';

export interface Mend {
  unit: string;
  x: number;
  y: number;
  /** "Slide it 70 mm to the south" */
  words: string;
  by: number;
}

const WAYS = [
  ['east', 1, 0],
  ['west', -1, 0],
  ['south', 0, 1],
  ['north', 0, -1],
] as const;
/** Step and farthest slide that is tried, mm. */
const STEP = 10;
const FARTHEST = 800;

const all = (plan: Plan) => [...checkRoom(plan), ...checkClearance(plan)];
const key = (f: Finding) =>
  `${f.code} ${f.target?.id} ${f.code === 'overlap' || f.code === 'door meets it' ? f.message.replace(/\d[\d ]*/g, '') : ''}`;

/** @returns the smallest slide along or across the room, or null when none up to 800 mm does it */
export function mendBySliding(plan: Plan, finding: Finding): Mend | null {
  const id = finding.target?.table === 'units' ? finding.target.id : undefined;
  const unit = id ? plan.units[id] : undefined;
  if (!unit) return null;
  const before = new Set(all(plan).map(key));
  const wanted = key(finding);
  for (let by = STEP; by <= FARTHEST; by += STEP) {
    for (const [word, dx, dy] of WAYS) {
      const moved = { ...unit, x: unit.x + dx * by, y: unit.y + dy * by };
      const after = all({ ...plan, units: { ...plan.units, [unit.id]: moved } }).map(key);
      if (!after.includes(wanted) && after.every((k) => before.has(k)))
        return { unit: unit.id, x: moved.x, y: moved.y, words: `Slide it ${by} mm to the ${word}`, by };
    }
  }
  return null;
}
