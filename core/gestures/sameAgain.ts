/** The same again: an insert into each free opening, as many containers of a kind as stand in a place, the same in each place. */
import { allCompartments, TOP, type Compartment } from '../furniture/compartments.ts';
import { standContainers, standsIn } from '../fit/containers.ts';
import { set, type Change } from '../model/change.ts';
import { STANDING_DEFAULTS, type Container, type Plan, type Shape, type Unit } from '../model/plan.ts';

/** Kinds whose openings take inserts. */
const OPENED: ReadonlySet<Unit['kind']> = new Set(['cube shelf', 'bookcase', 'cabinet']);
/** The least share of the width and of the height of its opening that an insert takes. */
const MOSTLY = 0.7;
/** More of one kind than this in one place is nothing anybody means. */
const MOST = 200;

/** "Bins", "Bins 2", "Bins 3": the first such name that is not taken; it is taken then. */
function nextName(name: string, taken: Set<string>): string {
  const stem = name.replace(/ \d+$/, '');
  let n = 1;
  while (taken.has(n === 1 ? stem : `${stem} ${n}`)) n++;
  const found = n === 1 ? stem : `${stem} ${n}`;
  taken.add(found);
  return found;
}

/** Openings of this room in which nothing stands or lies, today or planned; in one unit or in all. */
export function emptyOpenings(plan: Plan, host?: string): Compartment[] {
  const used = new Set(
    [...Object.values(plan.placements), ...Object.values(plan.containers)].map((row) => `${row.unit}/${row.slot}`),
  );
  return allCompartments(plan).filter((c) => {
    const unit = plan.units[c.unit]!;
    if (unit.host !== null || unit.elsewhere !== null || !OPENED.has(unit.kind)) return false;
    if (host !== undefined && unit.id !== host) return false;
    return c.slot !== TOP && (c.access === 'open' || c.access === 'door') && !used.has(c.id);
  });
}

/** Those of them that a shape fills. */
export function freeOpenings(
  plan: Plan,
  shape: Pick<Shape, 'width' | 'depth' | 'height'>,
  host?: string,
): Compartment[] {
  return emptyOpenings(plan, host).filter((c) => {
    // The whole opening goes to it, so it is not put where it would leave most of it empty.
    if (shape.width < MOSTLY * c.inside.width || shape.height < MOSTLY * c.inside.height) return false;
    return (['width', 'depth', 'height'] as const).every((side) => shape[side] <= c.inside[side] + 0.5);
  });
}

/** An insert in the first free opening into which it goes; null where there is none. */
export function newInsert(plan: Plan, shape: Shape, newId: () => string): { unit: Unit; changes: Change[] } | null {
  const [opening] = freeOpenings(plan, shape);
  if (!opening) return null;
  const name = nextName(shape.name, new Set(Object.values(plan.units).map((u) => u.name)));
  const at = { x: 0, y: 0, turn: 0, host: opening.unit, hostSlot: opening.slot };
  const unit: Unit = { ...STANDING_DEFAULTS, id: newId(), ...shape, name, ...at };
  return { unit, changes: [set('units', unit.id, unit)] };
}

/** The same insert in every other free opening of its host. @returns one change for each */
export function insertAgain(plan: Plan, id: string, newId: () => string): Change[] {
  const insert = plan.units[id]!;
  const names = new Set(Object.values(plan.units).map((u) => u.name));
  return freeOpenings(plan, insert, insert.host ?? '').map((opening) => {
    const copy = newId();
    return set('units', copy, { ...insert, id: copy, name: nextName(insert.name, names), hostSlot: opening.slot });
  });
}

/** How many more of a container stand in its place beside what stands there. */
export function moreStand(plan: Plan, id: string, place: Pick<Compartment, 'inside' | 'access'>): number {
  const one = plan.containers[id]!;
  const at = standsIn(plan, one);
  const there = Object.values(plan.containers).filter(
    (c) => c.arrangement === one.arrangement && standsIn(plan, c) === at,
  );
  return mostBeside(one, there, place);
}

function mostBeside(
  one: Container,
  there: readonly Container[],
  place: Pick<Compartment, 'inside' | 'access'>,
): number {
  const stands = (more: number) => {
    const clones = Array.from({ length: more }, (_, i) => ({ ...one, id: `${one.id}+${i}`, x: null, y: null }));
    const before = standContainers(there, place, 'metric').filter((s) => s.rect === null).length;
    return standContainers([...there, ...clones], place, 'metric').filter((s) => s.rect === null).length <= before;
  };
  let more = 0;
  while (more < MOST && stands(more + 1)) more++;
  return more;
}

/**
 * A number of the same container, in its own place and in others, which have to be empty: all in one step.
 * @param places each with how many
 */
export function containersAgain(
  plan: Plan,
  id: string,
  places: ReadonlyArray<readonly [Pick<Compartment, 'unit' | 'slot'>, number]>,
  newId: () => string,
): Change[] {
  const one = plan.containers[id]!;
  const names = new Set(Object.values(plan.containers).map((c) => c.name));
  return places.flatMap(([{ unit, slot }, count]) =>
    Array.from({ length: count }, () => {
      const copy = newId();
      const own = {
        id: copy,
        name: nextName(one.name, names),
        unit,
        slot,
        x: null,
        y: null,
        becomes: null,
        returns: null,
      };
      return set('containers', copy, { ...one, ...own });
    }),
  );
}

/** Empty places of the same inside sizes as that of a container, with how many of it stand in each. */
export function placesAlike(plan: Plan, id: string): Array<readonly [Compartment, number]> {
  const one = plan.containers[id]!;
  const all = allCompartments(plan);
  const own = all.find((c) => c.id === `${one.unit}/${one.slot}`);
  if (!own || one.parent !== null) return [];
  const used = new Set(
    [...Object.values(plan.placements), ...Object.values(plan.containers)].map((row) => `${row.unit}/${row.slot}`),
  );
  const each = mostBeside(one, [], own);
  return all
    .filter((c) => !used.has(c.id) && c.access === own.access)
    .filter((c) => (['width', 'depth', 'height'] as const).every((s) => Math.abs(c.inside[s] - own.inside[s]) < 0.5))
    .map((c) => [c, each] as const);
}
