/**
 * What is carried from today to the plan, and from where to where: parts of supplies, containers with what stays in them,
 * and whole drawers. A place is named by its opening ("desk/d1") or, inside a container, by the container ("#box"): what
 * stays in a container that is carried is not carried itself.
 */
import { massEach, volume } from '../fit/fit.ts';
import { countWords, FORM_FACTS } from '../fit/forms.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { byName, type Container, type Plan } from '../model/plan.ts';
import type { Form } from '../model/supply.ts';
import { becoming, placeKey } from '../report/countMoves.ts';
import { goesAway } from '../cost/rules.ts';
import { sceneOf, type Scene } from '../scene/scene.ts';

/** A number of a supply. */
export interface Carried {
  supply: string;
  count: number;
  spare: boolean;
}

export interface Load {
  id: string;
  kind: 'things' | 'container' | 'new container' | 'drawer';
  /** What a person reads: "84 markers", "the box of screws". */
  name: string;
  /** What is carried loose; for a container what is in it, to be read. */
  parts: Carried[];
  /** Containers of today that are carried. */
  containers: string[];
  /** The planned container that a container becomes. */
  planned: string | null;
  from: string | null;
  to: string | null;
  staged: boolean;
  litres: number;
  /** Grams, as far as known. */
  mass: number;
  /** Loads that must leave first. */
  after: string[];
  /** Loads that must have arrived. */
  awaits: string[];
  /** Of its supplies, how much working stock and how many spares the plan has in which places. */
  marks: Array<{ supply: string; place: string; work: number; spares: number }>;
  /** Why it leaves all places. */
  away: 'given away' | 'no place in the plan' | 'empty' | null;
  /** It is carried into an empty place to wait there, or on from it; see parking.ts. */
  parks?: 'in' | 'out';
}

export interface Loads {
  loads: Load[];
  /** Today's container for each planned one; a new id for one that is not there yet. */
  becomes: ReadonlyMap<string, string>;
  /** Parts that stay where they are, by place. */
  stays: ReadonlyMap<string, Carried[]>;
}

const standsAt = (c: Container, parent: string | null) => (parent === null ? `${c.unit}/${c.slot}` : `#${parent}`);

const now = (row: { arrangement: string }) => row.arrangement !== 'planned';

interface Amount extends Carried {
  at: string;
  staged: boolean;
}

/** Everything that has to be carried. */
export function loadsOf(plan: Plan): Loads {
  const scene = sceneOf(plan);
  const becomes = becoming(plan);
  const loads: Load[] = [];
  const blank = { planned: null };
  const stays = new Map<string, Carried[]>();
  for (const supply of byName(plan.supplies)) {
    const { stay, go } = flows(plan, becomes, supply.id);
    for (const part of stay) stays.set(part.at, [...(stays.get(part.at) ?? []), part]);
    const away = goesAway(plan, supply) ? 'given away' : 'no place in the plan';
    for (const f of go) {
      const several = go.filter((g) => g.from === f.from && g.to === f.to).length > 1;
      loads.push({
        ...blank,
        id: [
          supply.id,
          f.staged ? 'floor' : (f.from ?? 'out'),
          f.to ?? 'out',
          ...(several && f.spare ? ['spare'] : []),
        ].join(' > '),
        kind: 'things',
        name: nameOf(plan, f),
        parts: [{ supply: f.supply, count: f.count, spare: f.spare }],
        after: [],
        awaits: [],
        containers: [],
        marks: [],
        from: f.from,
        to: f.to,
        staged: f.staged,
        litres: volume(supply, f.count),
        mass: (massEach(supply) ?? 0) * f.count,
        away: f.to === null ? away : null,
      });
    }
  }
  markSpares(plan, becomes, loads);
  addContainers(plan, becomes, loads);
  joinDrawers(plan, scene, loads, stays);
  return { loads, becomes, stays };
}

/** Forms that nobody counts things by. */
const PLAIN: ReadonlySet<Form> = new Set(['pieces', 'loose', 'soft', 'hung']);

function nameOf(plan: Plan, part: Carried): string {
  const supply = plan.supplies[part.supply]!;
  const { name } = supply;
  if (part.count === 1) return name;
  const counted = countWords(supply, part.count);
  // "32 rolls of ribbon", but "32 ribbon rolls" and "80 fat quarters".
  const saysIt = PLAIN.has(supply.form) || name.toLowerCase().includes(FORM_FACTS[supply.form].one);
  return saysIt ? `${part.count} ${name}` : `${counted} of ${name}`;
}

/** What of a supply stays, and what goes from where to where; spares go to the places of spares first. */
function flows(plan: Plan, becomes: ReadonlyMap<string, string>, supply: string) {
  const have: Amount[] = [];
  const want: Amount[] = [];
  for (const p of Object.values(plan.placements)) {
    if (p.supply !== supply) continue;
    const own = { supply, count: p.count, spare: p.spare, staged: p.arrangement === 'staged' };
    if (now(p)) {
      // What lies in a container that stands on the floor is in that container.
      const boxed = p.container !== null && plan.containers[p.container]?.arrangement === 'staged';
      have.push({ ...own, at: placeKey(p), staged: own.staged && !boxed });
    } else {
      const container = p.container === null ? null : becomes.get(p.container)!;
      want.push({ ...own, at: placeKey({ ...p, container }), staged: false });
    }
  }
  const order = (a: Amount, b: Amount) => (a.at < b.at ? -1 : a.at > b.at ? 1 : Number(a.spare) - Number(b.spare));
  have.sort(order);
  want.sort(order);
  const stay: Amount[] = [];
  const go: Array<Carried & { from: string | null; to: string | null; staged: boolean }> = [];
  const pair = (fits: (h: Amount, w: Amount) => boolean, done: (h: Amount, w: Amount, count: number) => void) => {
    for (const w of want)
      for (const h of have) {
        const count = Math.min(h.count, w.count);
        if (count === 0 || !fits(h, w)) continue;
        done(h, w, count);
        h.count -= count;
        w.count -= count;
      }
  };
  const stayed = (_: Amount, w: Amount, count: number) => stay.push({ ...w, count });
  pair((h, w) => !h.staged && h.at === w.at && h.spare === w.spare, stayed);
  pair((h, w) => !h.staged && h.at === w.at, stayed);
  const note = (from: string | null, to: string | null, count: number, spare: boolean, staged: boolean) => {
    const same = go.find((g) => g.from === from && g.to === to && g.staged === staged && g.spare === spare);
    if (same) same.count += count;
    else if (count > 0) go.push({ supply, count, spare, from, to, staged });
  };
  const gone = (h: Amount, w: Amount, count: number) => note(h.at, w.at, count, w.spare, h.staged);
  pair((h, w) => h.spare === w.spare, gone);
  pair(() => true, gone);
  for (const h of have) note(h.at, null, h.count, h.spare, h.staged);
  for (const w of want) note(null, w.at, w.count, w.spare, false);
  return { stay, go };
}

/** Says for each load where the plan has its supplies, and how many of them as spares. */
function markSpares(plan: Plan, becomes: ReadonlyMap<string, string>, loads: readonly Load[]): void {
  const planned = new Map<string, Load['marks']>();
  for (const p of Object.values(plan.placements)) {
    if (p.arrangement !== 'planned') continue;
    const place = placeKey({ ...p, container: p.container === null ? null : becomes.get(p.container)! });
    const own = planned.get(p.supply) ?? [];
    planned.set(p.supply, own);
    let sums = own.find((m) => m.place === place);
    if (!sums) own.push((sums = { supply: p.supply, place, work: 0, spares: 0 }));
    sums[p.spare ? 'spares' : 'work'] += p.count;
  }
  // What stays where it is and is only called spare by the plan is marked with whatever move comes next.
  const spares = new Map<string, number>();
  for (const p of Object.values(plan.placements))
    if (p.arrangement === 'today' && p.spare)
      spares.set(`${p.supply} ${placeKey(p)}`, (spares.get(`${p.supply} ${placeKey(p)}`) ?? 0) + p.count);
  const moved = new Set(loads.flatMap((l) => l.parts.map((p) => p.supply)));
  const called = [...planned.values()]
    .flat()
    .filter((m) => !moved.has(m.supply) && m.spares !== (spares.get(`${m.supply} ${m.place}`) ?? 0));
  for (const load of loads) load.marks = [...load.parts.flatMap((p) => planned.get(p.supply) ?? []), ...called];
}

/** Containers that are carried, put up new, or put aside empty. */
function addContainers(plan: Plan, becomes: ReadonlyMap<string, string>, loads: Load[]): void {
  const things = loads.slice();
  const litres = (c: Container) => (c.width * c.depth * c.height) / 1e6;
  const base = (c: Container) => ({
    name: c.name,
    parts: [] as Carried[],
    containers: [] as string[],
    planned: null as string | null,
    staged: false,
    litres: litres(c),
    mass: c.mass ?? 0,
    awaits: [] as string[],
    marks: [],
    away: null,
  });
  const leaving = (id: string) => things.filter((l) => l.from === `#${id}` && !l.staged).map((l) => l.id);
  const moved = new Map<string, string>();
  const rows = byName(plan.containers).sort((a, b) => Number(a.parent !== null) - Number(b.parent !== null));
  const kept = new Set<string>();
  for (const planned of rows.filter((c) => !now(c))) {
    const id = becomes.get(planned.id)!;
    kept.add(id);
    const parent = planned.parent === null ? null : becomes.get(planned.parent)!;
    const to = standsAt(planned, parent);
    const own = plan.containers[id];
    const load: Load = {
      ...base(planned),
      id: `box ${id}`,
      kind: own ? 'container' : 'new container',
      containers: own ? [id] : [],
      planned: planned.id,
      from: own ? standsAt(own, own.parent) : null,
      to,
      staged: own?.arrangement === 'staged',
      after: own ? leaving(id) : [],
      awaits: parent !== null && !plan.containers[parent] ? [`box ${parent}`] : [],
    };
    if (own && !load.staged && load.from === to) continue;
    if (own) {
      load.parts = Object.values(plan.placements).flatMap((p) =>
        p.container === id ? [{ supply: p.supply, count: p.count, spare: p.spare }] : [],
      );
      const going = new Set(things.flatMap((l) => (l.from === `#${id}` ? l.parts.map((p) => p.supply) : [])));
      load.parts = load.parts.filter((p) => !going.has(p.supply));
    }
    loads.push(load);
    moved.set(id, load.id);
  }
  for (const load of things)
    if (load.to?.startsWith('#') && !plan.containers[load.to.slice(1)]) load.awaits.push(`box ${load.to.slice(1)}`);
  for (const c of rows.filter(now)) {
    if (kept.has(c.id)) continue;
    const nested = rows.filter((n) => n.parent === c.id && now(n)).map((n) => moved.get(n.id) ?? `box ${n.id}`);
    loads.push({
      ...base(c),
      id: `box ${c.id}`,
      kind: 'container',
      containers: [c.id],
      from: standsAt(c, c.parent),
      to: null,
      staged: c.arrangement === 'staged',
      after: [...leaving(c.id), ...nested],
      away: 'empty',
    });
  }
}

/** Drawers whose whole contents go into one drawer of the same size, and nothing else into that, are carried as drawers. */
function joinDrawers(plan: Plan, scene: Scene, loads: Load[], stays: ReadonlyMap<string, Carried[]>): void {
  const standing = new Set(
    Object.values(plan.containers).flatMap((c) => {
      const moves = loads.some((l) => l.containers.includes(c.id));
      return now(c) && !moves && c.arrangement === 'today' ? [standsAt(c, c.parent)] : [];
    }),
  );
  const alike = (a: Compartment, b: Compartment) =>
    a.access === 'drawer' &&
    b.access === 'drawer' &&
    Math.abs(a.inside.width - b.inside.width) <= 1 &&
    Math.abs(a.inside.depth - b.inside.depth) <= 1 &&
    Math.abs(a.inside.height - b.inside.height) <= 1;
  for (const a of scene.compartments) {
    if (a.container !== null || a.access !== 'drawer' || stays.has(a.id) || standing.has(a.id)) continue;
    const out = loads.filter((l) => l.from === a.id && !l.staged);
    const to = out[0]?.to;
    if (out.length < 2 || !to || out.some((l) => l.to !== to) || stays.has(to) || standing.has(to)) continue;
    const b = scene.compartment.get(to);
    if (!b || !alike(a, b) || loads.some((l) => l.to === to && !out.includes(l))) continue;
    const ids = new Set(out.map((l) => l.id));
    const joined: Load = {
      id: `drawer ${a.id}`,
      kind: 'drawer',
      name: `the whole drawer: ${out.map((l) => l.name).join(', ')}`,
      parts: out.filter((l) => l.kind === 'things').flatMap((l) => l.parts),
      containers: out.flatMap((l) => l.containers),
      planned: null,
      marks: out.flatMap((l) => l.marks),
      from: a.id,
      to,
      staged: false,
      litres: out.reduce((sum, l) => sum + l.litres, 0),
      mass: out.reduce((sum, l) => sum + l.mass, 0),
      after: [...new Set(out.flatMap((l) => l.after))].filter((id) => !ids.has(id)),
      awaits: [...new Set(out.flatMap((l) => l.awaits))].filter((id) => !ids.has(id)),
      away: null,
    };
    const rest = loads.filter((l) => !ids.has(l.id));
    for (const l of rest) {
      l.after = [...new Set(l.after.map((id) => (ids.has(id) ? joined.id : id)))];
      l.awaits = [...new Set(l.awaits.map((id) => (ids.has(id) ? joined.id : id)))];
    }
    loads.splice(0, loads.length, ...rest, joined);
  }
}
