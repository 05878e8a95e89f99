/** The calendar of a room as iCalendar (RFC 5545): seasonal swaps, trial labels, purges, things to decide, projects. */
import { howMany } from '../model/measure.ts';
import ical, { ICalEventRepeatingFreq } from 'ical-generator';
import { byName, type Plan } from '../model/plan.ts';
import { dayAfter } from '../model/log.ts';
import { oneLine } from '../model/text.ts';

export interface Occasion {
  id: string;
  /** The first day, 2027-03-31. */
  day: string;
  title: string;
  note: string;
  /** After how many months it comes again; 0 for once. */
  months: number;
}

/**
 * Everything that has a day.
 * @param today nothing is named that is over
 */
export function occasionsOf(plan: Plan, today: string): Occasion[] {
  const all: Occasion[] = [];
  const next = (monthDay: string) => {
    const day = `${today.slice(0, 4)}-${monthDay}`;
    return day >= today ? day : `${Number(today.slice(0, 4)) + 1}-${monthDay}`;
  };
  for (const s of byName(plan.seasons)) {
    const things = Object.values(plan.supplies).filter((x) => x.season === s.name).length;
    all.push(
      {
        id: `in-${s.id}`,
        day: next(s.from),
        title: `${s.name}: bring its things in`,
        note: howMany(things, 'supply', 'supplies'),
        months: 12,
      },
      {
        id: `out-${s.id}`,
        day: next(s.until),
        title: `${s.name}: put its things away`,
        note: howMany(things, 'supply', 'supplies'),
        months: 12,
      },
    );
  }
  const trials = new Map<string, string[]>();
  for (const l of Object.values(plan.labels)) {
    if (l.state !== 'trial') continue;
    const day = dayAfter(l.since, plan.meta.upkeep.trialDays);
    trials.set(day, [...(trials.get(day) ?? []), `${plan.units[l.unit]!.name}, ${l.slot}`]);
  }
  for (const [day, places] of trials)
    all.push({
      id: `trial-${day}`,
      day: day < today ? today : day,
      title: `Trial labels: ${places.length === 1 ? 'one has' : `${places.length} have`} stood the time`,
      note: places.join('\n'),
      months: 0,
    });
  const { purged, purgeMonths } = plan.meta.upkeep;
  const due = purged === null ? today : addMonths(purged, purgeMonths);
  all.push({
    id: 'purge',
    day: due < today ? today : due,
    title: 'Go through everything and decide',
    note: '',
    months: purgeMonths,
  });
  for (const s of byName(plan.supplies))
    if (s.decision === 'undecided' && s.decideBy !== null)
      all.push({
        id: `decide-${s.id}`,
        day: s.decideBy < today ? today : s.decideBy,
        title: `Decide: ${s.name}`,
        note: s.note,
        months: 0,
      });
  for (const p of byName(plan.projects))
    if (!p.done && p.due !== null && p.due >= today)
      all.push({ id: `project-${p.id}`, day: p.due, title: p.name, note: p.note, months: 0 });
  return all.sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : a.id < b.id ? -1 : 1));
}

/** The date a number of months later, at most the last of its month. */
export function addMonths(day: string, months: number): string {
  const [y, m, d] = day.split('-').map(Number) as [number, number, number];
  const last = new Date(Date.UTC(y, m - 1 + months + 1, 0)).getUTCDate();
  return new Date(Date.UTC(y, m - 1 + months, Math.min(d, last))).toISOString().slice(0, 10);
}

/**
 * The calendar file.
 * @param stamp when it was written, ISO 8601
 */
export function writeCalendar(plan: Plan, today: string, stamp: string): string {
  const calendar = ical({
    name: oneLine(plan.meta.name),
    prodId: { company: 'Heronstone', product: 'Heronstone', language: 'EN' },
  });
  for (const o of occasionsOf(plan, today)) {
    const event = calendar.createEvent({
      id: `${o.id}@${plan.meta.id}.heronstone`,
      start: new Date(`${o.day}T00:00:00Z`),
      allDay: true,
      timezone: 'UTC',
      summary: oneLine(o.title),
      stamp: new Date(stamp),
    });
    if (o.note !== '')
      event.description(
        o.note
          .split(/\r\n?|\n/)
          .map(oneLine)
          .join('\n'),
      );
    if (o.months > 0) event.repeating({ freq: ICalEventRepeatingFreq.MONTHLY, interval: o.months });
  }
  return calendar.toString();
}
