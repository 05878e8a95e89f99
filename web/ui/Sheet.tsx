/**
 * The sheet beside the work: a title, a line below it, and what is known and can be done. On a phone it lies below the work, in
 * one of three heights.
 */
import { useDrag } from '@use-gesture/react';
import { useEffect, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { select } from '../state/state.ts';
import { Help } from './Help.tsx';
import { useNarrow } from './narrow.ts';
import type { Term } from './terms.ts';

type Height = 'low' | 'half' | 'full';
const HEIGHTS: readonly Height[] = ['low', 'half', 'full'];
const BASIS: Readonly<Record<Height, string>> = { low: 'basis-16', half: 'basis-1/2', full: 'basis-full' };
/** How far a hand pulls to the next height, pixels. */
const PULL = 40;

export function Sheet({
  title,
  line,
  about = 'thing',
  low = false,
  help,
  children,
}: {
  title: string;
  line?: ReactNode;
  /** A thing that was chosen can be left again; what is about the whole step stays. */
  about?: 'thing' | 'step';
  /** Whether it begins low on a phone, since the work itself is what counts there. */
  low?: boolean;
  /** The word of ours that its title is. */
  help?: Term;
  children?: ReactNode;
}) {
  const narrow = useNarrow();
  const [height, setHeight] = useState<Height>(low ? 'low' : 'half');
  const body = useRef<HTMLDivElement>(null);
  const leave = useLeaving(about === 'thing');
  const step = (by: number) =>
    setHeight((h) => HEIGHTS[Math.max(0, Math.min(HEIGHTS.length - 1, HEIGHTS.indexOf(h) + by))]!);
  const pull = useDrag(
    ({ last, tap, movement: [, y] }) => {
      if (!last) return;
      if (tap) setHeight(height === 'low' ? 'half' : height === 'half' ? 'full' : 'half');
      else if (Math.abs(y) > PULL) step(y < 0 ? 1 : -1);
    },
    { filterTaps: true, axis: 'y' },
  );
  const heightKey = (event: KeyboardEvent) => {
    const by = { ArrowUp: 1, ArrowDown: -1 }[event.key];
    if (!by) return;
    event.preventDefault();
    step(by);
  };
  return (
    <aside
      aria-label={title}
      className={`flex min-h-0 shrink-0 flex-col border-line bg-leaf max-md:w-full max-md:rounded-t-2xl max-md:border-t max-md:shadow-[0_-6px_18px_rgb(0_0_0/0.08)] md:w-[316px] md:border-l min-[1800px]:w-[420px] ${narrow ? BASIS[height] : ''}`}
      data-height={narrow ? height : undefined}
    >
      {narrow && (
        <div
          {...pull()}
          role="slider"
          tabIndex={0}
          aria-orientation="vertical"
          aria-label={`How high “${title}” is`}
          aria-valuemin={0}
          aria-valuemax={2}
          aria-valuenow={HEIGHTS.indexOf(height)}
          aria-valuetext={height}
          onKeyDown={heightKey}
          className="-mb-5 flex h-11 shrink-0 cursor-ns-resize touch-none items-start justify-center pt-2"
        >
          <span className="h-1 w-11 rounded-full bg-stone" />
        </div>
      )}
      <div
        ref={body}
        data-sheet
        className="relative min-h-0 grow overflow-y-auto px-5 pb-5 md:pt-4"
        tabIndex={0}
        role="region"
        aria-label={`${title}, details`}
      >
        <div className="flex items-start justify-between gap-2">
          <div className="min-w-0">
            <div className="flex items-center">
              <h2 className="text-xl leading-7">{title}</h2>
              {help && <Help term={help} />}
            </div>
            {line && <p className="text-soft">{line}</p>}
          </div>
          {about === 'thing' && (
            <button
              type="button"
              aria-label={`Close ${title}`}
              onClick={leave}
              className="-mt-1 -mr-2 grid size-9 shrink-0 place-items-center rounded-full text-xl hover:bg-wash max-md:size-11"
            >
              ×
            </button>
          )}
        </div>
        <div className="mt-3">{children}</div>
      </div>
    </aside>
  );
}

/** Leaves what is chosen, by the button or Escape; the focus goes back to where it was chosen. */
function useLeaving(can: boolean): () => void {
  const opener = useRef<Element | null>(null);
  useEffect(() => {
    opener.current = document.activeElement;
  }, []);
  const leave = () => {
    select(null);
    const back = opener.current;
    // It may be gone, or be the sheet's own.
    requestAnimationFrame(() => {
      const to = back instanceof Element && back.isConnected && back !== document.body ? back : groundOf();
      if (to instanceof HTMLElement || to instanceof SVGElement) to.focus();
    });
  };
  useEffect(() => {
    if (!can) return;
    const key = (event: globalThis.KeyboardEvent) => {
      // A dialog, a list or a field takes its own Escape.
      if (event.key !== 'Escape' || event.defaultPrevented || document.querySelector('[role="dialog"], [data-held]'))
        return;
      event.preventDefault();
      leave();
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  });
  return leave;
}

const groundOf = () => document.querySelector('[data-scrolls]') ?? document.querySelector('[data-sheet]');

/** Takes the focus into the sheet of what was just chosen by a key. */
export function intoSheet(): void {
  requestAnimationFrame(() => document.querySelector<HTMLElement>('[data-sheet]')?.focus());
}

/** Which parts were opened last: they are open in the next sheet, too. */
const opened = new Set<string>();

/** A part of a sheet that is not wanted each time. */
export function Folded({ title, children }: { title: string; children: ReactNode }) {
  const [open, setOpen] = useState(opened.has(title));
  return (
    <details
      open={open}
      className="mt-3 border-t border-line pt-2"
      onToggle={(event) => {
        const { open: now } = event.currentTarget;
        setOpen(now);
        if (now) opened.add(title);
        else opened.delete(title);
      }}
    >
      <summary className="min-h-7 cursor-pointer font-bold text-soft max-md:min-h-11 max-md:py-2.5">{title}</summary>
      {open && children}
    </details>
  );
}

/** The empty state of a step: what comes next. */
export function NextStep({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="m-auto max-w-md p-8 text-center">
      <svg viewBox="-50 -50 100 100" className="mx-auto mb-4 w-28" aria-hidden="true">
        {[44, 32, 20].map((r, i) => (
          <ellipse key={r} rx={r} ry={r * 0.55} fill="none" stroke={`var(--w${4 - i})`} strokeWidth={1 + i * 0.4} />
        ))}
        <ellipse rx="9" ry="5" fill="var(--w1)" />
      </svg>
      <h2 className="mb-2 text-2xl">{title}</h2>
      <div className="text-soft">{children}</div>
    </div>
  );
}
