/** Keep: what is due, the log, the seasons, the year so far, and keeping it all safe. */
import { useState } from 'react';
import { HistoryView } from './HistoryView.tsx';
import { ReviewView } from './ReviewView.tsx';
import { SafeView } from './SafeView.tsx';
import { SeasonsView } from './SeasonsView.tsx';
import { TabPanel, TabTitles, Tabs } from '../../ui/Tabs.tsx';

const VIEWS = [
  ['review', 'What is due'],
  ['seasons', 'Seasons and calendar'],
  ['history', 'Since the start'],
  ['safe', 'Share and keep safe'],
] as const;

export function KeepStep() {
  const [view, setView] = useState<(typeof VIEWS)[number][0]>('review');
  return (
    <section aria-label="Keep" className="flex min-h-0 w-full grow flex-col px-4 py-3 md:px-6">
      <Tabs value={view} onChoose={setView}>
        <TabTitles label="Keep" tabs={VIEWS} />
        <TabPanel value={view} className="min-h-0 grow overflow-y-auto pb-6">
          {view === 'review' ? (
            <ReviewView />
          ) : view === 'seasons' ? (
            <SeasonsView />
          ) : view === 'history' ? (
            <HistoryView />
          ) : (
            <SafeView />
          )}
        </TabPanel>
      </Tabs>
    </section>
  );
}
