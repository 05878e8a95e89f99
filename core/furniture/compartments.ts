/**
 * From a parametric unit to its compartments: inside sizes, the front that shows on the wall,
 * and the access point where a hand goes in.
 */
import { once } from '../model/memo.ts';
import type { Constants } from '../model/constants.ts';
import { byName, type Arrangement, type Plan, type Unit } from '../model/plan.ts';
import type { Point } from '../geometry/geometry.ts';
import type { Parts } from './parts.ts';
import { cornerFront, inRoom } from './footprint.ts';

export type Access = 'open' | 'drawer' | 'pull-out' | 'door' | 'lid' | 'peg' | 'top' | 'box';

/** What holds things in: close walls of a box or jar, walls all round, at the sides and behind, only behind, or nothing. */
export type Walls = 'close' | 'all' | 'sides' | 'back' | 'none';

export interface Compartment {
  /** `unit/slot`: the id by which placements, labels and links name it. */
  id: string;
  unit: string;
  slot: string;
  /** "Bench drawers, drawer 2" and "drawer 2". */
  name: string;
  short: string;
  access: Access;
  walls: Walls;
  /** What a board or rail holds things by; of other places nothing. */
  hangs?: Unit['hangs'];
  /** It is on the inside of a door that is opened first. */
  leaf?: true;
  /** The constants by which things lie in it. */
  constants?: Constants;
  /** Usable inside sizes, mm. */
  inside: { width: number; depth: number; height: number };
  /** Free height above its rim into which what stands in it may rise, mm. */
  above?: number;
  /** Depth of the table before the strip for things, mm: a machine stands on that, too. */
  before?: number;
  /** How it is divided, where it is. */
  parts?: Parts;
  /** The front as seen by somebody who faces the unit: mm from its left side and over the floor. */
  front: { left: number; right: number; bottom: number; top: number };
  /** Where the hand goes in, in the room, and its height over the floor, mm. */
  access3: Point & { z: number };
  /** Middle of its front on the floor, and where one stands to reach into it when nothing is in the way, mm. */
  mouth: Point;
  stand: Point;
  /** The container that it is, the compartment in which that stands, and the arrangement to which it belongs; null for an opening of furniture. */
  container: string | null;
  within: string | null;
  only: Arrangement | null;
}

/** Construction of drawers that is not typed in: runner and gap at each side, and behind the box. Common practice, no source. */
const DRAWER = { sideGap: 13, backGap: 30, base: 12 } as const;
/** How far from the front of a unit a person stands, body centre, mm. Half a body depth plus room to bend; common practice, no source. */
const STAND_OFF = 400;

/** The place on a unit; how high things on it may be where nothing is above, and how high it is drawn over a table and over others, mm. */
export const TOP = 'top';

/** Places of one piece in the order in which one reads them: from the top down and from the left to the right. */
export const byCompartment = (a: Compartment, b: Compartment): number =>
  b.front.top - a.front.top || a.front.left - b.front.left || (a.id < b.id ? -1 : 1);

const TOP_HIGH = 900;
const TOP_DRAWN = 300;
const TOP_LOW = 200;

/** Kinds with a firm top on which things may stand beside tables. */
const FIRM: ReadonlySet<Unit['kind']> = new Set(['drawer unit', 'bookcase', 'cube shelf', 'cabinet']);
/** Whether things may stand on a unit that is not a table: it has a firm top of its own. */
export const mayCarry = (unit: Pick<Unit, 'kind' | 'host'>): boolean => FIRM.has(unit.kind) && unit.host === null;

export const TIER_WORD: Partial<Record<Unit['kind'], { slot: string; word: string }>> = {
  'drawer unit': { slot: 'd', word: 'drawer' },
  bookcase: { slot: 's', word: 'shelf' },
  'corner cabinet': { slot: 's', word: 'shelf' },
  'wall shelf': { slot: 's', word: 'shelf' },
  cart: { slot: 't', word: 'tray' },
  rack: { slot: 't', word: 'tray' },
  carousel: { slot: 'l', word: 'level' },
};

/** Height that the tiers and boards of a unit need, mm; 0 for a unit without tiers. */
export function tiersHeight(unit: Unit): number {
  if (unit.kind === 'cabinet')
    return Math.max(
      0,
      ...unit.bays.map((b) => b.cells.reduce((sum, c) => sum + c.height, (b.cells.length + 1) * unit.board)),
    );
  if (unit.tiers.length === 0) return 0;
  const sum = unit.tiers.reduce((a, b) => a + b, 0);
  switch (unit.kind) {
    case 'drawer unit':
      return sum + unit.tiers.length * DRAWER.base + 2 * unit.board;
    case 'wall shelf':
    case 'cart':
    case 'rack':
      return 0; // the space above a shelf or tray is open
    default:
      return sum + (unit.tiers.length + 1) * unit.board;
  }
}

/** Whether a kind of unit is divided into drawers, rows, shelves or trays. */
export function usesTiers(unit: Pick<Unit, 'kind'>): boolean {
  return unit.kind in TIER_WORD || unit.kind === 'cube shelf';
}

/** Whether a kind of unit has columns side by side. */
export function usesColumns(unit: Pick<Unit, 'kind'>): boolean {
  return unit.kind === 'cube shelf' || unit.kind === 'caddy' || unit.kind === 'carousel';
}

export function columnsOf(unit: Unit): number {
  return usesColumns(unit) ? unit.columns : 1;
}

/** Width that the columns and boards of a cabinet need, mm; 0 for other kinds. */
export function baysWidth(unit: Unit): number {
  if (unit.kind !== 'cabinet' || unit.bays.length === 0) return 0;
  return unit.bays.reduce((sum, b) => sum + b.width, (unit.bays.length + 1) * unit.board);
}

const RIMMED: ReadonlySet<Unit['kind']> = new Set(['cart', 'rack', 'caddy', 'carousel']);
/** What holds things in the openings of a unit. */
function wallsOf(unit: Pick<Unit, 'kind'>, access: Access): Walls {
  if (access === 'drawer' || access === 'pull-out' || access === 'lid' || RIMMED.has(unit.kind)) return 'all';
  if (unit.kind === 'wall shelf') return 'back';
  return access === 'top' || access === 'peg' ? 'none' : 'sides';
}

/**
 * How far what stands in the top tray of an open piece may rise over its rim at least, mm; out of a deep bin half of it.
 * Common practice, no source.
 */
const OVER_RIM = 150;
/** Whether there is nothing over a tray: the first of a cart or rack, the first level of a carousel, the parts of a caddy. */
function rimless(unit: Pick<Unit, 'kind'>, slot: string): boolean {
  if (unit.kind === 'caddy') return slot !== TOP;
  if (unit.kind === 'carousel') return slot.startsWith('l1p');
  return (unit.kind === 'cart' || unit.kind === 'rack') && slot === 't1';
}

/** How a front that would be open is closed by doors before the whole unit. */
function behindDoors(unit: Pick<Unit, 'doors'>, access: Access): Access {
  return access === 'open' && unit.doors !== 'none' ? 'door' : access;
}

/**
 * The largest upright box in one sector of a carousel: from where it starts, as a share of the radius, to the rim.
 * @returns width and depth, mm
 */
function sectorBox(radius: number, sectors: number): { width: number; depth: number } {
  if (sectors < 3) return { width: radius * 1.2, depth: radius * 0.75 };
  const half = Math.PI / sectors;
  let best = { width: 0, depth: 0 };
  for (let share = 0.2; share < 0.9; share += 0.05) {
    const width = 2 * share * radius * Math.tan(half);
    const depth = Math.sqrt(Math.max(0, radius ** 2 - (width / 2) ** 2)) - share * radius;
    if (width * depth > best.width * best.depth) best = { width, depth };
  }
  return best;
}

/** Inside width of one opening, mm: as measured, or from outside width less boards and runners. */
export function openingWidth(unit: Unit): number {
  if (unit.insideWidth !== null) return unit.insideWidth;
  switch (unit.kind) {
    case 'drawer unit':
      return unit.width - 2 * unit.board - 2 * DRAWER.sideGap;
    case 'cube shelf':
    case 'caddy':
      return (unit.width - (unit.columns + 1) * unit.board) / unit.columns;
    case 'bookcase':
    case 'trunk':
    case 'cart':
    case 'rack':
      return unit.width - 2 * unit.board;
    case 'corner cabinet':
      return cornerFront(unit) - 2 * unit.board;
    case 'carousel':
      return sectorBox(unit.width / 2, unit.columns).width;
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
    case 'rack':
    case 'caddy':
      return unit.depth - 2 * unit.board;
    case 'table':
      return unit.storeDepth;
    case 'corner cabinet':
      return unit.depth - cornerFront(unit) / 2 - unit.board;
    case 'carousel':
      return sectorBox(unit.width / 2, unit.columns).depth;
    case 'bookcase':
    case 'cube shelf':
      return unit.depth - (unit.doors === 'none' ? 0 : unit.board + unit.doorGap);
    default:
      return unit.depth;
  }
}

/** The compartments of one unit, from the top down and from left to right. */
export const compartmentsOf: (unit: Unit) => readonly Compartment[] = once(madeFor);

function madeFor(unit: Unit): Compartment[] {
  const inside = { width: openingWidth(unit), depth: openingDepth(unit) };
  if (unit.kind === 'seat') return [];
  if (unit.kind !== 'cabinet' && unit.kind !== 'table' && (inside.width < 1 || inside.depth < 1)) return [];
  const made: Compartment[] = [];
  const add = (
    slot: string,
    short: string,
    kind: Access,
    height: number,
    front: Compartment['front'],
    own: { width: number; depth: number } = inside,
  ) => {
    const access = slot === TOP ? kind : behindDoors(unit, kind);
    const middle = (front.left + front.right) / 2;
    const out =
      access === 'drawer' || access === 'pull-out'
        ? unit.depth + own.depth / 2
        : access === 'lid'
          ? unit.depth / 2
          : access === 'top'
            ? own.depth / 2
            : unit.depth;
    const z =
      access === 'drawer' || access === 'pull-out' || access === 'lid'
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
      walls: slot === TOP || slot === UNDER ? 'none' : wallsOf(unit, access),
      ...(rimless(unit, slot) ? { above: Math.max(OVER_RIM, height / 2) } : {}),
      ...(access === 'peg' ? { hangs: unit.hangs } : {}),
      ...(access === 'top' ? { before: Math.max(0, unit.depth - own.depth) } : {}),
      ...(unit.hostSlot === 'doorl' || unit.hostSlot === 'doorr' ? { leaf: true as const } : {}),
      inside: { ...own, height },
      front,
      access3: { ...inRoom(unit, middle, out), z },
      mouth: inRoom(unit, middle, unit.depth),
      stand: inRoom(unit, middle, unit.depth + STAND_OFF),
      container: null,
      within: null,
      only: null,
    });
  };
  const top = unit.bottom + unit.height;
  const word = TIER_WORD[unit.kind];
  switch (unit.kind) {
    case 'table':
      if (unit.storeDepth > 0)
        add(TOP, 'back of the top', 'top', TOP_HIGH, { left: 0, right: unit.width, bottom: top, top: top + TOP_DRAWN });
      break;
    case 'pegboard':
      add('peg', '', 'peg', unit.height, { left: 0, right: unit.width, bottom: unit.bottom, top });
      break;
    case 'trunk':
      add('box', '', 'lid', unit.height - 2 * unit.board, { left: 0, right: unit.width, bottom: unit.bottom, top });
      break;
    case 'cabinet':
      cabinet(unit, top, add);
      break;
    case 'rail':
      add('rail', '', 'peg', unit.height, { left: 0, right: unit.width, bottom: unit.bottom, top });
      break;
    case 'caddy':
      for (let column = 0; column < unit.columns; column++) {
        const left = unit.board + column * (inside.width + unit.board);
        add(`c${column + 1}r1`, unit.columns === 1 ? '' : `part ${column + 1}`, 'open', unit.height - unit.board, {
          left,
          right: left + inside.width,
          bottom: unit.bottom + unit.board,
          top,
        });
      }
      break;
    case 'carousel': {
      const gap = unit.width / unit.columns;
      let ceiling = top;
      unit.tiers.forEach((height, level) => {
        for (let part = 0; part < unit.columns; part++)
          add(`l${level + 1}p${part + 1}`, `level ${level + 1}, part ${part + 1}`, 'open', height, {
            left: part * gap,
            right: (part + 1) * gap,
            bottom: ceiling - height,
            top: ceiling,
          });
        ceiling -= height + unit.board;
      });
      break;
    }
    case 'wall shelf':
    case 'cart':
    case 'rack': {
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
      const side = unit.kind === 'corner cabinet' ? (unit.width - cornerFront(unit)) / 2 : 0;
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
            left: side + unit.board,
            right: unit.width - side - unit.board,
            bottom: ceiling - spare - height - (unit.kind === 'drawer unit' ? between : 0),
            top: ceiling,
          },
        );
        ceiling -= height + spare + between;
      });
    }
  }
  if (unit.kind === 'table' && unit.underDepth > 0)
    add(
      UNDER,
      'the floor under it',
      'open',
      unit.height - unit.board,
      { left: 0, right: unit.width, bottom: unit.bottom, top: top - unit.board },
      { width: Math.max(0, unit.width - 2 * LEG), depth: Math.min(unit.underDepth, unit.depth) },
    );
  const one = unit.asOne ? asOnePlace(unit, made) : null;
  if (one) made.splice(0, made.length, one);
  if (mayCarry(unit) && unit.storeDepth > 0)
    add(
      TOP,
      'the top',
      'open',
      TOP_HIGH,
      { left: 0, right: unit.width, bottom: top, top: top + TOP_LOW },
      { width: unit.width, depth: Math.min(unit.storeDepth, unit.depth) },
    );
  return made;
}

/** Kinds whose openings may be one place with cells. */
const RACKS: ReadonlySet<Unit['kind']> = new Set([
  'cube shelf',
  'carousel',
  'caddy',
  'bookcase',
  'rack',
  'drawer unit',
]);
/** Whether the openings of a piece may count as the cells of one place: there are several, all of one size. */
export const mayBeOne: (unit: Unit) => boolean = once((unit) => {
  if (!RACKS.has(unit.kind)) return false;
  const made = compartmentsOf({ ...unit, asOne: false, storeDepth: 0 });
  const same = (c: Compartment) =>
    (['width', 'depth', 'height'] as const).every((side) => Math.abs(c.inside[side] - made[0]!.inside[side]) < 0.5);
  return made.length > 1 && made.every(same);
});

/** All openings of a piece as one place with cells, numbered from the top left; null where they are not of one size. */
function asOnePlace(unit: Unit, made: readonly Compartment[]): Compartment | null {
  const first = made[0];
  if (!first || !mayBeOne(unit)) return null;
  const over = unit.kind === 'caddy' ? 1 : unit.tiers.length;
  const across = made.length / over;
  const { width, depth, height } = first.inside;
  const middle = made[Math.floor(made.length / 2)]!;
  const side = (of: 'left' | 'bottom', least: boolean) => {
    const all = made.map((c) => (least ? c.front[of] : c.front[of === 'left' ? 'right' : 'top']));
    return least ? Math.min(...all) : Math.max(...all);
  };
  return {
    ...middle,
    id: `${unit.id}/${ALL}`,
    slot: ALL,
    name: unit.name,
    short: unit.name,
    inside: { width: width * across, depth, height: height * over },
    front: {
      left: side('left', true),
      right: side('left', false),
      bottom: side('bottom', true),
      top: side('bottom', false),
    },
    parts: { division: 'cells', across, along: 1, over, part: { width, depth, height }, front: true, names: [] },
  };
}
/** The place that a piece is whose openings are its cells, and the floor under a table. */
export const ALL = 'all';
export const UNDER = 'under';
/** Room that a leg takes at each side under a table, mm. Common practice, no source. */
const LEG = 60;

type Add = (
  slot: string,
  short: string,
  access: Access,
  height: number,
  front: Compartment['front'],
  own?: { width: number; depth: number },
) => void;

/** Columns from the left, cells from the top down; a drawer or pull-out has less inside than its opening. */
function cabinet(unit: Unit, top: number, add: Add): void {
  const plain = {
    drawer: 'drawer',
    'pull-out': 'pull-out shelf',
    door: 'cupboard',
    lid: 'box',
    open: 'shelf',
  } as const;
  let left = unit.board;
  unit.bays.forEach((bay, b) => {
    let ceiling = top - unit.board;
    const closed = unit.doors !== 'none' || bay.cells.some((c) => c.access !== 'open');
    bay.cells.forEach((cell, c) => {
      const runs = cell.access === 'drawer' || cell.access === 'pull-out';
      const gap = unit.doors === 'none' ? 0 : unit.doorGap;
      const depth = unit.insideDepth ?? unit.depth - (closed ? unit.board : 0) - gap - (runs ? DRAWER.backGap : 0);
      const width = bay.width - (runs ? 2 * DRAWER.sideGap : 0);
      const column = unit.bays.length > 1 ? `column ${b + 1}, ` : '';
      const short = bay.cells.length + unit.bays.length === 2 ? '' : `${column}${plain[cell.access]} ${c + 1}`;
      if (width >= 1 && depth >= 1)
        add(
          `b${b + 1}c${c + 1}`,
          short,
          cell.access,
          cell.height - (runs ? DRAWER.base : 0),
          { left, right: left + bay.width, bottom: ceiling - cell.height, top: ceiling },
          { width, depth },
        );
      ceiling -= cell.height + unit.board;
    });
    left += bay.width + unit.board;
  });
}

/** Whether a place is the top of a piece that has its room inside. */
const onTop = ({ slot, access }: Pick<Compartment, 'slot' | 'access'>): boolean => slot === TOP && access === 'open';

/** Litres inside places of a unit; what stands on it takes none of its own room. */
export const litresIn = (compartments: readonly Compartment[]): number =>
  compartments.reduce((sum, c) => sum + (onTop(c) ? 0 : (c.inside.width * c.inside.depth * c.inside.height) / 1e6), 0);

/** All compartments of a plan, by unit name, then from the top down. An opening that holds an insert is none of its own. */
export function allCompartments(plan: Pick<Plan, 'units'>): Compartment[] {
  const taken = new Set(Object.values(plan.units).flatMap((u) => (u.host === null ? [] : [`${u.host}/${u.hostSlot}`])));
  const all = byName(plan.units).flatMap(compartmentsOf);
  return taken.size === 0 ? all : all.filter((c) => !taken.has(c.id));
}
