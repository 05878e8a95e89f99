/** Zones: which part of the room is for what, which furniture each zone gets, and the homes of things, zone by zone. */
import { Link, useSearchParams } from 'react-router';
import { useStore } from '../../state/state.ts';
import { NextStep } from '../../ui/Sheet.tsx';
import { TabPanel, TabTitles, Tabs } from '../../ui/Tabs.tsx';
import { FloorView } from './FloorView.tsx';
import { HomesView } from './HomesView.tsx';
import { ProposalsView } from './ProposalsView.tsx';

const VIEWS = [
  ['floor', 'Floor'],
  ['homes', 'Homes'],
  ['proposals', 'Proposals'],
] as const;
type View = (typeof VIEWS)[number][0];

export function ZonesStep() {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const [search, setSearch] = useSearchParams();
  const view = VIEWS.find(([key]) => key === search.get('view'))?.[0] ?? 'floor';
  const go = (to: View) => setSearch(to === 'floor' ? {} : { view: to });
  if (Object.keys(plan.activities).length === 0)
    return (
      <NextStep title="What the room is for comes first">
        <Link className="text-rust underline" to={`/plan/${plan.meta.id}/activities`}>
          Say what you do in it
        </Link>
        ; zones are made from what your activities share.
      </NextStep>
    );
  if (!report) return <p className="p-10 text-soft">Working out …</p>;
  return (
    <Tabs value={view} onChoose={go}>
      <section aria-label="Zones and homes" className="flex min-h-0 min-w-0 grow flex-col">
        <TabTitles label="Views of the zones" tabs={VIEWS} className="mx-4 mb-1 md:mx-6" />
        <TabPanel value={view} className="flex min-h-0 grow max-md:flex-col">
          {view === 'floor' && <FloorView report={report} />}
          {view === 'homes' && <HomesView report={report} />}
          {view === 'proposals' && <ProposalsView report={report} onFloor={() => go('floor')} />}
        </TabPanel>
      </section>
    </Tabs>
  );
}
