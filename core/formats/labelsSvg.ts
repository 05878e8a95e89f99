/**
 * Labels for a cutting machine and for a strip printer. An SVG in millimetres with two layers: outlines to cut, and what is
 * written or drawn with a pen; strips are as wide as the tape and as long as what stands on them.
 */
import { textWidth } from './labelLayout.ts';
import { counted, titleOf, type Label, type LabelSheet } from './labels.ts';

const escape = (words: string) =>
  words.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!);
const mm = (n: number) => String(Math.round(n * 1000) / 1000);

/** One sheet of labels. */
export function labelsSvg(sheet: LabelSheet, page: number): string {
  const labels = sheet.pages[page] ?? [];
  const { width, height } = sheet.label;
  const cut = labels.map(
    (l) => `  <rect x="${mm(l.x)}" y="${mm(l.y)}" width="${mm(width)}" height="${mm(height)}" rx="2"/>`,
  );
  const write = labels.map((l) => {
    const { texts, code } = l.layout;
    const words = texts.map(
      (t) =>
        `<text x="${mm(l.x + t.x)}" y="${mm(l.y + t.y)}" font-size="${mm(t.size)}"${t.bold ? ' font-weight="bold"' : ''} textLength="${mm(t.width)}" lengthAdjust="spacingAndGlyphs">${escape(t.text)}</text>`,
    );
    if (l.code && code)
      words.push(
        `<path d="${l.code.path}" transform="translate(${mm(l.x + code.x)} ${mm(l.y + code.y)}) scale(${mm(code.side / l.code.size)})"/>`,
      );
    return `  <g>${words.join('')}</g>`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(sheet.page.width)}mm" height="${mm(sheet.page.height)}mm" viewBox="0 0 ${mm(sheet.page.width)} ${mm(sheet.page.height)}">`,
    ' <g id="cut" fill="none" stroke="#ff0000" stroke-width="0.1">',
    ...cut,
    ' </g>',
    ' <g id="write" fill="#000000" stroke="none" font-family="Atkinson Hyperlegible, sans-serif">',
    ...write,
    ' </g>',
    '</svg>',
    '',
  ].join('\n');
}

/** One label as a strip printer puts it out. */
export interface Strip {
  compartment: string;
  /** mm */
  width: number;
  length: number;
  lines: Array<{ text: string; size: number; x: number; y: number }>;
  code: Label['code'];
  codeSide: number;
}

/** Length that a strip printer feeds before and behind, mm. */
const FEED = 3;

/** Labels as strips: the code at the left, the name of the place over what lies in it. */
export function strips(labels: readonly Label[], tape: number): Strip[] {
  return labels.map((l): Strip => {
    const side = l.code ? tape * 0.84 : 0;
    const left = FEED + (l.code ? side + 2 : 0);
    const rows =
      tape >= 18
        ? [titleOf(l), ...l.lines.slice(0, tape >= 24 ? 2 : 1).map(counted)]
        : [l.lines[0] ? counted(l.lines[0]) : titleOf(l)];
    const size = (tape * 0.84) / (rows.length * 1.25);
    const lines = rows.map((text, i) => ({ text, size, x: left, y: tape * 0.08 + (i + 0.9) * size * 1.25 }));
    const long = Math.max(...rows.map((r) => textWidth(r, size)));
    return { compartment: l.compartment, width: tape, length: left + long + FEED, lines, code: l.code, codeSide: side };
  });
}
