/** Tables, worktops and raised tops. */
import { type, type UnitType } from './type.ts';

const group = 'Tables and tops';

export const SURFACES: readonly UnitType[] = [
  type(group, 'Work table', 'a top to work at; its back edge may hold things', {
    kind: 'table',
    width: 1600,
    depth: 700,
    height: 740,
    board: 28,
    storeDepth: 250,
  }),
  type(group, 'Side table', 'for photographs or packing', {
    kind: 'table',
    width: 1200,
    depth: 900,
    height: 740,
    board: 25,
    storeDepth: 200,
  }),
  type(group, 'Standing worktop', 'counter height, for cutting and pressing', {
    kind: 'table',
    width: 1500,
    depth: 700,
    height: 930,
    board: 38,
    storeDepth: 250,
  }),
  type(group, 'Folding table on wheels', 'rolls up when many hands come', {
    kind: 'table',
    width: 1200,
    depth: 600,
    height: 740,
    board: 22,
    storeDepth: 100,
    wheels: true,
  }),
  type(group, 'Raised top', 'a second, higher top that stands on a table', {
    kind: 'table',
    width: 800,
    depth: 400,
    height: 180,
    bottom: 740,
    board: 20,
    storeDepth: 400,
  }),
  type(group, 'Fold-down wall top', 'a board on brackets, down when it is needed', {
    kind: 'table',
    width: 900,
    depth: 450,
    height: 30,
    bottom: 710,
    board: 30,
    storeDepth: 100,
  }),
];
