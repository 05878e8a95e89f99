/** Proposals which furniture each zone gets, side by side: the least walking, room to grow, or all of it near together. */
import { groupBy } from '../../model/groups.ts';
import { ALONE, fetchElements } from '../../fetch/fetch.ts';
import { totalSeconds } from '../../fetch/elements.ts';
import { byName, type Plan } from '../../model/plan.ts';
import { fetchesAWeek, sceneOf, type Scene } from '../../scene/scene.ts';
import { homesOf } from '../../zones/homes.ts';
import { asksFor, formOf, hasSlots, offers, PLACE_FORMS } from '../../zones/placeForms.ts';
import { zonesOf } from '../../zones/zonesOfPlan.ts';
import { givingCost, giveUnits, type GivingProblem } from './giveUnits.ts';

const GIVING_WAYS = ['walking', 'room', 'near'] as const;
export type GivingWay = (typeof GIVING_WAYS)[number];
export const GIVING_WORDS: Readonly<Record<GivingWay, string>> = {
  walking: 'Least walking',
  room: 'Room to grow in every zone',
  near: 'Each zone near together',
};

export interface GivingProposal {
  way: GivingWay;
  /** Zone of each piece of furniture; null for storage. */
  of: Array<{ unit: string; zone: string | null }>;
  /** Seconds a week of fetching, as if all lay in what is given to its zone. */
  seconds: number;
  /** What finds no room in its zone: litres, and metres of rail and tops. */
  missing: Array<{ zone: string; form: (typeof PLACE_FORMS)[number]; amount: number }>;
}

/** How much longer than from the worst piece a fetch takes that finds no room in its zone, s. Our constant, no source. */
const BORROWED = 20;
/** What each metre between a piece and the seats of its zone costs, where zones are to lie near together, s a fetch. */
const METRE = 3;
/** How much more each zone asks for, where it is to have room to grow. */
const MORE = 1.3;

/** A piece of furniture with all that stands or hangs in it and on it. */
function groupsOf(plan: Plan): Map<string, string[]> {
  const root = (id: string): string => {
    const { host } = plan.units[id]!;
    return host === null ? id : root(host);
  };
  return groupBy(
    byName(plan.units).map((u) => u.id),
    root,
  );
}

/** The problem of a plan, with the order of its units and zones. */
function givingOf(scene: Scene, way: GivingWay): { problem: GivingProblem; groups: string[][]; zones: string[] } {
  const { plan } = scene;
  const zones = zonesOf(scene);
  const groups = [...groupsOf(plan).values()];
  const forms = PLACE_FORMS.length;
  const room = new Float64Array(groups.length * forms);
  const asks = new Float64Array(zones.length * forms);
  const fetches = new Float64Array(zones.length * forms);
  const cost = new Float64Array(zones.length * groups.length * forms);
  const short = new Float64Array(zones.length * forms);
  const { all } = homesOf(scene);
  const slots = hasSlots(scene.compartments);
  for (const [z, zone] of zones.entries())
    for (const home of all) {
      if (home.zone !== zone.id || home.spares) continue;
      for (const id of home.supplies) {
        const s = plan.supplies[id]!;
        const at = z * forms + PLACE_FORMS.indexOf(formOf(s, slots));
        asks[at]! += asksFor(s, plan.meta.roomToGrow) * (way === 'room' ? MORE : 1);
        fetches[at]! += fetchesAWeek(scene, id);
      }
    }
  const unitOf = new Map(groups.flatMap((list, u) => list.map((id) => [id, u] as const)));
  const placesOf = groups.map((list) =>
    scene.compartments.filter((c) => list.includes(c.unit) && c.only !== 'today' && !scene.shut.has(c.id)),
  );
  for (const places of placesOf)
    for (const c of places) {
      const offer = offers(c);
      if (offer) room[unitOf.get(c.unit)! * forms + PLACE_FORMS.indexOf(offer.form)]! += offer.amount;
    }
  for (const [z, zone] of zones.entries())
    for (const [f, form] of PLACE_FORMS.entries()) {
      const at = z * forms + f;
      const each = asks[at]! > 0 ? fetches[at]! / asks[at]! : 0;
      let worst = 0;
      for (const [u, places] of placesOf.entries()) {
        let [seconds, n] = [0, 0];
        for (const c of places) {
          if (offers(c)?.form !== form) continue;
          for (const station of zone.stations) {
            const way2 = scene.approaches.get(station)?.get(c.id);
            if (!way2) continue;
            seconds += totalSeconds(fetchElements(way2, ALONE)) + (way === 'near' ? (METRE * way2.walk) / 1000 : 0);
            n++;
          }
        }
        if (n === 0) continue;
        cost[(z * groups.length + u) * forms + f] = (each * seconds) / n;
        worst = Math.max(worst, seconds / n);
      }
      short[at] = each * (worst + BORROWED) + 1e-3;
    }
  return {
    problem: {
      units: groups.length,
      zones: zones.length,
      forms,
      room,
      asks,
      cost,
      short,
      fixed: fixedOf(scene, groups, unitOf),
    },
    groups,
    zones: zones.map((z) => z.id),
  };
}

/** What is settled already: what the maker firmly gave to one zone, and the table of a station. */
function fixedOf(scene: Scene, groups: readonly string[][], unitOf: ReadonlyMap<string, number>): Int32Array {
  const { plan } = scene;
  const zones = zonesOf(scene);
  const fixed = new Int32Array(groups.length).fill(-1);
  for (const [z, zone] of zones.entries())
    for (const station of zone.stations) {
      const u = unitOf.get(plan.stations[station]?.unit ?? '');
      if (u !== undefined && fixed[u]! < 0) fixed[u] = z;
    }
  for (const a of Object.values(plan.allotments))
    if (a.firm && a.slot === '' && a.zone !== null) {
      const z = zones.findIndex((x) => x.id === a.zone);
      const u = unitOf.get(a.unit);
      if (z >= 0 && u !== undefined) fixed[u] = z;
    }
  return fixed;
}

/** All ways of giving furniture to zones, each with what it comes to. */
export function proposeUnits(plan: Plan, seed: number): GivingProposal[] {
  const scene = sceneOf(plan);
  const measured = givingOf(scene, 'walking');
  return GIVING_WAYS.map((way): GivingProposal => {
    const { problem, groups, zones } = way === 'walking' ? measured : givingOf(scene, way);
    const { of, missing } = giveUnits(problem, seed);
    const firmly = new Set(Object.values(plan.allotments).flatMap((a) => (a.firm && a.slot === '' ? [a.unit] : [])));
    return {
      way,
      of: groups.flatMap((list, u) =>
        list.flatMap((unit) => (firmly.has(unit) ? [] : [{ unit, zone: zones[of[u]!] ?? null }])),
      ),
      seconds: givingCost(measured.problem, of),
      missing: [...missing].flatMap((amount, at) =>
        amount > 0.05
          ? [
              {
                zone: zones[Math.floor(at / PLACE_FORMS.length)]!,
                form: PLACE_FORMS[at % PLACE_FORMS.length]!,
                amount,
              },
            ]
          : [],
      ),
    };
  });
}
