/** Cube shelves, bookcases, wall shelves, and what goes into a cube opening. */
import { bay, times, type, type UnitType } from './type.ts';

const shelves = 'Shelves';
const cube = 'Into a cube opening';
/** Outside of an insert for an opening of 330 mm: a hand's play at each side. */
const insert = { width: 326, depth: 370, height: 326, board: 8 } as const;

export const SHELVES: readonly UnitType[] = [
  type(shelves, 'Cube shelf', 'openings of 330 mm in columns and rows', {
    kind: 'cube shelf',
    width: 714,
    depth: 380,
    height: 1410,
    columns: 2,
    tiers: times(4, 330),
  }),
  type(shelves, 'Low cube shelf', 'its top gives more surface', {
    name: 'Low cubes',
    kind: 'cube shelf',
    width: 1410,
    depth: 380,
    height: 714,
    columns: 4,
    tiers: times(2, 330),
  }),
  type(shelves, 'Bookcase', 'shelves one above the other', {
    kind: 'bookcase',
    width: 800,
    depth: 280,
    height: 1900,
    tiers: [280, 280, 280, 300, 300, 300],
  }),
  type(shelves, 'Paper rack', 'many flat shelves for sheets', {
    kind: 'bookcase',
    width: 350,
    depth: 340,
    height: 640,
    board: 6,
    tiers: times(16, 32),
  }),
  type(shelves, 'Under-table shelf', 'slides under a table, open in front', {
    kind: 'bookcase',
    width: 700,
    depth: 450,
    height: 600,
    tiers: [250, 270],
  }),
  type(cube, 'Paper slots', '12 slots of about 25 mm', {
    ...insert,
    kind: 'cabinet',
    board: 3,
    bays: [bay(320, times(12, 23.9), 'open')],
  }),
  type(cube, 'Two drawers', 'two drawers in one opening', {
    ...insert,
    kind: 'cabinet',
    bays: [bay(310, [151, 151], 'drawer')],
  }),
  type(cube, 'Door', 'a door before one opening', { ...insert, kind: 'cabinet', bays: [bay(310, [310], 'door')] }),
  type(cube, 'Two boxes', 'pulled out like drawers', {
    ...insert,
    kind: 'cabinet',
    board: 2,
    bays: [bay(160, [322], 'drawer'), bay(160, [322], 'drawer')],
  }),
  type(cube, 'Middle shelf', 'makes two low openings of one', {
    ...insert,
    kind: 'cabinet',
    bays: [bay(310, [151, 151], 'open')],
  }),
];

export const CABINETS: readonly UnitType[] = [
  type('Cabinets', 'Tall cabinet with doors', 'five shelves behind two doors', {
    name: 'Tall cabinet',
    kind: 'bookcase',
    width: 800,
    depth: 400,
    height: 1900,
    doors: 'pair',
    tiers: times(5, 355),
  }),
  type('Cabinets', 'Base cabinet', 'one drawer over two shelves', {
    kind: 'cabinet',
    width: 600,
    depth: 560,
    height: 860,
    bays: [
      {
        width: 564,
        cells: [
          { height: 140, access: 'drawer' },
          { height: 320, access: 'door' },
          { height: 328, access: 'door' },
        ],
      },
    ],
  }),
  type('Cabinets', 'Wall cabinet', 'two shelves behind a door, hung over a table', {
    kind: 'bookcase',
    width: 500,
    depth: 320,
    height: 700,
    bottom: 1350,
    doors: 'left',
    tiers: [320, 320],
  }),
  type('Cabinets', 'Cabinet with sliding doors', 'needs no room for a door', {
    name: 'Sliding cabinet',
    kind: 'bookcase',
    width: 1200,
    depth: 400,
    height: 900,
    doors: 'sliding',
    tiers: [400, 420],
  }),
  type('Cabinets', 'Corner cabinet', 'stands in the corner of the room', {
    kind: 'corner cabinet',
    width: 1273,
    depth: 884,
    height: 860,
    doors: 'left',
    tiers: [390, 400],
  }),
  type('Cabinets', 'Cabinet with pull-out shelves', 'a heavy machine comes out to the hand', {
    name: 'Pull-outs',
    kind: 'cabinet',
    width: 600,
    depth: 560,
    height: 860,
    bays: [bay(564, [250, 260, 270], 'pull-out')],
  }),
];
