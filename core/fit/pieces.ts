/** The single pieces of a block as they lie, for drawings: rectangles or circles in the coordinates of the place. */
import type { Supply } from '../model/plan.ts';
import type { Packed } from './packed.ts';

export interface PieceMark {
  x: number;
  y: number;
  w: number;
  d: number;
  round: boolean;
  /** How many lie on each other there. */
  high: number;
}

/**
 * @param most the most marks; null when there would be more, and for what is poured or slanting
 */
export function piecesIn(
  laid: Pick<Packed, 'block' | 'lie' | 'rows' | 'stagger' | 'fits'>,
  most: number,
): PieceMark[] | null {
  const { block, lie, rows, stagger, fits } = laid;
  if (!block || !lie || (lie.pattern !== 'grid' && lie.pattern !== 'mixed') || fits === 0) return null;
  const stacks = Math.ceil(fits / lie.layers);
  if (stacks > most) return null;
  const marks: PieceMark[] = [];
  const high = (i: number) => (i < stacks - 1 ? lie.layers : fits - (stacks - 1) * lie.layers);
  if (lie.cells)
    return lie.cells
      .slice(0, stacks)
      .map((c, i) => ({ x: block.x + c.x, y: block.y + c.y, w: c.w, d: c.d, round: false, high: high(i) }));
  if (stagger) {
    for (let column = 0; marks.length < stacks; column++) {
      const shifted = column % 2 === 1;
      for (let r = 0; r < (shifted ? stagger.shifted : stagger.per) && marks.length < stacks; r++)
        marks.push({
          x: block.x + column * stagger.between,
          y: block.y + r * stagger.pitch + (shifted ? stagger.pitch / 2 : 0),
          w: lie.across,
          d: lie.across,
          round: true,
          high: high(marks.length),
        });
    }
    return marks;
  }
  for (let i = 0; i < stacks; i++)
    marks.push({
      x: block.x + Math.floor(i / rows) * lie.across,
      y: block.y + (i % rows) * lie.into,
      w: lie.across,
      d: lie.into,
      round: lie.round,
      high: high(i),
    });
  return marks;
}

/** How high what lies in a block reaches, mm: piles of pieces, a stack of sheets, or all the height where it is poured in. */
export function heightIn(laid: Pick<Packed, 'lie' | 'rows' | 'fits' | 'block'>, supply: Pick<Supply, 'form'>): number {
  const { lie, fits } = laid;
  if (!lie || fits === 0) return 0;
  if (lie.inPart) return heightIn({ ...laid, lie: lie.inPart, fits: Math.min(fits, lie.layers) }, supply);
  // A flat stack of sheets is one piece; poured things take what height they are given.
  if (lie.pattern === 'fill' || (supply.form === 'sheets' && lie.orientation === 'flat')) return lie.up;
  return Math.min(lie.layers, fits) * lie.up;
}
