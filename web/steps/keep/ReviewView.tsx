/** Lists of what to look at, each line with what one click would do. */
import { useState } from 'react';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { setMeta } from '@heronstone/core/model/change.ts';
import { REVIEWS, REVIEW_WORDS, type Proposal, type ReviewLine } from '@heronstone/core/upkeep/review.ts';
import { FromAbove } from '../../drawings/FromAbove.tsx';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import { commit } from '../../state/openPlan.ts';
import { notice, useStore } from '../../state/state.ts';
import { openingOf } from '@heronstone/core/scene/scene.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, NumberField } from '../../ui/Field.tsx';
import { today } from '../../state/today.ts';

export function ReviewView() {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const [busy, setBusy] = useState('');
  const [lit, setLit] = useState<string[]>([]);
  const { value: lines } = useAsked(() => engine.review(today()), []);
  const take = async (line: ReviewLine, proposal: Proposal) => {
    setBusy(`${line.kind} ${line.id}`);
    try {
      const changes = proposal.thenPlace ? await engine.placeNew(proposal.changes) : proposal.changes;
      commit(`${proposal.words}: ${line.title}`, changes);
    } catch (cause) {
      notice(`That could not be done: ${cause instanceof Error ? cause.message : String(cause)}`, 'error');
    } finally {
      setBusy('');
    }
  };
  if (!lines) return <p className="text-soft">Checking what is due …</p>;
  const { upkeep } = plan.meta;
  return (
    <div className="grid gap-6 lg:grid-cols-[1fr_300px]">
      <div>
        {lines.length === 0 && <p className="text-soft">Nothing is due. The room keeps itself.</p>}
        {REVIEWS.map((kind) => {
          const own = lines.filter((l) => l.kind === kind);
          if (own.length === 0) return null;
          return (
            <section key={kind} aria-label={REVIEW_WORDS[kind]} className="mb-5">
              <h2 className="text-xl">
                {REVIEW_WORDS[kind]} <span className="font-sans text-sm text-soft">{own.length}</span>
              </h2>
              <ul>
                {own.map((line) => (
                  <li
                    key={line.id}
                    className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line py-1.5"
                    onMouseEnter={() => setLit(line.places.map(openingOf))}
                    onFocus={() => setLit(line.places.map(openingOf))}
                  >
                    <span className="min-w-56 grow">
                      <b>{line.title}</b>
                      <span className="block text-sm text-soft">{line.why}</span>
                    </span>
                    {line.proposals.map((p) => (
                      <Button
                        key={p.words}
                        look="quiet"
                        className="border border-line max-md:min-h-11"
                        disabled={busy !== ''}
                        onClick={() => void take(line, p)}
                      >
                        {busy === `${line.kind} ${line.id}` ? '…' : p.words}
                      </Button>
                    ))}
                  </li>
                ))}
              </ul>
            </section>
          );
        })}
      </div>
      <aside aria-label="When it is due">
        <div className="h-56">{Object.keys(plan.corners).length >= 3 && <FromAbove small lit={lit} />}</div>
        <Choice
          className="mt-3"
          label="New things wait in"
          value={upkeep.newBin ? `${upkeep.newBin.unit}/${upkeep.newBin.slot}` : ''}
          options={[
            ['', 'no place yet'],
            ...(report?.compartments ?? []).filter((c) => c.container === null).map((c) => [c.id, c.name] as const),
          ]}
          onSet={(id) => {
            const c = placeOf(report, id);
            commit('The new bin', [
              setMeta(plan, { upkeep: { ...upkeep, newBin: c ? { unit: c.unit, slot: c.slot } : null } }),
            ]);
          }}
        />
        <div className="mt-3 grid grid-cols-2 gap-2">
          {(
            [
              ['unusedMonths', 'Not used for, months', 120],
              ['newUses', 'New until used, times', 50],
              ['trialDays', 'Trial labels, days', 730],
              ['purgeMonths', 'Purge every, months', 60],
            ] as const
          ).map(([key, label, most]) => (
            <NumberField
              key={key}
              label={label}
              value={upkeep[key]}
              least={1}
              most={most}
              whole
              onSet={(n) => commit(label, [setMeta(plan, { upkeep: { ...upkeep, [key]: n } })])}
            />
          ))}
        </div>
      </aside>
    </div>
  );
}
