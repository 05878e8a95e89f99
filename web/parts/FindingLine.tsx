import { formatLength } from '@heronstone/core/model/measure.ts';
import type { Finding } from '@heronstone/core/model/finding.ts';
import type { Fix } from '@heronstone/core/ask/fixes/fix.ts';
import { engine } from '../engine/client.ts';
import { useAsked } from '../state/useAsked.ts';
import { commit } from '../state/openPlan.ts';
import { useStore } from '../state/state.ts';
import { Button } from '../ui/Button.tsx';

/** What could be done about a finding, asked of the engine; null while it is not known or nothing is looked for. */
function useMends(f: Finding): Fix[] | null {
  return useAsked(f.by === undefined ? null : () => engine.mends(f), [f]).value;
}

/** The buttons that mend a finding, the one that asks least first; nothing where there is none. */
export function MendButtons({ finding: f, name }: { finding: Finding; name: string }) {
  return useMends(f)?.map((mend) => (
    <Button
      key={mend.words}
      className="mt-1 py-1 text-left whitespace-normal!"
      onClick={() => commit(`${mend.words}: ${name}`, mend.changes)}
    >
      {mend.words}
    </Button>
  ));
}

/** What is wrong with a unit, and what could be done about it. */
export function FindingLine({ finding: f, name }: { finding: Finding; name: string }) {
  const system = useStore((s) => s.plan!.meta.units);
  const mends = useMends(f);
  return (
    <div className="mb-2">
      <p className={f.severity === 'error' ? 'font-bold text-rust' : 'text-lichen'}>
        {f.message}
        {f.severity === 'error' && <span className="font-normal"> It should be {f.expected}.</span>}
        {f.accepted && <span className="text-soft"> You know of it.</span>}
      </p>
      <MendButtons finding={f} name={name} />
      {mends?.length === 0 && f.path.endsWith('.x') && (
        <p className="text-xs text-soft">
          {f.mode
            ? 'There is no place in the room where it would be out of the way.'
            : `No slide of up to ${formatLength(system === 'imperial' ? 812.8 : 800, system)} along the wall or through the room, no other size and no swap fixes this without making another.`}
        </p>
      )}
    </div>
  );
}
