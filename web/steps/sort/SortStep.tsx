/** Sort: get everything that is owned into the list, look it over, decide, and see what fits. */
import { Help } from '../../ui/Help.tsx';
import { howMany } from '@heronstone/core/model/measure.ts';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { writeSuppliesCsv } from '@heronstone/core/formats/csv.ts';
import { confirmed, guessesOf, isGuessed, isSizeUnknown } from '@heronstone/core/model/guessed.ts';
import { commit } from '../../state/openPlan.ts';
import { useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { download } from '../../ui/download.ts';
import { BalanceView } from './BalanceView.tsx';
import { ContainerSheet } from '../../parts/ContainerSheet.tsx';
import { ContainersView } from './ContainersView.tsx';
import { CsvDialog } from './CsvDialog.tsx';
import { DrawerByDrawer } from './DrawerByDrawer.tsx';
import { PurgeRound } from './PurgeRound.tsx';
import { QuickEntry } from '../../parts/QuickEntry.tsx';
import { StarterLists } from './StarterLists.tsx';
import { SupplySheet } from './SupplySheet.tsx';
import { SupplyTable } from './SupplyTable.tsx';
import { GuessedUses } from './GuessedUses.tsx';
import { Unsure } from '../../parts/Unsure.tsx';
import { confirmUses } from '@heronstone/core/entry/useChanges.ts';
import { TabPanel, TabTitles, Tabs } from '../../ui/Tabs.tsx';

const VIEWS = [
  ['list', 'The list'],
  ['starter', 'Starter lists'],
  ['drawers', 'Drawer by drawer'],
  ['purge', 'Purge'],
  ['balance', 'Balance'],
  ['containers', 'Containers'],
] as const;
type View = (typeof VIEWS)[number][0];

const VIEW: Readonly<Record<View, () => React.ReactNode>> = {
  list: ListView,
  starter: StarterLists,
  drawers: DrawerByDrawer,
  purge: PurgeRound,
  balance: BalanceView,
  containers: ContainersView,
};

export function SortStep() {
  const plan = useStore((s) => s.plan)!;
  const selected = useStore((s) => s.selected);
  const report = useStore((s) => s.report);
  const [search, setSearch] = useSearchParams();
  const view = VIEWS.find(([key]) => key === search.get('view'))?.[0] ?? 'list';
  const supplyId =
    selected?.kind === 'supply'
      ? selected.id
      : selected?.kind === 'placement'
        ? report?.placements[selected.id]?.supply
        : undefined;
  const supply = supplyId ? plan.supplies[supplyId] : undefined;
  const container = selected?.kind === 'container' ? plan.containers[selected.id] : undefined;
  const Shown = VIEW[view];
  // The sheet is beside the list always, beside the other views when something is chosen.
  const sheet = view === 'list' || supply !== undefined || container !== undefined;
  return (
    <>
      <section aria-label="Supplies" className="flex min-h-[70vh] min-w-0 grow flex-col px-4 py-3 md:min-h-0 md:px-6">
        <Tabs value={view} onChoose={(key) => setSearch(key === 'list' ? {} : { view: key })}>
          <TabTitles label="Ways to sort" tabs={VIEWS} />
          <TabPanel value={view} className="flex min-h-0 grow flex-col">
            <Shown />
          </TabPanel>
        </Tabs>
      </section>
      {container ? (
        <ContainerSheet key={container.id} container={container} />
      ) : (
        sheet && <SupplySheet key={supply?.id ?? ''} supply={supply} />
      )}
    </>
  );
}

/** How much of the list is a guess, and the ways to see it and to say that it is right. */
function Guessed() {
  const plan = useStore((s) => s.plan)!;
  const { lines, sizes, unknown, counts, uses, unsure } = guessesOf(plan);
  const [, setSearch] = useSearchParams();
  if (lines === 0 && unsure === 0) return null;
  const sure = Object.values(plan.supplies).filter((s) => isGuessed(s) && !isSizeUnknown(s));
  const parts = [
    sizes > unknown ? howMany(sizes - unknown, 'size') : '',
    counts > 0 ? howMany(counts, 'count') : '',
    uses > 0 ? `what ${howMany(uses, 'thing is', 'things are')} for` : '',
  ].filter((p) => p !== '');
  return (
    <p className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1 text-soft">
      {parts.length > 0 && (
        <span>
          <b>≈ {listed(parts)}</b> {sizes - unknown + counts + uses === 1 ? 'is a guess' : 'are guesses'}: good enough
          for a first plan.
        </span>
      )}
      {unknown > 0 && (
        <span>
          <b>{unknown}</b> of a size not known yet, taken as hand-sized.
        </span>
      )}
      <Help term="guess" />
      <Button look="quiet" onClick={() => setSearch({ only: parts.length > 0 ? 'guessed' : 'unknown' })}>
        Show them
      </Button>
      {sure.length > 0 && (
        <Button
          look="quiet"
          onClick={() =>
            commit(`Confirm ${howMany(sure.length, 'guess', 'guesses')}`, [
              ...confirmed(sure),
              ...confirmUses(plan, Object.keys(plan.supplies)),
            ])
          }
        >
          They are right
        </Button>
      )}
    </p>
  );
}

const listed = (parts: readonly string[]) =>
  parts.length < 2 ? (parts[0] ?? '') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;

function ListView() {
  const plan = useStore((s) => s.plan)!;
  const [csv, setCsv] = useState(false);
  const count = Object.keys(plan.supplies).length;
  return (
    <>
      <QuickEntry />
      <div className="mt-3 flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1">
        <h2 className="text-xl">{count === 0 ? 'Nothing in the list yet' : howMany(count, 'supply', 'supplies')}</h2>
        <div className="flex gap-2">
          <Button onClick={() => setCsv(true)}>Paste or open a table</Button>
          <Button disabled={count === 0} onClick={() => download(writeSuppliesCsv(plan), 'supplies.csv', 'text/csv')}>
            Save as CSV
          </Button>
        </div>
      </div>
      <Guessed />
      <GuessedUses />
      <Unsure />
      <SupplyTable />
      {csv && <CsvDialog onClose={() => setCsv(false)} />}
    </>
  );
}
