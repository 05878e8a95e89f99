/** The sheets as they are printed, one at a time; or why there is none. */
import { Link } from 'react-router';
import type { LabelSheetResult } from '@heronstone/core/formats/labels.ts';
import { useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { NextStep } from '../../ui/Sheet.tsx';
import { SheetDrawing } from './SheetDrawing.tsx';

export function SheetPages({
  result,
  changed,
  page: shown,
  onPage: setPage,
}: {
  result: LabelSheetResult | null;
  changed: boolean;
  page: number;
  onPage: (page: number) => void;
}) {
  const id = useStore((s) => s.planId);
  if (result && !result.ok)
    return (
      <p role="alert" className="m-auto font-bold text-rust">
        {result.message}
      </p>
    );
  if (!result) return <NextStep title="Laying out the labels …">One for each place in use.</NextStep>;
  const labels = result.sheet.pages[shown];
  if (!labels || labels.length === 0)
    return changed ? (
      <NextStep title="Nothing changed">Every label is as it was last printed.</NextStep>
    ) : (
      <NextStep title="No labels yet">
        A label is made for each place in use.{' '}
        <Link className="text-rust underline" to={`/plan/${id}/place`}>
          Place your supplies
        </Link>{' '}
        first.
      </NextStep>
    );
  const { sheet } = result;
  return (
    <>
      <div className="min-h-0 grow">
        <SheetDrawing sheet={sheet} labels={labels} />
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
  );
}
