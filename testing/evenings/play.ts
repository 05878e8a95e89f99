/** Plays an evening through setup, as its maker would: the answers one after the other, then the first plan. */
import { setMeta, applyChanges, type Change } from '@heronstone/core/model/change.ts';
import { byName, emptyPlan, type Plan } from '@heronstone/core/model/plan.ts';
import { craftChanges, personChanges, roomChanges, seatChanges } from '@heronstone/core/gestures/begin.ts';
import { furnishRoom } from '@heronstone/core/gestures/furnishRoom.ts';
import { addSupplies } from '@heronstone/core/entry/addSupplies.ts';
import { stems } from '@heronstone/core/entry/comparableWords.ts';
import { likelyUse, usesForAll } from '@heronstone/core/entry/likelyUse.ts';
import { linesOf } from '@heronstone/core/entry/list.ts';
import { readLine } from '@heronstone/core/entry/read.ts';
import { changesTo, solveAll } from '@heronstone/core/search/solve.ts';
import { furnitureIn } from '@heronstone/library/furnitureWords.ts';
import { unitTypes } from '@heronstone/library/inInches.ts';
import { CRAFTS } from '@heronstone/library/starter.ts';
import { craftsWith, KINDS } from '@heronstone/library/usualSizes.ts';
import { thingsOf, type Evening } from './evening.ts';

export interface Played {
  plan: Plan;
  /** Supply that each typed line became; missing where none did. */
  supplies: ReadonlyMap<string, string>;
  /** What each typed line is kept in by its words; missing for none. */
  holders: ReadonlyMap<string, string>;
  /** Supplies of which setup asks what they are for. */
  unsure: ReadonlySet<string>;
  furniture: { left: string[]; unknown: string[] };
}

const SAID = new Set(stems('making make craft crafts crafting work art arts hobby projects'));
const craftsMeant = (text: string): string[] =>
  text
    .split(/\s*(?:,|;|\+|&|\band\b)\s*/i)
    .filter((t) => t !== '')
    .flatMap((typed) => {
      const words = stems(typed).filter((w) => !SAID.has(w));
      const known =
        words.length === 0
          ? []
          : CRAFTS.filter((c) => words.every((t) => t.length > 2 && stems(c).some((w) => w.startsWith(t.slice(0, 6)))));
      return known.length > 0 ? known.slice(0, 2) : [typed.charAt(0).toUpperCase() + typed.slice(1, 60)];
    });

export function play(evening: Evening): Played {
  let n = 0;
  const newId = () => `n${n++}`;
  let plan = emptyPlan({ id: 'evening', units: evening.units });
  const take = (changes: Change[]) => (plan = applyChanges(plan, changes).plan);
  take(craftChanges(plan, [...new Set(craftsMeant(evening.crafts))], newId));
  const per = evening.units === 'imperial' ? 304.8 : 10;
  const [wide, deep] = evening.room.split(' x ').map((v) => Number(v) * per) as [number, number];
  const ceiling = evening.units === 'imperial' ? 2438.4 : 2400;
  const at = { door: { side: 'near', along: 'last' }, window: { side: 'far', along: 'middle' } } as const;
  take(roomChanges(plan, { wide, deep, ceiling, ...at }, newId));
  const types = unitTypes(plan.meta.units);
  const { found, unknown } = furnitureIn(
    evening.furniture,
    types.map((t) => t.title),
  );
  const wanted = [...found].flatMap(([title, many]) => {
    const { shape, group } = types.find((t) => t.title === title)!;
    return Array.from({ length: many }, () => ({ shape, onWall: group === 'On the wall and the door' }));
  });
  const run = furnishRoom(plan, wanted, newId, 1);
  let step = run.next();
  while (!step.done) step = run.next();
  const { changes, left } = step.value;
  take(changes);
  take(seatChanges(plan));
  take(personChanges(plan, evening.units === 'imperial' ? 1676.4 : 1670, 'right', newId));
  const supplies = new Map<string, string>();
  const text = thingsOf(evening)
    .map((t) => t.typed)
    .join('\n');
  for (const line of linesOf(text, KINDS)) {
    const read = readLine(line, plan.meta.units, byName(plan.activities), KINDS);
    if (!read.draft) continue;
    const likely = likelyUse(plan, read.supply.category ?? '', { craftsWith, kinds: KINDS });
    const added = addSupplies(plan, [{ draft: read.draft, uses: likely ? [likely] : [] }], newId);
    supplies.set(line, added[0]!.id);
    take(added);
  }
  take(usesForAll(plan, { craftsWith, kinds: KINDS }, newId));
  take([setMeta(plan, { start: null })]);
  take(changesTo(plan, solveAll(plan, { seed: 1 })));
  return { plan, supplies, holders: new Map(), unsure: new Set(), furniture: { left, unknown } };
}
