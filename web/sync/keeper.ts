/**
 * What is not saved yet, kept in the browser: a list for each window, so that two windows do not write over each other; what a
 * closed window left is taken up by the next one that looks. A window says that it lives every few seconds, and when it
 * closes that it does no more.
 */
import { upgradeChange } from '@heronstone/core/formats/upgrade.ts';
import type { Change, Group } from '@heronstone/core/model/change.ts';
import type { Refused, Waiting } from './machine.ts';

/** The part of the browser's storage that is needed. */
export type Shelf = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

export interface Kept {
  waiting: readonly Waiting[];
  refused: readonly Refused[];
}

interface Written extends Kept {
  /** When the window last said that it lives, ms; 0 when it said that it closes. */
  alive: number;
}

/** How often a window says that it lives, ms; browsers slow down the clocks of windows that nobody sees to once a minute. */
export const BEAT = 5_000;
const DEAD_AFTER = 150_000;

const OLD = (plan: string) => `heronstone.waiting.${plan}`;

export class Keeper {
  private readonly shelf: Shelf;
  private readonly plan: string;
  private readonly window: string;
  private readonly now: () => number;
  private last: Kept = { waiting: [], refused: [] };
  /** Whether the browser took what was last to be kept. */
  keeps = true;

  /** @param window names this window; @param now ms */
  constructor(shelf: Shelf, plan: string, window: string, now: () => number) {
    this.shelf = shelf;
    this.plan = plan;
    this.window = window;
    this.now = now;
  }

  private key(window: string): string {
    return `heronstone.window.${this.plan}.${window}`;
  }

  keep(kept: Kept): void {
    this.last = kept;
    this.write(this.now());
  }

  /** Says that this window lives. */
  beat(): void {
    this.write(this.now());
  }

  /** Says that this window closes; what it has not saved may be taken up at once. */
  close(): void {
    this.write(0);
  }

  private write(alive: number): void {
    const { waiting, refused } = this.last;
    try {
      if (waiting.length + refused.length === 0) this.shelf.removeItem(this.key(this.window));
      else {
        const written: Written = { waiting, refused, alive };
        this.shelf.setItem(this.key(this.window), JSON.stringify(written));
      }
      this.keeps = true;
    } catch {
      // More than the browser keeps: it is in this window only, which says so.
      this.keeps = false;
    }
  }

  /** Whether a window has said lately that it lives; one that said so in the future had a clock that was wrong, and is dead. */
  private lives({ alive }: Written): boolean {
    return Math.abs(this.now() - alive) < DEAD_AFTER;
  }

  private keysOfOthers(): string[] {
    const [mine, prefix] = [this.key(this.window), this.key('')];
    return Array.from({ length: this.shelf.length }, (_, i) => this.shelf.key(i)!)
      .filter((k) => k.startsWith(prefix) && k !== mine)
      .sort();
  }

  /** How many steps of this plan other windows of this browser have not saved, whether they live or not. */
  waitingElsewhere(): number {
    return this.keysOfOthers().reduce(
      (sum, key) => sum + (readWritten(this.shelf.getItem(key))?.waiting.length ?? 0),
      0,
    );
  }

  /** What closed windows left; it is this window's from now on. */
  takeUp(): Kept {
    const waiting: Waiting[] = [];
    const refused: Refused[] = [];
    const over: string[] = [];
    for (const key of this.keysOfOthers()) {
      const read = readWritten(this.shelf.getItem(key));
      if (!read || this.lives(read)) continue;
      waiting.push(...read.waiting);
      refused.push(...read.refused);
      over.push(key);
    }
    const old = readOld(this.shelf.getItem(OLD(this.plan)), this.now());
    if (old.length > 0) over.push(OLD(this.plan));
    waiting.push(...old);
    if (over.length === 0) return { waiting, refused };
    // First it is kept here, then it goes there: a crash in between leaves it twice, which the server notices, never none.
    const ids = new Set([...this.last.waiting, ...this.last.refused].map((x) => x.group.id));
    this.keep({
      waiting: [...this.last.waiting, ...waiting.filter((w) => !ids.has(w.group.id))],
      refused: [...this.last.refused, ...refused.filter((r) => !ids.has(r.group.id))],
    });
    if (this.keeps) for (const key of over) this.shelf.removeItem(key);
    return { waiting, refused };
  }
}

/** What an earlier program kept is said in the words of today. */
const today = (group: Group): Group => ({ ...group, changes: group.changes.map(upgradeChange) as Change[] });

function readWritten(text: string | null): Written | null {
  try {
    const { waiting, refused, alive } = JSON.parse(text ?? 'null') as Written;
    return {
      waiting: waiting.map((w) => ({ ...w, group: today(w.group) })),
      refused: refused.map((r) => ({ ...r, group: today(r.group) })),
      alive,
    };
  } catch {
    return null;
  }
}

/** The one list of a plan that programs before this kept for all windows. */
function readOld(text: string | null, now: number): Waiting[] {
  try {
    const groups = JSON.parse(text ?? '[]') as Group[];
    return groups.map((group) => ({ group: today(group), since: now }));
  } catch {
    return [];
  }
}
