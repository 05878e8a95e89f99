/** What the program has to say: short messages over the bottom line. They wait while looked at; F8 leads to them. */
import { Toast } from 'radix-ui';
import { dismiss, undoStep, useStore } from '../state/store.ts';

/** How long a message stays, ms: an error is read more slowly than a note, and a way back is wanted a little later. */
const STAYS = { note: 5_000, step: 12_000, error: 15_000 } as const;

export function Notices() {
  const notices = useStore((s) => s.notices);
  return (
    <Toast.Provider swipeDirection="down" label="Message">
      {notices.map((n) => (
        <Toast.Root
          key={n.id}
          type={n.kind === 'error' ? 'foreground' : 'background'}
          duration={n.step === null ? STAYS[n.kind] : STAYS.step}
          onOpenChange={(open) => !open && dismiss(n.id)}
          data-notice={n.kind}
          className={`pointer-events-auto flex items-start gap-3 rounded-xl px-4 py-2 shadow-lg ${n.kind === 'error' ? 'border border-rust bg-leaf text-ink' : 'bg-deep text-ondeep'}`}
        >
          <Toast.Description>{n.text}</Toast.Description>
          {n.step !== null && (
            <Toast.Action
              altText="Undo, or press Ctrl+Z"
              aria-label="Undo this step"
              className="min-h-6 font-bold underline"
              onClick={() => undoStep(n.step!)}
            >
              Undo
            </Toast.Action>
          )}
          <Toast.Close aria-label="Close this message" className="min-h-6 min-w-6">
            ×
          </Toast.Close>
        </Toast.Root>
      ))}
      <Toast.Viewport
        label="Messages ({hotkey})"
        className="noprint fixed bottom-16 left-1/2 z-50 m-0 flex w-full max-w-lg -translate-x-1/2 list-none flex-col items-center gap-2 px-4 empty:hidden"
      />
    </Toast.Provider>
  );
}
