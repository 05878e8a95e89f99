/** Questions about room: how many go there, how many more, and how they lie. */
import { partsOf } from '../furniture/parts.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Arrangement, ContainerShape, Supply } from '../model/plan.ts';
import { alternativesFor } from './alternatives.ts';
import { keptFrom } from '../cost/keeps.ts';
import { mayLieIn } from '../cost/rules.ts';
import { contentsOf, type Scene } from '../scene/scene.ts';
import { seenWords } from '../report/contents.ts';
import { fit, lieWords, lying, tooLarge } from '../fit/fit.ts';
import type { Item } from '../fit/packed.ts';
import { layOut } from '../fit/layOut.ts';

/** More than anybody asks for. */
const PLENTY = 1_000_000;

export interface Room {
  compartment: string;
  place: string;
  /** How many lie in the empty place, and how many more beside what lies there (the supply's own included). */
  most: number;
  more: number;
  /** How they lie, in words; empty where none does. */
  how: string;
  /** How many lie on each other. */
  layers: number;
  seen: string;
  /** Seconds to fetch one there, as the plan reckons; null where none lies there or it may not. */
  seconds: number | null;
  /** Width of the empty place that all of it takes, mm; null where not all fit. */
  width: number | null;
  /** Litres of the place that it takes then: its width, over the whole depth and height of the place. */
  litres: number | null;
  /** Whether it is the supply's own place. */
  own: boolean;
  reason: string | null;
}

/** How many of a supply fit in a place, and why not. */
export function roomIn(scene: Scene, supply: Supply, c: Compartment, arrangement: Arrangement): Room {
  const { plan } = scene;
  const there = contentsOf(scene, arrangement).get(c.id) ?? [];
  return roomBeside(
    scene,
    supply,
    c,
    arrangement,
    there.map((p) => lying(plan.supplies[p.supply]!, p.count, c, p.orientation)),
    secondsIn(scene, supply, arrangement),
  );
}

function roomBeside(
  scene: Scene,
  supply: Supply,
  c: Compartment,
  arrangement: Arrangement,
  there: readonly Item[],
  seconds: ReadonlyMap<string, number>,
): Room {
  const { plan } = scene;
  // A row of many stands where a single one would fall: how many have room is asked for many, whatever is owned.
  const row = { ...supply, count: PLENTY };
  const [alone, many] = [supply, row].map((s) => fit(s, PLENTY, c, c.inside.width, null, plan.meta.units));
  const empty = many!.count > alone!.count ? many! : alone!;
  const fixed = (scene.standing[arrangement].get(c.id) ?? []).flatMap((s) => (s.rect ? [s.rect] : []));
  const others = there.filter((i) => i.supply.id !== supply.id);
  const { laid } = layOut(
    c,
    [...others, { supply: empty === many ? row : supply, count: Math.max(1, empty.count), only: null }],
    fixed,
    0,
  );
  const displaced = laid.slice(0, -1).some((l, i) => l.fits < others[i]!.count);
  const own = there.filter((i) => i.supply.id === supply.id).reduce((sum, i) => sum + i.count, 0);
  const here = laid.at(-1)!;
  const all = fit(supply, supply.count, c, c.inside.width, null, plan.meta.units);
  const fits = displaced ? 0 : empty.count === 0 ? 0 : here.fits;
  const decided = mayLieIn(plan, supply, c) ? keptFrom(plan, supply, c) : 'it was decided to keep it out of this room';
  return {
    compartment: c.id,
    place: c.name,
    most: empty.count,
    more: Math.max(0, fits - own),
    how: empty.lie ? (c.access === 'peg' ? 'hung' : lieWords(supply, empty.lie, empty.count)) : '',
    layers: empty.lie?.layers ?? 0,
    seen: empty.lie ? seenWords(supply, c, { ...here, lie: empty.lie, fits: empty.count, rows: empty.lie.rows }) : '',
    seconds: empty.count === 0 ? null : (seconds.get(c.id) ?? null),
    width: all.count === supply.count ? all.width : null,
    litres: all.count === supply.count ? (all.width * c.inside.depth * c.inside.height) / 1e6 : null,
    own: own > 0,
    reason:
      empty.count === 0
        ? tooLarge(supply, c, null, plan.meta.units)
        : (decided ?? (fits <= own && own === 0 ? 'it is full' : null)),
  };
}

/** Seconds to fetch one from each place, as the other places of a thing are compared. */
function secondsIn(scene: Scene, supply: Supply, arrangement: Arrangement): Map<string, number> {
  const own = Object.values(scene.plan.placements).find((p) => p.supply === supply.id && p.arrangement === arrangement);
  const all = alternativesFor(scene.plan, supply.id, own?.count ?? supply.count, own?.id ?? null, arrangement);
  return new Map(all.map((a) => [a.compartment, a.secondsPerFetch]));
}

/** How many of a supply fit in every place of an arrangement, most room first. */
export function roomEverywhere(scene: Scene, supply: Supply, arrangement: Arrangement): Room[] {
  const contents = contentsOf(scene, arrangement);
  const { plan } = scene;
  const seconds = secondsIn(scene, supply, arrangement);
  return scene.compartments
    .filter((c) => c.only === null || c.only === arrangement)
    .map((c) =>
      roomBeside(
        scene,
        supply,
        c,
        arrangement,
        (contents.get(c.id) ?? []).map((p) => lying(plan.supplies[p.supply]!, p.count, c, p.orientation)),
        seconds,
      ),
    )
    .sort(
      (a, b) =>
        Number(b.own) - Number(a.own) || b.more - a.more || b.most - a.most || a.place.localeCompare(b.place, 'en'),
    );
}

/** How many of a supply a kind of container holds: "how many pockets in this bin". */
export function roomInContainer(
  supply: Supply,
  box: ContainerShape,
): { most: number; how: string; reason: string | null } {
  const parts = partsOf(box);
  const place = {
    access: 'box' as const,
    walls: 'close' as const,
    inside: { width: box.insideWidth, depth: box.insideDepth, height: box.insideHeight },
    ...(parts ? { parts } : {}),
  };
  const found = fit(supply, PLENTY, place);
  return {
    most: found.count,
    how: found.lie ? lieWords(supply, found.lie, found.count) : '',
    reason: found.count === 0 ? tooLarge(supply, place, null, 'metric') : null,
  };
}
