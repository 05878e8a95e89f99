/** Label: one for each place in use, as a PDF, for a cutting machine or a strip printer. The screen shows what comes out. */
import { useState } from 'react';
import { engine } from '../../engine/client.ts';
import { commit } from '../../state/openPlan.ts';
import { notice, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Fact, Heading } from '../../ui/Field.tsx';
import { download } from '../../ui/download.ts';
import { Sheet } from '../../ui/Sheet.tsx';
import { LabelRows } from './LabelRows.tsx';
import { LabelSettings, type ThisTime } from './LabelSettings.tsx';
import { markPrinted } from './printed.ts';
import { SheetPages } from './SheetPages.tsx';
import { Strips } from './Strips.tsx';
import { useLabels } from './useLabels.ts';
import { TabPanel, TabTitles, Tabs } from '../../ui/Tabs.tsx';

const VIEWS = [
  ['sheet', 'The sheet'],
  ['strips', 'Strip printer'],
  ['places', 'Place by place'],
] as const;

export function LabelStep() {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const arrangement = useStore((s) => s.arrangement);
  const [view, setView] = useState<(typeof VIEWS)[number][0]>('sheet');
  const [thisTime, setThisTime] = useState<ThisTime>({ skip: 0, changed: false });
  const { options, result, strips } = useLabels(thisTime);
  const [page, setPage] = useState(0);
  const [busy, setBusy] = useState(false);
  const sheet = result?.ok ? result.sheet : null;
  const count = sheet?.pages.flat().length ?? 0;
  const shown = Math.min(page, Math.max(0, (sheet?.pages.length ?? 1) - 1));
  const make = async (work: () => Promise<void>) => {
    setBusy(true);
    try {
      await work();
    } catch (cause) {
      notice(`The labels could not be made: ${cause instanceof Error ? cause.message : String(cause)}`, 'error');
    } finally {
      setBusy(false);
    }
  };
  const print = () =>
    make(async () => {
      const labels = sheet!.pages.flat();
      download(await engine.labelsPdf(arrangement, options), `${plan.meta.name} labels.pdf`, 'application/pdf');
      commit('Print labels', markPrinted(plan, labels, report!));
    });
  return (
    <>
      <section aria-label="Label sheet" className="flex min-h-[60vh] min-w-0 grow flex-col px-4 py-3 md:min-h-0">
        <Tabs value={view} onChoose={setView}>
          <TabTitles label="Labels" tabs={VIEWS} />
          <TabPanel value={view} className="flex min-h-0 grow flex-col">
            {view === 'places' ? (
              <LabelRows />
            ) : view === 'strips' ? (
              <Strips strips={strips} />
            ) : (
              <SheetPages result={result} changed={thisTime.changed} page={shown} onPage={setPage} />
            )}
          </TabPanel>
        </Tabs>
      </section>
      <Sheet
        about="step"
        low
        title="Labels"
        line={`${count} ${count === 1 ? 'label' : 'labels'}, ${arrangement === 'planned' ? 'as planned' : 'as things lie today'}`}
      >
        <Button look="main" className="w-full" disabled={count === 0 || busy} onClick={() => void print()}>
          {busy ? 'Drawing …' : 'Make the PDF'}
        </Button>
        <LabelSettings sheet={sheet} thisTime={thisTime} onThisTime={setThisTime} />
        <Heading>More</Heading>
        <div className="grid gap-1.5">
          <Button
            disabled={busy || !sheet}
            onClick={() =>
              void make(async () =>
                download(await engine.testPage(arrangement, options), 'test page.pdf', 'application/pdf'),
              )
            }
          >
            Test page for the printer
          </Button>
          <Button
            disabled={busy || !sheet || count === 0}
            onClick={() =>
              void make(async () =>
                download(
                  await engine.labelsSvg(arrangement, options, shown),
                  `labels, sheet ${shown + 1}.svg`,
                  'image/svg+xml',
                ),
              )
            }
          >
            This sheet for a cutting machine
          </Button>
          <Button
            disabled={busy}
            onClick={() =>
              void make(async () =>
                download(await engine.binder(arrangement), `${plan.meta.name} binder.pdf`, 'application/pdf'),
              )
            }
          >
            Room binder (PDF)
          </Button>
          <Button
            disabled={busy}
            onClick={() =>
              void make(async () =>
                download(await engine.doorSheets(arrangement), `${plan.meta.name} door sheets.pdf`, 'application/pdf'),
              )
            }
          >
            A sheet for each door (PDF)
          </Button>
        </div>
        {sheet && (
          <dl className="mt-3">
            <Fact name="On a sheet">
              {sheet.columns} × {sheet.rows}
            </Fact>
            <Fact name="Sheets">{sheet.pages.length}</Fact>
          </dl>
        )}
        <p className="mt-3 text-soft">
          Print at 100 %, not “fit to page”. Each code opens Find at its place. A label on trial carries its date; a
          place that stays right earns a permanent one.
        </p>
      </Sheet>
    </>
  );
}
