/** The drawing in the middle of a step, in one of its three views; the selection is the same in all. */
import { memo, useRef, type ReactNode } from 'react';
import { SlidersHorizontal } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useShallow } from 'zustand/react/shallow';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { byName } from '@heronstone/core/model/plan.ts';
import { modesOf } from '@heronstone/core/room/standing.ts';
import type { CompartmentReport } from '@heronstone/core/report/evaluate.ts';
import { DrawingMenu } from './DrawingMenu.tsx';
import {
  select,
  setArrangement,
  setMode,
  setPerson,
  setStation,
  setView,
  setTint,
  stationOf,
  useStore,
  type View,
  type Tint,
} from '../state/state.ts';
import { FromAbove, type AboveProps } from './FromAbove.tsx';
import { Inside } from './Inside.tsx';
import { RippleKey } from './RippleMark.tsx';
import { RoundTheRoom, type RoundProps } from './RoundTheRoom.tsx';
import type { MenuOf } from './ThingMenu.tsx';
import { Zoom } from './Zoom.tsx';
import { ZoomBar } from './ZoomBar.tsx';
import { Button } from '../ui/Button.tsx';
import { useCramped, useNarrow, useWide } from '../ui/narrow.ts';
import { Segments } from '../ui/Segments.tsx';
import { TabPanel, TabTitles, Tabs } from '../ui/Tabs.tsx';
import { Select } from '../ui/Select.tsx';

const VIEWS: ReadonlyArray<[View, string]> = [
  ['above', 'From above'],
  ['round', 'Round the room'],
  ['inside', 'Inside'],
];

/** The same on a phone. */
const SHORT: ReadonlyArray<[View, string]> = [
  ['above', 'Above'],
  ['round', 'Round'],
  ['inside', 'Inside'],
];

const WASHES: ReadonlyArray<readonly [Tint, string]> = [
  ['', 'colour by nothing'],
  ['seconds', 'seconds a fetch'],
  ['minutes', 'minutes a week'],
  ['sight', 'what is in view'],
  ['side', 'side of the seat'],
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
  menu,
  ghosts,
  extra,
}: AboveProps & RoundProps & { extra?: ReactNode }) {
  const view = useStore((s) => s.view);
  const compartment = useChosenCompartment();
  const narrow = useNarrow();
  const cramped = useCramped();
  const wide = useWide();
  return (
    <section aria-label="The room" className="flex min-h-0 min-w-0 grow flex-col overflow-hidden px-2 md:px-4">
      <Tabs value={view} onChoose={setView}>
        <div className="flex shrink-0 flex-wrap items-center justify-between gap-x-3 px-1">
          <TabTitles label="Views of the room" tabs={narrow ? SHORT : VIEWS} className="h-8 max-md:h-11" />
          <div className="flex flex-wrap items-center gap-x-2">
            {extra}
            {!cramped && <Often />}
            {wide ? <Seldom /> : <Shown cramped={cramped} />}
          </div>
        </div>
        <TabPanel value={view} className="min-h-0 grow pb-1">
          {view === 'above' && (
            <FromAbove editable={editable} lit={lit} rings={rings} corners={corners} menu={menu} ghosts={ghosts} />
          )}
          {view === 'round' && <RoundTheRoom lit={lit} onCompartment={onCompartment} menu={menu} />}
          {view === 'inside' &&
            (compartment ? (
              <LookInside compartment={compartment} menu={menu} />
            ) : (
              <p className="p-10 text-center text-soft">
                Choose a drawer, shelf or cubby in one of the other views to look inside.
              </p>
            ))}
        </TabPanel>
      </Tabs>
      {(view !== 'inside' || compartment !== null) && (
        <div className="flex min-h-8 shrink-0 flex-wrap items-center justify-between gap-x-3 max-md:justify-end">
          {cramped ? <span /> : <Key />}
          <div className="flex items-center">
            {view !== 'inside' && <DrawingMenu />}
            <ZoomBar view={view} />
          </div>
        </div>
      )}
    </section>
  );
});

/** One place, large, with the ways to the one before and after it in the same piece of furniture and on to the next piece. */
function LookInside({ compartment, menu }: { compartment: CompartmentReport; menu?: MenuOf | undefined }) {
  const { before, after } = useStore(
    useShallow((s) => {
      const all = s.report!.compartments.filter((c) => c.within === null);
      const at = all.findIndex((c) => c.id === compartment.id);
      return { before: at < 0 ? undefined : all[at - 1], after: at < 0 ? undefined : all[at + 1] };
    }),
  );
  const way = (to: CompartmentReport | undefined, word: string) => (
    <Button
      look="quiet"
      disabled={!to}
      aria-label={to ? `${word}: ${to.name}` : word}
      onClick={() => to && select({ kind: 'compartment', id: to.id })}
    >
      {word}
    </Button>
  );
  const frame = useRef<HTMLDivElement>(null);
  return (
    <div className="flex h-full flex-col">
      <div className="mx-auto flex w-full max-w-3xl shrink-0 items-center justify-between gap-2 py-1">
        {way(before, 'Previous')}
        <h2 className="min-w-0 truncate text-lg">
          <span role="status">{compartment.name}</span>
        </h2>
        {way(after, 'Next')}
      </div>
      <div className="min-h-0 grow">
        <Zoom view="inside" label={`Inside ${compartment.name}: + and − zoom`} least={ONE} frame={frame} menu={menu}>
          {({ wide, zoom }) => (
            <div className="m-auto" style={{ width: Math.min(wide - 16, 768) * zoom }}>
              <Inside compartment={compartment} tall zoom={zoom} />
            </div>
          )}
        </Zoom>
      </div>
    </div>
  );
}
const ONE = () => 1;

/** What is chosen often. It hears only of what it names, so that a moved thing does not draw it again. */
const Often = memo(function Often() {
  const hasToday = useStore((s) => Object.values(s.plan!.placements).some((p) => p.arrangement === 'today'));
  const stations = byName(useStore((s) => s.plan!.stations));
  const stationId = useStore(stationOf);
  const arrangement = useStore((s) => s.arrangement);
  return (
    <>
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
        <Select
          look="line"
          label="From seat"
          className="max-w-56"
          value={stationId ?? ''}
          options={stations.map((s) => [s.id, `${s.name}, ${s.posture}`])}
          onSet={setStation}
        />
      )}
    </>
  );
});

/** What is chosen now and then: the room as it is with guests, the reach of another person. */
const Seldom = memo(function Seldom() {
  const view = useStore((s) => s.view);
  const modes = useStore(useShallow((s) => modesOf(s.plan!)));
  const hasSeats = useStore((s) => Object.keys(s.plan!.stations).length > 0);
  const people = byName(useStore((s) => s.plan!.people));
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
      {hasSeats && people.length > 1 && (
        <Select
          look="line"
          label="Whose reach is shown"
          className="max-w-40"
          value={person ?? ''}
          options={[['', 'usual person'], ...people.map((p) => [p.id, p.name] as const)]}
          onSet={(id) => setPerson(id === '' ? null : id)}
        />
      )}
    </>
  );
});

/** What there is no room for beside the drawing; nothing when there is nothing to choose. */
function Shown({ cramped }: { cramped: boolean }) {
  const any = useStore((s) => modesOf(s.plan!).length > 0 || Object.keys(s.plan!.people).length > 1);
  if (!any && !cramped) return null;
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label="What is shown"
        title="What is shown"
        className="grid size-8 place-items-center rounded-full hover:bg-wash"
      >
        <SlidersHorizontal size={17} />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="What is shown"
          align="end"
          className="z-50 grid w-80 max-w-[94vw] gap-3 rounded-xl border border-line bg-leaf p-4 shadow-xl"
        >
          {cramped && <Often />}
          <Seldom />
          {cramped && <Key />}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** What the rings and colours of the drawing mean. */
const Key = memo(function Key() {
  const view = useStore((s) => s.view);
  const wash = useStore((s) => s.tint);
  const hasStations = useStore((s) => Object.keys(s.plan!.stations).length > 0);
  const away = useStore((s) => Object.keys(s.plan!.elsewheres).length > 0);
  if (!hasStations || view === 'inside') return <span />;
  return (
    <div className="flex flex-wrap items-center gap-x-3 short:hidden">
      <RippleKey away={away} />
      <Select look="line" label="Colour by" value={wash} options={WASHES} onSet={setTint} />
    </div>
  );
});
