import { useState } from 'react';
import { countWords, FORM_FACTS, isRound, usualOrientations } from '@heronstone/core/fit/forms.ts';
import { bundleChanges, bundled, mayBeBundled, MOST_IN_BUNDLE } from '@heronstone/core/gestures/bundle.ts';
import { set } from '@heronstone/core/model/change.ts';
import { confirmed, isGuessed, isSizeUnknown, typedAlong } from '@heronstone/core/model/guessed.ts';
import { formatMass, formatSize, formatVolume } from '@heronstone/core/model/measure.ts';
import { FORMS, type Orientation, type Supply } from '@heronstone/core/model/plan.ts';
import { openingOf } from '@heronstone/core/scene/scene.ts';
import { FromAbove } from '../../drawings/FromAbove.tsx';
import { removeRows } from '../../state/removing.ts';
import { commit } from '../../state/openPlan.ts';
import { notice, select, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, Fact, Heading, NumberField } from '../../ui/Field.tsx';
import { Photos } from '../../parts/Photos.tsx';
import { RowForm } from '../../parts/RowForm.tsx';
import { Folded, Sheet } from '../../ui/Sheet.tsx';
import { AfterUse } from './AfterUse.tsx';
import { KeptApart } from './KeptApart.tsx';
import { NeverIn } from './NeverIn.tsx';
import { PackedAnotherWay } from './PackedAnotherWay.tsx';
import { fieldsOf, MORE_FIELDS } from './supplyFields.ts';
import { UsedFor } from './UsedFor.tsx';
import { WhereItFits } from './WhereItFits.tsx';

const LIES: ReadonlyArray<readonly [Orientation, string]> = [
  ['flat', 'flat'],
  ['edge', 'on edge'],
  ['end', 'on end'],
];

/** The chosen supply: what it is, who uses it, where it lies, and where it would fit. */
export function SupplySheet({ supply }: { supply: Supply | undefined }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const hasRoom = Object.keys(plan.corners).length >= 3;
  if (!supply) {
    return (
      <Sheet about="step" low title="Sorting" line="Choose a line of the table to change it.">
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
  const placements = Object.values(report?.placements ?? {}).filter((p) => p.supply === supply.id);
  const lies = LIES.filter(([key]) => FORM_FACTS[supply.form].lies.includes(key) || supply.orientations.includes(key));
  return (
    <Sheet title={supply.name} line={countWords(supply, supply.count)}>
      {hasRoom && placements.length > 0 && (
        <div className="mb-3 h-44">
          <FromAbove
            small
            rings={false}
            lit={placements.filter((p) => p.arrangement === 'planned').map((p) => openingOf(p.compartment))}
          />
        </div>
      )}
      <Choice
        label="Form"
        value={supply.form}
        options={FORMS.map((f) => [f, `${FORM_FACTS[f].many} – ${FORM_FACTS[f].hint}`] as const)}
        onSet={(form) =>
          change('Form', {
            form,
            orientations: usualOrientations(form),
            ...(isRound(form) ? { thickness: Math.min(3000, supply.width) } : {}),
          })
        }
        className="mb-2"
      />
      <RowForm
        table="supplies"
        row={supply}
        what={supply.name}
        fields={fieldsOf(supply)}
        system={system}
        along={typedAlong}
      />
      <Guesses supply={supply} />
      {lies.length > 1 && (
        <fieldset className="mt-3">
          <legend className="text-soft">Can be stored</legend>
          <div className="flex gap-4">
            {lies.map(([key, word]) => (
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
                {isRound(supply.form) ? (key === 'end' ? 'standing' : 'lying') : word}
              </label>
            ))}
          </div>
        </fieldset>
      )}
      <AfterUse supply={supply} />
      {mayBeBundled(supply) && <BandTogether supply={supply} />}
      {supply.form !== 'machine' && <PackedAnotherWay supply={supply} />}
      <UsedFor supply={supply} />
      {facts && (
        <>
          <Heading>In all</Heading>
          <dl>
            <Fact name="Fetched">{Number(facts.fetchesPerWeek.toFixed(1))} times a week</Fact>
            {facts.usedPerWeek > 0 && <Fact name="Used up">{Number(facts.usedPerWeek.toFixed(2))} a week</Fact>}
            <Fact name="Volume">{formatVolume(facts.litres * 1000, system)}</Fact>
            <Fact name="Mass">{facts.massTotal === null ? 'not known' : formatMass(facts.massTotal, system)}</Fact>
            {facts.reorder && <Fact name="Reorder">yes: {supply.count} left</Fact>}
          </dl>
        </>
      )}
      <Heading>Where it lies</Heading>
      {placements.length === 0 && <p className="text-soft">No place yet.</p>}
      {(facts?.without.today ?? 0) > 0 && (
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={supply.hunted}
            onChange={(e) => change('No place today', { hunted: e.target.checked })}
          />
          It has no home today: I hunt for it
        </label>
      )}
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
      <NeverIn supply={supply} />
      <KeptApart supply={supply} />
      <WhereItFits key={supply.id} supply={supply} />
      <details className="mt-4" open={supply.traits.length > 0}>
        <summary className="cursor-pointer font-bold text-soft">Spares, cautions, colour and more</summary>
        <div className="mt-2">
          <RowForm table="supplies" row={supply} what={supply.name} fields={MORE_FIELDS} system={system} />
        </div>
      </details>
      <Photos shows={{ supply: supply.id }} what={supply.name} />
      <Button
        className="mt-4"
        onClick={() => {
          if (removeRows(supply.name, 'supplies', [supply.id])) select(null);
        }}
      >
        Remove
      </Button>
    </Sheet>
  );
}

/** What of it was guessed, and from what. */
function Guesses({ supply }: { supply: Supply }) {
  if (!isGuessed(supply)) return null;
  const sure = !isSizeUnknown(supply) || supply.countFrom !== '';
  return (
    <div className="mt-2 rounded-lg border border-dashed border-soft px-3 py-2">
      {isSizeUnknown(supply) ? (
        <p>Its size is not known yet; it is taken as hand-sized. Type it above when you hold one.</p>
      ) : (
        supply.sizeFrom !== '' && <p>Size guessed: {supply.sizeFrom}.</p>
      )}
      {supply.countFrom !== '' && <p>Count guessed: {supply.countFrom}.</p>}
      {sure && (
        <Button look="quiet" onClick={() => commit(`Confirm ${supply.name}`, confirmed([supply]))}>
          That is right
        </Button>
      )}
    </div>
  );
}

/** Several of a line as one bundle, with what that makes of its sizes. */
function BandTogether({ supply }: { supply: Supply }) {
  const plan = useStore((s) => s.plan)!;
  const [per, setPer] = useState(Math.min(6, supply.count));
  const after = { ...supply, ...bundled(supply, per) };
  const system = plan.meta.units;
  const sizes = isRound(after.form) ? [after.length, after.width] : [after.length, after.width, after.thickness];
  return (
    <Folded title="Band several together">
      <div className="grid grid-cols-2 items-end gap-2">
        <NumberField
          label="In one band"
          value={per}
          least={2}
          most={Math.min(MOST_IN_BUNDLE, Math.max(2, supply.count))}
          whole
          onSet={setPer}
        />
        <Button
          onClick={() => {
            if (commit(`Band ${supply.name} together, ${per} each`, bundleChanges(plan, supply, per)))
              notice(`${supply.name} is ${after.count} ${after.count === 1 ? 'bundle' : 'bundles'} now.`);
          }}
        >
          Make {after.count} {after.count === 1 ? 'bundle' : 'bundles'}
        </Button>
      </div>
      <p className="mt-1 text-xs text-soft">
        Each {formatSize(sizes, system)}; what is banded is fetched and put back as one.
      </p>
    </Folded>
  );
}
