/** Place: what goes where. Fill by the solver, move by hand, and see at once what each place costs. */
import { useEffect, useMemo, useState } from 'react';
import { useSearchParams, Link } from 'react-router';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { openingOf } from '@heronstone/core/scene/scene.ts';
import { RoomViews } from '../../drawings/RoomViews.tsx';
import { select, setView, useStore } from '../../state/store.ts';
import { NextStep } from '../../ui/Sheet.tsx';
import { ContainerSheet } from '../sort/ContainerSheet.tsx';
import { CompartmentSheet } from './CompartmentSheet.tsx';
import { ConstantsView } from './ConstantsView.tsx';
import { Dragging } from './Dragging.tsx';
import { HelpView } from './HelpView.tsx';
import { MoveDialog } from './MoveDialog.tsx';
import { toggleLock, type Moving } from './moves.ts';
import { OverviewSheet } from './OverviewSheet.tsx';
import { PlacementSheet } from './PlacementSheet.tsx';
import { ReachView } from './ReachView.tsx';
import { RoundView } from './RoundView.tsx';
import { StrainView } from './StrainView.tsx';
import { WaysView } from './WaysView.tsx';
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

/** The views of the step; the drawing with its sheets is one of them. */
export function PlaceStep() {
  const [search, setSearch] = useSearchParams();
  const view = VIEWS.find(([key]) => key === search.get('view'))?.[0] ?? 'places';
  const go = (to: View) => setSearch(to === 'places' ? {} : { view: to });
  const titles = <TabTitles label="Views of the places" tabs={VIEWS} />;
  const show = () => go('places');
  return (
    <Tabs value={view} onChoose={go}>
      {view === 'places' ? (
        <TabPanel value="places" className="contents">
          <Places titles={titles} />
        </TabPanel>
      ) : (
        <section
          aria-label="Reach and time"
          className="flex min-h-[70vh] min-w-0 grow flex-col px-4 py-3 md:min-h-0 md:px-6"
        >
          {titles}
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
      )}
    </Tabs>
  );
}

function Places({ titles }: { titles: React.ReactNode }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const selected = useStore((s) => s.selected);
  const [search, setSearch] = useSearchParams();
  const [moving, setMoving] = useState<Moving | null>(null);
  useEffect(() => {
    setView('round');
  }, []);
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
    <Dragging>
      <RoomViews above={titles} lit={lit} />
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
    </Dragging>
  );
}
