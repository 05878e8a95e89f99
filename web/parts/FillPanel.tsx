/** One button plans the room; the best so far is on the screen while it looks for better. */
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { usesForAll } from '@heronstone/core/entry/useChanges.ts';
import { KNOWN } from '@heronstone/library/known.ts';
import { byName } from '@heronstone/core/model/plan.ts';
import { WAY_WORDS } from '@heronstone/core/model/sorting.ts';
import type { Task } from '@heronstone/core/search/tasks.ts';
import { solverLine } from '../engine/client.ts';
import { boundFor, cancelSearch, fillRoom, useSearching } from '../state/searching.ts';
import { commit } from '../state/openPlan.ts';
import { newId, useStore } from '../state/state.ts';
import { Button } from '../ui/Button.tsx';
import { Progress } from '../ui/Progress.tsx';
import { Choice } from '../ui/Field.tsx';

export function FillPanel() {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const running = useSearching((s) => s.running);
  const [, setSearch] = useSearchParams();
  const [part, setPart] = useState('new');
  useEffect(() => {
    // So that the first answer does not wait for the worker to start.
    solverLine.warm();
  }, []);
  const planned = Object.values(plan.placements).filter((p) => p.arrangement === 'planned');
  const locked = planned.filter((p) => p.pinned).length;
  if (running === 'fill') return <FillProgress />;
  const stations = byName(plan.stations);
  const zones = report?.zones ?? [];
  const task: Task =
    part === 'new'
      ? { kind: 'new' }
      : part.startsWith('zone ')
        ? { kind: 'zone', zone: part.slice(5) }
        : { kind: 'station', station: part };
  const { way, mixtures } = plan.meta.sorting;
  return (
    <>
      <Button
        look="main"
        className="w-full"
        disabled={running !== null}
        onClick={() => void fillRoom({ kind: 'room' })}
      >
        Fill the room
      </Button>
      <p className="mt-1 text-xs text-soft">
        Sorted: {WAY_WORDS[way].toLowerCase()}
        {mixtures.length > 0 ? `, with ${mixtures.length} of its own` : ''}.{' '}
        <button type="button" className="underline" onClick={() => setSearch({ view: 'ways' })}>
          Ways of sorting
        </button>
      </p>
      {Object.keys(plan.uses).length === 0 && Object.keys(plan.supplies).length > 0 && (
        <div className="mt-2 rounded-lg border border-dashed border-soft px-3 py-2">
          <p>Nothing says yet what is used for what, so no place is better than another.</p>
          <Button
            look="quiet"
            onClick={() => commit('Take everything as used once a session', usesForAll(plan, KNOWN, newId))}
          >
            Take everything as used once a session
          </Button>
        </div>
      )}
      {locked > 0 && <p className="text-xs text-soft">{locked} that you keep where they are stay there.</p>}
      {planned.length > 0 && (
        <div className="mt-2">
          <Choice
            label="Or only a part"
            value={part}
            options={[
              ['new', 'What has no place yet'],
              ...zones.map((z) => [`zone ${z.id}`, `Zone ${z.letter} · ${z.name}`] as const),
              ...stations.map((s) => [s.id, `What is used most at ${s.name}`] as const),
            ]}
            onSet={setPart}
          />
          <Button className="mt-2 w-full" disabled={running !== null} onClick={() => void fillRoom(task)}>
            {part === 'new' ? 'Place only what is new' : 'Plan this part again'}
          </Button>
        </div>
      )}
    </>
  );
}

/** How far the search is, what the best costs, and how much better the best possible could be. */
function FillProgress() {
  const { filling, bound, unbounded, share, title } = useSearching();
  // The figure of what is on the screen, as the bottom line has it.
  const shown = useStore((s) => (s.preview === null ? null : (s.report?.week.planned.minutes ?? null)));
  const least = boundFor(
    useStore((s) => s.plan),
    bound,
  );
  return (
    <div role="status" className="rounded-xl border border-line p-3">
      <div className="flex items-center justify-between gap-2">
        <b>{title}</b>
        <Button onClick={cancelSearch}>Stop and keep the best</Button>
      </div>
      <p className="mt-1">
        {!filling || filling.phase === 'placing'
          ? 'Finding places …'
          : shown === null
            ? 'Getting better …'
            : `${shown.toFixed(1)} min a week, getting better`}
      </p>
      <Progress share={share} label={`${title}: how far it is`} className="mt-1 w-full" />
      <p className="min-h-10 text-xs text-soft">
        {least === null
          ? unbounded === ''
            ? 'What no plan takes less than is being worked out.'
            : `What no plan takes less than could not be worked out: ${unbounded}`
          : `No plan of these things in this furniture takes less than ${least.toFixed(1)} min. That is a loose limit: it leaves out what lies in each other’s way.`}
      </p>
    </div>
  );
}
