import { set, type Change } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { alignUnits, spreadUnits, type Side } from '@heronstone/core/room/arrange.ts';
import { removeRows } from '../../state/removing.ts';
import { commit } from '../../state/openPlan.ts';
import { select, selectAlso } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Heading } from '../../ui/Field.tsx';
import { Sheet } from '../../ui/Sheet.tsx';

const SIDES: readonly Side[] = ['west', 'east', 'north', 'south'];

/** Several pieces at once. The first one chosen stays where it is when others come in line with it. */
export function ManySheet({ ids, plan }: { ids: readonly string[]; plan: Plan }) {
  const units = ids.flatMap((id) => plan.units[id] ?? []);
  const names = `${units.length} pieces`;
  const allLocked = units.every((u) => u.pinned);
  const run = (name: string, changes: Change[]) => changes.length > 0 && commit(name, changes);
  return (
    <Sheet title={names} line="Drag one, and all move. Shift and click adds or takes out.">
      <ul>
        {units.map((u, i) => (
          <li key={u.id} className="flex justify-between">
            <span>
              {u.name}
              {i === 0 && <span className="text-soft">, the first</span>}
            </span>
            <Button look="quiet" aria-label={`Unselect ${u.name}`} onClick={() => selectAlso(u.id)}>
              −
            </Button>
          </li>
        ))}
      </ul>
      <Heading>Align with the first</Heading>
      <div className="flex flex-wrap gap-2">
        {SIDES.map((side) => (
          <Button key={side} onClick={() => run(`Bring ${names} in line`, alignUnits(plan, ids, side))}>
            {side} sides
          </Button>
        ))}
      </div>
      <Heading>Equal gaps</Heading>
      <div className="flex flex-wrap gap-2">
        <Button
          disabled={units.length < 3}
          onClick={() => run(`Equal gaps between ${names}`, spreadUnits(plan, ids, 'x'))}
        >
          west to east
        </Button>
        <Button
          disabled={units.length < 3}
          onClick={() => run(`Equal gaps between ${names}`, spreadUnits(plan, ids, 'y'))}
        >
          north to south
        </Button>
      </div>
      <div className="mt-4 flex flex-wrap gap-2">
        <Button
          onClick={() =>
            run(
              `${allLocked ? 'Unlock' : 'Lock'} ${names}`,
              units.map((u) => set('units', u.id, { pinned: !allLocked })),
            )
          }
        >
          {allLocked ? 'Unlock all' : 'Lock all'}
        </Button>
        <Button
          onClick={() => {
            if (removeRows(names, 'units', ids)) select(null);
          }}
        >
          Remove all
        </Button>
        <Button onClick={() => select(null)}>Done</Button>
      </div>
    </Sheet>
  );
}
