/** Ideas about what is shut: lids off, labels on, a cupboard kept locked. */
import { compartmentsOf } from '../../furniture/compartments.ts';
import { set } from '../../model/change.ts';
import { byName, type Plan } from '../../model/plan.ts';
import { CLOSED } from '../../cost/rules.ts';
import type { Idea } from './idea.ts';
import { MOST, busy, farFrom } from './idea.ts';

export function lids(plan: Plan): Idea[] {
  const on = Object.values(plan.containers).filter(
    (c) => c.arrangement === 'planned' && (c.lid === 'on' || c.lid === 'snap'),
  );
  if (on.length === 0) return [];
  return [
    {
      id: 'lids',
      kind: 'lids',
      title: `Take the lids off ${on.length === 1 ? on[0]!.name : `${on.length} containers`}`,
      changes: on.map((c) => set('containers', c.id, { lid: 'off' })),
      price: 0,
      basis: 'planned',
    },
  ];
}

export function labels(plan: Plan): Idea[] {
  const today = Object.values(plan.placements).filter((p) => p.arrangement === 'today');
  const used = new Set(today.map((p) => p.unit));
  const units = byName(plan.units).filter((u) => used.has(u.id) && !u.labelled);
  const boxes = Object.values(plan.containers).filter((c) => c.arrangement === 'today' && !c.labelled);
  if (units.length + boxes.length === 0) return [];
  return [
    {
      id: 'labels',
      kind: 'labels',
      title: 'Label every front as things lie today, and move nothing',
      changes: [
        ...units.map((u) => set('units', u.id, { labelled: true })),
        ...boxes.map((c) => set('containers', c.id, { labelled: true })),
      ],
      price: 0,
      basis: 'today',
    },
  ];
}

export function locks(plan: Plan): Idea[] {
  const children = Object.values(plan.people).some((p) => p.child);
  const wishes = Object.values(plan.wishes).some((w) => w.wish === 'must not reach');
  if (!children && !wishes) return [];
  const seats = busy(plan);
  return Object.values(plan.units)
    .filter((u) => !u.keyLocked && u.elsewhere === null && compartmentsOf(u).some((c) => CLOSED.has(c.access)))
    .sort((a, b) => farFrom(seats, a) - farFrom(seats, b))
    .slice(0, MOST)
    .map((u) => ({
      id: `lock ${u.id}`,
      kind: 'lock',
      title: `Keep ${u.name} locked, so that dangerous things may lie near`,
      changes: [set('units', u.id, { keyLocked: true })],
      price: null,
      basis: 'planned',
    }));
}
