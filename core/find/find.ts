/** Finding a supply or a place by a few letters, by other words, and in spite of misspelling. */
import { groupBy } from '../model/groups.ts';
import MiniSearch, { type Query } from 'minisearch';
import { placeOf } from '../report/placeOf.ts';
import { byName, type Arrangement, type Plan } from '../model/plan.ts';
import type { Report } from '../report/evaluate.ts';
import { matchOf, type Known } from './rank.ts';

export interface Found {
  kind: 'supply' | 'place';
  /** Supply id or compartment id. */
  id: string;
  name: string;
  /** Where it lies, in the chosen arrangement. */
  places: Array<{ placement: string; compartment: string; place: string; count: number; fits: number }>;
  /** Owned in all, for a supply; lines inside, for a place. */
  count: number;
}

export interface Finder {
  find: (words: string, most?: number) => Found[];
}

/** Words that say nothing about a thing. */
const EMPTY_WORDS = new Set(['a', 'an', 'and', 'for', 'in', 'my', 'of', 'on', 'or', 'some', 'the', 'to', 'with']);
const tokensOf = (text: string) =>
  text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((t) => t !== '' && !EMPTY_WORDS.has(t));
/** Without the ending of the plural, so that "brush" is "brushes". */
const stem = (word: string) =>
  word.length > 4 ? word.replace(/(?<=[sxz]|ch|sh)es$/, '').replace(/(?<![su])s$/, '') : word;

/** Neighbouring words written as one: "wood glue" is found by "woodglue". */
const joined = (tokens: readonly string[]) => tokens.slice(1).map((t, i) => `${tokens[i]}${t}`);

interface Group {
  phrases: string[][];
  words: string[];
}

/** Groups of words for what a text names. */
function groupsFor(text: string, groups: readonly Group[]): Group[] {
  const tokens = tokensOf(text).map(stem);
  const names = (phrase: readonly string[]) =>
    tokens.some((_, i) => phrase.every((word, k) => tokens[i + k] === word)) ||
    (phrase.length > 1 && phrase.every((w) => tokens.includes(w)));
  return groups.filter((g) => g.phrases.some(names));
}

/**
 * Builds an index of all supplies and places of a plan.
 * @param words groups of words for the same thing
 */
export function finderOf(
  plan: Plan,
  report: Report,
  arrangement: Arrangement,
  words: ReadonlyArray<readonly string[]> = [],
): Finder {
  const groups = words.map((group): Group => {
    const phrases = group.map((phrase) => tokensOf(phrase).map(stem));
    return { phrases, words: phrases.flatMap((p) => [...p, ...joined(p)]) };
  });
  const index = new MiniSearch<{ id: string; name: string; own: string; other: string; more: string }>({
    fields: ['name', 'own', 'other', 'more'],
    tokenize: (text) => tokensOf(text),
    processTerm: stem,
    searchOptions: {
      prefix: (term) => term.length > 1,
      fuzzy: (term) => (term.length > 6 ? 0.3 : term.length > 3 ? 0.34 : false),
      maxFuzzy: 2,
      boost: { name: 4, own: 4, other: 2 },
      weights: { fuzzy: 0.5, prefix: 0.6 },
      boostDocument: (id) => ((id as string).startsWith('supply') ? 1 : 0.6),
    },
  });
  const uses = groupBy(Object.values(plan.uses), (use) => use.supply);
  const looked = new Map<string, string[]>();
  for (const log of Object.values(plan.logs)) {
    if (log.kind !== 'looked first' || log.unit === null) continue;
    const place = placeOf(report, `${log.unit}/${log.slot}`)?.name;
    if (place) looked.set(log.supply, [...(looked.get(log.supply) ?? []), place]);
  }
  const known = new Map<string, Known>();
  const tokens = (text: string) => {
    const all = tokensOf(text).map(stem);
    return [...all, ...joined(all)];
  };
  const homes = new Map(report.homes.flatMap((h) => (h.spares ? [] : h.supplies.map((s) => [s, h.name] as const))));
  for (const s of byName(plan.supplies)) {
    const same = groupsFor(s.name, groups);
    const own = [s.alsoCalled, ...(looked.get(s.id) ?? [])];
    known.set(`supply ${s.id}`, {
      name: tokens(s.name),
      own: own.flatMap(tokens),
      other: same.flatMap((g) => g.words),
      more: tokens(
        `${homes.get(s.id) ?? ''} ${s.category} ${s.colour} ${s.collection} ${s.theme} ${s.note} ${(uses.get(s.id) ?? []).map((u) => plan.activities[u.activity]!.name).join(' ')}`,
      ),
      phrases: new Set(
        [
          tokensOf(s.name).map(stem),
          ...s.alsoCalled.split(',').map((w) => tokensOf(w).map(stem)),
          ...same.flatMap((g) => g.phrases),
        ].map((p) => p.join(' ')),
      ),
    });
  }
  for (const c of report.compartments)
    known.set(`place ${c.id}`, {
      ...{ name: tokens(c.name), own: [], other: [], phrases: new Set<string>() },
      more: tokens(c.homeName[arrangement]),
    });
  index.addAll(
    [...known].map(([id, k]) => ({
      id,
      name: k.name.join(' '),
      own: k.own.join(' '),
      other: k.other.join(' '),
      more: k.more.join(' '),
    })),
  );
  const bySupply = new Map<string, Found['places']>();
  for (const p of Object.values(report.placements)) {
    if (p.arrangement !== arrangement) continue;
    bySupply.set(p.supply, [
      ...(bySupply.get(p.supply) ?? []),
      { placement: p.id, compartment: p.compartment, place: p.place, count: p.count, fits: p.fits },
    ]);
  }
  const compartments = new Map(report.compartments.map((c) => [c.id, c]));
  return {
    find: (text, most = 30) =>
      ranked(index, known, text)
        .slice(0, most)
        .map((key): Found => {
          const [kind, id] = [key.slice(0, key.indexOf(' ')), key.slice(key.indexOf(' ') + 1)];
          if (kind === 'supply')
            return {
              kind: 'supply',
              id,
              name: plan.supplies[id]!.name,
              count: plan.supplies[id]!.count,
              places: bySupply.get(id) ?? [],
            };
          const c = compartments.get(id)!;
          const inside = c.contents[arrangement].map((pid) => report.placements[pid]!);
          return {
            kind: 'place',
            id,
            name: c.name,
            count: inside.length,
            places: inside.map((p) => ({
              placement: p.id,
              compartment: id,
              place: c.name,
              count: p.count,
              fits: p.fits,
            })),
          };
        }),
  };
}

/** A question is cut to this many words and characters: nobody looks for a thing by more. */
const MOST_WORDS = 12;
const LONGEST_QUERY = 200;
/** How many of those that the index finds are looked at more closely. */
const CLOSELY = 50;

/** The best matches; places after things that match as well. */
function ranked(index: MiniSearch, known: ReadonlyMap<string, Known>, text: string): string[] {
  const typed = tokensOf(text.slice(0, LONGEST_QUERY)).slice(0, MOST_WORDS).map(stem);
  if (typed.length === 0) return [];
  const ways = [
    typed,
    ...typed.slice(1).map((_, i) => [...typed.slice(0, i), `${typed[i]}${typed[i + 1]}`, ...typed.slice(i + 2)]),
  ];
  const query: Query = {
    combineWith: 'OR',
    queries: [{ combineWith: 'AND', queries: typed }, ...new Set(ways.flat())],
  };
  const found = index
    .search(query)
    .slice(0, CLOSELY)
    .map((r) => {
      const id = r.id as string;
      const match = Math.max(...ways.map((words) => matchOf(words, known.get(id)!)));
      return { id, match: match - (id.startsWith('place') ? 0.05 : 0) };
    })
    .sort((a, b) => b.match - a.match);
  // What has only one of several words is named when nothing has more.
  const least = Math.max(0.3, (found[0]?.match ?? 0) * 0.55);
  return found.filter((f) => f.match >= least).map((f) => f.id);
}
