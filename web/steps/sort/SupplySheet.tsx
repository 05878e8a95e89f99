import { useEffect, useState } from 'react';
import type { Room, Working } from '@heronstone/core/ask/capacity.ts';
import { countWords, FORM_FACTS, isRound, usualOrientations } from '@heronstone/core/fit/forms.ts';
import { removeWithDependents, remove, set } from '@heronstone/core/model/change.ts';
import { formatMass } from '@heronstone/core/model/measure.ts';
import { byName, DECISIONS, FORMS, TRAITS, type Orientation, type Supply } from '@heronstone/core/model/plan.ts';
import { openingOf } from '@heronstone/core/scene/scene.ts';
import { FromAbove } from '../../drawings/FromAbove.tsx';
import { engine } from '../../state/engine.ts';
import { commit, newId, select, useStore } from '../../state/store.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, Fact, Heading, NumberField } from '../../ui/Field.tsx';
import { Photos } from '../../ui/Photos.tsx';
import { RowForm, type FieldSpec } from '../../ui/RowForm.tsx';
import { Sheet } from '../../ui/Sheet.tsx';

const LIES: ReadonlyArray<readonly [Orientation, string]> = [
  ['flat', 'flat'],
  ['edge', 'on edge'],
  ['end', 'on end'],
];

/** The fields that a form has, in the order in which one measures. */
function fieldsOf(supply: Supply): ReadonlyArray<FieldSpec<Supply>> {
  const { form } = supply;
  const [length, width, thickness] = FORM_FACTS[form].sizes;
  return [
    { kind: 'text', field: 'name', label: 'Name' },
    { kind: 'number', field: 'count', label: 'Count', least: 1, most: 1_000_000, whole: true },
    { kind: 'text', field: 'category', label: 'Kind', empty: true },
    { kind: 'length', field: 'length', label: length, least: 0.1, most: 6000 },
    { kind: 'length', field: 'width', label: width, least: 0.1, most: 6000 },
    ...(isRound(form)
      ? []
      : [{ kind: 'length', field: 'thickness', label: thickness, least: 0.01, most: 3000 } as const]),
    form === 'sheets'
      ? ({
          kind: 'optional',
          field: 'grammage',
          label: 'Weight (g/m²)',
          otherwise: 'not known',
          least: 5,
          most: 5000,
          length: false,
        } as const)
      : ({
          kind: 'optional',
          field: 'mass',
          label: 'Grams each',
          otherwise: 'not known',
          least: 0,
          most: 200_000,
          length: false,
        } as const),
    ...(form === 'set'
      ? [
          {
            kind: 'optional',
            field: 'parts',
            label: 'Pieces in it',
            otherwise: 'not counted',
            least: 1,
            most: 100_000,
            length: false,
          } as const,
        ]
      : []),
    ...(form === 'soft'
      ? [
          {
            kind: 'number',
            field: 'squeeze',
            label: 'Squashes to',
            least: 0.1,
            most: 1,
            hint: 'of its loose size; 1 for not at all',
          } as const,
        ]
      : []),
    ...(form === 'machine'
      ? ([
          { kind: 'length', field: 'workFront', label: 'Needs in front', least: 0, most: 3000 },
          { kind: 'length', field: 'workBack', label: 'Needs behind', least: 0, most: 3000 },
          { kind: 'length', field: 'workAbove', label: 'Needs above', least: 0, most: 3000 },
        ] as const)
      : []),
  ];
}

const MORE: ReadonlyArray<FieldSpec<Supply>> = [
  { kind: 'number', field: 'backstock', label: 'Spares', least: 0, most: 1_000_000, whole: true },
  {
    kind: 'optional',
    field: 'reorderAt',
    label: 'Reorder at',
    otherwise: 'never',
    least: 0,
    most: 1_000_000,
    length: false,
  },
  { kind: 'many', field: 'traits', label: 'Cautions', options: TRAITS },
  { kind: 'text', field: 'colour', label: 'Colour', empty: true },
  { kind: 'text', field: 'collection', label: 'Collection', empty: true },
  { kind: 'text', field: 'theme', label: 'Theme', empty: true },
  { kind: 'text', field: 'together', label: 'Belongs together as', empty: true },
  { kind: 'text', field: 'season', label: 'Season', empty: true },
  {
    kind: 'choice',
    field: 'decision',
    label: 'Decision',
    options: [['', 'open'], ...DECISIONS.map((d) => [d, d] as const)],
  },
  { kind: 'text', field: 'note', label: 'Note', empty: true },
];

/** The chosen supply: what it is, who uses it, where it lies, and where it would fit. */
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
      <RowForm table="supplies" row={supply} what={supply.name} fields={fieldsOf(supply)} system={system} />
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
            {facts.reorder && <Fact name="Reorder">yes: {supply.count} left</Fact>}
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
      <Nevers supply={supply} />
      <WhereItFits key={supply.id} supply={supply} />
      <details className="mt-4" open={supply.traits.length > 0}>
        <summary className="cursor-pointer font-bold text-soft">Spares, cautions, colour and more</summary>
        <div className="mt-2">
          <RowForm table="supplies" row={supply} what={supply.name} fields={MORE} system={system} />
        </div>
      </details>
      <Photos shows={{ supply: supply.id }} what={supply.name} />
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

/** How many fit in each place, how many more beside what lies there, and why not; for a machine, where it can work. */
function WhereItFits({ supply }: { supply: Supply }) {
  const report = useStore((s) => s.report);
  const arrangement = useStore((s) => s.arrangement);
  const [open, setOpen] = useState(false);
  const [room, setRoom] = useState<{ places: Room[]; working: Record<string, Working> } | null>(null);
  useEffect(() => {
    let current = true;
    if (open && report) void engine.roomFor(supply.id, arrangement).then((r) => current && setRoom(r));
    return () => {
      current = false;
    };
  }, [open, report, supply, arrangement]);
  const works = Object.values(room?.working ?? {});
  return (
    <details className="mt-4" open={open} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="cursor-pointer font-bold text-soft">Where it fits, and how many more</summary>
      {!room && open && <p className="text-soft">Trying every place …</p>}
      {works.length > 0 && (
        <p className="mt-1">
          {works.some((w) => w.works)
            ? `It can work in: ${works
                .filter((w) => w.works)
                .map((w) => w.place)
                .join(', ')}.`
            : `Nowhere to use it as things stand: ${works[0]!.place} is ${works[0]!.words.join(', ')}.`}
        </p>
      )}
      <ul aria-label="Where it fits">
        {room?.places.slice(0, 40).map((r) => (
          <li key={r.compartment} className="border-b border-line py-1">
            <div className="flex justify-between gap-2">
              <button
                type="button"
                className="min-w-0 truncate text-left hover:underline"
                onClick={() => select({ kind: 'compartment', id: r.compartment })}
              >
                {r.place}
              </button>
              <b className={`shrink-0 ${r.more === 0 && !r.own ? 'text-soft' : ''}`}>
                {r.own ? `+${r.more} more` : r.more > 0 ? `${r.more}` : r.most > 0 ? 'full' : 'no'}
              </b>
            </div>
            <p className="text-xs text-soft">
              {r.most > 0 ? `${r.most} if empty, ${r.how}; ${r.seen}` : r.reason}
              {r.most > 0 && r.reason && `; ${r.reason}`}
              {room.working[r.compartment] && `; at work: ${room.working[r.compartment]!.words.join(', ')}`}
            </p>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** Places in which the maker never wants it; each can be allowed again. */
function Nevers({ supply }: { supply: Supply }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const rows = Object.values(plan.bans).filter((n) => n.supply === supply.id);
  const units = byName(plan.units).filter((u) => !rows.some((n) => n.unit === u.id && n.slot === ''));
  const nameOf = (n: (typeof rows)[number]) =>
    (n.slot === '' ? undefined : report?.compartments.find((c) => c.id === `${n.unit}/${n.slot}`)?.name) ??
    plan.units[n.unit]!.name;
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
