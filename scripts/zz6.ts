import { EVENINGS } from '@heronstone/testing/evenings/evenings.ts';
import { play } from '@heronstone/testing/evenings/play.ts';
for (const e of EVENINGS) { const t = Date.now(); const p = play(e, false); console.log(e.name, Date.now() - t, 'ms', p.furniture.left); }
