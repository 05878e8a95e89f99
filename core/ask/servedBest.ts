/** Whether an activity wants a station, a cart or a kit, by how often it is done and how much is for it alone. Common practice, no source. */
import { massEach, volume } from '../fit/fit.ts';
import type { Plan } from '../model/plan.ts';
import { sceneOf, usesOf } from '../scene/scene.ts';

export interface ServedBest {
  by: 'station' | 'cart' | 'kit';
  /** What speaks for it, in words. */
  why: string;
  /** Lines that are used for it alone, or nearly so. */
  lines: number;
}

/** A supply of which at least this share is fetched for one activity is its own. */
const OWN = 0.8;
/** An activity done at least this often a week keeps its things out. */
const OFTEN = 3;

/** What would serve an activity best; null while nothing is used for it alone. @throws Error where there is no such activity */
export function servedBest(plan: Plan, activity: string): ServedBest | null {
  const row = plan.activities[activity];
  if (!row) throw new Error(`There is no activity “${activity}”.`);
  const scene = sceneOf(plan);
  const own = Object.values(plan.supplies).filter((s) => {
    const uses = usesOf(scene, s.id);
    const all = uses.reduce((n, u) => n + u.fetches, 0);
    const here = uses.reduce((n, u) => n + (u.activity === activity ? u.fetches : 0), 0);
    return all > 0 && here >= OWN * all;
  });
  if (own.length === 0) return null;
  const lines = own.length;
  const machine = own.find((s) => s.form === 'machine');
  if (machine) return { by: 'station', lines, why: `${machine.name} stands where it is used` };
  const fixed = row.needs.find((n) => n === 'water' || n === 'ventilation');
  if (fixed) return { by: 'station', lines, why: `it asks for ${fixed}, which does not come along` };
  if (row.sessionsPerWeek >= OFTEN)
    return { by: 'station', lines, why: `done ${row.sessionsPerWeek} times a week, its things stay where it is done` };
  const litres = own.reduce((n, s) => n + volume(s, s.count), 0);
  const kilos = own.reduce((n, s) => n + ((massEach(s) ?? 0) * s.count) / 1000, 0);
  const { armful, armfulMass } = scene.constants;
  return litres <= armful && kilos <= armfulMass
    ? { by: 'kit', lines, why: 'what only it needs is carried in one go' }
    : { by: 'cart', lines, why: `what only it needs is too ${litres > armful ? 'much' : 'heavy'} for one box` };
}
