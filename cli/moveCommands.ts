/** Commands about doing it: the moves, finding, a pull list, the binder, the calendar. */
import { Option, type Command } from 'commander';
import { changeOver, type ChangeOver } from '@heronstone/core/changeover/changeOver.ts';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { projectRound } from '@heronstone/core/ask/pull.ts';
import { pullTour } from '@heronstone/core/ask/tour.ts';
import { finderOf } from '@heronstone/core/find/find.ts';
import { binderPdf } from '@heronstone/core/formats/binder.ts';
import { doorSheetsPdf } from '@heronstone/core/formats/doorSheets.ts';
import { applyChanges, ChangeError, remove, set, type Change } from '@heronstone/core/model/change.ts';
import type { Arrangement, Container, Placement, Plan } from '@heronstone/core/model/plan.ts';
import { sceneOf } from '@heronstone/core/scene/scene.ts';
import { occasionsOf, writeCalendar } from '@heronstone/core/upkeep/calendar.ts';
import { OTHER_WORDS } from '@heronstone/library/otherWords.ts';
import { readPlan, unitsOf, UsageError, writeFile } from './files.ts';
import { labelFonts } from './fontFiles.ts';
import { number } from './number.ts';

interface Io {
  out: (text: string) => void;
}
const json = (value: unknown) => `${JSON.stringify(value, null, 1)}\n`;
const of = () => new Option('--of <arrangement>', 'which arrangement').choices(['planned', 'today']).default('planned');
const onDay = () =>
  new Option('--day <day>', 'as on this day, like 2027-03-31').default(new Date().toISOString().slice(0, 10), 'today');

type Lying = Placement | Container;
const rowsOf = (plan: Plan, table: 'placements' | 'containers'): Lying[] => Object.values<Lying>(plan[table]);

/**
 * The plan in which today is one file's today and the plan is another's plan (its today, when it plans nothing).
 * @throws UsageError when the two are not of one room
 */
function fromTo(from: Plan, to: Plan): Plan {
  const target: Arrangement = Object.values(to.placements).some((p) => p.arrangement === 'planned')
    ? 'planned'
    : 'today';
  const changes: Change[] = [];
  for (const table of ['placements', 'containers'] as const) {
    for (const row of rowsOf(to, table)) changes.push(remove(table, row.id));
    for (const row of rowsOf(from, table))
      if (row.arrangement !== 'planned')
        changes.push(set(table, `a_${row.id}`.slice(0, 64), { ...row, ...inner(row, 'a_') }));
    for (const row of rowsOf(to, table))
      if (row.arrangement === target)
        changes.push(set(table, `b_${row.id}`.slice(0, 64), { ...row, ...inner(row, 'b_'), arrangement: 'planned' }));
  }
  try {
    // References of other tables to rows that are renamed do not matter for moves.
    const bare = { ...to, labels: {}, timings: {} };
    return applyChanges(bare, changes).plan;
  } catch (cause) {
    if (cause instanceof ChangeError)
      throw new UsageError(`The two plans are not of one room: ${cause.findings[0]?.message ?? cause.message}`);
    throw cause;
  }
}

/** A row under its new name, with what it refers to. */
function inner(row: { id: string; container?: string | null; parent?: string | null }, mark: string) {
  const named = (id: string | null | undefined) => (id ? `${mark}${id}`.slice(0, 64) : null);
  return {
    id: named(row.id)!,
    ...('container' in row ? { container: named(row.container) } : {}),
    ...('parent' in row ? { parent: named(row.parent) } : {}),
  };
}

export function addDoingCommands(program: Command, io: Io): void {
  program
    .command('moves')
    .argument('<from>', 'plan file: how things lie')
    .argument('<to>', 'plan file: how they are to lie')
    .description('the moves from one to the other in order, in sessions that leave the room usable')
    .option('--minutes <n>', 'length of a session, minutes', number(5, 600, false), 60)
    .action((from: string, to: string, options: { minutes: number }) => {
      const plan = fromTo(readPlan(from), readPlan(to));
      io.out(json(said(changeOver(plan, evaluate(plan), options.minutes))));
    });

  program
    .command('find')
    .argument('<plan>', 'plan file')
    .argument('<words...>', 'what is looked for')
    .description('find a supply or a place, in spite of misspelling and by other words')
    .addOption(of())
    .action((file: string, words: string[], options: { of: Arrangement }) => {
      const plan = readPlan(file);
      const found = finderOf(plan, evaluate(plan), options.of, OTHER_WORDS).find(words.join(' '), 10);
      io.out(json({ words: words.join(' '), found }));
    });

  program
    .command('pull')
    .argument('<plan>', 'plan file')
    .description('one round that fetches what a project or a session of an activity uses, in walking order')
    .option('--project <project>', 'id or name of a project')
    .option('--activity <activity>', 'id of an activity')
    .addOption(of())
    .action((file: string, options: { project?: string; activity?: string; of: Arrangement }) => {
      if ((options.project === undefined) === (options.activity === undefined))
        throw new UsageError('Say either --project or --activity.');
      const plan = readPlan(file);
      io.out(
        json(
          options.project === undefined
            ? ofActivity(plan, options.activity!, options.of)
            : ofProject(plan, options.project, options.of),
        ),
      );
    });

  program
    .command('binder')
    .argument('<plan>', 'plan file')
    .description('write a PDF with the room, its walls, its units and what is in them, and an index')
    .addOption(of())
    .requiredOption('--out <file>', 'PDF file to write')
    .action(async (file: string, options: { of: Arrangement; out: string }) => {
      const plan = readPlan(file);
      const bytes = await binderPdf(plan, evaluate(plan), options.of, labelFonts());
      writeFile(options.out, bytes);
      io.out(json({ out: options.out, bytes: bytes.length }));
    });

  program
    .command('doors')
    .argument('<plan>', 'plan file')
    .description('write a PDF with one sheet for each piece of furniture, to hang inside its door')
    .addOption(of())
    .option('--units <list>', 'ids of the pieces, with commas between them; else all that have something in them')
    .requiredOption('--out <file>', 'PDF file to write')
    .action(async (file: string, options: { of: Arrangement; units?: string; out: string }) => {
      const plan = readPlan(file);
      const units = unitsOf(plan, options.units);
      const bytes = await doorSheetsPdf(plan, evaluate(plan), options.of, labelFonts(), units);
      writeFile(options.out, bytes);
      io.out(json({ out: options.out, bytes: bytes.length }));
    });

  program
    .command('calendar')
    .argument('<plan>', 'plan file')
    .description('write a calendar file: seasonal swaps, trial labels, purges, projects')
    .addOption(onDay())
    .requiredOption('--out <file>', 'ICS file to write')
    .action((file: string, options: { day: string; out: string }) => {
      if (!/^\d{4}-\d\d-\d\d$/.test(options.day) || Number.isNaN(Date.parse(options.day)))
        throw new UsageError(`--day is a date like 2027-03-31, not “${options.day}”.`);
      const plan = readPlan(file);
      writeFile(options.out, writeCalendar(plan, options.day, new Date().toISOString()));
      io.out(json({ out: options.out, occasions: occasionsOf(plan, options.day) }));
    });
}

function ofActivity(plan: Plan, activity: string, arrangement: Arrangement) {
  if (!plan.activities[activity])
    throw new UsageError(
      `There is no activity “${activity}”; there are ${Object.keys(plan.activities).join(', ') || 'none'}.`,
    );
  const tour = pullTour(sceneOf(plan), activity, arrangement);
  if (!tour) throw new UsageError('There is no station to start from.');
  return tour;
}

function ofProject(plan: Plan, named: string, arrangement: Arrangement) {
  const wanted = named.toLowerCase();
  const project = plan.projects[named] ?? Object.values(plan.projects).find((p) => p.name.toLowerCase() === wanted);
  if (!project)
    throw new UsageError(
      `There is no project “${named}”; there are ${Object.keys(plan.projects).join(', ') || 'none'}.`,
    );
  const round = projectRound(sceneOf(plan), project.id, ['to pull'], arrangement);
  if (!round) throw new UsageError('There is no station in the plan from which a round could begin.');
  return { project: project.name, ...round };
}

/** A move without what only drawings need. */
function said(over: ChangeOver) {
  return {
    ...over,
    sittings: over.sittings.map((s) => ({
      ...s,
      moves: s.moves.map((m) => ({
        kind: m.kind,
        what: m.load.name,
        from: m.fromName,
        to: m.toName,
        seconds: m.seconds,
        saving: m.saving,
        floor: m.floor,
      })),
    })),
  };
}
