/** Starter furniture: generic kinds with typical outside and inside sizes (common practice, no source). Lengths in mm. */
import type { Unit } from '@heronstone/core/model/plan.ts';

export type UnitShape = Omit<Unit, 'id' | 'x' | 'y' | 'turn'>;

export interface UnitType {
  /** What the library calls it. */
  title: string;
  /** One line that says what it is good for. */
  hint: string;
  shape: UnitShape;
}

const plain = {
  bottom: 0,
  board: 18,
  columns: 1,
  tiers: [] as number[],
  insideWidth: null,
  insideDepth: null,
  storeDepth: 0,
  labelled: false,
};

/** The kinds that can be added, each with the sizes it starts with. */
export const UNIT_TYPES: readonly UnitType[] = [
  {
    title: 'Work table',
    hint: 'a top to work at; its back edge may hold things',
    shape: {
      ...plain,
      name: 'Work table',
      kind: 'table',
      width: 1600,
      depth: 700,
      height: 740,
      board: 28,
      storeDepth: 180,
    },
  },
  {
    title: 'Slim drawer unit',
    hint: '5 drawers of mixed depth',
    shape: {
      ...plain,
      name: 'Slim drawers',
      kind: 'drawer unit',
      width: 360,
      depth: 480,
      height: 700,
      board: 12,
      tiers: [60, 60, 110, 150, 170],
    },
  },
  {
    title: 'Tall drawer unit',
    hint: '9 shallow and deep drawers',
    shape: {
      ...plain,
      name: 'Tall drawers',
      kind: 'drawer unit',
      width: 360,
      depth: 480,
      height: 1180,
      board: 12,
      tiers: [60, 60, 60, 60, 110, 110, 150, 160, 170],
    },
  },
  {
    title: 'Cube shelf',
    hint: 'openings of 330 mm in columns and rows',
    shape: {
      ...plain,
      name: 'Cube shelf',
      kind: 'cube shelf',
      width: 714,
      depth: 380,
      height: 1410,
      columns: 2,
      tiers: [330, 330, 330, 330],
    },
  },
  {
    title: 'Bookcase',
    hint: 'shelves one above the other',
    shape: {
      ...plain,
      name: 'Bookcase',
      kind: 'bookcase',
      width: 800,
      depth: 280,
      height: 1900,
      tiers: [280, 280, 280, 300, 300, 300],
    },
  },
  {
    title: 'Wall shelf',
    hint: 'one board at a height',
    shape: {
      ...plain,
      name: 'Wall shelf',
      kind: 'wall shelf',
      width: 800,
      depth: 200,
      height: 20,
      bottom: 1500,
      tiers: [300],
    },
  },
  {
    title: 'Three-tier cart',
    hint: 'rolls to the work',
    shape: {
      ...plain,
      name: 'Cart',
      kind: 'cart',
      width: 450,
      depth: 350,
      height: 780,
      board: 3,
      tiers: [120, 230, 240],
    },
  },
  {
    title: 'Pegboard',
    hint: 'things hung in sight',
    shape: { ...plain, name: 'Pegboard', kind: 'pegboard', width: 800, depth: 20, height: 600, bottom: 1100, board: 0 },
  },
  {
    title: 'Trunk',
    hint: 'a box with a lid',
    shape: { ...plain, name: 'Trunk', kind: 'trunk', width: 800, depth: 420, height: 450, board: 12 },
  },
];
