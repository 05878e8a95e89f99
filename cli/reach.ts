/** Commands about reach and time: one fetch, a week, and a pull list as one round. */
import type { Command } from 'commander';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { accountOf } from '@heronstone/core/ask/account.ts';
import { sceneOf } from '@heronstone/core/scene/scene.ts';
import { readPlan, UsageError } from './files.ts';

interface Io {
  out: (text: string) => void;
}
const json = (value: unknown) => `${JSON.stringify(value, null, 1)}\n`;
const known = (what: string, id: string, all: readonly string[]) =>
  new UsageError(
    `There is no ${what} “${id}”; there ${all.length === 1 ? 'is' : 'are'} ${all.slice(0, 12).join(', ') || 'none'}${all.length > 12 ? ' …' : ''}.`,
  );

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
}
