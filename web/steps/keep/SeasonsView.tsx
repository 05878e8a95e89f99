/** Seasons: what comes in and goes out, when, as a round of moves; and the calendar file. */
import { howMany } from '@heronstone/core/model/measure.ts';
import { set } from '@heronstone/core/model/change.ts';
import { byName, type Season } from '@heronstone/core/model/plan.ts';
import { occasionsOf, writeCalendar } from '@heronstone/core/upkeep/calendar.ts';
import { inSeason, seasonRound } from '@heronstone/core/upkeep/seasons.ts';
import { removeRows } from '../../state/removing.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, notice, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, TextField } from '../../ui/Field.tsx';
import { download } from '../../ui/download.ts';
import { today } from '../../state/today.ts';

export function SeasonsView() {
  const plan = useStore((s) => s.plan)!;
  const add = () => {
    const id = newId();
    commit('Add a season', [
      set('seasons', id, { id, name: 'A season', from: '12-01', until: '01-06', unit: null, slot: '' }),
    ]);
  };
  const occasions = occasionsOf(plan, today());
  return (
    <div className="grid max-w-5xl gap-8 lg:grid-cols-2">
      <section aria-label="Seasons">
        <h2 className="text-xl">Seasons</h2>
        <p className="text-soft">
          A supply belongs to a season by the season in its sheet; the rest of the year it waits elsewhere.
        </p>
        {byName(plan.seasons).map((s) => (
          <SeasonCard key={s.id} season={s} />
        ))}
        <Button className="mt-3" onClick={add}>
          Add a season
        </Button>
      </section>
      <section aria-label="Calendar">
        <h2 className="text-xl">Calendar</h2>
        <ul>
          {occasions.map((o) => (
            <li key={o.id} className="flex gap-4 border-b border-line py-1">
              <span className="tabular-nums">{o.day}</span>
              <span>{o.title}</span>
              {o.months > 0 && (
                <span className="ml-auto text-sm text-soft">
                  every {o.months === 12 ? 'year' : `${o.months} months`}
                </span>
              )}
            </li>
          ))}
        </ul>
        <Button
          className="mt-3"
          onClick={() =>
            download(writeCalendar(plan, today(), new Date().toISOString()), `${plan.meta.name}.ics`, 'text/calendar')
          }
        >
          Download as a calendar file
        </Button>
      </section>
    </div>
  );
}

function SeasonCard({ season }: { season: Season }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const own = byName(plan.supplies).filter((s) => s.season === season.name);
  const places = report?.compartments.filter((c) => c.container === null) ?? [];
  const go = (way: 'in' | 'out') => {
    try {
      const round = seasonRound(plan, season.id, way);
      if (round.changes.length === 0) notice(way === 'in' ? 'All of it is in the room.' : 'All of it is put away.');
      else if (
        commit(
          `${season.name}: ${way === 'in' ? 'bring in' : 'put away'} ${howMany(round.lines.length, 'thing')}`,
          round.changes,
        )
      )
        notice(
          round.lost.length > 0
            ? `Their places no longer exist: ${round.lost.join(', ')}.`
            : `${howMany(round.lines.length, 'thing')} moved.`,
        );
    } catch (cause) {
      notice(cause instanceof Error ? cause.message : String(cause), 'error');
    }
  };
  const change = (columns: Partial<Season>) =>
    commit(`Season ${season.name}`, [
      set('seasons', season.id, columns),
      ...(columns.name ? own.map((s) => set('supplies', s.id, { season: columns.name! })) : []),
    ]);
  return (
    <article className="mt-3 rounded-2xl border border-line bg-leaf px-4 py-3">
      <div className="grid grid-cols-2 gap-2">
        <TextField label="Name" className="col-span-2" value={season.name} onSet={(name) => change({ name })} />
        <TextField label="From, month and day" value={season.from} onSet={(from) => change({ from })} />
        <TextField label="Until" value={season.until} onSet={(until) => change({ until })} />
        <Choice
          className="col-span-2"
          label="The rest of the year in"
          value={season.unit === null ? '' : `${season.unit}/${season.slot}`}
          options={[['', 'choose a place'], ...places.map((c) => [c.id, c.name] as const)]}
          onSet={(id) => {
            const c = places.find((x) => x.id === id);
            change(c ? { unit: c.unit, slot: c.slot } : { unit: null, slot: '' });
          }}
        />
      </div>
      <p className="mt-2 text-sm text-soft">
        {inSeason(season, today()) ? 'In season.' : 'Out of season.'}{' '}
        {own.length === 0 ? 'Nothing belongs to it yet.' : own.map((s) => s.name).join(', ')}
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={() => go('out')}>Put its things away</Button>
        <Button onClick={() => go('in')}>Bring them in</Button>
        <Button look="quiet" onClick={() => removeRows(`the season ${season.name}`, 'seasons', [season.id])}>
          Remove
        </Button>
      </div>
    </article>
  );
}
