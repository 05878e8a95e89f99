/** What hangs, rolls, stands on the table, and chests. */
import { bay, times, type, type UnitType } from './type.ts';

const wall = 'On the wall and the door';
const wheels = 'On wheels';
const table = 'On the table';
const chests = 'Chests and bins';

export const HUNG: readonly UnitType[] = [
  type(wall, 'Wall shelf', 'one board at a height', {
    kind: 'wall shelf',
    width: 800,
    depth: 200,
    height: 20,
    bottom: 1500,
    tiers: [300],
  }),
  type(wall, 'Ledge', 'narrow, for jars and small frames', {
    kind: 'wall shelf',
    width: 1000,
    depth: 90,
    height: 20,
    bottom: 1250,
    tiers: [150],
  }),
  type(wall, 'Pegboard', 'things hung in sight', {
    kind: 'pegboard',
    width: 800,
    depth: 20,
    height: 600,
    bottom: 1100,
    board: 0,
  }),
  type(wall, 'Rail with hooks', 'tools and loops of cord', {
    name: 'Hook rail',
    kind: 'rail',
    width: 900,
    depth: 60,
    height: 300,
    bottom: 1150,
    board: 0,
  }),
  type(wall, 'Rail with rods', 'for rolls and spools', {
    name: 'Rod rail',
    kind: 'rail',
    hangs: 'rods',
    width: 700,
    depth: 140,
    height: 150,
    bottom: 1300,
    board: 0,
  }),
  type(wall, 'Magnetic strip', 'blades and scissors, seen at a glance', {
    kind: 'pegboard',
    hangs: 'magnet',
    width: 500,
    depth: 15,
    height: 220,
    bottom: 1150,
    board: 0,
  }),
  type(wall, 'Magnetic sheet', 'for dies and small steel things', {
    kind: 'pegboard',
    hangs: 'magnet',
    width: 400,
    depth: 10,
    height: 500,
    bottom: 1100,
    board: 0,
  }),
  type(wall, 'Door-back rack', 'five baskets on the back of a door', {
    kind: 'rack',
    width: 450,
    depth: 120,
    height: 1500,
    bottom: 250,
    board: 3,
    tiers: times(5, 200),
  }),
];

export const ROLLING: readonly UnitType[] = [
  type(wheels, 'Two-tier cart', 'low, under a table', {
    name: 'Low cart',
    kind: 'cart',
    width: 450,
    depth: 350,
    height: 560,
    board: 3,
    tiers: [150, 250],
    wheels: true,
  }),
  type(wheels, 'Three-tier cart', 'rolls to the work', {
    name: 'Cart',
    kind: 'cart',
    width: 450,
    depth: 350,
    height: 780,
    board: 3,
    tiers: [120, 230, 240],
    wheels: true,
  }),
  type(wheels, 'Four-tier cart', 'slim, between two units', {
    name: 'Slim cart',
    kind: 'cart',
    width: 220,
    depth: 450,
    height: 1000,
    board: 3,
    tiers: [120, 220, 220, 230],
    wheels: true,
  }),
  type(wheels, 'Drawer cart', '6 light drawers on wheels', {
    kind: 'drawer unit',
    width: 320,
    depth: 380,
    height: 660,
    board: 6,
    tiers: times(6, 90),
    wheels: true,
  }),
];

export const TABLE_TOP: readonly UnitType[] = [
  type(table, 'Carousel', 'turns; six parts on two levels', {
    kind: 'carousel',
    width: 300,
    depth: 300,
    height: 320,
    bottom: 740,
    board: 6,
    columns: 6,
    tiers: [150, 150],
  }),
  type(table, 'Tool caddy', 'carried by its handle', {
    kind: 'caddy',
    width: 330,
    depth: 180,
    height: 200,
    bottom: 740,
    board: 4,
    columns: 3,
  }),
  type(table, 'Table-top tiers', 'three steps for ink and paint', {
    kind: 'cabinet',
    width: 420,
    depth: 220,
    height: 300,
    bottom: 740,
    board: 6,
    bays: [bay(408, [85, 90, 95], 'open')],
  }),
  type(table, 'Drawer tower', '12 small drawers', {
    kind: 'cabinet',
    width: 310,
    depth: 200,
    height: 420,
    bottom: 740,
    board: 4,
    bays: [bay(97, times(4, 98), 'drawer'), bay(97, times(4, 98), 'drawer'), bay(97, times(4, 98), 'drawer')],
  }),
];

export const CHESTS: readonly UnitType[] = [
  type(chests, 'Trunk', 'a box with a lid', {
    kind: 'trunk',
    width: 800,
    depth: 420,
    height: 450,
    board: 12,
  }),
  type(chests, 'Bench with a lid', 'a seat that stores', {
    kind: 'trunk',
    width: 1100,
    depth: 400,
    height: 460,
    board: 18,
  }),
  type(chests, 'Tall bin', 'for rolls, dowels and long rules', {
    kind: 'caddy',
    width: 300,
    depth: 300,
    height: 700,
    board: 5,
  }),
];
