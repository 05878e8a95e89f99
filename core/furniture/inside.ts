/** What does not add up inside a unit: too high, too wide, nothing in it. */
import type { Finding } from '../model/finding.ts';
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
  const add = (field: string, value: unknown, expected: string, message: string, by?: number) =>
    findings.push({
      code: 'unit',
      severity: 'error',
      path: `units.${unit.id}.${field}`,
      value,
      expected,
      message,
      targets: [{ table: 'units', id: unit.id }],
      ...(by ? { by: Math.ceil(by - 1e-6) } : {}),
    });
  const say = (mm: number) => formatLength(mm, system);
  const needs = tiersHeight(unit);
  if (needs > unit.height + 1)
    add(
      'tiers',
      unit.tiers,
      `inside heights that add up to ${say(unit.height - (needs - unit.tiers.reduce((a, b) => a + b, 0)))} or less`,
      `${unit.name}: its ${unit.kind === 'drawer unit' ? 'drawers' : 'shelves'} need ${say(needs)} with their boards, but it is ${say(unit.height)} high.`,
      needs - unit.height,
    );
  if (usesTiers(unit) && unit.tiers.length === 0)
    add(
      'tiers',
      unit.tiers,
      'at least one inside height',
      `${unit.name} has no ${TIER_WORD[unit.kind]?.word ?? 'row'} yet; give it at least one inside height.`,
    );
  const apart = unit.height / unit.tiers.length;
  const high = unit.kind === 'cart' || unit.kind === 'rack' ? Math.max(...unit.tiers) : 0;
  if (high > apart + 1)
    add(
      'tiers',
      unit.tiers,
      `inside heights of ${say(apart)} or less`,
      `${unit.name}: its trays are ${say(apart)} apart, so none can be ${say(high)} high inside.`,
      high - apart,
    );
  if (unit.kind === 'cabinet') return [...findings, ...bayFindings(unit, say)];
  if (
    unit.kind === 'corner cabinet' &&
    (cornerFront(unit) < 2 * unit.board + LEAST.opening || cornerFront(unit) >= unit.width)
  ) {
    const across = unit.width * Math.SQRT2;
    const [deepest, least] = [unit.width - unit.board - LEAST.opening / 2, unit.width / 2];
    add(
      'depth',
      unit.depth,
      `from ${say(Math.ceil(least))} to ${say(Math.floor(deepest))}`,
      `${unit.name}: ${say(unit.width)} across and ${say(unit.depth)} deep leave no front. Across is over the corner, from wall to wall, and its depth from the corner to the front: one that is ${say(unit.width)} along each wall is ${say(Math.round(across))} across and about ${say(Math.round(across - FRONT / 2))} deep.`,
    );
    return findings;
  }
  const width = openingWidth(unit);
  const least = unit.asOne ? LEAST.cell : LEAST.opening;
  if (width < least)
    add(
      'board',
      unit.board,
      `boards that leave at least ${say(least)} of inside width`,
      `${unit.name}: between its boards only ${say(Math.max(0, width))} of inside width is left.`,
    );
  if (unit.insideWidth !== null && unit.insideWidth * columnsOf(unit) > unit.width)
    add(
      'insideWidth',
      unit.insideWidth,
      `at most ${say(unit.width / columnsOf(unit))}`,
      `${unit.name} cannot be wider inside than outside.`,
    );
  if (unit.insideDepth !== null && unit.insideDepth > unit.depth)
    add(
      'insideDepth',
      unit.insideDepth,
      `at most ${say(unit.depth)}`,
      `${unit.name} cannot be deeper inside than outside.`,
    );
  return findings;
}

/** Columns of a cabinet that are missing or wider than it. */
function bayFindings(unit: Unit, say: (mm: number) => string): Finding[] {
  const wide = baysWidth(unit);
  const about = {
    code: 'unit',
    severity: 'error',
    path: `units.${unit.id}.bays`,
    targets: [{ table: 'units', id: unit.id }],
  } as const;
  if (unit.bays.length === 0)
    return [
      {
        ...about,
        value: [],
        expected: 'at least one column with one opening',
        message: `${unit.name} has no column yet; give it at least one with one opening.`,
      },
    ];
  if (wide <= unit.width + 1) return [];
  return [
    {
      ...about,
      value: unit.bays.map((b) => b.width),
      expected: `columns that add up to ${say(unit.width - (wide - unit.bays.reduce((sum, b) => sum + b.width, 0)))} or less`,
      message: `${unit.name}: its columns need ${say(wide)} with their boards, but it is ${say(unit.width)} wide.`,
      by: Math.ceil(wide - unit.width - 1e-6),
    },
  ];
}
