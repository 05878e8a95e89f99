/** What there is, what a first plan still needs, in what loose things are to be kept, and the way to it. */
import { useState } from 'react';
import { lackingFor, type Need } from '@heronstone/core/ask/firstPlan.ts';
import { useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { HoldersToGet } from './HoldersToGet.tsx';
import { Onward } from './Onward.tsx';

/** At which question something is said, and what it is called. */
const WHERE: Readonly<Record<Need, readonly [number, string]>> = {
  room: [1, 'the room'],
  furniture: [2, 'furniture'],
  seat: [2, 'a table to work at'],
  things: [4, 'things to put away'],
};

/** What there is, what is still missing for a first plan, and the way to it. */
export function Ready({
  onFirst,
  onBack,
}: {
  /** @param loose supplies that stay without a holder */
  onFirst: (loose: ReadonlySet<string>) => void;
  onBack: (n: number) => void;
}) {
  const plan = useStore((s) => s.plan)!;
  const [loose, setLoose] = useState<ReadonlySet<string>>(new Set());
  const many = (table: 'units' | 'supplies' | 'stations') => Object.keys(plan[table]).length;
  const lacks = lackingFor(plan);
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        if (lacks.length === 0) onFirst(loose);
      }}
    >
      <p className="text-lg">
        {many('units')} {many('units') === 1 ? 'piece' : 'pieces'} of furniture, {many('stations')}{' '}
        {many('stations') === 1 ? 'seat' : 'seats'}, {many('supplies')} {many('supplies') === 1 ? 'supply' : 'supplies'}
        .
      </p>
      {lacks.length > 0 ? (
        <div className="mt-2">
          <p>A first plan still needs:</p>
          <ul className="mt-1 flex flex-wrap gap-2">
            {lacks.map((need) => (
              <li key={need}>
                <Button onClick={() => onBack(WHERE[need][0])}>{WHERE[need][1]}</Button>
              </li>
            ))}
          </ul>
        </div>
      ) : (
        <p className="mt-2 text-soft">
          Every thing gets a place where your hand finds it. What was guessed is marked; you correct it whenever you
          hold one in your hand, and plan again.
        </p>
      )}
      {lacks.length === 0 && <HoldersToGet loose={loose} onLoose={setLoose} />}
      <Onward autoFocus disabled={lacks.length > 0}>
        Make the first plan
      </Onward>
    </form>
  );
}
