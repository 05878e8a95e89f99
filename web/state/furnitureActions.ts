/** What is done with pieces of furniture, the same by button, key and menu. */
import type { Added } from '@heronstone/core/gestures/addPieces.ts';
import { turnUnit } from '@heronstone/core/gestures/moveFurniture.ts';
import { set } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { isLoose } from '@heronstone/core/room/arrange.ts';
import { engine } from '../engine/client.ts';
import { removeRows } from './removing.ts';
import { commit } from './openPlan.ts';
import { notice, select, useStore } from './state.ts';

const plan = (): Plan => useStore.getState().plan!;
const called = (ids: readonly string[]) => (ids.length === 1 ? plan().units[ids[0]!]!.name : `${ids.length} pieces`);

/** Pieces that are being placed: the next is looked for in the plan that has those before it. */
let placing: Promise<void> = Promise.resolve();
/** Has the engine find where pieces go, adds them as one step, and chooses the last of them. */
export function commitFound(name: string, find: (plan: Plan) => Promise<Added>): void {
  placing = placing.then(async () => {
    try {
      const { id, host, changes, note } = await find(plan());
      if (!commit(name, changes)) return;
      select({ kind: 'unit', id });
      const within = host === null ? undefined : plan().units[host];
      if (note !== null) notice(note);
      else if (within) notice(`${plan().units[id]!.name} stands in ${within.name}.`);
    } catch (cause) {
      notice(`${name}: ${cause instanceof Error ? cause.message : String(cause)}`, 'error');
    }
  });
}

/** A copy with what it is made of, in a free spot, chosen. */
export function copyOf(id: string): void {
  const unit = plan().units[id];
  if (unit) commitFound(`Copy ${unit.name}`, (now) => engine.copyPiece(now, id));
}

export function turn(id: string): void {
  const unit = plan().units[id];
  if (unit && isLoose(unit)) commit(`Turn ${unit.name}`, turnUnit(plan(), id, 90, useStore.getState().mode));
}

export function removeUnits(ids: readonly string[]): void {
  if (ids.length > 0 && removeRows(called(ids), 'units', ids)) select(null);
}

/** Locks pieces where they stand; lets them go when all are locked. */
export function lock(ids: readonly string[]): void {
  const all = ids.every((id) => plan().units[id]?.pinned);
  if (ids.length > 0)
    commit(
      `${all ? 'Unlock' : 'Lock'} ${called(ids)}`,
      ids.map((id) => set('units', id, { pinned: !all })),
    );
}

/** What was copied by Ctrl+C in this window. */
let copied: string | null = null;
export const remember = (id: string): void => {
  copied = id;
};
export const hasCopied = (): boolean => copied !== null;
export const paste = (): void => {
  if (copied === null) return;
  if (plan().units[copied]) copyOf(copied);
  else notice('What was copied is not in the room any more.', 'error');
};
