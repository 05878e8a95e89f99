/** Which furniture for which zone, in several ways side by side: how much walking each takes, and what finds no room. */
import { GIVING_WORDS, type GivingProposal } from '@heronstone/core/search/zones/proposeUnits.ts';
import type { Report } from '@heronstone/core/report/evaluate.ts';
import { formatLength, formatVolume } from '@heronstone/core/model/measure.ts';
import { useEffect, useState } from 'react';
import { solver } from '../../engine/client.ts';
import { useStore } from '../../state/state.ts';
import { takeProposal } from '../../state/zoneActions.ts';
import { Button } from '../../ui/Button.tsx';
import { Letter } from './Letter.tsx';

const FORM_WORDS: Readonly<Record<GivingProposal['missing'][number]['form'], readonly [unit: string, words: string]>> =
  {
    things: ['l', 'of drawers and shelves'],
    sheets: ['l', 'of slots and flat drawers'],
    hung: ['m', 'of rail or board'],
    tops: ['m', 'of top for machines'],
  };
const SEED = 1;

export function ProposalsView({ report, onFloor }: { report: Report; onFloor: () => void }) {
  const plan = useStore((s) => s.plan)!;
  const [found, setFound] = useState<{ of: typeof plan; list: GivingProposal[] } | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    let gone = false;
    solver
      .giving(plan, SEED)
      .then((list) => !gone && setFound({ of: plan, list }))
      .catch((cause: unknown) => !gone && setFault(cause instanceof Error ? cause.message : String(cause)));
    return () => {
      gone = true;
    };
  }, [plan]);
  const zoneOf = (id: string | null) => report.zones.find((z) => z.id === id);
  if (fault) return <p className="p-10 text-rust">The proposals could not be worked out: {fault}</p>;
  if (!found) return <p className="p-10 text-soft">Trying what could go where …</p>;
  const least = Math.min(...found.list.map((p) => p.seconds));
  return (
    <div className="min-h-0 grow overflow-y-auto px-4 pb-6 md:px-6" tabIndex={0} role="region" aria-label="Proposals">
      <p className="mb-3 max-w-2xl text-soft">
        Furniture given to zones by the walking that it takes, by what each zone asks for, and by what is settled: the
        tables of the seats, and what you gave firmly. Minutes are what fetching would take if all that a zone needs lay
        in its own furniture.
      </p>
      <div className="grid gap-4 md:grid-cols-3">
        {found.list.map((p) => (
          <section key={p.way} aria-label={GIVING_WORDS[p.way]} className="rounded-2xl border border-line bg-leaf p-4">
            <h3 className="text-lg">{GIVING_WORDS[p.way]}</h3>
            <p>
              <b className="font-serif text-2xl">{(p.seconds / 60).toFixed(0)}</b> min a week
              {p.seconds > least + 30 && <span className="text-soft"> (+{((p.seconds - least) / 60).toFixed(1)})</span>}
            </p>
            <ul className="mt-2 grid gap-1">
              {[...report.zones, null].map((z) => {
                const own = p.of.filter((o) => o.zone === (z?.id ?? null) && plan.units[o.unit]?.host === null);
                return own.length === 0 ? null : (
                  <li key={z?.id ?? 'storage'} className="flex gap-2">
                    <Letter letter={z?.letter ?? 'S'} />
                    <span>{own.map((o) => plan.units[o.unit]!.name).join(', ')}</span>
                  </li>
                );
              })}
            </ul>
            {p.missing.length > 0 ? (
              <ul className="mt-2 text-xs text-rust" aria-label="What finds no room">
                {p.missing.map((m) => (
                  <li key={m.zone + m.form}>
                    {zoneOf(m.zone)?.letter} is short of{' '}
                    {FORM_WORDS[m.form][0] === 'm'
                      ? formatLength(Math.round(m.amount * 1000), plan.meta.units)
                      : formatVolume(m.amount * 1000, plan.meta.units)}{' '}
                    {FORM_WORDS[m.form][1]}
                  </li>
                ))}
              </ul>
            ) : (
              <p className="mt-2 text-xs text-soft">Everything finds room in its own zone.</p>
            )}
            <Button
              look={p.way === 'walking' ? 'main' : 'plain'}
              className="mt-3 w-full"
              onClick={() => {
                if (takeProposal(p)) onFloor();
              }}
            >
              Give it so
            </Button>
          </section>
        ))}
      </div>
    </div>
  );
}
