/** Pull lists and return rounds of a project: one round in walking order, what is ticked in it as changes. */
import { remove, set, type Change } from '../model/change.ts';
import type { Arrangement, PullLine, Plan } from '../model/plan.ts';
import { seatsOf, type Scene } from '../scene/scene.ts';
import { logLine } from '../model/log.ts';
import { roundFor, type Tour } from './tour.ts';

export interface ProjectRound extends Tour {
  lines: PullLine[];
}

/**
 * The round for the lines of a project that are in one of some states: "to pull" to fetch, "out" to bring back.
 * A round is as long either way; on the way back it is walked from its end.
 * @returns null without a station from which to begin
 */
export function projectRound(
  scene: Scene,
  id: string,
  states: ReadonlyArray<PullLine['state']>,
  arrangement: Arrangement,
): ProjectRound | null {
  const { plan } = scene;
  const project = plan.projects[id];
  if (!project) return null;
  const activity = project.activity === null ? undefined : plan.activities[project.activity];
  const station = (activity && seatsOf(plan, activity)[0]) ?? scene.stations[0]?.id;
  if (!station) return null;
  const needs = Object.values(plan.pulls).filter((n) => n.project === id && states.includes(n.state));
  const round = roundFor(
    scene,
    station,
    null,
    needs.map((n) => n.supply),
    arrangement,
  );
  const back = states.includes('out');
  return { ...round, stops: back ? [...round.stops].reverse() : round.stops, lines: needs };
}

/** A line is pulled into its tray: it is out, and was used that day. */
export function pulled(need: PullLine, logId: string, day: string): Change[] {
  return [
    set('pulls', need.id, { state: 'out' }),
    logLine(logId, day, { supply: need.supply, kind: 'used', count: need.count, project: need.project }),
  ];
}

/** A line is back in its place; what was used up is fewer of it. */
export function broughtBack(plan: Plan, need: PullLine, usedUp: boolean): Change[] {
  if (!usedUp) return [set('pulls', need.id, { state: 'back' })];
  return [set('pulls', need.id, { state: 'used up' }), ...fewer(plan, need.supply, need.count)];
}

/** Uses up a number of a supply: out of working stock first, then spares; the last one leaves its line with one. */
function fewer(plan: Plan, supply: string, count: number): Change[] {
  const own = plan.supplies[supply]!;
  const left = Math.max(1, own.count - count);
  const changes: Change[] = [set('supplies', supply, { count: left, backstock: Math.min(own.backstock, left) })];
  for (const arrangement of ['today', 'planned'] as const) {
    const rows = Object.values(plan.placements)
      .filter((p) => p.supply === supply && p.arrangement === arrangement)
      .sort((a, b) => Number(a.spare) - Number(b.spare) || (a.id < b.id ? -1 : 1));
    let over = rows.reduce((sum, p) => sum + p.count, 0) - left;
    for (const row of rows) {
      if (over <= 0) break;
      const less = Math.min(over, row.count);
      over -= less;
      changes.push(
        less === row.count ? remove('placements', row.id) : set('placements', row.id, { count: row.count - less }),
      );
    }
  }
  return changes;
}
