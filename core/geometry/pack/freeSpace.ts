/**
 * The free space of a rectangle while others are put into it, as the list of largest free rectangles
 * (Jylänki 2010, "A Thousand Ways to Pack the Bin": maximal rectangles). Lengths in mm, x from the left, y from the front.
 */

export interface Rect {
  x: number;
  y: number;
  w: number;
  d: number;
}

/** How a place is chosen among those that are free; the names are Jylänki's. */
export const RULES = ['short side', 'long side', 'area', 'bottom left', 'contact'] as const;
export type Rule = (typeof RULES)[number];

const EPS = 1e-6;

export class FreeSpace {
  readonly width: number;
  readonly depth: number;
  free: Rect[];
  readonly used: Rect[] = [];

  constructor(width: number, depth: number) {
    this.width = width;
    this.depth = depth;
    this.free = width > 0 && depth > 0 ? [{ x: 0, y: 0, w: width, d: depth }] : [];
  }

  /** A copy that can be changed without touching this one. */
  copy(): FreeSpace {
    const other = new FreeSpace(this.width, this.depth);
    other.free = this.free.slice();
    other.used.push(...this.used);
    return other;
  }

  /**
   * The best free place for a rectangle by a rule.
   * @returns its place and score (lower is better), or null when it fits nowhere
   */
  find(w: number, d: number, rule: Rule): (Rect & { score: number; second: number }) | null {
    let best: (Rect & { score: number; second: number }) | null = null;
    for (const f of this.free) {
      if (w > f.w + EPS || d > f.d + EPS) continue;
      const [restW, restD] = [f.w - w, f.d - d];
      const short = Math.min(restW, restD);
      const long = Math.max(restW, restD);
      let [score, second] = [short, long];
      if (rule === 'long side') [score, second] = [long, short];
      else if (rule === 'area') [score, second] = [f.w * f.d - w * d, short];
      else if (rule === 'bottom left') [score, second] = [f.y + d, f.x];
      else if (rule === 'contact') [score, second] = [-this.contact(f.x, f.y, w, d), short];
      if (!best || score < best.score - EPS || (score < best.score + EPS && second < best.second - EPS))
        best = { x: f.x, y: f.y, w, d, score, second };
    }
    return best;
  }

  /** Length of the sides of a rectangle that would touch a wall or another rectangle. */
  private contact(x: number, y: number, w: number, d: number): number {
    let length = 0;
    if (x < EPS || x + w > this.width - EPS) length += d;
    if (y < EPS || y + d > this.depth - EPS) length += w;
    for (const u of this.used) {
      if (Math.abs(u.x - x - w) < EPS || Math.abs(u.x + u.w - x) < EPS)
        length += Math.max(0, Math.min(u.y + u.d, y + d) - Math.max(u.y, y));
      if (Math.abs(u.y - y - d) < EPS || Math.abs(u.y + u.d - y) < EPS)
        length += Math.max(0, Math.min(u.x + u.w, x + w) - Math.max(u.x, x));
    }
    return length;
  }

  /** Takes a rectangle out of the free space, wherever it lies. */
  take(r: Rect): void {
    const next: Rect[] = [];
    for (const f of this.free) {
      if (r.x >= f.x + f.w - EPS || r.x + r.w <= f.x + EPS || r.y >= f.y + f.d - EPS || r.y + r.d <= f.y + EPS) {
        next.push(f);
        continue;
      }
      if (r.x > f.x + EPS) next.push({ x: f.x, y: f.y, w: r.x - f.x, d: f.d });
      if (r.x + r.w < f.x + f.w - EPS) next.push({ x: r.x + r.w, y: f.y, w: f.x + f.w - r.x - r.w, d: f.d });
      if (r.y > f.y + EPS) next.push({ x: f.x, y: f.y, w: f.w, d: r.y - f.y });
      if (r.y + r.d < f.y + f.d - EPS) next.push({ x: f.x, y: r.y + r.d, w: f.w, d: f.y + f.d - r.y - r.d });
    }
    this.free = withoutContained(next);
    this.used.push({ x: r.x, y: r.y, w: r.w, d: r.d });
  }
}

/** Leaves out every rectangle that lies inside another. */
function withoutContained(list: Rect[]): Rect[] {
  return list.filter(
    (a, i) =>
      !list.some(
        (b, j) =>
          i !== j &&
          a.x >= b.x - EPS &&
          a.y >= b.y - EPS &&
          a.x + a.w <= b.x + b.w + EPS &&
          a.y + a.d <= b.y + b.d + EPS &&
          (j < i || a.w * a.d < b.w * b.d - EPS),
      ),
  );
}
