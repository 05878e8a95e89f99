/** Words that were replaced do not come back: neither in what is shown, nor in documents, nor in tests. */
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { join } from 'node:path';

const root = fileURLToPath(new URL('..', import.meta.url));
/** What opens older files and databases must know the old words. */
const KNOWS_OLD =
  /core\/formats\/upgrade\.ts|version6\w+\.test\.ts|server\/sql\/|words\.test\.ts|package-lock\.json|plan\.json/;

/** What is not said any more, as it would stand in a text. */
const OLD: readonly RegExp[] = [
  /Begin the plan|Begin another plan|>Go on with</,
  /To the start|To the contents/,
  /Take the plan away|Take a backup away/,
  /Taken back:|Done again:/,
  /\bto mend\b|To mend and cautions/i,
  /\bwithout a place\b/i,
  /Hunting for what has no place/,
  /washed with/,
  /seen from\{|who sits there/,
  /how (it|this) was got/i,
  /Plan it anew|Stop, keep the best/,
  /Sort it so|>\s*Take it\s*<|Try it on|is tried on/,
  /All together|homes of a kind|In view of nobody/,
  /'In hand'|: 'Up'/,
  /by the alphabet/i,
  /light-shy|heat-shy|damp-shy/,
  /Not used for long|Homes too many|Retired, but in front/,
  /Settled: its place|Is in the house already/,
  /Empty, kg|Each place carries/,
  /In line with the first|Choose none/,
  /'Pressed to'|share of its loose volume'/,
  /Of these spare|>May lie<|Grams a m|'A week'/,
  /It can work nowhere as it is/,
  /Pouring everything into the furniture/,
  /Not this one|\bUsed it\b/,
  /The room is changed over/,
  /went otherwise/,
  /Begin a sitting|End the sitting/,
  /'Carry over'|'Put up'/,
  /← Before|Begin at the label|Top to top/,
  /The binder of the room/i,
  /Let it in to look only|The way is not encrypted/,
  /Back to before|Make all as it was that day/,
  /Walkways wanted|mm squeezes|is easy,/,
  /'Stands out'|Take this corner out/,
  /Empty takes the share of the height/,
  /Is a child: keep away/,
  /\d[ \u2009\u202f]\d{3} mm\b/,
  /Someone else'/,
  /keep the\s+house tidy|heard of by|change-over|over full/i,
];

const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard'], { cwd: root, encoding: 'utf8' })
  .split('\n')
  .filter((f) => /^(web|core|cli|docs|e2e|library|README|CONTRIBUTING|demo)/.test(f) && /\.(ts|tsx|md|html)$/.test(f))
  .filter((f) => !KNOWS_OLD.test(f));

test('none of the old words is left', () => {
  expect(files.length).toBeGreaterThan(300);
  const found = files.flatMap((file) => {
    const lines = readFileSync(join(root, file), 'utf8').split('\n');
    return lines.flatMap((line, i) =>
      OLD.flatMap((old) => (old.test(line) ? [`${file}:${i + 1} ${old.source}: ${line.trim()}`] : [])),
    );
  });
  expect(found).toEqual([]);
});

test('each of them would be found', () => {
  for (const words of ['Begin the plan', 'Without a place (3)', 'a light-shy thing', '3 450 mm', 'the change-over'])
    expect([words, OLD.some((old) => old.test(words))]).toEqual([words, true]);
});
