import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { remove, set } from '@heronstone/core/model/change.ts';
import { byName, type Supply } from '@heronstone/core/model/plan.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, Heading } from '../../ui/Field.tsx';

/** Places in which the maker never wants it; each can be allowed again. */
export function NeverIn({ supply }: { supply: Supply }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const rows = Object.values(plan.bans).filter((n) => n.supply === supply.id);
  const units = byName(plan.units).filter((u) => !rows.some((n) => n.unit === u.id && n.slot === ''));
  const nameOf = (n: (typeof rows)[number]) =>
    (n.slot === '' ? undefined : placeOf(report, `${n.unit}/${n.slot}`)?.name) ?? plan.units[n.unit]!.name;
  return (
    <>
      <Heading>Never in</Heading>
      {rows.map((n) => (
        <div key={n.id} className="flex items-center justify-between gap-2">
          <span>{nameOf(n)}</span>
          <Button
            look="quiet"
            aria-label={`Allow ${supply.name} in ${nameOf(n)}`}
            onClick={() => commit(`${supply.name} may lie in ${nameOf(n)}`, [remove('bans', n.id)])}
          >
            Allow it
          </Button>
        </div>
      ))}
      {units.length > 0 && (
        <Choice
          label="Keep it out of"
          hideLabel
          value=""
          options={[['', 'keep it out of …'], ...units.map((u) => [u.id, u.name] as const)]}
          onSet={(unit) => {
            const id = newId();
            if (unit)
              commit(`${supply.name} never in ${plan.units[unit]!.name}`, [
                set('bans', id, { id, supply: supply.id, unit, slot: '' }),
              ]);
          }}
        />
      )}
    </>
  );
}
