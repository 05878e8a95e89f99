/** Moves as changes of the plan: ticked, not fitting, put elsewhere, given away. */
import { remove, removeWithDependents, set, applyChanges, type Change } from '../model/change.ts';
import type { Container, Placement, Plan } from '../model/plan.ts';
import { becoming, idOfNew, placeKey } from '../report/countMoves.ts';
import type { Load, Carried } from './loads.ts';
import type { MoveKind } from './order.ts';

type State = 'today' | 'staged';

/** A plan that is changed step by step, with all that was done to it. */
class Draft {
  plan: Plan;
  readonly changes: Change[] = [];
  constructor(plan: Plan) {
    this.plan = plan;
  }
  do(...changes: Change[]): void {
    this.plan = applyChanges(this.plan, changes).plan;
    this.changes.push(...changes);
  }
  newId(supply: string): string {
    for (let n = 1; ; n++) {
      const id = `${supply.slice(0, 56)}_t${n}`;
      if (!this.plan.placements[id]) return id;
    }
  }
}

interface Target {
  state: State;
  unit: string;
  slot: string;
  container: string | null;
}

/** Where rows are that go to a place; a place in a container is wherever the container stands. */
function targetOf(plan: Plan, key: string, state: State): Target {
  if (!key.startsWith('#')) {
    const at = key.lastIndexOf('/');
    return { state, unit: key.slice(0, at), slot: key.slice(at + 1), container: null };
  }
  const box = plan.containers[key.slice(1)];
  if (!box) throw new Error(`The container ${key.slice(1)} is not there yet.`);
  const there = box.arrangement === 'staged' ? 'staged' : state;
  return { state: there, unit: box.unit, slot: box.slot, container: box.id };
}

/** Takes a number of a supply from a place and lays them into another; null takes them out of the room. */
function shift(draft: Draft, part: Carried, from: string | null, staged: boolean, to: Target | null, like: Like): void {
  let left = part.count;
  const rows = Object.values(draft.plan.placements).filter((p) => {
    if (p.supply !== part.supply || p.arrangement === 'planned' || from === null) return false;
    const boxed = p.container !== null && draft.plan.containers[p.container]?.arrangement === 'staged';
    return (p.arrangement === 'staged' && !boxed) === staged && (staged || placeKey(p) === from);
  });
  // Of what stands on the floor first what goes there; spares before what is not.
  const first = (p: Placement) => Number(to !== null && p.unit === to.unit && p.slot === to.slot) * 2;
  const fits = (p: Placement) => (staged ? first(p) : 0) + Number(p.spare === part.spare);
  rows.sort((a, b) => fits(b) - fits(a));
  let whole: Placement | null = null;
  for (const row of rows) {
    if (left === 0) break;
    const count = Math.min(left, row.count);
    left -= count;
    if (count < row.count) draft.do(set('placements', row.id, { count: row.count - count }));
    else {
      whole ??= row;
      draft.do(remove('placements', row.id));
    }
  }
  const moved = from === null ? part.count : part.count - left;
  if (!to || moved === 0) return;
  const { state, ...at } = to;
  const same = Object.values(draft.plan.placements).find(
    (p) =>
      p.arrangement === state &&
      p.supply === part.supply &&
      p.spare === part.spare &&
      p.unit === at.unit &&
      p.slot === at.slot &&
      p.container === at.container,
  );
  if (same) draft.do(set('placements', same.id, { count: same.count + moved, ...like }));
  else {
    const id = whole?.id ?? draft.newId(part.supply);
    const rest = { supply: part.supply, count: moved, spare: part.spare, pinned: false, returns: null };
    draft.do(set('placements', id, { id, arrangement: state, ...rest, ...at, ...like }));
  }
}

type Like = Pick<Placement, 'orientation' | 'part'>;

/** How a part is to lie, as the plan has it. */
function likePlanned(plan: Plan, part: Carried, at: Target): Like {
  const found = Object.values(plan.placements).find(
    (p) => p.arrangement === 'planned' && p.supply === part.supply && p.unit === at.unit && p.slot === at.slot,
  );
  return { orientation: found?.orientation ?? null, part: found?.part ?? null };
}

/** Carries a container with all that is in it. */
function carry(draft: Draft, id: string, to: string | null, state: State, planned: Container | null): void {
  if (to === null) {
    draft.do(...removeWithDependents(draft.plan, 'containers', id));
    return;
  }
  const at = targetOf(draft.plan, to, state);
  const { unit, slot } = at;
  const stands = planned ? { x: planned.x, y: planned.y, turned: planned.turned } : { x: null, y: null };
  const was = draft.plan.containers[id]!.arrangement;
  const own = [set('containers', id, { arrangement: at.state, unit, slot, parent: at.container, ...stands })];
  const nested = Object.values(draft.plan.containers).filter((c) => c.parent === id);
  const boxes = new Set([id, ...nested.map((c) => c.id)]);
  draft.do(
    ...own,
    ...nested.map((c) => set('containers', c.id, { arrangement: at.state, unit, slot })),
    ...Object.values(draft.plan.placements)
      .filter((p) => p.container !== null && boxes.has(p.container))
      // What waits on the floor for the container goes on waiting.
      .map((p) => set('placements', p.id, { unit, slot, ...(p.arrangement === was ? { arrangement: at.state } : {}) })),
  );
}

/** Changes of one step of the move. */
export function tick(plan: Plan, load: Load, kind: MoveKind): Change[] {
  const draft = new Draft(plan);
  // Which box becomes which is settled with the first move; found again after each, boxes that are alike would change parts.
  for (const [planned, own] of becoming(plan))
    if (plan.containers[own] && plan.containers[own].becomes !== planned)
      draft.do(set('containers', own, { becomes: planned }));
  const state: State = kind === 'lift out' ? 'staged' : 'today';
  // What is lifted out keeps the place to which it goes; a container that is not there yet is its opening.
  const to = kind === 'lift out' && load.to?.startsWith('#') && !plan.containers[load.to.slice(1)] ? null : load.to;
  if (load.kind === 'new container') {
    const row = plan.containers[load.planned!]!;
    const id = load.id.slice('box '.length);
    const at = targetOf(draft.plan, load.to!, 'today');
    const { unit, slot, container: parent } = at;
    draft.do(
      set('containers', id, { ...row, id, arrangement: at.state, unit, slot, parent, owned: true, becomes: row.id }),
    );
    if (!row.owned) draft.do(set('containers', row.id, { owned: true }));
    return draft.changes;
  }
  for (const id of load.containers) carry(draft, id, to, state, load.planned ? plan.containers[load.planned]! : null);
  if (load.kind === 'container') return draft.changes;
  for (const part of load.parts) {
    const target = to === null ? stagedWithout(plan, load) : targetOf(draft.plan, to, state);
    shift(
      draft,
      part,
      load.from,
      load.staged,
      target,
      target ? likePlanned(plan, part, target) : { orientation: null, part: null },
    );
  }
  markSpares(draft, load);
  return draft.changes;
}

/** What goes into a container that is not there yet waits by the opening in which that will stand. */
function stagedWithout(plan: Plan, load: Load): Target | null {
  if (load.to === null) return null;
  const planned = Object.values(plan.containers).find(
    (c) => c.arrangement === 'planned' && `#${idOfNew(plan, c.id)}` === load.to,
  );
  return planned ? { state: 'staged', unit: planned.unit, slot: planned.slot, container: null } : null;
}

/** Of what lies in a place as many are called spares as the plan has there, working stock first. */
function markSpares(draft: Draft, { marks }: Load): void {
  for (const { supply, place: key, work, spares } of marks) {
    const rows = Object.values(draft.plan.placements).filter(
      (p) => p.arrangement === 'today' && p.supply === supply && placeKey(p) === key,
    );
    const total = rows.reduce((sum, p) => sum + p.count, 0);
    const marked = Math.max(0, Math.min(spares, total - work));
    if (rows.length === 0 || rows.reduce((sum, p) => sum + (p.spare ? p.count : 0), 0) === marked) continue;
    draft.do(...rows.map((p) => remove('placements', p.id)));
    const first = rows[0]!;
    if (total > marked) draft.do(set('placements', first.id, { ...first, count: total - marked, spare: false }));
    const id = total > marked ? draft.newId(supply) : first.id;
    if (marked > 0) draft.do(set('placements', id, { ...first, id, count: marked, spare: true }));
  }
}

/**
 * Only some fitted: those lie where they go, the rest stays where it was, and the plan says no more than what fits there,
 * so that planning what has no place finds another for the rest.
 * @param fitted how many of them fitted, from none to one less than all
 */
export function didNotFit(plan: Plan, load: Load, fitted: number): Change[] {
  const part = load.parts[0];
  if (load.kind !== 'things' || !part || load.to === null)
    throw new Error('Only supplies are counted; a container fits or is put elsewhere.');
  if (!Number.isInteger(fitted) || fitted < 0 || fitted >= part.count)
    throw new Error(`How many fitted is a whole number from 0 to ${part.count - 1}.`);
  const draft = new Draft(plan);
  if (fitted > 0)
    draft.do(...tick(plan, { ...load, parts: [{ ...part, count: fitted }] }, load.staged ? 'put in' : 'carry'));
  const there = targetOf(draft.plan, load.to, 'today');
  let over = part.count - fitted;
  const rows = Object.values(plan.placements).filter(
    (p) =>
      p.arrangement === 'planned' &&
      p.supply === part.supply &&
      p.spare === part.spare &&
      p.unit === there.unit &&
      p.slot === there.slot,
  );
  for (const row of rows) {
    const less = Math.min(over, row.count);
    over -= less;
    if (less === row.count) draft.do(remove('placements', row.id));
    else draft.do(set('placements', row.id, { count: row.count - less, pinned: true }));
  }
  // No more of it is planned there: measured is better than computed.
  const id = `${part.supply.slice(0, 40)}_full_${there.unit}_${there.slot}`.slice(0, 64);
  if (fitted === 0) draft.do(set('bans', id, { id, supply: part.supply, unit: there.unit, slot: there.slot }));
  return draft.changes;
}

/** It was put into another place than planned: today and the plan say so. */
export function putElsewhere(
  plan: Plan,
  load: Load,
  compartment: Pick<Target, 'unit' | 'slot' | 'container'>,
): Change[] {
  if (load.kind !== 'things') throw new Error('Only supplies are put elsewhere one by one.');
  const draft = new Draft(plan);
  const target: Target = { state: 'today', ...compartment };
  for (const part of load.parts) {
    let left = part.count;
    if (load.to !== null) {
      const wanted = load.to;
      for (const row of Object.values(plan.placements)) {
        const planned = row.arrangement === 'planned' && row.supply === part.supply && row.spare === part.spare;
        if (!planned || left === 0 || !sameGoal(plan, row, wanted)) continue;
        const count = Math.min(left, row.count);
        left -= count;
        if (count === row.count) draft.do(remove('placements', row.id));
        else draft.do(set('placements', row.id, { count: row.count - count }));
      }
    }
    shift(draft, part, load.from, load.staged, target, { orientation: null, part: null });
    const id = draft.newId(part.supply);
    const own = {
      supply: part.supply,
      count: part.count,
      spare: part.spare,
      orientation: null,
      part: null,
      returns: null,
    };
    draft.do(set('placements', id, { id, arrangement: 'planned', ...own, ...compartment, pinned: true }));
  }
  return draft.changes;
}

/** Whether a planned row goes to the place of a load: the same opening, and a container when it is one. */
function sameGoal(plan: Plan, row: Placement, to: string): boolean {
  if (!to.startsWith('#')) return placeKey(row) === to;
  return row.container !== null && `#${becoming(plan).get(row.container)}` === to;
}

/** It was given away: it is in no place any more; when that was all of it, the purge says so, else fewer are left. */
export function gaveAway(plan: Plan, load: Load): Change[] {
  if (load.kind !== 'things') throw new Error('Only supplies are given away.');
  const draft = new Draft(plan);
  for (const part of load.parts) {
    const supply = plan.supplies[part.supply]!;
    shift(draft, part, load.from, load.staged, null, { orientation: null, part: null });
    let left = part.count;
    for (const row of Object.values(plan.placements)) {
      if (row.arrangement !== 'planned' || row.supply !== part.supply || left === 0) continue;
      if (load.to !== null && !sameGoal(plan, row, load.to)) continue;
      const count = Math.min(left, row.count);
      left -= count;
      if (count === row.count) draft.do(remove('placements', row.id));
      else draft.do(set('placements', row.id, { count: row.count - count }));
    }
    if (part.count >= supply.count) draft.do(set('supplies', part.supply, { decision: 'give away' }));
    else {
      const count = supply.count - part.count;
      draft.do(set('supplies', part.supply, { count, backstock: Math.min(supply.backstock, count) }));
    }
  }
  return draft.changes;
}
