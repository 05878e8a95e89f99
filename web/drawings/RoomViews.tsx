/** The drawing in the middle of a step, in one of its three views; the selection is the same in all. */
import type { ReactNode } from 'react';
import { byName } from '@heronstone/core/model/plan.ts';
import { modesOf } from '@heronstone/core/room/standing.ts';
import { DrawingMenu } from './DrawingMenu.tsx';
import {
  setArrangement,
  setMode,
  setPerson,
  setStation,
  setView,
  setWash,
  stationOf,
  useStore,
  type View,
  type Wash,
} from '../state/store.ts';
import { FromAbove, type AboveProps } from './FromAbove.tsx';
import { Inside } from './Inside.tsx';
import { RippleKey } from './RippleMark.tsx';
import { RoundTheRoom, type RoundProps } from './RoundTheRoom.tsx';

const VIEWS: ReadonlyArray<[View, string]> = [
  ['above', 'From above'],
  ['round', 'Round the room'],
  ['inside', 'Inside'],
];

/** The compartment that is meant by what is chosen. */
function useChosenCompartment() {
  return useStore((s) => {
    if (!s.report || !s.selected) return null;
    const id =
      s.selected.kind === 'placement'
        ? s.report.placements[s.selected.id]?.compartment
        : s.selected.kind === 'container'
          ? s.report.containers[s.selected.id]?.within
          : s.selected.kind === 'compartment'
            ? s.selected.id
            : s.selected.kind === 'unit'
              ? s.report.compartments.find((c) => c.unit === s.selected!.id)?.id
              : undefined;
    return s.report.compartments.find((c) => c.id === id) ?? null;
  });
}

export function RoomViews({
  lit,
  editable,
  rings,
  corners,
  onCompartment,
  extra,
  above,
}: AboveProps & RoundProps & { extra?: ReactNode; above?: ReactNode }) {
  const view = useStore((s) => s.view);
  const plan = useStore((s) => s.plan)!;
  const stationId = useStore(stationOf);
  const arrangement = useStore((s) => s.arrangement);
  const hasToday = useStore((s) => Object.values(s.plan!.placements).some((p) => p.arrangement === 'today'));
  const mode = useStore((s) => s.mode);
  const modes = modesOf(plan);
  const person = useStore((s) => s.person);
  const wash = useStore((s) => s.wash);
  const people = byName(plan.people);
  const compartment = useChosenCompartment();
  const stations = byName(plan.stations);
  return (
    <section aria-label="The room" className="flex min-h-0 min-w-0 grow flex-col px-4 pt-3 md:px-6">
      {above}
      <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
        <div role="tablist" aria-label="Views of the room" className="flex gap-5 text-[15px]">
          {VIEWS.map(([key, title]) => (
            <button
              key={key}
              type="button"
              role="tab"
              aria-selected={view === key}
              onClick={() => setView(key)}
              className={`border-b-4 border-double pb-1 ${view === key ? 'border-ink font-bold' : 'border-transparent text-soft hover:text-ink'}`}
            >
              {title}
            </button>
          ))}
        </div>
        <div className="flex flex-wrap items-center gap-2">
          {extra}
          {modes.length > 0 && view !== 'inside' && (
            <label className="text-soft">
              <span className="sr-only">the room</span>
              <select
                value={mode}
                onChange={(e) => setMode(e.target.value)}
                className="rounded-md border border-line bg-leaf px-1 py-0.5 font-bold text-ink"
              >
                <option value="">every day</option>
                {modes.map((m) => (
                  <option key={m} value={m}>
                    with “{m}”
                  </option>
                ))}
              </select>
            </label>
          )}
          {Object.keys(plan.corners).length >= 3 && view !== 'inside' && <DrawingMenu />}
          {hasToday && (
            <div
              role="radiogroup"
              aria-label="Which arrangement"
              className="flex overflow-hidden rounded-full border border-line"
            >
              {(['today', 'planned'] as const).map((key) => (
                <button
                  key={key}
                  type="button"
                  role="radio"
                  aria-checked={arrangement === key}
                  onClick={() => setArrangement(key)}
                  className={`px-3 py-0.5 ${arrangement === key ? 'bg-ink text-paper' : 'text-soft hover:text-ink'}`}
                >
                  {key === 'today' ? 'today' : 'planned'}
                </button>
              ))}
            </div>
          )}
          {stations.length > 0 && (
            <label className="text-soft">
              From seat{' '}
              <select
                value={stationId ?? ''}
                onChange={(e) => setStation(e.target.value)}
                className="max-w-48 rounded-md border border-line bg-leaf px-1 py-0.5 font-bold text-ink"
              >
                {stations.map((s) => (
                  <option key={s.id} value={s.id}>
                    {s.name}, {s.posture}
                  </option>
                ))}
              </select>
            </label>
          )}
          {stations.length > 0 && people.length > 1 && (
            <label className="text-soft">
              by{' '}
              <select
                aria-label="Whose reach is shown"
                value={person ?? ''}
                onChange={(e) => setPerson(e.target.value === '' ? null : e.target.value)}
                className="max-w-40 rounded-md border border-line bg-leaf px-1 py-0.5 font-bold text-ink"
              >
                <option value="">usual person</option>
                {people.map((p) => (
                  <option key={p.id} value={p.id}>
                    {p.name}
                  </option>
                ))}
              </select>
            </label>
          )}
        </div>
      </div>
      <div className="min-h-0 grow py-2" role="tabpanel" aria-label={VIEWS.find(([key]) => key === view)![1]}>
        {view === 'above' && <FromAbove editable={editable} lit={lit} rings={rings} corners={corners} />}
        {view === 'round' && <RoundTheRoom lit={lit} onCompartment={onCompartment} />}
        {view === 'inside' &&
          (compartment ? (
            <div className="mx-auto max-w-3xl pt-2">
              <h2 className="mb-2 text-lg">{compartment.name}</h2>
              <Inside compartment={compartment} tall />
            </div>
          ) : (
            <p className="p-10 text-center text-soft">
              Choose a drawer, shelf or cubby in one of the other views to look inside.
            </p>
          ))}
      </div>
      {stations.length > 0 && view !== 'inside' && (
        <div className="flex flex-wrap items-center justify-center gap-x-8 gap-y-1 pb-3">
          <RippleKey away={Object.keys(plan.elsewheres).length > 0} />
          <label className="text-soft">
            Colour by{' '}
            <select
              value={wash}
              onChange={(e) => setWash(e.target.value as Wash)}
              className="rounded-md border border-line bg-leaf px-1 py-0.5 font-bold text-ink"
            >
              <option value="">nothing</option>
              <option value="seconds">seconds a fetch</option>
              <option value="minutes">minutes a week</option>
              <option value="sight">what is in view</option>
            </select>
          </label>
        </div>
      )}
    </section>
  );
}
