/** What a type of the library says; sizes are typical ones (common practice, no source), lengths in mm. */
import { mayCarry } from '@heronstone/core/furniture/compartments.ts';
import type { Standing } from '@heronstone/core/gestures/newUnit.ts';
import type { Unfolds } from '@heronstone/core/gestures/unfolds.ts';
import { UNIT_DEFAULTS, type Bay, type Shape } from '@heronstone/core/model/plan.ts';

export const GROUPS = [
  'Tables and tops',
  'Drawers',
  'Shelves',
  'Into a cube opening',
  'Cabinets',
  'On the wall and the door',
  'On wheels',
  'On the table',
  'Chests and bins',
  'Seats and beds',
] as const;

export interface UnitType {
  group: (typeof GROUPS)[number];
  /** What the library calls it. */
  title: string;
  /** One line that says what it is good for. */
  hint: string;
  shape: Shape;
  unfolds?: Unfolds;
}

/** Shorthand for a type; its units are called by its title unless a name is given. */
export function type(
  group: UnitType['group'],
  title: string,
  hint: string,
  shape: Partial<Shape> & Pick<Shape, 'kind' | 'width' | 'depth' | 'height'>,
): UnitType {
  return { group, title, hint, shape: { ...UNIT_DEFAULTS, name: title, ...topOf(group, shape), ...shape } };
}

/** Things may stand on the whole top of what has a firm one. */
const topOf = (group: UnitType['group'], { kind, depth }: Pick<Shape, 'kind' | 'depth'>): Partial<Shape> =>
  group !== 'Into a cube opening' && mayCarry({ kind, host: null }) ? { storeDepth: depth } : {};

/** A column of cells that are all got into in the same way. */
export function bay(width: number, heights: readonly number[], access: Bay['cells'][number]['access']): Bay {
  return { width, cells: heights.map((height) => ({ height, access })) };
}

export const times = (n: number, mm: number): number[] => Array.from({ length: n }, () => mm);

/** How a type stands when it is added; a shape of the maker's own stands on the floor. */
export const standingOf = ({ group, title }: Partial<Pick<UnitType, 'group' | 'title'>>): Standing =>
  group === 'Into a cube opening'
    ? 'insert'
    : title === 'Edge clamp'
      ? 'edge'
      : title === 'Door-back rack'
        ? 'door'
        : group === 'On the wall and the door'
          ? 'wall'
          : 'floor';
