/** Thickness in which walls are drawn, mm. */
export const WALL = 110;

/** A closed path through points. */
export function closed(points: ReadonlyArray<{ x: number; y: number }>): string {
  return `M${points.map((p) => `${p.x} ${p.y}`).join('L')}Z`;
}
