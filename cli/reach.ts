/** Commands about reach and time: one fetch, a week, a pull list as one round, and the time study. */
import { Option, type Command } from 'commander';
import { evaluate } from '@heronstone/core/evaluate.ts';
import { accountOf } from '@heronstone/core/fetch/account.ts';
import { timeStudy } from '@heronstone/core/fetch/timeStudy.ts';
import { pullTour } from '@heronstone/core/fetch/tour.ts';
import { sceneOf } from '@heronstone/core/scene.ts';
import { readPlan, UsageError } from './files.ts';

interface Io {
  out: (text: string) => void;
}
const json = (value: unknown) => `${JSON.stringify(value, null, 1)}\n`;
const known = (what: string, id: string, all: readonly string[]) =>
  new UsageError(
    `There is no ${what} “${id}”; there ${all.length === 1 ? 'is' : 'are'} ${all.slice(0, 12).join(', ') || 'none'}${all.length > 12 ? ' …' : ''}.`,
  );
const OF = () => new Option('--of <arrangement>', 'which arrangement').choices(['planned', 'today']).default('planned');

export function addReachCommands(program: Command, io: Io): void {
  program
    .command('fetch')
    .argument('<plan>', 'plan file')
    .description('the elements of one fetch with seconds, source and sum; and of putting back')
    .requiredOption('--from <station>', 'id of a station')
    .requiredOption('--to <compartment>', 'id of a compartment, for example slim/d2')
    .option('--person <person>', 'id of who fetches, when not the person of the station')
    .action((file: string, options: { from: string; to: string; person?: string }) => {
      const plan = readPlan(file);
      const scene = sceneOf(plan);
      if (!plan.stations[options.from]) throw known('station', options.from, Object.keys(plan.stations));
      if (options.person !== undefined && !plan.people[options.person])
        throw known('person', options.person, Object.keys(plan.people));
      if (!scene.compartment.has(options.to)) throw known('compartment', options.to, [...scene.compartment.keys()]);
      io.out(json(accountOf(scene, options.from, options.to, options.person)));
    });

  program
    .command('week')
    .argument('<plan>', 'plan file')
    .description('minutes a week by activity, supply, place and kind of motion, today and as planned, and the worst')
    .action((file: string) => {
      const { week, worst, strain } = evaluate(readPlan(file));
      io.out(json({ week, worst, strain }));
    });

  program
    .command('pull')
    .argument('<plan>', 'plan file')
    .description('everything that a session of an activity uses, as one round: stops in order, metres and seconds')
    .requiredOption('--activity <activity>', 'id of an activity')
    .addOption(OF())
    .action((file: string, options: { activity: string; of: 'planned' | 'today' }) => {
      const plan = readPlan(file);
      if (!plan.activities[options.activity]) throw known('activity', options.activity, Object.keys(plan.activities));
      const tour = pullTour(sceneOf(plan), options.activity, options.of);
      if (!tour) throw new UsageError('There is no station to start from.');
      io.out(json(tour));
    });

  program
    .command('study')
    .argument('<plan>', 'plan file')
    .description('factors of the kinds of motion, fitted to the fetches that were timed')
    .action((file: string) => io.out(json(timeStudy(readPlan(file)))));
}
