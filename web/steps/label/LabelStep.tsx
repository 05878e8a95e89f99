/** Label: one for each place in use, as a PDF to print. The sheet on the screen is the sheet on paper. */
import { useEffect, useState } from 'react';
import { labelParts, type Label, type LabelSheet, type LabelSheetResult } from '@heronstone/core/formats/labels.ts';
import { setMeta } from '@heronstone/core/model/change.ts';
import { engine } from '../../state/engine.ts';
import { commit, notice, useStore } from '../../state/store.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, Fact, LengthField } from '../../ui/Field.tsx';
import { NextStep, Sheet } from '../../ui/Sheet.tsx';

export function LabelStep() {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const arrangement = useStore((s) => s.arrangement);
  const [result, setResult] = useState<LabelSheetResult | null>(null);
  const [page, setPage] = useState(0);
  const [busy, setBusy] = useState(false);
  const { paper, labelWidth: width, labelHeight: height, units: system } = plan.meta;
  useEffect(() => {
    let current = true;
    void engine
      .labelSheet(arrangement, { paper, width, height, address: location.origin })
      .then((r) => current && setResult(r));
    return () => {
      current = false;
    };
  }, [report, arrangement, paper, width, height]);
  const sheet = result?.ok ? result.sheet : null;
  const count = sheet?.pages.flat().length ?? 0;
  const print = async () => {
    setBusy(true);
    try {
      const bytes = await engine.labelsPdf(arrangement, { paper, width, height, address: location.origin });
      const link = document.createElement('a');
      link.href = URL.createObjectURL(new Blob([bytes as BlobPart], { type: 'application/pdf' }));
      link.download = `${plan.meta.name} labels.pdf`;
      link.click();
      setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
    } catch (cause) {
      notice(`The labels could not be made: ${cause instanceof Error ? cause.message : String(cause)}`, 'error');
    } finally {
      setBusy(false);
    }
  };
  const shown = Math.min(page, Math.max(0, (sheet?.pages.length ?? 1) - 1));
  return (
    <>
      <section aria-label="Label sheet" className="flex min-h-[60vh] min-w-0 grow flex-col px-4 py-4 md:min-h-0">
        {sheet && count > 0 ? (
          <>
            <div className="min-h-0 grow">
              <SheetDrawing sheet={sheet} labels={sheet.pages[shown]!} />
            </div>
            {sheet.pages.length > 1 && (
              <div className="flex items-center justify-center gap-4 pt-2">
                <Button look="quiet" disabled={shown === 0} onClick={() => setPage(shown - 1)}>
                  ← Before
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
        ) : (
          <NextStep title="No labels yet">
            A label is made for each place in use.{' '}
            <a className="text-rust underline" href={`/plan/${plan.meta.id}/place`}>
              Place your supplies
            </a>{' '}
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
        <div className="mt-4 grid grid-cols-2 gap-2">
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
        {sheet && (
          <dl className="mt-4">
            <Fact name="On a sheet">
              {sheet.columns} × {sheet.rows}
            </Fact>
            <Fact name="Sheets">{sheet.pages.length}</Fact>
          </dl>
        )}
        <p className="mt-3 text-soft">
          Print at 100 %, not “fit to page”. Each code opens Find at its place. A sticky note for the first weeks is a
          good trial: a place that stays right earns its label.
        </p>
      </Sheet>
    </>
  );
}

function SheetDrawing({ sheet, labels }: { sheet: LabelSheet; labels: readonly Label[] }) {
  const { page, label } = sheet;
  const { pad, title, large, small, code } = labelParts(label.width, label.height);
  const cut = (text: string, size: number, room: number) =>
    text.length * size * 0.52 > room ? `${text.slice(0, Math.max(1, Math.floor(room / (size * 0.52)) - 1))}…` : text;
  const lines = Math.max(1, Math.floor((label.height - pad * 1.5 - title * 1.2 - large * 1.2) / (small * 1.2)) + 1);
  return (
    <svg
      viewBox={`-4 -4 ${page.width + 8} ${page.height + 8}`}
      className="mx-auto h-full max-w-full"
      role="img"
      aria-label={`Label sheet with ${labels.length} labels`}
    >
      <rect width={page.width} height={page.height} fill="#fff" stroke="var(--line)" strokeWidth="0.6" />
      {labels.map((l) => (
        <g key={l.compartment} transform={`translate(${l.x} ${l.y})`} fill="#24323b">
          <rect width={label.width} height={label.height} fill="none" stroke="#bdb5a5" strokeWidth="0.25" />
          <text x={pad} y={pad + title} fontSize={title}>
            {cut(l.place ? `${l.unit} · ${l.place}` : l.unit, title, label.width - 2 * pad)}
          </text>
          {l.lines.slice(0, lines).map((line, i) => {
            const more = i === lines - 1 && l.lines.length > lines;
            const size = i === 0 ? large : small;
            return (
              <text
                key={i}
                x={pad}
                y={pad + title * 1.2 + large + i * small * 1.2}
                fontSize={more ? small : size}
                fontWeight={i === 0 && !more ? 700 : 400}
              >
                {more
                  ? `and ${l.lines.length - i} more`
                  : cut(
                      line.count > 1 ? `${line.name} (${line.count})` : line.name,
                      size,
                      label.width - 3 * pad - code,
                    )}
              </text>
            );
          })}
          {l.code && (
            <path
              d={l.code.path}
              transform={`translate(${label.width - pad - code} ${label.height - pad - code}) scale(${code / l.code.size})`}
            />
          )}
        </g>
      ))}
    </svg>
  );
}
