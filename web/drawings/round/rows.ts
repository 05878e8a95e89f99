/** The strip of walls in one row, or, where the window is wide, in as many as show the whole room largest. */

export interface Row {
  /** From where to where along the strip, mm. */
  from: number;
  to: number;
}

/** Most rows. */
const MOST = 3;

/**
 * Cuts a strip between its walls into rows so that the longest is as short as can be.
 * @param lengths of the walls in their order, mm
 * @returns at most `count` rows, none empty
 */
export function rowsOf(lengths: readonly number[], count: number): Row[] {
  // How long the longest row is for the first n walls in m rows, and where the last row begins.
  const starts = lengths.reduce<number[]>((all, l) => [...all, all.at(-1)! + l], [0]);
  const best = Array.from({ length: count + 1 }, () => new Array<number>(lengths.length + 1).fill(Infinity));
  const begins = best.map((row) => row.map(() => 0));
  best[0]![0] = 0;
  for (let rows = 1; rows <= count; rows++)
    for (let to = 1; to <= lengths.length; to++)
      for (let from = 0; from < to; from++) {
        const longest = Math.max(best[rows - 1]![from]!, starts[to]! - starts[from]!);
        if (longest >= best[rows]![to]!) continue;
        best[rows]![to] = longest;
        begins[rows]![to] = from;
      }
  const rows: Row[] = [];
  for (let to = lengths.length, left = Math.min(count, lengths.length); left > 0; left--) {
    const from = begins[left]![to]!;
    rows.unshift({ from: starts[from]!, to: starts[to]! });
    to = from;
  }
  return rows;
}

/**
 * The rows that show all of a strip largest.
 * @param high height of a row, mm; `words` is what is written over each, pixels
 * @returns the rows, and mm in a pixel
 */
export function wholeInRows(
  lengths: readonly number[],
  high: number,
  words: number,
  frame: { wide: number; tall: number },
): { rows: Row[]; px: number } {
  const all = Array.from({ length: MOST }, (_, i) => {
    const rows = rowsOf(lengths, i + 1);
    const longest = Math.max(...rows.map((r) => r.to - r.from));
    const tall = Math.max(50, frame.tall - rows.length * words);
    return { rows, px: Math.max(longest / frame.wide, (rows.length * high) / tall) };
  });
  return all.reduce((a, b) => (b.px < a.px ? b : a));
}
