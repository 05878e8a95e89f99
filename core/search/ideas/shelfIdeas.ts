/** Ideas about shelves: another height. */
import { set, type Change } from '../../model/change.ts';
import { formatLength, STEP } from '../../model/measure.ts';
import { byName, type Plan, type Unit } from '../../model/plan.ts';
import { stands } from '../../room/spot.ts';
import type { Idea } from './idea.ts';
import { harmless } from './idea.ts';

/** Wall shelves and pegboards lower or higher; bookcases with one shelf moved, or one more. */
export function shelves(plan: Plan): Idea[] {
  const ideas: Idea[] = [];
  const step = STEP[plan.meta.units];
  const idea = (id: string, title: string, changes: Change[]) => {
    if (harmless(plan, changes))
      ideas.push({ id: `shelf ${id}`, kind: 'shelf height', title, changes, price: 0, basis: 'planned' });
  };
  for (const u of byName(plan.units).filter((x) => x.elsewhere === null && !x.pinned)) {
    if ((u.kind === 'wall shelf' || u.kind === 'pegboard') && u.bottom > 0)
      for (const by of [-30, -15, 15].map((n) => n * step)) {
        if (u.bottom + by < 400 || u.bottom + by + u.height > plan.meta.ceiling) continue;
        if (!stands({ ...u, bottom: u.bottom + by }, plan)) continue;
        idea(
          `${u.id} ${by}`,
          `Hang ${u.name} ${formatLength(Math.abs(by), plan.meta.units)} ${by < 0 ? 'lower' : 'higher'}`,
          [set('units', u.id, { bottom: u.bottom + by })],
        );
      }
    if (u.kind !== 'bookcase' || u.tiers.length === 0) continue;
    const high = u.tiers.indexOf(Math.max(...u.tiers));
    const half = Math.floor((u.tiers[high]! - u.board) / 2);
    if (half >= 100)
      idea(`${u.id} one more`, `One more shelf in ${u.name}, in its highest opening`, [
        set('units', u.id, { tiers: u.tiers.flatMap((t, i) => (i === high ? [half, half] : [t])) }),
        ...shifted(plan, u, high),
      ]);
    u.tiers.slice(1).forEach((below, i) => {
      for (const by of [4 * step, -4 * step])
        if (below - by >= 100 && u.tiers[i]! + by >= 100)
          idea(
            `${u.id} ${i} ${by}`,
            `Move the board under shelf ${i + 1} of ${u.name} ${formatLength(Math.abs(by), plan.meta.units)} ${by > 0 ? 'down' : 'up'}`,
            [set('units', u.id, { tiers: u.tiers.map((t, j) => (j === i ? t + by : j === i + 1 ? t - by : t)) })],
          );
    });
  }
  return ideas;
}

/** What lies below a new shelf keeps its place, one number further down. */
function shifted(plan: Plan, unit: Unit, after: number): Change[] {
  const next = (slot: string) => {
    const n = Number(/^s(\d+)$/.exec(slot)?.[1]);
    return n > after + 1 ? `s${n + 1}` : null;
  };
  const changes: Change[] = [];
  for (const p of Object.values(plan.placements)) {
    const slot = p.unit === unit.id ? next(p.slot) : null;
    if (slot) changes.push(set('placements', p.id, { slot }));
  }
  for (const c of Object.values(plan.containers)) {
    const slot = c.unit === unit.id ? next(c.slot) : null;
    if (slot) changes.push(set('containers', c.id, { slot }));
  }
  return changes;
}
