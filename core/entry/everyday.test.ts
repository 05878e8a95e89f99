/** Everyday lines, as the window reads them: with all kinds of the library. */
import { EVERYDAY, type EverydayLine } from '@heronstone/testing/everydayLines.ts';
import { KINDS } from '@heronstone/library/usualSizes.ts';
import { SupplySchema } from '../model/plan.ts';
import { readLine } from './read.ts';

/** What is wrong with the reading of a line; empty when it is right. */
function wrong(l: EverydayLine): string[] {
  const read = readLine(l.line, l.system, [], KINDS);
  const s = read.draft;
  if (!s) return [`refused: ${[...read.missing, ...read.problems].join(' ')}`];
  const said: string[] = [];
  const counted = l.counts.some(({ count, guessed }) =>
    guessed ? s.countFrom !== '' && s.count >= count / 2.5 && s.count <= count * 2.5 : s.count === count,
  );
  if (!counted) said.push(`count ${s.count} ${s.countFrom}`);
  if (!l.forms.includes(s.form)) said.push(`form ${s.form}`);
  if (l.size === null) {
    if (s.sizeFrom !== 'not known yet') said.push(`size ${s.sizeFrom}`);
  } else {
    const got = [s.length, s.width, s.thickness].sort((a, b) => b - a);
    const wanted = [...l.size].sort((a, b) => b.mm - a.mm);
    const off = wanted.some(({ mm, guessed }, i) =>
      guessed ? got[i]! > mm * 2 || got[i]! < mm / 2 : Math.abs(got[i]! - mm) > Math.max(1, mm * 0.01),
    );
    if (off) said.push(`size ${got.join(' x ')}`);
    if (wanted.some((w) => w.guessed) && s.sizeFrom === '') said.push('size not marked as a guess');
  }
  const kind = s.category === '' ? '-' : s.category;
  if (!l.kinds.includes(kind)) said.push(`kind ${kind}`);
  if (!SupplySchema.safeParse({ ...s, id: 'x' }).success) said.push('cannot be kept');
  return said;
}

test('of the everyday lines at least 95 in a hundred are read right, and none is refused', () => {
  expect(EVERYDAY.length).toBeGreaterThanOrEqual(200);
  const all = EVERYDAY.flatMap((l) => {
    const said = wrong(l);
    return said.length > 0 ? [`${l.line}: ${said.join('; ')}`] : [];
  });
  expect(all.filter((w) => w.includes('refused'))).toEqual([]);
  expect({
    share: all.length / EVERYDAY.length <= 0.05,
    wrong: all.length <= EVERYDAY.length * 0.05 ? [] : all,
  }).toEqual({
    share: true,
    wrong: [],
  });
});
