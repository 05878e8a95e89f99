/** What needs a look: what matters most first, each by itself; the rest by its kind; and what the maker knows of. */
import { useState } from 'react';
import { setMeta } from '@heronstone/core/model/change.ts';
import { keyOf, type Finding } from '@heronstone/core/model/finding.ts';
import { prioritise } from '@heronstone/core/report/prioritise.ts';
import { commit } from '../../state/openPlan.ts';
import { select, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { TERMS } from '../../ui/terms.ts';
import { MendButtons } from '../../parts/FindingLine.tsx';

export function Warnings({ findings }: { findings: readonly Finding[] }) {
  const { first, grouped, accepted } = prioritise(findings);
  const accept = (keys: readonly string[], words: string) => {
    const { plan } = useStore.getState();
    commit(words, [setMeta(plan!, { accepted: [...new Set([...plan!.meta.accepted, ...keys])] })]);
  };
  return (
    <>
      <p className="text-xs text-soft">{TERMS.caution}</p>
      <ul>
        {first.map((f) => (
          <Line key={keyOf(f) + f.message} finding={f} onKnow={() => accept([keyOf(f)], `Known: ${f.code}`)} />
        ))}
      </ul>
      {grouped.map(({ code, findings: list }) => (
        <Kind
          key={code}
          title={`${code[0]!.toUpperCase()}${code.slice(1)}: ${list.length}`}
          onKnow={() => accept(list.map(keyOf), `Known: ${code}`)}
        >
          {list.map((f) => (
            <Line key={keyOf(f) + f.message} finding={f} onKnow={() => accept([keyOf(f)], `Known: ${f.code}`)} />
          ))}
        </Kind>
      ))}
      {accepted.length > 0 && (
        <Kind title={`You know of: ${accepted.length}`}>
          {accepted.map((f) => (
            <Line
              key={keyOf(f) + f.message}
              finding={f}
              onAgain={() => {
                const { plan } = useStore.getState();
                const accepted = plan!.meta.accepted.filter((key) => key !== keyOf(f));
                commit(`Say again: ${f.code}`, [setMeta(plan!, { accepted })]);
              }}
            />
          ))}
        </Kind>
      )}
    </>
  );
}

function Kind({ title, onKnow, children }: { title: string; onKnow?: () => void; children: React.ReactNode }) {
  const [open, setOpen] = useState(false);
  return (
    <section className="border-b border-line py-1.5">
      <div className="flex items-center justify-between gap-2">
        <button
          type="button"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          className="min-h-6 text-left font-bold"
        >
          <span aria-hidden="true">{open ? '▾' : '▸'}</span> {title}
        </button>
        {onKnow && open && (
          <Button look="quiet" onClick={onKnow} aria-label={`I know all of these: ${title}`}>
            I know, all
          </Button>
        )}
      </div>
      {open && <ul className="pl-3">{children}</ul>}
    </section>
  );
}

/** What can be shown of what a caution is about. */
const SELECTED: ReadonlySet<string> = new Set(['placements', 'units', 'supplies']);

function Line({ finding: f, onKnow, onAgain }: { finding: Finding; onKnow?: () => void; onAgain?: () => void }) {
  const target = f.targets.find((t) => SELECTED.has(t.table));
  const unit = f.targets.find((t) => t.table === 'units');
  const name = useStore((s) => (unit ? s.plan?.units[unit.id]?.name : undefined)) ?? 'it';
  const choose = () => {
    if (target?.table === 'placements') select({ kind: 'placement', id: target.id });
    else if (target?.table === 'units') select({ kind: 'unit', id: target.id });
    else if (target?.table === 'supplies') select({ kind: 'supply', id: target.id });
  };
  return (
    <li className="border-b border-line py-1.5 last:border-0">
      <button type="button" className="min-h-6 text-left hover:underline" onClick={choose}>
        <b className={f.severity === 'error' ? 'text-rust' : 'text-lichen'}>
          {f.severity === 'error' ? 'Mend: ' : 'Caution: '}
        </b>
        {f.message}
      </button>
      <div className="flex flex-wrap items-center gap-2">
        {!onAgain && <MendButtons finding={f} name={name} />}
        {f.severity !== 'error' && onKnow && (
          <Button look="quiet" onClick={onKnow} aria-label={`I know: ${f.message}`}>
            I know
          </Button>
        )}
        {onAgain && (
          <Button look="quiet" onClick={onAgain} aria-label={`Say it again: ${f.message}`}>
            Say it again
          </Button>
        )}
      </div>
    </li>
  );
}
