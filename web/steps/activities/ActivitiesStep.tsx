/** Activities: what is done in the room, how often, for how long and where; and who does it. */
import { howMany } from '@heronstone/core/model/measure.ts';
import { isAbout } from '@heronstone/core/model/finding.ts';
import { set } from '@heronstone/core/model/change.ts';
import { byName, hoursAWeek, TABLES, type Activity, type Plan } from '@heronstone/core/model/plan.ts';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { FromAbove } from '../../drawings/FromAbove.tsx';
import { commit } from '../../state/openPlan.ts';
import { newId, select, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, Fact, Heading, NumberField, TextField } from '../../ui/Field.tsx';
import { Sheet } from '../../ui/Sheet.tsx';
import { ActivitySheet } from './ActivitySheet.tsx';
import { PersonCard } from './PersonCard.tsx';
import { RelationChart } from './RelationChart.tsx';
import { TabPanel, TabTitles, Tabs } from '../../ui/Tabs.tsx';

const VIEWS = [
  ['list', 'What you do'],
  ['chart', 'Near and apart'],
] as const;

export function ActivitiesStep() {
  const plan = useStore((s) => s.plan)!;
  const ranked = byName(plan.activities).sort((a, b) => hoursAWeek(b) - hoursAWeek(a));
  const stations = byName(plan.stations);
  const [chosen, setTab] = useState<(typeof VIEWS)[number][0]>('list');
  const activity = useStore((s) => (s.selected?.kind === 'activity' ? s.plan!.activities[s.selected.id] : undefined));
  const tab = ranked.length > 1 ? chosen : 'list';
  const longest = Math.max(1, ...ranked.map(hoursAWeek));
  return (
    <>
      <section aria-label="Activities" className="min-h-0 min-w-0 grow overflow-y-auto px-4 py-4 md:px-8">
        <Tabs value={tab} onChoose={setTab}>
          {ranked.length > 1 && <TabTitles label="Views of the activities" tabs={VIEWS} />}
          <TabPanel value={tab}>
            {tab === 'chart' ? (
              <RelationChart plan={plan} />
            ) : (
              <>
                <h2 className="text-2xl">What do you do here?</h2>
                <p className="mb-4 text-soft">
                  {ranked.length === 0
                    ? 'List what you do in this room, and how often. Each will draw its supplies near.'
                    : 'Ranked by hours a week. The more often something is done, the nearer its supplies come.'}
                </p>
                <ol className="grid gap-2">
                  {ranked.map((a, rank) => (
                    <ActivityRow
                      key={a.id}
                      activity={a}
                      plan={plan}
                      rank={rank + 1}
                      share={hoursAWeek(a) / longest}
                      stations={stations.map((s) => [s.id, s.name] as const)}
                    />
                  ))}
                </ol>
                <NewActivity station={stations[0]?.id ?? null} />
              </>
            )}
          </TabPanel>
        </Tabs>
      </section>
      {activity ? (
        <ActivitySheet key={activity.id} activity={activity} plan={plan} />
      ) : (
        <Sheet about="step" low title="Who works here" line="Height decides what is within reach.">
          {byName(plan.people).map((p) => (
            <PersonCard key={p.id} person={p} plan={plan} />
          ))}
          <Button
            onClick={() => {
              const id = newId();
              commit('Add a person', [set('people', id, { id, name: 'Me', stature: 1700 })]);
            }}
          >
            Add a person
          </Button>
          {Object.keys(plan.corners).length >= 3 && (
            <>
              <Heading>The room</Heading>
              <div className="h-52">
                <FromAbove small />
              </div>
              <dl>
                {stations.map((s) => (
                  <Fact key={s.id} name={s.name}>
                    {s.posture}
                  </Fact>
                ))}
              </dl>
            </>
          )}
        </Sheet>
      )}
    </>
  );
}

function ActivityRow({
  activity: a,
  plan,
  rank,
  share,
  stations,
}: {
  activity: Activity;
  plan: Plan;
  rank: number;
  share: number;
  stations: ReadonlyArray<readonly [string, string]>;
}) {
  const change = (what: string, columns: Partial<Activity>) =>
    commit(`${what} of ${a.name}`, [set('activities', a.id, columns)]);
  const uses = Object.values(plan.uses).filter((u) => u.activity === a.id).length;
  const cautions = useStore((s) => s.report?.findings.filter((f) => isAbout(f, 'activities', a.id)).length ?? 0);
  return (
    <li className="grid grid-cols-2 items-end gap-3 rounded-xl border border-line bg-leaf px-4 py-3 xl:grid-cols-[2rem_minmax(11rem,2fr)_6rem_6rem_minmax(9rem,1.4fr)_auto]">
      <span className="hidden pb-1 font-serif text-xl xl:block" aria-label={`Rank ${rank}`}>
        {rank}
      </span>
      <div className="col-span-2 xl:col-span-1">
        <TextField label="Activity" value={a.name} onSet={(name) => change('Name', { name })} />
      </div>
      <NumberField
        label="Times a week"
        value={a.sessionsPerWeek}
        least={0.01}
        most={70}
        none="What is never done is removed; once a year is 0.02 a week."
        onSet={(sessionsPerWeek) => change('Rhythm', { sessionsPerWeek })}
      />
      <NumberField
        label="Minutes each"
        value={a.minutes}
        least={0}
        most={1440}
        onSet={(minutes) => change('Length', { minutes })}
      />
      <Choice
        label="Where"
        value={a.station ?? ''}
        options={[['', 'nowhere yet'], ...stations]}
        onSet={(station) => change('Station', { station: station === '' ? null : station })}
      />
      <div className="flex items-center gap-3 pb-0.5">
        <span className="hidden h-2 w-16 overflow-hidden rounded-full bg-sand xl:block" aria-hidden="true">
          <span className="block h-full rounded-full bg-w2" style={{ width: `${share * 100}%` }} />
        </span>
        <span className="w-20 text-xs text-soft">
          {hoursAWeek(a).toFixed(1)} h a week, {howMany(uses, 'supply', 'supplies')}
        </span>
        <Button look="quiet" aria-label={`What ${a.name} needs`} onClick={() => select({ kind: 'activity', id: a.id })}>
          Needs
          {cautions > 0 && (
            <span className="rounded-full bg-lichen px-1.5 text-xs font-bold text-leaf">{cautions}</span>
          )}
        </Button>
      </div>
    </li>
  );
}

const Named = z.object({ name: TABLES.activities.shape.name });

function NewActivity({ station }: { station: string | null }) {
  const form = useForm({ resolver: zodResolver(Named), defaultValues: { name: '' } });
  const wrong = form.formState.errors.name?.message;
  const add = ({ name }: { name: string }) => {
    const id = newId();
    if (commit(`Add ${name}`, [set('activities', id, { id, name, sessionsPerWeek: 2, minutes: 60, station })]))
      form.reset();
  };
  return (
    <form className="mt-3 flex flex-wrap items-end gap-3" onSubmit={(e) => void form.handleSubmit(add)(e)}>
      <label className="grow md:max-w-sm">
        <span className="block text-soft">New activity</span>
        <input
          {...form.register('name')}
          placeholder="for example bookbinding"
          autoComplete="off"
          aria-invalid={wrong !== undefined}
          className="w-full rounded-md border border-line bg-leaf px-2 py-1.5"
        />
        {wrong !== undefined && (
          <span role="alert" className="text-xs text-rust">
            {wrong}
          </span>
        )}
      </label>
      <Button look="main" type="submit">
        Add the activity
      </Button>
    </form>
  );
}
