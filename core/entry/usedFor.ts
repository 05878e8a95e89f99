/**
 * What a thing is for, when its line does not say: the activities of the plan whose crafts it belongs to, one use each; else
 * those of a craft of the same family; else nobody knows, and the maker is asked. Never the first of the alphabet.
 */
import { byName, type Activity, type Plan } from '../model/plan.ts';
import { stems } from './comparableWords.ts';
import type { Craft, Crafts } from './crafts.ts';
import type { Kind, KindFinder } from './kinds.ts';
import type { SupplyDraft } from './line.ts';
import { fetchedBy, type States } from './stateWords.ts';

export interface Use {
  activity: string;
  fetches: number;
  /** From what it was guessed; empty for one that was said. */
  guessedFrom: string;
}

/** What the library knows of crafts and things. */
export interface Known {
  crafts: Crafts;
  kinds: KindFinder;
}

/** What a line says of a thing, as far as it tells what it is for. */
export interface Told {
  /** The whole line as typed. */
  line: string;
  kind: Kind | null;
  states: States;
}

/** Crafts of one family that things of one craft serve as well. */
const RELATED: ReadonlyArray<ReadonlySet<string>> = [
  new Set(['sew', 'quilt', 'memb']),
  new Set(['knit', 'crochet', 'yarn', 'weave']),
  new Set(['paint', 'draw', 'letter', 'print']),
];
/** From how many crafts on a thing is for everybody. */
const MANY = 9;
/** Crafts of a name that none of its words says: those of the things that its words are. */
const MOST = 3;

/** The crafts that an activity is, by the words of its name. */
export function craftsOfActivity({ name }: Pick<Activity, 'name'>, { crafts, kinds }: Known): string[] {
  const named = crafts.named(name);
  if (named.length > 0) return named.map((c) => c.key);
  const nearest = kinds.find(name)?.everyday?.crafts[0] ?? [];
  return nearest.length <= MOST ? [...nearest] : [];
}

/** The activities a thing is for; empty where nobody knows. */
export function usesOfThing(plan: Pick<Plan, 'activities'>, told: Told, known: Known): Use[] {
  const activities = byName(plan.activities);
  if (activities.length === 0) return [];
  const [only] = activities;
  const own = new Map(activities.map((a) => [a.id, craftsOfActivity(a, known)]));
  const fetches = (told.kind?.everyday?.fetches ?? 1) * fetchedBy(told.states);
  const use = (from: string) => (a: Activity) => ({
    activity: a.name,
    fetches: Math.round(fetches * 100) / 100,
    guessedFrom: from,
  });
  const ranks = told.kind?.everyday?.crafts ?? [];
  const of = (keys: ReadonlySet<string>) => activities.filter((a) => own.get(a.id)!.some((c) => keys.has(c)));
  // What it is called says its row: knit fabric is for nobody who only knits.
  const words = told.kind && ranks[0] && ranks[0].length <= MANY ? without(told.line, told.kind.name) : told.line;
  const meant = /\b(?:for|to)\s+(.*)$/i.exec(told.line)?.[1] ?? '';
  const usual = new Set(ranks.flat());
  const made = of(usual).length > 0;
  // Cotton yarn for bags is for nobody who only sews.
  const forIt = known.crafts.named(meant).filter((c) => !made || usual.has(c.key));
  const named = [...known.crafts.named(words, true), ...forIt];
  const said = of(new Set(named.map((c) => c.key)));
  if (said.length > 0) return said.map(use('its words'));
  if (told.states.states.includes('unsorted') || ranks.length === 0) return [];
  for (const rank of ranks) {
    const direct = of(new Set(rank));
    if (direct.length > 0) return direct.map(use(`what ${told.kind!.name.toLowerCase()} is usually for`));
  }
  if (only && activities.length === 1) return [use('the only craft here')(only)];
  const alike = of(new Set(relatives(new Set(ranks[0]), known.crafts).map((c) => c.key)));
  return alike.map(use('crafts of its family'));
}

/** A text without the words of a name. */
function without(text: string, name: string): string {
  const own = new Set(stems(name));
  return stems(text)
    .filter((w) => !own.has(w))
    .join(' ');
}

/** Crafts that share tools with any of these: of the same family, the large families by their closer relations. */
function relatives(keys: ReadonlySet<string>, { all }: Crafts): Craft[] {
  const groups = RELATED.filter((g) => [...g].some((k) => keys.has(k)));
  if (groups.length > 0) return all.filter((c) => groups.some((g) => g.has(c.key)));
  const families = new Set<string>(all.flatMap((c) => (keys.has(c.key) && c.family !== 'wet' ? [c.family] : [])));
  return all.filter((c) => families.has(c.family));
}

/** The words of a supply as its line would have said them, for what was not typed here. */
export function toldOf(supply: Pick<SupplyDraft, 'name' | 'season' | 'life'>, { kinds }: Known): Told {
  const states = { states: supply.life === 'retired' ? (['retired'] as const) : [], season: supply.season };
  return { line: supply.name, kind: kinds.find(supply.name), states };
}
