import { readFileSync } from 'node:fs';
import { readPlanFile } from '@heronstone/core/formats/planFile.ts';
import { readThings, addThings } from '@heronstone/library/setupAnswers.ts';
const r = readPlanFile(readFileSync('demo/plan.json', 'utf8')); if (!r.ok) throw 0;
const text = Array.from({ length: 1000 }, (_, i) => `${i + 2} thing number ${String.fromCharCode(97 + i % 26)}${i} buttons`).join('\n');
let t = Date.now(); const { things } = readThings(r.plan, text); console.log('read', Date.now() - t, things.length);
t = Date.now(); let n = 0; const { changes } = addThings(r.plan, things.filter((x) => x.read.draft), () => `q${n++}`); console.log('add', Date.now() - t, changes.length);
