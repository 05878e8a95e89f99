/** What would help most, and where the furniture could stand: found by trying, taken with one click, undone with one. */
import { howMany, formatWalk } from '@heronstone/core/model/measure.ts';
import { useState } from 'react';
import { byName, samePlan, type Plan } from '@heronstone/core/model/plan.ts';
import { moneyAMinute, ownOf, type Help } from '@heronstone/core/search/advise.ts';
import type { Proposal } from '@heronstone/core/search/furniture/propose.ts';
import { cancelSearch, lookForHelp, lookForStands, useSearching } from '../../state/searching.ts';
import { commit } from '../../state/openPlan.ts';
import { notice, setArrangement, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Progress } from '../../ui/Progress.tsx';
import { Choice, OptionalField } from '../../ui/Field.tsx';
import { StandsDrawing } from './StandsDrawing.tsx';

/** @param onShow goes to the places */
export function HelpView({ onShow }: { onShow: () => void }) {
  return (
    <div className="printed min-h-0 grow overflow-y-auto pb-6" tabIndex={0} role="region" aria-label="What would help">
      <HelpList onShow={onShow} />
      <Stands onShow={onShow} />
    </div>
  );
}

const useStale = (kept: { plan: Plan } | null): boolean => {
  const plan = useStore((s) => s.plan)!;
  return kept !== null && !samePlan(kept.plan, plan);
};

function HelpList({ onShow }: { onShow: () => void }) {
  const { running, share, title, help } = useSearching();
  const [by, setBy] = useState<'minutes' | 'money'>('minutes');
  const [prices, setPrices] = useState<Readonly<Record<string, number | null>>>({});
  const stale = useStale(help);
  const priced = (h: Help) => (h.id in prices ? prices[h.id]! : h.price);
  const perMinute = (h: Help) => moneyAMinute(priced(h), ownOf(h));
  const rows = [...(help?.found ?? [])].sort((a, b) =>
    by === 'minutes' ? 0 : (perMinute(a) ?? Infinity) - (perMinute(b) ?? Infinity) || b.saves - a.saves,
  );
  const tryOn = (h: Help) => {
    if (!commit(h.title, h.changes)) return;
    if (h.basis === 'planned') setArrangement('planned');
    notice(`Tried on: ${h.title}. One undo takes it back.`);
    onShow();
  };
  return (
    <section aria-label="One change each">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <div>
          <h2 className="text-2xl">What would help most</h2>
          <p className="max-w-2xl text-soft">
            One change each, and pairs that help more together. Each idea is made and things are moved where that saves
            more; the minutes a week are compared with those of your plan.
          </p>
        </div>
        <div className="noprint flex items-end gap-2">
          <Choice
            label="Most for"
            value={by}
            options={[
              ['minutes', 'the minutes saved'],
              ['money', 'the money'],
            ]}
            onSet={setBy}
          />
          <Button disabled={rows.length === 0} onClick={() => window.print()}>
            Print the list
          </Button>
        </div>
      </div>
      <div className="noprint mt-2 flex flex-wrap items-center gap-2">
        {running === 'advise' ? (
          <>
            <Progress share={share} label="Trying ideas" />
            <Button onClick={cancelSearch}>Stop</Button>
            <span className="text-soft">{title === '' ? 'Filling the room for comparison …' : `Trying: ${title}`}</span>
          </>
        ) : (
          <Button look="main" disabled={running !== null} onClick={() => void lookForHelp()}>
            {help ? 'Look again' : 'Find out what would help'}
          </Button>
        )}
      </div>
      {stale && <p className="mt-2 text-rust">The plan has changed since; look again before you take one of these.</p>}
      {help && rows.length === 0 && running !== 'advise' && (
        <p className="mt-2 text-soft">No single change saves more than a few seconds a week.</p>
      )}
      {rows.length > 0 && (
        <table className="mt-3 w-full max-w-5xl" aria-label="Ideas, best first">
          <thead>
            <tr className="border-b border-ink text-left align-bottom">
              <th className="py-1">Idea</th>
              <th className="py-1 pl-3 text-right font-normal">saves, min a week</th>
              <th className="py-1 pl-3 text-right font-normal">things moved</th>
              <th className="w-28 py-1 pl-3 font-normal">price</th>
              <th className="py-1 pl-3 text-right font-normal">for each minute</th>
              <th className="noprint">
                <span className="sr-only">Try it</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((h) => (
              <tr key={h.id} className="border-b border-line align-top">
                <th scope="row" className="py-1.5 text-left font-normal">
                  {h.title}
                  <span className="block text-xs text-soft">
                    {h.basis === 'today' ? 'as things lie today' : 'in the plan'}
                    {h.again > 0.05 && `; ${h.again.toFixed(1)} of it by putting a few things elsewhere`}
                    {h.places > 0
                      ? `; ${h.places} more ${h.places === 1 ? 'supply finds' : 'supplies find'} a place`
                      : h.places < 0
                        ? `; ${-h.places} ${h.places === -1 ? 'loses its' : 'lose their'} place`
                        : ''}
                  </span>
                </th>
                <td className="py-1.5 pl-3 text-right font-bold tabular-nums">{h.saves.toFixed(1)}</td>
                <td className="py-1.5 pl-3 text-right tabular-nums">{h.moves}</td>
                <td className="py-1 pl-3">
                  {h.price === 0 ? (
                    <span className="text-soft">free</span>
                  ) : (
                    <OptionalField
                      label={`Price of: ${h.title}`}
                      hideLabel
                      value={priced(h)}
                      otherwise="not known"
                      system="metric"
                      measure="number"
                      least={0}
                      most={1e6}
                      onSet={(price) => setPrices((p) => ({ ...p, [h.id]: price }))}
                    />
                  )}
                </td>
                <td className="py-1.5 pl-3 text-right tabular-nums">
                  {h.price === 0 ? 'nothing' : (perMinute(h)?.toFixed(2) ?? '')}
                </td>
                <td className="noprint py-1 pl-3 text-right">
                  <Button look="quiet" disabled={stale} onClick={() => tryOn(h)} aria-label={`Try on: ${h.title}`}>
                    Preview
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

function Stands({ onShow }: { onShow: () => void }) {
  const plan = useStore((s) => s.plan)!;
  const { running, share, stands } = useSearching();
  const stale = useStale(stands);
  const take = (p: Proposal, name: string) => {
    if (!commit(`Furniture: ${name}`, p.changes)) return;
    notice(`${name} applied. Undo takes it back.`);
    onShow();
  };
  return (
    <section aria-label="Where should the furniture stand" className="mt-8">
      <h2 className="text-2xl">Where should the furniture stand?</h2>
      <p className="max-w-2xl text-soft">
        Arrangements along the walls that save walking. Doors, drawers, seats, ways and the modes of the room stay free;
        what is fixed to a wall stays. Things are placed again in each.
      </p>
      <div className="noprint mt-2 flex items-center gap-2">
        {running === 'arrange' ? (
          <>
            <Progress share={share} label="Moving furniture about" />
            <Button onClick={cancelSearch}>Stop</Button>
          </>
        ) : (
          <Button disabled={running !== null} onClick={() => void lookForStands()}>
            {stands ? 'Look again' : 'Propose arrangements'}
          </Button>
        )}
      </div>
      {stale && <p className="mt-2 text-rust">The plan has changed since; look again before you take one of these.</p>}
      {stands && stands.found.length === 0 && running !== 'arrange' && (
        <p className="mt-2 text-soft">Nothing was found that saves walking and keeps everything free.</p>
      )}
      {stands && stands.found.length > 0 && (
        <ul className="mt-3 grid gap-4 md:grid-cols-2 xl:grid-cols-4">
          <li className="rounded-xl border border-line p-3">
            <b>As it stands</b>
            <StandsDrawing plan={stands.plan} changes={[]} />
            <Figures p={stands.found[0]!} today />
          </li>
          {stands.found.map((p, i) => {
            const name = `Arrangement ${i + 1}`;
            return (
              <li key={name} className="rounded-xl border border-line p-3">
                <b>{name}</b>
                <StandsDrawing plan={stands.plan} changes={p.changes} />
                <Figures p={p} />
                <p className="text-xs text-soft">
                  {p.things > 0 && `${howMany(p.things, 'thing lies', 'things lie')} elsewhere then. `}Moved:{' '}
                  {byName(plan.units)
                    .filter((u) => p.moved.includes(u.id))
                    .map((u) => u.name)
                    .join(', ')}
                </p>
                <Button
                  className="noprint mt-2"
                  disabled={stale}
                  onClick={() => take(p, name)}
                  aria-label={`Try on: ${name}`}
                >
                  Preview
                </Button>
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}

function Figures({ p, today = false }: { p: Proposal; today?: boolean }) {
  const system = useStore((s) => s.plan!.meta.units);
  return (
    <p className="tabular-nums">
      {formatWalk((today ? p.walkedToday : p.walked) * 1000, system).replace(/\.\d/, '')} walked a week ·{' '}
      {(today ? p.minutesToday : p.minutes).toFixed(1)} min · {today ? p.faultsToday : p.faults} in the way
    </p>
  );
}
