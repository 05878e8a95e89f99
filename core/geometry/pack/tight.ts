/**
 * Few rectangles that nearly fill their floor: search over all ways, lowest gap first, giving up on a way as soon as it
 * wastes more than there is to waste. Complete for packings without waste (perfect rectangles).
 */
import type { Box, Packed } from './box.ts';

interface Ledge {
  x: number;
  w: number;
  y: number;
}

const EPS = 1e-6;

/**
 * @param nodes how many placements are tried at the most
 * @returns a packing of all boxes, or null when none was found
 */
export function packTight(boxes: readonly Box[], width: number, depth: number, nodes: number): Packed[] | null {
  const order = [...boxes].sort((a, b) => b.w * b.d - a.w * a.d);
  const used = order.map(() => false);
  const placed: Packed[] = [];
  let left = nodes;
  const spare = width * depth - order.reduce((s, b) => s + b.w * b.d, 0);
  if (spare < -EPS) return null;

  const go = (line: Ledge[], waste: number): boolean => {
    if (placed.length === order.length) return true;
    if (left-- <= 0) return false;
    let at = 0;
    for (let i = 1; i < line.length; i++) if (line[i]!.y < line[at]!.y - EPS) at = i;
    const gap = line[at]!;
    const tried = new Set<string>();
    for (const [i, box] of order.entries()) {
      if (used[i]) continue;
      for (const turned of box.turns === false || box.w === box.d ? [false] : [false, true]) {
        const [w, d] = turned ? [box.d, box.w] : [box.w, box.d];
        const key = `${w} ${d}`;
        if (tried.has(key) || w > gap.w + EPS || gap.y + d > depth + EPS) continue;
        tried.add(key);
        used[i] = true;
        placed.push({ id: box.id, x: gap.x, y: gap.y, w, d, turned });
        const rest: Ledge[] = gap.w - w > EPS ? [{ x: gap.x + w, w: gap.w - w, y: gap.y }] : [];
        if (go(merged([...line.slice(0, at), { x: gap.x, w, y: gap.y + d }, ...rest, ...line.slice(at + 1)]), waste))
          return true;
        placed.pop();
        used[i] = false;
      }
    }
    // Nothing here: the gap is filled up to its lower neighbour and lost.
    const level = Math.min(line[at - 1]?.y ?? Infinity, line[at + 1]?.y ?? Infinity, depth);
    const lost = (level - gap.y) * gap.w;
    if (lost <= EPS || waste - lost < -EPS) return false;
    return go(merged([...line.slice(0, at), { ...gap, y: level }, ...line.slice(at + 1)]), waste - lost);
  };
  return go([{ x: 0, w: width, y: 0 }], spare) ? placed : null;
}

/** Neighbouring steps of the same height become one. */
function merged(line: Ledge[]): Ledge[] {
  const result: Ledge[] = [];
  for (const step of line) {
    const last = result.at(-1);
    if (last && Math.abs(last.y - step.y) < EPS) result[result.length - 1] = { ...last, w: last.w + step.w };
    else result.push(step);
  }
  return result;
}
