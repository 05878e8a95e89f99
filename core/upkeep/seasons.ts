/**
 * Seasons as rounds of moves: what comes into the room and what goes out. What goes out remembers where it lay, today and
 * in the plan, so that it comes back to just there.
 */
import { set, type Change } from '../model/change.ts';
import type { Container, Return, Placement, Plan, Season } from '../model/plan.ts';

/** Whether a day lies in a season; one may go over the turn of the year. */
export function inSeason(season: Pick<Season, 'from' | 'until'>, day: string): boolean {
  const at = day.slice(5);
  return season.from <= season.until
    ? at >= season.from && at <= season.until
    : at >= season.from || at <= season.until;
}

export interface SeasonRound {
  season: string;
  way: 'in' | 'out';
  /** What moves: a supply by its rows, or a whole container. */
  lines: Array<{
    name: string;
    count: number;
    from: Pick<Placement, 'unit' | 'slot'>;
    to: Pick<Placement, 'unit' | 'slot'>;
  }>;
  changes: Change[];
  /** Things that cannot come back, because their place is no more. */
  lost: string[];
}

/**
 * The moves of a season.
 * @throws Error naming the season when it has no place for the rest of the year
 */
export function seasonRound(plan: Plan, id: string, way: 'in' | 'out'): SeasonRound {
  const season = plan.seasons[id];
  if (!season) throw new Error(`There is no season “${id}”.`);
  const own = new Set(Object.values(plan.supplies).flatMap((s) => (s.season === season.name ? [s.id] : [])));
  const round: SeasonRound = { season: id, way, lines: [], changes: [], lost: [] };
  if (way === 'out') {
    if (season.unit === null || season.slot === '')
      throw new Error(`Choose a place in which the things of ${season.name} wait for the rest of the year.`);
    goOut(plan, { unit: season.unit, slot: season.slot }, own, round);
  } else comeIn(plan, own, round);
  return round;
}

/** Containers in which there is nothing but things of the season, and nothing nested. */
function seasonBoxes(plan: Plan, own: ReadonlySet<string>): Container[] {
  return Object.values(plan.containers).filter((c) => {
    const inside = Object.values(plan.placements).filter((p) => p.container === c.id);
    const nested = Object.values(plan.containers).some((n) => n.parent === c.id);
    return inside.length > 0 && !nested && inside.every((p) => own.has(p.supply));
  });
}

function goOut(plan: Plan, to: { unit: string; slot: string }, own: ReadonlySet<string>, round: SeasonRound): void {
  const boxes = seasonBoxes(plan, own).filter((c) => c.arrangement !== 'staged' && !there(c, to));
  const carried = new Set(boxes.map((c) => c.id));
  for (const c of boxes) {
    const returns: Return = {
      unit: c.unit,
      slot: c.slot,
      container: c.parent,
      x: c.x,
      y: c.y,
      turned: c.turned,
      orientation: null,
    };
    round.changes.push(set('containers', c.id, { ...to, parent: null, x: null, y: null, returns }));
    if (c.arrangement === 'today')
      round.lines.push({ name: c.name, count: 1, from: { unit: c.unit, slot: c.slot }, to });
  }
  for (const p of Object.values(plan.placements)) {
    if (!own.has(p.supply) || p.arrangement === 'staged') continue;
    if (p.container !== null && carried.has(p.container)) round.changes.push(set('placements', p.id, to));
    else if (!there(p, to) || p.container !== null) {
      const returns: Return = {
        unit: p.unit,
        slot: p.slot,
        container: p.container,
        x: null,
        y: null,
        turned: false,
        orientation: p.orientation,
      };
      round.changes.push(set('placements', p.id, { ...to, container: null, orientation: null, part: null, returns }));
      if (p.arrangement === 'today') round.lines.push(line(plan, p, to));
    }
  }
}

function comeIn(plan: Plan, own: ReadonlySet<string>, round: SeasonRound): void {
  const back = new Set<string>();
  for (const c of Object.values(plan.containers)) {
    if (c.returns === null || !seasonal(plan, c, own)) continue;
    const { unit, slot, container, x, y, turned } = c.returns;
    if (!plan.units[unit] || (container !== null && !plan.containers[container])) {
      round.lost.push(c.name);
      continue;
    }
    back.add(c.id);
    round.changes.push(set('containers', c.id, { unit, slot, parent: container, x, y, turned, returns: null }));
    for (const p of Object.values(plan.placements))
      if (p.container === c.id) round.changes.push(set('placements', p.id, { unit, slot }));
    if (c.arrangement === 'today')
      round.lines.push({ name: c.name, count: 1, from: { unit: c.unit, slot: c.slot }, to: { unit, slot } });
  }
  for (const p of Object.values(plan.placements)) {
    if (p.returns === null || !own.has(p.supply) || (p.container !== null && back.has(p.container))) continue;
    const { unit, slot, container, orientation } = p.returns;
    if (!plan.units[unit] || (container !== null && !plan.containers[container])) {
      round.lost.push(plan.supplies[p.supply]!.name);
      continue;
    }
    round.changes.push(set('placements', p.id, { unit, slot, container, orientation, part: null, returns: null }));
    if (p.arrangement === 'today') round.lines.push(line(plan, p, { unit, slot }));
  }
}

const there = (row: { unit: string; slot: string }, to: { unit: string; slot: string }) =>
  row.unit === to.unit && row.slot === to.slot;
const seasonal = (plan: Plan, c: Container, own: ReadonlySet<string>) =>
  Object.values(plan.placements).some((p) => p.container === c.id && own.has(p.supply));
const line = (plan: Plan, p: Placement, to: { unit: string; slot: string }) => ({
  name: plan.supplies[p.supply]!.name,
  count: p.count,
  from: { unit: p.unit, slot: p.slot },
  to,
});
