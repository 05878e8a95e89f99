/** Zones and homes by hand: each gesture is one step, with a name that undo says. */
import * as by from '@heronstone/core/gestures/zoneGestures.ts';
import type { Change } from '@heronstone/core/model/change.ts';
import type { Home } from '@heronstone/core/model/plan.ts';
import type { GivingProposal } from '@heronstone/core/search/zones/proposeUnits.ts';
import { removeWithDependents, set, setMeta, applyChanges } from '@heronstone/core/model/change.ts';
import { sortingBy } from '@heronstone/core/search/ways.ts';
import { commit } from './openPlan.ts';
import { newId, notice, useStore } from './state.ts';
import { fillRoom } from './searching.ts';

const now = () => {
  const { plan, report } = useStore.getState();
  return { plan: plan!, report: report! };
};
const zoneCalled = (id: string) => {
  const zone = now().report.zones.find((z) => z.id === id);
  return zone ? `${zone.letter} · ${zone.name}` : 'a zone';
};
const homeCalled = (id: string) => now().report.homes.find((h) => h.id === id)?.name ?? 'a home';

export const keepZones = () => commit('Keep these zones', by.keepZones(now().report));

/** A zone of its own for an activity, or an empty one. */
export function addZone(name: string, activities: readonly string[] = []): boolean {
  return commit(`New zone ${name}`, by.addZone(now().plan, now().report, name, activities, newId));
}
export function renameZone(id: string, columns: { name?: string; letter?: string }): void {
  const { plan, report } = now();
  const taken = columns.letter !== undefined && report.zones.some((z) => z.id !== id && z.letter === columns.letter);
  if (taken) return notice(`The letter ${columns.letter} has another zone already; choose another one.`, 'error');
  const kept = plan.zones[id] ? [] : by.keepZones(report);
  commit(`Zone ${zoneCalled(id)}`, [...kept, set('zones', id, columns)]);
}
export function moveActivity(activity: string, zone: string): void {
  commit(
    `${now().plan.activities[activity]!.name} into ${zoneCalled(zone)}`,
    by.moveActivity(now().plan, now().report, activity, zone),
  );
}
export function mergeZones(from: string, into: string): void {
  commit(`Merge ${zoneCalled(from)} into ${zoneCalled(into)}`, by.mergeZones(now().plan, now().report, from, into));
}
export function removeZone(id: string): void {
  const { plan, report } = now();
  const kept = plan.zones[id] ? [] : by.keepZones(report);
  const after = applyChanges(plan, kept).plan;
  commit(`Remove zone ${zoneCalled(id)}`, [...kept, ...removeWithDependents(after, 'zones', id)]);
}

/** What is painted on a piece of furniture or a place. */
export type Brush = { as: 'zone'; zone: string } | { as: 'storage' } | { as: 'open' };

export function giveTo(place: by.Given, name: string, to: Brush, firm: boolean, shared = false): void {
  const { plan, report } = now();
  const words = to.as === 'zone' ? `to ${zoneCalled(to.zone)}` : to.as === 'storage' ? 'to storage' : 'to nobody';
  commit(`Give ${name} ${words}`, by.give(plan, report, place, to, newId, { firm, shared }));
}

/** Takes a proposal: its pieces are given as wishes, what was given firmly stays. */
export function takeProposal(proposal: GivingProposal): boolean {
  const { plan, report } = now();
  let made = plan;
  const changes: Change[] = by.keepZones(report);
  made = applyChanges(made, changes).plan;
  for (const { unit, zone } of proposal.of) {
    const to: Brush = zone === null ? { as: 'storage' } : { as: 'zone', zone };
    const group = by.give(made, { zones: [], homes: [] }, { unit, slot: '', container: null }, to, newId, {
      firm: false,
    });
    made = applyChanges(made, group).plan;
    changes.push(...group);
  }
  return commit('Give furniture to zones', changes);
}

export function nameHome(id: string, name: string): void {
  commit(`Call ${homeCalled(id)} “${name}”`, by.setHome(now().plan, now().report, id, { name }, newId));
}
export function setHome(id: string, columns: Partial<Omit<Home, 'id'>>, words: string): void {
  commit(`${homeCalled(id)}: ${words}`, by.setHome(now().plan, now().report, id, columns, newId));
}
export function mergeHomes(into: string, from: string): void {
  const name = `Merge ${homeCalled(from)} into ${homeCalled(into)}`;
  commit(name, by.mergeHomes(now().plan, now().report, into, from, newId));
}
export function splitHome(id: string, supplies: readonly string[], name: string): boolean {
  return commit(`Split ${homeCalled(id)}`, by.splitHome(now().plan, now().report, id, supplies, name, newId));
}
export function moveToHome(supply: string, home: string): void {
  const { plan, report } = now();
  commit(`${plan.supplies[supply]!.name} into ${homeCalled(home)}`, by.moveToHome(plan, report, supply, home, newId));
}
export function secondSet(id: string, zone: string): void {
  const changes = by.secondSet(now().plan, now().report, id, zone, newId);
  if (changes.length === 0) notice('Nothing in it goes back to its place: a second set is for tools.', 'error');
  else commit(`A second ${homeCalled(id)} for ${zoneCalled(zone)}`, changes);
}
export function keepCollection(collection: string): void {
  commit(`Keep ${collection} whole`, by.keepCollection(now().plan, now().report, collection, newId));
}
export function dissolveHome(id: string): void {
  commit(`Leave ${homeCalled(id)} to the program`, by.dissolveHome(now().plan, now().report, id));
}

/** Fills the room by homes, whatever way was chosen before. */
export async function fillByHomes(): Promise<void> {
  const { plan } = now();
  if (plan.meta.sorting.way !== 'home') commit('Sort by homes', [setMeta(plan, { sorting: sortingBy(plan, 'home') })]);
  await fillRoom({ kind: 'room' }, 'Fill by homes');
}
