/** Five made-up rooms of other crafts than the demo's, built as a maker builds them: walls, a door, pieces and lists of the library. */
import { addSupplies } from '@heronstone/core/entry/addSupplies.ts';
import { newUnit } from '@heronstone/core/gestures/newUnit.ts';
import { applyChanges, set, type Change } from '@heronstone/core/model/change.ts';
import { emptyPlan, type Plan } from '@heronstone/core/model/plan.ts';
import { makeOutline } from '@heronstone/core/room/outline.ts';
import { ownedOf, STARTERS } from '@heronstone/library/starter.ts';
import { unitTypes } from '@heronstone/library/inInches.ts';

interface RoomSpec {
  name: string;
  units: 'metric' | 'imperial';
  /** From west to east and from north to south, mm. */
  size: readonly [number, number];
  /** Pieces of the library by their titles, in the order in which they come. */
  pieces: readonly string[];
  /** How deep the part of a top is that is not kept clear for work, where it is not as the library says, mm. */
  stores?: Readonly<Record<string, number>>;
  /** Starter lists, each an activity; times a week. */
  crafts: ReadonlyArray<readonly [string, number]>;
}

const FOOT = 304.8;

export const ROOMS: Readonly<Record<string, RoomSpec>> = {
  cards: {
    name: 'Cards and stamps',
    units: 'imperial',
    size: [12 * FOOT, 10 * FOOT],
    pieces: [
      ...['Work table', 'Slim drawer unit', 'Paper rack', 'Cube shelf', 'Bookcase', 'Pegboard', 'Three-tier cart'],
      ...['Rail with rods', 'Magnetic sheet'],
    ],
    crafts: [
      ['Paper cards', 4],
      ['Stamping and inking', 3],
    ],
  },
  quilts: {
    name: 'Quilts and clothes',
    units: 'imperial',
    size: [15 * FOOT, 12 * FOOT],
    pieces: [
      ...['Work table', 'Standing worktop', 'Wide drawer unit', 'Tall cabinet with doors', 'Bookcase', 'Cube shelf'],
      ...['Pegboard', 'Rail with rods', 'Tall bin'],
    ],
    crafts: [
      ['Quilting', 3],
      ['Sewing', 2],
    ],
  },
  beads: {
    name: 'Beads and clay',
    units: 'metric',
    size: [3400, 3000],
    pieces: [
      ...['Work table', 'Tall drawer unit', 'Base cabinet', 'Bookcase', 'Wall shelf', 'Rail with hooks', 'Tool caddy'],
      'Magnetic strip',
    ],
    crafts: [
      ['Jewellery and beads', 4],
      ['Clay and resin', 2],
    ],
  },
  yarn: {
    name: 'Yarn and stitching',
    units: 'metric',
    size: [3200, 2700],
    pieces: ['Work table', 'Cube shelf', 'Tall drawer unit', 'Bookcase', 'Ledge', 'Drawer cart', 'Pegboard'],
    crafts: [
      ['Yarn', 4],
      ['Embroidery', 3],
    ],
  },
  parcels: {
    name: 'Vinyl, wraps and parcels',
    units: 'metric',
    size: [4000, 3400],
    pieces: [
      ...['Work table', 'Standing worktop', 'Bookcase', 'Flat drawers', 'Tall cabinet with doors', 'Rail with rods'],
      ...['Paper rack', 'Wall shelf', 'Two-tier cart', 'Pegboard'],
    ],
    // The heat press lives on it.
    stores: { 'Standing worktop': 640 },
    crafts: [
      ['Vinyl and press', 3],
      ['Gift wrap and shipping', 3],
    ],
  },
};

/** The plan of a room before it is filled: nothing has a place yet. */
export function sampleRoom(key: string): Plan {
  const spec = ROOMS[key]!;
  let n = 0;
  const newId = () => `r${n++}`;
  let plan = emptyPlan({ id: key, name: spec.name, room: spec.name, units: spec.units });
  const make = (changes: Change[]) => (plan = applyChanges(plan, changes).plan);
  const [x, y] = spec.size;
  const corners = [
    { x: 0, y: 0 },
    { x, y: 0 },
    { x, y },
    { x: 0, y },
  ];
  make(makeOutline(corners, [x, y, x, y], newId));
  const south = Object.values(plan.corners).sort((a, b) => a.order - b.order)[2]!;
  const size =
    spec.units === 'imperial' ? { offset: 101.6, width: 762, height: 2032 } : { offset: 100, width: 760, height: 2000 };
  const door = { id: 'door', kind: 'door' as const, corner: south.id, ...size, sill: 0 };
  make([set('openings', 'door', { ...door, hinge: 'left', swing: 'in', keepClear: null })]);
  for (const title of spec.pieces) {
    const type = unitTypes(spec.units).find((t) => t.title === title)!;
    const shape = { ...type.shape, storeDepth: spec.stores?.[title] ?? type.shape.storeDepth };
    make(newUnit(plan, shape, type.group === 'On the wall and the door', newId).changes);
  }
  const [seat] = Object.values(plan.stations);
  for (const [craft, sessionsPerWeek] of spec.crafts) {
    const id = newId();
    make([set('activities', id, { id, name: craft, sessionsPerWeek, minutes: 90, station: seat!.id })]);
  }
  const lists = STARTERS.filter((s) => spec.crafts.some(([craft]) => craft === s.craft));
  make(
    addSupplies(
      plan,
      lists.map((s) => ({
        draft: { ...ownedOf(s, s.draft.count, spec.units), sizeFrom: '', countFrom: '' },
        uses: [{ activity: s.craft, fetches: s.fetches }],
      })),
      newId,
    ),
  );
  return plan;
}
