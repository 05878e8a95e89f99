/** Whether everything is saved; what is not, since when and why; and what the server refused. */
import { howMany } from '@heronstone/core/model/measure.ts';
import { format } from 'date-fns';
import { Popover } from 'radix-ui';
import { dismissRefused, retryRefused, tryAgain } from '../state/openPlan.ts';
import { useStore, type Saving } from '../state/state.ts';
import { Button } from '../ui/Button.tsx';

const WHY: Readonly<Record<Exclude<Saving['kind'], 'saved' | 'saving'>, string>> = {
  away: 'The computer with the plan does not answer.',
  server: 'The computer with the plan could not save it.',
  full: 'The disk of the computer with the plan is full. Free some space on it.',
  code: 'This device has to be let in again: it needs a new code.',
  forbidden: 'This device may not change this plan.',
  gone: 'The plan is not on the computer any more.',
};

/** How saving goes, in a word; opened, what waits and why. */
export function SaveState() {
  const saving = useStore((s) => s.saving);
  const refused = useStore((s) => s.refused);
  const stuck = saving.kind !== 'saved' && saving.kind !== 'saving';
  const word =
    saving.count > 0 && stuck
      ? `${saving.count} not saved`
      : stuck
        ? 'Not connected'
        : saving.kind === 'saved'
          ? 'Saved'
          : saving.elsewhere > 0 && saving.count === 0
            ? 'Another window is saving …'
            : 'Saving …';
  return (
    <Popover.Root>
      <Popover.Trigger
        className={`min-h-8 rounded-lg max-md:min-h-11 px-1.5 text-left text-xs hover:bg-wash ${stuck || refused.length > 0 ? 'font-bold text-rust' : 'text-soft'}`}
      >
        <span role="status">{word}</span>
        {refused.length > 0 && <span className="block">{refused.length} refused</span>}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="How saving goes"
          align="end"
          sideOffset={8}
          className="z-50 max-h-[70vh] w-80 overflow-y-auto rounded-xl border border-line bg-leaf p-4 text-ink shadow-xl"
        >
          <h2 className="text-base">{word}</h2>
          {stuck ? <Stuck saving={saving} /> : <p className="text-soft">Every step is saved as you make it.</p>}
          {saving.elsewhere > 0 && (
            <p className="mt-1">
              {howMany(saving.elsewhere, 'step')} of another window of this browser{' '}
              {saving.elsewhere === 1 ? 'waits' : 'wait'} to be saved; this window takes{' '}
              {saving.elsewhere === 1 ? 'it' : 'them'} over once that one is closed.
            </p>
          )}
          {refused.length > 0 && (
            <>
              <h3 className="mt-3 text-base">Refused</h3>
              <ul>
                {refused.map((r) => (
                  <li key={r.group.id} className="border-b border-line py-2">
                    <b>{r.group.name}</b>
                    <span className="block text-sm text-soft">
                      {format(r.since, 'HH:mm')}: {r.why}
                    </span>
                    <span className="flex gap-2">
                      <Button look="quiet" onClick={() => retryRefused(r.group.id)}>
                        Try again
                      </Button>
                      <Button look="quiet" onClick={() => dismissRefused(r.group.id)}>
                        Discard
                      </Button>
                    </span>
                  </li>
                ))}
              </ul>
            </>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function Stuck({ saving }: { saving: Saving }) {
  const { kind, count, since, keeps, message } = saving;
  if (kind === 'saved' || kind === 'saving') return null;
  return (
    <>
      <p>{WHY[kind]}</p>
      {(kind === 'server' || kind === 'forbidden') && message !== '' && <p className="text-sm text-soft">{message}</p>}
      {count > 0 && since !== null && (
        <p className="mt-1">
          {howMany(count, 'step')} since {format(since, 'HH:mm')} {count === 1 ? 'waits' : 'wait'} and will be sent as
          soon as that works.
        </p>
      )}
      {count > 0 && <p className="mt-1 font-bold">{whatNotToDo(keeps)}</p>}
      <Button className="mt-2" onClick={tryAgain}>
        Try now
      </Button>
    </>
  );
}

/** What must not be done while steps wait: that depends on what the browser can do here. */
function whatNotToDo(keeps: boolean): string {
  if (!keeps) return 'This browser keeps no more: leave this window open until everything is saved.';
  // Where the application itself is kept: on this machine's own address or over HTTPS, once it has been there.
  if (!navigator.serviceWorker?.controller)
    return 'Do not reload this page while the computer is off: it opens again only when the computer is on. What you did is kept here and sent then.';
  return 'What waits is kept in this browser, also when you reload or close the window.';
}
