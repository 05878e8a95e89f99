/**
 * The one layout of a label: what stands where on it, in mm from its upper left corner. PDF, SVG and screen only draw it.
 * A name wraps, then shrinks, then the contents give way; the code moves aside before a name is cut.
 */
import letterWidths from './letterWidths.json' with { type: 'json' };

interface LabelText {
  kind: 'place' | 'name' | 'contents' | 'note';
  text: string;
  /** Left end of the base line. */
  x: number;
  y: number;
  /** Size of the letters, and how wide the text is in the label font; there is at least that much room. */
  size: number;
  width: number;
  bold: boolean;
}

export interface LabelLayout {
  texts: LabelText[];
  swatches: Array<{ x: number; y: number; side: number; colour: string }>;
  /** The square of the code; null when there is none, or when a name needs its room. */
  code: { x: number; y: number; side: number } | null;
  /** Whether a name had to be cut, since even the smallest letters have no room. */
  cut: boolean;
}

/** What is to stand on a label. */
export interface LabelContents {
  /** Where it is: the unit and its place. */
  place: string;
  /** The first is the name, large; the others follow it, small. */
  lines: readonly string[];
  note: string;
  swatches: readonly string[];
  /** Modules along a side of the code; null without one. */
  modules: number | null;
}

/** The sizes of a label, mm: margin, letters, the side of the code when nothing needs its room. */
export function labelParts(
  width: number,
  height: number,
  large = false,
): { pad: number; title: number; large: number; small: number; code: number } {
  const pad = Math.min(3, height / 8);
  const title = Math.min(3, height / 6);
  const more = large ? 1.5 : 1;
  return {
    pad,
    title,
    large: Math.min(4.2 * more, (height / 4.5) * more),
    small: Math.min(3.2 * more, (height / 5.5) * more),
    code: Math.max(6, Math.min(height - 2.4 * pad - title, width / 3, 24)),
  };
}

/**
 * How wide the letters of the label font (Atkinson Hyperlegible) are, as a share of its size, so that a label is laid out the same
 * wherever it is drawn: from the font files by scripts/makeLetterWidths.ts.
 */
const widthsOf = (byWidth: Readonly<Record<string, string>>) =>
  new Map(Object.entries(byWidth).flatMap(([width, letters]) => [...letters].map((c) => [c, Number(width) / 1000])));
const WIDTHS = { regular: widthsOf(letterWidths.regular), bold: widthsOf(letterWidths.bold) };
/** Letters that the label font does not have are drawn with a wide one; our figure. */
const OTHER = 0.68;

/** How wide a text is in the label font, mm. */
export function textWidth(text: string, size: number, bold = false): number {
  const widths = WIDTHS[bold ? 'bold' : 'regular'];
  return [...text].reduce((sum, c) => sum + (widths.get(c) ?? OTHER), 0) * size;
}

/** Side of a swatch, and from one to the next, as a multiple of it. */
const SWATCH = 3;
const NEXT = 1.3;
/** From base line to base line, and how far letters reach below it, as multiples of their size. */
const LEAD = 1.2;
const BELOW = 0.25;
/** How much smaller the letters of a name, and of what follows, may become. */
const NAME_SIZES = [1, 0.92, 0.85, 0.78, 0.7, 0.62, 0.55];
const LINE_SIZES = [1, 0.92, 0.85];
const MOST_LINES = { place: 2, name: 3, contents: 2 } as const;
/** The smallest module of a code that phones read, mm. Common practice, no source. */
const MODULE = 0.33;

interface Frame {
  width: number;
  pad: number;
  /** Letters end above it. */
  floor: number;
  code: LabelLayout['code'];
}

/** Room for letters on a base line: all of it above the code, less beside it. */
const roomAt = ({ width, pad, code }: Frame, y: number, size: number): number =>
  code !== null && y + size * BELOW > code.y ? code.x - 2 * pad : width - 2 * pad;

/** A text in as many lines as it needs, from an upper edge down; null when it has no room. */
function wrapped(frame: Frame, kind: LabelText['kind'], text: string, size: number, top: number, most: number) {
  const bold = kind === 'name';
  const lines: LabelText[] = [];
  const words = text.split(/\s+/).filter((w) => w !== '');
  let y = top;
  while (words.length > 0) {
    y += lines.length === 0 ? size : size * LEAD;
    if (lines.length === most || y + size * BELOW > frame.floor + 1e-9) return null;
    const room = roomAt(frame, y, size);
    let line = '';
    while (words.length > 0) {
      const longer = line === '' ? words[0]! : `${line} ${words[0]!}`;
      if (textWidth(longer, size, bold) > room) break;
      line = longer;
      words.shift();
    }
    if (line === '') return null;
    lines.push({ kind, text: line, x: frame.pad, y, size, width: textWidth(line, size, bold), bold });
  }
  return { lines, bottom: y + size * BELOW };
}

/** The first of some sizes in which a text has room; one line is better than two. */
function firstFit(
  frame: Frame,
  kind: 'place' | 'contents',
  text: string,
  size: number,
  sizes: readonly number[],
  top: number,
) {
  for (let most = 1; most <= MOST_LINES[kind]; most++)
    for (const part of sizes) {
      const found = wrapped(frame, kind, text, size * part, top, most);
      if (found) return found;
    }
  return null;
}

/** One try with a size of the name. @returns what stands there and how many lines of the contents gave way, or null */
function tryWith(frame: Frame, contents: LabelContents, sizes: { title: number; name: number; small: number }) {
  const [name = '', ...rest] = contents.lines;
  const place = firstFit(frame, 'place', contents.place, sizes.title, [1, 0.9, 0.8, 0.7], frame.pad);
  if (!place) return null;
  const large = wrapped(frame, 'name', name, sizes.name, place.bottom + 0.2, MOST_LINES.name);
  if (!large) return null;
  const blocks: LabelText[][] = [];
  const bottoms = [large.bottom];
  for (const line of rest) {
    const found = firstFit(frame, 'contents', line, sizes.small, LINE_SIZES, bottoms.at(-1)! + 0.1);
    if (!found) break;
    blocks.push(found.lines);
    bottoms.push(found.bottom);
  }
  let more: LabelText[] = [];
  while (blocks.length < rest.length) {
    const left = rest.length - blocks.length;
    const found = wrapped(frame, 'contents', `and ${left} more`, sizes.small, bottoms.at(-1)! + 0.1, 1);
    if (found) more = found.lines;
    if (found || blocks.length === 0) break;
    blocks.pop();
    bottoms.pop();
  }
  const left = rest.length - blocks.length;
  return {
    texts: [...place.lines, ...large.lines, ...blocks.flat(), ...more],
    left,
    told: left === 0 || more.length > 0,
  };
}

/** A note above a bottom edge: in up to three lines, smaller where it must be; at last cut, as no name is. */
function noteAt(note: string, size: number, x: number, room: number, bottom: number): LabelText[] {
  const most = Math.max(1, Math.min(3, Math.floor(bottom / 3 / (size * LEAD))));
  if (note === '') return [];
  const within: Frame = { width: room, pad: 0, floor: Infinity, code: null };
  const found = LINE_SIZES.flatMap((part) => wrapped(within, 'note', note, size * part, 0, most) ?? [])[0];
  const last = size * LINE_SIZES.at(-1)!;
  const text = shortened(note, last, room, false);
  const lines = found?.lines ?? [
    { kind: 'note' as const, text, x: 0, y: last, size: last, width: textWidth(text, last), bold: false },
  ];
  const down = bottom - lines.at(-1)!.y - lines.at(-1)!.size * BELOW;
  return lines.map((l) => ({ ...l, x, y: l.y + down }));
}

/** @param width of the label, mm @param height mm @param large letters half as large again */
export function layOutLabel(contents: LabelContents, width: number, height: number, large = false): LabelLayout {
  const parts = labelParts(width, height, large);
  const { pad, small } = parts;
  const swatches = contents.swatches.map((colour, i) => ({
    x: pad + i * SWATCH * NEXT,
    y: height - pad * 0.6 - SWATCH,
    side: SWATCH,
    colour,
  }));
  const bottom = height - pad * 0.6 - (swatches.length > 0 ? SWATCH + pad * 0.3 : 0);
  const least = contents.modules === null ? 0 : Math.min(parts.code, Math.max(6, contents.modules * MODULE));
  const sides = contents.modules === null ? [0] : [parts.code, (parts.code + least) / 2, least, 0];
  const frames = sides.map((side) => {
    const code = side > 0 ? { x: width - pad - side, y: height - pad - side, side } : null;
    const note = noteAt(contents.note, small * 0.85, pad, code ? code.x - 2 * pad : width - 2 * pad, bottom);
    return { width, pad, floor: note[0] ? note[0].y - note[0].size : bottom, code, note };
  });
  for (const frame of frames) {
    const tries = NAME_SIZES.flatMap((part) => {
      const found = tryWith(frame, contents, { title: parts.title, name: parts.large * part, small });
      return found ? [{ ...found, leads: parts.large * part >= small }] : [];
    });
    // A name smaller than what follows it is the last resort.
    const leading = tries.filter((t) => t.leads);
    const best =
      leading.find((t) => t.left === 0) ?? leading.find((t) => t.told) ?? tries.find((t) => t.told) ?? tries[0];
    if (best) return { texts: [...best.texts, ...frame.note], swatches, code: frame.code, cut: false };
  }
  const frame = frames.at(-1)!;
  const size = Math.min(parts.large * NAME_SIZES.at(-1)!, height / 3);
  const title = Math.min(parts.title * 0.7, height / 5);
  const [name = ''] = contents.lines;
  const line = (kind: LabelText['kind'], text: string, y: number, letters: number, bold: boolean): LabelText => {
    const said = shortened(text, letters, width - 2 * pad, bold);
    return { kind, text: said, x: pad, y, size: letters, width: textWidth(said, letters, bold), bold };
  };
  const first = line('place', contents.place, pad + title, title, false);
  const second = line('name', name, Math.min(height - pad * 0.4, first.y + size * LEAD), size, true);
  return { texts: [first, second, ...frame.note], swatches, code: null, cut: true };
}

function shortened(text: string, size: number, room: number, bold: boolean): string {
  if (textWidth(text, size, bold) <= room) return text;
  let cut = text;
  while (cut.length > 1 && textWidth(`${cut}…`, size, bold) > room) cut = cut.slice(0, -1);
  return `${cut.trimEnd()}…`;
}
