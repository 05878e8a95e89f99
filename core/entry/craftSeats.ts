/** Where crafts are done: those of one family share a seat, since they share tools and mess. */
import { groupBy } from '../model/groups.ts';
import { set, type Change } from '../model/change.ts';
import { byName, type Activity, type Plan, type Station } from '../model/plan.ts';
import type { Craft, Family } from './crafts.ts';
import { craftsOfActivity, type Known } from './usedFor.ts';

/** Families that share a seat with another while there are not seats enough, the nearest first. Common practice, no source. */
const WITH: Readonly<Record<Family, readonly Family[]>> = {
  paper: ['decor', 'press', 'small'],
  cloth: ['yarn', 'press', 'paper'],
  press: ['paper', 'cloth'],
  yarn: ['cloth', 'small', 'paper'],
  small: ['paper', 'wet'],
  wet: ['wood', 'decor', 'small'],
  wood: ['wet', 'decor'],
  decor: ['paper', 'wet'],
};

/** What seats are called by those who work there. */
const CALLED: ReadonlyArray<readonly [words: RegExp, families: readonly Family[]]> = [
  [/sew|quilt|machine/i, ['cloth']],
  [/arm ?chair|easy chair|recliner|rocking|sofa|couch|daybed|comfy/i, ['yarn']],
  [/paint|easel|bench|messy|wet|clay|pottery/i, ['wet', 'wood']],
  [/desk|paper|card|writing|stamp/i, ['paper', 'press', 'small']],
  [/bead|jewel/i, ['small']],
  [/pack|wrap|counter/i, ['decor', 'wet']],
];
/** A table at which cloth is cut, standing. */
const CUTTING = /\bcutting\b/i;

/** The family that an activity is of; null where its words say none. */
function familyOf(activity: Activity, known: Known): Family | null {
  const crafts = craftsOfActivity(activity, known).flatMap((key): Craft[] =>
    [known.crafts.byKey(key)].filter((c) => c !== undefined),
  );
  return crafts[0]?.family ?? null;
}

/** How well a seat suits a family: by what it is called, and by whether one stands there. */
function suits(plan: Plan, seat: Station, family: Family): number {
  const unit = seat.unit === null ? undefined : plan.units[seat.unit];
  const words = `${seat.name} ${unit?.name ?? ''}`;
  const called = CALLED.some(([pattern, families]) => pattern.test(words) && families.includes(family)) ? 4 : 0;
  const chair = unit?.kind === 'seat' ? (family === 'yarn' ? 3 : -6) : 0;
  const stands = seat.posture === 'standing' ? (family === 'wet' || family === 'wood' ? -1 : -2) : 0;
  return called + chair + stands - (CUTTING.test(words) ? 1 : 0);
}

/** The seat of each activity that has none; and the cutting table as a second one for cloth. */
export function seatsForCrafts(plan: Plan, known: Known, newId: () => string): Change[] {
  const seats = byName(plan.stations);
  if (seats.length === 0) return [];
  const open = byName(plan.activities).filter((a) => a.station === null);
  const groups = groupBy(open, (a) => familyOf(a, known) ?? 'none');
  const large = [...groups].sort((a, b) => b[1].length - a[1].length);
  const taken = new Map<string, Family[]>();
  const at = new Map<string, Station>();
  for (const [family] of large.filter(([f]) => f !== 'none') as Array<[Family, Activity[]]>) {
    const price = (seat: Station) => {
      const there = taken.get(seat.id) ?? [];
      const shared = there.length === 0 ? 0 : there.every((f) => WITH[family].includes(f)) ? -3 : -5;
      return suits(plan, seat, family) + shared;
    };
    const best = [...seats].sort((a, b) => price(b) - price(a))[0]!;
    taken.set(best.id, [...(taken.get(best.id) ?? []), family]);
    at.set(family, best);
  }
  // What no word places is done where most is done.
  const main = at.get(large.find(([f]) => f !== 'none')?.[0] ?? '') ?? seats[0]!;
  const changes = [...groups].flatMap(([family, activities]) =>
    activities.map((a) => set('activities', a.id, { station: (at.get(family) ?? main).id })),
  );
  return [...changes, ...cuttingTable(plan, groups.get('cloth') ?? [], at.get('cloth'), newId)];
}

function cuttingTable(plan: Plan, cloth: readonly Activity[], own: Station | undefined, newId: () => string): Change[] {
  const table = byName(plan.stations).find(
    (s) => s.id !== own?.id && CUTTING.test(`${s.name} ${plan.units[s.unit ?? '']?.name ?? ''}`),
  );
  if (!table) return [];
  return cloth.map((a) => {
    const id = newId();
    return set('helpers', id, { id, activity: a.id, station: table.id, cart: null, kit: null });
  });
}

/** Where everything is done, in one line: "Sewing and quilting at the sewing table; knitting in the armchair". */
export function seatLine(plan: Plan): string {
  const groups = groupBy(byName(plan.activities), (a) => a.station ?? undefined);
  const lines = [...groups].map(([id, activities]) => {
    const seat = plan.stations[id]!;
    const names = activities.map((a, i) => (i === 0 ? a.name : a.name.toLowerCase()));
    const where = plan.units[seat.unit ?? '']?.kind === 'seat' ? 'in' : 'at';
    return `${list(names)} ${where} the ${seat.name.toLowerCase()}`;
  });
  return lines.map((l, i) => (i === 0 ? l : `${l.charAt(0).toLowerCase()}${l.slice(1)}`)).join('; ');
}

const list = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
