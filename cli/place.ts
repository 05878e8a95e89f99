/** Commands about placements: why a thing lies where it lies, and two plans side by side. */
import { Option, type Command } from 'commander';
import { differenceOf, figuresOf } from '@heronstone/core/compare.ts';
import { evaluate } from '@heronstone/core/evaluate.ts';
import { explain } from '@heronstone/core/explain.ts';
import type { Arrangement } from '@heronstone/core/model/plan.ts';
import { readPlan, UsageError } from './files.ts';

interface Io {
  out: (text: string) => void;
}
const json = (value: unknown) => `${JSON.stringify(value, null, 1)}\n`;

export function addPlaceCommands(program: Command, io: Io): void {
  program
    .command('why')
    .argument('<plan>', 'plan file')
    .description(
      'why a supply lies where it lies: reasons, elements of its fetch, the next best places and what they cost',
    )
    .requiredOption('--supply <supply>', 'id or name of a supply')
    .addOption(new Option('--of <arrangement>', 'which arrangement').choices(['planned', 'today']).default('planned'))
    .action((file: string, options: { supply: string; of: Arrangement }) => {
      const plan = readPlan(file);
      const wanted = options.supply.toLowerCase();
      const supply =
        plan.supplies[options.supply] ?? Object.values(plan.supplies).find((s) => s.name.toLowerCase() === wanted);
      if (!supply) throw new UsageError(`There is no supply “${options.supply}” in the plan.`);
      const report = evaluate(plan);
      const own = Object.values(report.placements).filter(
        (p) => p.supply === supply.id && p.arrangement === options.of,
      );
      io.out(
        json({
          supply: supply.id,
          name: supply.name,
          without: report.supplies[supply.id]!.without[options.of],
          reason: report.supplies[supply.id]!.reason,
          placements: own.map((p) => {
            const { elements, returning, reasons, nextBest, fuller } = explain(plan, report, p.id);
            const { compartment, place, count, secondsPerFetch, minutesPerWeek, penalties } = p;
            const figures = { secondsPerFetch, minutesPerWeek, penalties };
            return { compartment, place, count, ...figures, reasons, nextBest, fuller, elements, returning };
          }),
        }),
      );
    });

  program
    .command('compare')
    .argument('<a>', 'plan file')
    .argument('<b>', 'plan file')
    .description('two plans side by side: minutes, getting up, bends, metres, things without a place, homes, moves')
    .addOption(new Option('--of <arrangement>', 'which arrangement').choices(['planned', 'today']).default('planned'))
    .action((fileA: string, fileB: string, options: { of: Arrangement }) => {
      if (fileA === '-' && fileB === '-')
        throw new UsageError('Only one of the two plans can come from standard input.');
      const [a, b] = [fileA, fileB].map((file) => {
        const plan = readPlan(file);
        return figuresOf(plan, evaluate(plan), options.of);
      }) as [ReturnType<typeof figuresOf>, ReturnType<typeof figuresOf>];
      io.out(json({ of: options.of, a, b, difference: differenceOf(a, b) }));
    });
}
