/** A few, some, lots: a guessed amount set by one tap. */
import { set, type Change } from '../model/change.ts';
import type { Supply } from '../model/plan.ts';
import type { Rest } from './readMeasures.ts';
import type { KindFinder } from './kinds.ts';

export const AMOUNTS = ['few', 'some', 'lots'] as const;
export type Amount = (typeof AMOUNTS)[number];

const OF_SUCH = String.raw`(?:\s+(?:pieces|bits|widths|lengths|colou?rs|sizes|kinds|sorts|types|of\s+(?:it|them|each)))?`;
const MASSES = '(?:lots|loads|tons|plenty|heaps|piles|masses|stacks|too many|a (?:lot|ton|load))';
/** How a line says that there are few or many, at its end or its beginning. */
const WORDS: ReadonlyArray<readonly [Amount, RegExp]> = [
  ['few', new RegExp(String.raw`[;,(]\s*(?:just\s+|only\s+)?a\s+few${OF_SUCH}\s*\)?\s*(?=$|[;,])`, 'i')],
  [
    'lots',
    new RegExp(String.raw`(?:[;,(]|\s[-–])\s*${MASSES}${OF_SUCH}\s*\)?\s*(?=$|[;,])|^\s*${MASSES}\s+of\s+`, 'i'),
  ],
];

/** Takes "loads of", ", a few colours" and the like out of a line. */
export const takeAmount = (rest: Rest): Amount | null => WORDS.find(([, words]) => rest.take(words))?.[0] ?? null;

/** How many those are of a usual amount, and what is said of the count. */
export const amountOf = (usual: number, amount: Amount): { count: number; from: string } => ({
  count: Math.max(1, Math.round(usual * TIMES[amount])),
  from: SAID[amount],
});

/** A few are a third of the usual amount, lots are three times as many. Common practice, no source. */
const TIMES: Readonly<Record<Amount, number>> = { few: 1 / 3, some: 1, lots: 3 };

/** What is said of a count that was chosen so. */
const SAID: Readonly<Record<Amount, string>> = { few: 'a few', some: 'a usual amount', lots: 'lots' };

/** How many each is: of what there is usually one, one, two and three. */
export function amountsOf(
  supply: Pick<Supply, 'name' | 'count' | 'countFrom'>,
  kinds: KindFinder,
): Record<Amount, number> {
  const usual = kinds.find(supply.name)?.everyday?.usual ?? supply.count;
  if (usual <= 2) return { few: 1, some: 2, lots: 4 };
  const of = (amount: Amount) => amountOf(usual, amount).count;
  return { few: of('few'), some: of('some'), lots: of('lots') };
}

/** The chip that holds: by what was said of the count. */
export const amountSaid = ({ countFrom }: Pick<Supply, 'countFrom'>): Amount | null =>
  AMOUNTS.find((a) => SAID[a] === countFrom) ?? null;

/** Sets amounts; the spares of a thing stay at most all of it. */
export function setAmount(supplies: readonly Supply[], amount: Amount, kinds: KindFinder): Change[] {
  return supplies.map((s) => {
    const count = amountsOf(s, kinds)[amount];
    const spares = s.backstock === s.count ? count : Math.min(s.backstock, count);
    return set('supplies', s.id, { count, backstock: spares, countFrom: SAID[amount] });
  });
}
