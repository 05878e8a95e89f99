/** Commands about placements: filling, why a thing lies where it lies, what would help, where furniture could stand, two plans. */
import { Option, type Command } from 'commander';
import { differenceOf, figuresOf } from '@heronstone/core/report/planVsPlan.ts';
import { comparedPlans } from '@heronstone/core/report/todayVsPlan.ts';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { explain } from '@heronstone/core/ask/explain.ts';
import { writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { applyChanges, setMeta } from '@heronstone/core/model/change.ts';
import type { Arrangement, Plan } from '@heronstone/core/model/plan.ts';
import { WAYS, type SortingWay } from '@heronstone/core/model/sorting.ts';
import { toEnd } from '@heronstone/core/model/groups.ts';
import { orderCurve } from '@heronstone/core/search/orderCurve.ts';
import { advise, type Help } from '@heronstone/core/search/advise.ts';
import { changesTo, solveAll } from '@heronstone/core/search/solve.ts';
import { optionsFor, type Task } from '@heronstone/core/search/tasks.ts';
import { sortingBy } from '@heronstone/core/search/ways.ts';
import { sceneOf } from '@heronstone/core/scene/scene.ts';
import { zonesOf } from '@heronstone/core/zones/zonesOfPlan.ts';
import { proposeUnits } from '@heronstone/core/search/zones/proposeUnits.ts';
import { propose, type Proposal } from '@heronstone/core/search/furniture/propose.ts';
import { unitTypes } from '@heronstone/library/inInches.ts';
import { readPlan, readWhole, unitsOf, UsageError, writeFile } from './files.ts';
import { number } from './number.ts';

interface Io {
  out: (text: string) => void;
}

interface PlaceOptions {
  seed: number;
  seconds: number;
  onlyNew: boolean;
  by?: SortingWay;
  zone?: string;
  station?: string;
  unit?: string;
  out?: string;
}

const json = (value: unknown) => `${JSON.stringify(value, null, 1)}\n`;

/** What a search may take: a seed, and seconds. */
function searching(command: Command, seconds: number): Command {
  return command
    .option('--seed <n>', 'same plan and seed, same result', number(0, 4294967295, true), 1)
    .option('--seconds <s>', 'stop after so many seconds with the best so far', number(0, 3600, false), seconds);
}

function taskOf(plan: Plan, { onlyNew, zone, station, unit }: PlaceOptions): Task {
  if ([onlyNew, zone !== undefined, station !== undefined, unit !== undefined].filter(Boolean).length > 1)
    throw new UsageError('Only one of --only-new, --zone, --station and --unit can be asked for.');
  const zones = zonesOf(sceneOf(plan));
  const meant = zones.find((z) => [z.id, z.letter, z.name].some((w) => w.toLowerCase() === zone?.toLowerCase()));
  if (zone !== undefined && !meant)
    throw new UsageError(
      `There is no zone “${zone}”; there are ${zones.map((z) => `${z.letter} ${z.name}`).join(', ') || 'none'}.`,
    );
  if (station !== undefined && !plan.stations[station])
    throw new UsageError(
      `There is no station “${station}”; there are ${Object.keys(plan.stations).join(', ') || 'none'}.`,
    );
  if (unit !== undefined && !plan.units[unit.split('/')[0]!])
    throw new UsageError(`There is no unit “${unit}”; there are ${Object.keys(plan.units).join(', ') || 'none'}.`);
  if (onlyNew) return { kind: 'new' };
  if (meant) return { kind: 'zone', zone: meant.id };
  if (station !== undefined) return { kind: 'station', station };
  if (unit === undefined) return { kind: 'room' };
  const [id, slot] = unit.split('/');
  return { kind: 'fill', unit: id!, slot: slot ?? null };
}

export function addPlaceCommands(program: Command, io: Io): void {
  searching(program.command('place'), 60)
    .argument('<plan>', 'plan file')
    .description('fill the compartments; locked placements stay')
    .addOption(new Option('--by <way>', 'way of sorting; else the one of the plan').choices(WAYS))
    .option('--only-new', 'what is planned already stays where it is', false)
    .option('--zone <zone>', 'plan only the homes of this zone, by its letter, name or id')
    .option('--station <station>', 'plan only what is used most at this station')
    .option('--unit <unit>', 'only this unit, or unit/slot, is filled with what gains most by it')
    .option('--out <file>', 'write the plan with its placements here (else to standard output)')
    .action((file: string, options: PlaceOptions) => {
      const { plan: read, pictures } = readWhole(file);
      const { by } = options;
      const plan = by === undefined ? read : applyChanges(read, [setMeta(read, { sorting: sortingBy(read, by) })]).plan;
      const task = taskOf(plan, options);
      const until = Date.now() + options.seconds * 1000;
      const solution = solveAll(plan, {
        seed: options.seed,
        ...optionsFor(plan, task),
        stop: () => Date.now() > until,
      });
      const placed = applyChanges(plan, changesTo(plan, solution)).plan;
      if (options.out === undefined) {
        io.out(writePlanFile(placed, pictures));
        return;
      }
      writeFile(options.out, writePlanFile(placed, pictures));
      const { week, order } = evaluate(placed);
      io.out(
        json({
          out: options.out,
          seed: options.seed,
          by: placed.meta.sorting.way,
          ended: solution.ended,
          placed: solution.placements.length,
          unplaced: solution.unplaced,
          week,
          order: order.planned,
        }),
      );
    });

  searching(program.command('curve'), 120)
    .argument('<plan>', 'plan file')
    .description(
      'what order costs: the room filled from quickest to tidiest, minutes a week against what lies together',
    )
    .action((file: string, options: { seed: number; seconds: number }) => {
      const until = Date.now() + options.seconds * 1000;
      const points = toEnd(orderCurve(readPlan(file), { seed: options.seed, stop: () => Date.now() > until }));
      io.out(json(points.map(({ changes: _, placements: __, ...point }) => point)));
    });

  searching(program.command('advise'), 120)
    .argument('<plan>', 'plan file')
    .description('what would help most: one change each, the room filled again, minutes a week compared')
    .action((file: string, options: { seed: number; seconds: number }) => {
      const plan = readPlan(file);
      const until = Date.now() + options.seconds * 1000;
      const run = advise(plan, {
        seed: options.seed,
        types: unitTypes(plan.meta.units),
        stop: () => Date.now() > until,
      });
      let [step, tried, of] = [run.next(), 0, 0];
      while (!step.done) {
        ({ done: tried, of } = step.value);
        step = run.next();
      }
      const ended = Date.now() > until ? 'stopped' : 'all tried';
      io.out(
        json({
          base: evaluate(plan).week.planned.minutes,
          ideas: of,
          tried: ended === 'stopped' ? tried : of,
          ended,
          help: step.value satisfies Help[],
        }),
      );
    });

  searching(program.command('arrange'), 60)
    .argument('<plan>', 'plan file')
    .description('two or three arrangements of the furniture that save walking, each within the clearances')
    .option('--units <ids>', 'comma-separated units that may be moved; else all that are loose')
    .action((file: string, options: { seed: number; seconds: number; units?: string }) => {
      const plan = readPlan(file);
      const units = unitsOf(plan, options.units);
      const until = Date.now() + options.seconds * 1000;
      const run = propose(plan, { seed: options.seed, ...(units ? { units } : {}), stop: () => Date.now() > until });
      let step = run.next();
      while (!step.done) step = run.next();
      io.out(json({ ended: Date.now() > until ? 'stopped' : 'all tried', proposals: step.value satisfies Proposal[] }));
    });

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
            const { elements, returning, reasons, nextBest, nearer } = explain(plan, report, p.id);
            const { compartment, place, count, secondsPerFetch, minutesPerWeek, penalties } = p;
            const figures = { secondsPerFetch, minutesPerWeek, penalties };
            return { compartment, place, count, ...figures, reasons, nextBest, nearer, elements, returning };
          }),
        }),
      );
    });

  program
    .command('zones')
    .argument('<plan>', 'plan file')
    .description('zones and homes: what each zone asks for and has, where each home lies, which places can be named')
    .option('--propose', 'also which furniture each zone could get, in several ways', false)
    .option('--seed <n>', 'same plan and seed, same result', number(0, 4294967295, true), 1)
    .action((file: string, options: { propose: boolean; seed: number }) => {
      const plan = readPlan(file);
      const { zones, homes, names, flows, compartments } = evaluate(plan);
      io.out(
        json({
          zones,
          homes,
          names,
          flows,
          places: compartments
            .filter((c) => c.homeName.planned !== '' || c.given.as !== 'open')
            .map(({ id, name, given, zones: of, homeName, canBeNamed }) => ({
              ...{ id, name, given, zones: of },
              ...{ homes: homeName.planned, canBeNamed: canBeNamed.planned },
            })),
          ...(options.propose ? { proposals: proposeUnits(plan, options.seed) } : {}),
        }),
      );
    });

  program
    .command('compare')
    .argument('<a>', 'plan file')
    .argument('<b>', 'plan file')
    .description(
      'two plans side by side: minutes, getting up, bends, metres, things not placed yet, places that can be named, homes, moves; what both fetch, and what only one does',
    )
    .addOption(new Option('--of <arrangement>', 'which arrangement').choices(['planned', 'today']).default('planned'))
    .action((fileA: string, fileB: string, options: { of: Arrangement }) => {
      if (fileA === '-' && fileB === '-')
        throw new UsageError('Only one of the two plans can come from standard input.');
      const [a, b] = [fileA, fileB].map((file) => {
        const plan = readPlan(file);
        const report = evaluate(plan);
        return { plan, week: report.week[options.of], figures: figuresOf(plan, report, options.of) };
      });
      const name = (side: typeof a) => (id: string) => side!.plan.supplies[id]!.name;
      io.out(
        json({
          of: options.of,
          a: a!.figures,
          b: b!.figures,
          difference: differenceOf(a!.figures, b!.figures),
          common: comparedPlans(a!.week, b!.week, name(a), name(b)),
        }),
      );
    });
}
