/** One change each that might help: what it is called, which rows it changes, what it costs. advise.ts finds out how much. */
import { volume } from '../fit/fit.ts';
import { compartmentsOf } from '../furniture/compartments.ts';
import { footprint } from '../furniture/footprint.ts';
import { remove, set, type Change } from '../model/change.ts';
import { STANDING_DEFAULTS, UNIT_DEFAULTS, byName, type Plan, type Shape, type Unit } from '../model/plan.ts';
import { isLoose, movedWith } from '../room/arrange.ts';
import { distance, distanceToSegment, inside, type Point } from '../geometry/geometry.ts';
import { roomFindings } from '../report/room/findings.ts';
import { stands } from '../room/spot.ts';
import { outlineOf, wallsOf } from '../room/walls.ts';
import { fetchesAWeek, sceneOf, usesOf } from '../scene/scene.ts';
import { applyChanges } from '../model/change.ts';
import { CLOSED } from '../cost/rules.ts';

export const IDEA_KINDS = [
  'another unit',
  'cart',
  'seat',
  'swap',
  'shelf height',
  'lids',
  'labels',
  'duplicate',
  'backstock',
  'out',
  'lock',
] as const;
type IdeaKind = (typeof IDEA_KINDS)[number];

export interface Idea {
  id: string;
  kind: IdeaKind;
  /** What is to be done, in words. */
  title: string;
  changes: Change[];
  /** In the maker's money; 0 for free, null when it costs something that is not known. */
  price: number | null;
  /** Labels help as things lie today; everything else is judged by the plan. */
  basis: 'planned' | 'today';
}

/** A kind of furniture that can be bought, or made up by the maker. */
export interface UnitType {
  title: string;
  shape: Shape;
}

/** Steps in which places along the walls and over the floor are tried, mm. */
const STEP = 150;
const PARK = 250;
/** Room for a body on its seat, from its middle, mm. Common practice, no source. */
const SEAT = 300;
/** How many of each kind are looked into. */
const MOST = 6;

/** All ideas for a plan, kind by kind. @param types furniture that may be added */
export function ideasFor(plan: Plan, types: readonly UnitType[]): Idea[] {
  return [
    ...lids(plan),
    ...labels(plan),
    ...locks(plan),
    ...shelves(plan),
    ...carts(plan),
    ...seats(plan),
    ...swaps(plan),
    ...duplicates(plan),
    ...backstock(plan),
    ...out(plan),
    ...more(plan, types),
  ];
}

/** Whether changes leave the room with no more faults than it has. */
function harmless(plan: Plan, changes: readonly Change[]): boolean {
  const { plan: after } = applyChanges(plan, changes as Change[]);
  if (!seatsFree(after, changes)) return false;
  const faults = (p: Plan) =>
    roomFindings(p).filter((f) => f.code !== 'fix to the wall' && f.code !== 'not carried in');
  return faults(after).length <= faults(plan).length;
}

/** Whether nothing that changes comes to stand where somebody sits or stands. */
function seatsFree(plan: Plan, changes: readonly Change[]): boolean {
  const moved = changes.flatMap((c) => (c.table === 'units' && plan.units[c.id] ? [plan.units[c.id]!] : []));
  return moved.every((u) => {
    if (u.elsewhere !== null || u.bottom > 1200) return true;
    const feet = footprint(u);
    return Object.values(plan.stations).every(
      (s) =>
        s.unit === u.id ||
        (!inside(s, feet) &&
          feet.every((_, i) => distanceToSegment(s, feet[i]!, feet[(i + 1) % feet.length]!) >= SEAT)),
    );
  });
}

/** Where most is fetched from: seats with their fetches a week. */
function busy(plan: Plan): Array<{ at: Point; name: string; fetches: number }> {
  const scene = sceneOf(plan);
  const fetches = new Map<string, number>();
  for (const id of Object.keys(plan.supplies))
    for (const use of usesOf(scene, id)) fetches.set(use.station, (fetches.get(use.station) ?? 0) + use.fetches);
  return byName(plan.stations)
    .map((s) => ({ at: s, name: s.name, fetches: fetches.get(s.id) ?? 0 }))
    .sort((a, b) => b.fetches - a.fetches);
}

/** Nearness of a point to all seats, fetches a week counting; mm. */
function farFrom(seats: ReturnType<typeof busy>, p: Point): number {
  const all = seats.reduce((sum, s) => sum + s.fetches, 0) || 1;
  return seats.reduce((sum, s) => sum + (s.fetches / all) * distance(s.at, p), 0);
}

function lids(plan: Plan): Idea[] {
  const on = Object.values(plan.containers).filter((c) => c.arrangement === 'planned' && c.lid === 'on');
  if (on.length === 0) return [];
  return [
    {
      id: 'lids',
      kind: 'lids',
      title: `Take the lids off ${on.length === 1 ? on[0]!.name : `${on.length} containers`}`,
      changes: on.map((c) => set('containers', c.id, { lid: 'off' })),
      price: 0,
      basis: 'planned',
    },
  ];
}

function labels(plan: Plan): Idea[] {
  const today = Object.values(plan.placements).filter((p) => p.arrangement === 'today');
  const used = new Set(today.map((p) => p.unit));
  const units = byName(plan.units).filter((u) => used.has(u.id) && !u.labelled);
  const boxes = Object.values(plan.containers).filter((c) => c.arrangement === 'today' && !c.labelled);
  if (units.length + boxes.length === 0) return [];
  return [
    {
      id: 'labels',
      kind: 'labels',
      title: 'Label every front as things lie today, and move nothing',
      changes: [
        ...units.map((u) => set('units', u.id, { labelled: true })),
        ...boxes.map((c) => set('containers', c.id, { labelled: true })),
      ],
      price: 0,
      basis: 'today',
    },
  ];
}

function locks(plan: Plan): Idea[] {
  const children = Object.values(plan.people).some((p) => p.child);
  const wishes = Object.values(plan.wishes).some((w) => w.wish === 'must not reach');
  if (!children && !wishes) return [];
  const seats = busy(plan);
  return Object.values(plan.units)
    .filter((u) => !u.keyLocked && u.elsewhere === null && compartmentsOf(u).some((c) => CLOSED.has(c.access)))
    .sort((a, b) => farFrom(seats, a) - farFrom(seats, b))
    .slice(0, MOST)
    .map((u) => ({
      id: `lock ${u.id}`,
      kind: 'lock',
      title: `Keep ${u.name} locked, so that dangerous things may lie near`,
      changes: [set('units', u.id, { keyLocked: true })],
      price: null,
      basis: 'planned',
    }));
}

/** Wall shelves and pegboards lower or higher; bookcases with one shelf moved, or one more. */
function shelves(plan: Plan): Idea[] {
  const ideas: Idea[] = [];
  const idea = (id: string, title: string, changes: Change[]) => {
    if (harmless(plan, changes))
      ideas.push({ id: `shelf ${id}`, kind: 'shelf height', title, changes, price: 0, basis: 'planned' });
  };
  for (const u of byName(plan.units).filter((x) => x.elsewhere === null && !x.pinned)) {
    if ((u.kind === 'wall shelf' || u.kind === 'pegboard') && u.bottom > 0)
      for (const by of [-300, -150, 150]) {
        if (u.bottom + by < 400 || u.bottom + by + u.height > plan.meta.ceiling) continue;
        if (!stands({ ...u, bottom: u.bottom + by }, plan)) continue;
        idea(`${u.id} ${by}`, `Hang ${u.name} ${Math.abs(by)} mm ${by < 0 ? 'lower' : 'higher'}`, [
          set('units', u.id, { bottom: u.bottom + by }),
        ]);
      }
    if (u.kind !== 'bookcase' || u.tiers.length === 0) continue;
    const high = u.tiers.indexOf(Math.max(...u.tiers));
    const half = Math.floor((u.tiers[high]! - u.board) / 2);
    if (half >= 100)
      idea(`${u.id} one more`, `One more shelf in ${u.name}, in its highest opening`, [
        set('units', u.id, { tiers: u.tiers.flatMap((t, i) => (i === high ? [half, half] : [t])) }),
        ...shifted(plan, u, high),
      ]);
    u.tiers.slice(1).forEach((below, i) => {
      for (const by of [40, -40])
        if (below - by >= 100 && u.tiers[i]! + by >= 100)
          idea(
            `${u.id} ${i} ${by}`,
            `Move the board under shelf ${i + 1} of ${u.name} ${by > 0 ? '40 mm down' : '40 mm up'}`,
            [set('units', u.id, { tiers: u.tiers.map((t, j) => (j === i ? t + by : j === i + 1 ? t - by : t)) })],
          );
    });
  }
  return ideas;
}

/** What lies below a new shelf keeps its place, one number further down. */
function shifted(plan: Plan, unit: Unit, after: number): Change[] {
  const next = (slot: string) => {
    const n = Number(/^s(\d+)$/.exec(slot)?.[1]);
    return n > after + 1 ? `s${n + 1}` : null;
  };
  const changes: Change[] = [];
  for (const p of Object.values(plan.placements)) {
    const slot = p.unit === unit.id ? next(p.slot) : null;
    if (slot) changes.push(set('placements', p.id, { slot }));
  }
  for (const c of Object.values(plan.containers)) {
    const slot = c.unit === unit.id ? next(c.slot) : null;
    if (slot) changes.push(set('containers', c.id, { slot }));
  }
  return changes;
}

/** Points of a grid over the floor, nearest to the busy seats first. */
function floorPoints(plan: Plan, step: number): Point[] {
  const outline = outlineOf(plan);
  const [xs, ys] = [outline.map((p) => p.x), outline.map((p) => p.y)];
  const points: Point[] = [];
  for (let x = Math.min(...xs) + step / 2; x < Math.max(...xs); x += step)
    for (let y = Math.min(...ys) + step / 2; y < Math.max(...ys); y += step)
      if (inside({ x, y }, outline)) points.push({ x, y });
  const seats = busy(plan);
  return points.sort((a, b) => farFrom(seats, a) - farFrom(seats, b));
}

function carts(plan: Plan): Idea[] {
  const grid = floorPoints(plan, PARK);
  return byName(plan.units)
    .filter((u) => u.wheels && isLoose(u) && u.elsewhere === null)
    .flatMap((u) => {
      const found: Idea[] = [];
      for (const p of grid) {
        if (found.length >= 3) break;
        for (const turn of [0, 90, 180, 270]) {
          if (distance(p, u) < PARK || !stands({ ...u, ...p, turn }, plan)) continue;
          if (found.some((f) => f.id.startsWith(`cart ${u.id}`) && distance(at(f), p) < 2 * PARK)) continue;
          const changes = [set('units', u.id, { x: Math.round(p.x), y: Math.round(p.y), turn })];
          if (!harmless(plan, changes)) continue;
          const near = [...Object.values(plan.stations)].sort((a, b) => distance(a, p) - distance(b, p))[0];
          found.push({
            id: `cart ${u.id} ${found.length}`,
            kind: 'cart',
            title: `Park ${u.name} ${near ? `${(distance(near, p) / 1000).toFixed(1)} m from ${near.name}` : 'elsewhere'}`,
            changes,
            price: 0,
            basis: 'planned',
          });
          break;
        }
      }
      return found;
    });
}
const at = (idea: Idea): Point => {
  const first = idea.changes[0]!;
  return 'set' in first ? (first.set as unknown as Point) : { x: 0, y: 0 };
};

/** Sitting turned by a quarter, or at the other side of the table. */
function seats(plan: Plan): Idea[] {
  const ideas: Idea[] = [];
  const idea = (id: string, title: string, changes: Change[]) => {
    if (harmless(plan, changes)) ideas.push({ id, kind: 'seat', title, changes, price: 0, basis: 'planned' });
  };
  const outline = outlineOf(plan);
  for (const s of byName(plan.stations)) {
    const table = s.unit === null ? undefined : plan.units[s.unit];
    if (table) {
      const other = { x: 2 * table.x - s.x, y: 2 * table.y - s.y };
      const free = Object.values(plan.units).every((u) => u.bottom > 1500 || distance(u, other) > u.depth / 2 + 250);
      if (inside(other, outline, -250) && free)
        idea(`seat ${s.id} other`, `Sit at the other side of ${table.name} (${s.name})`, [
          set('stations', s.id, { ...other, facing: (s.facing + 180) % 360 }),
        ]);
    } else
      for (const by of [90, 180, 270])
        idea(
          `seat ${s.id} ${by}`,
          `Turn the seat of ${s.name} by ${by === 270 ? 'a quarter to the left' : by === 90 ? 'a quarter to the right' : 'half a turn'}`,
          [set('stations', s.id, { facing: (s.facing + by) % 360 })],
        );
  }
  return ideas;
}

/** Two units that change places, a busy far one with a quiet near one. */
function swaps(plan: Plan): Idea[] {
  const scene = sceneOf(plan);
  const seatsOf = busy(plan);
  const weight = new Map<string, number>();
  for (const p of Object.values(plan.placements))
    if (p.arrangement === 'planned' && !p.spare)
      weight.set(p.unit, (weight.get(p.unit) ?? 0) + fetchesAWeek(scene, p.supply));
  const loose = byName(plan.units).filter(
    (u) =>
      isLoose(u) &&
      !u.fixed &&
      u.elsewhere === null &&
      u.bottom === 0 &&
      !Object.values(plan.stations).some((s) => s.unit === u.id),
  );
  const pairs = loose.flatMap((a, i) =>
    loose.slice(i + 1).map((b) => {
      const gain = ((weight.get(a.id) ?? 0) - (weight.get(b.id) ?? 0)) * (farFrom(seatsOf, a) - farFrom(seatsOf, b));
      return { a, b, gain };
    }),
  );
  const ideas: Idea[] = [];
  for (const { a, b } of pairs.sort((p, q) => q.gain - p.gain)) {
    if (ideas.length >= MOST) break;
    if (movedWith(plan, [a.id]).length > 1 || movedWith(plan, [b.id]).length > 1) continue;
    const changes = swapPlaces(plan, a, b);
    if (changes && harmless(plan, changes))
      ideas.push({
        id: `swap ${a.id} ${b.id}`,
        kind: 'swap',
        title: `Let ${a.name} and ${b.name} change places`,
        changes,
        price: 0,
        basis: 'planned',
      });
  }
  return ideas;
}

/** Each with its back where the back of the other is; null where one does not stand. */
function swapPlaces(plan: Plan, a: Unit, b: Unit): Change[] | null {
  const put = (u: Unit, there: Unit) => {
    const radians = (there.turn * Math.PI) / 180;
    const out = (u.depth - there.depth) / 2;
    return {
      x: Math.round((there.x - Math.sin(radians) * out) * 10) / 10,
      y: Math.round((there.y + Math.cos(radians) * out) * 10) / 10,
      turn: there.turn,
    };
  };
  const [ra, rb] = [put(a, b), put(b, a)];
  const without = { ...plan, units: { ...plan.units, [a.id]: { ...a, ...ra }, [b.id]: { ...b, ...rb } } };
  if (!stands({ ...a, ...ra }, without) || !stands({ ...b, ...rb }, without)) return null;
  return [set('units', a.id, ra), set('units', b.id, rb)];
}

/** A second one of a tool that is used at two places (D7). */
function duplicates(plan: Plan): Idea[] {
  const scene = sceneOf(plan);
  return byName(plan.supplies)
    .filter((s) => s.goesBack && new Set(usesOf(scene, s.id).map((u) => u.station)).size > 1)
    .sort((a, b) => fetchesAWeek(scene, b.id) - fetchesAWeek(scene, a.id))
    .slice(0, MOST)
    .map((s) => {
      const stations = new Map<string, number>();
      for (const u of usesOf(scene, s.id)) stations.set(u.station, (stations.get(u.station) ?? 0) + u.fetches);
      const [, second] = [...stations].sort((a, b) => b[1] - a[1]) as [unknown, [string, number]];
      const id = `${s.id.slice(0, 50)}-second`;
      const moved = Object.values(plan.uses).filter(
        (u) => u.supply === s.id && plan.activities[u.activity]?.station === second[0],
      );
      return {
        id: `duplicate ${s.id}`,
        kind: 'duplicate' as const,
        title: `A second “${s.name}” for ${plan.stations[second[0]]!.name}`,
        changes: [
          set('supplies', id, {
            ...s,
            id,
            name: `${s.name}, second`.slice(0, 120),
            count: 1,
            backstock: 0,
            reorderAt: null,
          }),
          ...moved.map((u) => set('uses', u.id, { supply: id })),
        ],
        price: null,
        basis: 'planned' as const,
      };
    })
    .filter((idea) => idea.changes.length > 1);
}

/** Most of a large stock that is used up kept as spares, far away. */
function backstock(plan: Plan): Idea[] {
  const scene = sceneOf(plan);
  return byName(plan.supplies)
    .filter((s) => !s.goesBack && s.backstock === 0 && s.count >= 20 && fetchesAWeek(scene, s.id) > 0)
    .sort((a, b) => volume(b, b.count) - volume(a, a.count))
    .slice(0, MOST)
    .map((s) => {
      const spares = Math.floor(s.count * 0.7);
      return {
        id: `backstock ${s.id}`,
        kind: 'backstock' as const,
        title: `Keep ${spares} of ${s.count} ${s.name} as spares, out of the way`,
        changes: [set('supplies', s.id, { backstock: spares })],
        price: 0,
        basis: 'planned' as const,
      };
    });
}

/** Bulky things that are hardly used, out of the room. */
function out(plan: Plan): Idea[] {
  const scene = sceneOf(plan);
  const elsewhere = Object.values(plan.units).find((u) => u.elsewhere !== null);
  return byName(plan.supplies)
    .filter((s) => s.decision === null || s.decision === 'keep' || s.decision === 'undecided')
    .filter((s) => fetchesAWeek(scene, s.id) <= 0.5)
    .sort((a, b) => volume(b, b.count) - volume(a, a.count))
    .slice(0, MOST)
    .map((s) => ({
      id: `out ${s.id}`,
      kind: 'out' as const,
      title: elsewhere
        ? `Move ${s.name} out to ${plan.elsewheres[elsewhere.elsewhere!]!.name}`
        : `Give ${s.name} a place outside the room, or away`,
      changes: [
        set('supplies', s.id, { decision: elsewhere ? 'elsewhere' : 'give away' }),
        ...Object.values(plan.placements)
          .filter((p) => p.supply === s.id && p.arrangement === 'planned' && p.pinned)
          .map((p) => remove('placements', p.id)),
      ],
      price: 0,
      basis: 'planned' as const,
    }));
}

/** Furniture of the library where it stands free at a wall, as near as can be to where most is fetched. */
function more(plan: Plan, types: readonly UnitType[]): Idea[] {
  const seatsOf = busy(plan);
  const walls = wallsOf(plan);
  const ideas: Array<Idea & { far: number }> = [];
  for (const { title, shape } of types) {
    const id = `new-${title.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`.slice(0, 60);
    if (shape.kind === 'table' || plan.units[id]) continue;
    const unit: Omit<Unit, 'x' | 'y' | 'turn'> = {
      ...UNIT_DEFAULTS,
      ...STANDING_DEFAULTS,
      ...shape,
      id,
      name: title,
      owned: false,
    };
    const litres = compartmentsOf({ ...unit, x: 0, y: 0, turn: 0 }).reduce(
      (sum, c) => sum + (c.inside.width * c.inside.depth * c.inside.height) / 1e6,
      0,
    );
    if (litres === 0) continue;
    const spots: Array<Pick<Unit, 'x' | 'y' | 'turn'>> = [];
    for (const wall of walls)
      for (let start = 0; start + unit.width <= wall.length; start += STEP) {
        const [along, deep] = [start + unit.width / 2, unit.depth / 2];
        const covers = Object.values(plan.openings).some(
          (o) =>
            o.corner === wall.id &&
            o.sill < unit.bottom + unit.height &&
            o.sill + o.height > unit.bottom &&
            start < o.offset + o.width &&
            start + unit.width > o.offset,
        );
        if (covers) continue;
        spots.push({
          x: Math.round(wall.from.x + wall.along.x * along + wall.inward.x * deep),
          y: Math.round(wall.from.y + wall.along.y * along + wall.inward.y * deep),
          turn: wall.turn,
        });
      }
    spots.sort((a, b) => farFrom(seatsOf, a) - farFrom(seatsOf, b));
    const spot = spots.find(
      (s) => stands({ ...unit, ...s }, plan) && harmless(plan, [set('units', id, { ...unit, ...s })]),
    );
    if (!spot) continue;
    const wall = walls.find((w) => w.turn === spot.turn);
    ideas.push({
      id: `unit ${id}`,
      kind: 'another unit',
      title: `${title} ${wall ? `at ${wall.name}` : ''}`.trim(),
      changes: [set('units', id, { ...unit, ...spot })],
      price: shape.price,
      basis: 'planned',
      far: farFrom(seatsOf, spot) / Math.sqrt(litres),
    });
  }
  return ideas
    .sort((a, b) => a.far - b.far)
    .slice(0, 2 * MOST)
    .map(({ far: _, ...idea }) => idea);
}
