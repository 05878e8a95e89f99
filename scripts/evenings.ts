/** `npm run evenings`: the six evenings played through setup, with what a person would call right of each; --all lists what is not. */
import { EVENINGS } from '@heronstone/testing/evenings/evenings.ts';
import { play } from '@heronstone/testing/evenings/play.ts';
import { score } from '@heronstone/testing/evenings/score.ts';

const [, , only, ...more] = process.argv;
const all = only === '--all' || more.includes('--all');
for (const [i, evening] of EVENINGS.entries()) {
  if (only !== undefined && /^\d$/.test(only) && Number(only) !== i + 1) continue;
  const played = play(evening);
  const s = score(evening, played);
  const share = (wrong: number, of: number) => `${of - wrong} of ${of}`;
  const broken = s.facts.filter((f) => !f.holds);
  process.stdout.write(
    `${i + 1} ${evening.name}: uses ${share(s.wrongUses.length, s.lines)}, counts ${share(s.wrongCounts.length, s.lines)}, ` +
      `holders ${share(s.wrongHolders.length, s.holders)}, facts ${share(broken.length, s.facts.length)}, ` +
      `drawers near ${Math.round(s.drawersNear * 100)} %, errors ${s.errors.length}, ${s.minutes.toFixed(0)} min, without a place ${s.without}\n`,
  );
  if (!all) continue;
  const list = (title: string, lines: readonly string[]) =>
    lines.length > 0 && process.stdout.write(`  ${title}\n${lines.map((l) => `    ${l}\n`).join('')}`);
  list('uses', s.wrongUses);
  list('counts', s.wrongCounts);
  list('holders', s.wrongHolders);
  list(
    'facts',
    broken.map((f) => `${f.text} (${f.why})`),
  );
  list('errors', s.errors);
  list('without a place', s.unplaced);
  list('furniture', [
    `left out: ${played.furniture.left.join(', ')}`,
    `unknown: ${played.furniture.unknown.join(', ')}`,
  ]);
}
