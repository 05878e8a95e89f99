/** Commands about supplies: reading lines, what fits where, the balance, the purge and the shopping list. */
import { UNIT_SYSTEMS, type UnitSystem } from '@heronstone/core/model/measure.ts';
import { Option, type Command } from 'commander';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { roomEverywhere, roomIn } from '@heronstone/core/ask/capacity.ts';
import { worksIn } from '@heronstone/core/cost/atWork.ts';
import { writeShoppingCsv } from '@heronstone/core/formats/shoppingCsv.ts';
import { settledUnits } from '@heronstone/core/room/standing.ts';
import { sceneOf } from '@heronstone/core/scene/scene.ts';
import { balanceOf } from '@heronstone/core/ask/balance.ts';
import { purgeOf } from '@heronstone/core/ask/purge.ts';
import { readLine } from '@heronstone/core/entry/read.ts';
import { linesOf } from '@heronstone/core/entry/list.ts';
import { KINDS } from '@heronstone/library/usualSizes.ts';
import { readPlan, readText, UsageError, writeFile } from './files.ts';

interface Io {
  out: (text: string) => void;
}
const json = (value: unknown) => `${JSON.stringify(value, null, 1)}\n`;

/** @param unread hears how many lines could not be read, for the exit code */
export function addSortCommands(program: Command, io: Io, unread: (lines: number) => void): void {
  program
    .command('read')
    .argument('<lines>', 'text file, one supply a line; - for standard input')
    .description('what was understood of each line, one JSON object a line; exit 1 when some could not be read')
    .addOption(new Option('--units <units>', 'what a bare number is').choices([...UNIT_SYSTEMS]).default('metric'))
    .action((file: string, options: { units: UnitSystem }) => {
      let wrong = 0;
      const text = readText(file).replace(/^#(?!\d).*$/gm, '');
      for (const line of linesOf(text, KINDS)) {
        const { supply, draft, uses, missing, problems, doubts, assumed } = readLine(line, options.units, [], KINDS);
        if (!draft) wrong++;
        const { name, count, form, length, width, thickness, grammage, mass, backstock, parts } = supply;
        io.out(
          `${JSON.stringify({
            line,
            name,
            count,
            form,
            kind: supply.category ?? '',
            size: [length, width, thickness].map((mm) => mm ?? null),
            ...(grammage == null ? {} : { grammage }),
            ...(supply.sizeFrom ? { sizeFrom: supply.sizeFrom } : {}),
            ...(supply.countFrom ? { countFrom: supply.countFrom } : {}),
            mass: mass ?? null,
            ...(backstock ? { backstock } : {}),
            ...(parts ? { parts } : {}),
            uses: uses.map(({ activity, fetches }) => ({ activity, fetches })),
            missing,
            problems,
            doubts,
            assumed,
          })}\n`,
        );
      }
      unread(wrong);
    });

  program
    .command('fit')
    .argument('<plan>', 'plan file')
    .description('how many of a supply fit in a place (or in every place), how they lie, or why not')
    .requiredOption('--supply <id>', 'id or name of a supply')
    .option('--compartment <id>', 'id of a compartment, for example slim/d2')
    .addOption(
      new Option('--of <arrangement>', 'beside what lies there').choices(['planned', 'today']).default('planned'),
    )
    .action((file: string, options: { supply: string; compartment?: string; of: 'planned' | 'today' }) => {
      const plan = readPlan(file);
      const supply =
        plan.supplies[options.supply] ??
        Object.values(plan.supplies).find((s) => s.name.toLowerCase() === options.supply.toLowerCase());
      if (!supply)
        throw new UsageError(
          `There is no supply “${options.supply}”; there are ${Object.keys(plan.supplies).slice(0, 8).join(', ') || 'none'}${Object.keys(plan.supplies).length > 8 ? ' …' : ''}.`,
        );
      const scene = sceneOf(plan);
      if (options.compartment === undefined) {
        io.out(
          json({
            supply: supply.id,
            name: supply.name,
            count: supply.count,
            places: roomEverywhere(scene, supply, options.of),
          }),
        );
        return;
      }
      const compartment = scene.compartment.get(options.compartment);
      if (!compartment)
        throw new UsageError(
          `There is no compartment “${options.compartment}”; a compartment is named like ${scene.compartments[0]?.id ?? 'unit/d1'}.`,
        );
      const unit = settledUnits(plan)[compartment.unit]!;
      io.out(
        json({
          supply: supply.id,
          name: supply.name,
          count: supply.count,
          ...roomIn(scene, supply, compartment, options.of),
          ...(supply.form === 'machine' ? { working: worksIn(plan, supply, unit, compartment) } : {}),
        }),
      );
    });

  program
    .command('balance')
    .argument('<plan>', 'plan file')
    .description('what is owned against what the furniture holds, by form and size class, before anything is placed')
    .action((file: string) => io.out(json(balanceOf(readPlan(file)))));

  program
    .command('purge')
    .argument('<plan>', 'plan file')
    .description(
      'what was decided, what it frees, and the rounds in which everything can be laid out on the free floor',
    )
    .action((file: string) => io.out(json(purgeOf(readPlan(file)))));

  program
    .command('shopping')
    .argument('<plan>', 'plan file')
    .description('furniture and containers to buy, dividers and spacers to cut, as CSV')
    .option('--out <file>', 'write it here (else to standard output)')
    .action((file: string, options: { out?: string }) => {
      const plan = readPlan(file);
      const csv = writeShoppingCsv(plan, evaluate(plan));
      if (options.out === undefined) io.out(csv);
      else writeFile(options.out, csv);
    });
}
