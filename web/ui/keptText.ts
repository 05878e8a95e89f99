/** A text that outlives a reload and a closed tab until it is used: kept by the browser, not part of the plan. */
import { useEffect, useState } from 'react';

function storage(): Storage | null {
  try {
    return localStorage;
  } catch {
    // Some browsers refuse it to private windows.
    return null;
  }
}

/** @param key what the text is; null for one that is not kept */
export function useKeptText(key: string | null): [string, (text: string) => void] {
  const name = key === null ? null : `heronstone.typed.${key}`;
  const [text, setText] = useState(() => (name === null ? '' : (storage()?.getItem(name) ?? '')));
  useEffect(() => {
    if (name === null) return;
    if (text.trim() === '') storage()?.removeItem(name);
    else storage()?.setItem(name, text);
  }, [name, text]);
  return [text, setText];
}
