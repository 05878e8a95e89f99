/** What the Report has for a place: whether all of it lies there as it should, how, and the seconds a week of it. */
import { layTogether } from '../fit/tighten.ts';
import type { Pose } from '../fit/poses.ts';
import type { Orientation, Placement } from '../model/plan.ts';
import { layPlace, packPlace } from '../report/contents.ts';
import { asChosen, compartmentId } from '../scene/scene.ts';
import type { Filling, Left, Part } from './filling.ts';

/** A thing in a place, and how it is to lie; null for any way. */
export interface Lying {
  thing: Left | Part;
  only: Orientation | null;
}

export class ReportCost {
  private readonly search: Filling;
  private readonly pinned: readonly Placement[];
  private readonly order: ReturnType<typeof asChosen>;

  /** @param pinned what stays where it is */
  constructor(search: Filling, pinned: readonly Placement[]) {
    this.search = search;
    this.pinned = pinned;
    this.order = asChosen(search.scene);
  }

  /**
   * How things lie in a place by an exact layout, beside what stays there and with the room to grow of each.
   * @returns the way of each; null when they do not all fit
   */
  ways(at: number, things: readonly Lying[]): Pose[] | null {
    const { scene, fitter } = this.search;
    const place = scene.compartments[at]!;
    const held = this.held(at);
    const fixed = (scene.standing.planned.get(place.id) ?? []).flatMap((s) => (s.rect ? [s.rect] : []));
    const items = [
      ...held.map((p) => ({ supply: scene.plan.supplies[p.supply]!, count: p.count, only: p.orientation })),
      ...things.map(({ thing, only }) => ({ supply: thing.supply, count: thing.count, only })),
    ];
    const ways = layTogether(place, items, fixed, scene.plan.meta.roomToGrow);
    return (
      ways &&
      things.map(({ thing }, i) => {
        const orientation = ways[held.length + i]!;
        return fitter.ways(thing.supply, at).find((lie) => lie.orientation === orientation)!;
      })
    );
  }

  /** Seconds a week of all that lies in a place when it lies so, what stays there included; null where not all of it has room. */
  seconds(at: number, things: readonly Lying[]): number | null {
    const { scene, spares } = this.search;
    const place = scene.compartments[at]!;
    const rows = things.map(({ thing, only }, i) => ({
      ...{ id: `${thing.supply.id}_p${i}`, arrangement: 'planned' as const, supply: thing.supply.id },
      ...{ unit: place.unit, slot: place.slot, container: place.container, count: thing.count, orientation: only },
      ...{ part: null, pinned: false, spare: thing.spare, returns: null },
    }));
    const list = [...this.held(at), ...rows].sort(this.order);
    const { placements } = packPlace(scene, place, list, 'planned', spares, layPlace(scene, place, list, 'planned'));
    if (placements.some((p) => p.fits < p.count || p.badly !== null)) return null;
    return placements.reduce((sum, p) => sum + 60 * (p.minutesPerWeek + p.penaltyMinutes), 0);
  }

  private held(at: number): Placement[] {
    const { id } = this.search.scene.compartments[at]!;
    return this.pinned.filter((p) => compartmentId(p) === id);
  }
}
