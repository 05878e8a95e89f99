import { removeWithDependents, remove, set } from '@heronstone/core/model/change.ts';
import { formatMass } from '@heronstone/core/model/measure.ts';
import { byName, type Orientation, type Supply } from '@heronstone/core/model/plan.ts';
import { FromAbove } from '../../drawings/FromAbove.tsx';
import { commit, newId, select, useStore } from '../../state/store.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, Fact, Heading, LengthField, NumberField, TextField } from '../../ui/Field.tsx';
import { Sheet } from '../../ui/Sheet.tsx';

const LIES: ReadonlyArray<readonly [Orientation, string]> = [
  ['flat', 'flat'],
  ['edge', 'on edge'],
  ['end', 'on end'],
];

/** The chosen supply: what it is, who uses it, where it lies. */
export function SupplySheet({ supply }: { supply: Supply | undefined }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const hasRoom = Object.keys(plan.corners).length >= 3;
  if (!supply) {
    return (
      <Sheet title="Sorting" line="Choose a line of the table to change it.">
        {hasRoom && (
          <div className="h-56">
            <FromAbove small rings={false} />
          </div>
        )}
        <p className="mt-3 text-soft">
          One line for each kind of thing: “marker, 84 of them”, not 84 lines. Count what you have, measure one, say how
          often you reach for it.
        </p>
      </Sheet>
    );
  }
  const system = plan.meta.units;
  const facts = report?.supplies[supply.id];
  const change = (what: string, columns: Partial<Supply>) =>
    commit(`${what} of ${supply.name}`, [set('supplies', supply.id, columns)]);
  const uses = Object.values(plan.uses).filter((u) => u.supply === supply.id);
  const free = byName(plan.activities).filter((a) => !uses.some((u) => u.activity === a.id));
  const placements = Object.values(report?.placements ?? {}).filter((p) => p.supply === supply.id);
  return (
    <Sheet
      title={supply.name}
      line={`${supply.count} ${supply.form === 'sheets' ? 'sheets' : supply.form === 'loose' ? 'loose small things' : supply.count === 1 ? 'piece' : 'pieces'}`}
    >
      {hasRoom && placements.length > 0 && (
        <div className="mb-3 h-44">
          <FromAbove
            small
            rings={false}
            lit={placements.filter((p) => p.arrangement === 'planned').map((p) => p.compartment)}
          />
        </div>
      )}
      <TextField label="Name" value={supply.name} onSet={(name) => change('Name', { name })} />
      <div className="mt-2 grid grid-cols-2 gap-2">
        <NumberField
          label="Count"
          whole
          value={supply.count}
          least={1}
          most={1_000_000}
          onSet={(count) => change('Count', { count })}
        />
        <Choice
          label="Form"
          value={supply.form}
          options={[
            ['pieces', 'pieces'],
            ['sheets', 'sheets'],
            ['loose', 'loose small things'],
          ]}
          onSet={(form) => change('Form', { form })}
        />
        <LengthField
          label="Length"
          system={system}
          value={supply.length}
          least={0.1}
          most={6000}
          onSet={(length) => change('Length', { length })}
        />
        <LengthField
          label="Width"
          system={system}
          value={supply.width}
          least={0.1}
          most={6000}
          onSet={(width) => change('Width', { width })}
        />
        <LengthField
          label="Thickness"
          system={system}
          value={supply.thickness}
          least={0.01}
          most={3000}
          onSet={(thickness) => change('Thickness', { thickness })}
        />
        {supply.form === 'sheets' ? (
          <NumberField
            label="Grams a m²"
            value={supply.grammage ?? 80}
            least={5}
            most={5000}
            onSet={(grammage) => change('Grammage', { grammage })}
          />
        ) : (
          <NumberField
            label="Grams each"
            value={supply.mass ?? 0}
            least={0}
            most={200_000}
            onSet={(mass) => change('Mass', { mass })}
          />
        )}
        <TextField
          label="Kind"
          value={supply.category || '–'}
          onSet={(category) => change('Kind', { category: category === '–' ? '' : category })}
          className="col-span-2"
        />
      </div>
      {supply.form !== 'loose' && (
        <fieldset className="mt-3">
          <legend className="text-soft">May lie</legend>
          <div className="flex gap-4">
            {LIES.map(([key, word]) => (
              <label key={key} className="flex items-center gap-1.5">
                <input
                  type="checkbox"
                  checked={supply.orientations.includes(key)}
                  disabled={supply.orientations.length === 1 && supply.orientations[0] === key}
                  onChange={(e) =>
                    change('Ways to lie', {
                      orientations: LIES.map(([k]) => k).filter((k) =>
                        k === key ? e.target.checked : supply.orientations.includes(k),
                      ),
                    })
                  }
                />
                {word}
              </label>
            ))}
          </div>
        </fieldset>
      )}
      <label className="mt-2 flex items-center gap-2">
        <input
          type="checkbox"
          checked={supply.goesBack}
          onChange={(e) => change('Return', { goesBack: e.target.checked })}
        />
        Goes back to its place after use
      </label>
      <Heading>Used for</Heading>
      {uses.map((u) => (
        <div key={u.id} className="mb-1 flex items-end gap-2">
          <NumberField
            label={`${plan.activities[u.activity]!.name}: fetches a session`}
            value={u.fetches}
            least={0}
            most={500}
            className="grow"
            onSet={(fetches) => commit(`Use of ${supply.name}`, [set('uses', u.id, { fetches })])}
          />
          <Button
            look="quiet"
            aria-label={`No longer used for ${plan.activities[u.activity]!.name}`}
            onClick={() => commit(`Use of ${supply.name}`, [remove('uses', u.id)])}
          >
            ×
          </Button>
        </div>
      ))}
      {free.length > 0 && (
        <Choice
          label="Add a use"
          value=""
          options={[['', 'choose an activity'], ...free.map((a) => [a.id, a.name] as const)]}
          onSet={(activity) => {
            const id = newId();
            if (activity)
              commit(`Use of ${supply.name}`, [set('uses', id, { id, supply: supply.id, activity, fetches: 1 })]);
          }}
        />
      )}
      {facts && (
        <>
          <Heading>In all</Heading>
          <dl>
            <Fact name="Fetched">{Number(facts.fetchesPerWeek.toFixed(1))} times a week</Fact>
            <Fact name="Volume">
              {facts.litres < 1 ? `${(facts.litres * 1000).toFixed(0)} ml` : `${facts.litres.toFixed(1)} l`}
            </Fact>
            <Fact name="Mass">{facts.massTotal === null ? 'not known' : formatMass(facts.massTotal, system)}</Fact>
          </dl>
        </>
      )}
      <Heading>Where it lies</Heading>
      {placements.length === 0 && <p className="text-soft">No place yet.</p>}
      <ul>
        {placements.map((p) => (
          <li key={p.id} className="flex justify-between gap-2">
            <span>{p.place}</span>
            <span className="text-soft">
              {p.count}, {p.arrangement}
            </span>
          </li>
        ))}
      </ul>
      <Button
        className="mt-4"
        onClick={() => {
          if (commit(`Remove ${supply.name}`, removeWithDependents(plan, 'supplies', supply.id))) select(null);
        }}
      >
        Remove
      </Button>
    </Sheet>
  );
}
