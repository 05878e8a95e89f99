/** What reading a line of quick entry comes to. */
import type { Supply } from '../model/plan.ts';
import type { Kind } from './kinds.ts';
import type { States } from './stateWords.ts';

export type SupplyDraft = Omit<Supply, 'id'>;

export interface SaidHolder {
  word: string;
  number: number;
  litres: number | null;
}

export interface ReadLine {
  /** As far as it was understood. */
  supply: Partial<SupplyDraft> & { name: string };
  /** A whole supply, once nothing is missing. */
  draft: SupplyDraft | null;
  /** The kind of thing that it speaks of; null where nothing here is called so. */
  kind: Kind | null;
  states: States;
  /** The weight of its paper as it was said, "24 lb bond"; null where nobody said it. */
  weighed: string | null;
  /** What the things are kept in: its word, how many of it, and the litres of one where they were said. */
  holder: SaidHolder | null;
  /** Uses named in the line: the activity as typed and fetches a session. */
  uses: Array<{ activity: string; id: string | null; fetches: number }>;
  /** What is needed before it can be kept, in words. */
  missing: string[];
  /** What cannot be so, in words. */
  problems: string[];
  /** What is odd though it can be kept, in words. */
  doubts: string[];
  /** What was understood, in words, for the live reading. */
  understood: string[];
  /** What nobody typed and was guessed, in words. */
  assumed: string[];
}
