/** Place: what goes where. Fill by the solver, move by hand, and see at once what each place costs. */
import { useCallback, useEffect, useLayoutEffect, useMemo, useState } from 'react';
import { useSearchParams, Link } from 'react-router';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { openingOf } from '@heronstone/core/scene/scene.ts';
import { RoomViews } from '../../drawings/RoomViews.tsx';
import { isContents, type Dragged, type Moving } from '../../state/held.ts';
import { select, setView, useStore } from '../../state/state.ts';
import type { MenuOf } from '../../drawings/ThingMenu.tsx';
import { fillRoom } from '../../state/searching.ts';
import { Menu, MenuLine } from '../../ui/Menu.tsx';
import { intoSheet, NextStep } from '../../ui/Sheet.tsx';
import { ContainerSheet } from '../../parts/ContainerSheet.tsx';
import { CompartmentSheet } from './CompartmentSheet.tsx';
import { ConstantsView } from './ConstantsView.tsx';
import { Dragging } from './Dragging.tsx';
import { HelpView } from './HelpView.tsx';
import { MoveDialog } from './MoveDialog.tsx';
import { takeOut, toggleLock } from './handMoves.ts';
import { OverviewSheet } from './OverviewSheet.tsx';
import { PlacementSheet } from './PlacementSheet.tsx';
import { ReachView } from './ReachView.tsx';
import { RoundView } from './RoundView.tsx';
import { StrainView } from './StrainView.tsx';
import { WaysView } from './WaysView.tsx';
import { SwapDialog } from './WholePlace.tsx';
import { WeekView } from './WeekView.tsx';
import { takesLetters } from '../../ui/keys.ts';
import { TabPanel, TabTitles, Tabs } from '../../ui/Tabs.tsx';

const VIEWS = [
  ['places', 'What goes where'],
  ['ways', 'Ways of sorting'],
  ['help', 'What would help'],
  ['week', 'The week'],
  ['reach', 'Reach and sight'],
  ['strain', 'Strain'],
  ['round', 'One round'],
  ['constants', 'Constants'],
] as const;
type View = (typeof VIEWS)[number][0];

/** The places in the middle; the reports on them gathered behind one button. */
export function PlaceStep() {
  const [search, setSearch] = useSearchParams();
  const view = VIEWS.find(([key]) => key === search.get('view'))?.[0] ?? 'places';
  const go = useCallback((to: View) => setSearch(to === 'places' ? {} : { view: to }), [setSearch]);
  const show = () => go('places');
  if (view === 'places') return <Places onReport={go} />;
  return (
    <Tabs value={view} onChoose={go}>
      <section aria-label="Reach and time" className="flex min-h-0 min-w-0 grow flex-col px-4 py-3 md:px-6">
        <TabTitles label="Views of the places" tabs={VIEWS} />
        <TabPanel value={view} className="flex min-h-0 grow flex-col">
          {view === 'ways' && <WaysView onShow={show} />}
          {view === 'help' && <HelpView onShow={show} />}
          {view === 'week' && <WeekView onShow={show} />}
          {view === 'reach' && <ReachView onShow={show} />}
          {view === 'strain' && <StrainView onShow={show} />}
          {view === 'round' && <RoundView onShow={show} />}
          {view === 'constants' && <ConstantsView of={search.get('of')} />}
        </TabPanel>
      </section>
    </Tabs>
  );
}

/** The way to what is worked out about the places. */
function Reports({ onGo }: { onGo: (view: View) => void }) {
  return (
    <Menu
      trigger={
        <button
          type="button"
          className="min-h-8 rounded-full border border-line px-3 whitespace-nowrap hover:bg-wash max-md:min-h-11"
        >
          Reports …
        </button>
      }
    >
      {VIEWS.filter(([key]) => key !== 'places').map(([key, title]) => (
        <MenuLine key={key} onSelect={() => onGo(key)}>
          {title}
        </MenuLine>
      ))}
    </Menu>
  );
}

/** The view of this step, while another step has its own. */
let viewHere: ReturnType<typeof useStore.getState>['view'] = 'round';

function Places({ onReport }: { onReport: (view: View) => void }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const selected = useStore((s) => s.selected);
  const [search, setSearch] = useSearchParams();
  const [moving, setMoving] = useState<Moving | null>(null);
  const [dropped, setDropped] = useState<{ what: Dragged; unit: string | null } | null>(null);
  useLayoutEffect(() => {
    const elsewhere = useStore.getState().view;
    setView(viewHere);
    return () => {
      const { view: left } = useStore.getState();
      viewHere = left === 'inside' ? 'round' : left;
      setView(elsewhere);
    };
  }, []);
  /** What can be done with a place, or with what lies in it. */
  const menuOf: MenuOf = useCallback((id) => {
    const { plan: now, report: figures, may } = useStore.getState();
    if (!now || !figures || id === null) return [];
    const open = {
      words: 'Open its sheet',
      run: () => {
        select(figures.placements[id] ? { kind: 'placement', id } : { kind: 'compartment', id });
        intoSheet();
      },
    };
    const p = figures.placements[id];
    if (p) {
      if (p.arrangement !== 'planned' || may === 'read') return [open];
      return [
        open,
        { words: 'Move …', run: () => setMoving({ supply: p.supply, placement: p.id, count: p.count }) },
        { words: p.pinned ? 'Let it move' : 'Keep it here', run: () => toggleLock(p.id) },
        { words: 'Take out', run: () => takeOut(p.id) },
      ];
    }
    const place = placeOf(figures, id);
    if (!place) return [];
    const inside = {
      words: 'Look inside',
      run: () => {
        select({ kind: 'compartment', id });
        setView('inside');
      },
    };
    if (place.container !== null || may === 'read') return [open, inside];
    const opening = { unit: place.unit, slot: place.slot };
    const some = place.contents.planned.length + place.holds.planned.length > 0;
    return [
      open,
      inside,
      {
        words: 'Move or swap all of it …',
        run: () => setDropped({ what: { opening, name: place.name }, unit: null }),
        off: !some,
      },
      { words: 'Fill it for me', run: () => void fillRoom({ kind: 'fill', ...opening }, `Fill ${place.name}`) },
      {
        words: 'Empty it',
        run: () => void fillRoom({ kind: 'empty', ...opening }, `Empty ${place.name}`),
        off: !some,
      },
    ];
  }, []);
  const reports = useMemo(() => <Reports onGo={onReport} />, [onReport]);
  useEffect(() => {
    if (search.has('show')) select(null);
  }, [search]);
  const placement = selected?.kind === 'placement' ? report?.placements[selected.id] : undefined;
  const opening = placement ? openingOf(placement.compartment) : null;
  const lit = useMemo(() => (opening === null ? [] : [opening]), [opening]);
  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || takesLetters(event.target)) return;
      if (!placement || !['m', 'l'].includes(event.key.toLowerCase())) return;
      event.preventDefault(); // the letter is not for the field that opens
      if (event.key.toLowerCase() === 'm')
        setMoving({ supply: placement.supply, placement: placement.id, count: placement.count });
      if (event.key.toLowerCase() === 'l') toggleLock(placement.id);
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  }, [placement]);

  if (Object.keys(plan.units).length === 0 || Object.keys(plan.supplies).length === 0) {
    const noUnits = Object.keys(plan.units).length === 0;
    return (
      <NextStep title={noUnits ? 'There is nowhere to put things yet' : 'There is nothing to put away yet'}>
        <Link className="text-rust underline" to={`/plan/${plan.meta.id}/${noUnits ? 'furnish' : 'sort'}`}>
          {noUnits ? 'Furnish the room' : 'List your supplies'}
        </Link>{' '}
        first; then one button fills the drawers.
      </NextStep>
    );
  }
  const container = selected?.kind === 'container' ? plan.containers[selected.id] : undefined;
  const compartment = selected?.kind === 'compartment' ? placeOf(report, selected.id) : undefined;
  return (
    <Dragging onUnit={(what, unit) => setDropped({ what, unit })}>
      <RoomViews extra={reports} lit={lit} menu={menuOf} />
      {container ? (
        <ContainerSheet key={container.id} container={container} />
      ) : placement ? (
        <PlacementSheet key={placement.id} placement={placement} onMove={setMoving} />
      ) : compartment ? (
        <CompartmentSheet compartment={compartment} onMove={setMoving} />
      ) : (
        <OverviewSheet
          show={search.get('show')}
          onShow={(show) => setSearch(show ? { show } : {}, { replace: true })}
          onMove={setMoving}
        />
      )}
      {moving && <MoveDialog moving={moving} onClose={() => setMoving(null)} />}
      {dropped &&
        (isContents(dropped.what) ? (
          <SwapDialog contents={dropped.what} within={dropped.unit} onClose={() => setDropped(null)} />
        ) : (
          <MoveDialog
            moving={dropped.what}
            within={plan.units[dropped.unit ?? '']?.name}
            onClose={() => setDropped(null)}
          />
        ))}
    </Dragging>
  );
}
