import { formatLength } from '@heronstone/core/model/measure.ts';
import type { Finding } from '@heronstone/core/model/finding.ts';
import { mendChanges } from '@heronstone/core/ask/mend.ts';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../engine/useAsked.ts';
import { commit } from '../../state/plan.ts';
import { newId, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';

/** The one move that fixes a finding, asked of the engine; 'none' when there is none, null while it is not known or none is looked for. */
function useMend(f: Finding) {
  const slides = f.by !== undefined && (f.path.endsWith('.x') || f.path.endsWith('.height'));
  return useAsked(slides ? () => engine.mend(f).then((m) => m ?? ('none' as const)) : null, [f]).value;
}

/** The button that makes the move which fixes a finding; nothing where there is none. */
export function MendButton({ finding: f, name }: { finding: Finding; name: string }) {
  const mend = useMend(f);
  if (mend === null || mend === undefined || mend === 'none') return null;
  return (
    <Button
      className="mt-1 py-1 text-left whitespace-normal!"
      onClick={() => commit(`${mend.words}: ${name}`, mendChanges(useStore.getState().plan!, mend, newId))}
    >
      {mend.words}
    </Button>
  );
}

/** What is wrong with a unit, and the one move that fixes it. */
export function FindingLine({ finding: f, name }: { finding: Finding; name: string }) {
  const system = useStore((s) => s.plan!.meta.units);
  const mend = useMend(f);
  return (
    <div className="mb-2">
      <p className={f.severity === 'error' ? 'font-bold text-rust' : 'text-lichen'}>
        {f.message}
        {f.severity === 'error' && <span className="font-normal"> It should be {f.expected}.</span>}
        {f.accepted && <span className="text-soft"> You know of it.</span>}
      </p>
      <MendButton finding={f} name={name} />
      {mend === 'none' && f.path.endsWith('.x') && (
        <p className="text-xs text-soft">
          {f.mode
            ? 'There is no place in the room where it would be out of the way.'
            : `No slide of up to ${formatLength(system === 'imperial' ? 812.8 : 800, system)} along the wall or through the room fixes this without making another.`}
        </p>
      )}
    </div>
  );
}
