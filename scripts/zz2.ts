import { KNOWN } from '@heronstone/library/known.ts';
import { readLine } from '@heronstone/core/entry/read.ts';
import { linesOf } from '@heronstone/core/entry/list.ts';
import { readFileSync } from 'node:fs';
const f = readFileSync(0, 'utf8').trim().split('\n');
for (const l of f) { const [sys, t] = l.split(/ (.*)/s) as [string, string];
 const ls = linesOf(t, KNOWN.kinds); for (const x of ls) { const r = readLine(x, sys === 'i' ? 'imperial' : 'metric', [], KNOWN.kinds);
 const s = r.supply; console.log(t, ls.length > 1 ? `[${x}]` : '', '→', s.name, '|', s.count, s.countFrom ?? '', '|', s.form, '|', [s.length, s.width, s.thickness].join(' x '), s.sizeFrom ?? '', '|', s.category, s.grammage ?? '', '|', r.kind?.name, r.holder ? `holder ${r.holder.number} ${r.holder.word}` : '', r.states.states.join(), [...r.problems, ...r.doubts].join(' ')); } }
