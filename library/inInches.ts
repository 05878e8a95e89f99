/**
 * The library where people buy and measure in inches: common pieces in the sizes they are sold in, all else rounded to
 * quarter inches; words that name a size say it in inches, quarts and fluid ounces. Sizes common practice, no source.
 */
import { inMeasures } from '@heronstone/core/model/amounts.ts';
import type { UnitSystem } from '@heronstone/core/model/measure.ts';
import type { ContainerShape, Shape } from '@heronstone/core/model/plan.ts';
import { CONTAINER_TYPES, type ContainerType } from './containerTypes.ts';
import { UNIT_TYPES, type UnitType } from './units.ts';

const INCH = 25.4;

/** Outside of what is commonly sold: width, depth, height in inches; for what has its own, inside heights from the top. */
const SOLD: Readonly<
  Record<string, readonly [width: number, depth: number, height: number, tiers?: readonly number[]]>
> = {
  'Work table': [60, 30, 29],
  'Side table': [48, 36, 29],
  'Standing worktop': [60, 30, 36],
  'Folding table on wheels': [48, 24, 29],
  'Raised top': [32, 16, 7],
  'Fold-down wall top': [36, 18, 1.25],
  'Slim drawer unit': [14, 19, 27.5, [2.25, 2.25, 4.25, 6, 6.75]],
  'Tall drawer unit': [14, 19, 46, [2.25, 2.25, 2.25, 2.25, 4.25, 4.25, 6, 6.25, 6.5]],
  'Wide drawer unit': [32, 19, 31, [4.25, 6, 8, 9]],
  'Drawers of two widths': [32, 18, 28],
  'Flat drawers': [40, 28, 19],
  'Hanging files': [17, 24, 28, [12, 12]],
  'Cube shelf': [28.25, 15, 55.75, [13, 13, 13, 13]],
  'Low cube shelf': [55.75, 15, 28.25, [13, 13]],
  Bookcase: [32, 12, 75, [11, 11, 11, 11.75, 11.75, 11.75]],
  'Paper rack': [14, 13.5, 25.5],
  'Under-table shelf': [28, 18, 24],
  'Tall cabinet with doors': [32, 16, 75],
  'Base cabinet': [24, 22, 34],
  'Wall cabinet': [20, 12.5, 28],
  'Cabinet with sliding doors': [48, 16, 36],
  'Cabinet with pull-out shelves': [24, 22, 34],
  'Wall shelf': [32, 8, 0.75],
  Ledge: [40, 3.5, 0.75],
  Pegboard: [32, 0.75, 24],
  'Rail with hooks': [36, 2.5, 12],
  'Rail with rods': [31, 5.5, 6],
  'Magnetic strip': [20, 0.5, 9],
  'Magnetic sheet': [16, 0.5, 20],
  'Two-tier cart': [18, 14, 22],
  'Three-tier cart': [18, 14, 31],
  'Four-tier cart': [9, 18, 39],
  Trunk: [32, 17, 18],
  'Bench with a lid': [44, 16, 18],
  'Tall bin': [12, 12, 28],
  Armchair: [32, 34, 36],
  Sofa: [75, 36, 34],
  Bed: [80, 38, 22],
  Daybed: [80, 36, 32],
  'Ironing board': [16, 5, 59],
  'Under-desk drawers': [13, 20, 24, [9, 12]],
  'Thread rack': [16.5, 2, 17.5],
  'Open bin': [15, 15, 12],
  'Pad rack': [13.5, 3.25, 16],
  'Marker rack': [17.5, 6.25, 5.75],
};

/** Inches in mm, without the noise of binary fractions. */
const inches = (n: number) => Math.round(n * INCH * 1e6) / 1e6;
const down = (mm: number, part: number) => inches(Math.max(part, Math.floor(mm / (INCH * part) + 1e-6) * part));
const up = (mm: number, part: number) => inches(Math.ceil(mm / (INCH * part) - 1e-6) * part);
const near = (mm: number, part: number) => inches(Math.max(mm > 0 ? part : 0, Math.round(mm / (INCH * part)) * part));
const quarter = 1 / 4;

/** A number of millimetres in words of the library, in inches: "330 mm" -> "13 in". */
const words = (text: string): string =>
  text
    .replace(/(\d+) mm/g, (_, mm: string) => `${fraction(near(Number(mm), Number(mm) < 100 ? quarter : 1) / INCH)} in`)
    .replace(/(\d+) ml/g, (_, ml: string) => `${Math.round(Number(ml) / 29.57)} fl oz`)
    .replace(/(\d+) l\b/g, (_, l: string) => `${Math.round(Number(l) / 0.9464)} qt`)
    .replace(/\bA4\b/g, 'letter')
    .replace(/\bA5\b/g, 'half letter');

const fraction = (inches: number): string => {
  const [whole, part] = [Math.floor(inches), ['', '1/4', '1/2', '3/4'][Math.round((inches % 1) * 4)]!];
  return [whole > 0 || part === '' ? String(whole) : '', part].filter((t) => t !== '').join(' ');
};

/** A shape in round inches whose boards and openings still add up. */
function shapeInInches(shape: Shape, title: string, insert: boolean): Shape {
  const sold = SOLD[title];
  const outer = (i: 0 | 1 | 2, mm: number) =>
    sold ? inches(sold[i]) : insert ? down(mm, quarter) : near(mm, mm < 120 ? quarter : 1 / 2);
  const [width, depth, height] = [outer(0, shape.width), outer(1, shape.depth), outer(2, shape.height)];
  const board = near(shape.board, shape.board < 5 ? 1 / 16 : 1 / 8);
  const rows = shape.tiers.length;
  // As much of the height as before, once the boards are taken off.
  const room = (tall: number, thick: number, n: number) => Math.max(1, tall - (n + 1) * thick);
  const standing = shape.kind !== 'wall shelf';
  const taller = standing ? Math.min(1, room(height, board, rows) / room(shape.height, shape.board, rows)) : 1;
  const columns = shape.bays.length;
  const wider = Math.min(1, room(width, board, columns) / room(shape.width, shape.board, columns));
  return {
    ...shape,
    name: words(shape.name),
    ...{ width, depth, height, board },
    bottom: near(shape.bottom, 1 / 2),
    storeDepth: shape.storeDepth === shape.depth ? depth : Math.min(depth, near(shape.storeDepth, 1)),
    underDepth: Math.min(depth, near(shape.underDepth, 1)),
    // A cell made for one kind of thing still takes it.
    tiers: sold?.[3]?.map(inches) ?? shape.tiers.map((t) => (shape.asOne ? up(t, 1 / 16) : down(t * taller, quarter))),
    bays: shape.bays.map((bay) => {
      const cells = bay.cells.length;
      const less = Math.min(1, room(height, board, cells) / room(shape.height, shape.board, cells));
      return {
        ...bay,
        width: down(bay.width * wider, quarter),
        cells: bay.cells.map((c) => ({ ...c, height: down(c.height * less, c.height < 30 ? 1 / 8 : quarter) })),
      };
    }),
  };
}

/** Grams of pounds and the like stay as they are: nobody buys by them. */
function typeInInches(type: UnitType): UnitType {
  return {
    ...type,
    hint: words(type.hint),
    ...(type.unfolds
      ? {
          unfolds: {
            ...type.unfolds,
            width: near(type.unfolds.width, 1),
            depth: near(type.unfolds.depth, 1),
          },
        }
      : {}),
    shape: shapeInInches(type.shape, type.title, type.group === 'Into a cube opening'),
  };
}

/** A container in quarter inches, its walls as thick as before to a sixteenth. */
function containerInInches({ group, shape }: ContainerType): ContainerType {
  const part = (mm: number) => (mm < 40 ? 1 / 8 : quarter);
  const size = (mm: number) => near(mm, part(mm));
  const [width, depth, height] = [size(shape.width), size(shape.depth), size(shape.height)];
  const inside = (outside: number, before: number, within: number) =>
    Math.max(3, outside - near(before - within, 1 / 16));
  const made: ContainerShape = {
    ...shape,
    name: words(shape.name),
    ...{ width, depth, height },
    insideWidth: inside(width, shape.width, shape.insideWidth),
    insideDepth: inside(depth, shape.depth, shape.insideDepth),
    insideHeight: inside(height, shape.height, shape.insideHeight),
  };
  return { group, shape: made };
}

const IN_INCHES = { units: UNIT_TYPES.map(typeInInches), containers: CONTAINER_TYPES.map(containerInInches) };

/** The same sizes, said in centimetres. */
const IN_CENTIMETRES = {
  units: UNIT_TYPES.map((t) => ({ ...t, hint: inMeasures(t.hint, 'centimetres') })),
  containers: CONTAINER_TYPES.map(({ group, shape }) => ({
    group,
    shape: { ...shape, name: inMeasures(shape.name, 'centimetres') },
  })),
};

/** The furniture of the library, in round sizes of the plan's measures. */
export const unitTypes = (system: UnitSystem): readonly UnitType[] =>
  system === 'imperial' ? IN_INCHES.units : system === 'centimetres' ? IN_CENTIMETRES.units : UNIT_TYPES;

/** The containers of the library, in round sizes of the plan's measures. */
export const containerTypes = (system: UnitSystem): readonly ContainerType[] =>
  system === 'imperial' ? IN_INCHES.containers : system === 'centimetres' ? IN_CENTIMETRES.containers : CONTAINER_TYPES;
