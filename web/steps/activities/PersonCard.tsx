/** A person: size, hand, what they may do, what was measured on them, and what they should or must not reach. */
import { remove, set } from '@heronstone/core/model/change.ts';
import { byName, type Person, type Plan, type Wish } from '@heronstone/core/model/plan.ts';
import { constantsOf, type ConstantKey } from '@heronstone/core/model/constants.ts';
import { formatLength } from '@heronstone/core/model/measure.ts';
import { plausible } from '@heronstone/core/reach/body.ts';
import { removeRows } from '../../state/removing.ts';
import { commit } from '../../state/openPlan.ts';
import { newId } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, LengthField, OptionalField, TextField } from '../../ui/Field.tsx';

type Measured = 'eye' | 'shoulder' | 'elbow' | 'knuckle' | 'knee' | 'grip' | 'overhead';
const MEASURED: ReadonlyArray<{ field: Measured & ConstantKey; label: string }> = [
  { field: 'overhead', label: 'Highest shelf touched' },
  { field: 'eye', label: 'Eye, standing' },
  { field: 'shoulder', label: 'Shoulder, standing' },
  { field: 'elbow', label: 'Elbow, standing' },
  { field: 'knuckle', label: 'Knuckle, standing' },
  { field: 'knee', label: 'Knee' },
  { field: 'grip', label: 'Arm, shoulder to grip' },
];

export function PersonCard({ person: p, plan }: { person: Person; plan: Plan }) {
  const change = (what: string, columns: Partial<Person>) =>
    commit(`${what} of ${p.name}`, [set('people', p.id, columns)]);
  const needed = Object.values(plan.stations).some((s) => s.person === p.id);
  const constants = constantsOf(plan.meta.constants);
  const check = (field: 'wheelchair' | 'child' | 'steps', label: string) => (
    <label className="col-span-2 flex items-center gap-2">
      <input type="checkbox" checked={p[field]} onChange={(e) => change(label, { [field]: e.target.checked })} />
      {label}
    </label>
  );
  return (
    <div role="group" aria-label={p.name} className="mb-3 grid grid-cols-2 gap-2 border-b border-line pb-3">
      <TextField label="Name" value={p.name} onSet={(name) => change('Name', { name })} className="col-span-2" />
      <LengthField
        label="Standing height"
        system={plan.meta.units}
        value={p.stature}
        least={700}
        most={2300}
        onSet={(stature) => change('Height', { stature })}
      />
      <Choice
        label="Works with the"
        value={p.hand}
        options={[
          ['right', 'right hand'],
          ['left', 'left hand'],
        ]}
        onSet={(hand) => change('Hand', { hand })}
      />
      {check('wheelchair', 'Uses a wheelchair')}
      {check('child', 'Child: keep marked things out of reach')}
      {check('steps', 'May use steps')}
      <OptionalField
        label="Lifts at most"
        className="col-span-2"
        value={p.lifts}
        system={plan.meta.units}
        measure="heavy"
        otherwise="no limit"
        least={0}
        most={100_000}
        onSet={(lifts) => change('Lifting', { lifts })}
      />
      <details className="col-span-2">
        <summary className="cursor-pointer text-soft">Measured on the body</summary>
        <p className="my-1 text-xs text-soft">
          Touch the highest shelf you can and measure that. Leave empty to estimate from height.
        </p>
        <div className="grid grid-cols-2 gap-2">
          {MEASURED.map(({ field, label }) => (
            <OptionalField
              key={field}
              label={label}
              value={p[field]}
              system={plan.meta.units}
              otherwise={formatLength(Math.round(constants[field] * p.stature), plan.meta.units)}
              {...plausible(field, p.stature, constants[field])}
              onSet={(value) => change(label, { [field]: value })}
            />
          ))}
        </div>
      </details>
      <Wishes person={p} plan={plan} />
      {!needed && (
        <Button
          look="quiet"
          className="col-span-2 justify-self-start"
          onClick={() => removeRows(p.name, 'people', [p.id])}
        >
          Remove {p.name}
        </Button>
      )}
    </div>
  );
}

/** What somebody should be able to reach alone, and what they must not. */
function Wishes({ person: p, plan }: { person: Person; plan: Plan }) {
  const own = Object.values(plan.wishes).filter((w) => w.person === p.id);
  const open = byName(plan.supplies).filter((s) => !own.some((w) => w.supply === s.id));
  const marked = p.child ? byName(plan.supplies).filter((s) => s.traits.includes('not for a child')).length : 0;
  return (
    <details className="col-span-2" open={own.length > 0}>
      <summary className="cursor-pointer text-soft">
        Should and must not reach ({own.length}
        {marked > 0 && `, and ${marked} marked “not for a child”`})
      </summary>
      <ul>
        {own.map((w) => (
          <li key={w.id} className="flex items-center gap-2 py-0.5">
            <span className="grow">{plan.supplies[w.supply]!.name}</span>
            <Choice<Wish['wish']>
              label={`${p.name}: ${plan.supplies[w.supply]!.name}`}
              hideLabel
              value={w.wish}
              options={[
                ['should reach', 'should reach'],
                ['must not reach', 'must not reach'],
              ]}
              onSet={(wish) => commit(`Rule for ${p.name}`, [set('wishes', w.id, { wish })])}
            />
            <Button
              look="quiet"
              aria-label={`Remove the rule about ${plan.supplies[w.supply]!.name}`}
              onClick={() => commit('Remove a rule', [remove('wishes', w.id)])}
            >
              ×
            </Button>
          </li>
        ))}
      </ul>
      {open.length > 0 && (
        <Choice
          label="Add a thing"
          value=""
          options={[['', 'choose …'], ...open.map((s) => [s.id, s.name] as const)]}
          onSet={(supply) => {
            if (supply === '') return;
            const id = newId();
            commit(`${p.name} and ${plan.supplies[supply]!.name}`, [
              set('wishes', id, { id, person: p.id, supply, wish: p.child ? 'must not reach' : 'should reach' }),
            ]);
          }}
        />
      )}
    </details>
  );
}
