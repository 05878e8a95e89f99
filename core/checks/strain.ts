/** Strain in an arrangement: lifts, sagging shelves, furniture that could tip. Guidance, not a safety certificate. */
import { formatBend, formatMass } from '../model/measure.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { massEach } from '../fit/fit.ts';
import { caution, type Finding } from '../model/finding.ts';
import { byName, type Arrangement, type Unit, type Plan } from '../model/plan.ts';
import type { PlacementReport } from './placementReport.ts';
import { settledUnits } from '../room/standing.ts';
import { openingOf, type Scene } from '../scene/scene.ts';
import { usedInPlace } from '../cost/atWork.ts';
import { liftOut, type Lift } from './lifting.ts';
import { sag, stiffness } from './sag.ts';
import { DENSITY, tippingOf } from './tipping.ts';

/** A heavy thing or full container as it is lifted out. */
interface Lifted {
  placement: string | null;
  container: string | null;
  compartment: string;
  /** kg */
  mass: number;
  /** What it stands on and the table, mm over the floor. */
  from: number;
  to: number;
  /** Revised NIOSH equation: mass over the recommended limit (kg). */
  index: number;
  limit: number;
  lift: Lift;
  words: string;
}
/** A loaded shelf: mass in kg, lengths in mm. */
interface Sagging {
  compartment: string;
  mass: number;
  span: number;
  /** When the load is put on, and in time. */
  now: number;
  lasting: number;
  limit: number;
  /** Lasting sag over the limit. */
  share: number;
  /** It bends until it rests on what is below it. */
  rests: boolean;
}
/** A place whose limit is known, and what lies there, kg. */
interface Loaded {
  compartment: string;
  mass: number;
  limit: number;
}
/** What holds a drawer unit over what tips it, with the worst drawer out and with all; below 1 it tips. */
interface Tip {
  unit: string;
  single: number;
  all: number;
  drawer: string | null;
  fixed: boolean;
}
export interface Strain {
  lifts: Lifted[];
  sags: Sagging[];
  loads: Loaded[];
  tips: Tip[];
}

/** Lighter things are not looked at, kg. Our constant, no source. */
const LIGHT = 3;
/** A board so near to the floor rests on it, mm. Common practice, no source. */
const ON_THE_FLOOR = 15;
/** Height of a table where none is given, mm. Common practice, no source. */
const TABLE = 740;
const SHELVED: ReadonlySet<Unit['kind']> = new Set([
  'bookcase',
  'cube shelf',
  'wall shelf',
  'corner cabinet',
  'cabinet',
]);

/** Everything that strains in an arrangement. */
export function strainOf(scene: Scene, placements: readonly PlacementReport[], arrangement: Arrangement): Strain {
  const own = placements.filter((p) => p.arrangement === arrangement);
  const masses = new Map<string, number>();
  const add = (place: string, kg: number) => masses.set(place, (masses.get(place) ?? 0) + kg);
  for (const p of own) add(p.compartment, ((massEach(scene.plan.supplies[p.supply]!) ?? 0) * p.count) / 1000);
  const boxes = scene.compartments.filter((c) => c.container !== null && c.only === arrangement);
  for (const box of boxes) add(box.id, (scene.plan.containers[box.container!]!.mass ?? 0) / 1000);
  // What lies in containers stands in the openings, too.
  const inOpening = new Map<string, number>();
  for (const [place, kg] of masses) inOpening.set(openingOf(place), (inOpening.get(openingOf(place)) ?? 0) + kg);
  return {
    lifts: lifts(scene, own, boxes, masses).sort((a, b) => b.index - a.index),
    sags: sags(scene, inOpening).sort((a, b) => b.share - a.share),
    loads: loads(scene, inOpening).sort((a, b) => b.mass / b.limit - a.mass / a.limit),
    tips: tips(scene, inOpening).sort((a, b) => a.single - b.single),
  };
}

/** Height of the table to which things of a use are lifted, mm. */
function tableOf(scene: Scene, station: string | undefined): number {
  const row = station === undefined ? undefined : scene.plan.stations[station];
  const table = row?.unit ? scene.plan.units[row.unit] : undefined;
  return table ? table.bottom + table.height : TABLE;
}

/** What a compartment stands on, over the floor, mm. */
const standsOn = (c: Compartment) => (c.access === 'peg' ? c.access3.z : c.front.bottom);

function lifts(
  scene: Scene,
  own: readonly PlacementReport[],
  boxes: readonly Compartment[],
  masses: ReadonlyMap<string, number>,
): Lifted[] {
  const { plan, constants } = scene;
  const result: Lifted[] = [];
  const add = (
    what: string,
    place: Compartment,
    mass: number,
    size: { depth: number; height: number },
    table: number,
    placement: string | null,
    container: string | null,
  ) => {
    const from = standsOn(place);
    const worst = liftOut(mass, size, from, table, constants);
    const index = Math.min(99, worst.index);
    result.push({
      placement,
      container,
      compartment: place.id,
      mass,
      from,
      to: table,
      index,
      limit: worst.limit,
      lift: worst.lift,
      words: `${what}, ${weight(mass, plan)}, lifted between ${place.name} and the table: ${worst.limit > 0 ? `about ${weight(worst.limit, plan)} is the limit ${worst.at === 'the table' ? 'at the table' : 'there'}` : 'higher or farther than anybody should lift'}`,
    });
  };
  for (const p of own) {
    const supply = plan.supplies[p.supply]!;
    const place = scene.compartment.get(p.compartment)!;
    const mass = (massEach(supply) ?? 0) / 1000;
    if (
      supply.form === 'sheets' ||
      supply.form === 'loose' ||
      mass < LIGHT ||
      place.access === 'top' ||
      usedInPlace(scene, supply, place)
    )
      continue;
    add(
      supply.name,
      place,
      mass,
      { depth: Math.min(supply.length, supply.width), height: supply.thickness },
      tableOf(scene, p.from[0]?.station),
      p.id,
      null,
    );
  }
  for (const box of boxes) {
    const container = plan.containers[box.container!]!;
    const mass = masses.get(box.id) ?? 0;
    if (container.pulled || mass < LIGHT) continue;
    add(container.name, box, mass, container, tableOf(scene, scene.stations[0]?.id), null, container.id);
  }
  return result;
}

function sags(scene: Scene, inOpening: ReadonlyMap<string, number>): Sagging[] {
  const { constants } = scene;
  const units = settledUnits(scene.plan);
  return scene.compartments.flatMap((c): Sagging[] => {
    const unit = units[c.unit]!;
    const shelf = c.container === null && SHELVED.has(unit.kind) && (c.access === 'open' || c.access === 'door');
    const made = stiffness(unit.material, constants);
    const mass = inOpening.get(c.id) ?? 0;
    if (!shelf || !made || mass <= 0 || unit.board <= 0) return [];
    // The shelves of a rack with cells stand on its walls, each with its share of what lies in all.
    const { across = 1, over = 1 } = c.parts ?? {};
    const span = c.inside.width / across;
    const board = { span, depth: c.inside.depth, thickness: unit.board };
    // The bottom board of what stands on the floor rests on it.
    if (unit.bottom === 0 && c.front.bottom <= unit.board + ON_THE_FLOOR) return [];
    // A shelf carries itself, too.
    const itself = (span * c.inside.depth * unit.board * DENSITY) / 1e9;
    // A shelf comes to rest on what is below it.
    const most = c.inside.height / over;
    const now = Math.min(most, sag(board, made.e, mass / (across * over) + itself));
    const lasting = Math.min(most, now * (1 + made.creep));
    const limit = span / constants.sagLimit;
    return [{ compartment: c.id, mass, span, now, lasting, limit, share: lasting / limit, rests: lasting >= most }];
  });
}

function tips(scene: Scene, inOpening: ReadonlyMap<string, number>): Tip[] {
  return byName(settledUnits(scene.plan)).flatMap((unit): Tip[] => {
    const own = scene.compartments.filter((c) => c.unit === unit.id && c.container === null);
    if (unit.bottom > 0 || unit.host !== null || !own.some((c) => c.access === 'drawer' || c.access === 'pull-out'))
      return [];
    const { single, all, drawer } = tippingOf(unit, own, (id) => inOpening.get(id) ?? 0, scene.constants);
    return [{ unit: unit.id, single, all, drawer, fixed: unit.fixed }];
  });
}

/** What lies in the places of furniture whose limit was typed. */
function loads(scene: Scene, inOpening: ReadonlyMap<string, number>): Loaded[] {
  return [...inOpening].flatMap(([compartment, mass]) => {
    const limit = scene.plan.units[compartment.split('/')[0]!]?.load ?? null;
    return limit === null || mass === 0 ? [] : [{ compartment, mass, limit: limit / 1000 }];
  });
}

/** Findings about lifting, loads and sagging in an arrangement; those about fixing furniture are in furniture/cautions. */
export function checkStrain(scene: Scene, strain: Strain): Finding[] {
  const { plan } = scene;
  const name = (id: string) => scene.compartment.get(id)!.name;
  return [
    ...strain.lifts
      .filter((l) => l.index > 1)
      .map((l) =>
        caution('heavy lift', l.placement ? `placements.${l.placement}.slot` : `containers.${l.container}.slot`, {
          message: `${l.words}; the lifting index is ${l.index.toFixed(1)}. For healthy adults in good conditions; guidance, not medical advice.`,
        }),
      ),
    ...strain.loads
      .filter((l) => l.mass > l.limit + 1e-9)
      .map((l): Finding => {
        const unit = openingOf(l.compartment).split('/')[0]!;
        return caution('too much weight', `units.${unit}.load`, {
          message: `${name(l.compartment)} carries ${weight(l.mass, plan)}; by its maker’s word it carries ${weight(l.limit, plan)}. Lighten it, or ask its maker.`,
        });
      }),
    ...strain.sags
      .filter((s) => s.share > 1)
      .map((s): Finding =>
        caution('shelf sags', `units.${openingOf(s.compartment).split('/')[0]}.board`, {
          message: s.rests
            ? `${name(s.compartment)} bends under ${weight(s.mass, plan)} until it rests on what is below it; ${formatBend(s.limit, plan.meta.units)} is usual.`
            : `${name(s.compartment)} sags about ${formatBend(s.now, plan.meta.units)} under ${weight(s.mass, plan)}, in time ${formatBend(s.lasting, plan.meta.units)}; ${formatBend(s.limit, plan.meta.units)} is usual.`,
        }),
      ),
  ];
}

/** Kilograms in the plan's measures. */
const weight = (kg: number, plan: Plan): string => formatMass(kg * 1000, plan.meta.units);
