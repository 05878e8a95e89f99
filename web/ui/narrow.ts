/** How much room the window has. */
import { useSyncExternalStore } from 'react';

const NARROW = '(width < 48rem)';
const CRAMPED = '(width < 72rem) or (height < 30rem)';
const WIDE = '(width >= 96rem)';

function useQuery(query: string): boolean {
  return useSyncExternalStore(
    (changed) => {
      const list = matchMedia(query);
      list.addEventListener('change', changed);
      return () => list.removeEventListener('change', changed);
    },
    () => matchMedia(query).matches,
  );
}

/** Whether the window is as narrow as a phone held upright. */
export const useNarrow = (): boolean => useQuery(NARROW);
/** Whether there is no room for several choices beside each other. */
export const useCramped = (): boolean => useQuery(CRAMPED);
/** Whether there is room for all of them. */
export const useWide = (): boolean => useQuery(WIDE);
