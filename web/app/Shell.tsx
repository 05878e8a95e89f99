/** What stands round every step: stepping stones above, the week below. */
import { Redo2, Undo2 } from 'lucide-react';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { STEPS, type WorkStep } from '@heronstone/core/report/evaluate.ts';
import { redo, undo, useStore } from '../state/store.ts';
import { nextStep } from '../sync/history.ts';
import { AskStep } from './AskStep.tsx';
import { BottomLine } from './BottomLine.tsx';
import { CodeDialog } from './CodeDialog.tsx';
import { Notices } from './Notices.tsx';
import { MoreMenu } from './MoreMenu.tsx';
import { SaveState } from './SaveState.tsx';
import { ShortcutsDialog } from './ShortcutsDialog.tsx';
import { takesLetters, takesText } from '../ui/keys.ts';

const TITLE: Record<WorkStep, string> = {
  measure: 'Measure',
  activities: 'Activities',
  sort: 'Sort',
  furnish: 'Furnish',
  place: 'Place',
  move: 'Move',
  label: 'Label',
  find: 'Find',
  keep: 'Keep',
};
/** The steps of a device that may only look. */
export const LOOKING: readonly WorkStep[] = ['move', 'find'];

export function Shell({ step, children }: { step: WorkStep; children: ReactNode }) {
  const meta = useStore((s) => s.plan!.meta);
  const open = useStore((s) => s.report?.open);
  const looks = useStore((s) => s.may === 'read');
  const [help, setHelp] = useState(false);
  const navigate = useNavigate();
  const findBox = useRef<HTMLInputElement>(null);
  const base = `/plan/${meta.id}`;

  useEffect(() => {
    document.querySelector('.stone[aria-current]')?.scrollIntoView({ inline: 'center', block: 'nearest' });
    document.title = `${TITLE[step]} · ${meta.name} · Heronstone`;
  }, [step, meta.name]);

  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (event.defaultPrevented) return;
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !takesText(event.target)) {
        event.preventDefault();
        if (event.shiftKey) redo();
        else undo();
      } else if (takesLetters(event.target) || event.ctrlKey || event.metaKey) return;
      else if (event.key === '/') {
        event.preventDefault();
        findBox.current?.focus();
        if (step === 'find') document.getElementById('find-words')?.focus();
      } else if (event.key === '?') setHelp(true);
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  }, [step]);

  return (
    <div className="flex h-full min-h-0 flex-col">
      <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-leaf focus:p-2">
        Skip to content
      </a>
      <header className="noprint flex shrink-0 flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2 md:h-[84px] md:flex-nowrap md:px-6">
        <div className="min-w-0 shrink-0 md:w-40">
          <Link to="/" className="font-serif text-[22px] leading-6 font-semibold">
            Heronstone
          </Link>
          <p className="truncate text-xs text-soft" title={meta.name}>
            {meta.room} · {meta.name}
          </p>
        </div>
        <nav
          aria-label="Steps of the work"
          className="order-last w-full min-w-0 overflow-x-auto overflow-y-hidden md:order-none md:w-auto md:grow md:overflow-visible"
        >
          <div className="flex items-center gap-2 py-2 md:justify-center md:gap-3">
            {STEPS.filter((key) => !looks || LOOKING.includes(key)).map((key) => (
              <Link
                key={key}
                to={`${base}/${key}`}
                aria-current={key === step ? 'page' : undefined}
                className={`stone relative shrink-0 px-4 py-2 ${key === step ? 'z-10 mx-3 bg-deep px-6 py-3 font-bold text-ondeep' : 'bg-sand hover:bg-stone'}`}
              >
                {TITLE[key]}
                {!looks && open && open[key] > 0 && (
                  <span className="absolute -top-2 -right-1.5 min-w-5 rounded-full border-2 border-rust bg-leaf px-1 text-center text-[11px] leading-4 font-bold text-rust">
                    {open[key]}
                    <span className="sr-only"> open</span>
                  </span>
                )}
              </Link>
            ))}
          </div>
        </nav>
        <div className="ml-auto flex shrink-0 items-center gap-1">
          {step !== 'find' && (
            <form
              role="search"
              className="hidden lg:block"
              onSubmit={(e) => {
                e.preventDefault();
                void navigate(`${base}/find?words=${encodeURIComponent(findBox.current?.value ?? '')}`);
              }}
            >
              <input
                ref={findBox}
                aria-label="Find a supply or place"
                placeholder="Find  /"
                className="w-28 rounded-full border border-line bg-leaf px-3 py-1.5"
              />
            </form>
          )}
          {!looks && <BackAndForth />}
          {looks && <span className="rounded-full bg-wash px-3 py-1 text-xs font-bold">View only</span>}
          <SaveState />
          <MoreMenu onHelp={() => setHelp(true)} />
        </div>
      </header>
      <main id="main" className="flex min-h-0 grow flex-col overflow-y-auto md:flex-row md:overflow-hidden">
        {children}
      </main>
      <BottomLine />
      <Notices />
      <CodeDialog />
      <AskStep />
      <ShortcutsDialog open={help} onOpenChange={setHelp} />
    </div>
  );
}

function BackAndForth() {
  const canUndo = useStore((s) => nextStep(s.history.undo)?.name);
  const canRedo = useStore((s) => nextStep(s.history.redo)?.name);
  return (
    <>
      <StepButton word="Undo" step={canUndo} icon={<Undo2 size={18} />} onClick={undo} />
      <StepButton word="Redo" step={canRedo} icon={<Redo2 size={18} />} onClick={redo} />
    </>
  );
}

/** Takes a step back or brings it again. @param step its name; undefined for none */
function StepButton({
  word,
  step,
  icon,
  onClick,
}: {
  word: 'Undo' | 'Redo';
  step: string | undefined;
  icon: ReactNode;
  onClick: () => void;
}) {
  return (
    <button
      type="button"
      onClick={onClick}
      disabled={!step}
      title={step ? `${word}: ${step}` : `Nothing to ${word.toLowerCase()}`}
      aria-label={word}
      className="rounded-full p-2 hover:bg-wash disabled:opacity-35"
    >
      {icon}
    </button>
  );
}
