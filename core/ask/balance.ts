/**
 * What is owned against what the furniture holds, before anything is placed: by form and size class. Every supply is
 * poured into the places that can hold it, those with the fewest places first, in parts where need be; so what is short
 * here is short in any plan, while what fits here may still be split or crowded.
 */
import { formatArea, formatLength, formatVolume, type UnitSystem } from '../model/measure.ts';
import { isRound } from '../fit/forms.ts';
import { handRoom } from '../fit/limits.ts';
import { countWithin, volumeEach } from '../fit/poses.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Plan, Supply } from '../model/plan.ts';
import { Fitter } from '../fit/feasible.ts';
import { goesAway, mayLieIn } from '../cost/rules.ts';
import { sceneOf } from '../scene/scene.ts';

const CLASSES = ['flat and large', 'shallow drawer', 'deep bin', 'long', 'hung', 'upright slots', 'machine'] as const;
export type SizeClass = (typeof CLASSES)[number];

/** What each class is measured in, and what it is called when it is short. */
export const CLASS_WORDS: Readonly<Record<SizeClass, { unit: 'm²' | 'l' | 'm'; room: string }>> = {
  'flat and large': { unit: 'm²', room: 'flat shelf' },
  'shallow drawer': { unit: 'm²', room: 'shallow drawer' },
  'deep bin': { unit: 'l', room: 'deep drawer, cube or bin' },
  long: { unit: 'l', room: 'room for long things' },
  hung: { unit: 'm²', room: 'board to hang things on' },
  'upright slots': { unit: 'm', room: 'upright slot' },
  machine: { unit: 'm²', room: 'standing room for machines' },
};

/** Sides from which a thing is large, and long, mm; height up to which a place or thing is shallow. Common practice, no source. */
const LARGE = 330;
const LONG = 600;
const SHALLOW = { thing: 60, place: 120 } as const;
/** Height to which flat sheets are stacked so that one still gets at them, mm. Common practice, no source. */
const STACK = 50;

export interface ClassBalance {
  class: SizeClass;
  unit: 'm²' | 'l' | 'm';
  /** What the supplies of the class take, what the places of the class hold with the room to grow kept free. */
  asked: number;
  holds: number;
  /** What has no room in any place that could hold it. */
  short: number;
  /** Share of the places of the class that is left; null when there is none. */
  spare: number | null;
  /** Whose need is short, largest first. */
  missing: Array<{ supply: string; name: string; count: number; amount: number; places: number }>;
}

export interface Balance {
  classes: ClassBalance[];
  /** Supplies that were counted. */
  lines: number;
  /** One sentence: what is short and what is to spare. */
  words: string;
}

/** The class of a supply: what kind of place it asks for first. */
export function classOf(s: Supply): SizeClass {
  const [small, , large] = [s.length, s.width, s.thickness].sort((a, b) => a - b) as [number, number, number];
  if (s.form === 'machine') return 'machine';
  if (s.form === 'hung') return 'hung';
  if (s.form === 'long' || large > LONG + 200) return 'long';
  if (s.form === 'sheets') {
    if (large > LARGE) return 'flat and large';
    return s.orientations.some((o) => o !== 'flat') ? 'upright slots' : 'shallow drawer';
  }
  if (s.form === 'soft') return 'deep bin';
  if (isRound(s.form)) return Math.min(s.length, s.width) <= SHALLOW.thing ? 'shallow drawer' : 'deep bin';
  if (large > LARGE && small <= SHALLOW.thing) return 'flat and large';
  return small <= SHALLOW.thing ? 'shallow drawer' : 'deep bin';
}

/** The class of a place: what it is best for. */
function placeClass(c: Compartment): SizeClass {
  const { width, depth, height } = c.inside;
  if (c.access === 'peg') return 'hung';
  if (c.access === 'top') return 'machine';
  const [short, long] = [Math.min(width, depth), Math.max(width, depth)];
  if (height <= SHALLOW.place) return short >= LARGE && long >= 450 ? 'flat and large' : 'shallow drawer';
  if (height >= 500 && short <= 350 && long <= 350) return 'long';
  if (width <= 60) return 'upright slots';
  return 'deep bin';
}

/** What a number of a supply takes, in the unit of its class. */
function amountOf(s: Supply, kind: SizeClass, count: number): number {
  const [small, middle, large] = [s.length, s.width, s.thickness].sort((a, b) => a - b) as [number, number, number];
  switch (kind) {
    case 'flat and large':
      return (Math.ceil(count / Math.max(1, Math.floor(STACK / small + 1e-9))) * large * middle) / 1e6;
    case 'shallow drawer':
      return s.form === 'loose' || s.form === 'sheets'
        ? (volumeEach(s) * count) / SHALLOW.thing / 1e6
        : (count * large * middle) / 1e6;
    case 'upright slots':
      return (count * small) / 1000;
    case 'hung':
    case 'machine':
      return (count * s.length * s.width) / 1e6;
    default:
      return (volumeEach(s) * (s.form === 'soft' ? s.squeeze : 1) * count) / 1e6;
  }
}

/** What a place holds, in the unit of a class. */
function holdsOf(c: Compartment, kind: SizeClass): number {
  const { width, depth, height } = c.inside;
  if (kind === 'hung') return (width * height) / 1e6;
  if (kind === 'upright slots') return width / 1000;
  if (CLASS_WORDS[kind].unit === 'm²') return (width * depth) / 1e6;
  return (width * depth * Math.max(0, height - handRoom(c, { form: 'pieces' }))) / 1e6;
}

/** The balance of a plan. */
export function balanceOf(plan: Plan): Balance {
  const scene = sceneOf(plan);
  const places = scene.compartments.filter((c) => c.container === null && !scene.shut.has(c.id));
  const fitter = new Fitter(places, plan.meta.roomToGrow);
  const kept = 1 - plan.meta.roomToGrow;
  const taken = places.map(() => 0);
  const kinds = places.map(placeClass);
  const supplies = Object.values(plan.supplies).filter((s) => !goesAway(plan, s));
  const wanted = supplies.map((supply) => {
    const homes: Array<{ at: number; most: number }> = [];
    places.forEach((c, at) => {
      if (!mayLieIn(plan, supply, c)) return;
      const most = fitter.ways(supply, at).reduce((m, lie) => Math.max(m, countWithin(lie, c.inside.width)), 0);
      if (most > 0) homes.push({ at, most });
    });
    return { supply, kind: classOf(supply), homes };
  });
  // How sought-after each place is: shares that all who could lie there would take, spread over their homes.
  const sought = places.map(() => 0);
  for (const { supply, homes } of wanted)
    for (const { at, most } of homes) sought[at]! += supply.count / most / homes.length;
  const missing = new Map<SizeClass, ClassBalance['missing']>();
  // What has the fewest homes chooses first; of those, what takes most of one.
  const shareOf = (w: (typeof wanted)[number]) => w.supply.count / Math.max(1, w.homes[0]?.most ?? 1);
  wanted.sort(
    (a, b) => a.homes.length - b.homes.length || shareOf(b) - shareOf(a) || (a.supply.id < b.supply.id ? -1 : 1),
  );
  for (const { supply, kind, homes } of wanted) {
    let count = supply.count;
    const order = [...homes].sort(
      (a, b) =>
        Number(kinds[b.at] === kind) - Number(kinds[a.at] === kind) ||
        sought[a.at]! - sought[b.at]! ||
        b.most - a.most ||
        a.at - b.at,
    );
    for (const { at } of order) {
      if (count <= 0) break;
      const lying = fitter.into(supply, count, at, taken[at]!);
      if (!lying) continue;
      taken[at]! += lying.width;
      count -= lying.count;
    }
    if (count > 0)
      missing.set(kind, [
        ...(missing.get(kind) ?? []),
        { supply: supply.id, name: supply.name, count, amount: amountOf(supply, kind, count), places: homes.length },
      ]);
  }
  const classes = CLASSES.map((kind): ClassBalance => {
    const own = places.flatMap((c, at) =>
      kinds[at] === kind ? [{ size: holdsOf(c, kind), left: Math.max(0, 1 - taken[at]! / c.inside.width) * kept }] : [],
    );
    const holds = own.reduce((sum, p) => sum + p.size * kept, 0);
    const without = (missing.get(kind) ?? []).sort((a, b) => b.amount - a.amount);
    return {
      class: kind,
      unit: CLASS_WORDS[kind].unit,
      asked: wanted.reduce((sum, w) => (w.kind === kind ? sum + amountOf(w.supply, kind, w.supply.count) : sum), 0),
      holds,
      short: without.reduce((sum, m) => sum + m.amount, 0),
      spare: own.length === 0 ? null : own.reduce((sum, p) => sum + p.size * p.left, 0) / holds,
      missing: without,
    };
  });
  return { classes, lines: supplies.length, words: inWords(classes, places.length, plan.meta.units) };
}

/** An amount for reading, in the plan's measures: two decimals below ten, whole above. */
export function amountWords(amount: number, unit: string, system: UnitSystem): string {
  if (unit === 'm²') return formatArea(amount, system);
  if (unit === 'l') return formatVolume(amount * 1000, system);
  if (unit === 'm' && system === 'imperial') return formatLength(Math.round(amount * 1000), system);
  return `${amount < 10 ? Number(amount.toFixed(2)) : Math.round(amount)} ${unit}`;
}

function inWords(classes: readonly ClassBalance[], places: number, system: UnitSystem): string {
  if (places === 0) return 'There is no storage furniture yet, so nothing can be compared.';
  const short = classes
    .filter((c) => c.missing.length > 0)
    .map((c) => {
      const names = c.missing.slice(0, 3).map((m) => m.name);
      const more = c.missing.length > 3 ? ` and ${c.missing.length - 3} more` : '';
      return `short of ${amountWords(c.short, c.unit, system)} of ${CLASS_WORDS[c.class].room} for ${names.join(', ')}${more}`;
    });
  const spare = classes
    .filter((c) => c.missing.length === 0 && c.spare !== null && c.spare >= 0.1)
    .sort((a, b) => b.spare! - a.spare!)
    .slice(0, 2)
    .map((c) => `${CLASS_WORDS[c.class].room} has ${Math.round(c.spare! * 100)} % to spare`);
  const text = [...(short.length > 0 ? short : ['everything has room']), ...spare].join('; ');
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
}
