/**
 * Setup: what a maker answers on the first evening, made into changes of a plan. The window asks one question after the other
 * and the command line all at once; both call these functions.
 */
import { addTo, keyOf, nameApart, sameIn, stockOf, type Stock } from '@heronstone/core/entry/alreadyOwned.ts';
import { addSupplies, type NewSupply } from '@heronstone/core/entry/addSupplies.ts';
import { craftsOfActivity, usesOfThing } from '@heronstone/core/entry/usedFor.ts';
import { stems } from '@heronstone/core/entry/comparableWords.ts';
import type { ReadLine, SupplyDraft } from '@heronstone/core/entry/line.ts';
import { keepAllInHolders } from '@heronstone/core/entry/keepHolders.ts';
import { linesOf } from '@heronstone/core/entry/list.ts';
import { readLine } from '@heronstone/core/entry/read.ts';
import type { Manner, Wanted } from '@heronstone/core/gestures/wantedSpots.ts';
import { applyChanges, type Change } from '@heronstone/core/model/change.ts';
import { readLength, type UnitSystem } from '@heronstone/core/model/measure.ts';
import { byName, type Plan, type Shape, type Supply } from '@heronstone/core/model/plan.ts';
import type { SaidPiece } from './saidFurniture.ts';
import { unitTypes } from './inInches.ts';
import { KNOWN } from './known.ts';
import type { UnitType } from './type.ts';

/** A size without a unit: feet up to a dozen in a plan in feet, else the plan's own. */
function lengthOf(value: number, unit: string | null, system: UnitSystem): number | null {
  const bare = system === 'imperial' ? (value <= 12 ? 'ft' : 'in') : system === 'metric' && value < 12 ? 'm' : '';
  const read = readLength(`${value} ${unit ?? bare}`.trim(), system, true);
  return read.ok ? read.mm : null;
}

/** The type of the library as it was said: with its size, its cubes or drawers, and its maker's name for it. */
function shapeOf(
  { name, size, cells, tiers }: SaidPiece,
  { shape }: UnitType,
  system: UnitSystem,
  tops: boolean,
): Shape {
  const own: Shape = { ...shape, name, ...(tops || shape.height + shape.bottom > LOW ? {} : { storeDepth: 0 }) };
  if (size) {
    own.width = lengthOf(size.wide, size.unit, system) ?? own.width;
    if (size.deep !== null) own.depth = lengthOf(size.deep, size.unit, system) ?? own.depth;
    own.storeDepth = Math.min(own.storeDepth, own.depth);
  }
  if (cells) {
    const [wide, high] = [(shape.width - shape.board) / shape.columns, shape.tiers[0]! + shape.board];
    own.columns = cells.columns;
    own.tiers = Array.from({ length: cells.rows }, () => shape.tiers[0]!);
    own.width = round(cells.columns * wide + shape.board);
    own.height = round(cells.rows * high + shape.board);
  }
  if (tiers !== null && shape.tiers.length > 0 && shape.kind !== 'cart') {
    const inside = shape.tiers.reduce((sum, t) => sum + t, 0);
    own.tiers = Array.from({ length: Math.min(30, tiers) }, () => Math.floor(inside / tiers));
  }
  return own;
}

/** Up to this height a top is clear unless its owner says that things may stand there, mm. Common practice, no source. */
const LOW = 1100;

const round = (mm: number) => Math.round(mm * 1e4) / 1e4;

function mannerOf(piece: SaidPiece, { group, shape }: UnitType): Manner {
  if (group === 'On the wall and the door' && piece.title !== 'Leaning rack') return 'wall';
  if (group === 'Into a cube opening') return 'insert';
  if (piece.title === 'Under-desk drawers' || piece.title === 'Under-table shelf' || /\bunder\b/i.test(piece.typed))
    return 'under';
  return shape.bottom > 0 ? 'top' : 'floor';
}

/**
 * What a list of furniture asks for: pieces for the room, those that stand elsewhere, and words that nothing is called.
 * @param tops whether things may stand on tables and low units
 */
export function wantedOf(plan: Plan, said: readonly SaidPiece[], tops = false) {
  const system = plan.meta.units;
  const types = new Map(unitTypes(system).map((t) => [t.title, t]));
  const yarn = byName(plan.activities).some((a) =>
    craftsOfActivity(a, KNOWN).some((c) => KNOWN.crafts.byKey(c)?.family === 'yarn'),
  );
  const wanted: Wanted[] = [];
  const elsewhere: Array<{ shape: Shape; place: string }> = [];
  const unknown: SaidPiece[] = [];
  for (const piece of said) {
    const type = piece.title === null ? undefined : types.get(piece.title);
    if (!type) {
      unknown.push(piece);
      continue;
    }
    const shape = shapeOf(piece, type, system, tops);
    for (let n = 0; n < piece.count; n++) {
      if (piece.elsewhere !== null) elsewhere.push({ shape, place: piece.elsewhere });
      else
        wanted.push({
          shape,
          manner: mannerOf(piece, type),
          ...(type.unfolds ? { unfolds: type.unfolds } : {}),
          ...(yarn && piece.title === 'Armchair' ? { sits: true } : {}),
        });
    }
  }
  return { wanted, elsewhere, unknown };
}

/** A piece that was tapped instead of typed. */
export const tapped = (title: string, name: string, count: number): SaidPiece => ({
  ...{ typed: title, title, nearest: [], count, name },
  ...{ size: null, cells: null, tiers: null, elsewhere: null },
});

/** A line of the list of things, as it was read, with what it is for. */
export interface ReadThing {
  line: string;
  read: ReadLine;
  uses: NewSupply['uses'];
}

/**
 * Reads a list of things as the plan's crafts would mean it.
 * @param most how many lines are read at once
 * @returns what was read, and the lines that are left for the next time
 */
export function readThings(
  plan: Pick<Plan, 'activities' | 'meta'>,
  text: string,
  most = Infinity,
): { things: ReadThing[]; later: string[] } {
  if (text.trim() === '') return { things: [], later: [] };
  const crafts = new Set(byName(plan.activities).flatMap((a) => craftsOfActivity(a, KNOWN)));
  const lines = linesOf(text, KNOWN.kinds);
  return { things: lines.slice(0, most).map((line) => readThing(plan, line, crafts)), later: lines.slice(most) };
}

function readThing(plan: Pick<Plan, 'activities' | 'meta'>, line: string, crafts: ReadonlySet<string>): ReadThing {
  const read = readLine(line, plan.meta.units, byName(plan.activities), KNOWN.kinds, crafts);
  const said = read.uses.map((u) => ({
    activity: u.id ? plan.activities[u.id]!.name : u.activity,
    fetches: u.fetches,
  }));
  const uses = said.length > 0 ? said : usesOfThing(plan, { line, kind: read.kind, states: read.states }, KNOWN);
  return { line, read, uses };
}

const isAllSpare = (draft: SupplyDraft): boolean => draft.backstock > 0 && draft.backstock === draft.count;

/** The only thing of the same kind, whose spares these are: "spare lino" of the lino blocks. null where there are several, or none. */
function sparedBy(stock: Stock, draft: SupplyDraft): Supply | null {
  const kind = (name: string) => {
    const found = KNOWN.kinds.find(name);
    return found && `${found.category} ${stems(found.name).at(-1)!}`;
  };
  const own = kind(draft.name);
  if (own === null) return null;
  const words = stems(draft.name);
  const alike = [...stock.values()]
    .flat()
    .filter(
      (s) =>
        s.form === draft.form &&
        s.category === draft.category &&
        (kind(s.name) === own || words.every((w) => stems(s.name).includes(w))) &&
        s.season === draft.season &&
        s.life === draft.life,
    );
  return alike.length === 1 ? alike[0]! : null;
}

/** Changes that add what was read; more of what is there is added to it. @returns the supply that each line became */
export function addThings(
  plan: Plan,
  things: readonly ReadThing[],
  newId: () => string,
): { changes: Change[]; supplies: string[] } {
  const changes: Change[] = [];
  const supplies: string[] = [];
  const stock: Stock = new Map([...stockOf(plan.supplies)].map(([key, list]) => [key, [...list]]));
  const keep = (row: Supply) => {
    const list = stock.get(keyOf(row.name)) ?? [];
    stock.set(keyOf(row.name), [...list.filter((s) => s.id !== row.id), row]);
  };
  let activities = plan;
  const add = (i: number) => {
    const { read, uses } = things[i]!;
    const draft = read.draft!;
    const same = sameIn(stock, draft, read.weighed !== null) ?? (isAllSpare(draft) ? sparedBy(stock, draft) : null);
    const named = { ...draft, name: nameApart(stock, draft, read.weighed, plan.meta.units) };
    const made = same ? addTo(same, draft) : addSupplies(activities, [{ draft: named, uses }], newId);
    changes.push(...made);
    const [first] = made as [Change & { set: Partial<Supply> }];
    keep({ ...(same ?? named), ...first.set, id: first.id } as Supply);
    if (made.some((c) => c.table === 'activities'))
      activities = applyChanges(
        activities,
        made.filter((c) => c.table === 'activities'),
      ).plan;
    supplies[i] = first.id;
  };
  // Spares come last, so that they find what they are spares of.
  const order = things.map((_, i) => i);
  for (const i of order) if (!isAllSpare(things[i]!.read.draft!)) add(i);
  for (const i of order) if (isAllSpare(things[i]!.read.draft!)) add(i);
  // What is kept in jars stands in them from the first plan on.
  const held = things.flatMap(({ read }, i) => (read.holder ? [{ supply: supplies[i]!, held: read.holder }] : []));
  if (held.length > 0) changes.push(...keepAllInHolders(applyChanges(plan, changes).plan, held, newId));
  return { changes, supplies };
}
