import { EVENINGS } from '@heronstone/testing/evenings/evenings.ts';
import { thingsOf } from '@heronstone/testing/evenings/evening.ts';
import { KNOWN } from '@heronstone/library/known.ts';
import { readLine } from '@heronstone/core/entry/read.ts';
import { linesOf } from '@heronstone/core/entry/list.ts';
import { usesOfThing } from '@heronstone/core/entry/usedFor.ts';
import { emptyPlan } from '@heronstone/core/model/plan.ts';
import { applyChanges, set } from '@heronstone/core/model/change.ts';
import { craftsMeant } from '@heronstone/core/entry/crafts.ts';
let total = 0, badUse = 0, badCount = 0, hold = 0, badHold = 0;
for (const e of EVENINGS) {
  const plan = applyChanges(emptyPlan({ id: 'p', units: e.units }), craftsMeant(e.crafts, KNOWN.crafts).map((name, i) => set('activities', `a${i}`, { id: `a${i}`, name, sessionsPerWeek: 2, minutes: 90, station: null }))).plan;
  console.log(e.name, Object.values(plan.activities).map((a) => a.name).join(', '));
  for (const t of thingsOf(e)) {
    const ls = linesOf(t.typed, KNOWN.kinds);
    if (ls.length !== 1) console.log('  SPLIT', t.typed, ls);
    const read = readLine(ls[0]!, e.units, [], KNOWN.kinds);
    const uses = usesOfThing(plan, { line: t.typed, kind: read.kind, states: read.states }, KNOWN);
    const names = uses.map((u) => u.activity.toLowerCase());
    total++;
    const okUse = names.length === 0 ? t.crafts.includes('?') : t.crafts.includes('*') || names.every((n) => t.crafts.some((c) => n.includes(c)));
    const c = read.supply.count ?? 0;
    const okC = c >= t.least && c <= t.most;
    if (t.holder) { hold++; if (!read.holder?.word.endsWith(t.holder)) { badHold++; console.log('  HOLDER', t.typed, read.holder); } }
    if (!okUse) badUse++;
    if (!okC) badCount++;
    if (!okUse || !okC || process.argv[2] === '-v') console.log(okUse ? '' : 'USE', okC ? '' : 'COUNT', '|', t.typed, '→', read.supply.name, '| kind', read.kind?.name, '|', c, read.supply.countFrom ?? '', '|', names.join(', '), '| want', t.crafts.join('/'), `${t.least}-${t.most}`, [...read.problems, ...read.doubts].join(' '));
  }
}
console.log(`uses ${total - badUse}/${total}, counts ${total - badCount}/${total}, holders ${hold - badHold}/${hold}`);
