/** Removing: what went, and what went along with it, is said, with the way back beside it. */
import { idleSeatsOf } from '@heronstone/core/gestures/moveFurniture.ts';
import { removeWithDependents } from '@heronstone/core/model/change.ts';
import { wentAlong } from '@heronstone/core/model/removed.ts';
import type { TableName } from '@heronstone/core/model/plan.ts';
import { commit } from './openPlan.ts';
import { notice, useStore } from './state.ts';

/** Removes rows as one step; with a table go the seats at which nothing is done. @param what they are called in a sentence @returns whether it could be done */
export function removeRows(what: string, table: TableName, ids: readonly string[]): boolean {
  const plan = useStore.getState().plan!;
  const seats = table === 'units' ? ids.flatMap((id) => idleSeatsOf(plan, id)) : [];
  const all = [
    ...ids.flatMap((id) => removeWithDependents(plan, table, id)),
    ...seats.flatMap((seat) => removeWithDependents(plan, 'stations', seat.id)),
  ];
  // What goes anyway need not let go of what goes with it, and what two share goes once.
  const going = new Set(all.flatMap((c) => ('remove' in c ? [`${c.table} ${c.id}`] : [])));
  const said = new Set<string>();
  const changes = all.filter((c) => {
    const key = `${c.table} ${c.id}`;
    if ('set' in c) return !going.has(key);
    return !said.has(key) && said.add(key);
  });
  if (!commit(`Remove ${what}`, changes)) return false;
  const along = wentAlong(plan, table, changes);
  notice(`Removed ${what}${along === '' ? '' : `, with ${along}`}.`);
  return true;
}
