import { useEffect, useState } from 'react';
import type { Finding } from '@heronstone/core/model/finding.ts';
import { mendChanges, type Mend } from '@heronstone/core/ask/mend.ts';
import { engine } from '../../state/engine.ts';
import { commit, newId, useStore } from '../../state/store.ts';
import { Button } from '../../ui/Button.tsx';

/** What is wrong with a unit, and the one move that fixes it. */
export function FindingLine({ finding: f, name }: { finding: Finding; name: string }) {
  const [mend, setMend] = useState<Mend | null | 'none'>(null);
  const slides = f.by !== undefined && f.path.endsWith('.x');
  useEffect(() => {
    let current = true;
    if (slides) void engine.mend(f).then((m) => current && setMend(m ?? 'none'));
    return () => {
      current = false;
    };
  }, [f, slides]);
  return (
    <div className="mb-2">
      <p className={f.severity === 'error' ? 'font-bold text-rust' : 'text-lichen'}>
        {f.message}
        {f.severity === 'error' && <span className="font-normal"> It should be {f.expected}.</span>}
      </p>
      {mend !== null && mend !== 'none' && (
        <Button
          className="mt-1 py-1 text-left whitespace-normal!"
          onClick={() => commit(`${mend.words}: ${name}`, mendChanges(useStore.getState().plan!, mend, newId))}
        >
          {mend.words}
        </Button>
      )}
      {mend === 'none' && (
        <p className="text-xs text-soft">
          {f.mode
            ? 'There is no place in the room where it would be out of the way.'
            : 'No slide of up to 800 mm along or across the room fixes this without making another.'}
        </p>
      )}
    </div>
  );
}
