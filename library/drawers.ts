/** Drawer units: slim, wide, mixed, flat. */
import { bay, times, type, type UnitType } from './type.ts';

const group = 'Drawers';

export const DRAWERS: readonly UnitType[] = [
  type(group, 'Slim drawer unit', '5 drawers of mixed depth', {
    name: 'Slim drawers',
    kind: 'drawer unit',
    width: 360,
    depth: 480,
    height: 700,
    board: 12,
    tiers: [60, 60, 110, 150, 170],
  }),
  type(group, 'Tall drawer unit', '9 shallow and deep drawers', {
    name: 'Tall drawers',
    kind: 'drawer unit',
    width: 360,
    depth: 480,
    height: 1180,
    board: 12,
    tiers: [60, 60, 60, 60, 110, 110, 150, 160, 170],
  }),
  type(group, 'Wide drawer unit', '4 wide drawers', {
    name: 'Wide drawers',
    kind: 'drawer unit',
    width: 800,
    depth: 480,
    height: 780,
    board: 16,
    tiers: [110, 150, 200, 230],
  }),
  type(group, 'Drawers of two widths', 'small ones beside deep ones', {
    name: 'Mixed drawers',
    kind: 'cabinet',
    width: 800,
    depth: 450,
    height: 700,
    board: 16,
    bays: [bay(300, times(6, 95), 'drawer'), bay(452, [180, 220, 230], 'drawer')],
  }),
  type(group, 'Flat drawers', 'for large sheets and drawings', {
    kind: 'drawer unit',
    width: 980,
    depth: 720,
    height: 480,
    board: 16,
    tiers: times(7, 50),
  }),
  type(group, 'Hanging files', '2 drawers for folders that hang', {
    name: 'Hanging files',
    kind: 'drawer unit',
    width: 420,
    depth: 600,
    height: 700,
    board: 12,
    tiers: [300, 300],
  }),
];
