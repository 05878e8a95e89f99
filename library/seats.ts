/** Beds, sofas, chairs and an ironing board: they take floor, and some of them more of it when they are folded out. */
import { times, type, type UnitType } from './type.ts';

const group = 'Seats and beds';
const seat = (title: string, hint: string, width: number, depth: number, height: number): UnitType =>
  type(group, title, hint, { kind: 'seat', width, depth, height });

export const SEATS: readonly UnitType[] = [
  seat('Armchair', 'for knitting and stitching by hand', 800, 850, 900),
  seat('Chair', 'one more to sit on', 450, 520, 880),
  seat('Sofa', 'for two or three', 1900, 900, 850),
  {
    ...seat('Sofa bed', 'folded out it takes the floor before it', 1900, 950, 850),
    unfolds: { mode: 'bed out', width: 1900, depth: 1150 },
  },
  seat('Bed', 'for one, along a wall', 2000, 950, 550),
  {
    ...seat('Daybed', 'pulled out it is a bed for two', 2050, 900, 800),
    unfolds: { mode: 'bed out', width: 2050, depth: 850 },
  },
  {
    ...type(group, 'Ironing board', 'folded against the wall; set up it takes the floor before it', {
      kind: 'seat',
      width: 400,
      depth: 120,
      height: 1500,
    }),
    unfolds: { mode: 'ironing', width: 1350, depth: 1000 },
  },
];

/** Racks and bins that makers name by what is in them. */
export const NAMED_RACKS: readonly UnitType[] = [
  type('On the wall and the door', 'Thread rack', 'six ledges of spools, seen at a glance', {
    kind: 'rack',
    width: 420,
    depth: 50,
    height: 440,
    bottom: 1150,
    board: 4,
    tiers: times(6, 66),
  }),
  type('Drawers', 'Under-desk drawers', 'two deep drawers beside the knees', {
    kind: 'drawer unit',
    width: 340,
    depth: 520,
    height: 600,
    board: 12,
    tiers: [230, 300],
  }),
  type('Chests and bins', 'Open bin', 'stands under a table or on a shelf', {
    kind: 'caddy',
    width: 380,
    depth: 380,
    height: 300,
    board: 4,
  }),
];
