/**
 * A room furnished at once: the tables first, then every piece where its maker wants such a piece, near the seat or far from
 * it, as long as it takes from nobody the room to walk, to sit and to open. Several rooms are tried; in the best of them a few
 * pieces at a time are taken out and stood elsewhere, as long as a usual stock costs fewer minutes for it. The best is taken,
 * the next best are kept to choose from.
 */
import { seeded } from '../geometry/seeded.ts';
import type { Change } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import { Furnishing, outOfReach, softFaults, type LeftOut } from './furnishing.ts';
import { minutesOfUsualStock } from './usualStock.ts';
import { isNear, type Wanted } from './wantedSpots.ts';

export type { LeftOut } from './furnishing.ts';
export type { Wanted } from './wantedSpots.ts';

export interface Furnished {
  changes: Change[];
  left: LeftOut[];
  /** Cautions about fronts, seats and ways that remain. */
  faults: number;
  /** Minutes a week of a usual stock. */
  minutes: number;
}

/** How many rooms are tried, how many of the best are kept, and how often each of these, and then the best, is tried to be made better; it ends after that number of turns in a row that bring nothing. */
const ROOMS = 16;
const KEPT = 4;
const TURNS = { each: 8, best: 56, idle: 20 } as const;
/** How many pieces are taken out at once. */
const TAKEN_OUT = 4;

/** In which order kinds of pieces come: tables, what goes under them, seats, what is wanted near, the rest, what hangs, what stands in or on others. */
const rankOf = ({ shape, manner }: Wanted, nearFirst: boolean): number => {
  if (manner === 'insert' || manner === 'top') return 0;
  if (manner === 'wall') return 1;
  if (manner === 'under') return 5;
  if (shape.kind === 'table') return 6;
  if (shape.kind === 'seat') return 4;
  return nearFirst && isNear(shape) ? 3 : 2;
};

/** Within that by size, shuffled by a seed; every other room begins with what is wanted near its seat. */
function inOrder(wanted: readonly Wanted[], random: (() => number) | null, n: number): Wanted[] {
  const wobble = new Map(wanted.map((w) => [w, random ? 0.4 + 1.2 * random() : 1]));
  const area = (w: Wanted) => w.shape.width * w.shape.depth * wobble.get(w)!;
  const rank = (w: Wanted) => rankOf(w, n % 2 === 0);
  return [...wanted].sort((a, b) => rank(b) - rank(a) || area(b) - area(a));
}

/** What a piece left out or out of reach and a fault that remains weigh, minutes a week. */
const LEFT = 60;
const FAULT = 4;
/** And a metre that a piece is from where its maker wants it: minutes alone would put what is large beside the seat. */
const OFF = 1;

/** A room with what it costs. */
export interface Tried extends Furnished {
  room: Furnishing;
  cost: number;
}

function tried(room: Furnishing): Tried {
  const { changes, left, plan, settled } = room;
  const [faults, minutes] = [softFaults(plan), minutesOfUsualStock(settled)];
  const lost = left.length + outOfReach(settled);
  return { room, changes, left, faults, minutes, cost: lost * LEFT + faults * FAULT + room.off * OFF + minutes };
}

/** A room in which a few pieces stand elsewhere, where that costs less; else the same. */
function bettered(best: Tried, random: () => number): Tried {
  const movable = best.room.movable;
  if (movable.length === 0) return best;
  const some = new Set(Array.from({ length: TAKEN_OUT }, () => movable[Math.floor(random() * movable.length)]!));
  const { room, wanted } = best.room.without(some, random);
  for (const piece of inOrder(wanted, random, Math.floor(2 * random()))) room.add(piece);
  if (room.left.length > best.left.length) return best;
  const other = tried(room);
  return other.cost < best.cost ? other : best;
}

/**
 * Rooms as they come, one after the other, none of them made better.
 * @param settle says at which of the seats of a room what is done
 * @returns after each piece how far it is; at the end all rooms, the cheapest first
 */
export function* roomsAsTheyCome(
  plan: Plan,
  wanted: readonly Wanted[],
  newId: () => string,
  random: () => number,
  settle: (plan: Plan) => Change[],
  tries: number,
): Generator<{ share: number }, Tried[]> {
  const rooms: Tried[] = [];
  for (let n = 0; n < tries; n++) {
    const room = new Furnishing(plan, newId, n === 0 ? () => 0 : random, settle);
    for (const piece of inOrder(wanted, n === 0 ? null : random, n)) {
      room.add(piece);
      yield { share: (n + room.changes.length / (2 * wanted.length + 2)) / tries };
    }
    rooms.push(tried(room));
  }
  return rooms.sort((a, b) => a.cost - b.cost);
}

/**
 * Tries rooms, and makes the best of them better.
 * @param settle says at which of the seats of a room what is done
 * @param tries how many rooms are tried
 * @returns after each step how far it is; at the end the rooms found, the best first
 */
export function* furnishRoom(
  plan: Plan,
  wanted: readonly Wanted[],
  newId: () => string,
  seed: number,
  settle: (plan: Plan) => Change[] = () => [],
  tries = ROOMS,
): Generator<{ share: number }, Furnished[]> {
  const random = seeded(seed);
  const trying = roomsAsTheyCome(plan, wanted, newId, random, settle, tries);
  let next = trying.next();
  for (; !next.done; next = trying.next()) yield { share: TRIED * next.value.share };
  const kept = next.value.slice(0, KEPT);
  const each = Math.min(TURNS.each, tries);
  const best = Math.min(TURNS.best, 4 * tries);
  for (let turn = 0, idle = 0; turn < each + best && idle < TURNS.idle; turn++) {
    if (turn === each) kept.sort((a, b) => a.cost - b.cost);
    const some = turn < each ? [...kept.keys()] : [0];
    const before = kept[0];
    for (const i of some) kept[i] = bettered(kept[i]!, random);
    idle = turn < each || kept[0] !== before ? 0 : idle + 1;
    yield { share: TRIED + ((1 - TRIED) * turn) / (each + best) };
  }
  return kept
    .sort((a, b) => a.cost - b.cost)
    .map(({ changes, left, faults, minutes }) => ({ changes, left, faults, minutes }));
}

/** Share of the work after which the rooms are tried. */
const TRIED = 0.5;
