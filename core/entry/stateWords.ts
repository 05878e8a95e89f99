/** Words at the beginning or end of a line that say in what state a thing is: spare, old, unfinished, for a season. */
import type { Supply } from '../model/plan.ts';
import type { Rest } from './readMeasures.ts';

/** What such words say of a thing. */
type State = 'spare' | 'retired' | 'favourite' | 'unfinished' | 'finished' | 'unsorted';

export interface States {
  states: readonly State[];
  /** The season that it is of; empty for none. */
  season: string;
}

interface Words {
  state: State;
  /** At the beginning, and at the end behind a comma, a dash or in brackets. */
  first: RegExp;
  last: RegExp;
  /** Whether they leave the name, since the row itself says so. */
  leaves: boolean;
}

const END = String.raw`\s*(?:[;,–-]\s*|\()`;
const words = (state: State, text: string, leaves = false): Words => ({
  state,
  first: new RegExp(String.raw`^\s*(?:my\s+|some\s+)?(?:${text})\s+(?=\p{L})`, 'iu'),
  last: new RegExp(String.raw`(?:${END})(?:${text})\)?\s*$`, 'iu'),
  leaves,
});

const WORDS: readonly Words[] = [
  words('spare', 'spares?|extra|refill stock of|bulk|back-?up|reserve', true),
  words('retired', 'old|retired|ancient|outdated|worn(?: out)?|no longer used|not used any ?more|unused'),
  words('favourite', 'favou?rite|everyday|in use|current|most used'),
  words(
    'unfinished',
    'unfinished|half[- ](?:finished|done|made)|nearly (?:finished|done)|in progress|started|to (?:mend|finish|repair|fix)|works? in progress|wips?|ufos?',
  ),
  words('finished', 'finished|completed|for sale|to sell|sellable|ready to (?:sell|give)|sold'),
  words('unsorted', 'to sort|unsorted|odds and ends|miscellaneous|misc\\.?|random|bits and (?:bobs|pieces)'),
];

/** Seasons by the words for them; what is of one is away for the rest of the year. */
const SEASONS: ReadonlyArray<readonly [name: string, text: string]> = [
  ['Christmas', 'christmas|xmas|x-mas|advent|holiday|winter holiday'],
  ['Halloween', "hallowe'?en"],
  ['Easter', 'easter'],
  ["Valentine's Day", "valentine'?s?(?: day)?"],
  ['Thanksgiving', 'thanksgiving|harvest'],
  ['Spring', 'spring'],
  ['Summer', 'summer'],
  ['Autumn', 'autumn'],
  ['Winter', 'winter'],
];
const SEASON = SEASONS.map(
  ([name, text]) => [name, new RegExp(String.raw`(?<![\w-])(?:${text})(?![\w-])`, 'i')] as const,
);

/** Takes the words out that the row itself says; the others stay in the name, since they tell it from its like. */
export function takeStates(rest: Rest): States {
  const states: State[] = [];
  for (let again = true; again;) {
    again = false;
    for (const { state, first, last, leaves } of WORDS) {
      if (states.includes(state) || !(first.test(rest.text) || last.test(rest.text))) continue;
      states.push(state);
      if (!leaves) continue;
      again = true;
      rest.text = ` ${rest.text.replace(first, ' ').replace(last, ' ')} `;
    }
  }
  return { states, season: SEASON.find(([, pattern]) => pattern.test(rest.text))?.[0] ?? '' };
}

/** A share of its usual fetches that a thing in a state has left; a season is some seven weeks. Common practice, no source. */
const FETCHED: Readonly<Record<State | 'season', number>> = {
  spare: 0.1,
  retired: 0.1,
  favourite: 2,
  unfinished: 0.5,
  finished: 0.1,
  unsorted: 0.3,
  season: 0.15,
};

/** By how much the states of a thing make it fetched more or less often. */
export const fetchedBy = ({ states, season }: States): number =>
  [...states, ...(season === '' ? [] : (['season'] as const))].reduce((share, s) => share * FETCHED[s], 1);

/** Kinds for what is made, not used: the finished, and what is being worked on. */
const MADE: Partial<Record<State, string>> = { finished: 'finished work', unfinished: 'projects' };

/** What the states say of the row; its count is known by then. */
export function applyStates({ states, season }: States, supply: Partial<Supply>): void {
  if (season !== '') supply.season = season;
  if (states.includes('retired')) supply.life = 'retired';
  if (states.includes('favourite')) supply.traits = [...new Set([...(supply.traits ?? []), 'keep in view' as const])];
  if (states.includes('spare') && supply.count !== undefined) supply.backstock = supply.count;
  for (const state of states) supply.category = MADE[state] ?? supply.category;
}
