/** A project is pulled in one round, thing by thing into its tray, and brought back in one. */
import { useState } from 'react';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { broughtBack, pulled } from '@heronstone/core/ask/pull.ts';
import { set, type Change } from '@heronstone/core/model/change.ts';
import { byName, type PullLine } from '@heronstone/core/model/plan.ts';
import { openingOf } from '@heronstone/core/scene/scene.ts';
import { logLine } from '@heronstone/core/model/log.ts';
import { FromAbove } from '../../drawings/FromAbove.tsx';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, TextField } from '../../ui/Field.tsx';
import { today } from '../../state/today.ts';
import { Segments } from '../../ui/Segments.tsx';

export function PullView() {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const arrangement = useStore((s) => s.arrangement);
  const projects = byName(plan.projects).filter((p) => !p.done);
  const [chosen, setChosen] = useState(projects[0]?.id ?? '');
  const [way, setWay] = useState<'pull' | 'return'>('pull');
  const project = plan.projects[chosen];
  const states: Array<PullLine['state']> = way === 'pull' ? ['to pull'] : ['out'];
  const needs = Object.values(plan.pulls).filter((n) => n.project === chosen);
  const of = `${chosen} ${way} ${arrangement}`;
  const { value } = useAsked(
    project
      ? () => engine.projectRound(project.id, states, arrangement).then((answer) => ({ of, round: answer }))
      : null,
    [project?.id, way, arrangement],
  );
  const round = value?.round;
  const open = needs.filter((n) => states.includes(n.state));
  const place = (id: string) => placeOf(report, id)?.name ?? id;
  const worked = round ? (way === 'pull' ? [...round.atHand, ...round.stops] : [...round.stops, ...round.atHand]) : [];
  // The order with which the round was begun stays: a line that jumps away under a finger is the wrong one ticked.
  const [begun, setBegun] = useState<{ of: string; places: string[] } | null>(null);
  if (value?.of === of && begun?.of !== of) setBegun({ of, places: worked.map((s) => s.compartment) });
  const turn = (compartment: string) => {
    const at = begun?.places.indexOf(compartment) ?? -1;
    return at < 0 ? Infinity : at;
  };
  const stops = [...worked].sort((a, b) => turn(a.compartment) - turn(b.compartment) || 0);
  const lit = stops.slice(0, 1).map((s) => openingOf(s.compartment));
  const begin = (from: string) => {
    const id = newId();
    const [kind, ref] = [from.slice(0, from.indexOf(' ')), from.slice(from.indexOf(' ') + 1)];
    const activity =
      kind === 'activity' ? ref : (Object.values(plan.helpers).find((h) => h.kit === ref)?.activity ?? null);
    const name = kind === 'activity' ? plan.activities[ref]!.name : plan.kits[ref]!.name;
    const box = kind === 'kit' ? plan.kits[ref]!.box : null;
    // A kit whose contents are planned is its contents; any other is what its activity uses.
    const packed = Object.values(plan.placements).filter((p) => p.arrangement === 'planned' && p.container === box);
    const used = Object.values(plan.uses).filter((u) => u.activity === activity);
    const wanted = [...new Set((box !== null && packed.length > 0 ? packed : used).map((row) => row.supply))];
    const changes: Change[] = [
      set('projects', id, { id, name: `${name}, ${today()}`, activity, kit: kind === 'kit' ? ref : null, due: null }),
      ...wanted.map((supply) => {
        const need = newId();
        return set('pulls', need, { id: need, project: id, supply, count: 1, tray: '', state: 'to pull' });
      }),
    ];
    if (commit(`Pull list for ${name}`, changes)) setChosen(id);
  };
  return (
    <section aria-label="Pull and return" className="min-h-0 grow overflow-y-auto px-4 pb-6 md:px-6" tabIndex={0}>
      <div className="flex flex-wrap items-end gap-3">
        {projects.length > 0 && (
          <Choice
            label="Project"
            value={chosen}
            options={projects.map((p) => [p.id, p.name] as const)}
            onSet={setChosen}
          />
        )}
        <Choice
          label="New list from"
          value=""
          options={[
            ['', 'choose an activity or a kit'],
            ...byName(plan.activities).map((a) => [`activity ${a.id}`, a.name] as const),
            ...byName(plan.kits).map((k) => [`kit ${k.id}`, k.name] as const),
          ]}
          onSet={(v) => v !== '' && begin(v)}
        />
        {project && (
          <Segments
            label="Pull or return"
            size="large"
            value={way}
            options={[
              ['pull', 'Pull'],
              ['return', 'Return'],
            ]}
            onSet={setWay}
          />
        )}
      </div>
      {!project && (
        <p className="mt-4 text-soft">Choose the activity or kit you are starting, and fetch all of it in one round.</p>
      )}
      {project && (
        <>
          <p className="mt-3 font-serif text-xl" role="status">
            {open.length === 0
              ? way === 'pull'
                ? 'Everything is out.'
                : 'Everything is back.'
              : `${open.length} ${way === 'pull' ? 'to fetch' : 'to bring back'}${round ? `: ${Math.round(round.seconds)} s in one round, ${Math.round(round.singly)} s one by one` : ''}`}
          </p>
          <div className="h-44">{Object.keys(plan.corners).length >= 3 && <FromAbove small lit={lit} />}</div>
          <ol aria-label={way === 'pull' ? 'The round' : 'The round back'}>
            {stops.map((stop) => (
              <li key={stop.compartment} className="mt-3">
                <h2 className="text-lg">{place(stop.compartment)}</h2>
                <ul>
                  {open
                    .filter((n) => stop.supplies.includes(n.supply))
                    .map((n) => (
                      <Line key={n.id} need={n} way={way} />
                    ))}
                </ul>
              </li>
            ))}
          </ol>
          {round && round.without.length > 0 && (
            <ul aria-label="Not placed yet" className="mt-3">
              {open
                .filter((n) => round.without.includes(n.supply))
                .map((n) => (
                  <Line key={n.id} need={n} way={way} />
                ))}
            </ul>
          )}
          {needs.length > 0 && needs.every((n) => n.state === 'back' || n.state === 'used up') && (
            <Button
              look="main"
              className="mt-4 min-h-11"
              onClick={() => commit(`Done: ${project.name}`, [set('projects', project.id, { done: true })])}
            >
              The project is done
            </Button>
          )}
        </>
      )}
    </section>
  );
}

function Line({ need, way }: { need: PullLine; way: 'pull' | 'return' }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const name = plan.supplies[need.supply]!.name;
  const openings = report?.compartments.filter((c) => c.container === null) ?? [];
  const elsewhere = (id: string) => {
    const c = openings.find((x) => x.id === id);
    if (!c) return;
    commit(`Put back elsewhere: ${name}`, [
      ...broughtBack(plan, need, false),
      logLine(newId(), today(), {
        supply: need.supply,
        kind: 'put elsewhere',
        unit: c.unit,
        slot: c.slot,
        project: need.project,
      }),
    ]);
  };
  return (
    <li className="flex flex-wrap items-center gap-2 border-b border-line py-1.5">
      <Button
        className="min-h-11 grow justify-start"
        onClick={() =>
          way === 'pull'
            ? commit(`Pulled: ${name}`, pulled(need, newId(), today()))
            : commit(`Back: ${name}`, broughtBack(plan, need, false))
        }
      >
        {need.count > 1 && `${need.count} `}
        {name}
      </Button>
      {way === 'pull' ? (
        <TextField
          label="Tray"
          hideLabel
          className="w-28"
          value={need.tray}
          empty
          onSet={(tray) => commit(`Tray of ${name}`, [set('pulls', need.id, { tray })])}
        />
      ) : (
        <>
          <Button className="min-h-11" onClick={() => commit(`Used up: ${name}`, broughtBack(plan, need, true))}>
            Used up
          </Button>
          <Choice
            label={`${name} went elsewhere`}
            hideLabel
            className="w-36"
            value=""
            options={[['', 'elsewhere …'], ...openings.map((c) => [c.id, c.name] as const)]}
            onSet={elsewhere}
          />
        </>
      )}
    </li>
  );
}
