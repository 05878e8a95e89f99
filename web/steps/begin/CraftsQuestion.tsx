/** What is made here: crafts by their names, or in any other words. */
import { useState } from 'react';
import { craftChanges } from '@heronstone/core/gestures/begin.ts';
import { craftsMeant } from '@heronstone/core/entry/crafts.ts';
import { CRAFTS_KNOWN } from '@heronstone/library/crafts.ts';
import { newId, useStore } from '../../state/state.ts';
import { Onward } from './Onward.tsx';
import type { Question } from './question.ts';

/** Crafts to tap, by name. */
const CRAFTS = CRAFTS_KNOWN.all.map((c) => c.name);

export function CraftsQuestion({ answer }: Question) {
  const plan = useStore((s) => s.plan)!;
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState<readonly string[]>(plan.meta.start?.crafts ?? []);
  const typed = craftsMeant(text, CRAFTS_KNOWN);
  const unknown = typed.filter((t) => CRAFTS_KNOWN.named(t).length === 0);
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
      {typed.length > 0 && (
        <p className="mt-2 text-soft" role="status">
          You make: <b className="text-ink">{typed.join(', ')}</b>.
          {unknown.length > 0 && ` What ${unknown.join(', ')} needs is asked thing by thing.`}
        </p>
      )}
      <Onward>
        {all.length === 0 ? 'Continue' : `Continue with ${all.length === 1 ? all[0] : `${all.length} crafts`}`}
      </Onward>
    </form>
  );
}
