/** What was just done, with the way back beside it; read out, and gone again after a while. */
import { useEffect, useId } from 'react';
import { forgetLastStep, undoStep, useStore } from '../state/store.ts';

/** How long it can be seen, ms. */
const STAYS = 15_000;

export function LastStep({ className = '' }: { className?: string }) {
  const id = useId();
  const step = useStore((s) => s.lastStep);
  useEffect(() => {
    if (!step) return;
    const timer = setTimeout(forgetLastStep, STAYS);
    return () => clearTimeout(timer);
  }, [step]);
  return (
    <div
      data-last-step={step?.id ?? ''}
      className={`flex min-w-0 items-center gap-3 ${step ? '' : 'invisible'} ${className}`}
    >
      <span id={id} role="status" className="truncate" title={step?.text}>
        {step?.text}
      </span>
      {step && (
        <button
          type="button"
          aria-label="Undo this step"
          aria-describedby={id}
          className="min-h-7 shrink-0 px-1 font-bold underline max-md:min-h-11"
          onClick={() => undoStep(step.id)}
        >
          Undo
        </button>
      )}
    </div>
  );
}
