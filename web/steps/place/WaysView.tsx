/** Ways of sorting: choose one, try all of them, and see them side by side with today and with other plans of the room. */
import { useState } from 'react';
import { figuresOf, type Compared } from '@heronstone/core/report/planVsPlan.ts';
import { setMeta } from '@heronstone/core/model/change.ts';
import { byName, type Plan } from '@heronstone/core/model/plan.ts';
import {
  INSIDE_ORDERS,
  INSIDE_WORDS,
  SHOWN,
  SHOWN_WORDS,
  WAYS,
  WAY_WORDS,
  type Sorting,
} from '@heronstone/core/model/sorting.ts';
import type { Order } from '@heronstone/core/cost/sortingCost.ts';
import { holdsFor, sortingBy, takeWay, type Sorted } from '@heronstone/core/search/ways.ts';
import { cancelSearch, fillRoom, lookAtWays, useSearching } from '../../state/searching.ts';
import { commit } from '../../state/openPlan.ts';
import { notice, select, setArrangement, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Progress } from '../../ui/Progress.tsx';
import { Choice, TextField } from '../../ui/Field.tsx';
import { columnsIn } from './columns.ts';
import { Mixtures } from './Mixtures.tsx';
import { OrderCurve } from './OrderCurve.tsx';
import { Variants } from './Variants.tsx';

const words = <T extends string>(all: readonly T[], names: Readonly<Record<T, string>>) =>
  all.map((key) => [key, names[key]] as const);

/** The maker's own order of colours, as in a catalogue: one after another, with commas between them. */
function OwnColours() {
  const plan = useStore((s) => s.plan)!;
  const { sorting } = plan.meta;
  return (
    <TextField
      label="My own order of colours"
      hint="With commas between them; empty takes the rainbow."
      value={sorting.colours.join(', ')}
      empty
      onSet={(text) =>
        commit('My own order of colours', [
          setMeta(plan, {
            sorting: {
              ...sorting,
              colours: text
                .split(',')
                .map((c) => c.trim())
                .filter((c) => c !== ''),
            },
          }),
        ])
      }
    />
  );
}

/** @param onShow goes to the places */
export function WaysView({ onShow }: { onShow: () => void }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const { running, share, ways } = useSearching();
  const [open, setOpen] = useState<string | null>(null);
  const { sorting } = plan.meta;
  const change = (name: string, columns: Partial<Sorting>) =>
    commit(name, [setMeta(plan, { sorting: { ...sorting, ...columns } })]);
  const stale = ways !== null && !holdsFor(ways.plan, plan);
  return (
    <div className="printed min-h-0 grow overflow-y-auto pb-6" tabIndex={0} role="region" aria-label="Ways of sorting">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <div>
          <h2 className="text-2xl">Ways of sorting</h2>
          <p className="max-w-2xl text-soft">
            What lies with what is a matter of taste, and it has a price in minutes. Choose yours, or try them all.
          </p>
        </div>
        <div className="noprint flex gap-2">
          <Button disabled={ways === null} onClick={() => window.print()}>
            Print the table
          </Button>
        </div>
      </div>
      <div className="noprint mt-3 grid max-w-4xl gap-x-4 gap-y-2 sm:grid-cols-3">
        <Choice
          label="What lies together"
          value={sorting.way}
          options={words(WAYS, WAY_WORDS)}
          onSet={(way) => change(`Sorted ${WAY_WORDS[way].toLowerCase()}`, sortingBy(plan, way))}
        />
        <Choice
          label="What is seen"
          value={sorting.shown}
          options={words(SHOWN, SHOWN_WORDS)}
          onSet={(shown) => change(`Seen: ${SHOWN_WORDS[shown].toLowerCase()}`, { shown })}
        />
        <Choice
          label="In one place"
          value={sorting.inside}
          options={words(INSIDE_ORDERS, INSIDE_WORDS)}
          onSet={(inside) => change(`In one place: ${INSIDE_WORDS[inside].toLowerCase()}`, { inside })}
        />
        {sorting.inside !== 'most used' && (
          <Choice
            label="then"
            value={sorting.then}
            options={words(INSIDE_ORDERS, INSIDE_WORDS)}
            onSet={(then) => change(`In one place, then: ${INSIDE_WORDS[then].toLowerCase()}`, { then })}
          />
        )}
        <OwnColours />
      </div>
      <Mixtures />
      <div className="noprint mt-3 flex flex-wrap items-center gap-2">
        <Button
          look="main"
          disabled={running !== null}
          onClick={() => {
            onShow();
            // How far it is, and the way to stop it, are beside the whole room.
            select(null);
            void fillRoom({ kind: 'room' });
          }}
        >
          Fill the room this way
        </Button>
        {running === 'ways' ? (
          <>
            <Progress share={share} label="Trying all ways" />
            <Button onClick={cancelSearch}>Stop</Button>
          </>
        ) : (
          <Button disabled={running !== null} onClick={() => void lookAtWays()}>
            Try all ways
          </Button>
        )}
      </div>
      <OrderCurve onShow={onShow} />
      {stale && (
        <p className="mt-2 text-rust">
          The room or the supplies have changed since; try all ways again to compare them.
        </p>
      )}
      {report && (
        <table className="mt-4 w-full max-w-5xl" aria-label="Ways side by side">
          <thead>
            <tr className="border-b border-ink text-left align-bottom">
              <th className="py-1">A week</th>
              {columnsIn(plan.meta.units).map(([title]) => (
                <th key={title} className="py-1 pl-3 text-right font-normal">
                  {title}
                </th>
              ))}
              <th className="noprint">
                <span className="sr-only">Sort this way</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {report.week.today.placed > 0 && <Row name="Today" figures={figuresOf(plan, report, 'today')} />}
            {report.week.planned.placed > 0 && (
              <Row
                name={`This plan (${WAY_WORDS[sorting.way].toLowerCase()})`}
                figures={figuresOf(plan, report, 'planned')}
              />
            )}
            {(ways?.found ?? []).map((w) => (
              <Row
                key={w.way}
                name={WAY_WORDS[w.way]}
                figures={w.figures}
                best={w.figures.minutes === Math.min(...ways!.found.map((o) => o.figures.minutes))}
                open={open === w.way}
                onOpen={() => setOpen(open === w.way ? null : w.way)}
                onTake={stale ? undefined : () => take(w, onShow)}
                order={w.order}
                plan={plan}
              />
            ))}
          </tbody>
        </table>
      )}
      <p className="mt-2 max-w-3xl text-xs text-soft">
        {plan.meta.units === 'imperial' ? 'Quarts' : 'Litres'}: supplies that have a place. Moves: things that lie
        elsewhere than today.
      </p>
      <Variants />
    </div>
  );
}

function take(w: Sorted, onShow: () => void): void {
  if (!commit(`Sorted ${WAY_WORDS[w.way].toLowerCase()}`, takeWay(useStore.getState().plan!, w))) return;
  setArrangement('planned');
  notice(`The room is sorted ${WAY_WORDS[w.way].toLowerCase()}. One undo takes it back.`);
  onShow();
}

function Row({
  name,
  figures,
  best = false,
  open = false,
  onOpen,
  onTake,
  order,
  plan,
}: {
  name: string;
  figures: Compared;
  best?: boolean;
  open?: boolean;
  onOpen?: () => void;
  onTake?: (() => void) | undefined;
  order?: Order;
  plan?: Plan;
}) {
  return (
    <>
      <tr className="border-b border-line">
        <th scope="row" className="py-1 text-left font-normal">
          {onOpen ? (
            <button type="button" aria-expanded={open} className="min-h-6 text-left hover:underline" onClick={onOpen}>
              <span aria-hidden="true">{open ? '▾' : '▸'}</span> {name}
              {best && <b>, fewest minutes</b>}
            </button>
          ) : (
            <b>{name}</b>
          )}
        </th>
        {columnsIn(useStore.getState().plan!.meta.units).map(([title, of, digits]) => (
          <td key={title} className="pl-3 text-right tabular-nums">
            {of(figures).toFixed(digits)}
          </td>
        ))}
        <td className="noprint pl-3 text-right">
          {onOpen && (
            <Button look="quiet" disabled={!onTake} onClick={onTake} aria-label={`Use this layout: ${name}`}>
              Use this layout
            </Button>
          )}
        </td>
      </tr>
      {open && order && plan && (
        <tr className="border-b border-line">
          <td colSpan={columnsIn(useStore.getState().plan!.meta.units).length + 2} className="pb-2 pl-5 text-soft">
            {order.sorts.length === 0 && 'Nothing is sorted: each thing lies where fetching it costs least.'}
            <ul className="columns-1 gap-8 sm:columns-2">
              {order.sorts.map((s) => (
                <li key={s.key} className="break-inside-avoid">
                  <b>{s.words}</b> ({s.supplies}): {namesOf(plan, s.units)}
                </li>
              ))}
            </ul>
          </td>
        </tr>
      )}
    </>
  );
}

const namesOf = (plan: Plan, units: readonly string[]): string =>
  byName(plan.units)
    .filter((u) => units.includes(u.id))
    .map((u) => u.name)
    .join(', ');
