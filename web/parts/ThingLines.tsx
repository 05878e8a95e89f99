/** The things of a plan by what they are for, a line each: how many with three chips, what for with chips, and what they are kept in. */
import { amountsOf, setAmount } from '@heronstone/core/entry/amountChips.ts';
import { confirmUses, replaceUses, usesBySupply } from '@heronstone/core/entry/useChanges.ts';
import { groupBy } from '@heronstone/core/model/groups.ts';
import { howMany, thousands } from '@heronstone/core/model/measure.ts';
import { byName, type Plan, type Supply } from '@heronstone/core/model/plan.ts';
import { KINDS } from '@heronstone/library/usualSizes.ts';
import { removeRows } from '../state/removing.ts';
import { commit } from '../state/openPlan.ts';
import { newId, useStore } from '../state/state.ts';
import { Button } from '../ui/Button.tsx';
import { AmountChips } from './AmountChips.tsx';
import { UseChips } from './UseChips.tsx';

/** Things that are for the same: one activity, several, or everybody. */
interface Group {
  key: string;
  title: string;
  where: string;
  supplies: Supply[];
}

function groupsOf(plan: Plan): Group[] {
  const uses = usesBySupply(plan);
  const activities = byName(plan.activities);
  const used = byName(plan.supplies).filter((s) => uses.has(s.id));
  const ids = (s: Supply) =>
    activities.filter((a) => uses.get(s.id)!.some((u) => u.activity === a.id)).map((a) => a.id);
  return [...groupBy(used, (s) => ids(s).join(' '))]
    .map(([key, supplies]): Group => {
      const names = key.split(' ').map((id) => plan.activities[id]!);
      const all = activities.length > 2 && names.length === activities.length;
      const seats = [...new Set(names.flatMap((a) => (a.station === null ? [] : [plan.stations[a.station]!.name])))];
      return {
        key,
        title: all ? 'Every craft' : names.map((a) => a.name).join(' and '),
        where: seats.length === 1 ? `at ${seats[0]!}` : seats.length > 1 ? 'at the nearest seat' : '',
        supplies,
      };
    })
    .sort((a, b) => a.key.split(' ').length - b.key.split(' ').length || b.supplies.length - a.supplies.length);
}

export function ThingLines() {
  const plan = useStore((s) => s.plan)!;
  const groups = groupsOf(plan);
  if (groups.length === 0) return null;
  return (
    <section aria-label="Things by what they are for" className="mt-4">
      {groups.map((group) => (
        <GroupLines key={group.key} plan={plan} group={group} />
      ))}
    </section>
  );
}

function GroupLines({ plan, group }: { plan: Plan; group: Group }) {
  const uses = usesBySupply(plan);
  const guessed = group.supplies.filter((s) => uses.get(s.id)!.some((u) => u.guessedFrom !== ''));
  return (
    <section className="mb-3" aria-label={group.title}>
      <header className="flex flex-wrap items-center gap-x-3 rounded-xl bg-sand px-3 py-1">
        <h3 className="font-serif text-base font-semibold">{group.title}</h3>
        <span className="text-soft">{howMany(group.supplies.length, 'thing')}</span>
        <span className="text-soft">{group.where}</span>
        {guessed.length > 0 && (
          <span className="ml-auto flex items-center gap-2">
            <span className="text-soft">≈ {guessed.length} guessed</span>
            <Button
              look="quiet"
              onClick={() =>
                commit(
                  `Right: ${howMany(guessed.length, 'thing')} for ${group.title}`,
                  confirmUses(
                    plan,
                    guessed.map((s) => s.id),
                  ),
                )
              }
            >
              They are right
            </Button>
          </span>
        )}
      </header>
      <ul>
        {group.supplies.map((s) => (
          <ThingLine key={s.id} plan={plan} supply={s} />
        ))}
      </ul>
    </section>
  );
}

function ThingLine({ plan, supply }: { plan: Plan; supply: Supply }) {
  const uses = Object.values(plan.uses).filter((u) => u.supply === supply.id);
  const amounts = amountsOf(supply, KINDS);
  const chips = supply.countFrom !== '' || amounts.some > 2;
  const about = aboutOf(supply);
  return (
    <li className="flex items-center gap-x-3 gap-y-1 border-b border-line/60 px-3 py-1 max-md:flex-wrap">
      <span className="w-32 min-w-0 grow">
        <b>{supply.name}</b>
        {about !== '' && <span className="block text-xs text-soft">{about}</span>}
      </span>
      <span className="w-14 shrink-0 text-right tabular-nums">
        {supply.countFrom !== '' && <span aria-hidden="true">≈ </span>}
        {supply.countFrom !== '' && <span className="sr-only">guessed: </span>}
        {thousands(supply.count)}
      </span>
      {chips && (
        <AmountChips
          supply={supply}
          onSet={(amount) => commit(`${supply.name}: ${amount}`, setAmount([supply], amount, KINDS))}
        />
      )}
      <UseChips
        plan={plan}
        chosen={uses.map((u) => u.activity)}
        guessed={uses.some((u) => u.guessedFrom !== '')}
        label={`Used for: ${supply.name}`}
        onSet={(activities) => commit(`What ${supply.name} is for`, replaceUses(plan, [supply.id], activities, newId))}
      />
      <Button
        look="quiet"
        aria-label={`Remove ${supply.name}`}
        onClick={() => removeRows(supply.name, 'supplies', [supply.id])}
      >
        ×
      </Button>
    </li>
  );
}

/** What a line said besides: spares, a season, what it asks of its place. */
function aboutOf(supply: Supply): string {
  return [
    supply.backstock > 0
      ? supply.backstock === supply.count
        ? 'spares: behind it, or far'
        : `${supply.backstock} of them spare`
      : '',
    supply.season === '' ? '' : `${supply.season}: away the rest of the year`,
    supply.life === 'retired' ? 'behind the current ones' : '',
    supply.category === 'finished work' ? 'finished: apart from supplies' : '',
    supply.traits.includes('sharp') ? 'sharp: not for a child' : '',
    supply.stands ?? '',
  ]
    .filter((t) => t !== '')
    .join(' · ');
}
