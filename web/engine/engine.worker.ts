/** Thin: a replica of the plan that follows the window's, told what changes; questions are about the plan as it was told last. */
import { expose } from 'comlink';
import { nanoid } from 'nanoid';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { figuresOf, type Compared } from '@heronstone/core/report/planVsPlan.ts';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import type { ReportPatch } from '@heronstone/core/report/patch.ts';
import { Replica, type QuickCheck } from '@heronstone/core/report/replica.ts';
import type { PlanDifference } from '@heronstone/core/model/difference.ts';
import { addPieces, copyPiece, type Added } from '@heronstone/core/gestures/addPieces.ts';
import type { Standing } from '@heronstone/core/gestures/newUnit.ts';
import type { Unfolds } from '@heronstone/core/gestures/unfolds.ts';
import { alternativesFor } from '@heronstone/core/ask/alternatives.ts';
import { explain } from '@heronstone/core/ask/explain.ts';
import { homeWhy } from '@heronstone/core/ask/homeWhy.ts';
import { pullTour } from '@heronstone/core/ask/tour.ts';
import { accountOf } from '@heronstone/core/ask/account.ts';
import { finderOf, type Finder } from '@heronstone/core/find/find.ts';
import { containerAdvice, type Advice, type By } from '@heronstone/core/ask/containerAdvice.ts';
import { servedBest, type ServedBest } from '@heronstone/core/ask/servedBest.ts';
import { repacked, type Pack, type Repacked } from '@heronstone/core/ask/repack.ts';
import { roomEverywhere, type Room } from '@heronstone/core/ask/capacity.ts';
import { worksIn, type Working } from '@heronstone/core/cost/atWork.ts';
import type { CsvResult } from '@heronstone/core/formats/csv.ts';
import type { Mapping } from '@heronstone/core/formats/csvTable.ts';
import { drawAbove, drawRound, onPaper } from '@heronstone/core/formats/drawing.ts';
import { writeSvg } from '@heronstone/core/formats/svg.ts';
import { changeOver, type ChangeOver } from '@heronstone/core/changeover/changeOver.ts';
import { goesWith } from '@heronstone/core/find/goesWith.ts';
import { projectRound } from '@heronstone/core/ask/pull.ts';
import { gridPlaces, labelsOf, labelSheet, type LabelOptions } from '@heronstone/core/formats/labels.ts';
import { labelsSvg, strips, type Strip } from '@heronstone/core/formats/labelsSvg.ts';
import { changesTo, solveAll } from '@heronstone/core/search/solve.ts';
import { optionsFor } from '@heronstone/core/search/tasks.ts';
import { reviewOf, type ReviewLine } from '@heronstone/core/upkeep/review.ts';
import { OTHER_WORDS } from '@heronstone/library/otherWords.ts';
import { tryOut, type Effect } from '@heronstone/core/ask/tryOut.ts';
import { applyChanges, type Change } from '@heronstone/core/model/change.ts';
import type { Finding } from '@heronstone/core/model/finding.ts';
import { lookForFixes } from '@heronstone/core/ask/fixes/lookForFixes.ts';
import type { Fix } from '@heronstone/core/ask/fixes/fix.ts';
import type { UnitSystem } from '@heronstone/core/model/measure.ts';
import { byName, type Arrangement, type PullLine, type Plan, type Shape } from '@heronstone/core/model/plan.ts';
import { settledUnits } from '@heronstone/core/room/standing.ts';
import { sceneOf } from '@heronstone/core/scene/scene.ts';
import { balanceOf } from '@heronstone/core/ask/balance.ts';
import { placesByName } from '@heronstone/core/entry/placesByName.ts';
import { purgeOf } from '@heronstone/core/ask/purge.ts';
import { containerTypes } from '@heronstone/library/inInches.ts';
import { KINDS } from '@heronstone/library/usualSizes.ts';

/** Loaded when they are first wanted: writing PDF alone is larger than all the rest. */
const csv = () => import('@heronstone/core/formats/csv.ts');
const dxf = () => import('@heronstone/core/formats/dxf.ts');
const pdf = () => import('@heronstone/core/formats/labelsPdf.ts');
const binder = () => import('@heronstone/core/formats/binder.ts');

const replica = new Replica();
/** Indexes of words, for as long as the plan is the same. */
let finders: Partial<Record<Arrangement, Finder>> = {};
const now = () => replica.now();
const newId = () => nanoid(10);
/** How long a good place for a new piece is looked for; then the best so far is taken, ms. */
const PLACING = 3_000;
const after = (ms: number): (() => boolean) => {
  const end = performance.now() + ms;
  return () => performance.now() > end;
};

const worker = {
  /** Begins with a plan. @returns its whole Report */
  open(plan: Plan): ReportPatch {
    finders = {};
    return replica.open(plan);
  },
  /** Goes on to the plan of which this is the difference. @returns what has changed of the Report */
  apply(difference: PlanDifference): ReportPatch {
    finders = {};
    return replica.apply(difference);
  },
  /** What there is to say about the room of a plan that the engine does not go on to. */
  quickCheck(difference: PlanDifference): QuickCheck {
    return replica.quickCheck(difference);
  },
  /** Pieces of furniture in a plan that may be newer than the one the engine has. */
  addPieces(plan: Plan, shape: Shape, standing: Standing, many: number, unfolds?: Unfolds): Added {
    return addPieces(plan, shape, { standing, many, newId, stop: after(PLACING), unfolds });
  },
  copyPiece(plan: Plan, id: string): Added {
    return copyPiece(plan, id, newId, after(PLACING));
  },
  tryOut(changes: Change[], arrangement: Arrangement): Effect {
    const { plan, report } = now();
    return tryOut(plan, report, changes, arrangement);
  },
  /** Figures of another plan, to be set beside this one. */
  figures(plan: Plan, arrangement: Arrangement): Compared {
    return figuresOf(plan, evaluate(plan), arrangement);
  },
  explain(placement: string) {
    const { plan, report } = now();
    return report.placements[placement] ? explain(plan, report, placement) : null;
  },
  /** Why a home lies where it lies, in sentences. */
  homeWhy(home: string) {
    const { plan, report } = now();
    return homeWhy(plan, report, home);
  },
  alternatives(supply: string, count: number, placement: string | null, arrangement: Arrangement) {
    return alternativesFor(now().plan, supply, count, placement, arrangement);
  },
  /** What could be done about a finding. Other questions are answered between its tries; none, when the plan changes meanwhile. */
  async mends(finding: Finding): Promise<Fix[]> {
    const { plan, report } = now();
    const run = lookForFixes(plan, report.findings, finding, newId);
    for (;;) {
      const step = run.next();
      if (step.done) return step.value;
      await new Promise((resolve) => setTimeout(resolve));
      if (now().plan !== plan) return [];
    }
  },
  find(words: string, arrangement: Arrangement) {
    const { plan, report } = now();
    finders[arrangement] ??= finderOf(plan, report, arrangement, OTHER_WORDS);
    return finders[arrangement].find(words);
  },
  /** A table of supplies; sizes that are not given are taken from the starter lists, places by their names. */
  async readCsv(text: string, system: UnitSystem, mapping: Mapping | undefined, headed: boolean): Promise<CsvResult> {
    const { readSuppliesCsv } = await csv();
    return readSuppliesCsv(text, system, { mapping, headed, kinds: KINDS, places: placesByName(now().plan) });
  },
  /** The moves from today to the plan, in sessions of a number of minutes. */
  changeOver(minutes: number): ChangeOver {
    return changeOver(now().plan, now().report, minutes);
  },
  /** Places for what has none after some changes; the changes, too. */
  placeNew(changes: Change[]): Change[] {
    const plan = applyChanges(now().plan, changes).plan;
    const solution = solveAll(plan, { seed: 1, moves: 30, ...optionsFor(plan, { kind: 'new' }) });
    return [...changes, ...changesTo(plan, solution)];
  },
  review(today: string): ReviewLine[] {
    return reviewOf(now().plan, now().report, today);
  },
  goesWith(supply: string) {
    return goesWith(now().plan, supply);
  },
  projectRound(project: string, states: ReadonlyArray<PullLine['state']>, arrangement: Arrangement) {
    return projectRound(sceneOf(now().plan), project, states, arrangement);
  },
  /** Everything that a session uses, as one round. */
  tour(activity: string, arrangement: Arrangement) {
    return pullTour(sceneOf(now().plan), activity, arrangement);
  },
  account(station: string, compartment: string, person: string) {
    return accountOf(sceneOf(now().plan), station, compartment, person);
  },
  balance() {
    return balanceOf(now().plan);
  },
  purge() {
    return purgeOf(now().plan);
  },
  /** How many of a supply fit in every place, and for a machine where it can work. */
  roomFor(supplyId: string, arrangement: Arrangement): { places: Room[]; working: Record<string, Working> } | null {
    const { plan } = now();
    const supply = plan.supplies[supplyId];
    if (!supply) return null;
    const scene = sceneOf(plan);
    const units = settledUnits(plan);
    const places = roomEverywhere(scene, supply, arrangement);
    const working =
      supply.form === 'machine'
        ? Object.fromEntries(
            scene.compartments
              .filter((c) => c.container === null)
              .map((c) => [c.id, worksIn(plan, supply, units[c.unit]!, c)]),
          )
        : {};
    return { places, working };
  },
  /** Whether an activity wants a station, a cart or a kit. */
  servedBest(activity: string): ServedBest | null {
    const { plan } = now();
    return plan.activities[activity] ? servedBest(plan, activity) : null;
  },
  /** How a supply would be in its places and in the quickest others if it were packed so. */
  repacked(supplyId: string, pack: Pack, arrangement: Arrangement): Repacked | null {
    const { plan } = now();
    const supply = plan.supplies[supplyId];
    return supply ? repacked(plan, supply, pack, arrangement) : null;
  },
  /** The best mixes of containers for what is planned in a place. */
  advice(compartment: string, by: By): Advice | null {
    const { plan, report } = now();
    const c = placeOf(report, compartment);
    if (!c) return null;
    const lines = c.contents.planned.map((id) => {
      const p = plan.placements[id]!;
      return { supply: plan.supplies[p.supply]!, count: p.count };
    });
    const types = [
      ...containerTypes(plan.meta.units).map((t) => t.shape),
      ...byName(plan.boxtypes).map((t) => t.shape),
    ];
    return containerAdvice(lines, c, types, by);
  },
  /** A drawing of the room as a file. */
  async drawing(view: 'above' | 'round', format: 'svg' | 'dxf', scale: number, mode: string, person: string | null) {
    const { plan } = now();
    const drawing = view === 'above' ? drawAbove(plan, mode) : drawRound(plan, person);
    const paper = onPaper(drawing, scale, plan.meta.units);
    return { text: format === 'svg' ? writeSvg(drawing, scale) : (await dxf()).writeDxf(drawing), ...paper };
  },
  labelSheet(arrangement: Arrangement, options: LabelOptions) {
    return labelSheet(now().plan, now().report, arrangement, options);
  },
  async labelsPdf(arrangement: Arrangement, options: LabelOptions): Promise<Uint8Array> {
    const { plan, report } = now();
    const result = labelSheet(plan, report, arrangement, options);
    if (!result.ok) throw new Error(result.message);
    const { labelsPdf } = await pdf();
    return labelsPdf(result.sheet, `${plan.meta.name}: labels`, await fonts());
  },
  /** Outlines of the grid with numbers, to hold against a sheet of labels. */
  async testPage(arrangement: Arrangement, options: LabelOptions): Promise<Uint8Array> {
    const result = labelSheet(now().plan, now().report, arrangement, { ...options, skip: 0, changed: false });
    if (!result.ok) throw new Error(result.message);
    const { testPage } = await pdf();
    return testPage(result.sheet, gridPlaces(options));
  },
  labelsSvg(arrangement: Arrangement, options: LabelOptions, page: number): string {
    const result = labelSheet(now().plan, now().report, arrangement, options);
    if (!result.ok) throw new Error(result.message);
    return labelsSvg(result.sheet, page);
  },
  strips(arrangement: Arrangement, options: LabelOptions): Strip[] {
    const { labelling, address } = options;
    return strips(labelsOf(now().plan, now().report, arrangement, address, labelling), labelling!.strip);
  },
  async doorSheets(arrangement: Arrangement): Promise<Uint8Array> {
    const { doorSheetsPdf } = await import('@heronstone/core/formats/doorSheets.ts');
    return doorSheetsPdf(now().plan, now().report, arrangement, await fonts());
  },
  async binder(arrangement: Arrangement): Promise<Uint8Array> {
    const { binderPdf } = await binder();
    return binderPdf(now().plan, now().report, arrangement, await fonts());
  },
};

const fonts = async () => (await import('./pdfFonts.ts')).fonts();

export type EngineWorker = typeof worker;
expose(worker);
