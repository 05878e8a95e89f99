/** What went along with what was removed, in words. */
import type { Change } from './change.ts';
import { howMany } from './measure.ts';
import type { Plan, TableName } from './plan.ts';

/** What is counted when it goes along with something else, by table. */
const COUNTED: ReadonlyArray<readonly [TableName, (n: number) => string]> = [
  ['containers', (n) => howMany(n, 'container', 'containers')],
  ['stations', (n) => howMany(n, 'seat', 'seats')],
  ['openings', (n) => howMany(n, 'door or window', 'doors and windows')],
  ['fixtures', (n) => howMany(n, 'thing on the wall', 'things on the wall')],
  ['uses', (n) => howMany(n, 'use', 'uses')],
  ['pulls', (n) => howMany(n, 'line of a list to pull', 'lines of lists to pull')],
];

/**
 * What a removal takes along: places of supplies first, since they have to be found again.
 * @param plan before the changes
 * @param table of what was removed itself
 * @returns '' when nothing went along that a maker would miss
 */
export function wentAlong(plan: Plan, table: TableName, changes: readonly Change[]): string {
  const gone = changes.filter((c) => 'remove' in c);
  const supplies = new Set(
    gone
      .flatMap((c) => (c.table === 'placements' ? [plan.placements[c.id]?.supply ?? ''] : []))
      .filter((id) => id !== ''),
  );
  const removed = new Set(gone.filter((c) => c.table === 'supplies').map((c) => c.id));
  const placeless = [...supplies].filter((id) => !removed.has(id)).length;
  const words = placeless > 0 ? [`the places of ${howMany(placeless, 'supply', 'supplies')}`] : [];
  for (const [other, say] of COUNTED) {
    const n = other === table ? 0 : gone.filter((c) => c.table === other).length;
    if (n > 0) words.push(say(n));
  }
  return words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}
