/** The drawing in the middle of a step, in one of its three views; the selection is the same in all. */
import { memo, type ReactNode } from 'react';
import { useShallow } from 'zustand/react/shallow';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
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
import { Segments } from '../ui/Segments.tsx';
import { TabPanel, TabTitles, Tabs } from '../ui/Tabs.tsx';
import { LabelledSelect, Select } from '../ui/Select.tsx';

const VIEWS: ReadonlyArray<[View, string]> = [
  ['above', 'From above'],
  ['round', 'Round the room'],
  ['inside', 'Inside'],
];

const WASHES: ReadonlyArray<readonly [Wash, string]> = [
  ['', 'nothing'],
  ['seconds', 'seconds a fetch'],
  ['minutes', 'minutes a week'],
  ['sight', 'what is in view'],
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
    return placeOf(s.report, id) ?? null;
  });
}

export const RoomViews = memo(function RoomViews({
  lit,
  editable,
  rings,
  corners,
  onCompartment,
  extra,
  above,
}: AboveProps & RoundProps & { extra?: ReactNode; above?: ReactNode }) {
  const view = useStore((s) => s.view);
  const compartment = useChosenCompartment();
  return (
    <section aria-label="The room" className="flex min-h-0 min-w-0 grow flex-col px-4 pt-3 md:px-6">
      {above}
      <Tabs value={view} onChoose={setView}>
        <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
          <TabTitles label="Views of the room" tabs={VIEWS} className="" />
          <div className="flex flex-wrap items-center gap-2">
            {extra}
            <WhatIsShown />
          </div>
        </div>
        <TabPanel value={view} className="min-h-0 grow py-2">
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
        </TabPanel>
      </Tabs>
      <Key />
    </section>
  );
});

/** The choices above the drawing. They hear only of what they name, so that a moved thing does not draw them anew. */
const WhatIsShown = memo(function WhatIsShown() {
  const view = useStore((s) => s.view);
  const modes = useStore(useShallow((s) => modesOf(s.plan!)));
  const hasRoom = useStore((s) => Object.keys(s.plan!.corners).length >= 3);
  const hasToday = useStore((s) => Object.values(s.plan!.placements).some((p) => p.arrangement === 'today'));
  const stations = byName(useStore((s) => s.plan!.stations));
  const people = byName(useStore((s) => s.plan!.people));
  const stationId = useStore(stationOf);
  const arrangement = useStore((s) => s.arrangement);
  const mode = useStore((s) => s.mode);
  const person = useStore((s) => s.person);
  return (
    <>
      {modes.length > 0 && view !== 'inside' && (
        <Select
          look="line"
          label="the room"
          value={mode}
          options={[['', 'every day'], ...modes.map((m) => [m, `with “${m}”`] as const)]}
          onSet={setMode}
        />
      )}
      {hasRoom && view !== 'inside' && <DrawingMenu />}
      {hasToday && (
        <Segments
          size="small"
          label="Which arrangement"
          value={arrangement}
          options={[
            ['today', 'today'],
            ['planned', 'planned'],
          ]}
          onSet={setArrangement}
        />
      )}
      {stations.length > 0 && (
        <LabelledSelect
          label="From seat"
          className="max-w-48"
          value={stationId ?? ''}
          options={stations.map((s) => [s.id, `${s.name}, ${s.posture}`])}
          onSet={setStation}
        />
      )}
      {stations.length > 0 && people.length > 1 && (
        <span className="text-soft">
          by{' '}
          <Select
            look="line"
            label="Whose reach is shown"
            className="max-w-40"
            value={person ?? ''}
            options={[['', 'usual person'], ...people.map((p) => [p.id, p.name] as const)]}
            onSet={(id) => setPerson(id === '' ? null : id)}
          />
        </span>
      )}
    </>
  );
});

/** What the rings and colours of the drawing mean. */
const Key = memo(function Key() {
  const view = useStore((s) => s.view);
  const wash = useStore((s) => s.wash);
  const hasStations = useStore((s) => Object.keys(s.plan!.stations).length > 0);
  const away = useStore((s) => Object.keys(s.plan!.elsewheres).length > 0);
  if (!hasStations || view === 'inside') return null;
  return (
    <div className="flex flex-wrap items-center justify-center gap-x-8 gap-y-1 pb-3">
      <RippleKey away={away} />
      <LabelledSelect label="Colour by" value={wash} options={WASHES} onSet={setWash} />
    </div>
  );
});
