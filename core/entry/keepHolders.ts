/** What things are kept in by their maker's words becomes boxes and jars of the plan, each where it stands best, with its things in it. */
import { CONTAINER_DEFAULTS } from '../model/supply.ts';
import { standContainers } from '../fit/containers.ts';
import { volume } from '../fit/fit.ts';
import { ALONE, fetchSeconds } from '../fetch/fetch.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { applyChanges, set, type Change } from '../model/change.ts';
import type { Container, ContainerShape, Plan, Supply } from '../model/plan.ts';
import { mainStationOf, sceneOf, type Scene } from '../scene/scene.ts';
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
/** Thickness of a wall, mm; from how many holders on they stand in one box more than in a row. */
const WALL = 2;
const MOST = 12;
/** How much of a place holders may take at the most, so that other things have room. */
const SHARE = 0.6;

/** Share of its width below which a holder stands instead of lying. Our constant, no source. */
const THIN = 0.35;

/** The container that a holder is, by its usual size. */
function shapeOfHolder({ word, litres }: SaidHolder): ContainerShape {
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

/** Whether holders may stand there: on shelves, in drawers and cubbies, not on a table or a board. */
const mayStand = (plan: Plan, c: Compartment): boolean =>
  c.container === null &&
  c.only !== 'today' &&
  c.parts === undefined &&
  c.access !== 'peg' &&
  plan.units[c.unit]!.kind !== 'table';

/** Places in the order in which they would serve a thing: the quickest first; the far ones first for what is seldom fetched. */
function placesFor(scene: Scene, supply: Supply): Compartment[] {
  const seat = mainStationOf(scene, supply.id) ?? scene.stations[0]?.id;
  if (seat === undefined) return [];
  const ways = scene.approaches.get(seat)!;
  const seldom = !Object.values(scene.plan.uses).some((u) => u.supply === supply.id && u.fetches >= SELDOM);
  const rank = (c: Compartment) => {
    const way = ways.get(c.id)!;
    return (
      fetchSeconds(way, ALONE, true) + (seldom && way.ripple <= 3 ? PRIME : 0) + (c.access === 'drawer' ? CLOSED : 0)
    );
  };
  return scene.compartments
    .filter((c) => mayStand(scene.plan, c) && !scene.shut.has(c.id))
    .map((c) => ({ c, rank: rank(c) }))
    .sort((a, b) => a.rank - b.rank)
    .map(({ c }) => c);
}

/** Fetches a session below which a holder is not wanted near; and what a near place, and a drawer, counts then, s. Our constants. */
const SELDOM = 0.5;
const PRIME = 20;
const CLOSED = 2;

/**
 * Puts a thing into its holders, all of them in one place, where they have room.
 * @returns nothing where there is no such place: then its note says in what it is
 */
function keepInHolders(plan: Plan, supply: Supply, held: SaidHolder, newId: () => string, owned = true): Change[] {
  if (!holderOf(held.word).holder) return noted(supply, held);
  // Glue in bottles is its bottles.
  if (supply.form === 'bottles' || supply.form === 'machine') return [];
  const number = Math.min(MOST, held.number, supply.count);
  const shape = largeEnough(shapeOfHolder(held), supply, Math.ceil(supply.count / number));
  const scene = sceneOf(plan);
  const place = placesFor(scene, supply).find((c) => fitsIn(plan, c, shape, number));
  if (!place) return noted(supply, held);
  return Array.from({ length: number }, (_, i) => {
    const [id, row, keep] = [newId(), newId(), newId()];
    const name = `${supply.name.slice(0, 80)}, ${shape.name.toLowerCase()}${number > 1 ? ` ${i + 1}` : ''}`;
    const count = Math.floor(supply.count / number) + (i < supply.count % number ? 1 : 0);
    return [
      set('containers', id, {
        ...{ ...shape, id, name, owned, labelled: false, arrangement: 'planned' as const },
        ...{
          unit: place.unit,
          slot: place.slot,
          parent: null,
          becomes: null,
          x: null,
          y: null,
          turned: false,
          returns: null,
        },
      }),
      set('keeps', keep, {
        ...{ id: keep, unit: place.unit, slot: place.slot, container: id, for: 'these' as const },
        ...{ things: [supply.name], lines: null, litres: null },
      }),
      set('placements', row, {
        ...{ id: row, arrangement: 'planned' as const, supply: supply.id, unit: place.unit, slot: place.slot },
        ...{ container: id, count, orientation: null, part: null, pinned: true, spare: false, returns: null },
      }),
    ];
  }).flat();
}

/** How full a holder is at the most. */
const FULL = 0.55;

/** A holder of the same shape into which its share of a thing goes: nobody keeps what does not fit. */
function largeEnough(shape: ContainerShape, supply: Supply, count: number): ContainerShape {
  const inside = [shape.insideWidth, shape.insideDepth, shape.insideHeight].sort((a, b) => b - a);
  const own = [supply.length, supply.width, supply.thickness].sort((a, b) => b - a);
  const long = Math.max(...own.map((mm, i) => (mm + PLAY) / inside[i]!));
  const room = inside.reduce((product, mm) => product * mm, 1) / 1e6;
  const by = Math.max(1, long, Math.cbrt(volume(supply, count) / (FULL * room)));
  if (by <= 1) return shape;
  const up = (mm: number) => Math.ceil(mm * by);
  return {
    ...shape,
    ...{ width: up(shape.width), depth: up(shape.depth), height: up(shape.height) },
    ...{ insideWidth: up(shape.insideWidth), insideDepth: up(shape.insideDepth), insideHeight: up(shape.insideHeight) },
  };
}

/** Between a thing and its holder, mm. */
const PLAY = 4;

const noted = (supply: Supply, { word, number }: SaidHolder): Change[] => [
  set('supplies', supply.id, {
    note: `${supply.note}${supply.note === '' ? '' : ' '}In ${number === 1 ? 'one' : number} ${word}${number === 1 ? '' : 's'}.`.slice(
      0,
      2000,
    ),
  }),
];

function fitsIn(plan: Plan, c: Compartment, shape: ContainerShape, number: number): boolean {
  const floor = c.inside.width * c.inside.depth;
  const there = Object.values(plan.containers).filter(
    (o) => o.arrangement === 'planned' && o.unit === c.unit && o.slot === c.slot,
  );
  const area = (s: Pick<Container, 'width' | 'depth'>) => s.width * s.depth;
  if (number * area(shape) + there.reduce((sum, o) => sum + area(o), 0) > SHARE * floor) return false;
  const more = Array.from(
    { length: number },
    (_, i) => ({ ...shape, id: `new${i}`, ...STANDS, unit: c.unit, slot: c.slot }) as Container,
  );
  return standContainers([...there, ...more], c, plan.meta.units).every((s) => s.rect !== null);
}

const STANDS = {
  owned: true,
  labelled: false,
  arrangement: 'planned',
  parent: null,
  becomes: null,
  x: null,
  y: null,
  turned: false,
  returns: null,
} as const;

/** The same for several things, one after the other. */
export function keepAllInHolders(
  plan: Plan,
  list: ReadonlyArray<{ supply: string; held: SaidHolder }>,
  newId: () => string,
): Change[] {
  let room = plan;
  return list.flatMap(({ supply, held }) => {
    const row = room.supplies[supply];
    if (!row) return [];
    const changes = keepInHolders(room, row, held, newId);
    room = applyChanges(room, changes).plan;
    return changes;
  });
}
