import { formatLength } from '@heronstone/core/model/measure.ts';
import type { Finding } from '@heronstone/core/model/finding.ts';
import { mendChanges } from '@heronstone/core/ask/mend.ts';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../engine/useAsked.ts';
import { commit } from '../../state/plan.ts';
import { newId, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';

/** What is wrong with a unit, and the one move that fixes it. */
export function FindingLine({ finding: f, name }: { finding: Finding; name: string }) {
  const system = useStore((s) => s.plan!.meta.units);
  const slides = f.by !== undefined && f.path.endsWith('.x');
  const { value: mend } = useAsked(slides ? () => engine.mend(f).then((m) => m ?? ('none' as const)) : null, [f]);
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
            : `No slide of up to ${formatLength(system === 'imperial' ? 812.8 : 800, system)} along or across the room fixes this without making another.`}
        </p>
      )}
    </div>
  );
}
