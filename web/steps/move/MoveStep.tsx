/** Move: from today to the plan, as a checklist in the hand. Both places are lit in the drawing. */
import { howMany, tenths, formatVolume } from '@heronstone/core/model/measure.ts';
import { Link } from 'react-router';
import { useEffect, useRef, useState } from 'react';
import type { Move } from '@heronstone/core/changeover/move.ts';
import { wonSince, type ChangeOver, type SittingPlan } from '@heronstone/core/changeover/changeOver.ts';
import { tick } from '@heronstone/core/changeover/tick.ts';
import { set, setMeta, type Change } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { openingOf } from '@heronstone/core/scene/scene.ts';
import { FromAbove } from '../../drawings/FromAbove.tsx';
import { RoundTheRoom } from '../../drawings/RoundTheRoom.tsx';
import { engine } from '../../engine/client.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, notice, setArrangement, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Fact, NumberField } from '../../ui/Field.tsx';
import { NextStep, Sheet } from '../../ui/Sheet.tsx';
import { OtherWays } from './OtherWays.tsx';
import { minutesWords, RoundLines } from './RoundLines.tsx';
import { today } from '../../state/today.ts';

const begunKey = (id: string) => `heronstone.sitting.${id}`;

export function MoveStep() {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const looks = useStore((s) => s.may === 'read');
  const has = useStore((s) => s.engineHas);
  const { sitting: minutes } = plan.meta.upkeep;
  const [over, setOver] = useState<ChangeOver | null>(null);
  const [done, setDone] = useState<ReadonlySet<string>>(new Set());
  const [other, setOther] = useState<Move | null>(null);
  /** The plan as this list knows it: after a tick it goes on, after anything else it is made again. */
  const known = useRef<{ plan: Plan | null; minutes: number }>({ plan: null, minutes });
  useEffect(() => setArrangement('today'), []);
  useEffect(() => {
    if (has !== plan || (known.current.plan === plan && known.current.minutes === minutes)) return;
    let current = true;
    const of = plan;
    engine.changeOver(minutes).then(
      (found) => {
        if (!current) return;
        known.current = { plan: of, minutes };
        setDone(new Set());
        setOver(found);
      },
      (cause: unknown) => notice(`The moves could not be worked out: ${String(cause)}`, 'error'),
    );
    return () => {
      current = false;
    };
  }, [plan, has, minutes]);

  const going = Object.values(plan.sittings).find((s) => s.took === null);
  const all = over?.sittings.flatMap((s) => s.moves) ?? [];
  const next = all.find((m) => !done.has(m.id));
  const left = all.filter((m) => !done.has(m.id));
  /** Makes changes that belong to a move, with the sitting that goes on; then the list goes on, or is made again. */
  const make = (name: string, move: Move, changes: Change[], goesOn: boolean): boolean => {
    const more = going
      ? [set('sittings', going.id, { moves: going.moves + 1, estimated: going.estimated + move.seconds })]
      : [];
    if (!commit(name, [...changes, ...more])) return false;
    if (goesOn) {
      known.current = { plan: useStore.getState().plan, minutes };
      setDone(new Set([...done, move.id]));
    }
    return true;
  };
  const carry = (move: Move) => {
    try {
      make(`${verb(move)}: ${move.load.name}`.slice(0, 200), move, tick(plan, move.load, move.kind), true);
    } catch (cause) {
      notice(cause instanceof Error ? cause.message : String(cause), 'error');
    }
  };
  if (!over) return <p className="m-auto text-soft">Working out the moves …</p>;
  if (all.length === 0)
    return (
      <NextStep title={report && report.week.planned.placed > 0 ? 'Everything lies as planned' : 'Nothing to move yet'}>
        {report && report.week.planned.placed > 0 ? (
          <>Move finished{over.won > 0.05 ? `: ${tenths(over.won)} minutes a week won` : ''}.</>
        ) : (
          <>
            {looks ? (
              'Once it is planned where things go, the moves are listed here.'
            ) : (
              <>
                <Link className="text-rust underline" to={`/plan/${plan.meta.id}/place`}>
                  Plan where things go
                </Link>{' '}
                first; then the moves are listed here.
              </>
            )}
          </>
        )}
      </NextStep>
    );
  const lit = next ? [next.from, next.to].flatMap((id) => (id ? [openingOf(id)] : [])) : [];
  return (
    <>
      <section aria-label="Moves" className="flex min-h-0 min-w-0 grow flex-col gap-3 px-4 py-3 md:overflow-hidden">
        <div className="grid shrink-0 gap-3 md:h-[38%] md:grid-cols-[2fr_1fr]">
          <div className="hidden min-h-0 min-w-0 overflow-hidden md:block">
            <RoundTheRoom lit={lit} zoomed="found" />
          </div>
          <div className="h-44 min-h-0 min-w-0 md:h-full">
            {Object.keys(plan.corners).length >= 3 && <FromAbove small lit={lit} />}
          </div>
        </div>
        {next && (
          <div
            className="shrink-0 rounded-2xl border-2 border-ink bg-leaf px-4 py-3"
            aria-label="Next move"
            role="group"
          >
            <p className="text-sm text-soft">
              Next: {verb(next).toLowerCase()}
              {next.sameTrip && ', in the same trip'}
            </p>
            <p className="font-serif text-xl">{next.load.name}</p>
            <p>
              {next.fromName} <span aria-hidden="true">→</span>
              <span className="sr-only"> to </span> <b>{next.toName}</b>
            </p>
            {!looks && (
              <div className="mt-2 flex flex-wrap gap-2">
                <Button look="main" className="min-h-11" onClick={() => carry(next)}>
                  Done
                </Button>
                {next.load.kind === 'things' && next.load.to !== null && (
                  <Button className="min-h-11" onClick={() => setOther(next)}>
                    Something else happened …
                  </Button>
                )}
              </div>
            )}
          </div>
        )}
        <ol aria-label="All moves" className="min-h-0 grow overflow-y-auto" tabIndex={0}>
          {over.before.map((round) => (
            <li key={round.kind}>
              <RoundLines round={round} />
            </li>
          ))}
          {over.sittings.map((sitting, i) => (
            <SittingList
              key={i}
              number={i + 1}
              sitting={sitting}
              done={done}
              onTick={carry}
              next={looks ? undefined : next}
            />
          ))}
        </ol>
      </section>
      <Sheet
        about="step"
        low
        title="The move"
        line={`${left.length} of ${howMany(all.length, 'move')} to go; ${howMany(report!.moves, 'supply lies', 'supplies lie')} elsewhere than planned`}
      >
        <dl>
          <Fact name={report!.compared.whole ? 'A week now' : `A week now, of the same ${report!.compared.supplies}`}>
            {tenths(report!.compared.today)} min
          </Fact>
          <Fact name={report!.compared.whole ? 'A week as planned' : 'The same as planned'}>
            {tenths(report!.compared.planned)} min
          </Fact>
          <Fact name="Won so far">{tenths(wonSince(plan, report!))} min a week</Fact>
          <Fact name="Carrying to go">{minutesWords(left.reduce((sum, m) => sum + m.seconds, 0) * over.pace)}</Fact>
          {over.peak > 0 && (
            <Fact name="Most on the floor at once">{formatVolume(over.peak * 1000, plan.meta.units)}</Fact>
          )}
          <Fact name="On the floor if everything came out">
            {formatVolume(over.everything * 1000, plan.meta.units)}
          </Fact>
        </dl>
        {Math.abs(over.pace - 1) > 0.02 && (
          <p className="text-sm text-soft">
            Times are {over.pace.toFixed(2)} of the first guess, as your sessions went.
          </p>
        )}
        {!looks && (
          <>
            <NumberField
              className="mt-3"
              label="Minutes in a session"
              value={minutes}
              least={10}
              most={600}
              onSet={(sitting) =>
                commit('Length of a session', [setMeta(plan, { upkeep: { ...plan.meta.upkeep, sitting } })])
              }
            />
            <SittingClock minutesNow={report!.week.today.minutes} />
          </>
        )}
      </Sheet>
      {other && <OtherWays move={other} onClose={() => setOther(null)} make={make} />}
    </>
  );
}

const verb = (move: Move) =>
  move.kind === 'lift out'
    ? 'Lift out onto the floor or table'
    : move.kind === 'put in'
      ? 'Put in'
      : move.load.parks === 'in'
        ? 'Park for now'
        : move.load.kind === 'new container'
          ? 'Set up'
          : move.load.to === null
            ? 'Take out'
            : 'Move';

function SittingList({
  number,
  sitting,
  done,
  onTick,
  next,
}: {
  number: number;
  sitting: SittingPlan;
  done: ReadonlySet<string>;
  onTick: (move: Move) => void;
  next: Move | undefined;
}) {
  return (
    <li className="mt-2">
      <h2 className="text-lg">
        Session {number}{' '}
        <span className="font-sans text-sm text-soft">
          {minutesWords(sitting.seconds)}, saves {tenths(sitting.saving)} min a week
          {sitting.floor > 0 &&
            `; ${formatVolume(sitting.floor * 1000, useStore.getState().plan!.meta.units)} stand on the table at its end`}
        </span>
      </h2>
      <ul>
        {sitting.moves.map((m) => (
          <li key={m.id} className="border-b border-line">
            <label className="flex min-h-11 items-center gap-3 py-1">
              <input
                type="checkbox"
                className="size-5 accent-rust"
                checked={done.has(m.id)}
                // Only in order: a destination is free when its turn has come.
                disabled={m !== next}
                onChange={() => onTick(m)}
                aria-label={`${verb(m)}: ${m.load.name}, from ${m.fromName} to ${m.toName}`}
              />
              <span className="grow gap-3 md:flex md:items-center md:justify-between">
                <span className={done.has(m.id) ? 'text-soft line-through' : m === next ? 'font-bold' : ''}>
                  {m.load.name}
                </span>
                <span className="block text-sm text-soft">
                  {m.fromName} → {m.toName}
                </span>
              </span>
            </label>
          </li>
        ))}
        {sitting.rounds.map((round) => (
          <li key={round.kind}>
            <RoundLines round={round} />
          </li>
        ))}
      </ul>
    </li>
  );
}

/** Starts and ends a session; what it took corrects the times of the rest. */
function SittingClock({ minutesNow }: { minutesNow: number }) {
  const plan = useStore((s) => s.plan)!;
  const going = Object.values(plan.sittings).find((s) => s.took === null);
  const past = Object.values(plan.sittings).filter((s) => s.took !== null);
  const begin = () => {
    const id = newId();
    localStorage.setItem(begunKey(id), String(Date.now()));
    const row = { id, day: today(), estimated: 0, took: null, moves: 0, before: minutesNow, after: null };
    commit('Start session', [set('sittings', id, row)]);
  };
  const end = () => {
    const from = Number(localStorage.getItem(begunKey(going!.id)) ?? Date.now());
    localStorage.removeItem(begunKey(going!.id));
    const took = Math.max(1, Math.round((Date.now() - from) / 1000));
    commit('End session', [set('sittings', going!.id, { took, after: minutesNow })]);
  };
  return (
    <div className="mt-4">
      {going ? (
        <>
          <p role="status">
            Session running: {going.moves} {going.moves === 1 ? 'move' : 'moves'}.
          </p>
          <Button className="mt-1" onClick={end}>
            End session
          </Button>
        </>
      ) : (
        <Button onClick={begin}>Start session</Button>
      )}
      {past.length > 0 && (
        <ul className="mt-2 text-sm text-soft">
          {past.map((s) => (
            <li key={s.id}>
              {s.day}: {howMany(s.moves, 'move')} in {minutesWords(s.took!)}
              {s.after !== null && `, ${tenths(s.before - s.after)} min a week won`}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
