import { remove, set } from '@heronstone/core/model/change.ts';
import { byName, type Supply } from '@heronstone/core/model/plan.ts';
import { isMeantBy } from '@heronstone/core/zones/separations.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, Heading } from '../../ui/Field.tsx';

/** With what it never shares a place: look-alikes, used and clean, what would be mixed up. */
export function KeptApart({ supply }: { supply: Supply }) {
  const plan = useStore((s) => s.plan)!;
  const rows = Object.values(plan.aparts).filter((a) => a.things.some((t) => isMeantBy(t, supply)));
  const others = (things: readonly string[]) => things.filter((t) => !isMeantBy(t, supply)).join(', ');
  const kinds = [...new Set(Object.values(plan.supplies).map((s) => s.category))].filter(
    (k) => k !== '' && k !== supply.category,
  );
  return (
    <>
      <Heading>Kept apart from</Heading>
      {rows.map((a) => (
        <div key={a.id} className="flex items-center justify-between gap-2">
          <span>
            {others(a.things)}
            {a.why && <span className="text-soft">, {a.why}</span>}
          </span>
          <Button
            look="quiet"
            aria-label={`Let ${supply.name} lie with ${others(a.things)}`}
            onClick={() => commit(`${supply.name} may lie with ${others(a.things)}`, [remove('aparts', a.id)])}
          >
            Let them
          </Button>
        </div>
      ))}
      <Choice
        label="Keep it apart from"
        hideLabel
        value=""
        options={[
          ['', 'keep it apart from …'],
          ...kinds.sort().map((k) => [k, `all of the kind “${k}”`] as const),
          ...byName(plan.supplies)
            .filter((s) => s.id !== supply.id)
            .map((s) => [s.name, s.name] as const),
        ]}
        onSet={(other) => {
          const id = newId();
          if (other)
            commit(`${supply.name} apart from ${other}`, [
              set('aparts', id, { id, things: [supply.name, other], why: '' }),
            ]);
        }}
      />
    </>
  );
}
