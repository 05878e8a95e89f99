/** What stands round every step: stepping stones above, the week below. */
import { Redo2, Undo2 } from 'lucide-react';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Link, useNavigate, useNavigationType } from 'react-router';
import { STEPS, type WorkStep } from '@heronstone/core/report/evaluate.ts';
import { redo, undo } from '../state/openPlan.ts';
import { useStore } from '../state/state.ts';
import { nextStep } from '../sync/history.ts';
import { AskStep } from './AskStep.tsx';
import { BottomLine, WeekInShort } from './BottomLine.tsx';
import { CodeDialog } from './CodeDialog.tsx';
import { NextStrip } from './NextStrip.tsx';
import { MoreMenu } from './MoreMenu.tsx';
import { Messages, useIsSaying } from '../parts/Messages.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { SaveState } from '../parts/SaveState.tsx';
import { useNarrow } from '../ui/narrow.ts';
import { Stone, StonesBelow } from './Stones.tsx';
import { ShortcutsDialog } from './ShortcutsDialog.tsx';
import { isTyping, takesLetters } from '../ui/keys.ts';

const TITLE: Record<WorkStep, string> = {
  measure: 'Measure',
  activities: 'Activities',
  sort: 'Sort',
  furnish: 'Furnish',
  zones: 'Zones',
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
  const narrow = useNarrow();
  const saying = useIsSaying();
  const base = `/plan/${meta.id}`;

  // Whoever comes from another page of the application goes on in the step, not before the page.
  const came = useNavigationType();
  useEffect(() => {
    if (came !== 'POP' && document.activeElement === document.body) document.getElementById('main')?.focus();
  }, [came]);

  useEffect(() => {
    document.querySelector('.stone[aria-current]')?.scrollIntoView({ inline: 'center', block: 'nearest' });
    document.title = `${TITLE[step]} · ${meta.name} · Heronstone`;
  }, [step, meta.name]);

  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (event.defaultPrevented) return;
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !isTyping(event.target)) {
        event.preventDefault();
        if (event.shiftKey) redo();
        else undo();
      } else if (takesLetters(event.target) || event.ctrlKey || event.metaKey) return;
      else if (event.key === '/') {
        event.preventDefault();
        findBox.current?.focus();
        if (step === 'find') document.getElementById('find-words')?.focus();
        else if (!findBox.current?.offsetParent) void navigate(`${base}/find`);
      } else if (event.key === '?') setHelp(true);
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  }, [step, base, navigate]);

  const shown = STEPS.filter((key) => !looks || LOOKING.includes(key));
  const stone = (key: WorkStep) => ({
    to: `${base}/${key}`,
    title: TITLE[key],
    here: key === step,
    open: looks ? 0 : (open?.[key] ?? 0),
  });
  return (
    <div className="flex h-full min-h-0 flex-col">
      <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-leaf focus:p-2">
        Skip to content
      </a>
      <header className="noprint flex h-12 shrink-0 items-center gap-x-3 px-3 md:h-16 md:gap-x-4 md:px-6 short:h-12">
        {narrow ? (
          <div className="relative flex h-full min-w-0 grow items-center">
            <div className={`flex min-w-0 grow items-center justify-between ${saying ? 'invisible' : ''}`}>
              <Link
                to="/"
                aria-label="Heronstone, all plans"
                className="min-h-11 min-w-11 truncate py-2.5 font-serif text-xl leading-6 font-semibold"
              >
                {TITLE[step]}
              </Link>
              <WeekInShort />
            </div>
            <Messages grows="down" className={`noprint absolute! inset-0 ${saying ? '' : 'pointer-events-none'}`} />
          </div>
        ) : (
          <div className="w-40 shrink-0">
            <Link
              to="/"
              aria-label="Heronstone, all plans"
              className="block truncate font-serif text-[22px] leading-6 font-semibold"
            >
              Heronstone
            </Link>
            <p className="truncate text-xs text-soft" title={meta.name}>
              {meta.room} · {meta.name}
            </p>
          </div>
        )}
        {!narrow && (
          <nav
            aria-label="Steps of the work"
            className="min-w-0 grow overflow-x-auto overflow-y-hidden [scrollbar-width:none]"
          >
            <div className="mx-auto flex w-max items-center gap-2 px-4 py-5 short:py-2">
              {shown.map(stone).map((s) => (
                <Stone key={s.to} {...s} />
              ))}
            </div>
          </nav>
        )}
        <div className="ml-auto flex shrink-0 items-center gap-1">
          {step !== 'find' && (
            <form
              role="search"
              className="hidden min-[1480px]:block"
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
          {!looks && <BackAndForth redone={!narrow} />}
          {looks && <span className="rounded-full bg-wash px-3 py-1 text-xs font-bold">View only</span>}
          <SaveState />
          <MoreMenu onHelp={() => setHelp(true)} />
        </div>
      </header>
      {!looks && <NextStrip />}
      <main
        id="main"
        tabIndex={-1}
        className="relative flex outline-none min-h-0 grow flex-col md:flex-row md:overflow-hidden"
      >
        <h1 className="sr-only">{TITLE[step]}</h1>
        {children}
        <Waiting />
      </main>
      {narrow ? <StonesBelow stones={shown.map(stone)} /> : <BottomLine />}
      <CodeDialog />
      <AskStep />
      <ShortcutsDialog open={help} onOpenChange={setHelp} />
    </div>
  );
}

/** @param redone whether there is room for bringing a step back again, too */
function BackAndForth({ redone }: { redone: boolean }) {
  const canUndo = useStore((s) => nextStep(s.history.undo)?.name);
  const canRedo = useStore((s) => nextStep(s.history.redo)?.name);
  return (
    <>
      <StepButton word="Undo" step={canUndo} icon={<Undo2 size={18} />} onClick={undo} />
      {redone && <StepButton word="Redo" step={canRedo} icon={<Redo2 size={18} />} onClick={redo} />}
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
      className="grid size-9 place-items-center rounded-full hover:bg-wash disabled:opacity-35 max-md:size-11"
    >
      {icon}
    </button>
  );
}
