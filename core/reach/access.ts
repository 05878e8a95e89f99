/**
 * Reach limits of the 2010 ADA Standards for Accessible Design, millimetres as printed there.
 * Used for people who use a wheelchair and as check values. They are guidance here; local code decides.
 */
export const ADA = {
  /** 308.2.1, 308.3.1: unobstructed forward and side reach. */
  low: 380,
  high: 1220,
  /** 308.2.2: forward over an obstruction: up to 510 deep 1220; up to 635 deep 1120. */
  forward: [
    { depth: 510, high: 1220 },
    { depth: 635, high: 1120 },
  ],
  /** 308.3.2: side over an obstruction: up to 255 deep 1220; up to 610 deep 1170. */
  side: [
    { depth: 255, high: 1220 },
    { depth: 610, high: 1170 },
  ],
} as const;

/**
 * Whether a height can be reached from a wheelchair.
 * @param z height of the access point over the floor, mm
 * @param way forward or to the side
 * @param over depth of what one reaches over (a table, a counter), mm; 0 for nothing
 */
export function reachableSeatedInChair(z: number, way: 'forward' | 'side', over = 0): boolean {
  if (z < ADA.low) return false;
  if (over === 0) return z <= ADA.high;
  const row = ADA[way].find((limit) => over <= limit.depth);
  return row !== undefined && z <= row.high;
}
