/** A question to the engine: asked again whenever it is another one, or the engine has another plan. */
import { useEffect, useRef, useState } from 'react';
import { Stopped } from '../engine/workerLine.ts';
import { notice, useStore } from './state.ts';

export interface Asked<T> {
  /** The newest answer; while the next one is on its way, the one before. */
  value: T | null;
  /** An answer is on its way. */
  loading: boolean;
  /** The value is the answer to another question. */
  stale: boolean;
  /** What went wrong the last time. */
  error: string | null;
}

const NOTHING = { value: null, stale: false, error: null };

/**
 * @param ask what is asked; null for nothing
 * @param deps what the question depends on, besides the plan
 */
export function useAsked<P extends Promise<unknown>>(
  ask: (() => P) | null,
  deps: readonly unknown[],
): Asked<Awaited<P>> {
  // Which plan the engine has: 0 before it has one.
  const answered = useStore((s) => s.answered);
  const [state, setState] = useState<Omit<Asked<Awaited<P>>, 'loading'>>(NOTHING);
  const [waits, setWaits] = useState(0);
  const asked = useRef(deps);
  const underWay = useRef<Promise<unknown>>(Promise.resolve());
  const off = ask === null;
  useEffect(() => {
    const same = asked.current.length === deps.length && asked.current.every((d, i) => d === deps[i]);
    asked.current = deps;
    if (!same) setState((s) => (s.value === null ? s : { ...s, stale: true }));
    if (!ask || answered === 0) return;
    let current = true;
    const put = (): Promise<void> =>
      ask().then(
        (value) => {
          if (current) setState({ value: value as Awaited<P>, stale: false, error: null });
        },
        (cause: unknown) => {
          // Given up because of another question: it is asked again once the engine has its plan.
          if (!current || (cause instanceof Stopped && cause.why === 'another')) return;
          const error = cause instanceof Error ? cause.message : String(cause);
          setState((s) => ({ ...s, error }));
          notice(`This could not be worked out: ${error}`, 'error');
        },
      );
    setWaits((n) => n + 1);
    // One question at a time: the newest waits for the one before, and those between are never asked.
    underWay.current = underWay.current.then(() => (current ? put() : undefined)).finally(() => setWaits((n) => n - 1));
    return () => {
      current = false;
    };
    // The dependencies are the caller's.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [answered, off, ...deps]);
  return { ...state, loading: waits > 0 };
}
