/** What is made here: crafts of the starter lists, or any other words. */
import { useState } from 'react';
import { craftChanges } from '@heronstone/core/gestures/begin.ts';
import { stems } from '@heronstone/core/entry/comparableWords.ts';
import { CRAFTS } from '@heronstone/library/starter.ts';
import { newId, useStore } from '../../state/state.ts';
import { Onward } from './Onward.tsx';
import type { Question } from './question.ts';

/** Words that say nothing about which craft. */
const SAID = new Set(stems('making make craft crafts crafting work art arts hobby projects'));

/** The crafts that words mean: those in whose name all of them are ("cards", "card making"); else one of its own. */
function meant(text: string): string[] {
  return text
    .split(/\s*(?:,|;|\+|&|\band\b)\s*/i)
    .map((t) => t.trim())
    .filter((t) => t !== '')
    .flatMap((typed) => {
      const words = stems(typed).filter((w) => !SAID.has(w));
      const known =
        words.length === 0
          ? []
          : CRAFTS.filter((c) => words.every((t) => t.length > 2 && stems(c).some((w) => w.startsWith(t.slice(0, 6)))));
      return known.length > 0 ? known.slice(0, 2) : [typed.charAt(0).toUpperCase() + typed.slice(1, 60)];
    });
}

export function CraftsQuestion({ answer }: Question) {
  const plan = useStore((s) => s.plan)!;
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState<readonly string[]>(plan.meta.start?.crafts ?? []);
  const typed = meant(text);
  const all = [...new Set([...chosen, ...typed])].slice(0, 12);
  const toggle = (craft: string) =>
    setChosen((c) => (c.includes(craft) ? c.filter((x) => x !== craft) : [...c, craft]));
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        answer(all.length > 0 ? `I make: ${all.join(', ')}` : 'No crafts said', craftChanges(plan, all, newId), all);
      }}
    >
      <label htmlFor="crafts" className="text-soft">
        Type it, or tap what fits. Several are fine.
      </label>
      <input
        id="crafts"
        autoFocus
        value={text}
        onChange={(e) => setText(e.target.value)}
        maxLength={200}
        placeholder="cards, sewing"
        className="mt-1 w-full rounded-lg border border-line bg-leaf px-3 py-2 text-base"
      />
      <ul className="mt-3 flex flex-wrap gap-2" aria-label="Crafts">
        {CRAFTS.map((craft) => {
          const on = all.includes(craft);
          return (
            <li key={craft}>
              <button
                type="button"
                aria-pressed={on}
                onClick={() => toggle(craft)}
                className={`min-h-9 rounded-full border px-3.5 ${on ? 'border-ink bg-deep font-bold text-ondeep' : 'border-line bg-leaf hover:border-ink'}`}
              >
                {on && <span aria-hidden="true">✓ </span>}
                {craft}
              </button>
            </li>
          );
        })}
      </ul>
      {typed.some((t) => !CRAFTS.includes(t)) && (
        <p className="mt-2 text-soft">
          {typed.filter((t) => !CRAFTS.includes(t)).join(', ')}: in your own words, without a starter list.
        </p>
      )}
      <Onward>
        {all.length === 0 ? 'Continue' : `Continue with ${all.length === 1 ? all[0] : `${all.length} crafts`}`}
      </Onward>
    </form>
  );
}
