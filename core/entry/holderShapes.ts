/** The boxes, jars and cups that holders are: by their usual size, and large enough for what is kept in them. */
import { CONTAINER_DEFAULTS } from '../model/supply.ts';
import { volume } from '../fit/fit.ts';
import type { UnitSystem } from '../model/measure.ts';
import type { ContainerShape, Supply } from '../model/plan.ts';
import { holderOf } from './holders.ts';
import type { SaidHolder } from './line.ts';

/** What kind of container a holder is. */
const KINDS: ReadonlyArray<readonly [words: RegExp, kind: ContainerShape['kind']]> = [
  [/jar|pot|tub|vial|bottle/, 'jar'],
  [/tin|can/, 'tin'],
  [/basket|bucket/, 'basket'],
  [/bag|pouch|envelope|wallet/, 'pouch'],
  [/folder|file/, 'file'],
  [/binder/, 'binder'],
  [/cup|mug/, 'cup'],
  [/tray/, 'tray'],
  [/bin|tote|crate/, 'bin'],
];
/** Thickness of a wall, mm. */
const WALL = 2;
const SIXTEENTH = 25.4 / 16;
/** Share of its width below which a holder stands instead of lying. Our constant, no source. */
const THIN = 0.35;

/** The container that a holder is, by its usual size. */
export function shapeOfHolder({ word, litres }: SaidHolder): ContainerShape {
  const { holder, word: known } = holderOf(word);
  // Of a size that was said, in the proportions of the usual one.
  const by = litres === null ? 1 : Math.cbrt(litres / holder.litres);
  const [a, b, c] = holder.size.map((mm) => Math.max(10, Math.round(mm * by))) as [number, number, number];
  const upright = holder.round;
  // Bags and folders stand on edge, one behind the other.
  const thin = !upright && c < THIN * b;
  const [width, depth, height] = upright ? [b, c, a] : thin ? [a, c, b] : [a, b, c];
  const kind = KINDS.find(([words]) => words.test(known))?.[1] ?? 'box';
  const clear = kind === 'jar' || kind === 'pouch';
  return {
    ...CONTAINER_DEFAULTS,
    ...{ name: known.charAt(0).toUpperCase() + known.slice(1), kind, width, depth, height },
    ...{ insideWidth: width - 2 * WALL, insideDepth: depth - 2 * WALL, insideHeight: Math.max(2, height - WALL) },
    ...{ lid: kind === 'jar' || kind === 'tin' ? ('on' as const) : ('none' as const), seeThrough: clear },
  };
}

/** Between a thing and its holder, mm. */
const PLAY = 4;

/** How full a holder is at the most, and how much smaller than the usual one a holder is bought. */
const FULL = 0.55;
const SMALLEST = 0.5;
/** How wide a cup is at the most before there are two, mm, and how much of what stands in it is below its rim. Common practice, no source. */
const WIDEST_CUP = 110;
const IN_A_CUP = 2 / 3;

export const longestFirst = ({ length, width, thickness }: Pick<Supply, 'length' | 'width' | 'thickness'>) =>
  [length, width, thickness].sort((a, b) => b - a) as [number, number, number];

/** The floor that pens take when they stand in a cup, mm2. */
const floorInCup = (supply: Supply, count: number): number => {
  const [, wide, thick] = longestFirst(supply);
  return (count * wide * thick) / FULL;
};

/** How many holders of a kind a thing fills, by their usual size. */
export function holdersFilled(supply: Supply, word: string): number {
  if (word === 'cup') return Math.ceil(floorInCup(supply, supply.count) / WIDEST_CUP ** 2);
  return Math.ceil(volume(supply, supply.count) / (FULL * holderOf(word).holder.litres));
}

/** A holder of the same shape into which its share of a thing goes: nobody keeps what does not fit. What is yet to be bought may be smaller. */
export function largeEnough(shape: ContainerShape, supply: Supply, count: number, owned: boolean): ContainerShape {
  const own = longestFirst(supply);
  if (shape.kind === 'cup') {
    const side = Math.ceil(Math.max(shape.insideWidth, Math.sqrt(floorInCup(supply, count)), own[1] + PLAY));
    const high = Math.ceil(Math.max(shape.insideHeight, (own[0] + PLAY) * IN_A_CUP));
    return ofInside(shape, side, side, high);
  }
  const inside = [shape.insideWidth, shape.insideDepth, shape.insideHeight].sort((a, b) => b - a);
  const long = Math.max(...own.map((mm, i) => (mm + PLAY) / inside[i]!));
  const room = inside.reduce((product, mm) => product * mm, 1) / 1e6;
  const by = Math.max(owned ? 1 : SMALLEST, long, Math.cbrt(volume(supply, count) / (FULL * room)));
  return larger(shape, by);
}

/** The same shape, larger by a factor. */
export function larger(shape: ContainerShape, by: number): ContainerShape {
  const up = (mm: number) => Math.ceil(mm * by);
  return by === 1 ? shape : ofInside(shape, up(shape.insideWidth), up(shape.insideDepth), up(shape.insideHeight));
}

/** In a plan in feet a holder is whole sixteenths of an inch outside, and a sixteenth less on each side within. */
export function inSixteenths(shape: ContainerShape, system: UnitSystem): ContainerShape {
  if (system !== 'imperial') return shape;
  const up = (mm: number) => Math.round(Math.ceil(mm / SIXTEENTH - 1e-6) * SIXTEENTH * 1e6) / 1e6;
  const [width, depth, height] = [up(shape.width), up(shape.depth), up(shape.height)];
  const within = (mm: number, walls: number) => Math.round((mm - walls * SIXTEENTH) * 1e6) / 1e6;
  return {
    ...shape,
    ...{ width, depth, height },
    ...{ insideWidth: within(width, 2), insideDepth: within(depth, 2), insideHeight: within(height, 1) },
  };
}

const ofInside = (shape: ContainerShape, width: number, depth: number, height: number): ContainerShape => ({
  ...shape,
  ...{ insideWidth: width, insideDepth: depth, insideHeight: height },
  ...{ width: width + 2 * WALL, depth: depth + 2 * WALL, height: height + WALL },
});
