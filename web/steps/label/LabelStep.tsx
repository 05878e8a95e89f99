/** Label: one for each place in use, as a PDF, for a cutting machine or a strip printer. The screen shows what comes out. */
import { Link } from 'react-router';
import { useEffect, useState } from 'react';
import { type LabelOptions, type LabelSheetResult } from '@heronstone/core/formats/labels.ts';
import type { Strip } from '@heronstone/core/formats/labelsSvg.ts';
import { setMeta } from '@heronstone/core/model/change.ts';
import type { Labelling } from '@heronstone/core/model/plan.ts';
import { engine } from '../../state/engine.ts';
import { commit, notice, useStore } from '../../state/store.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, Fact, Heading, LengthField, NumberField } from '../../ui/Field.tsx';
import { download } from '../../ui/download.ts';
import { NextStep, Sheet } from '../../ui/Sheet.tsx';
import { Tabs } from '../../ui/Tabs.tsx';
import { GridFields } from './GridFields.tsx';
import { LabelRows } from './LabelRows.tsx';
import { markPrinted } from './printed.ts';
import { SheetDrawing } from './SheetDrawing.tsx';

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
  const [result, setResult] = useState<LabelSheetResult | null>(null);
  const [strips, setStrips] = useState<Strip[]>([]);
  const [page, setPage] = useState(0);
  const [busy, setBusy] = useState(false);
  const [skip, setSkip] = useState(0);
  const [changed, setChanged] = useState(false);
  const { paper, labelWidth: width, labelHeight: height, units: system, labelling } = plan.meta;
  const options: LabelOptions = { paper, width, height, address: location.origin, labelling, skip, changed };
  const key = JSON.stringify(options);
  useEffect(() => {
    let current = true;
    void engine.labelSheet(arrangement, options).then((r) => current && setResult(r));
    void engine.strips(arrangement, options).then((s) => current && setStrips(s));
    return () => {
      current = false;
    };
    // The key says all that the options say.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [report, arrangement, key]);
  const sheet = result?.ok ? result.sheet : null;
  const count = sheet?.pages.flat().length ?? 0;
  const change = (columns: Partial<Labelling>) =>
    commit('Labels', [setMeta(plan, { labelling: { ...labelling, ...columns } })]);
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
  const shown = Math.min(page, Math.max(0, (sheet?.pages.length ?? 1) - 1));
  return (
    <>
      <section aria-label="Label sheet" className="flex min-h-[60vh] min-w-0 grow flex-col px-4 py-3 md:min-h-0">
        <Tabs label="Labels" tabs={VIEWS} value={view} onChoose={setView} />
        {view === 'places' ? (
          <LabelRows />
        ) : view === 'strips' ? (
          <Strips strips={strips} />
        ) : sheet && count > 0 ? (
          <>
            <div className="min-h-0 grow">
              <SheetDrawing sheet={sheet} labels={sheet.pages[shown]!} />
            </div>
            {sheet.pages.length > 1 && (
              <div className="flex items-center justify-center gap-4 pt-2">
                <Button look="quiet" disabled={shown === 0} onClick={() => setPage(shown - 1)}>
                  ← Previous
                </Button>
                <span>
                  sheet {shown + 1} of {sheet.pages.length}
                </span>
                <Button look="quiet" disabled={shown === sheet.pages.length - 1} onClick={() => setPage(shown + 1)}>
                  Next →
                </Button>
              </div>
            )}
          </>
        ) : result && !result.ok ? (
          <p role="alert" className="m-auto font-bold text-rust">
            {result.message}
          </p>
        ) : changed && result ? (
          <NextStep title="Nothing changed">Every label stands as it was last printed.</NextStep>
        ) : (
          <NextStep title="No labels yet">
            A label is made for each place in use.{' '}
            <Link className="text-rust underline" to={`/plan/${plan.meta.id}/place`}>
              Place your supplies
            </Link>{' '}
            first.
          </NextStep>
        )}
      </section>
      <Sheet
        title="Labels"
        line={`${count} ${count === 1 ? 'label' : 'labels'}, ${arrangement === 'planned' ? 'as planned' : 'as things lie today'}`}
      >
        <Button look="main" className="w-full" disabled={count === 0 || busy} onClick={() => void print()}>
          {busy ? 'Drawing …' : 'Make the PDF'}
        </Button>
        <label className="mt-2 flex items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-rust"
            checked={changed}
            onChange={(e) => setChanged(e.target.checked)}
          />
          Only what changed since it was printed
        </label>
        <div className="mt-3 grid grid-cols-2 gap-2">
          <Choice
            label="Paper"
            value={paper}
            options={[
              ['a4', 'A4'],
              ['letter', 'US Letter'],
            ]}
            onSet={(value) => commit('Label paper', [setMeta(plan, { paper: value })])}
            className="col-span-2"
          />
          <LengthField
            label="Label width"
            system={system}
            value={width}
            least={15}
            most={200}
            onSet={(labelWidth) => commit('Label width', [setMeta(plan, { labelWidth })])}
          />
          <LengthField
            label="Label height"
            system={system}
            value={height}
            least={8}
            most={140}
            onSet={(labelHeight) => commit('Label height', [setMeta(plan, { labelHeight })])}
          />
        </div>
        <NumberField
          className="mt-2"
          label="Start at label"
          value={skip + 1}
          least={1}
          most={Math.max(1, (sheet?.columns ?? 1) * (sheet?.rows ?? 1))}
          whole
          onSet={(n) => setSkip(n - 1)}
        />
        <GridFields labelling={labelling} onSet={change} />
        <Heading>On the label</Heading>
        {(
          [
            ['counts', 'How many'],
            ['swatches', 'Colours'],
            ['reorder', 'When to reorder'],
            ['codes', 'Code to scan'],
            ['large', 'Large print'],
          ] as const
        ).map(([field, words]) => (
          <label key={field} className="flex items-center gap-2 py-0.5">
            <input
              type="checkbox"
              className="size-4 accent-rust"
              checked={labelling[field]}
              onChange={(e) => change({ [field]: e.target.checked })}
            />
            {words}
          </label>
        ))}
        <LengthField
          label="Tape of the strip printer"
          value={labelling.strip}
          system={system}
          least={6}
          most={62}
          onSet={(strip) => change({ strip })}
        />
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

/** What a strip printer would put out: a simulation, each strip in its true proportions. */
function Strips({ strips }: { strips: readonly Strip[] }) {
  return (
    <ul aria-label="Strips" className="min-h-0 grow overflow-y-auto" tabIndex={0}>
      {strips.map((s, i) => (
        <li key={i} className="mb-2">
          <svg
            viewBox={`0 0 ${s.length} ${s.width}`}
            style={{ width: `${Math.min(100, s.length * 0.9)}%`, maxWidth: `${s.length * 4}px` }}
            role="img"
            aria-label={`Strip of ${Math.round(s.length)} mm: ${s.lines.map((l) => l.text).join(', ')}`}
            className="rounded border border-line bg-white"
          >
            {s.code && (
              <path
                d={s.code.path}
                fill="#24323b"
                transform={`translate(3 ${(s.width - s.codeSide) / 2}) scale(${s.codeSide / s.code.size})`}
              />
            )}
            {s.lines.map((l) => (
              <text key={l.y} x={l.x} y={l.y} fontSize={l.size} fill="#24323b">
                {l.text}
              </text>
            ))}
          </svg>
        </li>
      ))}
    </ul>
  );
}
