/** What is owned against what the furniture holds, before anything is placed. */
import { Help } from '../../ui/Help.tsx';
import { inMeasures } from '@heronstone/core/model/amounts.ts';
import { howMany } from '@heronstone/core/model/measure.ts';
import { amountWords, CLASS_WORDS, type ClassBalance } from '@heronstone/core/ask/balance.ts';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import { select, useStore } from '../../state/state.ts';

/** What belongs to each class, for a person. */
const WHAT: Readonly<Record<ClassBalance['class'], string>> = {
  'flat and large': 'sheets, boards and mats larger than a cube opening',
  'shallow drawer': 'small things in one layer, up to 60 mm high',
  'deep bin': 'bottles, boxes, yarn and cloth',
  long: 'longer than 600 mm',
  hung: 'what only hangs',
  'upright slots': 'paper up to A4 that stands',
  machine: 'machines and their footprint',
};

export function BalanceView() {
  const system = useStore((s) => s.plan!.meta.units);
  const { value: balance } = useAsked(() => engine.balance(), []);
  if (!balance) return <p className="p-6 text-soft">Checking what fits …</p>;
  const used = balance.classes.filter((c) => c.asked > 0 || c.holds > 0);
  return (
    <section aria-label="Balance" className="flex min-h-0 grow flex-col overflow-y-auto">
      <p className="max-w-3xl font-serif text-xl leading-8" data-balance="">
        {balance.words} <Help term="balance" />
      </p>
      <p className="mt-1 text-soft">
        {howMany(balance.lines, 'supply', 'supplies')} against every place in the furniture, with the room to grow kept
        free. Nothing is placed yet: what is short here is short in any plan.
      </p>
      <ul className="mt-4 grid gap-3 xl:grid-cols-2" aria-label="By size class">
        {used.map((c) => (
          <li key={c.class} className="rounded-2xl border border-line bg-leaf p-4">
            <div className="flex items-baseline justify-between gap-3">
              <h2 className="text-lg first-letter:uppercase">{c.class}</h2>
              <b className={c.short > 0 ? 'text-rust' : 'text-reed'}>
                {c.short > 0
                  ? `short of ${amountWords(c.short, c.unit, system)}`
                  : c.spare === null
                    ? 'has room elsewhere'
                    : `${Math.round(c.spare * 100)} % to spare`}
              </b>
            </div>
            <p className="text-soft">{inMeasures(WHAT[c.class], system)}</p>
            <Bar class={c} />
            <p className="text-xs text-soft">
              asks for {amountWords(c.asked, c.unit, system)};{' '}
              {c.holds > 0
                ? `there is ${amountWords(c.holds, c.unit, system)} of ${CLASS_WORDS[c.class].room}`
                : `no place is made for it (${CLASS_WORDS[c.class].room})`}
              {c.asked > c.holds && c.short === 0 && '; the rest finds room in other places'}
            </p>
            {c.missing.length > 0 && (
              <ul className="mt-2" aria-label={`Without room: ${c.class}`}>
                {c.missing.slice(0, 8).map((m) => (
                  <li key={m.supply} className="flex justify-between gap-3 border-t border-line py-1">
                    <button
                      type="button"
                      className="min-h-6 text-left hover:underline"
                      onClick={() => select({ kind: 'supply', id: m.supply })}
                    >
                      {m.count} {m.name}
                    </button>
                    <span className="text-soft">
                      {amountWords(m.amount, c.unit, system)},{' '}
                      {m.places === 0
                        ? 'no place is large enough'
                        : `${howMany(m.places, 'place')} could hold it, all taken`}
                    </span>
                  </li>
                ))}
                {c.missing.length > 8 && <li className="text-soft">and {c.missing.length - 8} more</li>}
              </ul>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What is asked for as a water level against what there is. */
function Bar({ class: c }: { class: ClassBalance }) {
  const most = Math.max(c.asked, c.holds, 1e-9);
  return (
    <svg viewBox="0 0 100 10" className="mt-2 h-4 w-full" preserveAspectRatio="none" aria-hidden="true">
      <rect
        x="0"
        y="1"
        width={(c.holds / most) * 100}
        height="8"
        fill="var(--paper)"
        stroke="var(--ink)"
        strokeWidth="0.4"
      />
      <rect x="0" y="3" width={(c.asked / most) * 100} height="4" fill={c.short > 0 ? 'var(--rust)' : 'var(--w3)'} />
    </svg>
  );
}
