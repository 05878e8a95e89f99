/**
 * What the program has to say, in one line that is kept free for it: nothing is covered, nothing moves. Messages wait while
 * they are looked at, and F8 leads to them; between them stands what was just done, with the way back.
 */
import { Toast } from 'radix-ui';
import { useEffect, useId } from 'react';
import { undoStep } from '../state/openPlan.ts';
import { dismiss, forgetLastStep, useStore } from '../state/state.ts';

/** How long something said can be seen, ms: an error is read more slowly than a note, and a way back is wanted later. */
const STAYS = { note: 5_000, step: 12_000, error: 15_000, done: 15_000 } as const;

/** Two lines of a message, all of it under the pointer or when it has the focus. @param grows which way it grows then */
const text = (grows: 'up' | 'down') =>
  `line-clamp-2 text-[13px] leading-4 whitespace-normal group-hover/said:line-clamp-none group-focus/said:line-clamp-none ${grows === 'up' ? '' : 'max-md:line-clamp-3 max-md:text-xs'}`;

/** Whether anything is being said, or was just done. */
export const useIsSaying = (): boolean => useStore((s) => s.notices.length > 0 || s.lastStep !== null);

/** @param grows the free side, to which a long message grows while it is read */
export function Messages({ grows, className = '' }: { grows: 'up' | 'down'; className?: string }) {
  const notices = useStore((s) => s.notices);
  const why = useStore((s) => s.weekWhy);
  // An error is not talked over by what is said after it.
  const inOrder = [...notices].sort((a, b) => Number(a.kind === 'error') - Number(b.kind === 'error'));
  return (
    <div className={`relative min-w-0 ${className}`}>
      <Toast.Provider swipeDirection={grows === 'up' ? 'down' : 'up'} label="Message">
        {inOrder.map((n) => (
          <Toast.Root
            key={n.id}
            type={n.kind === 'error' ? 'foreground' : 'background'}
            duration={n.step === null ? STAYS[n.kind] : STAYS.step}
            onOpenChange={(open) => !open && dismiss(n.id)}
            data-notice={n.kind}
            className={`group/said absolute inset-x-0 z-30 flex min-h-full items-center gap-3 rounded-lg px-3 py-0.5 not-last:hidden ${grows === 'up' ? 'bottom-0' : 'top-0'} ${n.kind === 'error' ? 'border-2 border-rust bg-leaf text-ink' : 'bg-deep text-ondeep'}`}
          >
            <Toast.Description className={text(grows)}>
              {n.kind === 'error' && <b aria-hidden="true">! </b>}
              {n.text}
              {n.step !== null && why !== '' && ` ${why}`}
            </Toast.Description>
            {n.step !== null && (
              <Toast.Action
                altText="Undo, or press Ctrl+Z"
                aria-label="Undo this step"
                className="ml-auto min-h-7 min-w-7 shrink-0 font-bold underline max-md:min-h-11 max-md:min-w-11"
                onClick={() => undoStep(n.step!)}
              >
                Undo
              </Toast.Action>
            )}
            <Toast.Close
              aria-label="Close this message"
              className={`min-h-7 min-w-7 shrink-0 text-lg leading-none max-md:min-h-11 max-md:min-w-11 ${n.step === null ? 'ml-auto' : ''}`}
            >
              ×
            </Toast.Close>
          </Toast.Root>
        ))}
        <Toast.Viewport label="Messages ({hotkey})" className="noprint absolute inset-0 m-0 list-none empty:hidden" />
      </Toast.Provider>
      <LastStep grows={grows} hidden={notices.length > 0} />
    </div>
  );
}

/** What was just done; read out, and gone again after a while. */
function LastStep({ grows, hidden }: { grows: 'up' | 'down'; hidden: boolean }) {
  const id = useId();
  const step = useStore((s) => s.lastStep);
  const why = useStore((s) => s.weekWhy);
  const words = step && why !== '' ? `${step.text}. ${why}` : step?.text;
  useEffect(() => {
    if (!step) return;
    const timer = setTimeout(forgetLastStep, STAYS.done);
    return () => clearTimeout(timer);
  }, [step]);
  return (
    <div
      data-last-step={step?.id ?? ''}
      className={`flex h-full items-center justify-center gap-3 px-3 max-md:justify-between ${step && !hidden ? '' : 'invisible'}`}
    >
      <span id={id} role="status" className={text(grows)} title={words}>
        {words}
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
