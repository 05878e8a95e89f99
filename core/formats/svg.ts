/** A drawing as an SVG file: real millimetres on paper at a scale, one user unit for a millimetre of the room. */
import { groupBy } from '../model/groups.ts';
import type { Drawing, DrawnShape, Layer } from './drawing.ts';

/** Line width on paper, mm, and colour of each layer. */
const PEN: Readonly<Record<Layer, [width: number, colour: string]>> = {
  walls: [0.5, '#20303c'],
  openings: [0.25, '#20303c'],
  fixtures: [0.25, '#52707f'],
  furniture: [0.35, '#20303c'],
  inside: [0.13, '#52707f'],
  areas: [0.25, '#9c4a2c'],
  overhead: [0.18, '#52707f'],
  reach: [0.13, '#6b8795'],
  dimensions: [0.13, '#52707f'],
  names: [0.13, '#20303c'],
};

const escape = (words: string) =>
  words.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!);
const number = (mm: number) => String(Math.round(mm * 1000) / 1000);

/**
 * @param scale millimetres of the room in one of the paper: 20 for 1:20
 * @returns the text of the file
 */
export function writeSvg(drawing: Drawing, scale: number): string {
  const { left, top, right, bottom } = drawing.box;
  const [width, height] = [right - left, bottom - top];
  const groups = [...groupBy(drawing.shapes, (shape) => shape.layer)].map(([layer, shapes]) => {
    const [pen, colour] = PEN[layer];
    const body = shapes.map((s) => shapeOf(s, pen * scale, colour)).join('\n  ');
    return ` <g id="${layer}" fill="none" stroke="${colour}" stroke-width="${number(pen * scale)}">\n  ${body}\n </g>`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${number(width / scale)}mm" height="${number(height / scale)}mm" viewBox="${number(left)} ${number(top)} ${number(width)} ${number(height)}">`,
    ` <title>${escape(drawing.title)}, 1:${number(scale)}</title>`,
    ...groups,
    '</svg>',
    '',
  ].join('\n');
}

function shapeOf(shape: DrawnShape, pen: number, colour: string): string {
  if (shape.kind === 'text') {
    const { x, y } = shape.at;
    const turn = shape.turn === 0 ? '' : ` transform="rotate(${shape.turn} ${number(x)} ${number(y)})"`;
    return `<text x="${number(x)}" y="${number(y)}" font-size="${shape.size}" font-family="sans-serif" text-anchor="middle" fill="${colour}" stroke="none"${turn}>${escape(shape.text)}</text>`;
  }
  const points = shape.points.map((p) => `${number(p.x)},${number(p.y)}`).join(' ');
  const dash = shape.dashed ? ` stroke-dasharray="${number(pen * 8)} ${number(pen * 5)}"` : '';
  return `<${shape.closed ? 'polygon' : 'polyline'} points="${points}"${dash}/>`;
}
