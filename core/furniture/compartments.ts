/**
 * From a parametric unit to its compartments: inside sizes, the front that shows on the wall,
 * and the access point where a hand goes in.
 */
import type { Finding } from '../model/finding.ts';
import { formatLength, type UnitSystem } from '../model/measure.ts';
import { byName, type Plan, type Unit } from '../model/plan.ts';
import type { Point } from '../room/geometry.ts';
import { inRoom } from './footprint.ts';

export type Access = 'open' | 'drawer' | 'lid' | 'peg' | 'top';

export interface Compartment {
  /** `unit/slot`: the id by which placements, labels and links name it. */
  id: string;
  unit: string;
  slot: string;
  /** "Bench drawers, drawer 2" and "drawer 2". */
  name: string;
  short: string;
  access: Access;
  /** Usable inside sizes, mm. */
  inside: { width: number; depth: number; height: number };
  /** The front as seen by somebody who faces the unit: mm from its left side and over the floor. */
  front: { left: number; right: number; bottom: number; top: number };
  /** Where the hand goes in, in the room, and its height over the floor, mm. */
  access3: Point & { z: number };
  /** Middle of its front on the floor, and where one stands to reach into it when nothing is in the way, mm. */
  door: Point;
  stand: Point;
}

/** Construction of drawers that is not typed in: runner and gap at each side, and behind the box. Common practice, no source. */
export const DRAWER = { sideGap: 13, backGap: 30, base: 12 } as const;
/** How far from the front of a unit a person stands, body centre, mm. Half a body depth plus room to bend; common practice, no source. */
const STAND_OFF = 400;

const TIER_WORD: Partial<Record<Unit['kind'], { slot: string; word: string }>> = {
  'drawer unit': { slot: 'd', word: 'drawer' },
  bookcase: { slot: 's', word: 'shelf' },
  'wall shelf': { slot: 's', word: 'shelf' },
  cart: { slot: 't', word: 'tray' },
};

/** Height that the tiers and boards of a unit need, mm; 0 for a unit without tiers. */
export function tiersHeight(unit: Unit): number {
  if (unit.tiers.length === 0) return 0;
  const sum = unit.tiers.reduce((a, b) => a + b, 0);
  switch (unit.kind) {
    case 'drawer unit':
      return sum + unit.tiers.length * DRAWER.base + 2 * unit.board;
    case 'wall shelf':
    case 'cart':
      return 0; // the space above a shelf or tray is open
    default:
      return sum + (unit.tiers.length + 1) * unit.board;
  }
}

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
      target: { table: 'units', id: unit.id },
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
  const high = unit.kind === 'cart' ? Math.max(...unit.tiers) : 0;
  if (high > apart + 1)
    add(
      'tiers',
      unit.tiers,
      `inside heights of ${say(apart)} or less`,
      `${unit.name}: its trays are ${say(apart)} apart, so none can be ${say(high)} high inside.`,
      high - apart,
    );
  const width = openingWidth(unit);
  if (width < 20)
    add(
      'board',
      unit.board,
      'boards that leave at least 20 mm of inside width',
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

/** Whether a kind of unit is divided into drawers, rows, shelves or trays. */
export function usesTiers(unit: Pick<Unit, 'kind'>): boolean {
  return unit.kind in TIER_WORD || unit.kind === 'cube shelf';
}

function columnsOf(unit: Unit): number {
  return unit.kind === 'cube shelf' ? unit.columns : 1;
}

/** Inside width of one opening, mm: as measured, or from outside width less boards and runners. */
export function openingWidth(unit: Unit): number {
  if (unit.insideWidth !== null) return unit.insideWidth;
  switch (unit.kind) {
    case 'drawer unit':
      return unit.width - 2 * unit.board - 2 * DRAWER.sideGap;
    case 'cube shelf':
      return (unit.width - (unit.columns + 1) * unit.board) / unit.columns;
    case 'bookcase':
    case 'trunk':
    case 'cart':
      return unit.width - 2 * unit.board;
    default:
      return unit.width;
  }
}

function openingDepth(unit: Unit): number {
  if (unit.insideDepth !== null) return unit.insideDepth;
  switch (unit.kind) {
    case 'drawer unit':
      return unit.depth - unit.board - DRAWER.backGap;
    case 'trunk':
    case 'cart':
      return unit.depth - 2 * unit.board;
    case 'table':
      return unit.storeDepth;
    default:
      return unit.depth;
  }
}

/** The compartments of one unit, from the top down and from left to right. */
export function compartmentsOf(unit: Unit): Compartment[] {
  const inside = { width: openingWidth(unit), depth: openingDepth(unit) };
  if (inside.width < 1 || inside.depth < 1) return [];
  const made: Compartment[] = [];
  const add = (slot: string, short: string, access: Access, height: number, front: Compartment['front']) => {
    const middle = (front.left + front.right) / 2;
    const out =
      access === 'drawer'
        ? unit.depth + inside.depth / 2
        : access === 'lid'
          ? unit.depth / 2
          : access === 'top'
            ? inside.depth / 2
            : unit.depth;
    const z =
      access === 'drawer' || access === 'lid'
        ? front.top
        : access === 'top'
          ? front.bottom
          : (front.bottom + front.top) / 2;
    made.push({
      id: `${unit.id}/${slot}`,
      unit: unit.id,
      slot,
      name: short === '' ? unit.name : `${unit.name}, ${short}`,
      short: short === '' ? unit.name : short,
      access,
      inside: { ...inside, height },
      front,
      access3: { ...inRoom(unit, middle, out), z },
      door: inRoom(unit, middle, unit.depth),
      stand: inRoom(unit, middle, unit.depth + STAND_OFF),
    });
  };
  const top = unit.bottom + unit.height;
  const word = TIER_WORD[unit.kind];
  switch (unit.kind) {
    case 'table':
      if (unit.storeDepth > 0)
        add('top', 'back of the top', 'top', 300, { left: 0, right: unit.width, bottom: top, top: top + 300 });
      break;
    case 'pegboard':
      add('peg', '', 'peg', unit.height, { left: 0, right: unit.width, bottom: unit.bottom, top });
      break;
    case 'trunk':
      add('box', '', 'lid', unit.height - 2 * unit.board, { left: 0, right: unit.width, bottom: unit.bottom, top });
      break;
    case 'wall shelf':
    case 'cart': {
      // Things stand on an open level; its clear height may reach above the last one.
      const levels = unit.tiers.length;
      unit.tiers.forEach((height, i) => {
        const bottom =
          unit.kind === 'wall shelf' ? top : top - (unit.height / levels) * (i + 1) + unit.height / levels - height;
        add(`${word!.slot}${i + 1}`, levels === 1 ? '' : `${word!.word} ${i + 1}`, 'open', height, {
          left: 0,
          right: unit.width,
          bottom,
          top: bottom + height,
        });
      });
      break;
    }
    case 'cube shelf': {
      const slack = Math.max(0, unit.height - tiersHeight(unit));
      const gap = inside.width + unit.board;
      let ceiling = top - unit.board - slack;
      unit.tiers.forEach((height, row) => {
        for (let column = 0; column < unit.columns; column++) {
          const left = unit.board + column * gap;
          add(`c${column + 1}r${row + 1}`, `column ${column + 1}, row ${row + 1}`, 'open', height, {
            left,
            right: left + inside.width,
            bottom: ceiling - height,
            top: ceiling,
          });
        }
        ceiling -= height + unit.board;
      });
      break;
    }
    default: {
      // Drawers and shelves share what height is left over evenly.
      const levels = unit.tiers.length;
      const spare = Math.max(0, unit.height - tiersHeight(unit)) / Math.max(1, levels);
      const between = unit.kind === 'drawer unit' ? DRAWER.base : unit.board;
      let ceiling = top - unit.board;
      unit.tiers.forEach((height, i) => {
        add(
          `${word!.slot}${i + 1}`,
          `${word!.word} ${i + 1}`,
          unit.kind === 'drawer unit' ? 'drawer' : 'open',
          height,
          {
            left: unit.board,
            right: unit.width - unit.board,
            bottom: ceiling - spare - height - (unit.kind === 'drawer unit' ? between : 0),
            top: ceiling,
          },
        );
        ceiling -= height + spare + between;
      });
    }
  }
  return made;
}

/** All compartments of a plan, by unit name, then from the top down. */
export function allCompartments(plan: Pick<Plan, 'units'>): Compartment[] {
  return byName(plan.units).flatMap(compartmentsOf);
}
