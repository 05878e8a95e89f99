/** A rectangle in a rectangle, straight or slanting: what a long thing needs of a drawer or shelf. */

/**
 * Whether a p x q rectangle fits in an a x b one, turned by any angle.
 * Carver 1957, "The Rectangle in a Rectangle" (as quoted in the plan's methods): p <= a and q <= b, or p > a, q <= b and
 * b >= (2pqa + (p² - q²) √(p² + q² - a²)) / (p² + q²), with p >= q and a >= b.
 */
export function rectangleFits(length: number, breadth: number, width: number, depth: number): boolean {
  return slantOf(length, breadth, width, depth) !== null;
}

/**
 * The angle at which it fits, degrees between its long side and the long side of the space; 0 when it fits straight.
 * @returns null when it fits in no way
 */
export function slantOf(length: number, breadth: number, width: number, depth: number): number | null {
  const [p, q] = [Math.max(length, breadth), Math.min(length, breadth)];
  const [a, b] = [Math.max(width, depth), Math.min(width, depth)];
  if (p <= a + 1e-9 && q <= b + 1e-9) return 0;
  if (q > b + 1e-9 || p ** 2 + q ** 2 < a ** 2) return null;
  const root = Math.sqrt(p ** 2 + q ** 2 - a ** 2);
  if (b + 1e-9 < (2 * p * q * a + (p ** 2 - q ** 2) * root) / (p ** 2 + q ** 2)) return null;
  // At this angle the corners touch both short sides: p cos t + q sin t = a.
  return ((Math.acos(Math.min(1, a / Math.hypot(p, q))) + Math.atan2(q, p)) * 180) / Math.PI;
}
