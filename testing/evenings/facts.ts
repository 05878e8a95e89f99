/** Whether a fact that a maker insists on holds in a planned room. */
import { runsOf } from '@heronstone/core/zones/neighbours.ts';
import type { Placement, Plan } from '@heronstone/core/model/plan.ts';
import type { Ripple } from '@heronstone/core/reach/body.ts';
import type { CompartmentReport, Report } from '@heronstone/core/report/report.ts';
import { compartmentId, mainStationOf, sceneOf, type Scene } from '@heronstone/core/scene/scene.ts';

/** How far two places are apart at the most to lie beside each other, mm: an arm's length. Common practice, no source. */
const ARM = 900;
/** From this ripple on a place is not one of the best. */
const NOT_PRIME = 3;

export interface Fact {
  text: string;
  holds: boolean;
  /** What was found instead; empty where it holds. */
  why: string;
}

interface Thing {
  name: string;
  placements: Placement[];
  /** Where most of it lies. */
  place: CompartmentReport | null;
  ripple: Ripple;
  seconds: number;
}

export class Facts {
  private readonly scene: Scene;
  private readonly places: ReadonlyMap<string, CompartmentReport>;

  /** @param supplies id of the supply that each typed line became */
  constructor(
    private readonly plan: Plan,
    private readonly supplies: ReadonlyMap<string, string>,
    report: Report,
  ) {
    this.places = new Map(report.compartments.map((c) => [c.id, c]));
    this.scene = sceneOf(plan);
  }

  check(text: string): Fact {
    const [verb, rest = ''] = text.split(/:\s*/) as [string, string?];
    const [left = '', right = ''] = rest.split(/\s*[+|]\s*/);
    const why = this.against(verb, left, right);
    return { text, holds: why === '', why };
  }

  private against(verb: string, left: string, right: string): string {
    if (verb === 'clear') return this.clear(Number(left.replace(/\D/g, '')));
    const a = this.thing(left);
    if (!a.place) return `${a.name} has no place`;
    if (this.scene.stations.length === 0) return 'nobody has a seat';
    switch (verb) {
      case 'one run': {
        const runs = runsOf(this.scene, new Set(a.placements.map(compartmentId)));
        return runs.length === 1 ? '' : `${runs.length} runs`;
      }
      case 'reach 2':
        return a.ripple <= 2 ? '' : `ripple ${a.ripple}`;
      case 'near seat':
        return a.ripple <= 3 ? '' : `ripple ${a.ripple}`;
      case 'not prime':
        return this.nearest(a.place) >= NOT_PRIME ? '' : `ripple ${this.nearest(a.place)}: ${a.place.name}`;
      case 'held':
        // Glue in bottles and glitter in jars are their own holders.
        return a.placements.every((p) => p.container !== null || this.plan.supplies[p.supply]!.form === 'bottles')
          ? ''
          : `loose in ${a.place.name}`;
      case 'in':
        return a.place.name.toLowerCase().includes(right) ? '' : a.place.name;
      case 'at seat': {
        const seat = this.plan.stations[mainStationOf(this.scene, a.placements[0]!.supply) ?? ''];
        const name = `${seat?.name} ${this.plan.units[seat?.unit ?? '']?.name}`.toLowerCase();
        return name.includes(right) && a.ripple <= 3 ? '' : `seat ${seat?.name}, ripple ${a.ripple}`;
      }
      case 'out at seat': {
        const on = this.plan.units[a.place.unit]!;
        const own = this.plan.stations[mainStationOf(this.scene, a.placements[0]!.supply) ?? '']?.unit;
        return on.id === own && a.ripple <= 3 ? '' : `${a.place.name}, ripple ${a.ripple}`;
      }
      default:
        return this.pair(verb, a, this.thing(right));
    }
  }

  private pair(verb: string, a: Thing, b: Thing): string {
    if (!b.place) return `${b.name} has no place`;
    const places = `${a.place!.name}; ${b.place.name}`;
    switch (verb) {
      case 'same unit':
        return a.place!.unit === b.place.unit ? '' : places;
      case 'beside':
        return a.place!.unit === b.place.unit || apart(a.place!, b.place) <= ARM || this.bothAtHand(a, b) ? '' : places;
      case 'apart':
        return a.place!.id === b.place.id ? places : '';
      case 'farther':
        return a.seconds > b.seconds ? '' : `${a.seconds.toFixed(1)} s, ${b.seconds.toFixed(1)} s: ${places}`;
      default:
        throw new Error(`“${verb}” is not a fact that can be looked at.`);
    }
  }

  private clear(most: number): string {
    const on = new Set<string>();
    for (const p of Object.values(this.plan.placements))
      if (p.arrangement === 'planned' && this.plan.units[p.unit]!.kind === 'table' && p.slot === 'top')
        on.add(p.supply);
    return on.size <= most ? '' : `${on.size} lines`;
  }

  /** Both are reached from one seat without getting up. */
  private bothAtHand(a: Thing, b: Thing): boolean {
    return this.scene.stations.some((s) => a.place!.reach[s.id]!.ripple <= 3 && b.place!.reach[s.id]!.ripple <= 3);
  }

  /** The lowest ripple that a place has from any seat. */
  private nearest(place: CompartmentReport): number {
    return Math.min(...this.scene.stations.map((s) => place.reach[s.id]!.ripple));
  }

  /** The thing of a line: typed exactly so, else the first line with these words. */
  private thing(words: string): Thing {
    const typed = [...this.supplies.keys()];
    const line = typed.find((t) => t === words) ?? typed.find((t) => t.includes(words));
    const id = this.supplies.get(line ?? '');
    if (line === undefined || id === undefined)
      return { name: words, placements: [], place: null, ripple: 6, seconds: 0 };
    const placements = Object.values(this.plan.placements)
      .filter((p) => p.arrangement === 'planned' && p.supply === id)
      // Spares of a thing are spares of its row: each of the two lines means its own.
      .filter((p, _, all) => !all.some((o) => o.spare !== all[0]!.spare) || p.spare === /\bspare\b/.test(words))
      .sort((a, b) => b.count - a.count);
    const place = placements[0] ? (this.places.get(compartmentId(placements[0])) ?? null) : null;
    const seat = mainStationOf(this.scene, id) ?? this.scene.stations[0]?.id ?? '';
    const way = place?.reach[seat];
    return { name: words, placements, place, ripple: way?.ripple ?? 6, seconds: way?.seconds ?? 0 };
  }
}

const apart = (a: CompartmentReport, b: CompartmentReport): number =>
  Math.hypot(a.access3.x - b.access3.x, a.access3.y - b.access3.y);
