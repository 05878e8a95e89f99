/** A small question mark beside a word of ours; it opens what the word means. */
import { Popover } from 'radix-ui';
import { TERMS, type Term } from './terms.ts';

export function Help({ term, word = term }: { term: Term; word?: string }) {
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label={`What is “${word}”?`}
        className="ml-1.5 inline-grid size-6 place-items-center rounded-full border border-line align-middle font-sans text-xs font-bold text-soft hover:border-ink hover:text-ink"
      >
        ?
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label={word}
          sideOffset={6}
          collisionPadding={8}
          className="z-50 w-72 rounded-xl border border-line bg-leaf p-3 text-ink shadow-xl"
        >
          {TERMS[term]}
          <Popover.Arrow className="fill-[var(--line)]" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
