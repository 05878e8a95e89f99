/** Starter furniture: generic types with typical outside and inside sizes (common practice, no source). Lengths in mm. */
import { DRAWERS } from './drawers.ts';
import { CABINETS, SHELVES } from './shelfTypes.ts';
import { CHESTS, HUNG, ROLLING, TABLE_TOP } from './small.ts';
import { NAMED_RACKS, SEATS } from './seats.ts';
import { SURFACES } from './surfaces.ts';
import type { UnitType } from './type.ts';

export { GROUPS, standingOf, type UnitType } from './type.ts';

/** The types that can be added, each with the sizes it starts with. */
export const UNIT_TYPES: readonly UnitType[] = [
  ...SURFACES,
  ...DRAWERS,
  ...SHELVES,
  ...CABINETS,
  ...HUNG,
  ...ROLLING,
  ...TABLE_TOP,
  ...CHESTS,
  ...NAMED_RACKS,
  ...SEATS,
];
