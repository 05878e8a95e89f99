/** What does not add up inside a unit: too high, too wide, nothing in it. */
import { error, type Finding } from '../model/finding.ts';
import { formatLength, type UnitSystem } from '../model/measure.ts';
import type { Unit } from '../model/plan.ts';
import { cornerFront } from './footprint.ts';
import { baysWidth, columnsOf, openingWidth, tiersHeight, TIER_WORD, usesTiers } from './compartments.ts';

/** Narrower openings are none, mm; cells for pens are narrow. Common practice, no source. */
const LEAST = { opening: 20, cell: 8 } as const;

/** A usual front of a corner cabinet, mm. Common practice, no source. */
const FRONT = 400;

/** What does not add up inside a unit: tiers higher than the unit, openings that vanish between boards. */
export function tierFindings(unit: Unit, system: UnitSystem): Finding[] {
  const findings: Finding[] = [];
  const add = (field: string, said: Parameters<typeof error>[2]) =>
    findings.push(error('unit', `units.${unit.id}.${field}`, said));
  const say = (mm: number) => formatLength(mm, system);
  const needs = tiersHeight(unit);
  if (needs > unit.height + 1)
    add('tiers', {
      message: `${unit.name}: its ${unit.kind === 'drawer unit' ? 'drawers' : 'shelves'} need ${say(needs)} with their boards, but it is ${say(unit.height)} high.`,
      expected: `inside heights that add up to ${say(unit.height - (needs - unit.tiers.reduce((a, b) => a + b, 0)))} or less`,
      by: needs - unit.height,
    });
  if (usesTiers(unit) && unit.tiers.length === 0)
    add('tiers', {
      message: `${unit.name} has no ${TIER_WORD[unit.kind]?.word ?? 'row'} yet; give it at least one inside height.`,
      expected: 'at least one inside height',
    });
  const apart = unit.height / unit.tiers.length;
  const high = unit.kind === 'cart' || unit.kind === 'rack' ? Math.max(...unit.tiers) : 0;
  if (high > apart + 1)
    add('tiers', {
      message: `${unit.name}: its trays are ${say(apart)} apart, so none can be ${say(high)} high inside.`,
      expected: `inside heights of ${say(apart)} or less`,
      by: high - apart,
    });
  if (unit.kind === 'cabinet') return [...findings, ...bayFindings(unit, say)];
  if (
    unit.kind === 'corner cabinet' &&
    (cornerFront(unit) < 2 * unit.board + LEAST.opening || cornerFront(unit) >= unit.width)
  ) {
    const across = unit.width * Math.SQRT2;
    const [deepest, least] = [unit.width - unit.board - LEAST.opening / 2, unit.width / 2];
    add('depth', {
      message: `${unit.name}: ${say(unit.width)} across and ${say(unit.depth)} deep leave no front. Across is over the corner, from wall to wall, and its depth from the corner to the front: one that is ${say(unit.width)} along each wall is ${say(Math.round(across))} across and about ${say(Math.round(across - FRONT / 2))} deep.`,
      expected: `from ${say(Math.ceil(least))} to ${say(Math.floor(deepest))}`,
    });
    return findings;
  }
  const width = openingWidth(unit);
  const least = unit.asOne ? LEAST.cell : LEAST.opening;
  if (width < least)
    add('board', {
      message: `${unit.name}: between its boards only ${say(Math.max(0, width))} of inside width is left.`,
      expected: `boards that leave at least ${say(least)} of inside width`,
    });
  if (unit.insideWidth !== null && unit.insideWidth * columnsOf(unit) > unit.width)
    add('insideWidth', {
      message: `${unit.name} cannot be wider inside than outside.`,
      expected: `at most ${say(unit.width / columnsOf(unit))}`,
    });
  if (unit.insideDepth !== null && unit.insideDepth > unit.depth)
    add('insideDepth', {
      message: `${unit.name} cannot be deeper inside than outside.`,
      expected: `at most ${say(unit.depth)}`,
    });
  return findings;
}

/** Columns of a cabinet that are missing or wider than it. */
function bayFindings(unit: Unit, say: (mm: number) => string): Finding[] {
  const wide = baysWidth(unit);
  const path = `units.${unit.id}.bays`;
  if (unit.bays.length === 0)
    return [
      error('unit', path, {
        message: `${unit.name} has no column yet; give it at least one with one opening.`,
        expected: 'at least one column with one opening',
      }),
    ];
  if (wide <= unit.width + 1) return [];
  return [
    error('unit', path, {
      message: `${unit.name}: its columns need ${say(wide)} with their boards, but it is ${say(unit.width)} wide.`,
      expected: `columns that add up to ${say(unit.width - (wide - unit.bays.reduce((sum, b) => sum + b.width, 0)))} or less`,
      by: wide - unit.width,
    }),
  ];
}
