/** `heron begin`: setup from the shell, by the functions of the window: crafts, room, furniture and things in words to a first plan. */
import { Option, type Command } from 'commander';
import { writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { applyChanges } from '@heronstone/core/model/change.ts';
import type { UnitSystem } from '@heronstone/core/model/measure.ts';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { changesTo, solveAll } from '@heronstone/core/search/solve.ts';
import { setUp } from '@heronstone/library/setUp.ts';
import { readText, UsageError, writeFile } from './files.ts';
import { number } from './number.ts';

interface Io {
  out: (text: string) => void;
}

interface BeginOptions {
  units: keyof typeof SYSTEMS;
  crafts: string;
  room: string;
  furniture?: string;
  lines?: string;
  name?: string;
  fill: boolean;
  holders: boolean;
  seed: number;
  seconds: number;
  out: string;
}

const SYSTEMS: Readonly<Record<'in' | 'cm' | 'mm', UnitSystem>> = { in: 'imperial', cm: 'centimetres', mm: 'metric' };

/** @param open hears how many pieces and lines could not be read, for the exit code */
export function addBeginCommand(program: Command, io: Io, open: (words: string[]) => void): void {
  program
    .command('begin')
    .description('a first plan from words, as setup makes it; exit 1 when some words could not be read')
    .addOption(new Option('--units <units>', 'what a bare number is').choices(Object.keys(SYSTEMS)).default('mm'))
    .requiredOption('--crafts <words>', 'what is made, with commas between: "sewing, card making"')
    .requiredOption('--room <size>', 'across and from front to back: "10 x 9" (ft, cm or m)')
    .option('--furniture <file>', 'text file, furniture in words; - for standard input')
    .option('--lines <file>', 'text file, one thing a line; - for standard input')
    .option('--name <name>', 'name of the plan')
    .option('--no-fill', 'leave the places empty')
    .option('--no-holders', 'loose things stay loose: no cups and boxes to get')
    .option('--seed <n>', 'same words and seed, same plan', number(0, 4294967295, true), 1)
    .option('--seconds <s>', 'stop filling after so many seconds with the best so far', number(0, 3600, false), 60)
    .requiredOption('--out <file>', 'write the plan here')
    .action((options: BeginOptions) => begin(options, io, open));
}

function begin(options: BeginOptions, io: Io, open: (words: string[]) => void): void {
  let n = 0;
  const text = (file: string | undefined) => (file === undefined ? '' : readText(file));
  const made = read(() =>
    setUp(
      {
        units: SYSTEMS[options.units],
        ...{ crafts: options.crafts, room: options.room },
        ...{ furniture: text(options.furniture), things: text(options.lines) },
        holders: options.holders,
        ...(options.name === undefined ? {} : { name: options.name }),
      },
      () => `b${n++}`,
    ),
  );
  const until = Date.now() + options.seconds * 1000;
  const filled = options.fill
    ? changesTo(made.plan, solveAll(made.plan, { seed: options.seed, stop: () => Date.now() > until }))
    : [];
  const plan = applyChanges(made.plan, filled).plan;
  writeFile(options.out, writePlanFile(plan));
  const used = new Set(Object.values(plan.uses).map((u) => u.supply));
  const unread = made.things.filter((t) => t.supply === null);
  const { week, guesses, findings } = evaluate(plan);
  io.out(
    `${JSON.stringify(
      {
        out: options.out,
        things: made.things.length - unread.length,
        unread: unread.map(({ line, problems }) => ({ line, problems })),
        unsure: Object.values(plan.supplies).flatMap((s) => (used.has(s.id) ? [] : [s.name])),
        furniture: Object.values(plan.units).map((u) => u.name),
        unknown: made.unknown.map(({ typed, nearest }) => ({ typed, nearest })),
        leftOut: made.left,
        toGet: Object.values(plan.containers).flatMap((c) => (c.owned ? [] : [c.name])),
        ...{ guesses, week: week.planned.minutes, without: week.planned.without },
        errors: findings.filter((f) => f.severity === 'error').map((f) => f.message),
      },
      null,
      1,
    )}\n`,
  );
  open([
    ...unread.map((t) => `the line “${t.line}” could not be read`),
    ...made.unknown.map((u) => `no furniture is called “${u.typed}”`),
  ]);
}

/** What cannot be so is said as wrong usage. */
function read<T>(work: () => T): T {
  try {
    return work();
  } catch (cause) {
    throw new UsageError((cause as Error).message);
  }
}
