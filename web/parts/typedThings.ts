/** What is typed into quick entry: read as it is typed, kept in the browser until it is added, and added as one change. */
import { useMemo, useState } from 'react';
import { howMany, thousands } from '@heronstone/core/model/measure.ts';
import type { Change } from '@heronstone/core/model/change.ts';
import { byName, type Plan } from '@heronstone/core/model/plan.ts';
import { LONGEST_LIST } from '@heronstone/core/entry/list.ts';
import type { Whereabouts } from '@heronstone/core/entry/placesByName.ts';
import { addSupplies } from '@heronstone/core/entry/addSupplies.ts';
import { addThings, readThings, type ReadThing } from '@heronstone/library/setupAnswers.ts';
import { commit } from '../state/openPlan.ts';
import { newId, useStore } from '../state/state.ts';
import { useKeptText } from '../ui/keptText.ts';

/** Uses that were changed in the preview, by line. */
export type ChosenUses = Readonly<Record<string, readonly string[]>>;

/** @param place where what is typed lies today; null for a list without places, whose text is kept until it is added */
export function useTypedThings(place: Whereabouts | undefined) {
  const plan = useStore((s) => s.plan)!;
  const [text, setText] = useKeptText(place ? null : `things.${plan.meta.id}`);
  const [chosen, setChosen] = useState<ChosenUses>({});
  const [isNew, setIsNew] = useState(false);
  // Only what they mean depends on the plan: moving a thing does not read the lines again.
  const { activities, meta } = plan;
  const basis = useMemo(() => ({ activities, meta }), [activities, meta]);
  const all = useMemo(() => readThings(basis, text, LONGEST_LIST), [basis, text]);
  const things = useMemo(() => all.things.map((t) => withChosen(basis, t, chosen)), [all, basis, chosen]);
  const ready = things.filter(({ read }) => read.draft);
  /** What cannot be kept stays, to be fixed; so does what is more than is read at once. */
  const leaves = [...things.filter(({ read }) => !read.draft).map(({ line }) => line), ...all.later].join('\n');
  const done = (what: string, changes: readonly Change[]): boolean => {
    if (!commit(what, [...changes])) return false;
    setText(leaves);
    setChosen({});
    return true;
  };
  const changesOf = (separate: boolean) => changesFor(plan, ready, { place, isNew, separate });
  return {
    text,
    setText,
    things,
    later: all.later.length,
    ready,
    chosen,
    setChosen,
    isNew,
    setIsNew,
    done,
    changesOf,
    leaves,
  };
}

export type TypedThings = ReturnType<typeof useTypedThings>;

/** The name of the step that adds them. */
export const addedName = (ready: readonly ReadThing[]): string =>
  ready.length === 1
    ? `Add ${thousands(ready[0]!.read.draft!.count)} ${ready[0]!.read.draft!.name}`
    : `Add ${howMany(ready.length, 'supply', 'supplies')}`;

function withChosen(plan: Pick<Plan, 'activities'>, thing: ReadThing, chosen: ChosenUses): ReadThing {
  const ids = chosen[thing.line];
  if (!ids) return thing;
  const fetches = thing.uses[0]?.fetches ?? 1;
  return {
    ...thing,
    uses: byName(plan.activities).flatMap((a) => (ids.includes(a.id) ? [{ activity: a.name, fetches }] : [])),
  };
}

/** @param separate as lines of their own, even where there is more of the same */
function changesFor(
  plan: Plan,
  ready: readonly ReadThing[],
  { place, isNew, separate }: { place: Whereabouts | undefined; isNew: boolean; separate: boolean },
): Change[] {
  const bin = plan.meta.upkeep.newBin;
  const home = !place && isNew && bin && plan.units[bin.unit] ? { ...bin, container: null } : place;
  const things = ready.map((t) => ({
    ...t,
    read: { ...t.read, draft: { ...t.read.draft!, life: isNew ? ('new' as const) : t.read.draft!.life } },
  }));
  if (!home && !separate) return addThings(plan, things, newId).changes;
  return addSupplies(
    plan,
    things.map(({ read, uses }) => ({ draft: read.draft, uses, ...(home ? { place: home } : {}) })),
    newId,
  );
}
