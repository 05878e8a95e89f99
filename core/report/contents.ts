/** What lies in each place, where exactly, and what fetching it costs: the placements part of the report. */
import { countWords } from '../fit/forms.ts';
import { lieWords, liesBadly, lying, massEach, tooLarge } from '../fit/fit.ts';
import { diggingIn } from '../fit/digging.ts';
import { handRoom, seenFromAbove } from '../fit/limits.ts';
import { heightIn } from '../fit/pieces.ts';
import { grown } from '../fit/growth.ts';
import type { Item, Packed } from '../fit/packed.ts';
import { floorOf, layOut } from '../fit/layOut.ts';
import { partsInWords } from '../furniture/parts.ts';
import { outline } from '../fit/containers.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Arrangement, Placement, Supply } from '../model/plan.ts';
import { byMotion, totalSeconds, type Element } from '../fetch/elements.ts';
import { fetchElements, returnElements } from '../fetch/fetch.ts';
import { linesElsewhere, lookedThrough } from '../zones/searchTime.ts';
import { isLabelled, lookupIn, penaltiesOf, secondsFrom, type Crowd } from '../cost/cost.ts';
import { barredFrom } from '../cost/rules.ts';
import { shareOf } from '../cost/stock.ts';
import type { Fill, FillState, PlacementReport, UsedFrom } from './report.ts';
import { usesOf, type Scene } from '../scene/scene.ts';
import type { Rect } from '../geometry/pack/freeSpace.ts';

/** How the things of a place lie in it: the part of its figures that its ways and its users make no difference to. */
export type PackedPlace = ReturnType<typeof layPlace>;

/** Lays the placements of a place. */
export function layPlace(scene: Scene, compartment: Compartment, list: readonly Placement[], arrangement: Arrangement) {
  const { plan } = scene;
  const standing = scene.standing[arrangement].get(compartment.id) ?? [];
  const fixed = standing.flatMap((s) => (s.rect ? [s.rect] : []));
  const items = list.map((p) => ({
    ...lying(plan.supplies[p.supply]!, p.count, compartment, p.orientation),
    part: p.part,
  }));
  const { laid, share: taken, reach, heaped } = laidThere(compartment, items, fixed, plan.meta.roomToGrow);
  const { width, depth } = floorOf(compartment);
  const out = standing.flatMap((s) => (s.rect ? [] : outline(plan.containers[s.container]!, compartment.access)));
  // A container without room counts with its whole outline.
  const share =
    out.length === 0 ? taken : Math.max(1, taken) + out.reduce((sum, o) => sum + o.w * o.d, 0) / (width * depth);
  const mass = list.reduce((sum, p) => sum + (massEach(plan.supplies[p.supply]!) ?? 0) * p.count, 0);
  const takes = takenBy(
    compartment,
    items,
    laid,
    standing.flatMap((s) => (s.rect ? [{ ...s.rect, high: plan.containers[s.container]!.height }] : [])),
  );
  const behind = laid.map((_, i) => inFront(compartment, laid, i, fixed));
  const looked = list.reduce((sum, p) => sum + lookedThrough(plan.supplies[p.supply]!), 0);
  const fill: Fill = { share, state: stateOf(scene, compartment, items, laid, standing, share, reach), mass, takes };
  return { laid, behind, heaped, crowd: { lines: looked + standing.length, share }, fill };
}

/** The least inside sizes that hold what lies there as it lies: for a drawer that is made to measure. */
function takenBy(
  place: Compartment,
  items: readonly Item[],
  laid: readonly Packed[],
  boxes: ReadonlyArray<Rect & { high: number }>,
): Fill['takes'] {
  if (place.access === 'peg' || place.parts) return null;
  const blocks = [
    ...boxes,
    ...laid.flatMap((l, i) => {
      if (!l.block) return [];
      const { supply } = items[i]!;
      return [{ ...l.block, high: heightIn(l, supply) + (l.pile?.below ?? 0) + handRoom(place, supply) }];
    }),
  ];
  if (blocks.length === 0) return null;
  const most = (of: (b: (typeof blocks)[number]) => number) => Math.ceil(Math.max(...blocks.map(of)) - 1e-6);
  return { width: most((b) => b.x + b.w), depth: most((b) => b.y + b.d), height: most((b) => b.high) };
}

/**
 * Lays things out as they should lie; where they do not all fit so, as they can lie there: higher, leaning, in a heap.
 * The things are there, so their place holds them as long as there is room at all.
 */
function laidThere(place: Compartment, items: readonly Item[], fixed: readonly Rect[], grow: number) {
  const well = { ...layOut(place, items, fixed, grow, true), heaped: false };
  if (well.laid.every((l, i) => l.fits === items[i]!.count)) return well;
  const anyhow = items.map((item) => ({ ...item, anyhow: true }));
  const heaped = layOut(place, anyhow, fixed, grow);
  return heaped.laid.every((l, i) => l.fits === items[i]!.count) ? { ...heaped, heaped: true } : well;
}

/**
 * Says what each placement of a place takes and costs.
 * @param spares how many of each supply lie apart as spares in the arrangement
 */
export function packPlace(
  scene: Scene,
  compartment: Compartment,
  list: readonly Placement[],
  arrangement: Arrangement,
  spares: ReadonlyMap<string, number>,
  there: PackedPlace,
): { placements: PlacementReport[]; fill: Fill } {
  const placements = list.map((p, i) =>
    placementReport(
      scene,
      compartment,
      p,
      arrangement,
      scene.plan.supplies[p.supply]!,
      crowdAround(scene, compartment, list, i, there),
      there.laid[i]!,
      there.heaped,
      spares.get(p.supply) ?? 0,
    ),
  );
  return { placements, fill: there.fill };
}

/** What else lies round one of the placements of a place, as far as it costs time. @param there how they lie */
export function crowdAround(
  scene: Scene,
  compartment: Compartment,
  list: readonly Placement[],
  at: number,
  { laid, behind, crowd }: PackedPlace,
): Crowd {
  return {
    ...crowd,
    lines: Math.max(1, crowd.lines),
    elsewhere: linesElsewhere(scene, list[at]!, compartment, list),
    behind: behind[at]!,
    digging: diggingIn(scene.plan.supplies[list[at]!.supply]!, laid[at]!, compartment),
  };
}

/** How many other things stand before one, where one gets in from the front. */
export function inFront(compartment: Compartment, laid: readonly Packed[], at: number, fixed: readonly Rect[]): number {
  const own = laid[at]!.block;
  if (!own || compartment.access === 'peg' || compartment.parts || seenFromAbove(compartment)) return 0;
  const before = (r: Rect | null) =>
    r !== null && r.y + r.d <= own.y + 1 && r.x < own.x + own.w - 1 && r.x + r.w > own.x + 1;
  return laid.filter((l, i) => i !== at && before(l.block)).length + fixed.filter(before).length;
}

function stateOf(
  scene: Scene,
  compartment: Compartment,
  items: readonly Item[],
  laid: readonly Packed[],
  standing: ReadonlyArray<{ rect: Rect | null }>,
  share: number,
  reach: number,
): FillState {
  if (laid.length === 0 && standing.length === 0) return 'free';
  if (share > 1 + 1e-9 || laid.some((l) => !l.possible) || standing.some((s) => s.rect === null)) return 'over';
  const { roomToGrow } = scene.plan.meta;
  const line = compartment.inside.width * (1 - roomToGrow);
  // A stack of sheets may reach the brim on little floor.
  const stacked = items.some((item) => item.supply.form === 'sheets');
  if (!stacked && (reach <= line + 1e-6 || share <= 1 - roomToGrow + 1e-9)) return 'comfortable';
  // Beyond the line it is full unless a few more of each have room, in their stacks and rows.
  const more = items.map((item) => ({ ...item, count: grown(item.supply, item.count, roomToGrow) }));
  const fixed = standing.flatMap((s) => (s.rect ? [s.rect] : []));
  return layOut(compartment, more, fixed, 0).laid.every((l, i) => l.fits === more[i]!.count) ? 'comfortable' : 'full';
}

/** What one sees of things that lie so, in words. */
export function seenWords(
  supply: Pick<Supply, 'form'>,
  compartment: Pick<Compartment, 'access' | 'walls' | 'parts'>,
  laid: Packed,
): string {
  if (!laid.lie) return '';
  if (compartment.access === 'peg') return 'in view';
  if (compartment.parts)
    return ['pages', 'pockets', 'cards'].includes(compartment.parts.division)
      ? 'leafed through'
      : laid.lie.layers > 1 && laid.fits > laid.parts!.length
        ? 'in its cells: the first of each is seen'
        : 'all seen, each in its part';
  const above = seenFromAbove(compartment);
  if (laid.lie.pattern === 'fill') return above ? 'a heap, seen from above' : 'a heap, seen from the front';
  if (laid.pile && laid.pile.above > 0) return 'under other sheets: only its edge is seen';
  if (supply.form === 'sheets' && laid.lie.orientation === 'flat') return 'only the top sheet is seen';
  if (!above) return laid.rows > 1 ? 'only the front ones are seen' : 'seen from the front';
  if (laid.lie.layers > 1 && laid.fits > laid.lie.rows) return 'stacked: only the top ones are seen';
  return laid.lie.orientation === 'edge' ? 'seen by their edges' : 'all seen from above';
}

/** How things lie, in words. Loose ones beside others run together without something round them. */
function howWords(supply: Supply, lie: Packed['lie'], fits: number, place: Compartment, { lines }: Crowd): string {
  if (!lie) return 'does not fit';
  if (place.access === 'peg') return 'hung';
  const words = lieWords(supply, lie, fits);
  if (place.parts) return words;
  return supply.form === 'loose' && lines > 1 ? `${words}, in a dish or behind a divider` : words;
}

function placementReport(
  scene: Scene,
  compartment: Compartment,
  placement: Placement,
  arrangement: Arrangement,
  supply: Supply,
  crowd: Crowd,
  laid: Packed,
  heaped: boolean,
  spares: number,
): PlacementReport {
  // In a plan only what fits has a place; the rest is hunted for.
  const share = shareOf(supply, placement, spares) * (arrangement === 'planned' ? laid.fits / placement.count : 1);
  const from: UsedFrom[] = [];
  const penalties: PlacementReport['penalties'] = [];
  let [seconds, fetches, penalty, unseen] = [0, 0, 0, 0];
  const find = lookupIn(scene, supply, compartment, crowd, arrangement);
  const labelled = arrangement === 'planned' || isLabelled(scene, compartment);
  for (const use of usesOf(scene, supply.id)) {
    const way = scene.approaches.get(use.seat)!.get(compartment.id)!;
    const elements = [...fetchElements(way, find), ...(supply.goesBack ? returnElements(way, find) : [])];
    const one = totalSeconds(elements);
    const sight = scene.sights.get(use.seat)!.get(compartment.id)!;
    if (sight.state === 'nothing' || (sight.state === 'front' && !labelled)) unseen += use.fetches * share;
    from.push({
      activity: use.activity,
      station: use.station,
      person: use.person,
      seat: use.seat,
      fetches: use.fetches * share,
      ripple: way.ripple,
      band: way.band,
      seconds: one,
      penalty: 0,
      motions: byMotion(elements),
      times: asks(elements, way.walk),
      sight,
    });
    seconds += one * use.fetches * share;
    fetches += use.fetches * share;
    for (const p of penaltiesOf(scene, supply, compartment, way)) {
      penalties.push({ ...p, station: use.station });
      penalty += p.seconds * use.fetches * share;
      from.at(-1)!.penalty += p.seconds;
    }
  }
  from.sort((a, b) => b.fetches - a.fetches);
  const uses = [...usesOf(scene, supply.id)].sort((a, b) => b.fetches - a.fetches);
  const station = uses[0]?.seat ?? scene.stations[0]?.id;
  const way = station ? scene.approaches.get(station)!.get(compartment.id)! : null;
  const idle = station ? secondsFrom(scene, supply, compartment, station, crowd, arrangement) : 0;
  const { fits, lie, block, rows, stagger, possible } = laid;
  return {
    id: placement.id,
    arrangement,
    supply: supply.id,
    compartment: compartment.id,
    place:
      compartment.parts && laid.parts?.length
        ? `${compartment.name}, ${partsInWords(compartment.parts, laid.parts)}`
        : compartment.name,
    count: placement.count,
    fits,
    lie,
    how: laid.pile ? 'in a pile with others' : howWords(supply, lie, fits, compartment, crowd),
    seen: seenWords(supply, compartment, laid),
    possible,
    badly:
      fits >= placement.count
        ? (liesBadly(supply, placement.count, compartment, placement.orientation, scene.plan.meta.units) ??
          (heaped ? 'things lie higher on each other there than they should' : null))
        : null,
    reason: fits >= placement.count ? null : whyNot(scene, supply, compartment, placement, laid),
    block,
    parts: laid.parts ?? [],
    pile: laid.pile ?? null,
    rows,
    stagger,
    pinned: placement.pinned,
    spare: placement.spare,
    barred: barredFrom(scene, supply, compartment),
    from,
    ripple: way?.ripple ?? null,
    band: way?.band ?? null,
    fetchesPerWeek: fetches,
    secondsPerFetch: fetches > 0 ? seconds / fetches : idle,
    crowd,
    sight: station ? scene.sights.get(station)!.get(compartment.id)! : null,
    unseenFetches: unseen,
    penalties,
    minutesPerWeek: seconds / 60,
    penaltyMinutes: penalty / 60,
  };
}

/** What elements ask of the body; walking there and back, mm. */
function asks(elements: readonly Element[], walk: number): UsedFrom['times'] {
  const count = (...kinds: Array<Element['kind']>) => elements.filter((e) => kinds.includes(e.kind)).length;
  return {
    ups: count('stand up'),
    bends: count('bend', 'kneel'),
    steps: count('use the steps', 'climb'),
    walk: walk * count('walk', 'walk round furniture'),
  };
}

function whyNot(scene: Scene, supply: Supply, c: Compartment, p: Placement, laid: Packed): string {
  if (!laid.possible) return tooLarge(supply, c, p.orientation, scene.plan.meta.units);
  if (laid.fits === 0) return 'there is no room beside what lies there';
  return `only ${laid.fits} of ${countWords(supply, p.count)} fit beside what lies there`;
}
