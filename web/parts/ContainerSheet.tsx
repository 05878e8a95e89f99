/** The chosen container: its sizes, lid, where it stands, and what is in it. */
import { useMemo } from 'react';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { asRound, diameterOf } from '@heronstone/core/fit/containers.ts';
import { countWords } from '@heronstone/core/fit/forms.ts';
import { partsInWords } from '@heronstone/core/furniture/parts.ts';
import { carryContainer, takeContainerAway } from '@heronstone/core/gestures/moveContainer.ts';
import { containersAgain, moreStand, placesAlike } from '@heronstone/core/gestures/sameAgain.ts';
import { set } from '@heronstone/core/model/change.ts';
import { howMany } from '@heronstone/core/model/measure.ts';
import {
  CONTAINER_KINDS,
  ContainerShapeSchema,
  type Container,
  type ContainerShape,
} from '@heronstone/core/model/plan.ts';
import { Inside } from '../drawings/Inside.tsx';
import { commit } from '../state/openPlan.ts';
import { newId, notice, select, useStore } from '../state/state.ts';
import { Button } from '../ui/Button.tsx';
import { Choice, Heading, LengthField } from '../ui/Field.tsx';
import { KeptFor } from './KeptFor.tsx';
import { Divided } from './Divided.tsx';
import { Problems, RowForm, type FieldSpec } from './RowForm.tsx';
import { Folded, Sheet } from '../ui/Sheet.tsx';

const FIELDS: ReadonlyArray<FieldSpec<Container>> = [
  { kind: 'text', field: 'name', label: 'Name' },
  { kind: 'choice', field: 'kind', label: 'Kind', options: CONTAINER_KINDS.map((k) => [k, k] as const) },
  {
    kind: 'choice',
    field: 'lid',
    label: 'Lid',
    options: [
      ['none', 'has none'],
      ['on', 'lifts off'],
      ['snap', 'snaps shut'],
      ['off', 'left off'],
    ],
  },
  { kind: 'length', field: 'width', label: 'Width', least: 10, most: 2000 },
  { kind: 'length', field: 'insideWidth', label: 'Inside', least: 5, most: 2000 },
  { kind: 'length', field: 'depth', label: 'Depth', least: 10, most: 2000 },
  { kind: 'length', field: 'insideDepth', label: 'Inside depth', least: 5, most: 2000 },
  { kind: 'length', field: 'height', label: 'Height', least: 5, most: 1500 },
  { kind: 'length', field: 'insideHeight', label: 'Inside height', least: 2, most: 1500 },
  {
    kind: 'optional',
    field: 'price',
    label: 'Price',
    otherwise: 'not known',
    least: 0,
    most: 1_000_000,
    measure: 'number',
  },
  { kind: 'check', field: 'owned', label: 'I own this' },
  { kind: 'check', field: 'pulled', label: 'Pulled out like a drawer' },
  { kind: 'check', field: 'seeThrough', label: 'See-through' },
  { kind: 'check', field: 'labelled', label: 'Has a label today' },
  { kind: 'check', field: 'keyLocked', label: 'Kept locked with a key' },
];

/** Kinds that stand or lie, as one likes. */
const LIES_FLAT: ReadonlySet<Container['kind']> = new Set(['pouch', 'binder', 'file']);

export function ContainerSheet({ container: c }: { container: Container }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const where = report?.containers[c.id];
  const own = placeOf(report, where?.place);
  const openings = (report?.compartments ?? []).filter((x) => x.container === null);
  /** What it is, wherever it stands. */
  const shape = () =>
    Object.fromEntries(
      (Object.keys(ContainerShapeSchema.shape) as Array<keyof ContainerShape>).map((field) => [field, c[field]]),
    ) as unknown as ContainerShape;
  return (
    <Sheet title={c.name} line={`${c.kind}, ${c.arrangement === 'planned' ? 'planned' : 'today'}`}>
      <Problems table="containers" id={c.id} />
      <Choice
        label="Stands in"
        value={`${c.unit}/${c.slot}`}
        options={openings.map((x) => [x.id, x.name] as const)}
        onSet={(id) => {
          const to = openings.find((x) => x.id === id)!;
          commit(`Carry ${c.name} to ${to.name}`, carryContainer(plan, c.id, { unit: to.unit, slot: to.slot }));
        }}
      />
      <div className="mt-2">
        <RowForm table="containers" row={c} what={c.name} fields={FIELDS} system={plan.meta.units} />
      </div>
      <label className="mt-2 flex items-center gap-2">
        <input
          type="checkbox"
          checked={c.turned}
          onChange={(e) =>
            commit(`Turn ${c.name}`, [set('containers', c.id, { turned: e.target.checked, x: null, y: null })])
          }
        />
        Turned by a quarter
      </label>
      <RoundInside container={c} />
      <Divided container={c} />
      {own && c.arrangement === 'planned' && <KeptFor place={own} />}
      {LIES_FLAT.has(c.kind) && (
        <Button
          className="mt-2"
          onClick={() =>
            commit(c.height > c.depth ? `Lay ${c.name} flat` : `Stand ${c.name} up`, [
              set('containers', c.id, {
                depth: c.height,
                insideDepth: c.insideHeight,
                height: c.depth,
                insideHeight: c.insideDepth,
                x: null,
                y: null,
              }),
            ])
          }
        >
          {c.height > c.depth ? 'Lay it flat' : 'Stand it up'}
        </Button>
      )}
      {c.arrangement === 'planned' && <TheSameAgain container={c} />}
      {own && (
        <>
          <Heading>In it</Heading>
          <Inside compartment={own} />
          <ul>
            {own.contents[c.arrangement === 'planned' ? 'planned' : 'today'].map((id) => {
              const p = report!.placements[id]!;
              const supply = plan.supplies[p.supply]!;
              return (
                <li key={id} className="flex justify-between gap-2 border-b border-line py-1">
                  <button
                    type="button"
                    className="min-h-6 text-left hover:underline"
                    onClick={() => select({ kind: 'placement', id })}
                  >
                    {supply.name}
                    {own.parts && p.parts.length > 0 && (
                      <span className="block text-xs text-soft">{partsInWords(own.parts, p.parts)}</span>
                    )}
                  </button>
                  <span className={p.reason ? 'text-rust' : 'text-soft'}>
                    {p.reason ?? countWords(supply, p.count)}
                  </span>
                </li>
              );
            })}
          </ul>
        </>
      )}
      <div className="mt-4 flex flex-wrap gap-2">
        <Button
          onClick={() => {
            const id = newId();
            if (commit(`Save ${c.name} as a type`, [set('boxtypes', id, { id, name: c.name, shape: shape() })]))
              notice(`${c.name} is in the library of containers now.`);
          }}
        >
          Save as a type
        </Button>
        <Button onClick={() => select({ kind: 'compartment', id: where?.within ?? `${c.unit}/${c.slot}` })}>
          Done
        </Button>
        <Button
          onClick={() => {
            if (commit(`Remove ${c.name}`, takeContainerAway(plan, c.id)))
              select({ kind: 'compartment', id: `${c.unit}/${c.slot}` });
          }}
        >
          Remove it
        </Button>
      </div>
    </Sheet>
  );
}

/** As many of the same as stand in its place, and in every empty place of the same size. */
function TheSameAgain({ container: c }: { container: Container }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const place = placeOf(report, report?.containers[c.id]?.within);
  const { more, alike } = useMemo(
    () => ({
      more: place ? moreStand(plan, c.id, place) : 0,
      alike: placesAlike(plan, c.id).filter(([, n]) => n > 0),
    }),
    [plan, c.id, place],
  );
  const put = (places: Parameters<typeof containersAgain>[2], where: string) => {
    const many = places.reduce((sum, [, n]) => sum + n, 0);
    if (commit(`Put ${many} more ${c.name} into ${where}`, containersAgain(plan, c.id, places, newId)))
      notice(`${many} more of ${c.name} ${many === 1 ? 'stands' : 'stand'} in ${where}.`);
  };
  if (!place || (more === 0 && alike.length === 0)) return null;
  const all = alike.reduce((sum, [, n]) => sum + n, 0);
  return (
    <>
      <Heading>The same again</Heading>
      {more > 0 && place.contents.planned.length > 0 && (
        <p className="text-sm text-soft">What lies there beside the containers would have to make room.</p>
      )}
      <div className="flex flex-wrap gap-2">
        {more > 0 && (
          <Button onClick={() => put([[{ unit: c.unit, slot: c.slot }, more]], place.name)}>{more} more here</Button>
        )}
        {alike.length > 0 && (
          <Button onClick={() => put(alike, howMany(alike.length, 'empty place'))}>
            {all} more in {howMany(alike.length, 'empty place')} of this size
          </Button>
        )}
      </div>
    </>
  );
}

/** Tins, pots and cups are measured by their diameter. */
function RoundInside({ container: c }: { container: Container }) {
  const system = useStore((s) => s.plan!.meta.units);
  return (
    <Folded title="It is round">
      <LengthField
        label="Diameter inside"
        value={diameterOf(c.insideWidth)}
        least={6}
        most={2000}
        system={system}
        hint="Width and depth follow; the inside counts as a square of the same area."
        onSet={(diameter) => commit(`Make ${c.name} round`, [set('containers', c.id, asRound(c, diameter))])}
      />
    </Folded>
  );
}
