/** What an activity needs, what serves it besides its main station, and what is not as it should be. */
import { Help } from '../../ui/Help.tsx';
import { set } from '@heronstone/core/model/change.ts';
import {
  byName,
  GIVES,
  NEEDS,
  type Activity,
  type Container,
  type Helper,
  type Kit,
  type Plan,
} from '@heronstone/core/model/plan.ts';
import { putKit } from '@heronstone/core/gestures/kitBoxes.ts';
import { formatLength, howMany } from '@heronstone/core/model/measure.ts';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import { removeRows } from '../../state/removing.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, select, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, Heading } from '../../ui/Field.tsx';
import { DoneOrRemove, Problems, RowForm } from '../../parts/RowForm.tsx';
import { Sheet } from '../../ui/Sheet.tsx';

/** What is planned in a kit's box. */
function KitContents({ box, plan, activity }: { box: Container; plan: Plan; activity: string }) {
  const within = Object.values(plan.placements).filter((p) => p.arrangement === 'planned' && p.container === box.id);
  const say = (mm: number) => formatLength(mm, plan.meta.units);
  return (
    <div className="mt-1 text-xs text-soft">
      <p>
        A box of {say(box.width)} × {say(box.depth)} × {say(box.height)}; change it in Sort, Containers.
      </p>
      <p>
        {within.length > 0
          ? `In it: ${within.map((p) => `${p.count} ${plan.supplies[p.supply]!.name}`).join(', ')}.`
          : `Nothing is planned in it yet: Fill puts there what only ${activity} needs.`}
      </p>
    </div>
  );
}

export function ActivitySheet({ activity: a, plan }: { activity: Activity; plan: Plan }) {
  return (
    <Sheet title={a.name} line="what it needs">
      <Problems table="activities" id={a.id} />
      <Choice
        label="Who does it"
        value={a.person ?? ''}
        options={[['', 'who sits at its station'], ...byName(plan.people).map((p) => [p.id, p.name] as const)]}
        onSet={(id) => commit(`Who does ${a.name}`, [set('activities', a.id, { person: id === '' ? null : id })])}
      />
      <RowForm
        table="activities"
        row={a}
        what={a.name}
        system={plan.meta.units}
        fields={[
          {
            kind: 'choice',
            field: 'posture',
            label: 'Posture',
            options: [
              ['either', 'seated or standing'],
              ['seated', 'seated'],
              ['standing', 'standing'],
            ],
          },
          { kind: 'number', field: 'people', label: 'People', least: 1, most: 12, whole: true },
          {
            kind: 'choice',
            field: 'work',
            label: 'Kind of work',
            options: [
              ['precision', 'precision: close to the eyes'],
              ['light', 'light handwork'],
              ['heavy', 'heavy: pressing, sawing'],
            ],
            wide: true,
          },
          { kind: 'optional', field: 'surfaceWidth', label: 'Surface, width', otherwise: 'any', least: 50, most: 6000 },
          { kind: 'optional', field: 'surfaceDepth', label: 'Surface, depth', otherwise: 'any', least: 50, most: 3000 },
          { kind: 'number', field: 'sockets', label: 'Plugs in use', least: 0, most: 20, whole: true },
          { kind: 'number', field: 'watts', label: 'Watts together', least: 0, most: 20_000 },
          { kind: 'many', field: 'needs', label: 'Asks for', options: NEEDS },
          { kind: 'many', field: 'gives', label: 'Gives off', options: GIVES },
        ]}
      />
      <Serves activity={a} plan={plan} />
      <p className="mt-3 text-xs text-soft">
        Solvents, sprays, hot tools and dust: follow the label of the product, ventilate, keep from flame, heat and
        children. Electrical load is for local code and an electrician.
      </p>
      <DoneOrRemove what={a.name} onRemove={() => removeRows(a.name, 'activities', [a.id])} />
    </Sheet>
  );
}

const BEST = { station: 'A station of its own', cart: 'A cart', kit: 'A kit' } as const;

/** Further stations, carts and kits. */
function Serves({ activity: a, plan }: { activity: Activity; plan: Plan }) {
  const setups = useStore((s) => s.report?.setups);
  const compartments = useStore((s) => s.report?.compartments);
  const { value: best } = useAsked(() => engine.servedBest(a.id), [plan, a.id]);
  const hosts = Object.values(plan.helpers).filter((h) => h.activity === a.id);
  const add = (what: string, more: Partial<Helper>) => {
    const id = newId();
    commit(`${what} for ${a.name}`, [set('helpers', id, { id, activity: a.id, ...more })]);
  };
  const nameOf = (h: Helper) =>
    h.station !== null
      ? `also at ${plan.stations[h.station]!.name}`
      : h.cart !== null
        ? `cart: ${plan.units[h.cart]!.name}`
        : `kit: ${plan.kits[h.kit!]!.name}`;
  const once = (h: Helper) => setups?.find((s) => s.activity === a.id && [h.cart, h.kit, h.station].includes(s.what));
  const taken = new Set(hosts.flatMap((h) => [h.station, h.cart, h.kit]).filter((x) => x !== null));
  const options: Array<readonly [string, string]> = [
    ['', 'Add …'],
    ...byName(plan.stations)
      .filter((s) => s.id !== a.station && !taken.has(s.id))
      .map((s) => [`station ${s.id}`, `also at ${s.name}`] as const),
    ...byName(plan.units)
      .filter((u) => u.wheels && !taken.has(u.id))
      .map((u) => [`cart ${u.id}`, `the cart ${u.name}`] as const),
    ...byName(plan.kits)
      .filter((k) => !taken.has(k.id))
      .map((k) => [`kit ${k.id}`, `the kit ${k.name}`] as const),
    ['new kit', 'a new kit'],
  ];
  const pick = (key: string) => {
    if (key === 'new kit') {
      const [id, kit] = [newId(), newId()];
      const row: Kit = {
        id: kit,
        name: `Kit for ${a.name}`.slice(0, 120),
        width: 300,
        depth: 220,
        height: 150,
        unit: null,
        slot: '',
        box: null,
      };
      commit(`Add a kit for ${a.name}`, [set('kits', kit, row), set('helpers', id, { id, activity: a.id, kit })]);
      return;
    }
    const [kind, id] = key.split(' ') as ['station' | 'cart' | 'kit', string];
    add(kind === 'station' ? 'Another station' : `A ${kind}`, { [kind]: id });
  };
  return (
    <>
      <Heading>
        Served by <Help term="kit" />
      </Heading>
      {best && (
        <p className="mb-1 text-soft">
          {BEST[best.by]} would suit: {best.why} ({howMany(best.lines, 'supply', 'supplies')}).
        </p>
      )}
      <ul>
        {hosts.map((h) => {
          const setup = once(h);
          const kit = h.kit === null ? undefined : plan.kits[h.kit];
          const box = kit?.box == null ? undefined : plan.containers[kit.box];
          return (
            <li key={h.id} className="border-b border-line py-1">
              <div className="flex items-center justify-between gap-2">
                <span>
                  {nameOf(h)}
                  {setup && (
                    <span className="text-soft">
                      , {setup.seconds.toFixed(0)} s each time{h.station !== null ? ' to go there and back' : ''}
                    </span>
                  )}
                </span>
                <Button
                  look="quiet"
                  aria-label={`Remove ${nameOf(h)}`}
                  onClick={() => removeRows(nameOf(h), 'helpers', [h.id])}
                >
                  −
                </Button>
              </div>
              {h.cart !== null && !setup && (
                <p className="text-xs text-lichen">It has no place beside a station yet: choose the seat in Furnish.</p>
              )}
              {kit && (
                <div className="mb-1">
                  <Problems table="kits" id={kit.id} />
                  <RowForm
                    table="kits"
                    row={kit}
                    what={kit.name}
                    system={plan.meta.units}
                    fields={[
                      { kind: 'text', field: 'name', label: 'Name' },
                      ...(box
                        ? []
                        : ([
                            { kind: 'length', field: 'width', label: 'Width', least: 20, most: 2000 },
                            { kind: 'length', field: 'depth', label: 'Depth', least: 20, most: 2000 },
                            { kind: 'length', field: 'height', label: 'Height', least: 10, most: 2000 },
                          ] as const)),
                    ]}
                  />
                  <Choice
                    label="Its place"
                    value={box ? `${box.unit}/${box.slot}` : kit.unit === null ? '' : `${kit.unit}/${kit.slot}`}
                    options={[
                      ...(box ? [] : [['', 'none yet'] as const]),
                      ...(compartments ?? [])
                        .filter((c) => c.within === null && c.access !== 'peg')
                        .map((c) => [c.id, c.name] as const),
                    ]}
                    onSet={(home) => {
                      if (home === '') return;
                      const [unit, slot] = home.split('/') as [string, string];
                      commit(`Place of ${kit.name}`, putKit(plan, kit, { unit, slot }, newId));
                    }}
                  />
                  {box ? (
                    <KitContents box={box} plan={plan} activity={a.name} />
                  ) : (
                    <>
                      {kit.unit !== null && (
                        <Button
                          className="mt-1 w-full"
                          onClick={() =>
                            commit(
                              `Plan what is in ${kit.name}`,
                              putKit(plan, kit, { unit: kit.unit!, slot: kit.slot }, newId),
                            )
                          }
                        >
                          Plan what is in it
                        </Button>
                      )}
                      <p className="mt-1 text-xs text-soft">
                        As a box in its place it takes its room, Fill puts into it what only {a.name} needs, and all of
                        that is at hand once it is fetched.
                      </p>
                    </>
                  )}
                </div>
              )}
            </li>
          );
        })}
      </ul>
      <Choice
        label="Add what serves it"
        hideLabel
        value=""
        options={options}
        onSet={(key) => key !== '' && pick(key)}
        className="mt-2"
      />
      <Button look="quiet" className="mt-1" onClick={() => select(null)}>
        Back to who works here
      </Button>
    </>
  );
}
