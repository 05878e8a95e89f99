/** Whether the window is as narrow as a phone held upright. */
import { useSyncExternalStore } from 'react';

const query = () => matchMedia('(width < 48rem)');

export const useNarrow = (): boolean =>
  useSyncExternalStore(
    (changed) => {
      const list = query();
      list.addEventListener('change', changed);
      return () => list.removeEventListener('change', changed);
    },
    () => query().matches,
  );
