/** A place of given inside sizes, with the walls that such a place usually has. */
import type { Access, Walls } from '@heronstone/core/furniture/compartments.ts';

const USUAL: Readonly<Record<Access, Walls>> = {
  open: 'sides',
  door: 'sides',
  drawer: 'all',
  'pull-out': 'all',
  lid: 'all',
  box: 'close',
  peg: 'none',
  top: 'none',
};

/** @param width mm, as depth and height */
export const holds = (access: Access, width: number, depth: number, height: number) => ({
  access,
  walls: USUAL[access],
  inside: { width, depth, height },
});
