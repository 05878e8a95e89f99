/** What things are kept in by their maker's words becomes boxes and jars of the plan, each where it stands best, with its things in it. */
import { standContainers } from '../fit/containers.ts';
import { fit } from '../fit/fit.ts';
import { ALONE, fetchSeconds } from '../fetch/fetch.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { applyChanges, set, type Change } from '../model/change.ts';
import type { Container, ContainerShape, Plan, Supply } from '../model/plan.ts';
import { compartmentId, mainStationOf, sceneOf, type Scene } from '../scene/scene.ts';
import { holderOf } from './holders.ts';
import { inSixteenths, largeEnough, larger, longestFirst, shapeOfHolder } from './holderShapes.ts';
import type { SaidHolder } from './line.ts';

/** How many holders of one thing are kept at the most. */
const MOST = 12;
/** How much of a place holders may take at the most, so that other things have room. */
const SHARE = 0.6;

/** Whether holders may stand there: on shelves, in drawers and cubbies, not on a table or a board. */
const mayStand = (plan: Plan, c: Compartment): boolean =>
  c.container === null &&
  c.only !== 'today' &&
  c.parts === undefined &&
  c.access !== 'peg' &&
  plan.units[c.unit]!.kind !== 'table';

/** Places in the order in which they would serve a thing: the quickest first; the far ones first for what is seldom fetched. @param near only those to which nobody gets up */
function placesFor(scene: Scene, supply: Supply, near: boolean): Compartment[] {
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
    .filter((c) => mayStand(scene.plan, c) && !scene.shut.has(c.id) && (!near || ways.get(c.id)!.ripple <= 3))
    .map((c) => ({ c, rank: rank(c) }))
    .sort((a, b) => a.rank - b.rank)
    .map(({ c }) => c);
}

/** Fetches a session below which a holder is not wanted near; and what a near place, and a drawer, counts then, s. Our constants. */
const SELDOM = 0.5;
const PRIME = 20;
const CLOSED = 2;

/** How often a holder is taken larger until its things go into it, and by how much each time. */
const SIZES = 5;
const LARGER = 1.12;

/**
 * Puts a thing into its holders, all of them in one place, where they have room.
 * @returns nothing where there is no such place: then its note says in what it is
 */
function keepInHolders(plan: Plan, supply: Supply, held: SaidHolder, newId: () => string, owned: boolean): Change[] {
  // What nobody owns yet is not bought where it has no room.
  const instead = owned ? noted(supply, held) : [];
  if (!holderOf(held.word).holder) return instead;
  // Glue in bottles is its bottles.
  if (supply.form === 'bottles' || supply.form === 'machine') return [];
  const number = Math.min(MOST, held.number, supply.count);
  const usual = largeEnough(shapeOfHolder(held), supply, Math.ceil(supply.count / number), owned);
  const places = placesFor(sceneOf(plan), supply, !owned);
  for (let n = 0; n < SIZES; n++) {
    const shape = inSixteenths(larger(usual, LARGER ** n), plan.meta.units);
    // What stands in a cup rises over it.
    const tall = shape.kind === 'cup' ? longestFirst(supply)[0] : shape.height;
    const place = places.find((c) => c.inside.height + (c.above ?? 0) >= tall && haveRoom(plan, c, shape, number));
    if (!place) break;
    const holders = Array.from({ length: number }, (_, i) =>
      holderIn(place, supply, { shape, number, owned }, i, newId),
    );
    if (allGoIn(plan, supply, holders[0]!)) return holders.flat();
  }
  return instead;
}

/** One holder of a thing in a place, with its share of it. */
function holderIn(
  { unit, slot }: Compartment,
  supply: Supply,
  { shape, number, owned }: { shape: ContainerShape; number: number; owned: boolean },
  i: number,
  newId: () => string,
): Change[] {
  const [id, row, keep] = [newId(), newId(), newId()];
  const name = `${supply.name.slice(0, 80)}, ${shape.name.toLowerCase()}${number > 1 ? ` ${i + 1}` : ''}`;
  const count = Math.floor(supply.count / number) + (i < supply.count % number ? 1 : 0);
  return [
    set('containers', id, { ...shape, ...STANDS, id, name, owned, unit, slot }),
    set('keeps', keep, {
      ...{ id: keep, unit, slot, container: id, for: 'these' as const },
      ...{ things: [supply.name], lines: null, litres: null },
    }),
    set('placements', row, {
      ...{ id: row, arrangement: 'planned' as const, supply: supply.id, unit, slot },
      ...{ container: id, count, orientation: null, part: null, pinned: true, spare: false, returns: null },
    }),
  ];
}

/** Whether all that is to lie in a new holder goes into it. */
function allGoIn(plan: Plan, supply: Supply, holder: readonly Change[]): boolean {
  const { plan: tried } = applyChanges(plan, [...holder]);
  const row = tried.placements[holder.at(-1)!.id]!;
  const inside = sceneOf(tried).compartment.get(compartmentId(row));
  return inside !== undefined && fit(supply, row.count, inside).count >= row.count;
}

const noted = (supply: Supply, { word, number }: SaidHolder): Change[] => [
  set('supplies', supply.id, {
    note: `${supply.note}${supply.note === '' ? '' : ' '}In ${number === 1 ? 'one' : number} ${word}${number === 1 ? '' : 's'}.`.slice(
      0,
      2000,
    ),
  }),
];

function haveRoom(plan: Plan, c: Compartment, shape: ContainerShape, number: number): boolean {
  const floor = c.inside.width * c.inside.depth;
  const there = Object.values(plan.containers).filter(
    (o) => o.arrangement === 'planned' && o.unit === c.unit && o.slot === c.slot,
  );
  const area = (s: Pick<Container, 'width' | 'depth'>) => s.width * s.depth;
  if (number * area(shape) + there.reduce((sum, o) => sum + area(o), 0) > SHARE * floor) return false;
  const more = Array.from(
    { length: number },
    (_, i) => ({ ...shape, id: `new${i}`, ...STANDS, owned: true, unit: c.unit, slot: c.slot }) as Container,
  );
  return standContainers([...there, ...more], c, plan.meta.units).every((s) => s.rect !== null);
}

const STANDS = {
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
  owned = true,
): Change[] {
  let room = plan;
  return list.flatMap(({ supply, held }) => {
    const row = room.supplies[supply];
    if (!row) return [];
    const changes = keepInHolders(room, row, held, newId, owned);
    room = applyChanges(room, changes).plan;
    return changes;
  });
}
