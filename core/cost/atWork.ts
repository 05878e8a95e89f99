/** Whether a machine can work where it stands, and whether it is used there: then one goes to it, and nobody carries it. */
import { mapFor, remembered } from '../model/memo.ts';
import { TOP, type Compartment } from '../furniture/compartments.ts';
import { formatLength } from '../model/measure.ts';
import type { Plan, Supply, Unit } from '../model/plan.ts';
import { freeBefore } from '../room/free.ts';
import { settledUnits, standing } from '../room/standing.ts';
import type { Scene } from '../scene/scene.ts';

export interface Working {
  place: string;
  works: boolean;
  /** What is short, or how much there is to spare, in words. */
  words: string[];
}

/**
 * Whether a machine can work where it stands: its body with the mat fed through in front and behind, and its lid up.
 * On a table and on a firm top the whole top counts; in an open or doored place what is behind the back board is not there.
 */
export function worksIn(plan: Plan, supply: Supply, unit: Unit, c: Compartment): Working {
  const say = (mm: number) => formatLength(Math.round(Math.abs(mm)), plan.meta.units);
  const words: string[] = [];
  const need = (name: string, needed: number, there: number) => {
    if (needed <= there + 1e-6) return;
    words.push(`${say(needed - there)} short ${name}`);
  };
  const table = c.access === 'top' || c.slot === TOP;
  const closed = c.access === 'drawer' || c.access === 'lid' || c.access === 'box' || c.access === 'peg';
  if (closed) return { place: c.name, works: false, words: ['it cannot work in a drawer, in a box or on a board'] };
  const width = table ? unit.width : c.inside.width;
  const depth = table ? unit.depth : c.inside.depth;
  const top = c.front.bottom + supply.thickness + supply.workAbove;
  need('across', supply.length, width);
  need(
    'from front to back, with what is fed through behind',
    supply.width + supply.workBack,
    depth + (table ? behind(plan, unit) : 0),
  );
  if (table) need('under the ceiling, with its lid up', top, plan.meta.ceiling);
  else if (c.access === 'pull-out') need('in height', supply.thickness, c.inside.height);
  else need('in height, with its lid up', supply.thickness + supply.workAbove, c.inside.height);
  if (unit.elsewhere === null && supply.workFront > 0) {
    const before = clearBefore(plan, unit, { bottom: c.front.bottom, top });
    need(
      'before it, for what is fed through',
      supply.workFront,
      before + (table ? Math.max(0, depth - supply.width - supply.workBack) : 0),
    );
  }
  return {
    place: table ? unit.name : c.name,
    works: words.length === 0,
    words: words.length === 0 ? ['it can work there'] : words,
  };
}

/** Free depth before a unit between two heights, mm; no more than five metres. */
function clearBefore(plan: Plan, unit: Unit, span: { bottom: number; top: number }): number {
  return freeBefore(unit, standing(plan), span, 5000);
}

/** Free depth behind a table, mm: what hangs over its edge there. */
function behind(plan: Plan, unit: Unit): number {
  if (Object.keys(plan.corners).length < 3) return 0;
  const turned = { ...unit, turn: (unit.turn + 180) % 360 };
  return Math.max(
    0,
    clearBefore(plan, turned, { bottom: unit.bottom + unit.height, top: unit.bottom + unit.height + 200 }),
  );
}

/** How high a top is at which one works at a machine, seated or standing, mm. Common practice, no source. */
const WORKED_AT = { least: 550, most: 1050 };

/** Whether machines can work in places, by both. */
const works = mapFor<Scene, boolean>();

/** Whether a machine is used where it stands: on a top at a height for work, with room to work there. */
export function usedInPlace(scene: Scene, supply: Supply, c: Compartment): boolean {
  if (supply.form !== 'machine' || c.container !== null || (c.access !== 'top' && c.slot !== TOP)) return false;
  if (c.front.bottom < WORKED_AT.least || c.front.bottom > WORKED_AT.most) return false;
  return remembered(
    works(scene),
    `${supply.id} ${c.id}`,
    () => worksIn(scene.plan, supply, settledUnits(scene.plan)[c.unit]!, c).works,
  );
}
