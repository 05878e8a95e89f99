/** When a move went another way than planned: not all fitted, it was put elsewhere, it was given away. The rest is planned again. */
import { useState } from 'react';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import type { Move } from '@heronstone/core/changeover/move.ts';
import { didNotFit, gaveAway, putElsewhere } from '@heronstone/core/changeover/tick.ts';
import type { Change } from '@heronstone/core/model/change.ts';
import { engine } from '../../engine/client.ts';
import { notice, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { Choice, NumberField } from '../../ui/Field.tsx';

export function OtherWays({
  move,
  onClose,
  make,
}: {
  move: Move;
  onClose: () => void;
  make: (name: string, move: Move, changes: Change[], goesOn: boolean) => boolean;
}) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report)!;
  const count = move.load.parts[0]!.count;
  const [fitted, setFitted] = useState(Math.max(0, count - 1));
  const [place, setPlace] = useState(report.compartments[0]?.id ?? '');
  const [busy, setBusy] = useState(false);
  const finish = (name: string, changes: Change[]) => {
    if (make(name, move, changes, false)) onClose();
  };
  const notAll = async () => {
    setBusy(true);
    try {
      finish(
        `Only ${fitted} of ${count} fitted: ${move.load.name}`.slice(0, 200),
        await engine.placeNew(didNotFit(plan, move.load, fitted)),
      );
    } catch (cause) {
      notice(cause instanceof Error ? cause.message : String(cause), 'error');
    } finally {
      setBusy(false);
    }
  };
  const elsewhere = () => {
    const c = placeOf(report, place);
    if (c)
      finish(
        `Put into ${c.name}: ${move.load.name}`.slice(0, 200),
        putElsewhere(plan, move.load, { unit: c.unit, slot: c.slot, container: c.container }),
      );
  };
  const places = report.compartments.filter((c) => c.only !== 'planned');
  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title={move.load.name}>
      <section className="border-b border-line pb-3">
        <h3 className="text-lg">It did not fit</h3>
        {count > 1 && (
          <NumberField
            label={`How many of the ${count} went in`}
            value={fitted}
            least={0}
            most={count - 1}
            whole
            onSet={setFitted}
          />
        )}
        <Button className="mt-2 min-h-11" disabled={busy} onClick={() => void notAll()}>
          {busy ? 'Finding a place …' : `Find a place for the other ${count - (count > 1 ? fitted : 0)}`}
        </Button>
      </section>
      <section className="border-b border-line py-3">
        <h3 className="text-lg">It went elsewhere</h3>
        <Choice label="Into" value={place} options={places.map((c) => [c.id, c.name] as const)} onSet={setPlace} />
        <Button className="mt-2 min-h-11" onClick={elsewhere}>
          It lies there now
        </Button>
      </section>
      <section className="pt-3">
        <h3 className="text-lg">It is gone</h3>
        <Button
          className="min-h-11"
          onClick={() => finish(`Gave away: ${move.load.name}`.slice(0, 200), gaveAway(plan, move.load))}
        >
          Gave it away
        </Button>
      </section>
    </Dialog>
  );
}
