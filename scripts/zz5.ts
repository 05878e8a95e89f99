import { KNOWN } from '@heronstone/library/known.ts';
for (const t of ['cutting mats for the machine','blades for the cutter','presents to wrap']) { const k = KNOWN.kinds.find(t); console.log(t, k?.name, k?.category, JSON.stringify(k?.everyday)); }
console.log(KNOWN.crafts.named('cutting mats for the machine', true).map((c) => c.key), KNOWN.crafts.named('Vinyl cutting').map((c) => c.key), KNOWN.crafts.named('presents to wrap', true).map((c) => c.key));
