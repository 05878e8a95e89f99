/** What is done with pieces of furniture, the same by button, key and menu. */
import { turnUnit } from '@heronstone/core/gestures/moveFurniture.ts';
import { goodSpot } from '@heronstone/core/gestures/goodSpot.ts';
import { applyChanges, set } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { copyUnit, isLoose } from '@heronstone/core/room/arrange.ts';
import type { Rest } from '@heronstone/core/room/snap.ts';
import { removeRows } from './removing.ts';
import { commit } from './openPlan.ts';
import { newId, notice, select, useStore } from './state.ts';

const plan = (): Plan => useStore.getState().plan!;
const called = (ids: readonly string[]) => (ids.length === 1 ? plan().units[ids[0]!]!.name : `${ids.length} pieces`);

/** A copy with what it is made of, in a free spot, chosen. */
export function copyOf(id: string): void {
  const unit = plan().units[id];
  if (!unit) return;
  const twin = (at: Rest) => copyUnit(plan(), id, at, newId);
  const made = twin(goodSpot(unit, plan(), (at) => applyChanges(plan(), twin(at).changes).plan));
  if (commit(`Copy ${unit.name}`, made.changes)) select({ kind: 'unit', id: made.id });
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
