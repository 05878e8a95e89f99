/** Comments as an engineer would write them, and none that points to a paper that is not in the repository. */
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));

/** What a comment does not say, each with what it would be. */
const PATTERNS: ReadonlyArray<readonly [RegExp, string]> = [
  [
    /\b[Ss]o (?:many|wide|high|much|long|deep|often|few|thin|tall)\b(?! (?:that|as))/,
    'at most N, at most this wide, a number of',
  ],
  [/\banew\b/i, 'again'],
  [/\b(?:methods|domain)\.md\b/, 'docs/method-notes.md, or nothing'],
  [/\(D\d{1,2}\b|\bD\d{1,2}[,:)]/, 'what it says'],
];

/** The comments of a file with their lines. */
function commentsOf(text: string): Array<{ line: number; text: string }> {
  return text.split('\n').flatMap((line, i) => {
    const found = /^\s*(?:\/\*\*?|\*|\/\/)(.*)|\s\/\/ (.*)|\/\*\* (.*)\*\//.exec(line);
    return found ? [{ line: i + 1, text: (found[1] ?? found[2] ?? found[3])! }] : [];
  });
}

const faultsIn = (file: string, text: string): string[] =>
  commentsOf(text).flatMap((c) =>
    PATTERNS.flatMap(([pattern, better]) => (pattern.test(c.text) ? [`${file}:${c.line}${c.text} (${better})`] : [])),
  );

test('no comment has them', () => {
  const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard'], { cwd: root, encoding: 'utf8' })
    .split('\n')
    .filter((f) => /\.(?:tsx?|mjs|js)$/.test(f) && !/comments\.test\.ts$/.test(f));
  expect(files.length).toBeGreaterThan(600);
  expect(files.flatMap((file) => faultsIn(file, readFileSync(join(root, file), 'utf8')))).toEqual([]);
});

test('each of them would be found', () => {
  for (const comment of [
    '/** Up to so many places. */',
    '// drawn anew',
    ' * Reach (methods.md 2).',
    '/** A rule (D4). */',
  ])
    expect([comment, faultsIn('x', comment).length]).toEqual([comment, 1]);
  expect(faultsIn('x', '// so that it fits; so far; so long as it is there')).toEqual([]);
});
