/** Wishes that a plan does not keep: where a home is wanted, what is to stay in view, what a place is kept for. None is broken in silence. */
import { isShown } from '../cost/rules.ts';
import { groupBy } from '../model/groups.ts';
import { caution, type Finding, type Target } from '../model/finding.ts';
import { listed } from '../model/measure.ts';
import type { Home, Plan } from '../model/plan.ts';
import type { Scene } from '../scene/scene.ts';
import { homesOf, type HomeOf } from '../zones/homes.ts';
import { isAsked } from '../zones/sides.ts';
import type { PlacementReport } from './placementReport.ts';

/** Where a home may be asked to be, in words. */
export const SIDE_WORDS = {
  left: 'to the left of the seat',
  right: 'to the right of the seat',
  before: 'in front of the seat',
  behind: 'behind the seat',
  between: 'between two stations',
  'near the door': 'near the door',
} as const satisfies Record<NonNullable<Home['side']>, string>;

/** How many places are named in a sentence. */
const NAMED = 3;

/** @param placements of the arrangement that is judged, by what the Report says of them */
export function homeWishes(scene: Scene, placements: readonly PlacementReport[]): Finding[] {
  const own = homesOf(scene).all.filter((h) => h.row !== null && !h.spares);
  const by = groupBy(placements, (p) => (p.spare ? undefined : p.supply));
  return [
    ...own.flatMap((h) =>
      wantedElsewhere(
        scene,
        h,
        h.supplies.flatMap((s) => by.get(s) ?? []),
      ),
    ),
    ...own.flatMap((h) => firmAndFull(scene.plan, h, placements)),
    ...placements.flatMap((p) => outOfView(scene, p)),
    ...emptyOdds(scene, placements),
  ];
}

const aims = (list: readonly PlacementReport[]): Target[] => list.map((p) => ({ table: 'placements', id: p.id }));
const places = (list: readonly PlacementReport[]): string => {
  const names = [...new Set(list.map((p) => p.place))];
  return listed(names.length > NAMED ? [...names.slice(0, NAMED), `${names.length - NAMED} more`] : names);
};
const minutes = (seconds: number): string => `${(seconds / 60).toFixed(1)} min a week`;

/** Lines of a home that lie on another side, or in other furniture, than the maker wants it. */
function wantedElsewhere(scene: Scene, { row, name }: HomeOf, lines: readonly PlacementReport[]): Finding[] {
  const { plan, constants } = scene;
  const home = row!;
  const at = (p: PlacementReport) => scene.compartment.get(p.compartment)!;
  const wrongSide = lines.filter((p) => !isAsked(scene, home, at(p)));
  const elsewhere =
    home.unit === null || home.firm
      ? []
      : lines.filter((p) => at(p).unit !== home.unit || (home.slot !== '' && at(p).slot !== home.slot));
  const say = (field: 'side' | 'unit', wanted: string, off: readonly PlacementReport[]): Finding =>
    caution('not where wanted', `homes.${home.id}.${field}`, {
      message: `“${name}” is wanted ${wanted}; ${lines.length === 1 ? 'it lies' : `${off.length} of its ${lines.length} lines lie`} elsewhere: ${places(off)}. The wish weighs ${minutes(off.length * constants.wrongSide)}, and other places save more: make it firm, give the wish more weight, or lift it.`,
      also: aims(off),
    });
  const seat = plan.stations[home.station ?? ''];
  const side = home.side === null ? '' : SIDE_WORDS[home.side].replace('the seat', seat ? seat.name : 'the seat');
  return [
    ...(wrongSide.length > 0 ? [say('side', side, wrongSide)] : []),
    ...(elsewhere.length > 0 ? [say('unit', `in ${plan.units[home.unit!]!.name}`, elsewhere)] : []),
  ];
}

/** What of a home that is firmly in a piece has found no room there. */
function firmAndFull(plan: Plan, { row, name, supplies }: HomeOf, placements: readonly PlacementReport[]): Finding[] {
  const home = row!;
  if (!home.firm || home.unit === null || placements.every((p) => p.arrangement !== 'planned')) return [];
  const placed = (id: string) => placements.reduce((n, p) => n + (p.supply === id ? p.count : 0), 0);
  const left = supplies.flatMap((id) => {
    const { count, name: what } = plan.supplies[id]!;
    const out = count - placed(id);
    return out > 0 ? [`${out} of ${count} ${what}`] : [];
  });
  if (left.length === 0) return [];
  return [
    caution('firm and full', `homes.${home.id}.firm`, {
      message: `“${name}” is firmly in ${plan.units[home.unit]!.name}, and ${listed(left)} have no room there. Give it another piece, let some of it go, or do not make it firm.`,
      also: [{ table: 'units', id: home.unit }],
    }),
  ];
}

/** What is to stay in view and is not seen where it lies. */
function outOfView(scene: Scene, p: PlacementReport): Finding[] {
  const supply = scene.plan.supplies[p.supply]!;
  if (p.spare || !supply.traits.includes('keep in view')) return [];
  const why = !isShown(scene, scene.compartment.get(p.compartment)!)
    ? 'is closed'
    : (p.pile?.above ?? 0) > 0
      ? 'has it under other things'
      : (p.crowd.behind ?? 0) > 0
        ? 'has other things before it'
        : null;
  if (why === null) return [];
  const message = `${supply.name} is to stay in view, and ${p.place} ${why}.`;
  return [caution('out of view', `placements.${p.id}.slot`, { message, also: [{ table: 'supplies', id: p.supply }] })];
}

/** Places that are kept for odds and ends and stay empty: because there are none, or because theirs lie elsewhere. */
function emptyOdds(scene: Scene, placements: readonly PlacementReport[]): Finding[] {
  const used = new Set(placements.map((p) => p.compartment));
  const homes = new Map(homesOf(scene).all.map((h) => [h.place, h]));
  return Object.values(scene.plan.keeps).flatMap((k): Finding[] => {
    const id = `${k.unit}/${k.slot}${k.container === null ? '' : `#${k.container}`}`;
    const place = scene.compartment.get(id);
    if (k.for !== 'odds' || !place || used.has(id) || placements.length === 0) return [];
    const own = (homes.get(id)?.supplies ?? []).map((s) => scene.plan.supplies[s]!.name);
    return [
      caution('kept and empty', `keeps.${k.id}.for`, {
        message:
          own.length > 0
            ? `${place.name} is kept for odds and ends and stays empty: ${listed(own.slice(0, NAMED))} would belong there. Fill the room again, or put them there.`
            : `${place.name} is kept for odds and ends and stays empty: nothing here is without a kind. Say “odds and ends” as the kind of what is to lie there, or keep it for something else.`,
        targets: [{ table: 'units', id: k.unit }],
      }),
    ];
  });
}
