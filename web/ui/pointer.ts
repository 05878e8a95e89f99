/** What goes while a pointer is down would move the page under it, and its click would be lost. */
import { useEffect, useState } from 'react';

let down = false;
if (typeof window !== 'undefined') {
  const is = (now: boolean) => () => {
    down = now;
  };
  window.addEventListener('pointerdown', is(true), true);
  for (const end of ['pointerup', 'pointercancel']) window.addEventListener(end, is(false), true);
}

/** A value that comes at once, but goes only when no pointer is down. */
export function useUntilPointerUp<T>(value: T | undefined): T | undefined {
  const [kept, setKept] = useState(value);
  useEffect(() => {
    if (value !== undefined || !down) {
      setKept(value);
      return;
    }
    // After the click that belongs to this pointer.
    const later = () => setTimeout(() => setKept(undefined));
    window.addEventListener('pointerup', later, { once: true });
    return () => window.removeEventListener('pointerup', later);
  }, [value]);
  return value ?? kept;
}
