/** `heron`: the core from the shell. JSON in and out. Exit 0 fine, 1 the plan has errors, 2 wrong usage. */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { Command, CommanderError, Option } from 'commander';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { readSuppliesCsv, writeSuppliesCsv } from '@heronstone/core/formats/csv.ts';
import { labelSheet } from '@heronstone/core/formats/labels.ts';
import { labelsPdf } from '@heronstone/core/formats/labelsPdf.ts';
import { writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { applyChanges } from '@heronstone/core/model/change.ts';
import { byName, type Plan } from '@heronstone/core/model/plan.ts';
import { modesOf } from '@heronstone/core/room/standing.ts';
import { drawAbove, drawRound, onPaper } from '@heronstone/core/formats/drawing.ts';
import { readDxf, writeDxf, type DXF_UNITS } from '@heronstone/core/formats/dxf.ts';
import { writeSvg } from '@heronstone/core/formats/svg.ts';
import { sceneOf } from '@heronstone/core/scene/scene.ts';
import { addSupplies } from '@heronstone/core/entry/addSupplies.ts';
import { DataError, openDatabase } from '@heronstone/server/database.ts';
import { defaultData, DEFAULT_PORT } from '@heronstone/server/startServer.ts';
import { Store } from '@heronstone/server/store.ts';
import { PlanErrors, readPlan, readText, readWhole, UsageError, writeFile } from './files.ts';
import { labelFonts } from './fontFiles.ts';
import { placesByName } from '@heronstone/core/entry/placesByName.ts';
import { KINDS } from '@heronstone/library/usualSizes.ts';
import { number } from './number.ts';
import { addBeginCommand } from './begin.ts';
import { addDoingCommands } from './moveCommands.ts';
import { addPlaceCommands } from './place.ts';
import { addReachCommands } from './reach.ts';
import { addSortCommands } from './sort.ts';

export interface Output {
  out: (text: string) => void;
  err: (text: string) => void;
}

const console_: Output = { out: (text) => process.stdout.write(text), err: (text) => process.stderr.write(text) };
const json = (value: unknown) => `${JSON.stringify(value, null, 1)}\n`;

/** Runs the command line. @returns the exit code */
export async function main(args: readonly string[], io: Output = console_): Promise<number> {
  const program = build(io);
  try {
    await program.parseAsync([...args], { from: 'user' });
    return 0;
  } catch (cause) {
    if (cause instanceof CommanderError) return cause.exitCode === 0 ? 0 : 2;
    if (cause instanceof PlanErrors) {
      io.out(json({ errors: cause.findings }));
      io.err(
        `${cause.findings.length} ${cause.findings.length === 1 ? 'error' : 'errors'}; the first: ${cause.findings[0]?.message ?? ''}\n`,
      );
      return 1;
    }
    if (cause instanceof ReportHasErrors) {
      io.err(`${cause.message}\n`);
      return 1;
    }
    if (cause instanceof UsageError || cause instanceof DataError) {
      io.err(`${cause.message}\n`);
      return 2;
    }
    throw cause;
  }
}

function build(io: Output): Command {
  const program = new Command('heron');
  program
    .description('Plan a craft room from the shell: the same figures as on the screen, JSON in and out.')
    .version('0.1.0')
    .exitOverride()
    .configureOutput({ writeOut: io.out, writeErr: io.err })
    .showHelpAfterError('(heron --help tells more)')
    .addHelpText(
      'after',
      '\nExit codes: 0 fine; 1 the plan has errors (JSON with path, value, expected, message); 2 wrong usage.\nPLAN.json may be - for standard input. The plan file is described by docs/plan.schema.json.',
    );

  program
    .command('check')
    .argument('<plan>', 'plan file')
    .description('print the Report of a plan; exit 1 when it has errors')
    .action((file: string) => {
      const report = evaluate(readPlan(file));
      io.out(json(report));
      if (report.errors > 0)
        throw new ReportHasErrors(report.findings.filter((f) => f.severity === 'error').map((f) => f.message));
    });

  program
    .command('room')
    .argument('<plan>', 'plan file')
    .description('area, walls, closing error of the tape, and what stands in the way, with millimetres')
    .action((file: string) => {
      const plan = readPlan(file);
      const { room, findings } = evaluate(plan);
      const own = findings.filter(
        (f) =>
          ['corners', 'openings', 'fixtures', 'overheads', 'areas', 'units', 'stations', 'meta'].includes(
            f.targets[0]?.table ?? '',
          ) && f.code !== 'overfull',
      );
      const walls = room.walls.map((w) => ({
        id: w.id,
        name: w.name,
        length: w.length,
        taped: plan.corners[w.id]!.taped,
      }));
      io.out(
        json({
          name: room.name,
          area: room.area,
          ceiling: room.ceiling,
          closingError: room.closingError,
          walls,
          findings: own,
        }),
      );
      const errors = own.filter((f) => f.severity === 'error');
      if (errors.length > 0) throw new ReportHasErrors(errors.map((f) => f.message));
    });

  program
    .command('path')
    .argument('<plan>', 'plan file')
    .description(
      'the shortest way over the free floor from a seat to a place: length in mm and corner points, or why there is none',
    )
    .requiredOption('--from <station>', 'id of a station')
    .requiredOption('--to <compartment>', 'id of a compartment, for example slim/d2')
    .action((file: string, options: { from: string; to: string }) => {
      const plan = readPlan(file);
      const scene = sceneOf(plan);
      const walks = scene.walks.get(options.from);
      if (!walks)
        throw new UsageError(
          `There is no station “${options.from}”; there are ${Object.keys(plan.stations).join(', ') || 'none'}.`,
        );
      const walk = walks.get(options.to);
      if (!walk)
        throw new UsageError(
          `There is no compartment “${options.to}”; a compartment is named like ${scene.compartments[0]?.id ?? 'unit/d1'}.`,
        );
      io.out(
        json({
          from: options.from,
          to: options.to,
          length: walk.path ? Math.round(walk.length * 10) / 10 : null,
          points: walk.path?.points ?? null,
          reason: walk.reason,
        }),
      );
      if (walk.reason) throw new ReportHasErrors([`${options.to} cannot be walked to: ${walk.reason}.`]);
    });

  program
    .command('drawing')
    .argument('<plan>', 'plan file')
    .description('write a drawing of the room as SVG (true to scale on paper) or DXF (in millimetres)')
    .addOption(new Option('--view <view>', 'which drawing').choices(['above', 'round']).default('above'))
    .addOption(new Option('--format <format>', 'kind of file').choices(['svg', 'dxf']).default('svg'))
    .option('--scale <n>', 'millimetres of the room in one of the paper', number(1, 500, false), 20)
    .option('--mode <mode>', 'a mode of the room, for example guest', '')
    .requiredOption('--out <file>', 'file to write')
    .action(
      (
        file: string,
        options: { view: 'above' | 'round'; format: 'svg' | 'dxf'; scale: number; mode: string; out: string },
      ) => {
        const plan = readPlan(file);
        if (Object.keys(plan.corners).length < 3)
          throw new UsageError('The plan has no room yet, so there is nothing to draw.');
        if (options.mode !== '' && !modesOf(plan).includes(options.mode))
          throw new UsageError(`There is no mode “${options.mode}”; there are ${modesOf(plan).join(', ') || 'none'}.`);
        const drawing =
          options.view === 'above'
            ? drawAbove(plan, options.mode)
            : drawRound(plan, byName(plan.people)[0]?.id ?? null);
        writeFile(options.out, options.format === 'svg' ? writeSvg(drawing, options.scale) : writeDxf(drawing));
        io.out(
          json({
            out: options.out,
            ...(options.format === 'svg' ? onPaper(drawing, options.scale, plan.meta.units) : { units: 'millimetres' }),
          }),
        );
      },
    );

  program
    .command('outline')
    .argument('<dxf>', 'DXF file')
    .description('print the outlines in a DXF that can be a room, the largest first, in mm')
    .addOption(
      new Option('--unit <unit>', 'what one unit of the file is, when it does not say').choices([
        'mm',
        'cm',
        'm',
        'in',
        'ft',
      ]),
    )
    .action((file: string, options: { unit?: keyof typeof DXF_UNITS }) => {
      const read = readDxf(readText(file), options.unit);
      if (!read.ok) throw new UsageError(read.message);
      io.out(json(read));
    });

  program
    .command('labels')
    .argument('<plan>', 'plan file')
    .description('write a PDF with a label for each compartment in use')
    .addOption(new Option('--paper <paper>', 'paper').choices(['a4', 'letter']))
    .option('--width <mm>', 'label width', number(15, 200, false))
    .option('--height <mm>', 'label height', number(8, 140, false))
    .addOption(new Option('--of <arrangement>', 'which arrangement').choices(['planned', 'today']).default('planned'))
    .option('--address <url>', 'address that the QR codes open', `http://127.0.0.1:${DEFAULT_PORT}`)
    .requiredOption('--out <file>', 'PDF file to write')
    .action(
      async (
        file: string,
        options: {
          paper?: 'a4' | 'letter';
          width?: number;
          height?: number;
          of: 'planned' | 'today';
          address: string;
          out: string;
        },
      ) => {
        const plan = readPlan(file);
        const { meta } = plan;
        const result = labelSheet(plan, evaluate(plan), options.of, {
          paper: options.paper ?? meta.paper,
          width: options.width ?? meta.labelWidth,
          height: options.height ?? meta.labelHeight,
          address: options.address.replace(/\/$/, ''),
        });
        if (!result.ok) throw new UsageError(result.message);
        writeFile(options.out, await labelsPdf(result.sheet, `${meta.name}: labels`, labelFonts()));
        io.out(
          json({
            out: options.out,
            labels: result.sheet.pages.flat().length,
            pages: result.sheet.pages.length,
            paper: result.sheet.paper,
          }),
        );
      },
    );

  program
    .command('supplies')
    .argument('<plan>', 'plan file')
    .description('print the supplies as CSV; with --csv, add the lines of a CSV file to the plan')
    .option('--csv <file>', 'CSV file to add; rows with problems are named and left out')
    .option('--out <file>', 'write the plan with the added supplies here (else to standard output)')
    .action((file: string, options: { csv?: string; out?: string }) => {
      const { plan, pictures } = readWhole(file);
      if (options.csv === undefined) {
        const csv = writeSuppliesCsv(plan);
        if (options.out === undefined) io.out(csv);
        else writeFile(options.out, csv);
        return;
      }
      const read = readSuppliesCsv(readText(options.csv), plan.meta.units, {
        kinds: KINDS,
        places: placesByName(plan),
      });
      if (read.problems.length > 0) {
        throw new PlanErrors(
          read.problems.map((p) => ({
            path: `row ${p.row}${p.column ? `, ${p.column}` : ''}`,
            value: p.value,
            expected: p.message,
            message: `Row ${p.row}${p.column ? `, ${p.column}` : ''}: ${p.message}`,
          })),
        );
      }
      const added = applyChanges(plan, addSupplies(plan, read.supplies, idsFor(plan))).plan;
      if (options.out === undefined) io.out(writePlanFile(added, pictures));
      else {
        writeFile(options.out, writePlanFile(added, pictures));
        io.out(json({ out: options.out, added: read.supplies.length }));
      }
    });

  addSortCommands(program, io, (lines) => {
    if (lines > 0) throw new ReportHasErrors([`${lines} ${lines === 1 ? 'line' : 'lines'} could not be read whole`]);
  });

  addBeginCommand(program, io, (words) => {
    if (words.length > 0) throw new ReportHasErrors(words);
  });
  addReachCommands(program, io);
  addPlaceCommands(program, io);
  addDoingCommands(program, io);

  program
    .command('export')
    .description('write a plan of a data directory as a plan file')
    .option('--data <directory>', 'data directory', defaultData('own'))
    .option('--plan <id>', 'which plan, when there are several')
    .option('--out <file>', 'plan file to write (else to standard output)')
    .action((options: { data: string; plan?: string; out?: string }) =>
      withStore(options.data, true, io, async (store) => {
        const plans = await store.list();
        const id = options.plan ?? (plans.length === 1 ? plans[0]!.id : undefined);
        if (id === undefined)
          throw new UsageError(
            plans.length === 0
              ? `There is no plan in ${options.data}.`
              : `Choose one with --plan: ${plans.map((p) => `${p.id} (${p.name})`).join(', ')}.`,
          );
        const stored = await store.read(id);
        if (!stored)
          throw new UsageError(
            `There is no plan “${id}” in ${options.data}; there are ${plans.map((p) => p.id).join(', ') || 'none'}.`,
          );
        const text = writePlanFile(stored.plan, await store.pictures(stored.plan));
        if (options.out === undefined) io.out(text);
        else {
          writeFile(options.out, text);
          io.out(json({ out: options.out, plan: id, revision: stored.revision }));
        }
      }),
    );

  program
    .command('import')
    .argument('<plan>', 'plan file')
    .description('bring a plan file into a data directory as a new plan')
    .option('--data <directory>', 'data directory', defaultData('own'))
    .option('--as <id>', 'give it this id')
    .action((file: string, options: { data: string; as?: string }) => {
      const { plan: read, pictures } = readWhole(file);
      if (options.as !== undefined && !/^[A-Za-z0-9_-]{1,64}$/.test(options.as))
        throw new UsageError('--as is an id of letters, digits, - and _.');
      const plan: Plan = options.as ? { ...read, meta: { ...read.meta, id: options.as } } : read;
      return withStore(options.data, false, io, async (store) => {
        if (await store.read(plan.meta.id))
          throw new UsageError(`There is a plan “${plan.meta.id}” already; give this one another id with --as.`);
        const stored = await store.create(plan, 'heron', pictures);
        io.out(json({ data: options.data, plan: plan.meta.id, revision: stored.revision }));
      });
    });
  return program;
}

/** The report is printed and has errors: exit 1. */
class ReportHasErrors extends Error {
  constructor(messages: readonly string[]) {
    super(
      `${messages.length} ${messages.length === 1 ? 'error' : 'errors'}:\n${messages.map((m) => `- ${m}`).join('\n')}`,
    );
  }
}

function idsFor(plan: Plan): () => string {
  const used = new Set([...Object.keys(plan.supplies), ...Object.keys(plan.activities), ...Object.keys(plan.uses)]);
  let n = 0;
  return () => {
    do n++;
    while (used.has(`csv${n}`));
    return `csv${n}`;
  };
}

async function withStore(
  data: string,
  mustExist: boolean,
  io: Output,
  work: (store: Store) => Promise<void>,
): Promise<void> {
  if (mustExist && !existsSync(join(data, 'db'))) throw new UsageError(`There is no data in ${data}.`);
  const { db, close } = await openDatabase(data, (message) => io.err(`${message}\n`));
  try {
    await work(new Store(db));
  } finally {
    await close();
  }
}
