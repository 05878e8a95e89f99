/** What is added to a room: with the sizes things usually have, where there is room for it, and chosen at once. */
import { set } from '@heronstone/core/model/change.ts';
import type { Fixture, Opening, Plan } from '@heronstone/core/model/plan.ts';
import type { UnitSystem } from '@heronstone/core/model/measure.ts';
import { usualOpening } from '@heronstone/core/gestures/begin.ts';
import { outlineOf, wallsOf } from '@heronstone/core/room/walls.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, select } from '../../state/state.ts';

/** Half an inch: to it the starting sizes are rounded for who measures in inches. */
const HALF_INCH = 12.7;
const rounded = (mm: number, system: UnitSystem) =>
  system !== 'imperial' ? mm : Math.max(mm > 0 ? 1 : 0, Math.round(mm / HALF_INCH)) * HALF_INCH;

/** What a thing on the wall measures when it is added. Common practice, no source. */
const FIXTURE_START: Readonly<Record<Fixture['kind'], Pick<Fixture, 'width' | 'height' | 'depth' | 'bottom'>>> = {
  socket: { width: 146, height: 86, depth: 10, bottom: 300 },
  switch: { width: 86, height: 86, depth: 10, bottom: 1050 },
  heater: { width: 1000, height: 600, depth: 90, bottom: 120 },
  vent: { width: 250, height: 200, depth: 10, bottom: 2000 },
  water: { width: 500, height: 200, depth: 400, bottom: 800 },
  'fuse board': { width: 320, height: 420, depth: 110, bottom: 1500 },
  'fixed thing': { width: 400, height: 400, depth: 200, bottom: 0 },
};

/** The first stretch of a wall that is free of other openings. */
function freeOffset(plan: Plan, wall: string, width: number): number {
  const length = wallsOf(plan).find((w) => w.id === wall)!.length;
  const taken = Object.values(plan.openings).filter((o) => o.corner === wall);
  for (let at = 100; at + width <= length; at += 50)
    if (!taken.some((o) => at < o.offset + o.width && at + width > o.offset)) return at;
  return Math.max(0, (length - width) / 2);
}

export function addOpening(plan: Plan, corner: string, kind: Opening['kind']): void {
  const id = newId();
  const shape = usualOpening(kind, plan.meta.units);
  const offset = freeOffset(plan, corner, shape.width);
  if (commit(`Add a ${kind}`, [set('openings', id, { id, kind, corner, offset, hinge: 'left', ...shape })]))
    select({ kind: 'opening', id });
}

export function addFixture(plan: Plan, corner: string, kind: Fixture['kind']): void {
  const id = newId();
  const shape = Object.fromEntries(
    Object.entries(FIXTURE_START[kind]).map(([side, mm]) => [side, rounded(mm, plan.meta.units)]),
  ) as (typeof FIXTURE_START)[typeof kind];
  const offset = rounded(200, plan.meta.units);
  if (commit(`Add a ${kind}`, [set('fixtures', id, { id, kind, corner, offset, ...shape })]))
    select({ kind: 'fixture', id });
}

function middleOf(plan: Plan): { x: number; y: number } {
  const outline = outlineOf(plan);
  const sum = outline.reduce((s, p) => ({ x: s.x + p.x, y: s.y + p.y }), { x: 0, y: 0 });
  return { x: Math.round(sum.x / outline.length), y: Math.round(sum.y / outline.length) };
}

export function addOverhead(plan: Plan, corner: string, kind: 'slope' | 'beam'): void {
  const id = newId();
  const inRound = (mm: number) => rounded(mm, plan.meta.units);
  const row =
    kind === 'slope'
      ? { id, name: 'Slope', kind, corner, low: inRound(1000), run: inRound(1500) }
      : {
          id,
          name: 'Beam',
          kind,
          corner: null,
          low: plan.meta.ceiling - inRound(200),
          ...middleOf(plan),
          width: inRound(2000),
          depth: inRound(150),
        };
  if (commit(`Add a ${kind}`, [set('overheads', id, row)])) select({ kind: 'overhead', id });
}

export function addArea(plan: Plan): void {
  const id = newId();
  const row = {
    id,
    name: 'the bed, folded out',
    mode: 'guest',
    ...middleOf(plan),
    width: rounded(900, plan.meta.units),
    depth: rounded(1900, plan.meta.units),
    height: rounded(900, plan.meta.units),
  };
  if (commit('Add an area that must be free', [set('areas', id, row)])) select({ kind: 'area', id });
}

export function addElsewhere(): void {
  const id = newId();
  if (commit('Add a place elsewhere', [set('elsewheres', id, { id, name: 'Cupboard', seconds: 20 })]))
    select({ kind: 'elsewhere', id });
}
