/**
 * Places divided into parts: cells, lanes, pages with pockets, pockets of a file, the openings of a rack that is one place.
 * One line has whole parts to itself. Parts are numbered from 1 on labels and from 0 here.
 */
import type { ContainerShape } from '../model/plan.ts';
import type { Rect } from '../geometry/pack/freeSpace.ts';

export interface Parts {
  division: Exclude<ContainerShape['divided'], 'not'>;
  /** How many across, from front to back, and over each other. */
  across: number;
  along: number;
  over: number;
  /** Inside sizes of one part, mm. */
  part: { width: number; depth: number; height: number };
  /** Cells that face the front, as those of a rack: what is loose falls out of them. */
  front: boolean;
  /** Names in the order of the parts; empty or missing for one that goes by its number. */
  names: readonly string[];
}

/** The parts of a container; null for one that is not divided. Dividers stand between parts, pages lie on each other. */
export function partsOf(
  c: Pick<
    ContainerShape,
    | 'divided'
    | 'across'
    | 'along'
    | 'over'
    | 'divider'
    | 'partWidth'
    | 'partDepth'
    | 'partHeight'
    | 'partNames'
    | 'insideWidth'
    | 'insideDepth'
    | 'insideHeight'
  >,
): Parts | null {
  if (c.divided === 'not') return null;
  const wall = c.divided === 'pages' || c.divided === 'cards' ? 0 : c.divider;
  const one = (measured: number | null, all: number, n: number) => measured ?? Math.max(0, (all - (n - 1) * wall) / n);
  return {
    division: c.divided,
    across: c.across,
    along: c.along,
    over: c.over,
    part: {
      width: one(c.partWidth, c.insideWidth, c.across),
      depth: one(c.partDepth, c.insideDepth, c.along),
      height: one(c.partHeight, c.insideHeight, c.over),
    },
    front: c.divided === 'cells' && c.over > 1,
    names: c.partNames,
  };
}

export const partCount = (p: Pick<Parts, 'across' | 'along' | 'over'>): number => p.across * p.along * p.over;

/** Rows of a divided place as it is drawn: from front to back, or from the top down. */
const rowsOf = ({ along, over }: Pick<Parts, 'along' | 'over'>): number => along * over;

/** Column and row of a part, the row counted from the front of the drawing. Cells run as one reads, all else along each column. */
function cellOf(p: Parts, n: number): { column: number; row: number } {
  const rows = rowsOf(p);
  if (p.division === 'cells') return { column: n % p.across, row: rows - 1 - Math.floor(n / p.across) };
  return { column: Math.floor(n / rows), row: n % rows };
}

/** Where a part is drawn in its place: x from the left, y from the front (what is over each other as if seen from the front), mm. */
export function partRect(p: Parts, width: number, depth: number, n: number): Rect {
  const { column, row } = cellOf(p, n);
  const [w, d] = [width / p.across, depth / rowsOf(p)];
  return { x: column * w, y: row * d, w, d };
}

const WORD = { cells: 'cell', lanes: 'lane', pages: 'page', pockets: 'pocket', cards: 'card' } as const;
/** What the parts are called when there is one, and when there are many. */
export const partWord = (p: Pick<Parts, 'division'>): string => WORD[p.division];

/** What a part is called: its own name, or "cell 7", "lane 2, section 3", "page 4, pocket 1". */
export function partName(p: Parts, n: number): string {
  const own = p.names[n];
  if (own) return own;
  const word = WORD[p.division];
  const rows = rowsOf(p);
  if (rows === 1 || p.division === 'cells' || p.division === 'pockets') return `${word} ${n + 1}`;
  return `${word} ${Math.floor(n / rows) + 1}, ${p.division === 'pages' ? 'pocket' : 'section'} ${(n % rows) + 1}`;
}

/** "cells 3 to 5", "cell 7", "Blue, Green": which parts a line has, in words. */
export function partsInWords(p: Parts, which: readonly number[]): string {
  if (which.length === 0) return '';
  if (which.length === 1) return partName(p, which[0]!);
  const run = which.every((n, i) => i === 0 || n === which[i - 1]! + 1);
  const named = which.some((n) => p.names[n]);
  const plain = rowsOf(p) === 1 || p.division === 'cells' || p.division === 'pockets';
  const [first, last] = [which[0]!, which.at(-1)!];
  if (named && which.length <= 4) return which.map((n) => partName(p, n)).join(', ');
  if (run && plain && !named) return `${WORD[p.division]}s ${first + 1} to ${last + 1}`;
  if (run) return `${partName(p, first)} to ${partName(p, last)}`;
  return `${which.length} ${WORD[p.division]}s from ${partName(p, first)} on`;
}

/**
 * Gives things whole parts, in the order in which they are given: those with a part of their own first.
 * @param items how many parts each needs, and the first one that it is to have
 * @returns for each the parts that it gets, fewer than it needs where there are no more
 */
export function dealParts(p: Parts, items: ReadonlyArray<{ needs: number; first: number | null }>): number[][] {
  const count = partCount(p);
  const taken = new Array<boolean>(count).fill(false);
  const result: number[][] = items.map(() => []);
  const take = (i: number, from: number) => {
    const own = result[i]!;
    for (let n = from; n < count && own.length < items[i]!.needs; n++) {
      if (taken[n]) continue;
      taken[n] = true;
      own.push(n);
    }
  };
  items.forEach((item, i) => {
    if (item.first !== null && item.first < count) take(i, item.first);
  });
  items.forEach((item, i) => {
    if (item.first !== null && item.first < count && result[i]!.length === item.needs) return;
    if (result[i]!.length === 0) take(i, firstRun(taken, item.needs));
    take(i, 0);
    result[i]!.sort((a, b) => a - b);
  });
  return result;
}

/** Where a number of free parts follow each other, or the first free part. */
function firstRun(taken: readonly boolean[], needs: number): number {
  let from = 0;
  for (let n = 0; n < taken.length; n++) {
    if (taken[n]) from = n + 1;
    else if (n - from + 1 >= needs) return from;
  }
  return Math.max(0, taken.indexOf(false));
}
