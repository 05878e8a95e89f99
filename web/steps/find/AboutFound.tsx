/** About what was found: how to get there, one tap for a use, where one looked first, what goes with it. */
import { useState } from 'react';
import { set } from '@heronstone/core/model/change.ts';
import { openSpare } from '@heronstone/core/upkeep/entering.ts';
import { logLine, usedOf } from '@heronstone/core/model/log.ts';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, notice, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Field.tsx';
import { today } from '../../state/today.ts';

export function AboutFound({ supply, onFind }: { supply: string; onFind: (words: string) => void }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report)!;
  const arrangement = useStore((s) => s.arrangement);
  const looks = useStore((s) => s.may === 'read');
  const with_ = useAsked(() => engine.goesWith(supply), [supply]).value ?? [];
  const [looking, setLooking] = useState(false);
  const own = plan.supplies[supply]!;
  const placed = Object.values(report.placements).find((p) => p.supply === supply && p.arrangement === arrangement);
  const used = usedOf(plan).get(supply);
  const openings = report.compartments.filter((c) => c.container === null);
  const looked = (id: string) => {
    const c = openings.find((x) => x.id === id);
    if (!c) return;
    const line = logLine(newId(), today(), { supply, kind: 'looked first', unit: c.unit, slot: c.slot });
    if (commit(`Looked for ${own.name} in ${c.name} first`, [line])) {
      notice(`Noted. Looking for “${c.name}” finds ${own.name}, too.`);
      setLooking(false);
    }
  };
  return (
    <div className="flex flex-wrap items-center gap-2" role="group" aria-label={`About ${own.name}`}>
      {placed && placed.from[0] && (
        <p className="w-full text-soft">
          From {plan.stations[placed.from[0].station]!.name}: {placed.from[0].seconds.toFixed(0)} s, {placed.how}
          {placed.sight?.words ? `; ${placed.sight.words}` : ''}
        </p>
      )}
      {!looks && (
        <>
          <Button
            className="min-h-11"
            onClick={() =>
              commit(`Used: ${own.name}`, [logLine(newId(), today(), { supply, kind: 'used' })]) &&
              notice('Noted as used today.')
            }
          >
            Mark as used
          </Button>
          <Button className="min-h-11" onClick={() => setLooking(!looking)} aria-expanded={looking}>
            I looked elsewhere first
          </Button>
          {own.backstock > 0 && (
            <Button
              className="min-h-11"
              onClick={() =>
                commit(`Opened a spare: ${own.name}`, openSpare(plan, supply)) &&
                notice('It is on the reorder list now.')
              }
            >
              Opened a spare
            </Button>
          )}
        </>
      )}
      <span className="text-sm text-soft">
        {used ? `used ${used.times} times, last ${used.last}` : 'no use noted yet'}
      </span>
      {looking && (
        <div className="flex w-full flex-wrap items-end gap-2">
          <Choice
            label="Where?"
            value=""
            options={[['', 'choose'], ...openings.map((c) => [c.id, c.name] as const)]}
            onSet={looked}
          />
          <label className="grid">
            <span className="text-sm text-soft">I also call it</span>
            <input
              className="rounded-lg border border-line bg-leaf px-3 py-1.5"
              defaultValue={own.alsoCalled}
              maxLength={200}
              onBlur={(e) =>
                e.target.value.trim() !== own.alsoCalled &&
                commit(`Other words for ${own.name}`, [set('supplies', supply, { alsoCalled: e.target.value.trim() })])
              }
            />
          </label>
        </div>
      )}
      {with_.length > 0 && (
        <p className="w-full">
          <span className="text-soft">Goes with it: </span>
          {with_.map((c, i) => (
            <span key={c.supply}>
              {i > 0 && ', '}
              <button
                type="button"
                className="text-rust underline"
                title={c.why}
                onClick={() => onFind(plan.supplies[c.supply]!.name)}
              >
                {plan.supplies[c.supply]!.name}
              </button>
              {c.why.includes('look here first') && ` (${c.why})`}
            </span>
          ))}
        </p>
      )}
    </div>
  );
}
