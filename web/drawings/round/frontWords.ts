/** What is written on the front of a place, and what is said of it to whoever does not see the drawing. Lengths in mm. */
import { howMany } from '@heronstone/core/model/measure.ts';
import { RIPPLE_WORD } from '@heronstone/core/reach/body.ts';
import type { Arrangement } from '@heronstone/core/model/plan.ts';
import type { CompartmentReport, ReachReport } from '@heronstone/core/report/report.ts';
import { fillWords } from '../FillBar.tsx';
import { SIGHT_WORD } from '../RippleMark.tsx';
import type { Heat } from '../tint.ts';

export interface Named {
  /** What lies in it, most used first. */
  contents: readonly string[];
  /** Its home, where it can be named; '' where it cannot. */
  home: string;
}

/** What a place is called by: its home before what lies in it. @param things names, a line each */
export function namedBy(c: CompartmentReport, arrangement: Arrangement, things: string): Named {
  const contents = things === '' ? [] : things.split('\n');
  return { contents, home: contents.length > 0 && c.canBeNamed[arrangement] ? c.homeName[arrangement] : '' };
}

/** One line for a front with room for one. */
export function oneLine({ contents, home }: Named): string {
  const [first, ...others] = contents;
  if (first === undefined) return 'empty';
  if (home !== '') return home;
  return others.length > 0 ? `${first} +${others.length}` : first;
}

/** All lines for a front with room for several. */
export function allLines({ contents, home }: Named): readonly string[] {
  return home === '' || (contents.length === 1 && home === contents[0]) ? contents : [home, ...contents];
}

/** Place, what is in it, its home, how full it is, and how near: each once. */
export function spokenFront(
  c: CompartmentReport,
  { contents, home }: Named,
  arrangement: Arrangement,
  reach: ReachReport | undefined,
  heat: Heat | null,
): string {
  const [first] = contents;
  return [
    `${c.name}: ${first === undefined ? 'empty' : `${howMany(contents.length, 'supply', 'supplies')}, ${first}`}`,
    ...(home === '' || home === first ? [] : [`home: ${home}`]),
    ...(first === undefined ? [] : [fillWords(c.fill[arrangement])]),
    ...(reach ? [`ripple ${reach.ripple} ${RIPPLE_WORD[reach.ripple]}`, SIGHT_WORD[reach.sight.state]] : []),
    ...(heat ? [heat.words] : []),
  ].join(', ');
}

/** Where words and ripple are on a front. */
export interface FrontLayout {
  lines: readonly string[];
  /** Height of the letters, and from line to line. */
  size: number;
  step: number;
  /** Radius and middle of the ripple. */
  r: number;
  mid: number;
  /** Where the words begin, and the middle of the first line. */
  left: number;
  firstLine: number;
  /** Too narrow for ring and number: the number stands alone. */
  tight: boolean;
  /** Whether there is room for any word. */
  words: boolean;
}

const cut = (text: string, letters: number) => (text.length > letters ? `${text.slice(0, letters - 1)}…` : text);

/** @param tinted whether the drawing is coloured by a number, which then stands for the names */
export function layFront(
  box: { x: number; y: number; width: number; height: number },
  named: Named,
  tinted: boolean,
  heat: Heat | null,
  px: number,
): FrontLayout {
  const { x, y, width, height } = box;
  const all = allLines(named);
  const r = Math.min(9 * px, height * 0.45);
  const size = Math.min((width < 90 * px ? 9.5 : 11.5) * px, height * 0.62);
  const step = size * 1.25;
  // A narrow front that is high enough has its words below the ripple, over the whole width.
  const below = width < 130 * px && height > 2 * r + size + 8 * px;
  const head = below ? 2 * r + 6 * px : r + 4 * px - size / 2;
  const rows = Math.floor((height - head - 3 * px) / step);
  const several = !tinted && all.length > 1 && rows >= 2;
  const mid = below || several ? y + r + 4 * px : height > 60 * px ? y + height - r - 6 * px : y + height / 2;
  const room = below ? width - 16 * px : width - 2 * r - 18 * px;
  const letters = Math.floor(room / (size * 0.53));
  const numbered = heat === null ? '' : heat.words.length > letters ? heat.short : heat.words;
  const label = tinted ? numbered : oneLine(named);
  const wraps = below && label.length > letters && height > 2 * r + 2.2 * size + 10 * px;
  return {
    lines: several ? severalLines(all, rows, letters) : wraps ? inTwo(label, letters) : [cut(label, letters)],
    size,
    step,
    r,
    mid,
    left: below ? x + 5 * px : x + 2 * r + 9 * px,
    firstLine: below ? y + head + size / 2 : several ? y + r + 4 * px : mid,
    tight: heat !== null && letters < 5,
    words: letters > 3,
  };
}

/** As many lines as there is room for; the last one says how many more there are. */
function severalLines(all: readonly string[], rows: number, letters: number): string[] {
  if (all.length <= rows) return all.map((t) => cut(t, letters));
  const rest = all.length - rows + 1;
  return [...all.slice(0, rows - 1).map((t) => cut(t, letters)), letters < 11 ? `+${rest}` : `and ${rest} more`];
}

/** Two lines of at most this many letters. */
function inTwo(text: string, letters: number): string[] {
  const space = text.lastIndexOf(' ', letters);
  const at = space > 2 ? space : letters;
  return [text.slice(0, at), cut(text.slice(at).trim(), letters)];
}
